package org.palanca.desktop.board;

/** How far a pointer is from what is drawn [px]. */
public final class Reach {
    private Reach() {}

    /** From a straight stroke, its ends included; from a stroke of no length there is no distance to tell: infinite. */
    public static double fromStroke(double px, double py, double x1, double y1, double x2, double y2) {
        double dx = x2 - x1;
        double dy = y2 - y1;
        double square = dx * dx + dy * dy;
        if (square < 1) {
            return Double.POSITIVE_INFINITY;
        }
        double part = Math.max(0, Math.min(1, ((px - x1) * dx + (py - y1) * dy) / square));
        return Math.hypot(px - x1 - part * dx, py - y1 - part * dy);
    }
}
