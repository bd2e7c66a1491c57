package org.palanca.mechanism.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.linear.SingularValueDecomposition;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;
import org.palanca.mechanism.Pose;

/**
 * Newton's method on the exact Jacobian, warm from the last pose.
 *
 * <p>As many equations as unknowns and a sound pivot everywhere: plain elimination, no allocation. Otherwise (members
 * that repeat one another, a freedom left loose) each step is the shortest that best satisfies the linearised
 * equations, by singular values: consistent redundant members then still close, and loose freedoms stay where they were.
 */
public final class RigidPoseSolver implements PoseSolver {
    /** Largest left-over with which the mechanism counts as closed [m]: a ten-thousandth of a micrometre. */
    public static final double CLOSED_WITHIN = 1e-10;

    /** Pivots smaller than this count as zero [m/m or m/rad, lengths of the order of a metre]. */
    private static final double PIVOT_FLOOR = 1e-9;

    /** Singular values under this part of the largest count as zero. */
    static final double RANK_TOLERANCE = 1e-8;

    /** A member row that a motion violates by more than this means that the motion is blocked [m per m]. */
    private static final double MOTION_TOLERANCE = 1e-9;

    /** Longest step: half a metre or half a radian, so that a bad start does not throw the axle over. */
    private static final double LONGEST_STEP = 0.5;

    private static final int MOST_ITERATIONS = 30;

    /** Jump of the drivers beyond which old factors are not used [m]. */
    private static final double LONGEST_WARM_STEP = 0.03;

    /** After a Newton step from a residual as small as this the mechanism is probably closed [m]. */
    private static final double LIKELY_CLOSED_AFTER = 3e-5;

    /** In how many parts a move is taken when it does not succeed at once. */
    private static final int[] PARTS = {8, 64};

    private final Mechanism mechanism;
    private final Linearisation equations;
    private final Configuration present;
    private final Configuration start;
    private final LuFactors factors;
    private final double[] step;
    private final double[] right;
    private final double[] asked;
    private boolean square;
    private int signAtDesign;
    private int iterations;
    private double residual;
    private boolean closed;

    /** Whether the factors belong to a pose near the present one. */
    private boolean warm;

    /** Whether they belong to the present pose itself. */
    private boolean fresh = true;

    /** A solver standing in the design pose; call {@link #moveTo} with zeros to close it there first. */
    public RigidPoseSolver(Mechanism mechanism) {
        this.mechanism = mechanism;
        equations = new Linearisation(mechanism);
        present = mechanism.atDesign();
        start = mechanism.atDesign();
        factors = new LuFactors(equations.columns);
        step = new double[equations.columns];
        right = new double[equations.rows];
        asked = new double[mechanism.drivers().size()];
        equations.at(present);
        if (equations.rows == equations.columns && factors.factor(equations.jacobian, PIVOT_FLOOR)) {
            signAtDesign = factors.sign();
        }
    }

    @Override
    public Mechanism mechanism() {
        return mechanism;
    }

    @Override
    public Configuration configuration() {
        return present;
    }

    @Override
    public void reset() {
        present.reset();
        closed = false;
        warm = false;
        fresh = false;
    }

    @Override
    public boolean moveTo(double... drivers) {
        if (drivers.length != asked.length) {
            throw new IllegalArgumentException(
                    drivers.length + " driver values given, the mechanism has " + asked.length);
        }
        System.arraycopy(drivers, 0, asked, 0, asked.length);
        start.set(present);
        iterations = 0;
        closed = part(1);
        for (int i = 0; i < PARTS.length && !closed; i++) {
            closed = inParts(PARTS[i]);
        }
        if (!closed) {
            present.set(start);
            warm = false;
            fresh = false;
        }
        return closed;
    }

    private boolean inParts(int parts) {
        present.set(start);
        warm = false;
        for (int i = 1; i <= parts; i++) {
            if (!part((double) i / parts)) {
                return false;
            }
        }
        return true;
    }

    private boolean part(double fraction) {
        for (int i = 0; i < asked.length; i++) {
            double before = start.driver(i);
            present.setDriver(i, fraction == 1 ? asked[i] : before + fraction * (asked[i] - before));
        }
        return newton();
    }

    private boolean newton() {
        stepOnWarmFactors();
        fresh = true;
        double last = Double.POSITIVE_INFINITY;
        double scale = 1;
        for (int i = 0; i < MOST_ITERATIONS; i++) {
            equations.at(present);
            residual = equations.largestResidual();
            square = equations.rows == equations.columns && factors.factor(equations.jacobian, PIVOT_FLOOR);
            if (residual < CLOSED_WITHIN) {
                polish();
                warm = square && onTheSameSide();
                return onTheSameSide();
            }
            if (residual > 2 * last && scale > 1e-3) {
                // Overshot: go back half of the step and look again.
                present.apply(step, -scale / 2);
                scale /= 2;
                continue;
            }
            last = residual;
            findStep();
            scale = guard();
            present.apply(step, scale);
            iterations++;
            if (scale == 1 && closedByLastStep(residual)) {
                warm = onTheSameSide();
                return warm;
            }
        }
        return false;
    }

