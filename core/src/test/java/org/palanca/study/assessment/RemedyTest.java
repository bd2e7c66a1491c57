package org.palanca.study.assessment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Scorecard;
import org.palanca.result.targets.Targets;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Vehicle;

/** The demo vehicle's flaw is believable: one number far over its band at droop, cured by moving one pair of mounts. */
class RemedyTest {
    @Test
    void theDemosFlawIsAntiSquatAtDroopAndOneMountCuresIt() {
        Vehicle tarn = Examples.tarn();
        Scorecard card = Scorecard.of(new AxleModel(tarn, AxlePlace.REAR));
        Scorecard.Mark worst = card.worst().orElseThrow();
        assertThat(worst.result().id()).isEqualTo("anti_squat");
        assertThat(worst.travel().left())
                .isEqualTo(-tarn.axle(AxlePlace.REAR).orElseThrow().travel().droop());
        assertThat(worst.value()).isGreaterThan(120);
        assertThat(Scorecard.of(new AxleModel(tarn, AxlePlace.FRONT)).worst()).isEmpty();

        Remedy remedy =
                Remedy.find(tarn, AxlePlace.REAR, "anti_squat", () -> true).orElseThrow();
        assertThat(remedy.cures()).isTrue();
        assertThat(remedy.mount().mount()).isEqualTo("upper frame left");
        // What it promises is what the moved vehicle really does.
        Scorecard after = Scorecard.of(new AxleModel(remedy.after(), AxlePlace.REAR));
        assertThat(after.worst()).isEmpty();
        assertThat(after.mark("anti_squat").orElseThrow().value())
                .isEqualTo(remedy.mark().value());
    }

    /** The search tells how far it is, never back, from the beginning to near its end. */
    @Test
    void howFarTheSearchIsIsTold() {
        List<Double> told = new ArrayList<>();
        Vehicle lighter = Examples.tarn().withName("another, so that nothing is known of it");
        assertThat(Remedy.find(lighter, AxlePlace.REAR, "anti_squat", () -> true, told::add))
                .isPresent();
        assertThat(told).isSorted().hasSizeGreaterThan(5);
        assertThat(told.get(0)).isZero();
        assertThat(told.get(told.size() - 1)).isBetween(0.4, 1.0);
    }

    @Test
    void aSearchThatIsCalledOffFindsNothing() {
        assertThat(Remedy.find(Examples.tarn(), AxlePlace.REAR, "anti_squat", () -> false))
                .isEmpty();
    }

    @Test
    void ownBandsReplaceTheUsesAndVerdictsGiveTheDistance() {
        Vehicle tarn = Examples.tarn();
        AxleModel model = new AxleModel(tarn, AxlePlace.REAR);
        var antiSquat = model.result("anti_squat");
        TargetBand trail = Targets.band(tarn, model.axle(), antiSquat).orElseThrow();
        // 75 to 100 %: one trail school. Common practice, no source, and it says so.
        assertThat(trail.low()).isEqualTo(75);
        assertThat(trail.high()).isEqualTo(100);
        assertThat(trail.basis()).isEqualTo(Targets.COMMON_PRACTICE);
        assertThat(trail.verdict(70)).isEqualTo(TargetBand.Verdict.LOW);
        assertThat(trail.distance(70)).isEqualTo(-5);
        assertThat(trail.distance(129)).isEqualTo(29);
        assertThat(trail.verdict(100)).isEqualTo(TargetBand.Verdict.IN_BAND);
        TargetBand own = new TargetBand(10, 20, TargetBand.Scope.RIDE, "ours");
        Vehicle changed = tarn.withTarget("rear.anti_squat", Optional.of(own));
        assertThat(Targets.band(changed, model.axle(), antiSquat)).contains(own);
        assertThat(Targets.band(changed.withTarget("rear.anti_squat", Optional.empty()), model.axle(), antiSquat))
                .contains(trail);
    }
}
