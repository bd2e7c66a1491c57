package org.palanca.study.terrain;

import java.util.Arrays;
import java.util.List;
import org.palanca.base.geometry.Side;
import org.palanca.vehicle.AxlePlace;

/**
 * What the vehicle stands on: a plane, and under some wheels something higher.
 *
 * @param climb slope of the plane along the vehicle, nose uphill positive [rad]
 * @param across slope of the plane across it, left side uphill positive [rad]
 * @param rocks height of what lies under front left, front right, rear left, rear right [m]; negative for a hole
 */
public record Ground(double climb, double across, List<Double> rocks) {
    /** Level and plain. */
    public static final Ground LEVEL = new Ground(0, 0, List.of(0.0, 0.0, 0.0, 0.0));

    /** @throws IllegalArgumentException when there are not four heights */
    public Ground {
        rocks = List.copyOf(rocks);
        if (rocks.size() != 4) {
            throw new IllegalArgumentException(rocks.size() + " heights for four wheels");
        }
    }

    /** Place of a wheel among four. */
    public static int wheel(AxlePlace place, Side side) {
        return (place == AxlePlace.FRONT ? 0 : 2) + (side == Side.LEFT ? 0 : 1);
    }

    public Ground withClimb(double other) {
        return new Ground(other, across, rocks);
    }

    public Ground withAcross(double other) {
        return new Ground(climb, other, rocks);
    }

    public Ground withRock(int wheel, double height) {
        Double[] next = rocks.toArray(Double[]::new);
        next[wheel] = height;
        return new Ground(climb, across, Arrays.asList(next));
    }

    /** So much of its slopes and rocks: 0 is level and plain, 1 is itself. */
    Ground part(double part) {
        return new Ground(
                part * climb,
                part * across,
                rocks.stream().map(rock -> part * rock).toList());
    }

    /** Gravity in the ground's frame (x along the vehicle, z square to the plane), of length 1. */
    double[] gravity() {
        return new double[] {-Math.sin(climb), -Math.sin(across) * Math.cos(climb), -Math.cos(across) * Math.cos(climb)
        };
    }
}
