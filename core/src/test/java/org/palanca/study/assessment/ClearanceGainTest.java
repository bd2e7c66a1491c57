package org.palanca.study.assessment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.ClearanceStudy;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** The demo's front coilover comes near its tyre where one wheel hangs: what is offered gives room, and spoils nothing unsaid. */
class RoomGainTest {
    private final Vehicle tarn = Examples.tarn();

    private static List<ClearanceStudy.Tight> tight(Vehicle vehicle) {
        AxleModel model = new AxleModel(vehicle, AxlePlace.FRONT);
        return ClearanceStudy.tooTight(new Clearances(model), new TravelEnvelope(model));
    }

    @Test
    void whatIsOfferedGivesThePairRoomAndSpoilsNothingUnsaid() {
        ClearanceStudy.Tight worst = tight(tarn).get(0);
        assertThat(Examples.WORDS.text(worst.one().name())).contains("left tyre");
        List<ClearanceGain> gains = ClearanceGain.of(tarn, AxlePlace.FRONT, worst, () -> true);
        assertThat(gains).isNotEmpty();
        Assessment before = Assessment.of(tarn);
        for (ClearanceGain gain : gains) {
            double room = tight(gain.after()).stream()
                    .filter(one -> one.names().equals(worst.names()))
                    .mapToDouble(ClearanceStudy.Tight::room)
                    .min()
                    .orElse(worst.wanted());
            assertThat(room).isGreaterThan(worst.room());
            assertThat(gain.room()).isCloseTo(room, within(1e-3));
            Assessment after = Assessment.of(gain.after());
            assertThat(after.badness()).isLessThan(before.badness());
            assertThat(gain.worse())
                    .extracting(Fault::id)
                    .containsAll(after.worseThan(before).stream().map(Fault::id).toList());
            assertThat(Examples.WORDS.text(gain.said())).containsAnyOf("between them", "the clearance that is wanted");
        }
    }

    @Test
    void aSearchThatIsCalledOffFindsNothing() {
        assertThat(ClearanceGain.of(tarn, AxlePlace.FRONT, tight(tarn).get(0), () -> false))
                .isEmpty();
    }
}