    /**
     * The first step to a neighbouring pose needs no new derivatives: the factors of the pose just left serve, and what
     * is left of the residual is of the second order.
     */
    private void stepOnWarmFactors() {
        if (!warm) {
            return;
        }
        warm = false;
        equations.residualsAt(present);
        if (equations.largestResidual() < LONGEST_WARM_STEP) {
            findStep();
            present.apply(step, 1);
            iterations++;
        }
    }

    /** Whether the step just taken closes the mechanism; asked where it is likely, since it costs no derivatives. */
    private boolean closedByLastStep(double residualBefore) {
        if (residualBefore > LIKELY_CLOSED_AFTER || !square) {
            return false;
        }
        equations.residualsAt(present);
        residual = equations.largestResidual();
        fresh = residual >= CLOSED_WITHIN;
        return !fresh;
    }

    /** Makes the present pose's own factors, if it was closed on older ones, and takes it down to the rounding. */
    private void refresh() {
        if (!fresh) {
            equations.at(present);
            square = factors.factor(equations.jacobian, PIVOT_FLOOR);
            polish();
            fresh = true;
        }
    }

    /** One more step on the factors at hand: what is left of the residual is then down in the rounding. */
    private void polish() {
        if (square) {
            findStep();
            present.apply(step, 1);
        }
    }

    /** Whether the mechanism has not been turned inside out through a dead point. */
    private boolean onTheSameSide() {
        return !square || signAtDesign == 0 || factors.sign() == signAtDesign;
    }

    private void findStep() {
        for (int i = 0; i < right.length; i++) {
            right[i] = -equations.residual[i];
        }
        if (square) {
            factors.solve(right, step);
        } else {
            System.arraycopy(shortest(right).toArray(), 0, step, 0, step.length);
        }
    }

    private double guard() {
        double longest = 0;
        for (double part : step) {
            longest = Math.max(longest, Math.abs(part));
        }
        return longest > LONGEST_STEP ? LONGEST_STEP / longest : 1;
    }

    private RealVector shortest(double[] rightSide) {
        SingularValueDecomposition svd = new SingularValueDecomposition(jacobianMatrix());
        double[] values = svd.getSingularValues();
        RealVector projected = svd.getUT().operate(MatrixUtils.createRealVector(rightSide));
        for (int i = 0; i < projected.getDimension(); i++) {
            boolean real = i < values.length && values[i] > RANK_TOLERANCE * values[0];
            projected.setEntry(i, real ? projected.getEntry(i) / values[i] : 0);
        }
        return svd.getV().operate(projected);
    }

    private RealMatrix jacobianMatrix() {
        RealMatrix matrix = MatrixUtils.createRealMatrix(equations.rows, equations.columns);
        for (int i = 0; i < equations.rows; i++) {
            for (int j = 0; j < equations.columns; j++) {
                matrix.setEntry(i, j, equations.jacobian[i * equations.columns + j]);
            }
        }
        return matrix;
    }

    @Override
    public boolean motion(double[] rates, double[] twist) {
        refresh();
        Arrays.fill(right, 0, equations.memberRows, 0);
        System.arraycopy(rates, 0, right, equations.memberRows, rates.length);
        if (square) {
            factors.solve(right, twist);
            return true;
        }
        System.arraycopy(shortest(right).toArray(), 0, twist, 0, equations.columns);
        return satisfies(twist) && freedoms().loose().isEmpty();
    }

    private boolean satisfies(double[] twist) {
        for (int i = 0; i < equations.rows; i++) {
            double sum = -right[i];
            for (int j = 0; j < equations.columns; j++) {
                sum += equations.jacobian[i * equations.columns + j] * twist[j];
            }
            if (Math.abs(sum) > MOTION_TOLERANCE) {
                return false;
            }
        }
        return true;
    }

    /** What is free, loose and blocked at the present pose. */
    public Freedoms freedoms() {
        return Freedoms.at(mechanism, present);
    }

    @Override
    public Solution solution() {
        if (!closed) {
            return new Solution.Open(iterations, residual, ClosureDiagnosis.of(mechanism, present, asked));
        }
        refresh();
        List<Pose> poses = new ArrayList<>();
        for (int i = 0; i < mechanism.bodies().size(); i++) {
            poses.add(present.pose(i));
        }
        return new Solution.Closed(poses, iterations, residual, square ? factors.quality() : 0, freedoms());
    }
}
