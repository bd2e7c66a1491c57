package org.palanca;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.Architectures;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

/** The core knows no interface and no clock; its rooms use only those before them, and no two packages one another. */
@AnalyzeClasses(packages = "org.palanca", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule NO_INTERFACE_CODE = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..", "javax.swing..", "java.awt..")
            .because("the core is used without any screen");

    @ArchTest
    static final ArchRule NO_CLOCK = noClasses()
            .should()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(java.time.LocalDate.class, "now")
            .orShould()
            .callMethod(java.time.Instant.class, "now")
            .because("what a sheet says must be given to it");

    @ArchTest
    static final ArchRule EVERY_CLASS_HAS_A_ROOM = classes()
            .should()
            .resideInAnyPackage(
                    "org.palanca",
                    "org.palanca.base..",
                    "org.palanca.vehicle..",
                    "org.palanca.mechanism..",
                    "org.palanca.result..",
                    "org.palanca.floor..",
                    "org.palanca.study..",
                    "org.palanca.drawing..",
                    "org.palanca.io..")
            .because("a newcomer holds eight rooms in the head, not thirty");

    @ArchTest
    static final ArchRule READING_ORDER = Architectures.layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("base")
            .definedBy("org.palanca.base..")
            .layer("vehicle")
            .definedBy("org.palanca.vehicle..")
            .layer("mechanism")
            .definedBy("org.palanca.mechanism..")
            .layer("result")
            .definedBy("org.palanca.result..")
            .layer("floor")
            .definedBy("org.palanca.floor..")
            .layer("study")
            .definedBy("org.palanca.study..")
            .layer("drawing")
            .definedBy("org.palanca.drawing..")
            .layer("io")
            .definedBy("org.palanca.io..")
            .whereLayer("io")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("drawing")
            .mayOnlyBeAccessedByLayers("io")
            .whereLayer("study")
            .mayOnlyBeAccessedByLayers("drawing", "io")
            .whereLayer("floor")
            .mayOnlyBeAccessedByLayers("study", "drawing", "io")
            .whereLayer("result")
            .mayOnlyBeAccessedByLayers("floor", "study", "drawing", "io")
            .whereLayer("mechanism")
            .mayOnlyBeAccessedByLayers("result", "floor", "study", "drawing", "io")
            .whereLayer("vehicle")
            .mayOnlyBeAccessedByLayers("mechanism", "result", "floor", "study", "drawing", "io");

    @ArchTest
    static final ArchRule SOLVER_KNOWS_NO_VEHICLE = noClasses()
            .that()
            .resideInAnyPackage("org.palanca.mechanism", "org.palanca.mechanism.solve")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.palanca.vehicle..",
                    "org.palanca.base.units..",
                    "org.palanca.base.words..",
                    "org.palanca.base.solid..")
            .because("bodies, members and drivers are data, whatever they were made from; geometry alone is spoken");

    @ArchTest
    static final ArchRule SOLIDS_STAND_ALONE = noClasses()
            .that()
            .resideInAPackage("org.palanca.base.solid")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.palanca.base.units", "org.palanca.base.words", "org.palanca.base.geometry");

    @ArchTest
    static final ArchRule A_VEHICLE_IS_DATA = noClasses()
            .that()
            .resideInAPackage("org.palanca.vehicle")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.palanca.vehicle.check..", "org.palanca.vehicle.edit..", "org.palanca.vehicle.layout..");

    /** Full packages: a ring between a package and its own children counts as well. */
    @ArchTest
    static final ArchRule NO_RINGS =
            SlicesRuleDefinition.slices().matching("org.palanca.(**)").should().beFreeOfCycles();
}
