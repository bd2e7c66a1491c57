package org.palanca.vehicle;

import java.util.Optional;

/**
 * The two wheels of an axle and how they stand at ride.
 *
 * @param tyre the same on both sides
 * @param track between the middles of the two tyres [m]
 * @param camber of each wheel against the ground at ride [rad], top outward positive
 * @param toe of each wheel at ride [rad], toe-in positive
 * @param rim what the tyre sits on, where it has been measured
 */
public record Wheels(Tyre tyre, double track, double camber, double toe, Optional<Rim> rim) {
    /** Wheels that stand upright and straight ahead. */
    public static Wheels upright(Tyre tyre, double track) {
        return new Wheels(tyre, track, 0, 0, Optional.empty());
    }

    public Wheels withTyre(Tyre other) {
        return new Wheels(other, track, camber, toe, rim);
    }

    public Wheels withTrack(double other) {
        return new Wheels(tyre, other, camber, toe, rim);
    }

    public Wheels standing(double newCamber, double newToe) {
        return new Wheels(tyre, track, newCamber, newToe, rim);
    }

    public Wheels withRim(Rim other) {
        return new Wheels(tyre, track, camber, toe, Optional.of(other));
    }
}
