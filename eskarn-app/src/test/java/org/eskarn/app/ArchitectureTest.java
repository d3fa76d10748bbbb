package org.eskarn.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noFields;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.stereotype.Controller;

@AnalyzeClasses(packages = "org.eskarn", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule theCoreNeedsNothingButJava = classes()
            .that()
            .resideInAPackage("org.eskarn.core..")
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage("org.eskarn.core..", "java..", "org.jspecify..", "org.hipparchus..");

    /** The tables that ship with the core are all that it reads. */
    @ArchTest
    static final ArchRule theCoreHasNoClockAndNoChanceOfItsOwn = noClasses()
            .that()
            .resideInAPackage("org.eskarn.core..")
            .and()
            .doNotHaveFullyQualifiedName("org.eskarn.core.fit.DataFile")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.time..", "java.sql..", "java.io..", "java.nio..", "java.net..")
            .orShould()
            .callMethod(Math.class, "random");

    @ArchTest
    static final ArchRule packagesDoNotGoInCircles =
            slices().matching("org.eskarn.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule placesDoNotGoInCircles =
            slices().matching("org.eskarn.app.(*)..").should().beFreeOfCycles();

    /** Inside a package neither: a class with what it encloses counts as one. */
    @ArchTest
    static final ArchRule classesDoNotGoInCircles =
            slices().assignedFrom(outermostClasses()).should().beFreeOfCycles();

    /** The rooms of a docket stand on its record; of each other they know the work alone, and corrections know it. */
    @ArchTest
    static final ArchRule theRoomsOfADocketStandOnItsRecord = noClasses()
            .that()
            .resideInAPackage("org.eskarn.app.docket")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.eskarn.app.docket.*..", "org.eskarn.app.trust..");

    @ArchTest
    static final ArchRule theLedgerSignsTheRecordAlone = noClasses()
            .that()
            .resideInAPackage("org.eskarn.app.ledger..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.eskarn.app.docket.*..");

    /** What is asked knows nothing of how it is computed, and what came of it knows neither. */
    @ArchTest
    static final ArchRule whatIsAskedDoesNotComputeItself = noClasses()
            .that()
            .resideInAnyPackage("org.eskarn.core.requirement", "org.eskarn.core.result")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.eskarn.core.evaluation");

    @ArchTest
    static final ArchRule aPlaceReachesAnotherOnlyThroughItsService = classes()
            .that()
            .areAnnotatedWith(Mapper.class)
            .or()
            .areAnnotatedWith(Controller.class)
            .should(beUsedInItsOwnPlaceOnly());

    @ArchTest
    static final ArchRule aRowOfATableStaysInItsPlace = classes()
            .that()
            .areTopLevelClasses()
            .and()
            .haveSimpleNameEndingWith("Row")
            .should(beUsedInItsOwnPlaceOnly());

    @ArchTest
    static final ArchRule nothingSharedChanges = noFields()
            .that()
            .areDeclaredInClassesThat()
            .resideInAPackage("org.eskarn..")
            .and()
            .areStatic()
            .should()
            .notHaveModifier(JavaModifier.FINAL);

    @ArchTest
    static final ArchRule theDemoIsKnownToNobody =
            noClasses().that().resideOutsideOfPackage("..demo..").should().dependOnClassesThat(inDemo());

    private static DescribedPredicate<JavaClass> inDemo() {
        return JavaClass.Predicates.resideInAPackage("org.eskarn.app.demo..");
    }

    private static ArchCondition<JavaClass> beUsedInItsOwnPlaceOnly() {
        return new ArchCondition<>("be used in its own place only") {
            @Override
            public void check(JavaClass type, ConditionEvents events) {
                type.getDirectDependenciesToSelf().stream()
                        .filter(use -> !place(use.getOriginClass()).equals(place(type)))
                        .forEach(use -> events.add(SimpleConditionEvent.violated(type, use.getDescription())));
            }
        };
    }

    /** The package under {@code app}; its rooms belong to it. */
    private static String place(JavaClass type) {
        String[] names = type.getPackageName().split("\\.");
        return names.length > 3 ? names[3] : "";
    }

    private static SliceAssignment outermostClasses() {
        return new SliceAssignment() {
            @Override
            public SliceIdentifier getIdentifierOf(JavaClass type) {
                String name = type.getBaseComponentType().getName();
                return name.startsWith("org.eskarn.")
                        ? SliceIdentifier.of(name.replaceAll("\\$.*", ""))
                        : SliceIdentifier.ignore();
            }

            @Override
            public String getDescription() {
                return "outermost classes";
            }
        };
    }
}
