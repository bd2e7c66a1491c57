package org.palanca.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Corners;
import org.palanca.Draw;
import org.palanca.Drawn;
import org.palanca.mechanism.Body;
import org.palanca.mechanism.BodyPoint;
import org.palanca.mechanism.HeightDriver;
import org.palanca.mechanism.Hinge;
import org.palanca.mechanism.Mechanism;
import org.palanca.mechanism.PointOnPlane;
import org.palanca.mechanism.Rod;
import org.palanca.mechanism.solve.RigidPoseSolver;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.steering.SteerSweep;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Vehicle;

/** Independent wheels and steering against what paper gives. */
class CornerClosedFormTest {
    private static AxleModel model(Vehicle vehicle) {
        return new AxleModel(vehicle, AxlePlace.FRONT);
    }

    private static double value(AxleModel model, String id) {
        return model.outcome(model.result(id)).number();
    }

    /** Parallelogram: the upright only translates. */
    @Drawn(40)
    void equalParallelWishbonesNeitherLeanNorSteer(Draw draw) {
        double left = draw.between(-0.08, 0.08);
        double right = draw.between(-0.08, 0.08);
        AxleModel model = model(new Corners()
                .wishbone("upper", LinkRole.UPPER, new double[] {0, 0.66, 0.42}, 0.36, 0.44)
                .wishbone("lower", LinkRole.LOWER, new double[] {0, 0.68, 0.2}, 0.38, 0.22)
                .tieRod(new double[] {0.1, 0.36, 0.32}, new double[] {0.1, 0.66, 0.3})
                .build());
        assertThat(model.moveTo(left, right)).isTrue();
        assertThat(value(model, "camber.left")).isCloseTo(0, within(1e-9));
        assertThat(value(model, "camber.right")).isCloseTo(0, within(1e-9));
        assertThat(value(model, "toe.left")).isCloseTo(0, within(1e-9));
        assertThat(value(model, "swing_arm.left")).isInfinite();
        assertThat(model.outcome(model.result("swing_arm.left"))).isInstanceOf(Outcome.AtInfinity.class);
    }

    /** Arm lines cross at (-0.95, 0.5) in front view; patch to there meets the centreline at the roll centre. */
    private static final double[] LOWER_BALL = {0, 0.69, 0.2};

    private static final double[] UPPER_BALL = {0, 0.65, 0.42};
    private static final double CENTRE_Y = -0.95;
    private static final double CENTRE_Z = 0.5;

    private static double onLine(double[] ball, double y) {
        return ball[2] + (CENTRE_Z - ball[2]) * (y - ball[1]) / (CENTRE_Y - ball[1]);
    }

    private static Corners wishbones() {
        return new Corners()
                .wishbone("upper", LinkRole.UPPER, UPPER_BALL, 0.4, onLine(UPPER_BALL, 0.4))
                .wishbone("lower", LinkRole.LOWER, LOWER_BALL, 0.34, onLine(LOWER_BALL, 0.34));
    }

    @Test
    void rollCentreAndSwingArmAreThoseOfTheProjection() {
        double[] outer = {0.12, 0.66, 0.3};
        AxleModel model = model(wishbones()
                .tieRod(new double[] {0.12, 0.36, onLine(outer, 0.36)}, outer)
                .build());
        double half = Corners.TRACK / 2;
        assertThat(value(model, "swing_arm.left")).isCloseTo(half - CENTRE_Y, within(1e-9));
        assertThat(value(model, "front_centre_height.left")).isCloseTo(CENTRE_Z, within(1e-9));
        assertThat(value(model, "roll_centre_height")).isCloseTo(CENTRE_Z * half / (half - CENTRE_Y), within(1e-9));
        assertThat(value(model, "roll_centre_offset")).isCloseTo(0, within(1e-9));
    }

    /** The instant axis runs along the vehicle through the crossing, so a tie rod that points there does not steer. */
    @Test
    void aTieRodWhoseLineMeetsTheInstantAxisHasNoBumpSteerAtThatPose() {
        double[] outer = {0.12, 0.66, 0.3};
        double level = onLine(outer, 0.36);
        AxleModel true1 = model(
                wishbones().tieRod(new double[] {0.12, 0.36, level}, outer).build());
        assertThat(value(true1, "bump_steer.left")).isCloseTo(0, within(1e-9));
        AxleModel low = model(wishbones()
                .tieRod(new double[] {0.12, 0.36, level - 0.02}, outer)
                .build());
        AxleModel high = model(wishbones()
                .tieRod(new double[] {0.12, 0.36, level + 0.02}, outer)
                .build());
        assertThat(value(low, "bump_steer.left") * value(high, "bump_steer.left"))
                .as("too low and too high steer opposite ways")
                .isNegative();
        // Slope of toe read off the motion equals differences of toe (virtual work's premise).
        low.moveTo(1e-5, 1e-5);
        double above = value(low, "toe.left");
        low.moveTo(-1e-5, -1e-5);
        double below = value(low, "toe.left");
        low.moveTo(0, 0);
        assertThat(value(low, "bump_steer.left")).isCloseTo((above - below) / 2e-5, within(1e-7));
    }

