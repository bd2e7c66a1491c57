package org.palanca.io.sheet;

/** Scales of a shop drawing. */
final class Scales {
    private static final int[] RATIOS = {
        1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 16, 20, 24, 25, 30, 32, 40, 48, 50, 60, 80, 100, 200, 500, 1000
    };

    private Scales() {}

    /** Points on paper for a metre of the vehicle. */
    static double points(int ratio) {
        return 72 / 0.0254 / ratio;
    }

    /** The largest scale at which so many metres fit into so many points, both ways. */
    static int fitting(double across, double roomAcross, double up, double roomUp) {
        for (int ratio : RATIOS) {
            if (across * points(ratio) <= roomAcross && up * points(ratio) <= roomUp) {
                return ratio;
            }
        }
        return RATIOS[RATIOS.length - 1];
    }
}
