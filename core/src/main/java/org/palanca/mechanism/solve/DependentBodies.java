package org.palanca.mechanism.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.palanca.mechanism.Configuration;

/**
 * Bodies that rigid equations place once the others are placed, such as knuckles on a steered axle: as many equations
 * touch them as they have freedoms, and none gives. They put no force on the others, so they are solved after them.
 */
final class DependentBodies {
    private static final int PER_BODY = 6;
    private static final int MOST_ITERATIONS = 25;
    private static final double PIVOT_FLOOR = 1e-9;

    private static final int MOST_FOLLOWING_STEPS = 8;

    /** Steps on old factors go on while each is at most this part of the one before. */
    private static final double FOLLOWING_GAIN = 0.5;

    private final Linearisation equations;
    private final int[] rows;
    private final int[] columns;
    private final boolean[] marked;
    private final int[] leading;
    private final double[] matrix;
    private final double[] right;
    private final double[] out;
    private final double[] step;
    private final BlockFactors factors;
    private final BroydenSteps following;
    private final Configuration before;

    /** Whether the factors are of a pose near the one that is closed next. */
    private boolean warm;

    private DependentBodies(Linearisation equations, int[] rows, int[] columns, Configuration before) {
        this.equations = equations;
        this.rows = rows;
        this.columns = columns;
        this.before = before;
        marked = equations.marked(rows);
        following = new BroydenSteps(rows.length, MOST_FOLLOWING_STEPS);
        leading = IntStream.range(0, equations.columns)
                .filter(column -> !ownsColumn(column))
                .toArray();
        matrix = new double[rows.length * rows.length];
        right = new double[rows.length];
        out = new double[rows.length];
        step = new double[equations.columns];
        gather();
        factors = new BlockFactors(matrix, rows.length);
        if (rows.length > 0 && factors.factor(matrix, PIVOT_FLOOR)) {
            factors.rememberSide();
        }
    }

    /**
     * Finds them.
     *
     * @param equations linearised at the design pose
     * @param gives whether a row belongs to a member that gives
     * @param design where everything stands there
     */
    static DependentBodies of(Linearisation equations, boolean[] gives, Configuration design) {
        int bodies = equations.columns / PER_BODY;
        long[] touches = new long[equations.rows];
        for (int row = 0; row < equations.rows; row++) {
            for (int column = 0; column < equations.columns; column++) {
                if (equations.jacobian[row * equations.columns + column] != 0) {
                    touches[row] |= 1L << column / PER_BODY;
                }
            }
        }
        long left = (1L << bodies) - 1;
        boolean found = true;
        while (found) {
            found = false;
            for (long group = left; group != 0 && !found; group = group - 1 & left) {
                if (group != left && follows(group, left, touches, gives)) {
                    left &= ~group;
                    found = true;
                }
            }
        }
        long leaders = left;
        List<Integer> rows = new ArrayList<>();
        for (int row = 0; row < touches.length; row++) {
            if ((touches[row] & ~leaders) != 0) {
                rows.add(row);
            }
        }
        int[] columns = IntStream.range(0, equations.columns)
                .filter(column -> (leaders >> column / PER_BODY & 1) == 0)
                .toArray();
        return new DependentBodies(
                equations, rows.stream().mapToInt(Integer::intValue).toArray(), columns, design.copy());
    }

    private static boolean follows(long group, long left, long[] touches, boolean[] gives) {
        int rows = 0;
        for (int row = 0; row < touches.length; row++) {
            if ((touches[row] & group) != 0 && (touches[row] & ~left) == 0) {
                rows++;
                if (gives[row]) {
                    return false;
                }
            }
        }
        return rows == PER_BODY * Long.bitCount(group);
    }

    /** Whether a row is theirs. */
    boolean ownsRow(int row) {
        return Arrays.binarySearch(rows, row) >= 0;
    }

    /** Whether a column is theirs. */
    boolean ownsColumn(int column) {
        return Arrays.binarySearch(columns, column) >= 0;
    }

    private void gather() {
        for (int i = 0; i < rows.length; i++) {
            for (int j = 0; j < columns.length; j++) {
                matrix[i * rows.length + j] = equations.jacobian[rows[i] * equations.columns + columns[j]];
            }
        }
    }

    /** Linearises the equations where all stand closed already, and has their factors at hand. */
    void at(Configuration configuration) {
        equations.at(configuration);
        gather();
        warm = rows.length > 0 && factors.factor(matrix, PIVOT_FLOOR);
    }

    /** What is closed next has nothing to do with the pose before. */
    void forgetNeighbour() {
        warm = false;
    }

    /** Places them for where the others are; leaves their equations linearised there and their factors at hand. */
    boolean close(Configuration configuration) {
        if (rows.length == 0) {
            return true;
        }
        if (warm) {
            before.set(configuration);
            if (!followOnOldFactors(configuration)) {
                configuration.set(before);
            }
        }
        warm = newton(configuration);
        return warm;
    }

    private boolean newton(Configuration configuration) {
        for (int i = 0; i < MOST_ITERATIONS; i++) {
            equations.at(configuration, marked);
            gather();
            double largest = takeResidual();
            if (!factors.factor(matrix, PIVOT_FLOOR) || !(largest < Double.POSITIVE_INFINITY)) {
                return false;
            }
            factors.solve(right, out);
            move(configuration);
            if (largest < SteppingSolver.CLOSED_WITHIN) {
                return factors.onRememberedSide();
            }
        }
        return false;
    }

    /** Steps on the factors of the pose before, which need no derivatives; false where they do not lead there. */
    private boolean followOnOldFactors(Configuration configuration) {
        following.begin();
        double last = Double.POSITIVE_INFINITY;
        while (true) {
            equations.residualsAt(configuration, marked);
            double largest = takeResidual();
            if (largest < SteppingSolver.CLOSED_WITHIN) {
                return true;
            }
            if (!(largest < FOLLOWING_GAIN * last)) {
                return false;
            }
            factors.solve(right, out);
            if (!following.better(out) || move(configuration) < 1) {
                return false;
            }
            last = largest;
        }
    }

    /** Takes what the equations are off as what is to be made up for; returns the most of it [m]. */
    private double takeResidual() {
        double largest = 0;
        for (int k = 0; k < rows.length; k++) {
            right[k] = -equations.residual[rows[k]];
            double size = Math.abs(right[k]);
            largest = size <= largest ? largest : Double.isNaN(size) ? Double.POSITIVE_INFINITY : size;
        }
        return largest;
    }

    /** Moves them by the step at hand; returns the part of it that was taken. */
    private double move(Configuration configuration) {
        Arrays.fill(step, 0);
        for (int k = 0; k < columns.length; k++) {
            step[columns[k]] = out[k];
        }
        double scale = SteppingSolver.guard(step);
        configuration.apply(step, scale);
        return scale;
    }

    /**
     * Adds their part to a motion of the others.
     *
     * @param rates of the drivers
     * @param twist with the others' part filled in
     */
    void follow(double[] rates, double[] twist) {
        if (rows.length == 0) {
            return;
        }
        for (int k = 0; k < rows.length; k++) {
            int driver = rows[k] - equations.memberRows;
            double sum = driver >= 0 ? rates[driver] : 0;
            int row = rows[k] * equations.columns;
            for (int column : leading) {
                sum -= equations.jacobian[row + column] * twist[column];
            }
            right[k] = sum;
        }
        factors.solve(right, out);
        for (int k = 0; k < columns.length; k++) {
            twist[columns[k]] = out[k];
        }
    }
}
