package org.palanca.mechanism.solve;

import java.util.Arrays;
import java.util.stream.IntStream;
import org.palanca.mechanism.Configuration;

/**
 * The conditions of equilibrium of a mechanism that gives in places: forces that cancel and rigid equations that hold, for the
 * bodies that are solved for together. The unknowns are their motions and the forces in the rigid members, the matrix is
 * symmetric. Rates are taken against the largest, so forces are in its unit.
 */
final class EquilibriumEquations {
    private static final int PER_BODY = 6;
    private static final double PIVOT_FLOOR = 1e-13;

    /** Keeps a freedom that nothing resists where it was [part of the largest rate]. */
    private static final double DRAG = 1e-9;

    private final Linearisation equations;
    private final double[] rate;
    private final int[] rows;
    private final int[] columns;
    private final boolean[] marked;

    /** For each row the columns that it touches. */
    private final int[][] touched;

    /** For each column its place among those that are solved for here. */
    private final int[] place;

    private final int[] rigidRows;
    private final double[] multiplier;
    private final double[] weight;
    private final double[] hessian;
    private final double[] matrix;
    private final double[] right;
    private final double[] unknown;
    private final LuFactors factors;

    /**
     * @param equations linearised at the design pose
     * @param rate of each row, as parts of the largest; 0 where it is rigid
     * @param followers bodies that are placed after the others, and have no part in this
     */
    EquilibriumEquations(Linearisation equations, double[] rate, DependentBodies followers) {
        this.equations = equations;
        this.rate = rate;
        columns = IntStream.range(0, equations.columns)
                .filter(column -> !followers.ownsColumn(column))
                .toArray();
        rows = IntStream.range(0, equations.rows)
                .filter(row -> !followers.ownsRow(row))
                .toArray();
        marked = equations.marked(rows);
        touched = IntStream.range(0, equations.rows)
                .mapToObj(row -> Arrays.stream(columns)
                        .filter(column -> equations.touches(row, column / PER_BODY))
                        .toArray())
                .toArray(int[][]::new);
        place = new int[equations.columns];
        for (int i = 0; i < columns.length; i++) {
            place[columns[i]] = i;
        }
        rigidRows = Arrays.stream(rows).filter(row -> rate[row] == 0).toArray();
        int size = columns.length + rigidRows.length;
        multiplier = new double[rigidRows.length];
        weight = new double[equations.rows];
        hessian = new double[equations.columns * equations.columns];
        matrix = new double[size * size];
        right = new double[size];
        unknown = new double[size];
        factors = new LuFactors(size);
    }

    /** Forces in the rigid members, in the order of their rows. */
    double[] multiplier() {
        return multiplier;
    }

    LuFactors factors() {
        return factors;
    }

    /** Room for so many steps on old factors. */
    BroydenSteps steps(int most) {
        return new BroydenSteps(right.length, most);
    }

    /** Room for factors of the same size. */
    LuFactors spareFactors() {
        return new LuFactors(right.length);
    }

    /** Works out what is out of balance: forces that do not cancel, rigid equations that do not hold. */
    void balance(Configuration at) {
        equations.at(at, marked);
        for (int row : rows) {
            weight[row] = rate[row] * equations.residual[row];
        }
        for (int k = 0; k < rigidRows.length; k++) {
            weight[rigidRows[k]] = multiplier[k];
        }
        Arrays.fill(right, 0);
        double[] jacobian = equations.jacobian;
        for (int row : rows) {
            double force = weight[row];
            int from = row * equations.columns;
            for (int i = 0; i < touched[row].length && force != 0; i++) {
                int column = touched[row][i];
                right[place[column]] -= force * jacobian[from + column];
            }
        }
        for (int k = 0; k < rigidRows.length; k++) {
            right[columns.length + k] = -equations.residual[rigidRows[k]];
        }
    }

    /** Second derivatives of energy and equations at the pose that was just balanced, factored; false where they are none. */
    boolean factor(Configuration at) {
        int n = columns.length;
        Arrays.fill(hessian, 0);
        equations.addCurvature(at, weight, hessian, marked);
        for (int row : rows) {
            if (rate[row] != 0) {
                addStiffness(row);
            }
        }
        int size = right.length;
        Arrays.fill(matrix, 0);
        for (int i = 0; i < n; i++) {
            int from = columns[i] * equations.columns;
            for (int j = i; j < n; j++) {
                double entry = hessian[from + columns[j]];
                matrix[i * size + j] = entry;
                matrix[j * size + i] = entry;
            }
            matrix[i * size + i] += DRAG;
        }
        for (int k = 0; k < rigidRows.length; k++) {
            int row = rigidRows[k];
            for (int j = 0; j < n; j++) {
                double entry = equations.jacobian[row * equations.columns + columns[j]];
                matrix[(n + k) * size + j] = entry;
                matrix[j * size + n + k] = entry;
            }
        }
        return factors.factor(matrix, PIVOT_FLOOR);
    }

    private void addStiffness(int row) {
        double[] jacobian = equations.jacobian;
        int n = equations.columns;
        int[] touch = touched[row];
        for (int i = 0; i < touch.length; i++) {
            double scaled = rate[row] * jacobian[row * n + touch[i]];
            int into = touch[i] * n;
            // Rising columns: the upper half alone, which is what is read.
            for (int j = i; j < touch.length; j++) {
                hessian[into + touch[j]] += scaled * jacobian[row * n + touch[j]];
            }
        }
    }

    /** The step that takes up what is out of balance, by the factors at hand; of the bodies that follow nothing is set. */
    void step(double[] step) {
        factors.solve(right, unknown);
        spread(step);
    }

    /**
     * The same where the factors are older than the pose.
     *
     * @return false where they are of no use any more; the step is then theirs alone
     */
    boolean step(double[] step, BroydenSteps before) {
        factors.solve(right, unknown);
        boolean better = before.better(unknown);
        spread(step);
        return better;
    }

    private void spread(double[] step) {
        for (int i = 0; i < columns.length; i++) {
            step[columns[i]] = unknown[i];
        }
    }

    /** Adds a part of the change of forces that came with the last step. */
    void addForces(double part) {
        for (int k = 0; k < multiplier.length; k++) {
            multiplier[k] += part * unknown[columns.length + k];
        }
    }

    /**
     * The motion that goes with rates of the drivers, by the factors at hand, of these bodies; the others' is nothing.
     *
     * @param rates one a driver
     */
    void motion(double[] rates, double[] twist) {
        Arrays.fill(right, 0);
        for (int k = 0; k < rigidRows.length; k++) {
            int driver = rigidRows[k] - equations.memberRows;
            right[columns.length + k] = driver >= 0 ? rates[driver] : 0;
        }
        Arrays.fill(twist, 0);
        step(twist);
    }

    /** Largest left-over of any rigid equation [m]; NaN counts as infinite. */
    double largestRigidResidual() {
        double largest = 0;
        for (int row : rigidRows) {
            double size = Math.abs(equations.residual[row]);
            largest = size <= largest ? largest : Double.isNaN(size) ? Double.POSITIVE_INFINITY : size;
        }
        return largest;
    }
}
