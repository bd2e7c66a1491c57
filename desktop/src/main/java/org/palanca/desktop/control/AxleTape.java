package org.palanca.desktop.control;

import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Axis;

/**
 * Where a tape starts when something round an axle is measured by hand: at the axle line at ride, the centreline and the floor. A
 * tape reads no negative lengths; the side it was held to is said in words.
 *
 * @param line the axle line [m], forward of the front axle's
 */
public record AxleTape(double line) {
    /** From an axle of a vehicle; it must be there. */
    public static AxleTape of(Vehicle vehicle, AxlePlace place) {
        Axle axle = vehicle.axle(place).orElseThrow();
        return new AxleTape(axle.lineX(vehicle.wheelbase()));
    }

    /** Where the tape starts along an axis [m], vehicle frame. */
    public double start(Axis axis) {
        return axis == Axis.AHEAD ? line : 0;
    }

    /** What the tape reads to a coordinate [m]. */
    public double read(Axis axis, double coordinate) {
        return Math.abs(coordinate - start(axis));
    }

    /** The word for the side on which a coordinate lies. */
    public String key(Axis axis, double coordinate) {
        boolean forward = forward(axis, coordinate);
        return switch (axis) {
            case AHEAD -> forward ? "tape.ahead" : "tape.behind";
            case LEFT -> forward ? "tape.left" : "tape.right";
            case UP -> forward ? "tape.up" : "tape.down";
        };
    }

    /** The coordinate [m] that a reading leads to, on the side where something lay before. */
    public double coordinate(Axis axis, double reading, double before) {
        return start(axis) + (forward(axis, before) ? reading : -reading);
    }

    private boolean forward(Axis axis, double coordinate) {
        return coordinate >= start(axis);
    }
}
