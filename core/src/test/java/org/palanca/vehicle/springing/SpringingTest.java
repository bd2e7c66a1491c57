package org.palanca.vehicle.springing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.palanca.base.units.UnitStyle;

/** Springs against sums worked by hand, and air against the ideal gas law. */
class SpringingTest {
    private static double lbfPerInch(double rate) {
        return rate * UnitStyle.POUND_FORCE / inches(1);
    }

    private static double lbf(double force) {
        return force * UnitStyle.POUND_FORCE;
    }

    /** 150 over 250 lbf/in: 1/k = 1/150 + 1/250, k = 93.75; trade figures, common practice, no source. */
    private static final Coils PAIR = new Coils(
            List.of(
                    new Coil(lbfPerInch(150), inches(12), inches(4), OptionalDouble.of(inches(3))),
                    new Coil(lbfPerInch(250), inches(14), inches(5), OptionalDouble.empty())),
            0);

    @Test
    void twoCoilsInSeriesAreSofterThanEither() {
        assertThat(PAIR.rate(inches(1))).isCloseTo(lbfPerInch(93.75), within(1e-6));
        assertThat(PAIR.force(inches(2))).isCloseTo(lbf(187.5), within(1e-6));
    }

    /** The upper stops after 3 in: at 450 lbf, when the lower has gone 450/250 = 1.8 in. From 4.8 in the lower goes alone. */
    @Test
    void fromTheCrossoverTheLowerCoilGoesAlone() {
        assertThat(PAIR.force(inches(4.8))).isCloseTo(lbf(450), within(1e-6));
        assertThat(PAIR.rate(inches(4.9))).isCloseTo(lbfPerInch(250), within(1e-6));
        assertThat(PAIR.force(inches(5.8))).isCloseTo(lbf(700), within(1e-6));
        assertThat(PAIR.squeezedBy(lbf(700))).isCloseTo(inches(5.8), within(1e-9));
    }

    /** The lower binds after 14 - 5 = 9 in: 2250 lbf, 12 in of the pair. */
    @Test
    void theLastCoilBindsWhereItsWiresTouch() {
        assertThat(PAIR.room()).isCloseTo(inches(12), within(1e-9));
        assertThat(PAIR.force(inches(12))).isCloseTo(lbf(2250), within(1e-6));
        assertThat(PAIR.rate(inches(12.01))).isEqualTo(Coils.SOLID_RATE);
    }

    /** Three at 100, 200 and 400: 1/k = 0.01 + 0.005 + 0.0025, k = 57.14; they stop at 100, 300 and 800 lbf. */
    @Test
    void threeCoilsDropOutOneByOne() {
        Coils three = new Coils(
                List.of(
                        new Coil(lbfPerInch(400), inches(6), inches(4), OptionalDouble.empty()),
                        new Coil(lbfPerInch(100), inches(6), inches(3), OptionalDouble.of(inches(1))),
                        new Coil(lbfPerInch(200), inches(6), inches(4), OptionalDouble.of(inches(1.5)))),
                0);
        assertThat(three.pieces()).hasSize(3);
        double[] rates = {1 / 0.0175, 1 / 0.0075, 400};
        double[] lengths = {1 + 0.5 + 0.25, 200 / 200.0 + 200 / 400.0, 500 / 400.0};
        for (int i = 0; i < 3; i++) {
            assertThat(three.pieces().get(i).rate()).isCloseTo(lbfPerInch(rates[i]), within(1e-6));
            assertThat(three.pieces().get(i).length()).isCloseTo(inches(lengths[i]), within(1e-9));
        }
    }

    @Test
    void preloadPushesAtOnceAndALooseSpringNotAtAll() {
        assertThat(PAIR.withPreload(inches(1)).force(0)).isCloseTo(lbf(93.75), within(1e-6));
        assertThat(PAIR.withPreload(inches(-1)).force(inches(0.9))).isZero();
        assertThat(PAIR.withPreload(inches(-1)).force(inches(2))).isCloseTo(lbf(93.75), within(1e-6));
    }

    /** Energy is the area under the force, and rate its slope: for coils, air, stops and straps alike. */
    @Test
    void energyForceAndRateBelongTogether() {
        Air air = new Air(0.05, 0.4, 4e5, 1.3);
        BumpStop stop = new BumpStop("stop", "a", "b", inches(3), inches(1), List.of(200.0, 900.0, 4000.0));
        Strap strap = new Strap("strap", "a", "b", 0.5);
        double h = 1e-6;
        for (double in = 0.011; in < 0.28; in += 0.0173) {
            assertThat((PAIR.energy(in + h) - PAIR.energy(in - h)) / (2 * h)).isCloseTo(PAIR.force(in), within(0.05));
            assertThat((air.energy(in + h) - air.energy(in - h)) / (2 * h)).isCloseTo(air.force(in), within(0.05));
            assertThat((air.force(in + h) - air.force(in - h)) / (2 * h)).isCloseTo(air.rate(in), within(1.0));
            double apart = 0.08 - in / 5;
            assertThat(-(stop.energy(apart + h) - stop.energy(apart - h)) / (2 * h))
                    .isCloseTo(stop.force(apart), within(1.0));
            double pulled = 0.35 + in;
            assertThat((strap.energy(pulled + h) - strap.energy(pulled - h)) / (2 * h))
                    .isCloseTo(strap.pull(pulled), within(1.0));
        }
    }

    /** Boyle: with n = 1 half the column has twice the absolute pressure, whatever the gas. */
    @Test
    void slowAirKeepsTheIdealGasLaw() {
        Air air = new Air(0.06, 0.5, 3e5, 1);
        double absolute = 3e5 + Air.ATMOSPHERE;
        assertThat(air.pressure(0.25)).isCloseTo(2 * absolute - Air.ATMOSPHERE, within(1e-6));
        assertThat(air.force(0.25)).isCloseTo((2 * absolute - Air.ATMOSPHERE) * Math.PI * 0.0009, within(1e-6));
        // p V / T = constant with n = 1.4: T rises by the column's ratio to the power 0.4.
        Air fast = new Air(0.06, 0.5, 3e5, 1.4);
        double temperature = (fast.pressure(0.25) + Air.ATMOSPHERE) * 0.25 / (absolute * 0.5);
        assertThat(temperature).isCloseTo(Math.pow(2, 0.4), within(1e-9));
    }

    @Test
    void aStopIsMetAtItsFreeHeightAndSolidAtItsCollapsed() {
        BumpStop stop = new BumpStop("stop", "a", "b", inches(3), inches(1), List.of(200.0, 900.0, 4000.0));
        assertThat(stop.force(inches(3))).isZero();
        assertThat(stop.force(inches(3) - inches(2) / 3)).isCloseTo(200, within(1e-6));
        assertThat(stop.force(inches(1))).isCloseTo(4000, within(1e-6));
        assertThat(stop.force(inches(0.9))).isGreaterThan(4000 + 1000);
    }

    /** A solid bar of 30 mm, 1 m: G pi D^4 / 32 L = 79.3e9 x 7.952e-8 = 6306 N m/rad, by hand. */
    @Test
    void aRoundBarTwistsByThePolarMoment() {
        assertThat(SwayBar.roundBar(0.030, 0, 1)).isCloseTo(6306, within(1.0));
    }
}