    /** Kingpin by hand: balls 0.04 apart across over 0.22 up, both at the axle line: trail 0. */
    @Test
    void kingpinAnglesAndGroundOffsetsByHand() {
        AxleModel model = model(wishbones()
                .tieRod(new double[] {0.12, 0.36, 0.3}, new double[] {0.12, 0.66, 0.3})
                .build());
        assertThat(value(model, "kingpin_inclination.left")).isCloseTo(Math.atan(0.04 / 0.22), within(1e-12));
        assertThat(value(model, "kingpin_inclination.right")).isCloseTo(Math.atan(0.04 / 0.22), within(1e-12));
        assertThat(value(model, "kingpin_caster.left")).isCloseTo(0, within(1e-12));
        assertThat(value(model, "mechanical_trail.left")).isCloseTo(0, within(1e-12));
        double atGround = 0.69 + 0.2 * 0.04 / 0.22;
        assertThat(value(model, "scrub_radius.left")).isCloseTo(0.75 - atGround, within(1e-12));
        assertThat(value(model, "scrub_radius.right")).isCloseTo(0.75 - atGround, within(1e-12));
    }

    /** 100 % is exactly cot(outer) - cot(inner) = W / L, from the angles the model itself gives. */
    @Test
    void ackermannIsTheCotangentCondition() {
        AxleModel model = model(wishbones()
                .tieRod(new double[] {-0.12, 0.33, 0.3}, new double[] {-0.12, 0.61, 0.3})
                .build());
        SteerSweep sweep = SteerSweep.run(model);
        double width = 2 * (0.69 + 0.2 * 0.04 / 0.22);
        for (SteerSweep.Turn turn : sweep.turns()) {
            turn.ackermann().ifPresent(percent -> {
                double ideal = Math.atan(1 / (1 / Math.tan(turn.inner()) + width / Corners.WHEELBASE));
                double expected = 100 * (turn.inner() - turn.outer()) / (turn.inner() - ideal);
                // The axis' foot moves a little as the wheel lifts on its kingpin.
                assertThat(percent).isCloseTo(expected, within(0.5));
            });
        }
        assertThat(sweep.turns()).hasSize(SteerSweep.STEPS);
        assertThat(sweep.fullLeft().left()).isPositive();
        assertThat(sweep.fullLeft().left()).isCloseTo(-sweep.fullRight().right(), within(1e-9));
        assertThat(sweep.fullLeft().left())
                .as("arms that converge to the rear turn the inner wheel more")
                .isGreaterThan(sweep.fullLeft().right());
    }

    /** Watts with equal rods a and half coupler c: side error z^5 / (8 c a^3) to the leading order. */
    @Test
    void wattsErrorIsOfTheFifthOrderWithItsClosedCoefficient() {
        double a = 0.5;
        double c = 0.1;
        Vector3D middle = new Vector3D(0, 0, 0.4);
        BodyPoint left = new BodyPoint("axle", new Vector3D(0, 0.7, 0.4));
        BodyPoint right = new BodyPoint("axle", new Vector3D(0, -0.7, 0.4));
        Mechanism watts = new Mechanism(
                List.of(new Body("axle", middle), new Body("crank", middle)),
                List.of(
                        new PointOnPlane("x left", Body.GROUND, Vector3D.PLUS_I, left),
                        new PointOnPlane("x right", Body.GROUND, Vector3D.PLUS_I, right),
                        new PointOnPlane(
                                "x top",
                                Body.GROUND,
                                Vector3D.PLUS_I,
                                new BodyPoint("axle", middle.add(new Vector3D(0, 0, 0.3)))),
                        new Hinge("pin", "axle", "crank", middle, middle.add(new Vector3D(0.1, 0, 0))),
                        rod("left", new Vector3D(0, a, 0.4 + c), new Vector3D(0, 0, 0.4 + c)),
                        rod("right", new Vector3D(0, -a, 0.4 - c), new Vector3D(0, 0, 0.4 - c))),
                List.of(new HeightDriver("left", left), new HeightDriver("right", right)));
        RigidPoseSolver solver = new RigidPoseSolver(watts);
        for (double z : new double[] {0.04, 0.06}) {
            assertThat(solver.moveTo(z, z)).isTrue();
            double error = Math.abs(solver.configuration().origin(0, 1));
            double closed = Math.pow(z, 5) / (8 * c * a * a * a);
            assertThat(error / closed).as("at " + z).isCloseTo(1, within(3 * z * z / (c * c) * 0.1));
        }
    }

    private static Rod rod(String name, Vector3D frame, Vector3D crank) {
        return new Rod(
                "rod " + name,
                new BodyPoint(Body.GROUND, frame),
                new BodyPoint("crank", crank),
                Vector3D.distance(frame, crank));
    }
}
