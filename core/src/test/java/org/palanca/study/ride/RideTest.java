package org.palanca.study.ride;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.ClassicalRungeKuttaIntegrator;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.Sprung;
import org.palanca.base.units.UnitStyle;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.shock.MountLine;
import org.palanca.result.shock.SpringWork;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Weights;
import org.palanca.vehicle.springing.Air;
import org.palanca.vehicle.springing.Coils;
import org.palanca.vehicle.springing.ShockSize;

/** Loads, rates and frequencies against closed forms, differences and a swinging mass. */
class RideTest {
    private static final ShockSize LONG = new ShockSize("long", 0.4, 0.75, 0.06, 0.09, 0.04);

    /** Upright shocks over the wheels' own line: the wheel has the spring's rate, k = 2 springs for both wheels. */
    private static Vehicle upright(double rate, double preload) {
        return Sprung.withShocks(
                Sprung.level(),
                new Vector3D(0, 0.75, 0.98),
                new Vector3D(0, 0.75, 0.4),
                Optional.of(LONG),
                Sprung.coil(rate, preload));
    }

    /** sqrt(k / m) / 2 pi, any text on vibrations. */
    @Test
    void aMassOnASpringSwingsAsTheTextbookSays() {
        RideStudy study = RideStudy.of(upright(30_000, 0.05), AxlePlace.REAR);
        Weights weights = study.weights();
        double mass = weights.sprung(1);
        assertThat(study.ride().rate()).isCloseTo(30_000, within(30.0));
        assertThat(study.frequency()).isCloseTo(Math.sqrt(30_000 / mass) / (2 * Math.PI), within(1e-3));
        assertThat(study.ride().left()).isCloseTo(30_000 * (0.05 + 0.75 - 0.58), within(1.0));
    }

    /** The chassis let go a little above ride and left to swing, step by step: its period is the frequency's. */
    @Test
    void lettingTheChassisGoGivesTheSameFrequency() {
        Vehicle tarn = Examples.tarn();
        RideStudy study = RideStudy.of(tarn, AxlePlace.REAR);
        double mass = study.weights().both() - study.weights().unsprung();
        AxleModel model = new AxleModel(tarn, AxlePlace.REAR);
        SpringWork work = new SpringWork(model.axle());
        double still = work.heave(model.motion());
        OrdinaryDifferentialEquation swing = new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return 2;
            }

