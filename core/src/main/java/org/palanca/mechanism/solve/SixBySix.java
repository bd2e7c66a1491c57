package org.palanca.mechanism.solve;

/**
 * The elimination and solution of {@link LuFactors} for six unknowns, one body, written out: the quick compiler unrolls
 * nothing, and this is most of what a pose of a live axle or of an upright costs.
 */
final class SixBySix {
    static final int SIZE = 6;

    private SixBySix() {}

    /** Takes row {@code k}, whose pivot is in place, out of the rows below it, and leaves the factors there. */
    static void eliminateBelow(double[] a, int k) {
        switch (k) {
            case 0 -> below0(a);
            case 1 -> below1(a);
            case 2 -> below2(a);
            case 3 -> below3(a);
            case 4 -> {
                double factor = a[34] * (1 / a[28]);
                a[34] = factor;
                a[35] -= factor * a[29];
            }
            default -> {
                // Nothing is below the last row.
            }
        }
    }

    private static void below0(double[] a) {
        double inverse = 1 / a[0];
        double p1 = a[1];
        double p2 = a[2];
        double p3 = a[3];
        double p4 = a[4];
        double p5 = a[5];
        for (int row = 6; row < 36; row += 6) {
            double factor = a[row] * inverse;
            if (factor != 0) {
                a[row] = factor;
                a[row + 1] -= factor * p1;
                a[row + 2] -= factor * p2;
                a[row + 3] -= factor * p3;
                a[row + 4] -= factor * p4;
                a[row + 5] -= factor * p5;
            }
        }
    }

    private static void below1(double[] a) {
        double inverse = 1 / a[7];
        double p2 = a[8];
        double p3 = a[9];
        double p4 = a[10];
        double p5 = a[11];
        for (int row = 12; row < 36; row += 6) {
            double factor = a[row + 1] * inverse;
            if (factor != 0) {
                a[row + 1] = factor;
                a[row + 2] -= factor * p2;
                a[row + 3] -= factor * p3;
                a[row + 4] -= factor * p4;
                a[row + 5] -= factor * p5;
            }
        }
    }

    private static void below2(double[] a) {
        double inverse = 1 / a[14];
        double p3 = a[15];
        double p4 = a[16];
        double p5 = a[17];
        for (int row = 18; row < 36; row += 6) {
            double factor = a[row + 2] * inverse;
            if (factor != 0) {
                a[row + 2] = factor;
                a[row + 3] -= factor * p3;
                a[row + 4] -= factor * p4;
                a[row + 5] -= factor * p5;
            }
        }
    }

    private static void below3(double[] a) {
        double inverse = 1 / a[21];
        double p4 = a[22];
        double p5 = a[23];
        for (int row = 24; row < 36; row += 6) {
            double factor = a[row + 3] * inverse;
            if (factor != 0) {
                a[row + 3] = factor;
                a[row + 4] -= factor * p4;
                a[row + 5] -= factor * p5;
            }
        }
    }

    /** Solves with the factors for a right side in the rows' first order. */
    static void solve(double[] a, int[] order, double[] right, double[] out) {
        double y0 = right[order[0]];
        double y1 = right[order[1]] - a[6] * y0;
        double y2 = right[order[2]] - a[12] * y0 - a[13] * y1;
        double y3 = right[order[3]] - a[18] * y0 - a[19] * y1 - a[20] * y2;
        double y4 = right[order[4]] - a[24] * y0 - a[25] * y1 - a[26] * y2 - a[27] * y3;
        double y5 = right[order[5]] - a[30] * y0 - a[31] * y1 - a[32] * y2 - a[33] * y3 - a[34] * y4;
        double x5 = y5 / a[35];
        double x4 = (y4 - a[29] * x5) / a[28];
        double x3 = (y3 - a[22] * x4 - a[23] * x5) / a[21];
        double x2 = (y2 - a[15] * x3 - a[16] * x4 - a[17] * x5) / a[14];
        double x1 = (y1 - a[8] * x2 - a[9] * x3 - a[10] * x4 - a[11] * x5) / a[7];
        out[0] = (y0 - a[1] * x1 - a[2] * x2 - a[3] * x3 - a[4] * x4 - a[5] * x5) / a[0];
        out[1] = x1;
        out[2] = x2;
        out[3] = x3;
        out[4] = x4;
        out[5] = x5;
    }
}
