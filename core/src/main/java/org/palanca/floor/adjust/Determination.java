package org.palanca.floor.adjust;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.exception.MathIllegalArgumentException;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.linear.SingularValueDecomposition;

/**
 * How the readings at given places determine the unknowns: by their normal equations where those are sound, else by the
 * singular values of the design matrix, which are always right and cost many times as much. A reading touches two or three
 * marks, so the normal equations are summed from the few entries of each row.
 */
final class Determination {
    /** Singular values under this part of the largest count as nothing: that far can no tape tell. */
    private static final double NOTHING = 1e-9;

    /** How unlike its transpose a normal matrix may be by rounding, and the least pivot of a sound one, both relative. */
    private static final double SYMMETRIC = 1e-9;

    private static final double SOUND = 1e-9;

    private final int rank;
    private final RealMatrix cofactor;
    private final double[] held;
    private final double[] taken;

    private Determination(int rank, RealMatrix cofactor, double[] held, double[] taken) {
        this.rank = rank;
        this.cofactor = cofactor;
        this.held = held;
        this.taken = taken;
    }

    /** @param design rows over their standard deviations, as {@link Network#design} gives them */
    static Determination of(RealMatrix design) {
        return normalSolver(design)
                .map(solver -> byNormalEquations(design, solver.getInverse()))
                .orElseGet(() -> bySingularValues(design));
    }

    /** The change of the unknowns that takes up a misclosure with the least sum of squares left. */
    static RealVector step(RealMatrix design, RealVector misclosure) {
        return normalSolver(design)
                .map(solver -> solver.solve(design.preMultiply(misclosure)))
                .orElseGet(() ->
                        pseudoInverse(new SingularValueDecomposition(design)).operate(misclosure));
    }

    private static Optional<DecompositionSolver> normalSolver(RealMatrix design) {
        int unknowns = design.getColumnDimension();
        double[][] normal = new double[unknowns][unknowns];
        for (int row = 0; row < design.getRowDimension(); row++) {
            double[] entries = design.getRow(row);
            int[] touched = touched(entries);
            for (int i : touched) {
                for (int j : touched) {
                    normal[i][j] += entries[i] * entries[j];
                }
            }
        }
        double largest = IntStream.range(0, unknowns)
                .mapToDouble(i -> normal[i][i])
                .max()
                .orElse(0);
        try {
            return Optional.of(
                    new CholeskyDecomposition(new Array2DRowRealMatrix(normal, false), SYMMETRIC, SOUND * largest)
                            .getSolver());
        } catch (MathIllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static int[] touched(double[] row) {
        return IntStream.range(0, row.length).filter(i -> row[i] != 0).toArray();
    }

    private static Determination byNormalEquations(RealMatrix design, RealMatrix inverse) {
        double[] taken = new double[design.getRowDimension()];
        for (int row = 0; row < taken.length; row++) {
            double[] entries = design.getRow(row);
            int[] touched = touched(entries);
            for (int i : touched) {
                for (int j : touched) {
                    taken[row] += entries[i] * inverse.getEntry(i, j) * entries[j];
                }
            }
        }
        double[] held = new double[design.getColumnDimension()];
        Arrays.fill(held, 1);
        return new Determination(held.length, inverse, held, taken);
    }

    private static Determination bySingularValues(RealMatrix design) {
        SingularValueDecomposition svd = new SingularValueDecomposition(design);
        int rank = rank(svd);
        double[] inverse = new double[svd.getSingularValues().length];
        for (int i = 0; i < rank; i++) {
            inverse[i] = 1 / (svd.getSingularValues()[i] * svd.getSingularValues()[i]);
        }
        RealMatrix cofactor = svd.getV()
                .multiply(MatrixUtils.createRealDiagonalMatrix(inverse))
                .multiply(svd.getVT());
        return new Determination(rank, cofactor, squares(svd.getV(), rank), squares(svd.getU(), rank));
    }

    /** Sums of the squares of each row's first entries. */
    private static double[] squares(RealMatrix matrix, int columns) {
        double[] sums = new double[matrix.getRowDimension()];
        for (int row = 0; row < sums.length; row++) {
            for (int i = 0; i < columns; i++) {
                sums[row] += matrix.getEntry(row, i) * matrix.getEntry(row, i);
            }
        }
        return sums;
    }

    private static RealMatrix pseudoInverse(SingularValueDecomposition svd) {
        int rank = rank(svd);
        double[] inverse = new double[svd.getSingularValues().length];
        for (int i = 0; i < rank; i++) {
            inverse[i] = 1 / svd.getSingularValues()[i];
        }
        return svd.getV()
                .multiply(MatrixUtils.createRealDiagonalMatrix(inverse))
                .multiply(svd.getUT());
    }

    private static int rank(SingularValueDecomposition svd) {
        double[] values = svd.getSingularValues();
        int rank = 0;
        while (rank < values.length && values[rank] > NOTHING * values[0] && values[rank] > 0) {
            rank++;
        }
        return rank;
    }

    /** How many independent readings there are among them. */
    int rank() {
        return rank;
    }

    /** The inverse of the normal matrix over what is determined. */
    RealMatrix cofactor() {
        return cofactor;
    }

    /** Which part of an unknown's motions the readings hold, 0 to 1: the rest is free. */
    double held(int unknown) {
        return held[unknown];
    }

    /** Which part of an error in a reading the unknowns take up, 0 to 1: the rest shows in its residual. */
    double taken(int row) {
        return taken[row];
    }
}
