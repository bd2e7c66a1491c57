package org.palanca.result.shock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.Sprung;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.springing.Shock;

/** Motion ratios against differences of lengths, loads against differences of energy, and a shock that leans. */
class SpringWorkTest {
    private static final double STEP = 1e-5;

    private static final List<WheelTravel> POSES = List.of(
            WheelTravel.RIDE,
            WheelTravel.both(0.06),
            WheelTravel.both(-0.05),
            new WheelTravel(0.05, -0.06),
            new WheelTravel(-0.03, 0.04));

    private static List<Vehicle> vehicles() {
        return List.of(
                Examples.tarn(),
                Sprung.rockers(),
                Sprung.withShocks(
                        Sprung.level(),
                        new Vector3D(0.3, 0.3, 0.95),
                        new Vector3D(-0.1, 0.6, 0.4),
                        Optional.empty(),
                        Sprung.coil(30_000, 0.1)));
    }

    @Test
    void motionRatiosAreTheDifferencesOfLengths() {
        for (Vehicle vehicle : vehicles()) {
            AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
            for (Shock shock : model.axle().springing().shocks()) {
                MountLine line = MountLine.of(model.axle(), shock.upper(), shock.lower());
                for (WheelTravel pose : POSES) {
                    assertThat(model.moveTo(pose)).isTrue();
                    double bump = line.heaveRate(model.motion());
                    double roll = line.rollRate(model.motion());
                    double byBump = (length(model, line, pose, STEP, STEP) - length(model, line, pose, -STEP, -STEP))
                            / (2 * STEP);
                    double byRoll = (length(model, line, pose, STEP, -STEP) - length(model, line, pose, -STEP, STEP))
                            / (2 * STEP);
                    assertThat(bump).as("%s at %s", shock.name(), pose).isCloseTo(byBump, within(1e-6));
                    assertThat(roll).as("%s at %s", shock.name(), pose).isCloseTo(byRoll, within(1e-6));
                }
            }
        }
    }

    private static double length(AxleModel model, MountLine line, WheelTravel pose, double left, double right) {
        assertThat(model.moveTo(pose.left() + left, pose.right() + right)).isTrue();
        return line.length(model.motion());
    }

    /** Coils, stops, straps, rockers, torsion bars and a sway bar: each load is the slope of the energy. */
    @Test
    void loadsAreTheDifferencesOfEnergy() {
        for (Vehicle vehicle : vehicles()) {
            AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
            SpringWork work = new SpringWork(model.axle());
            for (WheelTravel pose : POSES) {
                assertThat(model.moveTo(pose)).isTrue();
                double left = work.wheel(model.motion(), 1);
                double right = work.wheel(model.motion(), -1);
                double byLeft = (energy(model, work, pose, STEP, 0) - energy(model, work, pose, -STEP, 0)) / (2 * STEP);
                double byRight =
                        (energy(model, work, pose, 0, STEP) - energy(model, work, pose, 0, -STEP)) / (2 * STEP);
                assertThat(left).as("%s", pose).isCloseTo(byLeft, within(0.5));
                assertThat(right).as("%s", pose).isCloseTo(byRight, within(0.5));
            }
        }
    }

    private static double energy(AxleModel model, SpringWork work, WheelTravel pose, double left, double right) {
        assertThat(model.moveTo(pose.left() + left, pose.right() + right)).isTrue();
        return work.energy(model.motion());
    }

    /** Trade figure, common practice, no source: 3 in of stroke at 20 degrees lets the axle rise 3.19 in; 3 / cos 20. */
    @Test
    void aLeaningShockLetsTheAxleRiseMoreThanItsStroke() {
        double run = 0.5 * Math.tan(Math.toRadians(20));
        Vehicle vehicle = Sprung.withShocks(
                Sprung.level(),
                new Vector3D(0, 0.5 - run, 0.9),
                new Vector3D(0, 0.5, 0.4),
                Optional.empty(),
                Sprung.coil(30_000, 0));
        AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
        double ratio = model.outcome(model.result("motion_ratio.shock left")).number();
        assertThat(ratio).isCloseTo(Math.cos(Math.toRadians(20)), within(1e-6));
        assertThat(inches(3) / ratio).isCloseTo(inches(3.19), within(inches(0.005)));
        assertThat(model.outcome(model.result("shock_lean_front.shock left")).number())
                .isCloseTo(Math.toRadians(20), within(1e-9));
    }

    /** In roll a live axle's shock moves by how far out it sits: 0.5 m of a half track of 0.75. */
    @Test
    void inRollAShockInboardMovesLess() {
        Vehicle vehicle = Sprung.withShocks(
                Sprung.level(),
                new Vector3D(0, 0.5, 0.9),
                new Vector3D(0, 0.5, 0.4),
                Optional.empty(),
                Sprung.coil(30_000, 0));
        AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
        for (String side : List.of("left", "right")) {
            assertThat(model.outcome(model.result("motion_ratio.shock " + side)).number())
                    .isCloseTo(1, within(1e-6));
            assertThat(model.outcome(model.result("roll_motion_ratio.shock " + side))
                            .number())
                    .isCloseTo(0.5 / 0.75, within(1e-3));
        }
    }

    @Test
    void anAntiRollBarWorksInRollOnly() {
        Vehicle vehicle = Sprung.rockers();
        assertThat(VehicleCheck.hasErrors(VehicleCheck.findings(vehicle))).isFalse();
        Axle axle = vehicle.axle(AxlePlace.REAR).orElseThrow();
        Axle barAlone =
                axle.withSpringing(axle.springing().withShocks(List.of()).withTorsionBars(List.of()));
        AxleModel model = new AxleModel(vehicle.withAxle(barAlone), AxlePlace.REAR);
        SpringWork work = new SpringWork(model.axle());
        model.moveTo(0.04, 0.04);
        assertThat(work.energy(model.motion())).isCloseTo(0, within(1e-6));
        model.moveTo(0.04, -0.04);
        assertThat(work.energy(model.motion())).isGreaterThan(1);
        assertThat(work.wheel(model.motion(), 1)).isPositive();
        assertThat(work.wheel(model.motion(), -1)).isNegative();
    }
}
