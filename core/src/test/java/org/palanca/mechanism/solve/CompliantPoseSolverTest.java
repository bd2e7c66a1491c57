package org.palanca.mechanism.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.RotationOrder;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;
import org.junit.jupiter.api.Test;
import org.palanca.base.geometry.RigidMotion;
import org.palanca.mechanism.Body;
import org.palanca.mechanism.BodyPoint;
import org.palanca.mechanism.CompliantMember;
import org.palanca.mechanism.HeightDriver;
import org.palanca.mechanism.Mechanism;
import org.palanca.mechanism.Member;
import org.palanca.mechanism.Rod;

/** Least strain energy, held against a general least-squares optimiser that knows nothing of our members. */
class CompliantPoseSolverTest {
    private static final Vector3D CENTRE = new Vector3D(0, 0, 0.4);

    /** Four links parallel in plan with unlike slopes, and a panhard: it binds in roll. Rates in N/m. */
    private static final double[][] LINKS = {
        {0.9, 0.4, 0.67, 0, 0.4, 0.65, 5e6},
        {0.9, -0.4, 0.67, 0, -0.4, 0.65, 5e6},
        {0.9, 0.45, 0.47, 0, 0.45, 0.35, 8e6},
        {0.9, -0.45, 0.47, 0, -0.45, 0.35, 8e6},
        {-0.1, 0.5, 0.5, -0.1, -0.5, 0.5, 3e6}
    };

    private static Mechanism binding() {
        List<Member> members = new ArrayList<>();
        for (int i = 0; i < LINKS.length; i++) {
            Vector3D from = new Vector3D(LINKS[i][0], LINKS[i][1], LINKS[i][2]);
            Vector3D to = new Vector3D(LINKS[i][3], LINKS[i][4], LINKS[i][5]);
            Rod rod = new Rod(
                    "link " + i,
                    new BodyPoint(Body.GROUND, from),
                    new BodyPoint("axle", to),
                    Vector3D.distance(from, to));
            members.add(new CompliantMember(rod, LINKS[i][6]));
        }
        return new Mechanism(
                List.of(new Body("axle", CENTRE)),
                members,
                List.of(
                        new HeightDriver("left", new BodyPoint("axle", new Vector3D(0, 0.75, 0.4))),
                        new HeightDriver("right", new BodyPoint("axle", new Vector3D(0, -0.75, 0.4)))));
    }

    /** What each link is off, when the heights are all but rigid springs: Hipparchus' Levenberg-Marquardt. */
    private static RealVector reference(double left, double right) {
        double heightWeight = 2e3;
        var problem = new LeastSquaresBuilder()
                .start(new double[6])
                .target(new double[LINKS.length + 2])
                .model(point -> {
                    RealVector value = residuals(point, left, right, heightWeight);
                    RealMatrix jacobian = new Array2DRowRealMatrix(value.getDimension(), 6);
                    for (int j = 0; j < 6; j++) {
                        RealVector above = point.copy();
                        RealVector below = point.copy();
                        above.addToEntry(j, 1e-6);
                        below.addToEntry(j, -1e-6);
                        jacobian.setColumnVector(
                                j,
                                residuals(above, left, right, heightWeight)
                                        .subtract(residuals(below, left, right, heightWeight))
                                        .mapDivide(2e-6));
                    }
                    return new Pair<>(value, jacobian);
                })
                .maxEvaluations(1000)
                .maxIterations(1000)
                .build();
        RealVector found = new LevenbergMarquardtOptimizer()
                .withCostRelativeTolerance(1e-15)
                .withParameterRelativeTolerance(1e-15)
                .optimize(problem)
                .getPoint();
        RealVector off = residuals(found, left, right, heightWeight);
        for (int i = 0; i < LINKS.length; i++) {
            off.setEntry(i, off.getEntry(i) / Math.sqrt(LINKS[i][6] / 5e6));
        }
        return off;
    }

