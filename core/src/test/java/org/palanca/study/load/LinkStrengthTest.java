package org.palanca.study.load;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.floor.cutting.EndCut;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.study.assessment.Assessment;
import org.palanca.study.assessment.Fault;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkHardware;
import org.palanca.vehicle.LoadFactors;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.hardware.Hand;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkTube;

/** What a link bears, by hand in pounds and inches. */
class LinkStrengthTest {
    private static final double PSI = 6894.757;
    private static final double LBF = 4.448222;

    private final Vehicle tarn = Examples.tarn();

    /** The demo's lower link with another tube, pushed and pulled so much [lbf]. */
    private LinkStrength strength(LinkTube tube, double pushed, double pulled) {
        Axle rear = tarn.axle(AxlePlace.REAR).orElseThrow();
        LinkEnd end = LinkHardware.STARTER
                .end(true)
                .ofHand(Hand.RIGHT)
                .withEars(Optional.of(new Ears(inches(2.625), inches(0.25), inches(0.625), inches(0.6406))));
        Link link = rear.link("lower left").orElseThrow();
        LinkCut cut = LinkCut.of(
                tarn,
                rear,
                link.withMake(link.make().withTube(Optional.of(tube)).withFrom(Optional.of(end))));
        return new LinkStrength(
                cut,
                new LinkLoad("lower left", pushed * LBF, LoadCase.BRAKE, pulled * LBF, LoadCase.BUMP),
                LoadFactors.COMMON);
    }

    /**
     * By hand, 42.0424 in from pin to pin. 2 x 0.250 of 70 ksi: A 1.3744 in2, I 0.5369 in4, r 0.625 in, L/r 67.27. E is 205 GPa,
     * 29.73 Msi; sqrt(2 pi2 E/S) is 91.6, so Johnson: 70 (1 - 70000 x 67.27^2 / (4 pi2 x 29.73e6)) = 51.1 ksi, 70.2 kip.
     */
    @Test
    void aStockyLinkFoldsByJohnson() {
        LinkTube tube = new LinkTube(inches(2), inches(0.25), "DOM", OptionalDouble.of(70e3 * PSI));
        LinkStrength strength = strength(tube, 7000, 3000);
        assertThat(strength.stocky()).isTrue();
        assertThat(strength.folds() / LBF).isCloseTo(70_225, withinPercentage(0.3));
        assertThat(strength.againstFolding()).isCloseTo(10.03, withinPercentage(0.3));
        // The tube yields at 1.3744 x 70 = 96.2 kip: 13.7 times 7000.
        assertThat(strength.againstYield().orElseThrow()).isCloseTo(13.74, withinPercentage(0.2));
        assertThat(strength.faults()).isEmpty();
    }

    /** By hand: 1 x 0.120 has I 0.03271 in4: pi2 x 29.73e6 x 0.03271 / 42.0424^2 is 5430 lbf, whatever it is made of. */
    @Test
    void aSlenderLinkFoldsByEuler() {
        LinkTube tube = new LinkTube(inches(1), inches(0.12), "", OptionalDouble.of(70e3 * PSI));
        LinkStrength strength = strength(tube, 4000, 500);
        assertThat(strength.stocky()).isFalse();
        assertThat(strength.folds() / LBF).isCloseTo(5430, withinPercentage(0.3));
        assertThat(strength.faults().stream().map(Examples.WORDS::text))
                .containsExactly(
                        "Pushed 4000 lbf by braking it folds at 1.4 times that; 2.0 are wanted. Take more diameter, or a "
                                + "shorter link.");
        // Without its yield Euler's is still more than it can ever bear.
        assertThat(strength(new LinkTube(inches(1), inches(0.12), ""), 4000, 500)
                        .faults())
                .hasSize(1);
        assertThat(strength(new LinkTube(inches(2), inches(0.25), ""), 4000, 500).told().stream()
                        .map(Examples.WORDS::text))
                .anyMatch(said -> said.contains("can’t be told until the tube’s yield is typed"));
    }

    /**
     * By hand: 3/4-16 set with 1 3/16 in showing holds 1.8125 of its 1 1/2 in insert ... all that the shank has left, at most the
     * insert: 1.5 in. Pitch diameter 0.75 - 0.6495/16 = 0.7094 in; half its cylinder is 1.671 in2: 5000 lbf are 2992 psi. A 5/8
     * bolt in two planes has 0.6136 in2: 8149 psi.
     */
    @Test
    void threadsAndBoltsAreSheared() {
        LinkTube tube = new LinkTube(inches(2), inches(0.25), "");
        LinkStrength strength = strength(tube, 5000, 1000);
        EndCut from = strength.cut().from();
        double engaged = from.set().orElseThrow().engaged();
        assertThat(strength.threadShear(from).orElseThrow() / PSI)
                .isCloseTo(5000 / (Math.PI * 0.70941 * engaged / 0.0254 / 2), withinPercentage(0.1));
        assertThat(strength.boltShear(from).orElseThrow() / PSI).isCloseTo(8149, withinPercentage(0.1));
        assertThat(strength.boltShear(strength.cut().to())).isEmpty();
    }

    /** A tube too thin for what it is asked is told where the job is judged, and the demo's own tubes are not. */
    @Test
    void aWeakLinkHoldsTheCutList() {
        assertThat(about(tarn)).noneMatch(said -> said.contains("folds at"));
        Axle rear = tarn.axle(AxlePlace.REAR).orElseThrow();
        LinkTube thin = new LinkTube(inches(0.75), inches(0.065), "");
        List<Link> links = rear.links().stream()
                .map(link -> link.withMake(link.make().withTube(Optional.of(thin))))
                .toList();
        Vehicle weak = tarn.withAxle(rear.withLinkage(rear.linkage().withLinks(links)));
        assertThat(about(weak)).anyMatch(said -> said.contains("lower left. Pushed") && said.contains("it folds at"));
        // Asked for less it is enough.
        Vehicle eased = weak.withBuild(weak.build().withLoads(new LoadFactors(0.01, 0.01, 0.01, 0.01, 0.01, 1)));
        assertThat(about(eased)).noneMatch(said -> said.contains("folds at"));
    }

    private static List<String> about(Vehicle vehicle) {
        return Assessment.of(vehicle).faults().stream()
                .filter(fault -> fault.step() == Fault.Job.CUTLIST)
                .map(fault -> Examples.WORDS.text(fault.said()))
                .toList();
    }

    @Test
    void whatNothingPushesNeverFolds() {
        LinkStrength idle = strength(new LinkTube(inches(2), inches(0.25), ""), 0, 0);
        assertThat(idle.againstFolding()).isInfinite();
        assertThat(idle.againstYield()).isEmpty();
        assertThat(idle.faults()).isEmpty();
        assertThat(idle.load().most()).isCloseTo(0, within(1e-12));
    }
}
