package org.palanca.mechanism.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Random;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.Test;
import org.palanca.Draw;
import org.palanca.Drawn;

/** Block elimination against Hipparchus' dense LU. */
class BlockFactorsTest {
    private static final int BODIES = 4;
    private static final int SIZE = 6 * BODIES;

    /** Equations of body b touch body b and, for some, one earlier body; rows in a random order. */
    private static double[] chain(Random random, boolean ring) {
        double[] matrix = new double[SIZE * SIZE];
        int[] order = random.ints(0, Integer.MAX_VALUE).distinct().limit(SIZE).toArray();
        Integer[] rows = new Integer[SIZE];
        for (int i = 0; i < SIZE; i++) {
            rows[i] = i;
        }
        Arrays.sort(rows, Comparator.comparingInt(i -> order[i]));
        for (int i = 0; i < SIZE; i++) {
            int body = i / 6;
            fill(matrix, rows[i], body, random);
            boolean hangs = body > 0 && random.nextBoolean();
            if (hangs) {
                fill(matrix, rows[i], random.nextInt(body), random);
            }
            if (ring && body == 0) {
                fill(matrix, rows[i], 1, random);
            }
            matrix[rows[i] * SIZE + i] += 4;
        }
        return matrix;
    }

    private static void fill(double[] matrix, int row, int body, Random random) {
        for (int column = 6 * body; column < 6 * body + 6; column++) {
            matrix[row * SIZE + column] = random.nextDouble() - 0.5;
        }
    }

    private static double[] dense(double[] matrix, double[] right) {
        Array2DRowRealMatrix full = new Array2DRowRealMatrix(SIZE, SIZE);
        for (int i = 0; i < SIZE; i++) {
            for (int j = 0; j < SIZE; j++) {
                full.setEntry(i, j, matrix[i * SIZE + j]);
            }
        }
        RealVector solution = new LUDecomposition(full).getSolver().solve(new ArrayRealVector(right));
        return solution.toArray();
    }

    @Drawn(200)
    void solvesAsTheDenseEliminationDoes(Draw draw) {
        boolean ring = draw.yesOrNo();
        Random random = draw.random();
        double[] matrix = chain(random, ring);
        double[] right = random.doubles(SIZE, -1, 1).toArray();
        BlockFactors factors = new BlockFactors(matrix, SIZE);
        assertThat(factors.factor(matrix, 1e-12)).isTrue();
        double[] out = new double[SIZE];
        factors.solve(right, out);
        assertThat(out).containsExactly(dense(matrix, right), within(1e-9));
    }

    @Test
    void aChainFallsIntoSixBySix() {
        assertThat(new BlockFactors(chain(new Random(1), false), SIZE).blocks()).isEqualTo(BODIES);
        assertThat(new BlockFactors(chain(new Random(1), true), SIZE).blocks())
                .as("a ring stays together")
                .isLessThan(BODIES);
    }

    /** Only what changed and what hangs on it is solved: the rest has no step. */
    @Drawn(100)
    void onlyWhatHangsOnAChangeIsSolved(Draw draw) {
        Random random = draw.random();
        double[] matrix = chain(random, false);
        BlockFactors factors = new BlockFactors(matrix, SIZE);
        factors.factor(matrix, 1e-12);
        boolean[] changed = new boolean[SIZE];
        int row = random.nextInt(SIZE);
        changed[row] = true;
        boolean[] marked = new boolean[SIZE];
        factors.activate(changed, marked);
        double[] right = new double[SIZE];
        right[row] = 1;
        double[] all = new double[SIZE];
        double[] active = new double[SIZE];
        factors.solve(right, all);
        factors.solveActive(right, active);
        assertThat(active).containsExactly(all, within(1e-12));
        assertThat(marked[row]).isTrue();
    }
}
