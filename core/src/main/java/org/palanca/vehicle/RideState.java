package org.palanca.vehicle;

import java.util.Optional;

/**
 * Another height or tyre that the same vehicle stands on: blocks, other springs, a load, bags let down, another tyre.
 *
 * @param name unique among its vehicle's states
 * @param note what makes it, kept as typed
 * @param front over the front axle
 * @param rear over the rear axle
 */
public record RideState(String name, String note, Standing front, Standing rear) {
    /**
     * How the chassis stands over one axle.
     *
     * @param lower how much nearer the axle it is than in the plan [m]; negative: farther
     * @param tyre another one; empty: as planned
     */
    public record Standing(double lower, Optional<Tyre> tyre) {
        /** As planned. */
        public static final Standing PLAN = new Standing(0, Optional.empty());

        public Standing withLower(double other) {
            return new Standing(other, tyre);
        }

        public Standing withTyre(Optional<Tyre> other) {
            return new Standing(lower, other);
        }
    }

    /** Over an axle. */
    public Standing standing(AxlePlace place) {
        return place == AxlePlace.FRONT ? front : rear;
    }

    public RideState with(AxlePlace place, Standing other) {
        return place == AxlePlace.FRONT
                ? new RideState(name, note, other, rear)
                : new RideState(name, note, front, other);
    }
}
