package org.palanca.study.misconception;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.mechanism.solve.Mobility;
import org.palanca.mechanism.solve.Solution;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** What is said against a common belief must be so on the vehicle it is said of. */
class BeliefTest {
    private final Vehicle tarn = Examples.tarn();

    private String about(AxlePlace place, String result) {
        return Examples.WORDS.text(Misconception.about(tarn, place, result).orElseThrow());
    }

    /** Links with balls store nothing: in roll all members of the four-link stay as they were, wide or narrow. */
    @Test
    void wideUppersMoveTheRollCentreAndResistNoRoll() {
        assertThat(about(AxlePlace.REAR, "roll_centre_height")).contains("4 in farther apart", "no roll stiffness");
        AxleModel model = new AxleModel(tarn, AxlePlace.REAR);
        assertThat(model.moveTo(0.05, -0.05)).isTrue();
        Mobility freedoms = ((Solution.Closed) model.solution()).freedoms();
        assertThat(freedoms.free()).isEqualTo(2);
        assertThat(model.strains()).isEmpty();
    }

    @Test
    void theSameSeparationGivesTwoAntiSquats() {
        String said = about(AxlePlace.REAR, "anti_squat");
        assertThat(said).contains("1 in more separation", "%");
        // Uppers up, lowers down, and as it is now: three numbers, the first two by the same separation.
        List<Integer> percents = Pattern.compile("(-?\\d+) %")
                .matcher(said)
                .results()
                .map(match -> Integer.valueOf(match.group(1)))
                .toList();
        assertThat(percents).hasSize(3);
        assertThat(percents.get(0)).isNotEqualTo(percents.get(1));
        AxleModel model = new AxleModel(tarn, AxlePlace.REAR);
        double now = model.outcome(model.result("anti_squat")).number();
        assertThat(percents.get(2)).isEqualTo((int) Math.round(now));
    }

    @Test
    void aShorterUpperTurnsTheAxleAlikeBothWays() {
        assertThat(about(AxlePlace.FRONT, "caster")).contains("shorter", "bump", "droop");
        assertThat(Misconception.about(tarn, AxlePlace.REAR, "side_shift")).isEmpty();
        assertThat(Misconception.about(Examples.vehicle("plover.palanca.json"), AxlePlace.FRONT, "roll_centre_height"))
                .isEmpty();
    }
}
