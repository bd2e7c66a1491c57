package org.palanca.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

/** The window arranges; each step is a unit of its own. */
@AnalyzeClasses(packages = "org.palanca.desktop", importOptions = ImportOption.DoNotIncludeTests.class)
class DesktopArchitectureTest {
    @ArchTest
    static final ArchRule NO_RINGS = SlicesRuleDefinition.slices()
            .matching("org.palanca.desktop.(**)")
            .should()
            .beFreeOfCycles();

    @ArchTest
    static final ArchRule NO_STEP_USES_ANOTHER = SlicesRuleDefinition.slices()
            .matching("org.palanca.desktop.step.(*)..")
            .should()
            .notDependOnEachOther();

    @ArchTest
    static final ArchRule ONLY_THE_WINDOW_NAMES_STEPS = noClasses()
            .that()
            .resideOutsideOfPackages("org.palanca.desktop.app", "org.palanca.desktop.step..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.palanca.desktop.step..")
            .because("a step is put into the window, nothing else knows it");

    @ArchTest
    static final ArchRule WORK_IS_NOT_DONE_ON_THREADS_OF_ONES_OWN = noClasses()
            .that()
            .resideInAPackage("org.palanca.desktop.step..")
            .should()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.util.concurrent.Executors")
            .because("a task beside the window has an end, a failure that is told and a cancel");
}
