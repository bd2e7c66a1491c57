package org.palanca.vehicle;

/**
 * The band a builder wants a result in, in the result's inside unit.
 *
 * @param low lower edge, included; minus infinity where only the upper edge matters
 * @param high upper edge, included; plus infinity where only the lower edge matters
 * @param scope where it counts
 * @param basis where the band comes from, in words: a source, or that it is common practice
 */
public record TargetBand(double low, double high, Scope scope, String basis) {
    /** Where a band counts. */
    public enum Scope {
        /** At ride height only: away from it the result changes by its nature. */
        RIDE,
        /** Through the whole travel of both wheels together. */
        TRAVEL
    }

    /** A value this far outside still counts as on the edge, so that rounding in files cannot tip it over. */
    private static final double ON_THE_EDGE = 1e-7;

    /** Low, in band, or high. */
    public enum Verdict {
        LOW,
        IN_BAND,
        HIGH
    }

    /** How far a value is outside: negative under the band, positive over it, 0 within it or when it is no number. */
    public double distance(double value) {
        if (value < low - ON_THE_EDGE) {
            return value - low;
        }
        return value > high + ON_THE_EDGE ? value - high : 0;
    }

    public Verdict verdict(double value) {
        double distance = distance(value);
        return distance < 0 ? Verdict.LOW : distance > 0 ? Verdict.HIGH : Verdict.IN_BAND;
    }
}
