package org.palanca.mechanism;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.base.geometry.RigidMotion;
import org.palanca.mechanism.solve.Mobility;
import org.palanca.mechanism.solve.Mobility.Motion;
import org.palanca.mechanism.solve.RigidPoseSolver;
import org.palanca.mechanism.solve.Solution;

/** The solver on layouts that are data only; none of them ships. */
class MechanismTest {
    private static final double TEST_CLOSED = 1e-9;

    private static BodyPoint frame(double x, double y, double z) {
        return new BodyPoint(Body.GROUND, new Vector3D(x, y, z));
    }

    private static BodyPoint on(String body, double x, double y, double z) {
        return new BodyPoint(body, new Vector3D(x, y, z));
    }

    private static Rod rod(String name, BodyPoint a, BodyPoint b) {
        return new Rod(name, a, b, Vector3D.distance(a.atDesign(), b.atDesign()));
    }

    private static List<Driver> wheels(double height) {
        return List.of(
                new HeightDriver("left", on("axle", 0, 0.75, height)),
                new HeightDriver("right", on("axle", 0, -0.75, height)));
    }

    private static Mechanism axleWith(Member... members) {
        return new Mechanism(List.of(new Body("axle", new Vector3D(0, 0, 0.4))), List.of(members), wheels(0.4));
    }

    /** An A-arm on two rods to its own body, carrying the axle by one ball: two bodies, two kinds of member. */
    @Test
    void solvesALayoutOfTwoBodiesThatExistsOnlyAsData() {
        Body axle = new Body("axle", new Vector3D(0, 0, 0.4));
        Body arm = new Body("arm", new Vector3D(0.4, 0, 0.6));
        Mechanism mechanism = new Mechanism(
                List.of(axle, arm),
                List.of(
                        new BallJoint("arm left pivot", frame(0.7, 0.35, 0.6), on("arm", 0.7, 0.35, 0.6)),
                        rod("arm right pivot", frame(0.9, -0.35, 0.6), on("arm", 0.7, -0.35, 0.6)),
                        rod("arm height", frame(0.75, -0.35, 0.9), on("arm", 0.7, -0.35, 0.6)),
                        new BallJoint("centre ball", on("arm", 0, 0, 0.62), on("axle", 0, 0, 0.62)),
                        rod("lower left", frame(0.9, 0.4, 0.42), on("axle", 0, 0.5, 0.36)),
                        rod("lower right", frame(0.9, -0.4, 0.42), on("axle", 0, -0.5, 0.36))),
                wheels(0.4));
        RigidPoseSolver solver = new RigidPoseSolver(mechanism);

        assertThat(solver.moveTo(0.12, -0.08)).isTrue();

        assertThat(solver.freedoms().sound()).isTrue();
        Solution.Closed closed = (Solution.Closed) solver.solution();
        RigidMotion axlePose = closed.poses().get(0);
        RigidMotion armPose = closed.poses().get(1);
        Vector3D ballOnAxle = axlePose.apply(new Vector3D(0, 0, 0.62));
        Vector3D ballOnArm = armPose.apply(new Vector3D(0, 0, 0.62));
        assertThat(Vector3D.distance(ballOnAxle, ballOnArm)).isLessThan(TEST_CLOSED);
        Vector3D lower = axlePose.apply(new Vector3D(0, 0.5, 0.36));
        double length = Vector3D.distance(new Vector3D(0.9, 0.4, 0.42), new Vector3D(0, 0.5, 0.36));
        assertThat(Vector3D.distance(lower, new Vector3D(0.9, 0.4, 0.42))).isCloseTo(length, within(TEST_CLOSED));
        Vector3D leftWheel = axlePose.apply(new Vector3D(0, 0.75, 0.4));
        assertThat(leftWheel.getZ()).isCloseTo(0.52, within(TEST_CLOSED));
    }

    /** Motion found from the Jacobian equals central differences of solved poses (virtual work's premise). */
    @Test
    void instantaneousMotionEqualsFiniteDifferences() {
        RigidPoseSolver solver = new RigidPoseSolver(triangulated());
        assertThat(solver.moveTo(0.05, -0.03)).isTrue();
        double[] twist = new double[6];
        assertThat(solver.motion(new double[] {1, 1}, twist)).isTrue();
        double h = 1e-5;
        Vector3D point = new Vector3D(0.1, 0.3, 0.7);
        Vector3D origin = new Vector3D(0, 0, 0.4);
        double[] unused = new double[6];
        solver.moveTo(0.05 + h, -0.03 + h);
        solver.motion(new double[] {1, 1}, unused);
        Vector3D after = solver.configuration().pose(0).apply(point);
        solver.moveTo(0.05 - h, -0.03 - h);
        solver.motion(new double[] {1, 1}, unused);
        Vector3D before = solver.configuration().pose(0).apply(point);
        solver.moveTo(0.05, -0.03);
        solver.motion(new double[] {1, 1}, unused);
        RigidMotion pose = solver.configuration().pose(0);
        Vector3D arm = pose.apply(point).subtract(pose.to());
        Vector3D velocity = new Vector3D(twist[0], twist[1], twist[2])
                .add(Vector3D.crossProduct(new Vector3D(twist[3], twist[4], twist[5]), arm));
        Vector3D difference = after.subtract(before).scalarMultiply(1 / (2 * h));
        assertThat(Vector3D.distance(velocity, difference)).isLessThan(1e-8);
    }

    private static Mechanism triangulated() {
        return axleWith(
                rod("upper left", frame(0.7, 0.4, 0.65), on("axle", 0.05, 0.12, 0.68)),
                rod("upper right", frame(0.7, -0.4, 0.65), on("axle", 0.05, -0.12, 0.68)),
                rod("lower left", frame(0.95, 0.3, 0.5), on("axle", 0, 0.5, 0.37)),
                rod("lower right", frame(0.95, -0.3, 0.5), on("axle", 0, -0.5, 0.37)));
    }

