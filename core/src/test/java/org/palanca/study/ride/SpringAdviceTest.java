package org.palanca.study.ride;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.palanca.Examples;
import org.palanca.Sprung;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.UnitStyle;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.ShockLayout;
import org.palanca.vehicle.edit.SpringingMoves;
import org.palanca.vehicle.springing.Coil;
import org.palanca.vehicle.springing.Coils;
import org.palanca.vehicle.springing.ShockCatalogue;
import org.palanca.vehicle.springing.ShockSize;
import org.palanca.vehicle.springing.Springing;
import org.palanca.vehicle.springing.TorsionBar;

/** Springs advised for a weight and a frequency: they carry the one and swing at the other, whatever way they hang. */
class SpringAdviceTest {
    private static final double RATE = UnitStyle.POUND_FORCE / Lengths.INCH;

    private static Vehicle hung(ShockLayout layout) {
        return SpringingMoves.addShocks(
                Examples.vehicle("sedge.palanca.json"),
                AxlePlace.REAR,
                ShockCatalogue.generic().get(3),
                layout);
    }

    /** Rates are sold 25 lbf/in apart, so the frequency is met as near as such steps allow. */
    @ParameterizedTest
    @EnumSource(value = ShockLayout.class, names = "SHOCK", mode = EnumSource.Mode.EXCLUDE)
    void everyLayoutGetsSpringsThatCarryItsWeight(ShockLayout layout) {
        for (double frequency : new double[] {1.3, 1.8}) {
            Vehicle fitted =
                    SpringAdvice.fitted(hung(layout), AxlePlace.REAR, frequency).orElseThrow();
            RideStudy study = RideStudy.of(fitted, AxlePlace.REAR);
            assertThat(study.ride().left()).as("load").isCloseTo(study.wanted(1), within(1.0));
            assertThat(study.ride().right()).as("load").isCloseTo(study.wanted(-1), within(1.0));
            assertThat(study.frequency()).as("%s", layout).isCloseTo(frequency, within(0.2));
        }
    }

    /** A mass m at a frequency f wants k = m (2 pi f)^2 of the wheel and, levered by a motion ratio r, k / r^2 of the spring. */
    @ParameterizedTest
    @CsvSource({"300, 1.2, 1", "450, 1.5, 0.7", "250, 2, 0.85", "600, 1, 0.95"})
    void onePairIsTheFormulaRoundedToWhatIsSold(double mass, double frequency, double ratio) {
        ShockSize size = ShockCatalogue.generic().get(3);
        double ride = (size.collapsed() + size.extended()) / 2;
        double wanted = mass * Math.pow(2 * Math.PI * frequency, 2) / (ratio * ratio);
        for (boolean pair : new boolean[] {false, true}) {
            SpringAdvice advice = SpringAdvice.of(new SpringAdvice.Wish(mass, frequency, ratio, ride, pair), size);
            assertThat(advice.coils().coils()).hasSize(pair ? 2 : 1);
            assertThat(advice.rate()).isCloseTo(wanted, within(25 * RATE));
            for (Coil coil : advice.coils().coils()) {
                double steps = coil.rate() / (25 * RATE);
                assertThat(steps).isCloseTo(Math.rint(steps), within(1e-9));
                double inches = coil.free() / Lengths.INCH;
                assertThat(inches).isCloseTo(Math.rint(inches), within(1e-9));
            }
            double force = advice.coils().force(size.extended() - ride);
            assertThat(force).isCloseTo(mass * RideStudy.GRAVITY / ratio, within(1e-6 * force));
        }
    }

    @Test
    void whatCantBeSprungIsLeftAsItIs() {
        Vehicle coilovers = hung(ShockLayout.COILOVER);
        assertThat(SpringAdvice.fitted(coilovers, AxlePlace.REAR, 0)).isEmpty();
        assertThat(SpringAdvice.fitted(coilovers, AxlePlace.REAR, Double.NaN)).isEmpty();
        assertThat(SpringAdvice.fitted(Examples.vehicle("sedge.palanca.json"), AxlePlace.REAR, 1.4))
                .isEmpty();
        ShockSize size = ShockCatalogue.generic().get(3);
        assertThatThrownBy(() -> SpringAdvice.of(new SpringAdvice.Wish(0, 1.4, 1, 0.5, true), size))
                .isInstanceOf(IllegalArgumentException.class);
        // Torsion bars without any rate have no frequency to be scaled from.
        Vehicle rockers = Sprung.rockers();
        Axle axle = rockers.axle(AxlePlace.REAR).orElseThrow();
        Springing limp = axle.springing()
                .withShocks(List.of())
                .withTorsionBars(axle.springing().torsionBars().stream()
                        .map(bar -> new TorsionBar(bar.name(), bar.joint(), 0, 0))
                        .toList());
        assertThat(SpringAdvice.fitted(rockers.withAxle(axle.withSpringing(limp)), AxlePlace.REAR, 1.4))
                .isEmpty();
    }

    /** Advised once more for what they do already, springs stay as they are. */
    @Test
    void adviceForWhatIsThereChangesNothing() {
        Vehicle fitted = SpringAdvice.fitted(hung(ShockLayout.COILOVER), AxlePlace.REAR, 1.5)
                .orElseThrow();
        Vehicle again = SpringAdvice.fitted(fitted, AxlePlace.REAR, 1.5).orElseThrow();
        Coils before = coils(fitted);
        Coils after = coils(again);
        assertThat(after.coils()).isEqualTo(before.coils());
        assertThat(after.preload()).isCloseTo(before.preload(), within(1e-5));
    }

    private static Coils coils(Vehicle vehicle) {
        Axle axle = vehicle.axle(AxlePlace.REAR).orElseThrow();
        return (Coils) axle.springing().shocks().get(0).spring().orElseThrow();
    }
}
