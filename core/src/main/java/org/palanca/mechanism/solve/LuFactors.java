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

    /** Takes over the factors of another of the same size. */
    void set(LuFactors other) {
        System.arraycopy(other.lu, 0, lu, 0, lu.length);
        System.arraycopy(other.order, 0, order, 0, size);
        smallestPivot = other.smallestPivot;
        largestPivot = other.largestPivot;
        sign = other.sign;
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
            if (size == SixBySix.SIZE) {
                SixBySix.eliminateBelow(lu, k);
            } else {
                eliminateBelow(k);
            }
        }
        return true;
    }

    private int pivotRow(int k) {
        double[] a = lu;
        int n = size;
        int best = k;
        double largest = Math.abs(a[k * n + k]);
        for (int i = k + 1, at = (k + 1) * n + k; i < n; i++, at += n) {
            double candidate = Math.abs(a[at]);
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
        double[] a = lu;
        int n = size;
        int top = k * n;
        double inverse = 1 / a[top + k];
        for (int i = k + 1; i < n; i++) {
            int row = i * n;
            double factor = a[row + k] * inverse;
            if (factor != 0) {
                a[row + k] = factor;
                for (int j = k + 1; j < n; j++) {
                    a[row + j] -= factor * a[top + j];
                }
            }
        }
    }

    /** Solves for a right side, which is not modified. */
    void solve(double[] right, double[] out) {
        if (size == SixBySix.SIZE) {
            SixBySix.solve(lu, order, right, out);
            return;
        }
        double[] a = lu;
        int n = size;
        for (int i = 0; i < n; i++) {
            double sum = right[order[i]];
            int row = i * n;
            for (int j = 0; j < i; j++) {
                sum -= a[row + j] * out[j];
            }
            out[i] = sum;
        }
        for (int i = n - 1; i >= 0; i--) {
            double sum = out[i];
            int row = i * n;
            for (int j = i + 1; j < n; j++) {
                sum -= a[row + j] * out[j];
            }
            out[i] = sum / a[row + i];
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
