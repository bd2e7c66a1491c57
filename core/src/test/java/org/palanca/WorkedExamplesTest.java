package org.palanca;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Result;
import org.palanca.result.ResultWords;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.StarterVehicle;

/**
 * What is written of every type says what the program says: the worked examples in the documentation, and the table of
 * types in the front page. To write them anew after a change that was meant, run with {@code -Dpalanca.write=true}.
 */
class WorkedExamplesTest {
    private static final Path EXAMPLES = Path.of("../docs/worked-examples.md");
    private static final Path FRONT_PAGE = Path.of("../README.md");
    private static final List<String> TOLD = List.of(
            "anti_squat",
            "roll_centre_height",
            "roll_steer",
            "pinion_angle",
            "side_shift",
            "camber.left",
            "toe.left",
            "track_change",
            "bushing_push");

    private static Vehicle vehicle(SuspensionType type) {
        StarterSteering steering =
                type.independent() && StarterSteering.RACK.suits(type) ? StarterSteering.RACK : StarterSteering.NONE;
        return new StarterVehicle(
                        "worked",
                        Use.TRAIL,
                        2.6924,
                        0.8382,
                        Optional.of(new StarterLayout(type, steering)),
                        StarterLayout.of(type))
                .build();
    }

    private static String page() {
        List<String> lines = new ArrayList<>();
        lines.add("# A worked example of every type");
        lines.add("");
        lines.add(
                "The starting point of each type at the rear of a vehicle with a 106 in wheelbase and 33 in tyres, as");
        lines.add(
                "`./palanca start FILE --rear TYPE` writes it: every number here is the program's own, and a test keeps");
        lines.add(
                "them so. They are where a build starts, not advice. Twist is left wheel at full bump, right at full");
        lines.add("droop.");
        for (SuspensionType type : SuspensionType.values()) {
            lines.add("");
            lines.add("## " + Examples.WORDS.text("type." + type.id()));
            lines.add("");
            Vehicle vehicle = vehicle(type);
            AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
            double up = model.axle().travel().bump();
            double down = -model.axle().travel().droop();
            List<Result> told = model.results().stream()
                    .filter(result -> TOLD.contains(result.id()))
                    .toList();
            lines.add("| | ride | full bump | full droop | twist |");
            lines.add("|---|---|---|---|---|");
            WheelTravel[] poses = {
                WheelTravel.RIDE, WheelTravel.both(up), WheelTravel.both(down), new WheelTravel(up, down)
            };
            for (Result result : told) {
                StringBuilder line = new StringBuilder("| " + ResultWords.name(result, Examples.WORDS));
                for (WheelTravel pose : poses) {
                    model.toRide();
                    assertThat(model.moveTo(pose)).isTrue();
                    String text = ResultWords.value(result, model.outcome(result), Examples.WORDS)
                            .joined();
                    line.append(" | ").append(text);
                }
                lines.add(line + " |");
            }
            model.toRide();
            model.moveTo(up, down);
            model.bindNote().ifPresent(note -> {
                lines.add("");
                lines.add(Examples.WORDS.text(note));
            });
        }
        return String.join("\n", lines) + "\n";
    }

    @Test
    void theWorkedExamplesAreTheProgramsOwn() throws IOException {
        String page = page();
        if (Boolean.getBoolean("palanca.write")) {
            Files.writeString(EXAMPLES, page);
        }
        assertThat(Files.readString(EXAMPLES)).isEqualTo(page);
    }

    @Test
    void theFrontPageListsEveryTypeWithItsPraiseAndBlame() throws IOException {
        String page = Files.readString(FRONT_PAGE);
        for (SuspensionType type : SuspensionType.values()) {
            String key = "type." + type.id();
            assertThat(page)
                    .contains("| " + Examples.WORDS.text(key) + " | " + Examples.WORDS.text(key + ".liked") + " | "
                            + Examples.WORDS.text(key + ".blamed") + " |");
        }
    }
}
