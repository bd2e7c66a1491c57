package org.palanca.mechanism.solve;

/**
 * Gauss elimination with row exchanges for the small square system of the inner loop: no allocation after
 * construction. (Golub and Van Loan, Matrix Computations, algorithm 3.4.1, outer product form.)
 */
final class LuFactors {
    private final int size;
    private final double[] lu;
    private final int[] order;
    private double smallestPivot;
    private double largestPivot;
    private int sign;

    LuFactors(int size) {
        this.size = size;
        lu = new double[size * size];
        order = new int[size];
    }

    /**
     * Factors a row-major matrix, which is not modified.
     *
     * @return whether every pivot is larger than {@code floor}
     */
    boolean factor(double[] matrix, double floor) {
        System.arraycopy(matrix, 0, lu, 0, lu.length);
        sign = 1;
        smallestPivot = Double.POSITIVE_INFINITY;
        largestPivot = 0;
        for (int i = 0; i < size; i++) {
            order[i] = i;
        }
        for (int k = 0; k < size; k++) {
            int best = pivotRow(k);
            double pivot = Math.abs(lu[best * size + k]);
            smallestPivot = Math.min(smallestPivot, pivot);
            largestPivot = Math.max(largestPivot, pivot);
            if (!(pivot > floor)) {
                return false;
            }
            if (best != k) {
                exchange(k, best);
            }
            if (lu[k * size + k] < 0) {
                sign = -sign;
            }
            eliminateBelow(k);
        }
        return true;
    }

    private int pivotRow(int k) {
        int best = k;
        double largest = Math.abs(lu[k * size + k]);
        for (int i = k + 1; i < size; i++) {
            double candidate = Math.abs(lu[i * size + k]);
            if (candidate > largest) {
                largest = candidate;
                best = i;
            }
        }
        return best;
    }

    private void exchange(int a, int b) {
        for (int j = 0; j < size; j++) {
            double swap = lu[a * size + j];
            lu[a * size + j] = lu[b * size + j];
            lu[b * size + j] = swap;
        }
        int swap = order[a];
        order[a] = order[b];
        order[b] = swap;
        sign = -sign;
    }

    private void eliminateBelow(int k) {
        double inverse = 1 / lu[k * size + k];
        for (int i = k + 1; i < size; i++) {
            double factor = lu[i * size + k] * inverse;
            if (factor == 0) {
                continue;
            }
            lu[i * size + k] = factor;
            for (int j = k + 1; j < size; j++) {
                lu[i * size + j] -= factor * lu[k * size + j];
            }
        }
    }

    /** Solves for a right side, which is not modified. */
    void solve(double[] right, double[] out) {
        for (int i = 0; i < size; i++) {
            double sum = right[order[i]];
            for (int j = 0; j < i; j++) {
                sum -= lu[i * size + j] * out[j];
            }
            out[i] = sum;
        }
        for (int i = size - 1; i >= 0; i--) {
            double sum = out[i];
            for (int j = i + 1; j < size; j++) {
                sum -= lu[i * size + j] * out[j];
            }
            out[i] = sum / lu[i * size + i];
        }
    }

    /** Smallest pivot over largest: a scale-free sign of nearness to singular, not the condition number. */
    double quality() {
        return smallestPivot / largestPivot;
    }

    /** Sign of the determinant; it changes when a mechanism goes through a dead point. */
    int sign() {
        return sign;
    }
}
