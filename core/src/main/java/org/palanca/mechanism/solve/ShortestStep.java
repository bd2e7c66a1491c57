package org.palanca.mechanism.solve;

import java.util.Arrays;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.linear.SingularValueDecomposition;

/**
 * The shortest step that best satisfies equations of which there are too many, too few or some twice. Where their rank is
 * beyond doubt it comes from the normal equations (of the rows where rows are lacking, of the columns otherwise), taken
 * once more on what they leave; else from the singular values, at a hundred times the cost. (Golub and Van Loan, Matrix
 * Computations, 5.3 and 5.5.)
 */
final class ShortestStep {
    /** Singular values under this part of the largest count as zero. */
    private static final double RANK_TOLERANCE = 1e-8;

    /** Pivots of the normal equations closer together than this leave no doubt: they go as squares of singular values. */
    private static final double SURE = 1e-8;

    private static final int REFINED = 2;

    private final int rows;
    private final int columns;
    private final double[] normal;
    private final double[] left;
    private final double[] weights;
    private final double[] more;
    private final LuFactors factors;
    private boolean unique;

    ShortestStep(int rows, int columns) {
        this.rows = rows;
        this.columns = columns;
        int size = Math.min(rows, columns);
        normal = new double[size * size];
        left = new double[rows];
        weights = new double[size];
        more = new double[size];
        factors = new LuFactors(size);
    }

    /**
     * Finds it.
     *
     * @param jacobian row-major, not modified
     * @param right what the step is to change each row by
     * @param step filled
     */
    void solve(double[] jacobian, double[] right, double[] step) {
        boolean sure = rows != columns && factorNormal(jacobian);
        unique = sure && rows > columns;
        if (!sure) {
            bySingularValues(jacobian, right, step);
            return;
        }
        Arrays.fill(step, 0, columns, 0);
        for (int time = 0; time < REFINED; time++) {
            leftOver(jacobian, right, step);
            if (rows > columns) {
                transposed(jacobian, left, weights);
                factors.solve(weights, more);
                for (int j = 0; j < columns; j++) {
                    step[j] += more[j];
                }
            } else {
                factors.solve(left, weights);
                for (int i = 0; i < rows; i++) {
                    for (int j = 0; j < columns; j++) {
                        step[j] += weights[i] * jacobian[i * columns + j];
                    }
                }
            }
        }
    }

    /** Whether the last step was the only one beyond doubt; false says nothing. */
    boolean unique() {
        return unique;
    }

    private void leftOver(double[] jacobian, double[] right, double[] step) {
        for (int i = 0; i < rows; i++) {
            double sum = right[i];
            for (int j = 0; j < columns; j++) {
                sum -= jacobian[i * columns + j] * step[j];
            }
            left[i] = sum;
        }
    }

    private void transposed(double[] jacobian, double[] by, double[] into) {
        Arrays.fill(into, 0);
        for (int i = 0; i < rows; i++) {
            for (int j = 0; j < columns && by[i] != 0; j++) {
                into[j] += by[i] * jacobian[i * columns + j];
            }
        }
    }

    private boolean factorNormal(double[] jacobian) {
        boolean byColumns = rows > columns;
        int size = Math.min(rows, columns);
        Arrays.fill(normal, 0);
        if (byColumns) {
            for (int i = 0; i < rows; i++) {
                for (int a = 0; a < size; a++) {
                    double entry = jacobian[i * columns + a];
                    for (int b = 0; b < size && entry != 0; b++) {
                        normal[a * size + b] += entry * jacobian[i * columns + b];
                    }
                }
            }
        } else {
            for (int a = 0; a < size; a++) {
                for (int b = 0; b <= a; b++) {
                    double sum = 0;
                    for (int j = 0; j < columns; j++) {
                        sum += jacobian[a * columns + j] * jacobian[b * columns + j];
                    }
                    normal[a * size + b] = sum;
                    normal[b * size + a] = sum;
                }
            }
        }
        return factors.factor(normal, 0) && factors.quality() > SURE;
    }

    private void bySingularValues(double[] jacobian, double[] right, double[] step) {
        RealMatrix matrix = MatrixUtils.createRealMatrix(rows, columns);
        for (int i = 0; i < rows; i++) {
            for (int j = 0; j < columns; j++) {
                matrix.setEntry(i, j, jacobian[i * columns + j]);
            }
        }
        SingularValueDecomposition svd = new SingularValueDecomposition(matrix);
        double[] values = svd.getSingularValues();
        RealVector projected = svd.getUT().operate(MatrixUtils.createRealVector(right));
        for (int i = 0; i < projected.getDimension(); i++) {
            boolean real = i < values.length && values[i] > RANK_TOLERANCE * values[0];
            projected.setEntry(i, real ? projected.getEntry(i) / values[i] : 0);
        }
        System.arraycopy(svd.getV().operate(projected).toArray(), 0, step, 0, columns);
    }
}