    /** Four links parallel in plan: whether they roll is decided by their slopes, not by counting them. */
    private static Mechanism parallelInPlan(double upperRise, double lowerRise, boolean panhard) {
        Member[] four = {
            rod("upper left", frame(0.9, 0.4, 0.65 + upperRise), on("axle", 0, 0.4, 0.65)),
            rod("upper right", frame(0.9, -0.4, 0.65 + upperRise), on("axle", 0, -0.4, 0.65)),
            rod("lower left", frame(0.9, 0.45, 0.35 + lowerRise), on("axle", 0, 0.45, 0.35)),
            rod("lower right", frame(0.9, -0.45, 0.35 + lowerRise), on("axle", 0, -0.45, 0.35))
        };
        if (!panhard) {
            return axleWith(four);
        }
        Member bar = rod("panhard", frame(-0.1, 0.5, 0.5), on("axle", -0.1, -0.5, 0.5));
        return axleWith(four[0], four[1], four[2], four[3], bar);
    }

    @Test
    void equalSlopesWithPanhardRollFreelyAndAreRedundantYetClose() {
        RigidPoseSolver solver = new RigidPoseSolver(parallelInPlan(0.08, 0.08, true));
        assertThat(solver.moveTo(0, 0)).isTrue();
        assertThat(solver.freedoms().rank()).isEqualTo(4);
        assertThat(solver.freedoms().sound()).isTrue();
        assertThat(solver.freedoms().redundant()).contains("upper left", "lower right");
        assertThat(solver.moveTo(0.06, 0.06)).isTrue();
        assertThat(solver.motion(new double[] {1, 1}, new double[6])).isTrue();
    }

    @Test
    void differentSlopesWithPanhardBlockRollAndTheMembersAreNamed() {
        RigidPoseSolver solver = new RigidPoseSolver(parallelInPlan(0.02, 0.12, true));
        assertThat(solver.moveTo(0.05, 0.05)).isTrue();
        assertThat(solver.freedoms().blocked()).hasSize(1);
        assertThat(solver.freedoms().blocked().get(0).motion()).isEqualTo(Motion.ROLL);
        assertThat(solver.freedoms().blocked().get(0).members())
                .contains("upper left", "upper right", "lower left", "lower right");
        assertThat(solver.motion(new double[] {1, -1}, new double[6])).isFalse();
        assertThat(solver.moveTo(0.08, -0.08)).isFalse();
        assertThat(solver.solution()).isInstanceOf(Solution.Open.class);
    }

    @Test
    void withoutPanhardSwayIsLoose() {
        RigidPoseSolver solver = new RigidPoseSolver(parallelInPlan(0.08, 0.08, false));
        assertThat(solver.moveTo(0, 0)).isTrue();
        assertThat(solver.freedoms().loose()).contains(new Mobility.Loose("axle", Motion.SWAY));
    }

    @Test
    void aRodThatIsTooShortIsNamedWithItsGap() {
        Rod good = rod("upper left", frame(0.7, 0.4, 0.65), on("axle", 0.05, 0.12, 0.68));
        Rod shortened = new Rod(good.name(), good.a(), good.b(), 0.05);
        Mechanism mechanism = axleWith(
                shortened,
                rod("upper right", frame(0.7, -0.4, 0.65), on("axle", 0.05, -0.12, 0.68)),
                rod("lower left", frame(0.95, 0.3, 0.5), on("axle", 0, 0.5, 0.37)),
                rod("lower right", frame(0.95, -0.3, 0.5), on("axle", 0, -0.5, 0.37)));
        RigidPoseSolver solver = new RigidPoseSolver(mechanism);
        assertThat(solver.moveTo(0, 0)).isFalse();
        Solution.Open open = (Solution.Open) solver.solution();
        assertThat(open.diagnosis().gaps()).anySatisfy(gap -> {
            assertThat(gap.name()).isEqualTo("upper left");
            assertThat(gap.amount()).isPositive();
        });
        // Held at ride by the others, its ends can come no nearer than they do there: that is the whole shortage.
        double atRide = Vector3D.distance(good.a().atDesign(), good.b().atDesign());
        double named = open.diagnosis().gaps().stream()
                .filter(gap -> gap.name().equals("upper left"))
                .findFirst()
                .orElseThrow()
                .amount();
        assertThat(named).isBetween(0.001, atRide);
    }

    @Test
    void travelOutOfReachNamesTheWheelAndLeavesThePoseAsItWas() {
        RigidPoseSolver solver = new RigidPoseSolver(triangulated());
        solver.moveTo(0.02, 0.02);
        double[] before = new double[6];
        solver.motion(new double[] {1, -1}, before);
        assertThat(solver.moveTo(2.5, 2.5)).isFalse();
        double[] after = new double[6];
        solver.motion(new double[] {1, -1}, after);
        assertThat(after).as("motions are those of the pose that stayed").containsExactly(before, within(1e-9));
        assertThat(solver.configuration().origin(0, 2)).isCloseTo(0.42, within(1e-6));
        assertThat(solver.moveTo(0.02, 0.02)).isTrue();
    }

    @Test
    void aNameThatStandsTwiceIsRefused() {
        assertThatThrownBy(() -> axleWith(
                        rod("link", frame(1, 0, 0), on("axle", 0, 0, 0)),
                        rod("link", frame(1, 1, 0), on("axle", 0, 1, 0))))
                .hasMessageContaining("\"link\" stands twice");
    }
}
