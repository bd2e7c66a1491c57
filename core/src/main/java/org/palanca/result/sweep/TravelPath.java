package org.palanca.result.sweep;

import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.Axle;

/**
 * A straight path through left and right travel, with ride on it or not.
 *
 * @param from first pose
 * @param to last pose
 * @param poses how many, both ends included; at least 2
 */
public record TravelPath(WheelTravel from, WheelTravel to, int poses) {
    /** @throws IllegalArgumentException when there are fewer than two poses */
    public TravelPath {
        if (poses < 2) {
            throw new IllegalArgumentException(poses + " poses asked for; a sweep takes 2 or more");
        }
    }

    /** Both wheels from full droop to full bump. */
    public static TravelPath heave(Axle axle, int poses) {
        return new TravelPath(
                WheelTravel.both(-axle.travel().droop()),
                WheelTravel.both(axle.travel().bump()),
                poses);
    }

    /** From right wheel up to left wheel up, about ride, as far as both ends of the travel allow. */
    public static TravelPath roll(Axle axle, int poses) {
        double most = Math.min(axle.travel().bump(), axle.travel().droop());
        return new TravelPath(new WheelTravel(-most, most), new WheelTravel(most, -most), poses);
    }

    /** The pose at a place from 0 to {@code poses - 1}. */
    public WheelTravel at(int index) {
        double part = (double) index / (poses - 1);
        return new WheelTravel(
                from.left() + part * (to.left() - from.left()), from.right() + part * (to.right() - from.right()));
    }

    /** The place nearest to ride, where a sweep starts in both directions. */
    int nearestRide() {
        int nearest = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < poses; i++) {
            WheelTravel pose = at(i);
            double away = Math.hypot(pose.left(), pose.right());
            if (away < least) {
                least = away;
                nearest = i;
            }
        }
        return nearest;
    }
}
