package org.palanca.floor.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.palanca.Examples;
import org.palanca.vehicle.hardware.BarBend;
import org.palanca.vehicle.hardware.BarPath;
import org.palanca.vehicle.hardware.LinkTube;

/** A bent bar's stress against closed forms, a published table, and a general integrator. */
class BentBarTest {
    private static final LinkTube TUBE = new LinkTube(0.05, 0.006, "", OptionalDouble.of(400e6));
    private static final double AREA = Math.PI / 4 * (0.05 * 0.05 - 0.038 * 0.038);
    private static final double MODULUS = Math.PI / 32 * (Math.pow(0.05, 4) - Math.pow(0.038, 4)) / 0.05;

    private static BentBar bar(LinkTube tube, double radius, OptionalDouble force) {
        return new BentBar(BarPath.of(1, List.of(new BarBend(0.5, 0.1, radius))), tube, force);
    }

    /** A wide bend's inner side bears as a straight bar's skin does: F/A + F e/Z. */
    @Test
    void aWideBendIsTheStraightBarsClosedForm() {
        BentBar wide = bar(TUBE, 2, OptionalDouble.of(10_000));
        double byHand = 10_000 / AREA + 10_000 * wide.offset() / MODULUS;
        assertThat(wide.pulled().getAsDouble()).isCloseTo(byHand, within(0.012 * byHand));
        assertThat(wide.times()).isCloseTo(1 + AREA * wide.offset() / MODULUS, within(0.012 * wide.times()));
    }

    /**
     * Stress factors of curved bars of round section, inner side: Wilson and Quereau 1927, as handbooks print them (from memory); within
     * 2 1/2 %.
     */
    @ParameterizedTest
    @CsvSource({
        "1.2, 3.41",
        "1.4, 2.40",
        "1.6, 1.96",
        "1.8, 1.75",
        "2, 1.62",
        "3, 1.33",
        "4, 1.23",
        "6, 1.14",
        "10, 1.08"
    })
    void theInnerSideOfASolidBarIsAsTabled(double radiusByHalf, double factor) {
        LinkTube solid = new LinkTube(0.04, 0.02, "");
        assertThat(bar(solid, radiusByHalf * 0.02, OptionalDouble.empty()).innerSide(radiusByHalf * 0.02))
                .isCloseTo(factor, within(0.025 * factor));
    }

    /** The section cut in strips by an integrator that knows nothing of discs: neutral radius A by the integral of dA/r. */
    @Test
    void theInnerSideOfATubeIsAsIntegrated() {
        double radius = 0.12;
        IterativeLegendreGaussIntegrator strips = new IterativeLegendreGaussIntegrator(30, 1e-9, 1e-12);
        // By the angle round the section, so that no strip ends with a steep side.
        double outer = strips.integrate(
                100_000,
                a -> 2 * 0.025 * 0.025 * Math.sin(a) * Math.sin(a) / (radius - 0.025 * Math.cos(a)),
                0,
                Math.PI);
        double inner = strips.integrate(
                100_000,
                a -> 2 * 0.019 * 0.019 * Math.sin(a) * Math.sin(a) / (radius - 0.019 * Math.cos(a)),
                0,
                Math.PI);
        double neutral = AREA / (outer - inner);
        double nearest = radius - 0.025;
        double byHand = (neutral - nearest) / (AREA * (radius - neutral) * nearest) * MODULUS;
        assertThat(bar(TUBE, radius, OptionalDouble.empty()).innerSide(radius)).isCloseTo(byHand, within(1e-6));
    }

    /** Euler's load of a pinned bar, pi^2 E I / L^2; at half of it the bow is doubled, at all of it nothing holds. */
    @Test
    void aPushBowsItOut() {
        double euler = Math.PI * Math.PI * 205e9 * MODULUS * 0.025;
        assertThat(bar(TUBE, 0.2, OptionalDouble.empty()).buckling()).isCloseTo(euler, within(1e-6 * euler));
        BentBar half = bar(TUBE, 0.2, OptionalDouble.of(euler / 2));
        double axial = euler / 2 / AREA;
        double bending = half.pulled().getAsDouble() - axial;
        assertThat(half.pushed().getAsDouble()).isCloseTo(axial + 2 * bending, within(1e-6 * bending));
        BentBar all = bar(TUBE, 0.2, OptionalDouble.of(euler));
        assertThat(all.pushed().getAsDouble()).isInfinite();
        assertThat(all.fault().map(Examples.WORDS::text).orElseThrow()).contains("it folds");
    }

    /** What is not known is not judged; past its yield it is a fault, with the stress it has. */
    @Test
    void onlyWhatIsKnownIsJudged() {
        assertThat(bar(TUBE, 0.2, OptionalDouble.empty()).safety()).isEmpty();
        assertThat(bar(TUBE.withYield(OptionalDouble.empty()), 0.2, OptionalDouble.of(5e4))
                        .safety())
                .isEmpty();
        BentBar holds = bar(TUBE, 0.2, OptionalDouble.of(10_000));
        assertThat(holds.fault()).isEmpty();
        assertThat(holds.safety().getAsDouble() * holds.pushed().getAsDouble()).isCloseTo(400e6, within(1.0));
        assertThat(bar(TUBE, 0.2, OptionalDouble.of(60_000))
                        .fault()
                        .map(Examples.WORDS::text)
                        .orElseThrow())
                .contains("past its yield of 58.0 ksi", "13489 lbf");
    }
}
