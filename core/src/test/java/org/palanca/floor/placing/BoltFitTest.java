package org.palanca.floor.placing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkHardware;
import org.palanca.vehicle.MountReadings;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.PlacingLimits;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.hardware.Hand;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkMake;
import org.palanca.vehicle.hardware.TapedTube;
import org.palanca.vehicle.survey.Reading;

/** The demo's rear lower left link, its frame mount found farther along the link than planned, read without error. */
class BoltFitTest {
    private static final String LINK = "lower left";

    private final Vehicle tarn = Examples.vehicle("tarn-4.palanca.json");
    private final Adjustment marks = Adjustment.of(tarn.build().survey());

    /**
     * The only fit there is.
     *
     * @param longer by how much its pins are farther apart as built [m]
     */
    private BoltFit fit(double longer, UnaryOperator<LinkMake> made) {
        Axle rear = tarn.axle(AxlePlace.REAR).orElseThrow();
        Link link = rear.link(LINK).orElseThrow();
        MountRef mount = new MountRef(AxlePlace.REAR, link.from());
        Vector3D planned = rear.position(link.from(), tarn.wheelbase());
        Vector3D away =
                planned.subtract(rear.position(link.to(), tarn.wheelbase())).normalize();
        Vector3D there = planned.add(longer, away);
        List<Reading> found = new ArrayList<>();
        for (Reading reading : PlacingSheet.of(tarn, marks, mount, PlacingLimits.COMMON)
                .orElseThrow()
                .readings()) {
            Vector3D from = reading.kind().between() ? marks.place(reading.from()) : there;
            found.add(reading.withValues(List.of(reading.kind().value(0, from, there))));
        }
        Vehicle built = tarn.withAxle(rear.withLinkage(rear.linkage()
                        .mapLinks(one -> one.name().equals(LINK) ? one.withMake(made.apply(one.make())) : one)))
                .withBuild(tarn.build().with(new MountReadings(mount, found)));
        List<BoltFit> all = BoltFit.of(built, AxlePlace.REAR);
        assertThat(all).as("no other link was read").hasSize(1);
        assertThat(all.get(0).built())
                .isCloseTo(Vector3D.distance(there, rear.position(link.to(), tarn.wheelbase())), within(1e-4));
        return all.get(0);
    }

    private static LinkEnd eared(LinkEnd end) {
        return end.withEars(Optional.of(new Ears(inches(0.875), inches(0.25), inches(0.625), inches(0.6875))));
    }

    /** Both ends 3/4-16, set in the middle of what keeps the rule, in holes 1/16 in larger than their bolts. */
    private static LinkMake good(LinkMake make) {
        return make.withFrom(Optional.of(eared(LinkHardware.STARTER.end(true))))
                .withTo(Optional.of(eared(LinkHardware.STARTER.end(false))));
    }

    /** By hand: a bolt of 5/8 in stands off the middle of an 11/16 in hole by 1/32 in at most, two of them by 1/16 in. */
    @Test
    void whatTheHolesTakeUpSlidesIn() {
        BoltFit fit = fit(inches(0.05), BoltFitTest::good);
        assertThat(fit.play()).isCloseTo(inches(0.0625), within(1e-9));
        assertThat(fit.verdict()).isEqualTo(BoltFit.Verdict.FREE);
        assertThat(Examples.WORDS.text(fit.said()))
                .contains("They slide in", "Not read back, taken as planned: lower axle left.");
    }

    /** By hand: 1/2 in longer by two threads of 16 an inch is four turns; each joint goes out 1/4 in of the 11/16 in it may. */
    @Test
    void whatTheThreadsTakeUpIsTurned() {
        BoltFit fit = fit(inches(0.5), BoltFitTest::good);
        assertThat(fit.verdict()).isEqualTo(BoltFit.Verdict.TURN);
        assertThat(fit.turns().orElseThrow()).isCloseTo(4, within(0.05));
        assertThat(Examples.WORDS.text(fit.said())).contains("turns longer");
        assertThat(Examples.WORDS.text(fit(inches(-0.5), BoltFitTest::good).said()))
                .contains("turns shorter");
        assertThat(fit(inches(0.5), make -> make).verdict())
                .as("the demo's own joints may go out by 1/8 in only")
                .isEqualTo(BoltFit.Verdict.FORCED);
        assertThat(fit(inches(-0.5), make -> make).verdict()).isEqualTo(BoltFit.Verdict.TURN);
    }

    /** Two sleeves have no thread: 1/2 in is forced. So is a link with one hand at both ends, which no turn makes longer. */
    @Test
    void whatNothingTakesUpIsForced() {
        LinkEnd sleeve = eared(LinkEnd.of(LinkEnd.Kind.BUSHING).withReach(OptionalDouble.of(inches(1.25))));
        BoltFit fit =
                fit(inches(0.5), make -> make.withFrom(Optional.of(sleeve)).withTo(Optional.of(sleeve)));
        assertThat(fit.verdict()).isEqualTo(BoltFit.Verdict.FORCED);
        assertThat(fit.turns()).isEmpty();
        assertThat(Examples.WORDS.text(fit.said())).contains("forced by 0.4");
        assertThat(fit(
                                inches(0.5),
                                make -> good(make)
                                        .withTo(Optional.of(eared(
                                                LinkHardware.STARTER.end(true).ofHand(Hand.RIGHT)))))
                        .verdict())
                .isEqualTo(BoltFit.Verdict.FORCED);
    }

    /** A tenth of an inch beyond the play is less than twice what the demo's tape can tell there: the bolt has to be tried. */
    @Test
    void whatTheTapeCanNotTellIsNotJudged() {
        BoltFit near = fit(inches(0.07), BoltFitTest::good);
        assertThat(near.off() - near.play()).isLessThan(2 * near.deviation());
        assertThat(near.verdict()).isEqualTo(BoltFit.Verdict.UNSURE);
        assertThat(Examples.WORDS.text(near.said())).contains("Try the bolt");
    }

    /** A tube cut as taped, 1/2 in longer than computed, is the link that fits pins 1/2 in farther apart. */
    @Test
    void theTubeThatWasDecidedForIsTheLink() {
        Axle rear = tarn.axle(AxlePlace.REAR).orElseThrow();
        Link link = rear.link(LINK).orElseThrow();
        double computed = LinkCut.of(tarn, rear, link.withMake(good(link.make())))
                .computed()
                .orElseThrow();
        TapedTube taped =
                new TapedTube(computed + inches(0.5), Optional.of(new TapedTube.Decision(true, "the pipe fits")));
        Vector3D planned = rear.position(link.from(), tarn.wheelbase());
        double pins = Vector3D.distance(planned, rear.position(link.to(), tarn.wheelbase()));
        BoltFit fit = fit(inches(0.5), make -> good(make).withTaped(Optional.of(taped)));
        assertThat(fit.made()).isCloseTo(pins + inches(0.5), within(1e-9));
        assertThat(fit.verdict()).isEqualTo(BoltFit.Verdict.FREE);
    }
}
