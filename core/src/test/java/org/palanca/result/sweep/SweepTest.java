package org.palanca.result.sweep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.StringWriter;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.io.csv.SweepCsv;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Targets;
import org.palanca.vehicle.AxlePlace;

class SweepTest {
    private final AxleModel model = new AxleModel(Examples.tarn(), AxlePlace.REAR);

    @Test
    void aSweepGivesWhatEachPoseGivesAlone() {
        Sweep sweep = Sweep.run(model, TravelPath.roll(model.axle(), 11));
        for (int pose = 0; pose < sweep.poses(); pose++) {
            AxleModel alone = new AxleModel(model.vehicle(), AxlePlace.REAR);
            assertThat(alone.moveTo(sweep.path().at(pose))).isTrue();
            for (int i = 0; i < sweep.results().size(); i++) {
                double expected = alone.outcome(alone.results().get(i)).number();
                assertThat(sweep.value(pose, i))
                        .as(sweep.results().get(i).id())
                        .isCloseTo(expected, within(1e-8 * Math.max(1, Math.abs(expected))));
            }
        }
    }

    @Test
    void theWorstPoseIsTheOneFarthestOutOfTheBand() {
        Sweep sweep = Sweep.run(model, TravelPath.heave(model.axle(), 25));
        int antiSquat = sweep.results().indexOf(model.result("anti_squat"));
        Optional<Integer> worst =
                sweep.worst(antiSquat, Targets.band(model.vehicle(), model.axle(), model.result("anti_squat")));
        assertThat(worst).contains(0);
    }

    @Test
    void csvHasUnitsInItsHeadAndEveryPose() throws Exception {
        Sweep sweep = Sweep.run(model, TravelPath.heave(model.axle(), 5));
        StringWriter out = new StringWriter();
        SweepCsv.write(sweep, out);
        try (var parsed =
                CSVFormat.RFC4180.builder().setHeader().get().parse(new java.io.StringReader(out.toString()))) {
            var records = parsed.getRecords();
            assertThat(records).hasSize(5);
            assertThat(parsed.getHeaderNames())
                    .contains("anti_squat_percent", "roll_centre_height_mm", "pinion_angle_deg");
            assertThat(Double.parseDouble(records.get(4).get("left_travel_mm"))).isCloseTo(139.7, within(1e-9));
        }
    }

    @Test
    void rollIsTheSlopeBetweenTheWheelCentres() {
        WheelTravel pose = WheelTravel.both(0.03).plusRoll(Math.toRadians(8), 1.6);
        assertThat(Math.toDegrees(pose.roll(1.6))).isCloseTo(8, within(1e-9));
        assertThat(pose.heave()).isCloseTo(0.03, within(1e-12));
        assertThat(model.moveTo(pose)).isTrue();
    }
}
