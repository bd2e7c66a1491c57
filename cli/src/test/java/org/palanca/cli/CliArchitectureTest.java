package org.palanca.cli;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

/** Commands ask, printers write; neither knows any screen. */
@AnalyzeClasses(packages = "org.palanca.cli", importOptions = ImportOption.DoNotIncludeTests.class)
class CliArchitectureTest {
    @ArchTest
    static final ArchRule NO_RINGS = SlicesRuleDefinition.slices()
            .matching("org.palanca.cli.(**)")
            .should()
            .beFreeOfCycles();

    @ArchTest
    static final ArchRule PRINTERS_KNOW_NO_COMMAND = noClasses()
            .that()
            .resideInAPackage("org.palanca.cli.print")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.palanca.cli", "org.palanca.cli.command");

    @ArchTest
    static final ArchRule NO_SCREEN = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..", "javax.swing..", "java.awt..", "org.palanca.desktop..");
}
