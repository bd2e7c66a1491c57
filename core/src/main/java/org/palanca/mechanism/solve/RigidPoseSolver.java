package org.palanca.mechanism.solve;

import java.util.Arrays;
import java.util.List;
import org.palanca.mechanism.Mechanism;

/**
 * Newton's method on the exact Jacobian, warm from the last pose.
 *
 * <p>As many equations as unknowns and a sound pivot everywhere: plain elimination, no allocation. Otherwise (members
 * that repeat one another, a freedom left loose) each step is the shortest that best satisfies the linearised
 * equations, by singular values: consistent redundant members then still close, and loose freedoms stay where they were.
 */
public final class RigidPoseSolver extends SteppingSolver {
    /** Pivots smaller than this count as zero [m/m or m/rad, lengths of the order of a metre]. */
    private static final double PIVOT_FLOOR = 1e-9;

    /** A member row that a motion violates by more than this means that the motion is blocked [m per m]. */
    private static final double MOTION_TOLERANCE = 1e-9;

    private static final int MOST_ITERATIONS = 30;

    /** Jump of the drivers beyond which old factors are not used [m]. */
    private static final double LONGEST_WARM_STEP = 0.03;

    /** After a Newton step from a residual as small as this the mechanism is probably closed [m]. */
    private static final double LIKELY_CLOSED_AFTER = 3e-5;

    /** The first step of a move is the motion at its start; what comes after may add up to this part of it [m or rad]. */
    private static final double MOST_CORRECTED = 0.5;

    private static final double A_LITTLE = 1e-3;

    /** A pose is safe to start from while its elimination is as sound as this part of that of the design pose. */
    private static final double WELL_HELD = 0.1;

    private final BlockFactors factors;
    private final ShortestStep shortest;
    private final double leastQuality;
    private final double[] step;
    private final double[] right;
    private final boolean hasSquare;
    private final double[] reached;
    private final boolean[] changed;
    private final boolean[] markedRows;
    private final boolean[] marked;
    /** Length of the first step of the last move, and of all that came after [m or rad]. */
    private double predicted;

    private double corrected;
    private boolean square;

    /** Whether the factors belong to a pose near the present one. */
    private boolean warm;

    /** Whether they belong to the present pose itself. */
    private boolean fresh = true;

    /** A solver standing in the design pose; call {@link #moveTo} with zeros to close it there first. */
    public RigidPoseSolver(Mechanism mechanism) {
        super(mechanism);
        step = new double[equations.columns];
        shortest = new ShortestStep(equations.rows, equations.columns);
        right = new double[equations.rows];
        reached = new double[asked.length];
        changed = new boolean[equations.rows];
        markedRows = new boolean[equations.rows];
        marked = new boolean[equations.constraints()];
        Arrays.fill(marked, true);
        equations.at(present);
        hasSquare = equations.rows == equations.columns;
        factors = new BlockFactors(equations.jacobian, hasSquare ? equations.columns : 0);
        if (hasSquare && factors.factor(equations.jacobian, PIVOT_FLOOR)) {
            factors.rememberSide();
            leastQuality = WELL_HELD * factors.quality();
        } else {
            leastQuality = 0;
        }
    }

    @Override
    boolean heldTooOften() {
        return equations.rows > equations.columns;
    }

    @Override
    boolean near() {
        return wellHeld() && newton(true) && wellHeld();
    }

    /** Near a dead point, where two ways of closing part, pivots vanish: no pose there is a safe start. */
    private boolean wellHeld() {
        return !square || factors.quality() > leastQuality;
    }

    /** A fifth of the longest travel there is. */
    @Override
    double longestStep() {
        return 0.05;
    }

    private boolean wentOn() {
        return corrected < MOST_CORRECTED * predicted + A_LITTLE;
    }

    @Override
    void forgetNeighbour() {
        warm = false;
        fresh = false;
    }

    @Override
    boolean newton(boolean goingOn) {
        markWhatChanges();
        predicted = Double.NaN;
        corrected = 0;
        stepOnWarmFactors();
        fresh = true;
        double last = Double.POSITIVE_INFINITY;
        double scale = 1;
        for (int i = 0; i < MOST_ITERATIONS; i++) {
            equations.at(present, marked);
            residual = equations.largestResidual();
            square = hasSquare && factors.factorActive(equations.jacobian, PIVOT_FLOOR);
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
            scale = guard(step);
            take(scale);
            if (goingOn && !wentOn()) {
                return false;
            }
            if (scale == 1 && closedByLastStep(residual)) {
                warm = onTheSameSide();
                return warm;
            }
        }
        return false;
    }

    /**
     * Bodies that nothing asks to move stay as they are: along a row of a map only one wheel of two goes on. All are
     * marked unless the last pose was closed and refined, since only then what is kept of the others is theirs.
     */
    private void markWhatChanges() {
        boolean keep = warm && fresh && square;
        if (keep) {
            for (int i = 0; i < asked.length; i++) {
                changed[equations.memberRows + i] = present.driver(i) != reached[i];
            }
            factors.activate(changed, markedRows);
            for (int i = 0; i < marked.length; i++) {
                marked[i] = false;
                for (int k = 0; k < equations.equations(i); k++) {
                    marked[i] |= markedRows[equations.firstRow(i) + k];
                }
            }
        } else {
            Arrays.fill(marked, true);
            factors.activateAll();
        }
        for (int i = 0; i < asked.length; i++) {
            reached[i] = present.driver(i);
        }
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
        equations.residualsAt(present, marked);
        if (equations.largestResidual() < LONGEST_WARM_STEP) {
            findStep();
            take(1);
        }
    }

    /** Moves by a part of the step at hand. */
    private void take(double scale) {
        double length = 0;
        for (double part : step) {
            length = Math.max(length, Math.abs(part));
        }
        if (Double.isNaN(predicted)) {
            predicted = scale * length;
        } else {
            corrected += scale * length;
        }
        present.apply(step, scale);
        iterations++;
    }

    /** Whether the step just taken closes the mechanism; asked where it is likely, since it costs no derivatives. */
    private boolean closedByLastStep(double residualBefore) {
        if (residualBefore > LIKELY_CLOSED_AFTER || !square) {
            return false;
        }
        equations.residualsAt(present, marked);
        residual = equations.largestResidual();
        fresh = residual >= CLOSED_WITHIN;
        return !fresh;
    }

    /** Makes the present pose's own factors, if it was closed on older ones, and takes it down to the rounding. */
    private void refresh() {
        if (!fresh) {
            equations.at(present, marked);
            square = factors.factorActive(equations.jacobian, PIVOT_FLOOR);
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
        return !square || factors.onRememberedSide();
    }

    private void findStep() {
        for (int i = 0; i < right.length; i++) {
            right[i] = -equations.residual[i];
        }
        if (square) {
            factors.solveActive(right, step);
        } else {
            shortest.solve(equations.jacobian, right, step);
        }
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
        shortest.solve(equations.jacobian, right, twist);
        return equations.rows >= equations.columns
                && satisfies(twist)
                && (shortest.unique() || freedoms().loose().isEmpty());
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

    @Override
    public double strain(int member) {
        return 0;
    }

    @Override
    public List<Solution.Strain> strains() {
        return List.of();
    }

    @Override
    public boolean surelyHeld() {
        refresh();
        return square && factors.quality() > SURELY_HELD;
    }

    @Override
    Solution closedSolution() {
        refresh();
        return new Solution.Closed(poses(), iterations, residual, square ? factors.quality() : 0, freedoms());
    }
}
