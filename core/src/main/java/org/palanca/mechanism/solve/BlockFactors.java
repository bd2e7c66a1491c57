package org.palanca.mechanism.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Factors of a square Jacobian, block by block. Many mechanisms are solved a body at a time: the rack by its guide and
 * its driver, then each upright by its links; then six by six eliminations replace one large one. The blocks are found
 * from which bodies each equation touches, smallest first, so nothing here knows what a rack is.
 */
final class BlockFactors {
    private static final int PER_BODY = 6;

    private final int size;
    private final int[][] rows;
    private final int[][] columns;
    private final LuFactors[] factors;
    private final double[][] matrix;
    private final double[][] right;
    private final double[][] out;
    private final int[][][] coupled;
    private double[] coupling = new double[0];
    private final int[] side;
    private final boolean[] active;
    private final int[] blockOfColumn;

    /** @param jacobian row-major and square; what is not zero in it says which body an equation touches */
    BlockFactors(double[] jacobian, int size) {
        this.size = size;
        List<List<Integer>> bodiesOfBlocks = new ArrayList<>();
        List<List<Integer>> rowsOfBlocks = new ArrayList<>();
        split(touches(jacobian, size), size / PER_BODY, bodiesOfBlocks, rowsOfBlocks);
        int blocks = rowsOfBlocks.size();
        rows = new int[blocks][];
        columns = new int[blocks][];
        factors = new LuFactors[blocks];
        matrix = new double[blocks][];
        right = new double[blocks][];
        out = new double[blocks][];
        side = new int[blocks];
        active = new boolean[blocks];
        blockOfColumn = new int[size];
        for (int b = 0; b < blocks; b++) {
            rows[b] = rowsOfBlocks.get(b).stream().mapToInt(Integer::intValue).toArray();
            columns[b] = bodiesOfBlocks.get(b).stream()
                    .flatMapToInt(body -> IntStream.range(PER_BODY * body, PER_BODY * (body + 1)))
                    .toArray();
            int n = rows[b].length;
            factors[b] = new LuFactors(n);
            matrix[b] = new double[n * n];
            right[b] = new double[n];
            out[b] = new double[n];
        }
        coupled = coupled(touches(jacobian, size));
        for (int b = 0; b < blocks; b++) {
            for (int column : columns[b]) {
                blockOfColumn[column] = b;
            }
        }
    }

    /** For each block and each of its rows, the columns of earlier blocks that the row touches. */
    private int[][][] coupled(long[] touches) {
        int[][][] all = new int[rows.length][][];
        long before = 0;
        for (int b = 0; b < rows.length; b++) {
            all[b] = new int[rows[b].length][];
            for (int i = 0; i < rows[b].length; i++) {
                long touched = touches[rows[b][i]] & before;
                all[b][i] = IntStream.range(0, size)
                        .filter(column -> (touched >> column / PER_BODY & 1) != 0)
                        .toArray();
            }
            for (int column : columns[b]) {
                before |= 1L << column / PER_BODY;
            }
        }
        return all;
    }

    private static long[] touches(double[] jacobian, int size) {
        long[] touches = new long[size];
        for (int row = 0; row < size; row++) {
            for (int column = 0; column < size; column++) {
                if (jacobian[row * size + column] != 0) {
                    touches[row] |= 1L << column / PER_BODY;
                }
            }
        }
        return touches;
    }

    /** Takes out the smallest group of bodies that its own equations determine, until none is left. */
    private static void split(long[] touches, int bodies, List<List<Integer>> groups, List<List<Integer>> groupRows) {
        long left = (1L << bodies) - 1;
        while (left != 0) {
            long group = smallestDetermined(touches, left);
            List<Integer> rows = new ArrayList<>();
            for (int row = 0; row < touches.length; row++) {
                if ((touches[row] & left & ~group) == 0 && (touches[row] & left) != 0) {
                    rows.add(row);
                }
            }
            if (rows.size() != PER_BODY * Long.bitCount(group)) {
                // Rows are lacking or over: keep everything together and let the elimination find out.
                groups.clear();
                groupRows.clear();
                groups.add(IntStream.range(0, bodies).boxed().toList());
                groupRows.add(IntStream.range(0, touches.length).boxed().toList());
                return;
            }
            List<Integer> members = new ArrayList<>();
            for (int body = 0; body < bodies; body++) {
                if ((group >> body & 1) != 0) {
                    members.add(body);
                }
            }
            groups.add(members);
            groupRows.add(rows);
            left &= ~group;
        }
    }

