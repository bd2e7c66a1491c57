package org.palanca.floor.adjust;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.SingularValueDecomposition;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Against the singular value decomposition of Hipparchus: with all held, marks without readings, hinging parts, no datum. */
class DeterminationTest {
    /** Normal equations have the square of the condition, and these surveys conditions of up to ten thousand. */
    private static final double SAME = 1e-7;

    @ParameterizedTest(name = "{0} marks, {1} readings between them, {2} heights, {3} lengths from known points")
    @CsvSource({"6, 30, 6, 9", "12, 20, 8, 6", "12, 60, 0, 0", "20, 25, 10, 5", "1, 0, 1, 0", "30, 140, 30, 12"})
    void isThatOfThePseudoInverse(int marks, int between, int heights, int known) {
        Random random = new Random(3);
        for (int time = 0; time < 10; time++) {
            DesignMatrix design = design(random, marks, between, heights, known);
            RealMatrix dense = design.dense();
            SingularValueDecomposition svd = new SingularValueDecomposition(dense);
            int rank = 0;
            double[] inverse = new double[svd.getSingularValues().length];
            for (double value : svd.getSingularValues()) {
                if (value > 1e-9 * svd.getSingularValues()[0]) {
                    inverse[rank++] = 1 / (value * value);
                }
            }
            RealMatrix cofactor = svd.getV()
                    .multiply(MatrixUtils.createRealDiagonalMatrix(inverse))
                    .multiply(svd.getVT());
            Determination found = Determination.of(design);
            assertThat(found.rank()).isEqualTo(rank);
            double[] misclosure = random.doubles(design.rows(), -1, 1).toArray();
            near(
                    found.step(misclosure),
                    cofactor.operate(dense.preMultiply(new ArrayRealVector(misclosure)))
                            .toArray());
            RealMatrix held = cofactor.multiply(dense.transpose().multiply(dense));
            for (int i = 0; i < design.unknowns(); i++) {
                assertThat(found.held(i)).isCloseTo(held.getEntry(i, i), within(SAME));
                double[] row = new double[design.unknowns()];
                for (int j = 0; j < row.length; j++) {
                    row[j] = found.cofactor(i, j);
                }
                near(row, cofactor.getRow(i));
            }
            RealMatrix taken = dense.multiply(cofactor).multiply(dense.transpose());
            for (int i = 0; i < design.rows(); i++) {
                assertThat(found.taken(i)).isCloseTo(taken.getEntry(i, i), within(SAME));
            }
        }
    }

    private static void near(double[] found, double[] expected) {
        double size = 1 + MatrixUtils.createRealVector(expected).getLInfNorm();
        assertThat(found).containsExactly(expected, within(SAME * size));
    }

    /** Lengths between marks scattered in a room, heights of some, and lengths of some from points that are known. */
    private static DesignMatrix design(Random random, int marks, int between, int heights, int known) {
        double[][] place = new double[marks][];
        for (int i = 0; i < marks; i++) {
            place[i] = random.doubles(3, -1, 1).toArray();
        }
        int[][] at = new int[between + heights + known][];
        double[][] entries = new double[at.length][];
        for (int row = 0; row < at.length; row++) {
            int to = random.nextInt(marks);
            int from = row < between ? (to + 1 + random.nextInt(marks - 1)) % marks : -1;
            double[] slope = row < between ? unit(place[from], place[to]) : unit(new double[3], place[to]);
            if (row >= between && row < between + heights) {
                slope = new double[] {0, 0, 1};
            }
            at[row] = from < 0
                    ? new int[] {3 * to, 3 * to + 1, 3 * to + 2}
                    : new int[] {3 * from, 3 * from + 1, 3 * from + 2, 3 * to, 3 * to + 1, 3 * to + 2};
            entries[row] =
                    from < 0 ? slope : new double[] {-slope[0], -slope[1], -slope[2], slope[0], slope[1], slope[2]};
        }
        return new DesignMatrix(3 * marks, at, entries);
    }

    private static double[] unit(double[] from, double[] to) {
        double x = to[0] - from[0];
        double y = to[1] - from[1];
        double z = to[2] - from[2];
        double length = Math.sqrt(x * x + y * y + z * z);
        return new double[] {x / length, y / length, z / length};
    }
}
