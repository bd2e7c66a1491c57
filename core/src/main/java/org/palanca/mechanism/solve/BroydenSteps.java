package org.palanca.mechanism.solve;

/**
 * Betters the steps that old factors give by what the steps before them did to the residual: Broyden's method in the form that
 * keeps steps instead of a matrix (Kelley, Iterative Methods for Linear and Nonlinear Equations, 1995, algorithm brsol). Steps
 * on old factors alone each leave a like part of what was left before; these leave less and less. Allocates nothing after
 * construction.
 */
final class BroydenSteps {
    /** A step that would become longer by more than so many times tells that the factors are of no use here. */
    private static final double MOST_LENGTHENED = 4;

    private final double[][] taken;
    private final double[] square;
    private int count;

    /**
     * @param size unknowns
     * @param most steps in a row
     */
    BroydenSteps(int size, int most) {
        taken = new double[most][size];
        square = new double[most];
    }

    /** The steps to come have nothing to do with those before. */
    void begin() {
        count = 0;
    }

    /**
     * Betters the next step, which is then taken in full.
     *
     * @param step what the old factors give; overwritten
     * @return false where it would be too long, or is one too many: it is then the old factors' own
     */
    boolean better(double[] step) {
        if (count == taken.length) {
            return false;
        }
        double[] kept = taken[count];
        System.arraycopy(step, 0, kept, 0, step.length);
        for (int i = 1; i < count; i++) {
            add(kept, dot(taken[i - 1], kept) / square[i - 1], taken[i]);
        }
        if (count > 0) {
            double left = 1 - dot(taken[count - 1], kept) / square[count - 1];
            if (!(left * MOST_LENGTHENED > 1)) {
                return false;
            }
            for (int i = 0; i < kept.length; i++) {
                kept[i] /= left;
            }
        }
        System.arraycopy(kept, 0, step, 0, step.length);
        square[count] = dot(kept, kept);
        count++;
        return square[count - 1] > 0;
    }

    private static void add(double[] to, double times, double[] what) {
        for (int i = 0; i < to.length; i++) {
            to[i] += times * what[i];
        }
    }

    private static double dot(double[] a, double[] b) {
        double sum = 0;
        for (int i = 0; i < a.length; i++) {
            sum += a[i] * b[i];
        }
        return sum;
    }
}
