package org.palanca.desktop.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.base.units.Lengths;
import org.palanca.desktop.Sample;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.HoleMoves;
import org.palanca.vehicle.edit.MountMoves;

/** What the steer and compare steps show, without a window. */
class StudiesTest {
    private final Vehicle plover = Sample.example("plover.palanca.json");
    private final Vehicle marram = Sample.example("marram.palanca.json");

    @Test
    void theToeCurveIsThatOfTheModel() {
        SteerStudy study = SteerStudy.of(plover, AxlePlace.FRONT, new WheelTravel(0.02, 0.02, 0.5));
        AxleModel model = new AxleModel(plover, AxlePlace.FRONT);
        for (int i = 0; i < study.travel().length; i += 8) {
            assertThat(model.moveTo(study.travel()[i], study.travel()[i])).isTrue();
            double toe = model.outcome(model.result("toe.left")).number();
            assertThat(study.toeLeft()[i]).isCloseTo(toe, within(1e-9));
            assertThat(study.toeRight()[i]).isCloseTo(study.toeLeft()[i], within(1e-9));
        }
        assertThat(study.circle()).isPresent();
        assertThat(study.card().pose().steer()).isEqualTo(0.5);
        assertThat(study.dragLink()).isEmpty();
        Curve ackermann = study.ackermannCurve(Sample.WORDS).get(0);
        assertThat(ackermann.x()).isSorted();
        assertThat(ackermann.y()).hasSameSizeAs(ackermann.x());
    }

    /** One link too many: what it is said of is why, and not a toe that was never worked out. */
    @Test
    void anAxleThatDoesNotGoThroughItsTravelTellsWhyAndNoToe() {
        Axle front = plover.axle(AxlePlace.FRONT).orElseThrow();
        List<Link> links = new ArrayList<>(front.links());
        links.add(new Link("brace left", LinkRole.UPPER, "lower front pivot left", "upper ball left"));
        Vehicle blocked = plover.withAxle(front.withLinkage(front.linkage().withLinks(links)));
        assertThat(Sample.WORDS.text(SteerStudy.of(blocked, AxlePlace.FRONT, WheelTravel.RIDE)
                        .trouble()
                        .orElseThrow()))
                .contains("brace left");
        assertThat(SteerStudy.of(plover, AxlePlace.FRONT, WheelTravel.RIDE).trouble())
                .isEmpty();
    }

    @Test
    void aDragLinkIsHeldAgainstThePanhard() {
        SteerStudy study = SteerStudy.of(marram, AxlePlace.FRONT, WheelTravel.RIDE);
        SteerStudy.DragLink drag = study.dragLink().orElseThrow();
        assertThat(Math.abs(Math.toDegrees(drag.slopeGap()))).isLessThan(1);
        assertThat(drag.lengthGap()).isGreaterThan(Lengths.inches(4));
        SteerStudy rear = SteerStudy.of(marram, AxlePlace.REAR, WheelTravel.RIDE);
        assertThat(rear.sweep()).isEmpty();
        assertThat(rear.largestToeChange()).isCloseTo(0, within(1e-9));
    }

    @Test
    void schemesStandBesideThePlanAgainstTheSameBands() {
        Comparison comparison = Comparison.ofSchemes(marram, AxlePlace.FRONT, new WheelTravel(0.08, -0.08));
        assertThat(comparison.columns()).hasSize(2);
        Comparison.Column arms = comparison.columns().get(0);
        Comparison.Column links = comparison.columns().get(1);
        assertThat(arms.name()).isEmpty();
        assertThat(links.name()).isEqualTo("three links in front");
        double pushed = arms.outcomes().get("bushing_push").number();
        assertThat(pushed).as("radius arms bind in roll").isGreaterThan(Lengths.inches(0.1));
        assertThat(links.outcomes()).as("three links do not").doesNotContainKey("bushing_push");
        assertThat(comparison.rows()).anyMatch(result -> result.id().equals("bushing_push"));
        assertThat(comparison.rows()).noneMatch(result -> result.id().startsWith("link_length."));
        assertThat(Comparison.ofSchemes(marram, AxlePlace.FRONT, WheelTravel.both(3))
                        .columns())
                .allMatch(Comparison.Column::trouble);
    }

    @Test
    void holesAreComparedEachWithItsOwnNumbers() {
        MountRef ref = new MountRef(AxlePlace.FRONT, "tie rod inner left");
        Vehicle kept = HoleMoves.keep(plover, ref, "low hole");
        var from = kept.axle(AxlePlace.FRONT).orElseThrow().position(ref.mount(), kept.wheelbase());
        Vehicle raised = MountMoves.moveTo(kept, ref, from.add(new Vector3D(0, 0, 0.027)));
        List<MountRef> holed = Comparison.holed(raised.axle(AxlePlace.FRONT).orElseThrow());
        assertThat(holed).containsExactly(ref);
        Comparison holes = Comparison.ofHoles(raised, ref, WheelTravel.RIDE);
        double now = holes.columns().get(0).outcomes().get("bump_steer.left").number();
        double low = holes.columns().get(1).outcomes().get("bump_steer.left").number();
        assertThat(Math.abs(low)).isGreaterThan(5 * Math.abs(now));
        assertThat(holes.columns().get(1).out())
                .isGreaterThan(holes.columns().get(0).out());
    }
}
