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
            slices().matching("org.eskarn.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule corePackagesDoNotGoInCircles =
            slices().matching("org.eskarn.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule aPlaceReachesAnotherOnlyThroughItsService = classes()
            .that()
            .areAnnotatedWith(Mapper.class)
            .or()
            .areAnnotatedWith(Controller.class)
            .should(beUsedInItsOwnPackageOnly());

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

    private static ArchCondition<JavaClass> beUsedInItsOwnPackageOnly() {
        return new ArchCondition<>("be used in its own package only") {
            @Override
            public void check(JavaClass type, ConditionEvents events) {
                type.getDirectDependenciesToSelf().stream()
                        .filter(use -> !use.getOriginClass().getPackageName().equals(type.getPackageName()))
                        .forEach(use -> events.add(SimpleConditionEvent.violated(type, use.getDescription())));
            }
        };
    }
}
