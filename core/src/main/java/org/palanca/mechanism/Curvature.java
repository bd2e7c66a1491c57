package org.palanca.mechanism;

/**
 * Adds second derivatives of constraints to a Hessian by the twists of all bodies. Every chart of small rotations that
 * agrees with the exponential to second order gives the same ones; {@link Configuration#apply} does.
 */
final class Curvature {
    private Curvature() {}

    /**
     * Of the place of a body's point along a direction that stands still: the part of w x (w x arm) along it.
     *
     * @param body the point's body; the chassis adds nothing
     * @param point place and arm of the point, as {@link Configuration#locate} gives them
     */
    static void ofPoint(double[] hessian, int columns, int body, double[] point, double x, double y, double z) {
        if (body >= 0) {
            ofTurn(hessian, columns, 6 * body + 3, point[3], point[4], point[5], x, y, z);
        }
    }

    /** Of n . (w x (w x arm)) by the rotation whose first column is {@code at}. */
    static void ofTurn(
            double[] hessian, int columns, int at, double bx, double by, double bz, double nx, double ny, double nz) {
        double along = nx * bx + ny * by + nz * bz;
        hessian[at * columns + at] += nx * bx - along;
        hessian[(at + 1) * columns + at + 1] += ny * by - along;
        hessian[(at + 2) * columns + at + 2] += nz * bz - along;
        both(hessian, columns, at, at + 1, (nx * by + ny * bx) / 2);
        both(hessian, columns, at, at + 2, (nx * bz + nz * bx) / 2);
        both(hessian, columns, at + 1, at + 2, (ny * bz + nz * by) / 2);
    }

    /** Adds an entry and its mirror image. */
    static void both(double[] hessian, int columns, int i, int j, double value) {
        hessian[i * columns + j] += value;
        hessian[j * columns + i] += value;
    }
}
