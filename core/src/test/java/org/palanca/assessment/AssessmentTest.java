package org.palanca.assessment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.palanca.units.Lengths.inches;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.housing.HousingSize;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Vehicle;

/** The summary of all steps: nothing that a step finds is left out, and a fault is known again after a change. */
class AssessmentTest {
    private final Vehicle tarn = Examples.tarn();

    private Vehicle track(double off) {
        Build build = tarn.build();
        double track = tarn.axle(AxlePlace.REAR).orElseThrow().track() + off;
        return tarn.withBuild(build.with(
                AxlePlace.REAR,
                build.housing(AxlePlace.REAR).with(HousingSize.TRACK, OptionalDouble.of(track))));
    }

    @Test
    void aDoubtfulTapeKeepsTheSummaryFromBeingGood() {
        Assessment found = Assessment.of(tarn);
        assertThat(found.looked()).contains(Fault.Job.MEASURE, Fault.Job.HOUSING, Fault.Job.CYCLE);
        assertThat(found.first().orElseThrow().step()).isEqualTo(Fault.Job.MEASURE);
        assertThat(found.first().orElseThrow().axle()).isEmpty();
        assertThat(found.of(Fault.Job.HOUSING)).isEmpty();
    }

    @Test
    void aHousingOfAnotherTrackIsAFaultAndTheSameOneWhateverTheAmount() {
        Assessment little = Assessment.of(track(inches(1)));
        Assessment much = Assessment.of(track(inches(2)));
        assertThat(little.of(Fault.Job.HOUSING)).isNotEmpty();
        assertThat(little.worseThan(Assessment.of(tarn))).anyMatch(fault -> fault.step() == Fault.Job.HOUSING);
        assertThat(much.worseThan(little)).noneMatch(fault -> fault.step() == Fault.Job.HOUSING);
    }
}
