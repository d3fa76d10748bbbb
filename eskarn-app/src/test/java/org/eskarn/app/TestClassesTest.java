package org.eskarn.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption.OnlyIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.springframework.stereotype.Component;

@AnalyzeClasses(packages = "org.eskarn.app", importOptions = OnlyIncludeTests.class)
class TestClassesTest {

    /** What a test adds to one server must not reach the servers of the others by the application's scan. */
    @ArchTest
    static final ArchRule noneIsFoundByTheScan = noClasses().should().beMetaAnnotatedWith(Component.class);
}
