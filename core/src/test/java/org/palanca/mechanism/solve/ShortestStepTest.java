package org.palanca.mechanism.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.SingularValueDecomposition;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Against the singular value decomposition of Hipparchus, for equations of every shape and rank. */
class ShortestStepTest {
    @ParameterizedTest(name = "{0} equations, {1} unknowns, rank {2}")
    @CsvSource({"19, 18, 18", "18, 19, 18", "20, 18, 17", "17, 18, 15", "18, 18, 17", "5, 30, 5", "30, 5, 5"})
    void isThatOfThePseudoInverse(int rows, int columns, int rank) {
        Random random = new Random(7);
        for (int time = 0; time < 20; time++) {
            double[][] matrix = product(random, rows, rank, columns);
            double[] right = random.doubles(rows, -1, 1).toArray();
            double[] jacobian = new double[rows * columns];
            for (int i = 0; i < rows; i++) {
                System.arraycopy(matrix[i], 0, jacobian, i * columns, columns);
            }
            double[] step = new double[columns];
            new ShortestStep(rows, columns).solve(jacobian, right, step);
            double[] expected = new SingularValueDecomposition(new Array2DRowRealMatrix(matrix))
                    .getSolver()
                    .solve(new ArrayRealVector(right))
                    .toArray();
            for (int j = 0; j < columns; j++) {
                assertThat(step[j]).isCloseTo(expected[j], within(1e-9 * (1 + Math.abs(expected[j]))));
            }
        }
    }

    /** A matrix of a rank: one so wide times one so high. */
    private static double[][] product(Random random, int rows, int rank, int columns) {
        return random(random, rows, rank)
                .multiply(random(random, rank, columns))
                .getData();
    }

    private static Array2DRowRealMatrix random(Random random, int rows, int columns) {
        double[][] entries = new double[rows][];
        for (int i = 0; i < rows; i++) {
            entries[i] = random.doubles(columns, -1, 1).toArray();
        }
        return new Array2DRowRealMatrix(entries, false);
    }
}
