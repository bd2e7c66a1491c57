package org.palanca.study.terrain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.hipparchus.analysis.MultivariateFunction;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.InitialGuess;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.SimpleBounds;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.nonlinear.scalar.ObjectiveFunction;
import org.hipparchus.optim.nonlinear.scalar.noderiv.BOBYQAOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.palanca.Examples;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** Rest on slopes and rocks against statics of the whole vehicle, least energy and a general solver. */
class StandingTest {
    private static StandingVehicle standing(String file) {
        return StandingVehicle.of(Examples.vehicle(file)).orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"tarn-4.palanca.json", "gorse.palanca.json", "plover.palanca.json", "wain.palanca.json"})
    void onTheLevelEachWheelCarriesWhatThePlanSays(String file) {
        StandingVehicle vehicle = standing(file);
        StaticEquilibrium rest = vehicle.rest(Ground.LEVEL).orElseThrow();
        assertThat(rest.sum()).isCloseTo(vehicle.weight(), within(1e-3));
        double front = rest.loads().get(0) + rest.loads().get(1);
        double behind = vehicle.vehicle().mass().centreBehindFront();
        double expected = vehicle.weight() * (1 - behind / vehicle.vehicle().wheelbase());
        assertThat(front).isCloseTo(expected, within(0.01 * vehicle.weight()));
    }

    /**
     * Statics of the whole vehicle, which no spring or link can change: about the rear patches the weight's moment is carried by
     * the front wheels, whatever the pose. Worked from the pose alone, in the ground's frame.
     */
    @ParameterizedTest
    @ValueSource(doubles = {-20, -8, 8, 20, 30})
    void theLoadsBalanceTheWeightAboutEitherAxle(double degrees) {
        Vehicle tarn = Examples.tarn();
        StandingVehicle vehicle = StandingVehicle.of(tarn).orElseThrow();
        StaticEquilibrium level = vehicle.rest(Ground.LEVEL).orElseThrow();
        double climb = Math.toRadians(degrees);
        StaticEquilibrium rest = vehicle.rest(Ground.LEVEL.withClimb(climb)).orElseThrow();
        assertThat(rest.sum()).isCloseTo(vehicle.weight() * Math.cos(climb), within(0.01));
        double front = rest.loads().get(0) + rest.loads().get(1);
        double before = level.loads().get(0) + level.loads().get(1);
        // F h / L, with the height and wheelbase of the plan: good to how far the chassis has risen and the axles
        // moved.
        double moved = before * Math.cos(climb) - front;
        double expected = vehicle.weight() * Math.sin(climb) * tarn.mass().centreHeight() / tarn.wheelbase();
        double raised = Math.abs(rest.lift()) + 0.02;
        assertThat(moved)
                .isCloseTo(
                        expected,
                        within(Math.abs(expected) * raised / tarn.mass().centreHeight() + 60));
    }

    /** A rock under one wheel: of all poses near by the one with the least energy, found by a general optimiser. */
    @Test
    void aRockIsStoodOnWithTheLeastEnergy() {
        StandingVehicle vehicle = standing("tarn-4.palanca.json");
        Ground ground = Ground.LEVEL.withRock(2, 0.12);
        StaticEquilibrium rest = vehicle.rest(ground).orElseThrow();
        double[] found = state(rest);
        double least = vehicle.energy(ground, found);
        Random random = new Random(5);
        for (int i = 0; i < 300; i++) {
            double[] near = found.clone();
            for (int k = 0; k < near.length; k++) {
                near[k] += 0.004 * random.nextGaussian();
            }
            assertThat(vehicle.energy(ground, near)).isGreaterThan(least - 1e-6);
        }
        MultivariateFunction energy = u -> vehicle.energy(ground, u);
        double[] start = found.clone();
        double[] low = found.clone();
        double[] high = found.clone();
        for (int k = 0; k < start.length; k++) {
            start[k] += 0.005 * (k % 2 == 0 ? 1 : -1);
            low[k] -= 0.02;
            high[k] += 0.02;
        }
        double[] optimum = new BOBYQAOptimizer(2 * start.length + 1, 0.005, 1e-8)
                .optimize(
                        new MaxEval(20_000),
                        new ObjectiveFunction(energy),
                        GoalType.MINIMIZE,
                        new SimpleBounds(low, high),
                        new InitialGuess(start))
                .getPoint();
        for (int k = 0; k < found.length; k++) {
            assertThat(optimum[k]).as("unknown %d", k).isCloseTo(found[k], within(2e-4));
        }
    }

    private static double[] state(StaticEquilibrium rest) {
        return new double[] {
            rest.lift(),
            rest.pitch(),
            rest.roll(),
            rest.travel().get(AxlePlace.FRONT).left(),
            rest.travel().get(AxlePlace.FRONT).right(),
            rest.travel().get(AxlePlace.REAR).left(),
            rest.travel().get(AxlePlace.REAR).right()
        };
    }

    /** The same balances handed to Levenberg and Marquardt with differences, from another start. */
    @ParameterizedTest
    @ValueSource(strings = {"tarn-4.palanca.json", "plover.palanca.json"})
    void aGeneralSolverComesToRestAtTheSamePlace(String file) {
        StandingVehicle vehicle = standing(file);
        Ground ground = new Ground(Math.toRadians(9), Math.toRadians(-11), List.of(0.05, 0.0, 0.0, 0.03));
        StaticEquilibrium rest = vehicle.rest(ground).orElseThrow();
        double[] start = {0.004, 0.002, -0.003, 0.004, -0.004, 0.003, 0.001};
        RealVector found = new LevenbergMarquardtOptimizer()
                .optimize(new LeastSquaresBuilder()
                        .start(start)
                        .target(new double[7])
                        .model(point -> differences(vehicle, ground, point.toArray()))
                        .maxEvaluations(4000)
                        .maxIterations(4000)
                        .build())
                .getPoint();
        double[] expected = state(rest);
        for (int k = 0; k < 7; k++) {
            assertThat(found.getEntry(k)).as("unknown %d", k).isCloseTo(expected[k], within(1e-6));
        }
    }

    private static Pair<RealVector, RealMatrix> differences(StandingVehicle vehicle, Ground ground, double[] u) {
        double[] value = new double[7];
        vehicle.balance(ground, u, value);
        RealMatrix rates = MatrixUtils.createRealMatrix(7, 7);
        for (int j = 0; j < 7; j++) {
            double[] above = u.clone();
            double[] below = u.clone();
            above[j] += 1e-6;
            below[j] -= 1e-6;
            double[] a = new double[7];
            double[] b = new double[7];
            vehicle.balance(ground, above, a);
            vehicle.balance(ground, below, b);
            for (int i = 0; i < 7; i++) {
                rates.setEntry(i, j, (a[i] - b[i]) / 2e-6);
            }
        }
        return new Pair<>(new ArrayRealVector(value), rates);
    }

    /** Dragging a slope and coming back leaves the vehicle where it stood. */
    @Test
    void restDoesNotDependOnTheWayThere() {
        StandingVehicle vehicle = standing("tarn-4.palanca.json");
        Ground there = new Ground(Math.toRadians(12), Math.toRadians(15), List.of(0.0, 0.0, 0.1, 0.0));
        double[] direct = state(vehicle.rest(there).orElseThrow());
        for (int i = 0; i <= 40; i++) {
            vehicle.rest(new Ground(Math.toRadians(25 - i), Math.toRadians(i / 2.0), List.of(0.0, 0.1, 0.0, 0.0)));
        }
        double[] around = state(vehicle.rest(there).orElseThrow());
        for (int k = 0; k < 7; k++) {
            assertThat(around[k]).isCloseTo(direct[k], within(1e-7));
        }
    }

    /**
     * Put down on one ground after another, with nothing alike between them, it finds its feet each time: on three wheels or
     * more, and carrying what its weight is square to the ground.
     */
    @ParameterizedTest
    @ValueSource(strings = {"tarn-4.palanca.json", "gorse.palanca.json", "plover.palanca.json"})
    void itFindsItsFeetWhereverItIsPut(String file) {
        StandingVehicle vehicle = standing(file);
        Random random = new Random(3);
        for (int i = 0; i < 120; i++) {
            Ground ground = new Ground(
                    Math.toRadians(25 * (2 * random.nextDouble() - 1)),
                    Math.toRadians(20 * (2 * random.nextDouble() - 1)),
                    List.of(
                            0.3 * random.nextDouble(),
                            0.3 * random.nextDouble(),
                            0.3 * random.nextDouble(),
                            0.3 * random.nextDouble()));
            StaticEquilibrium rest = vehicle.rest(ground).orElseThrow(() -> new AssertionError("nowhere on " + ground));
            assertThat(rest.stands()).isTrue();
            double square = Math.cos(ground.climb()) * Math.cos(ground.across());
            assertThat(rest.sum()).as("%s", ground).isCloseTo(vehicle.weight() * square, within(1.0));
        }
    }

    /**
     * Twisted by two rocks until a wheel hangs, it stands on three; when the rocks are gone it stands as before, and not balanced
     * on one.
     */
    @Test
    void aWheelHangsAndComesDownAgain() {
        StandingVehicle vehicle = standing("tarn-4.palanca.json");
        List<Double> level = vehicle.rest(Ground.LEVEL).orElseThrow().loads();
        for (double rock = 0.3; rock < 0.6; rock += 0.01) {
            StaticEquilibrium rest = vehicle.rest(Ground.LEVEL.withRock(0, rock).withRock(3, rock))
                    .orElseThrow();
            assertThat(rest.loads()).filteredOn(load -> load <= 0).hasSizeLessThan(2);
        }
        List<Double> again = vehicle.rest(Ground.LEVEL).orElseThrow().loads();
        for (int wheel = 0; wheel < 4; wheel++) {
            assertThat(again.get(wheel)).isCloseTo(level.get(wheel), within(0.01));
        }
    }

    /** Where it is found to tip, looking from there on finds nothing, and a little before it finds a rest. */
    @ParameterizedTest
    @ValueSource(strings = {"tarn-4.palanca.json", "gorse.palanca.json"})
    void whereItTipsNothingHoldsAnyMore(String file) {
        StandingVehicle vehicle = standing(file);
        for (TipStudy.Way way : TipStudy.Way.values()) {
            TipStudy tip = TipStudy.of(vehicle, Ground.LEVEL, way);
            assertThat(vehicle.rest(way.slope(Ground.LEVEL, tip.angle() - Math.toRadians(0.5))))
                    .isPresent();
            for (double past = 1; past < 30; past += 7) {
                assertThat(vehicle.rest(way.slope(Ground.LEVEL, tip.angle() + Math.toRadians(past))))
                        .as("%s, %s past", way, past)
                        .isEmpty();
            }
        }
    }

    /** Mirrored ground, mirrored rest; a four-link without panhard is the same left and right. */
    @Test
    void mirroredGroundGivesMirroredLoads() {
        StandingVehicle vehicle = standing("gorse.palanca.json");
        StaticEquilibrium one =
                vehicle.rest(Ground.LEVEL.withAcross(0.3).withRock(0, 0.05)).orElseThrow();
        vehicle.reset();
        StaticEquilibrium other =
                vehicle.rest(Ground.LEVEL.withAcross(-0.3).withRock(1, 0.05)).orElseThrow();
        for (int wheel = 0; wheel < 4; wheel++) {
            assertThat(one.loads().get(wheel)).isCloseTo(other.loads().get(wheel ^ 1), within(0.01));
        }
        assertThat(one.roll()).isCloseTo(-other.roll(), within(1e-7));
    }

    /** A rigid block tips at atan(t / 2h); on springs it tips sooner, but not by much. */
    @Test
    void aVehicleTipsSoonerThanABlock() {
        StandingVehicle vehicle = standing("tarn-4.palanca.json");
        for (TipStudy.Way way : TipStudy.Way.values()) {
            TipStudy tip = TipStudy.of(vehicle, Ground.LEVEL, way);
            assertThat(tip.angle()).as("%s", way).isBetween(0.8 * tip.block(), tip.block());
            assertThat(tip.block()).isBetween(Math.toRadians(40), Math.toRadians(65));
            int[] uphill = way.uphill();
            assertThat(tip.lightest()).isIn(uphill[0], uphill[1]);
        }
    }

    /** Stiff springs and tyres make a block of it: loads on a side slope are W (cos / 2 -+ h sin / t). */
    @Test
    void loadsAcrossASlopeMoveByHeightOverTrack() {
        Vehicle tarn = Examples.tarn();
        StandingVehicle vehicle = StandingVehicle.of(tarn).orElseThrow();
        double across = Math.toRadians(15);
        StaticEquilibrium rest = vehicle.rest(Ground.LEVEL.withAcross(across)).orElseThrow();
        double downhill = rest.loads().get(1) + rest.loads().get(3);
        double track = tarn.axles().get(0).track();
        double height = tarn.mass().centreHeight();
        double block = vehicle.weight() * (Math.cos(across) / 2 + Math.sin(across) * height / track);
        // The chassis leans downhill on its springs, so some more is carried there.
        assertThat(downhill).isBetween(block, block * 1.08);
    }
}