    private static RealVector residuals(RealVector p, double left, double right, double heightWeight) {
        Rotation turn = new Rotation(
                RotationOrder.XYZ, RotationConvention.VECTOR_OPERATOR, p.getEntry(3), p.getEntry(4), p.getEntry(5));
        Vector3D at = CENTRE.add(new Vector3D(p.getEntry(0), p.getEntry(1), p.getEntry(2)));
        RealVector off = new ArrayRealVector(LINKS.length + 2);
        for (int i = 0; i < LINKS.length; i++) {
            double[] l = LINKS[i];
            Vector3D from = new Vector3D(l[0], l[1], l[2]);
            Vector3D to = new Vector3D(l[3], l[4], l[5]);
            Vector3D now = at.add(turn.applyTo(to.subtract(CENTRE)));
            off.setEntry(i, Math.sqrt(l[6] / 5e6) * (Vector3D.distance(from, now) - Vector3D.distance(from, to)));
        }
        double leftUp = at.add(turn.applyTo(new Vector3D(0, 0.75, 0))).getZ() - 0.4;
        double rightUp = at.add(turn.applyTo(new Vector3D(0, -0.75, 0))).getZ() - 0.4;
        off.setEntry(LINKS.length, heightWeight * (leftUp - left));
        off.setEntry(LINKS.length + 1, heightWeight * (rightUp - right));
        return off;
    }

    @Test
    void theStrainIsThatOfAGeneralLeastSquaresOptimiser() {
        CompliantPoseSolver solver = new CompliantPoseSolver(binding());
        double[][] poses = {{0, 0}, {0.08, 0.08}, {0.08, -0.08}, {-0.1, 0.05}, {0.12, -0.02}};
        for (double[] pose : poses) {
            assertThat(solver.moveTo(pose)).isTrue();
            RealVector off = reference(pose[0], pose[1]);
            for (int i = 0; i < LINKS.length; i++) {
                assertThat(solver.strain(i))
                        .as("link " + i + " at " + pose[0] + ", " + pose[1])
                        .isCloseTo(off.getEntry(i), within(2e-8));
            }
        }
    }

    @Test
    void heaveStrainsNothingRollDoesAndTheReportSaysHowMuch() {
        CompliantPoseSolver solver = new CompliantPoseSolver(binding());
        assertThat(solver.moveTo(0.08, -0.08)).isTrue();
        Solution.Strained strained = (Solution.Strained) solver.solution();
        assertThat(strained.freedoms().blocked()).hasSize(1);
        assertThat(strained.strains())
                .hasSize(5)
                .anySatisfy(strain -> assertThat(Math.abs(strain.off())).isGreaterThan(1e-3));
        for (int i = 0; i < LINKS.length; i++) {
            Solution.Strain strain = strained.strains().get(i);
            assertThat(strain.force()).isCloseTo(LINKS[i][6] * strain.off(), within(1e-3));
        }
        assertThat(solver.moveTo(0, 0)).isTrue();
        assertThat(solver.strain(0)).isCloseTo(0, within(1e-10));
    }

    /** At a strained pose the forces turn with the motion; leaving that out would be off by parts in a hundred. */
    @Test
    void theMotionAtAStrainedPoseEqualsDifferencesOfPoses() {
        CompliantPoseSolver solver = new CompliantPoseSolver(binding());
        assertThat(solver.moveTo(0.09, -0.07)).isTrue();
        double[] twist = new double[6];
        assertThat(solver.motion(new double[] {1, -1}, twist)).isTrue();
        double h = 1e-5;
        Vector3D point = new Vector3D(0.1, 0.3, 0.7);
        RigidMotion here = solver.configuration().pose(0);
        solver.moveTo(0.09 + h, -0.07 - h);
        Vector3D after = solver.configuration().pose(0).apply(point);
        solver.moveTo(0.09 - h, -0.07 + h);
        Vector3D before = solver.configuration().pose(0).apply(point);
        Vector3D arm = here.apply(point).subtract(here.to());
        Vector3D velocity = new Vector3D(twist[0], twist[1], twist[2])
                .add(Vector3D.crossProduct(new Vector3D(twist[3], twist[4], twist[5]), arm));
        assertThat(Vector3D.distance(velocity, after.subtract(before).scalarMultiply(1 / (2 * h))))
                .isLessThan(2e-7);
    }
}
