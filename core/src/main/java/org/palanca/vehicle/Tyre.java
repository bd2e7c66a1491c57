package org.palanca.vehicle;

/**
 * A tyre as measured, not as labelled.
 *
 * @param diameter standing free [m]
 * @param loadedRadius wheel centre to ground with the vehicle's weight on it [m]
 * @param width section width [m]
 */
public record Tyre(double diameter, double loadedRadius, double width) {
    /** Shoulders are rounded by this part of the width: nobody measures them. */
    private static final double SHOULDER = 0.15;

    /** How much its shoulders are rounded [m]: an ordinary tyre's, common practice, no source. */
    public double shoulder() {
        return SHOULDER * width;
    }
}
