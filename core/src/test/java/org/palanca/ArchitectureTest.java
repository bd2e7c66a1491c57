package org.palanca;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.Architectures;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

/** The core knows no interface and no clock, and its packages use only those before them. */
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
    static final ArchRule READING_ORDER = Architectures.layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("units")
            .definedBy("org.palanca.units")
            .layer("words")
            .definedBy("org.palanca.words")
            .layer("geometry")
            .definedBy("org.palanca.geometry")
            .layer("solid")
            .definedBy("org.palanca.solid")
            .layer("survey")
            .definedBy("org.palanca.survey..")
            .layer("work")
            .definedBy("org.palanca.work")
            .layer("housing")
            .definedBy("org.palanca.housing")
            .layer("springing")
            .definedBy("org.palanca.springing")
            .layer("vehicle")
            .definedBy("org.palanca.vehicle..")
            .layer("mechanism")
            .definedBy("org.palanca.mechanism..")
            .layer("working")
            .definedBy("org.palanca.working")
            .layer("result")
            .definedBy("org.palanca.result..")
            .layer("travel")
            .definedBy("org.palanca.travel")
            .layer("sweep")
            .definedBy("org.palanca.sweep")
            .layer("steering")
            .definedBy("org.palanca.steering")
            .layer("targets")
            .definedBy("org.palanca.targets")
            .layer("driveline")
            .definedBy("org.palanca.driveline")
            .layer("clearance")
            .definedBy("org.palanca.clearance")
            .layer("limits")
            .definedBy("org.palanca.limits")
            .layer("ride")
            .definedBy("org.palanca.ride")
            .layer("terrain")
            .definedBy("org.palanca.terrain")
            .layer("fit")
            .definedBy("org.palanca.fit")
            .layer("assessment")
            .definedBy("org.palanca.assessment")
            .layer("placing")
            .definedBy("org.palanca.placing")
            .layer("belief")
            .definedBy("org.palanca.belief")
            .layer("shop")
            .definedBy("org.palanca.shop")
            .layer("drawing")
            .definedBy("org.palanca.drawing")
            .layer("instrument")
            .definedBy("org.palanca.instrument")
            .layer("io")
            .definedBy("org.palanca.io..")
            .whereLayer("io")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("instrument")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("drawing")
            .mayOnlyBeAccessedByLayers("io")
            .whereLayer("shop")
            .mayOnlyBeAccessedByLayers("drawing", "io")
            .whereLayer("assessment")
            .mayOnlyBeAccessedByLayers("io")
            .whereLayer("terrain")
            .mayOnlyBeAccessedByLayers("io")
            .whereLayer("ride")
            .mayOnlyBeAccessedByLayers("terrain", "assessment", "io")
            .whereLayer("limits")
            .mayOnlyBeAccessedByLayers("fit", "assessment", "io")
            .whereLayer("clearance")
            .mayOnlyBeAccessedByLayers("limits", "fit", "assessment", "drawing", "io")
            .whereLayer("driveline")
            .mayOnlyBeAccessedByLayers("clearance", "limits", "fit", "assessment", "drawing", "io")
            .whereLayer("placing")
            .mayOnlyBeAccessedByLayers("assessment", "io")
            .whereLayer("fit")
            .mayOnlyBeAccessedByLayers("assessment", "io")
            .whereLayer("targets")
            .mayOnlyBeAccessedByLayers("assessment", "placing", "shop", "drawing", "io")
            .whereLayer("steering")
            .mayOnlyBeAccessedByLayers("targets", "assessment", "shop", "drawing", "io")
            .whereLayer("sweep")
            .mayOnlyBeAccessedByLayers("steering", "targets", "shop", "drawing", "io")
            .whereLayer("travel")
            .mayOnlyBeAccessedByLayers(
                    "steering", "driveline", "clearance", "limits", "ride", "fit", "assessment", "io")
            .whereLayer("result")
            .mayOnlyBeAccessedByLayers(
                    "travel",
                    "assessment",
                    "sweep",
                    "steering",
                    "targets",
                    "driveline",
                    "clearance",
                    "limits",
                    "ride",
                    "terrain",
                    "fit",
                    "placing",
                    "belief",
                    "shop",
                    "drawing",
                    "io")
            .whereLayer("mechanism")
            .mayOnlyBeAccessedByLayers("result")
            .whereLayer("work")
            .mayOnlyBeAccessedByLayers("housing", "vehicle", "placing", "io")
            .whereLayer("housing")
            .mayOnlyBeAccessedByLayers("vehicle", "clearance", "fit", "io")
            .whereLayer("survey")
            .mayOnlyBeAccessedByLayers("vehicle", "clearance", "limits", "fit", "assessment", "placing", "io");

    @ArchTest
    static final ArchRule NO_RINGS =
            SlicesRuleDefinition.slices().matching("org.palanca.(*)..").should().beFreeOfCycles();
}
