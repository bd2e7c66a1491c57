package org.palanca.study.terrain;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;

/** What is said of a vehicle on its ground: its leans by name, the load that moves, wheels that lift, and what tips. */
class RestWordsTest {
    private static List<String> said(StandingVehicle vehicle, Ground ground) {
        return EquilibriumWords.of(vehicle, vehicle.rest(ground)).stream()
                .map(Examples.WORDS::text)
                .toList();
    }

    private static StandingVehicle standing(String file) {
        return StandingVehicle.of(Examples.vehicle(file)).orElseThrow();
    }

    @Test
    void leansAndLoadsAreToldByTheirSides() {
        StandingVehicle tarn = standing("tarn-4.palanca.json");
        assertThat(said(tarn, Ground.LEVEL)).hasSize(2).noneMatch(text -> text.contains("F h / L"));
        // Nose uphill it squats behind; with the left side uphill it leans to the right, and the right wheels carry
        // more.
        List<String> slope =
                said(tarn, Ground.LEVEL.withClimb(Math.toRadians(15)).withAcross(Math.toRadians(10)));
        assertThat(slope)
                .anyMatch(text -> text.contains("nose up and leans") && text.contains("to the right"))
                .anyMatch(text -> text.contains("F h / L"));
        assertThat(said(tarn, Ground.LEVEL.withClimb(-Math.toRadians(15))))
                .anyMatch(text -> text.contains("nose down"));
    }

    /** sin 15 of 5247 lb is 1358 lbf; over the wheelbase of 106 in and from 29 1/2 in up it moves 378 lbf: by hand. */
    @Test
    void theLoadThatMovesIsTheHandsSum() {
        StandingVehicle tarn = standing("tarn-4.palanca.json");
        assertThat(said(tarn, Ground.LEVEL.withClimb(Math.toRadians(15))))
                .anyMatch(text -> text.contains("by holding 1358 lbf is F h / L = 378 lbf, whatever the links"));
    }

    @Test
    void aWheelOffTheGroundIsNamedAndNothingHoldsOnAWall() {
        StandingVehicle tarn = standing("tarn-4.palanca.json");
        assertThat(said(tarn, Ground.LEVEL.withRock(0, 0.35).withRock(3, 0.35)))
                .anyMatch(text -> text.matches("The (front|rear) (left|right) wheel is off the ground."));
        assertThat(EquilibriumWords.of(tarn, Optional.empty()))
                .singleElement()
                .satisfies(message -> assertThat(Examples.WORDS.text(message)).startsWith("No pose holds here"));
    }

    @Test
    void axlesWithoutSpringsSaySo() {
        assertThat(said(standing("gorse.palanca.json"), Ground.LEVEL))
                .filteredOn(text -> text.contains("ordinary ones of 1.4 Hz stand in"))
                .isNotEmpty();
    }

    @Test
    void eachWayOfTippingIsToldWithTheBlocks() {
        StandingVehicle tarn = standing("tarn-4.palanca.json");
        for (TipStudy.Way way : TipStudy.Way.values()) {
            TipStudy tip = TipStudy.of(tarn, Ground.LEVEL, way);
            String block = String.format("A block would tip at %.1f°.", Math.toDegrees(tip.block()));
            assertThat(Examples.WORDS.text(EquilibriumWords.tip(tip)))
                    .as("%s", way)
                    .contains(String.format("it tips at %.1f°", Math.toDegrees(tip.angle())))
                    .endsWith(block);
        }
    }
}
