package org.palanca.mechanism.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.junit.jupiter.api.Test;
import org.palanca.Draw;
import org.palanca.Drawn;

/** Our small elimination against Hipparchus' LU decomposition. */
class LuFactorsTest {
    @Drawn(300)
    void solvesLikeTheGeneralLibrary(Draw draw) {
        int size = draw.between(1, 12);
        Random random = draw.random();
        double[][] matrix = new double[size][size];
        double[] flat = new double[size * size];
        double[] right = random.doubles(size, -1, 1).toArray();
        for (int i = 0; i < size; i++) {
            for (int j = 0; j < size; j++) {
                matrix[i][j] = random.nextDouble() * 2 - 1 + (i == j ? 2 : 0);
                flat[i * size + j] = matrix[i][j];
            }
        }
        LuFactors ours = new LuFactors(size);
        assertThat(ours.factor(flat, 1e-12)).isTrue();
        double[] found = new double[size];
        ours.solve(right, found);
        LUDecomposition library = new LUDecomposition(new Array2DRowRealMatrix(matrix));
        double[] expected =
                library.getSolver().solve(new ArrayRealVector(right)).toArray();
        for (int i = 0; i < size; i++) {
            assertThat(found[i]).isCloseTo(expected[i], within(1e-9 * Math.max(1, Math.abs(expected[i]))));
        }
        assertThat((double) ours.sign()).isEqualTo(Math.signum(library.getDeterminant()));
        assertThat(ours.quality()).isBetween(0.0, 1.0);
    }

    @Test
    void aSingularMatrixIsRefused() {
        assertThat(new LuFactors(2).factor(new double[] {1, 2, 2, 4}, 1e-9)).isFalse();
        assertThat(new LuFactors(2).factor(new double[] {Double.NaN, 1, 1, 1}, 1e-9))
                .isFalse();
    }
}