            @Override
            public double[] computeDerivatives(double t, double[] y) {
                model.moveTo(WheelTravel.both(y[0]));
                return new double[] {y[1], -(work.heave(model.motion()) - still) / mass};
            }
        };
        double period = 1 / study.frequency();
        double[] half = new ClassicalRungeKuttaIntegrator(period / 400)
                .integrate(swing, new ODEState(0, new double[] {0.001, 0}), period / 2)
                .getPrimaryState();
        assertThat(half[0]).isCloseTo(-0.001, within(2e-5));
        assertThat(half[1]).isCloseTo(0, within(2e-4));
    }

    /** Wheel rate = k MR^2 + F dMR/dz, with dMR/dz by differences: Dixon, The Shock Absorber Handbook, from memory. */
    @Test
    void theWheelRateHasBothItsTerms() {
        Vehicle vehicle = Sprung.withShocks(
                Sprung.level(),
                new Vector3D(0.1, 0.3, 0.9),
                new Vector3D(0, 0.6, 0.4),
                Optional.of(LONG),
                Sprung.coil(40_000, 0.1));
        AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
        MountLine line = MountLine.of(model.axle(), "shock upper left", "shock lower left");
        double ratio = -line.heaveRate(model.motion());
        double force = model.axle().springing().shocks().get(0).force(line.length(model.motion()));
        double h = 1e-4;
        model.moveTo(h, h);
        double above = -line.heaveRate(model.motion());
        model.moveTo(-h, -h);
        double below = -line.heaveRate(model.motion());
        double expected = 40_000 * ratio * ratio + force * (above - below) / (2 * h);
        assertThat(RideStudy.of(vehicle, AxlePlace.REAR).ride().rate()).isCloseTo(expected, within(2.0));
    }

    /** Two springs 1 m apart of 30 kN/m each: K = k b^2 / 2 with b between them. */
    @Test
    void rollStiffnessIsTheSpringsTimesTheirArm() {
        Vehicle vehicle = Sprung.withShocks(
                Sprung.level(),
                new Vector3D(0, 0.5, 0.98),
                new Vector3D(0, 0.5, 0.4),
                Optional.of(LONG),
                Sprung.coil(30_000, -0.14));
        // Little force in them, so that their own lean in roll adds little.
        double found = RideStudy.of(vehicle, AxlePlace.REAR).rollStiffness();
        assertThat(found).isCloseTo(30_000 * 1.0 / 2, within(450.0));
    }

    @Test
    void preloadIsTurnedUntilTheSpringsCarryTheWeight() {
        Vehicle set = RideHeight.set(upright(30_000, 0), AxlePlace.REAR).orElseThrow();
        RideStudy study = RideStudy.of(set, AxlePlace.REAR);
        assertThat(study.ride().left()).isCloseTo(study.wanted(1), within(0.5));
        Coils coils = (Coils) set.axle(AxlePlace.REAR)
                .orElseThrow()
                .springing()
                .shocks()
                .get(0)
                .spring()
                .orElseThrow();
        assertThat(coils.preload()).isCloseTo(study.wanted(1) / 30_000 - (0.75 - 0.58), within(1e-4));
    }

    @Test
    void airIsPumpedUntilItCarriesTheWeight() {
        Vehicle plain = upright(30_000, 0);
        Axle axle = plain.axle(AxlePlace.REAR).orElseThrow();
        Air air = new Air(0.09, 0.5, 3e5, 1.3);
        Vehicle aired = plain.withAxle(
                axle.withSpringing(axle.springing().mapShocks(shock -> shock.withSpring(Optional.of(air)))));
        Vehicle set = RideHeight.set(aired, AxlePlace.REAR).orElseThrow();
        RideStudy study = RideStudy.of(set, AxlePlace.REAR);
        assertThat(study.ride().left()).isCloseTo(study.wanted(1), within(0.5));
        // Nothing springs an axle without springs.
        assertThat(RideHeight.set(Sprung.level(), AxlePlace.REAR)).isEmpty();
    }

    /** 150 over 250 lbf/in: trade figures, common practice, no source. A pair for them is advised as such a pair. */
    @Test
    void aPairIsAdvisedForWeightSplitAndFrequency() {
        double series = 93.75 * UnitStyle.POUND_FORCE / inches(1);
        double mass = 400;
        double frequency = Math.sqrt(series / mass) / (2 * Math.PI);
        ShockSize size = new ShockSize("12 in", inches(16), inches(28), 0.06, 0.09, 0.04);
        SpringAdvice advice = SpringAdvice.of(new SpringAdvice.Wish(mass, frequency, 1, inches(21), true), size);
        assertThat(advice.coils().coils().get(0).rate() / UnitStyle.POUND_FORCE * inches(1))
                .isCloseTo(150, within(1e-6));
        assertThat(advice.coils().coils().get(1).rate() / UnitStyle.POUND_FORCE * inches(1))
                .isCloseTo(250, within(1e-6));
        assertThat(advice.frequency()).isCloseTo(frequency, within(0.01));
        assertThat(advice.coils().force(inches(7))).isCloseTo(mass * RideStudy.GRAVITY, within(0.5));
        // The crossover is met on the way up, not at ride.
        double softest = advice.coils().rate(inches(7));
        assertThat(advice.coils().rate(inches(12))).isGreaterThan(softest);
    }

    /** 5 up and 7 down of a 12 in shock: a trade figure. The mount goes where the length leaves five. */
    @Test
    void theUpperMountGoesWhereTheSplitIsAsWanted() {
        Vehicle tarn = Examples.tarn();
        double up = 0.45;
        Vehicle placed =
                ShockPlacing.withSplit(tarn, AxlePlace.REAR, "coilover left", up, Math.toRadians(4), Math.toRadians(6));
        RideStudy study = RideStudy.of(placed, AxlePlace.REAR);
        assertThat(study.shocks().get(0).upShare()).isCloseTo(up, within(1e-6));
        assertThat(study.shocks().get(1).upShare()).isCloseTo(up, within(1e-6));
        AxleModel model = new AxleModel(placed, AxlePlace.REAR);
        assertThat(model.outcome(model.result("shock_lean_side.coilover left")).number())
                .isCloseTo(Math.toRadians(4), within(1e-6));
        assertThat(model.outcome(model.result("shock_lean_front.coilover right"))
                        .number())
                .isCloseTo(Math.toRadians(6), within(1e-6));
    }

    @Test
    void stopsAndStrapsAreCutToTheTravelWanted() {
        Vehicle tarn = Examples.tarn();
        Vehicle set =
                ShockPlacing.strapsAt(ShockPlacing.stopsAt(tarn, AxlePlace.REAR, inches(4)), AxlePlace.REAR, inches(5));
        AxleModel model = new AxleModel(set, AxlePlace.REAR);
        model.moveTo(WheelTravel.both(inches(4)));
        double room = set.axle(AxlePlace.REAR)
                .orElseThrow()
                .springing()
                .stops()
                .get(0)
                .room();
        assertThat(model.outcome(model.result("stop_gap.bump stop left")).number())
                .isCloseTo(-room, within(1e-7));
        model.moveTo(WheelTravel.both(-inches(5)));
        assertThat(model.outcome(model.result("strap_slack.strap left")).number())
                .isCloseTo(0, within(1e-7));
    }
}
