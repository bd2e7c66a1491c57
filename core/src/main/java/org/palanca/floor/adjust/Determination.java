package org.palanca.floor.adjust;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.SingularValueDecomposition;

/**
 * How the readings at given places determine the unknowns: by their normal equations where it is clear what these hold, else
 * by the singular values of the design matrix, which are always right and cost many times as much.
 */
abstract class Determination {
    /** Singular values under this part of the largest count as nothing: that far can no tape tell. */
    private static final double NOTHING = 1e-9;

    /** @param design rows over their standard deviations, as {@link Network#design} gives them */
    static Determination of(DesignMatrix design) {
        Optional<NormalFactors> factors = NormalFactors.of(design);
        return factors.isPresent() ? new ByNormalEquations(design, factors.get()) : new BySingularValues(design);
    }

    /** The change of the unknowns that takes up a misclosure with the least sum of squares left, and is the shortest such. */
    abstract double[] step(double[] misclosure);

    /** How many independent readings there are among them. */
    abstract int rank();

    /** An entry of the inverse of the normal matrix over what is determined. */
    abstract double cofactor(int i, int j);

    /** A row of that inverse times a vector. */
    final double cofactorTimes(int i, double[] vector) {
        double sum = 0;
        for (int j = 0; j < vector.length; j++) {
            sum += vector[j] == 0 ? 0 : cofactor(i, j) * vector[j];
        }
        return sum;
    }

    /** A vector times that inverse times the same vector. */
    abstract double square(double[] vector);

    /** Which part of an unknown's motions the readings hold, 0 to 1: the rest is free. */
    abstract double held(int unknown);

    /** Which part of an error in a reading the unknowns take up, 0 to 1: the rest shows in its residual. */
    abstract double taken(int row);

    private static final class ByNormalEquations extends Determination {
        private final DesignMatrix design;
        private final NormalFactors factors;
        private final List<double[]> free;

        /** Columns of the inverse, each worked out when it is first asked for. */
        private final Map<Integer, double[]> columns = new ConcurrentHashMap<>();

        /** Its diagonal, which most are asked for alone, at half the cost. */
        private final Map<Integer, Double> diagonal = new ConcurrentHashMap<>();

        ByNormalEquations(DesignMatrix design, NormalFactors factors) {
            this.design = design;
            this.factors = factors;
            free = factors.freeMotions();
        }

        @Override
        double[] step(double[] misclosure) {
            return held(factors.solve(design.transposedTimes(misclosure)));
        }

        /** Without its part in the motions that no reading notices. */
        private double[] held(double[] vector) {
            factors.untouched().stream().forEach(i -> vector[i] = 0);
            free.forEach(motion -> NormalFactors.subtract(vector, motion, NormalFactors.dot(vector, motion)));
            return vector;
        }

        @Override
        int rank() {
            return design.unknowns() - factors.free();
        }

        @Override
        double cofactor(int i, int j) {
            return i == j && !columns.containsKey(i)
                    ? diagonal.computeIfAbsent(i, this::square)
                    : columns.computeIfAbsent(i, this::column)[j];
        }

        private double square(int i) {
            return square(unit(i));
        }

        private double[] unit(int i) {
            double[] unit = new double[design.unknowns()];
            unit[i] = 1;
            return unit;
        }

        @Override
        double square(double[] vector) {
            return factors.square(held(vector.clone()));
        }

        private double[] column(int i) {
            return held(factors.solve(held(unit(i))));
        }

        @Override
        double held(int unknown) {
            double part = factors.untouched().get(unknown) ? 0 : 1;
            for (double[] motion : free) {
                part -= motion[unknown] * motion[unknown];
            }
            return part;
        }

        @Override
        double taken(int row) {
            return factors.square(design.whole(row));
        }
    }

    private static final class BySingularValues extends Determination {
        private final RealMatrix design;
        private final int rank;
        private final RealMatrix v;
        private final RealMatrix u;
        private final RealMatrix cofactor;

        BySingularValues(DesignMatrix rows) {
            design = rows.dense();
            SingularValueDecomposition svd = new SingularValueDecomposition(design);
            double[] values = svd.getSingularValues();
            int count = 0;
            while (count < values.length && values[count] > NOTHING * values[0] && values[count] > 0) {
                count++;
            }
            rank = count;
            v = svd.getV();
            u = svd.getU();
            double[] inverse = new double[values.length];
            for (int i = 0; i < rank; i++) {
                inverse[i] = 1 / (values[i] * values[i]);
            }
            cofactor = v.multiply(MatrixUtils.createRealDiagonalMatrix(inverse)).multiply(svd.getVT());
        }

        @Override
        double[] step(double[] misclosure) {
            return cofactor.operate(design.preMultiply(misclosure));
        }

        @Override
        int rank() {
            return rank;
        }

        @Override
        double cofactor(int i, int j) {
            return cofactor.getEntry(i, j);
        }

        @Override
        double square(double[] vector) {
            return NormalFactors.dot(vector, cofactor.operate(vector));
        }

        @Override
        double held(int unknown) {
            return squares(v, unknown);
        }

        @Override
        double taken(int row) {
            return squares(u, row);
        }

        /** Sum of the squares of a row's first entries. */
        private double squares(RealMatrix matrix, int row) {
            double sum = 0;
            for (int i = 0; i < rank; i++) {
                sum += matrix.getEntry(row, i) * matrix.getEntry(row, i);
            }
            return sum;
        }
    }
}