    private static long smallestDetermined(long[] touches, long left) {
        long best = left;
        // Every subset of the bodies left; there are a handful of bodies.
        for (long group = left; group != 0; group = group - 1 & left) {
            int rows = 0;
            for (long touched : touches) {
                if ((touched & left & ~group) == 0 && (touched & left) != 0) {
                    rows++;
                }
            }
            if (rows == PER_BODY * Long.bitCount(group) && Long.bitCount(group) < Long.bitCount(best)) {
                best = group;
            }
        }
        return best;
    }

    /**
     * Marks the blocks that have to be solved anew when some rows ask for something else: those that own such a row, and
     * those that hang on a marked one.
     *
     * @param changed by row
     * @param marked filled: which rows belong to marked blocks
     */
    void activate(boolean[] changed, boolean[] marked) {
        for (int b = 0; b < rows.length; b++) {
            active[b] = false;
            for (int i = 0; i < rows[b].length && !active[b]; i++) {
                active[b] = changed[rows[b][i]] || onActive(coupled[b][i]);
            }
            for (int row : rows[b]) {
                marked[row] = active[b];
            }
        }
    }

    /** Marks all blocks. */
    void activateAll() {
        Arrays.fill(active, true);
    }

    private boolean onActive(int[] coupledColumns) {
        for (int column : coupledColumns) {
            if (active[blockOfColumn[column]]) {
                return true;
            }
        }
        return false;
    }

    /** Number of blocks. */
    int blocks() {
        return rows.length;
    }

    /**
     * Factors a row-major matrix of the same structure, which is not modified, and must not be by others until the last
     * solution on these factors: what couples the blocks is read from it.
     *
     * @return whether every pivot is larger than {@code floor}
     */
    boolean factor(double[] jacobian, double floor) {
        Arrays.fill(active, true);
        return factorActive(jacobian, floor);
    }

    /** The same for the blocks that {@link #activate} marked; the others keep their factors. */
    boolean factorActive(double[] jacobian, double floor) {
        if (rows.length == 1) {
            return factors[0].factor(jacobian, floor);
        }
        coupling = jacobian;
        boolean sound = true;
        for (int b = 0; b < rows.length; b++) {
            if (!active[b]) {
                continue;
            }
            int n = rows[b].length;
            for (int i = 0; i < n; i++) {
                int from = rows[b][i] * size;
                for (int j = 0; j < n; j++) {
                    matrix[b][i * n + j] = jacobian[from + columns[b][j]];
                }
            }
            sound &= factors[b].factor(matrix[b], floor);
        }
        return sound;
    }

    /** Solves for a right side, which is not modified. */
    void solve(double[] rightSide, double[] solution) {
        solve(rightSide, solution, false);
    }

    /** The same for the blocks that {@link #activate} marked; the others' unknowns are zero. */
    void solveActive(double[] rightSide, double[] solution) {
        solve(rightSide, solution, true);
    }

    private void solve(double[] rightSide, double[] solution, boolean onlyActive) {
        if (rows.length == 1) {
            factors[0].solve(rightSide, solution);
            return;
        }
        for (int b = 0; b < rows.length; b++) {
            if (onlyActive && !active[b]) {
                for (int column : columns[b]) {
                    solution[column] = 0;
                }
                continue;
            }
            for (int i = 0; i < rows[b].length; i++) {
                double sum = rightSide[rows[b][i]];
                int row = rows[b][i] * size;
                for (int column : coupled[b][i]) {
                    sum -= coupling[row + column] * solution[column];
                }
                right[b][i] = sum;
            }
            factors[b].solve(right[b], out[b]);
            for (int j = 0; j < columns[b].length; j++) {
                solution[columns[b][j]] = out[b][j];
            }
        }
    }

    /** The worst block's smallest pivot over largest. */
    double quality() {
        double worst = 1;
        for (LuFactors block : factors) {
            worst = Math.min(worst, block.quality());
        }
        return worst;
    }

    /** Takes the present signs of the determinants as those of the side the mechanism belongs on. */
    void rememberSide() {
        for (int b = 0; b < factors.length; b++) {
            side[b] = factors[b].sign();
        }
    }

    /** Whether no block has gone through a dead point since; true when no side was remembered. */
    boolean onRememberedSide() {
        for (int b = 0; b < factors.length; b++) {
            if (side[b] * factors[b].sign() < 0) {
                return false;
            }
        }
        return true;
    }
}
