package org.palanca.vehicle;

import java.util.List;
import java.util.Optional;

/**
 * What an axle has to fit into.
 *
 * @param well where its tyres stand
 * @param obstacles what else is near
 * @param driveline what drives it
 * @param leftEnd name of the survey's mark at its left end; empty text where none is measured
 * @param rightEnd name of the mark at its right end
 */
public record Surroundings(
        Optional<WheelWell> well,
        List<Obstacle> obstacles,
        Optional<Driveline> driveline,
        String leftEnd,
        String rightEnd) {
    /** Nothing known. */
    public static final Surroundings NONE = new Surroundings(Optional.empty(), List.of(), Optional.empty(), "", "");

    public Surroundings {
        obstacles = List.copyOf(obstacles);
    }

    public Surroundings withWell(WheelWell other) {
        return new Surroundings(Optional.of(other), obstacles, driveline, leftEnd, rightEnd);
    }

    public Surroundings withObstacles(List<Obstacle> other) {
        return new Surroundings(well, other, driveline, leftEnd, rightEnd);
    }

    public Surroundings withDriveline(Driveline other) {
        return new Surroundings(well, obstacles, Optional.of(other), leftEnd, rightEnd);
    }

    public Surroundings withEnds(String left, String right) {
        return new Surroundings(well, obstacles, driveline, left, right);
    }
}
