package org.palanca.vehicle;

import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;

/**
 * The two wheels of an axle and how they stand at ride.
 *
 * @param tyre the same on both sides
 * @param track between the middles of the two tyres [m]
 * @param camber of each wheel against the ground at ride [rad], top outward positive
 * @param toe of each wheel at ride [rad], toe-in positive
 * @param rim what the tyre sits on, where it has been measured
 * @param upright what carries each wheel where it moves or turns by itself, where that has been measured
 */
public record Wheels(Tyre tyre, double track, double camber, double toe, Optional<Rim> rim, Optional<Upright> upright) {
    /** Wheels that stand upright and straight ahead. */
    public static Wheels upright(Tyre tyre, double track) {
        return new Wheels(tyre, track, 0, 0, Optional.empty(), Optional.empty());
    }

    public Wheels withTyre(Tyre other) {
        return new Wheels(other, track, camber, toe, rim, upright);
    }

    public Wheels withTrack(double other) {
        return new Wheels(tyre, other, camber, toe, rim, upright);
    }

    public Wheels standing(double newCamber, double newToe) {
        return new Wheels(tyre, track, newCamber, newToe, rim, upright);
    }

    public Wheels withRim(Rim other) {
        return new Wheels(tyre, track, camber, toe, Optional.of(other), upright);
    }

    public Wheels withUpright(Upright other) {
        return new Wheels(tyre, track, camber, toe, rim, Optional.of(other));
    }

    /** The axis that the wheel of a side turns on at ride, of length 1, pointing to the left of the vehicle on both sides. */
    public Vector3D axis(Side side) {
        return new Vector3D(
                side.sign() * Math.sin(toe) * Math.cos(camber),
                Math.cos(toe) * Math.cos(camber),
                -side.sign() * Math.sin(camber));
    }
}
