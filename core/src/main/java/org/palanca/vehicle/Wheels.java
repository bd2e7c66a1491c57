package org.palanca.vehicle;

/**
 * The two wheels of an axle and how they stand at ride.
 *
 * @param tyre the same on both sides
 * @param track between the middles of the two tyres [m]
 * @param camber of each wheel against the ground at ride [rad], top outward positive
 * @param toe of each wheel at ride [rad], toe-in positive
 */
public record Wheels(Tyre tyre, double track, double camber, double toe) {
    /** Wheels that stand upright and straight ahead. */
    public static Wheels upright(Tyre tyre, double track) {
        return new Wheels(tyre, track, 0, 0);
    }
}
