package org.palanca.mechanism;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.Draw;
import org.palanca.Drawn;

/** Every kind of member and driver: its derivatives equal differences of its residuals, at any configuration. */
class ConstraintDerivativesTest {
    private static final double STEP = 1e-6;
    private static final double TEST_DERIVATIVE = 1e-7;
    private static final double WIDE_STEP = 3e-4;
    private static final double TEST_CURVATURE = 1e-4;

    private static BodyPoint point(String body, Random random) {
        return new BodyPoint(body, place(random));
    }

    private static Vector3D place(Random random) {
        return new Vector3D(random.nextDouble(), random.nextDouble(), random.nextDouble());
    }

    @Drawn(100)
    void derivativesEqualDifferences(Draw draw) {
        Random random = draw.random();
        List<Member> members = List.of(
                new Rod("to ground", point(Body.GROUND, random), point("a", random), 0.5),
                new Rod("between", point("a", random), point("b", random), 0.4),
                new BallJoint("ball", point("a", random), point("b", random)),
                new BallJoint("to frame", point("b", random), point(Body.GROUND, random)),
                new Hinge("hinge", "a", "b", place(random), place(random)),
                new Hinge("hinge on frame", Body.GROUND, "b", place(random), place(random)),
                new Guide("guide", "b", "a", place(random), place(random)),
                new PointOnLine("strut", "a", place(random), point("b", random)),
                new PointOnPlane("plane", "b", place(random), point(Body.GROUND, random)));
        List<Driver> drivers = List.of(
                new HeightDriver("height", point("b", random)),
                new SlideDriver("slide", "a", place(random), point("b", random)),
                new TurnDriver("turn", "a", "b", place(random), place(random)));
        Mechanism mechanism = new Mechanism(
                List.of(new Body("a", new Vector3D(0.1, 0.2, 0.3)), new Body("b", new Vector3D(-0.2, 0.4, 0.1))),
                members,
                drivers);
        Configuration at = mechanism.atDesign();
        for (int i = 0; i < drivers.size(); i++) {
            at.setDriver(i, random.nextDouble());
        }
        at.apply(random.doubles(12, -0.5, 0.5).toArray(), 1);
        for (Member member : members) {
            check(member.bind(mechanism), at, member.name());
        }
        for (int i = 0; i < drivers.size(); i++) {
            check(drivers.get(i).bind(mechanism, i), at, drivers.get(i).name());
        }
    }

    private static void check(Constraint constraint, Configuration at, String name) {
        int rows = constraint.equations();
        double[] residual = new double[rows];
        double[] jacobian = new double[rows * 12];
        constraint.linearise(at, residual, jacobian, 0, 12);
        double[] alone = new double[rows];
        constraint.residuals(at, alone, 0);
        assertThat(alone).as("both ways give the same residuals").containsExactly(residual);
        for (int unknown = 0; unknown < 12; unknown++) {
            double[] above = moved(constraint, at, unknown, STEP);
            double[] below = moved(constraint, at, unknown, -STEP);
            for (int row = 0; row < rows; row++) {
                double difference = (above[row] - below[row]) / (2 * STEP);
                assertThat(jacobian[row * 12 + unknown])
                        .as(name + " row " + row + " by unknown " + unknown)
                        .isCloseTo(difference, within(TEST_DERIVATIVE));
            }
        }

        curvature(constraint, at, name);
    }

    /** Second derivatives against second differences of the residuals, all rows weighted at once. */
    private static void curvature(Constraint constraint, Configuration at, String name) {
        double[] weights = new double[constraint.equations()];
        for (int row = 0; row < weights.length; row++) {
            weights[row] = 1 + row;
        }
        double[] hessian = new double[144];
        constraint.addCurvature(at, weights, 0, hessian, 12);
        for (int i = 0; i < 12; i++) {
            for (int j = 0; j < 12; j++) {
                // Richardson: of two steps the error of second order drops out, which ends near one another would make
                // large.
                double difference = (4 * second(constraint, at, weights, i, j, WIDE_STEP)
                                - second(constraint, at, weights, i, j, 2 * WIDE_STEP))
                        / 3;
                assertThat(hessian[12 * i + j])
                        .as(name + " curvature by unknowns " + i + " and " + j)
                        .isCloseTo(difference, within(TEST_CURVATURE * (1 + Math.abs(difference))));
            }
        }
    }

    private static double second(Constraint constraint, Configuration at, double[] weights, int i, int j, double step) {
        return (sum(constraint, at, weights, i, step, j, step)
                        - sum(constraint, at, weights, i, step, j, -step)
                        - sum(constraint, at, weights, i, -step, j, step)
                        + sum(constraint, at, weights, i, -step, j, -step))
                / (4 * step * step);
    }

    private static double sum(
            Constraint constraint, Configuration at, double[] weights, int i, double byI, int j, double byJ) {
        double[] twist = new double[12];
        twist[i] += byI;
        twist[j] += byJ;
        double[] residual = moved(constraint, at, twist);
        double sum = 0;
        for (int row = 0; row < weights.length; row++) {
            sum += weights[row] * residual[row];
        }
        return sum;
    }

    private static double[] moved(Constraint constraint, Configuration at, int unknown, double by) {
        double[] twist = new double[12];
        twist[unknown] = by;
        return moved(constraint, at, twist);
    }

    private static double[] moved(Constraint constraint, Configuration at, double[] twist) {
        Configuration there = at.copy();
        there.apply(twist, 1);
        double[] residual = new double[constraint.equations()];
        constraint.residuals(there, residual, 0);
        return residual;
    }

    /** The pose handed out turns vectors the same way as the configuration does. */
    @Drawn(50)
    void poseAndConfigurationTurnAlike(Draw draw) {
        Random random = draw.random();
        Body body = new Body("a", new Vector3D(0.3, -0.2, 0.5));
        Mechanism mechanism = new Mechanism(List.of(body), List.of(), List.of());
        Configuration at = mechanism.atDesign();
        at.apply(random.doubles(6, -1, 1).toArray(), 1);
        BodyPoint point = point("a", random);
        double[] found = new double[6];
        at.locate(0, mechanism.local(point), found);
        Vector3D carried = at.pose(0).apply(point.atDesign());
        assertThat(Vector3D.distance(carried, new Vector3D(found[0], found[1], found[2])))
                .isLessThan(1e-12);
    }
}
