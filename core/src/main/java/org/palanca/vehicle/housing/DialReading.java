package org.palanca.vehicle.housing;

/**
 * One round of a dial at the end of a housing, hand at twelve, three, six and nine o'clock as seen by someone who faces
 * that end from outside; twelve is up with the pinion at its ride angle.
 *
 * @param stage when it was taken
 * @param way on what
 * @param reach diameter of the face the dial runs on, or for a bar the distance from the far bearing to the dial [m]
 * @param twelve reading [m], the plunger pushed in positive
 * @param three reading [m]
 * @param six reading [m]
 * @param nine reading [m]
 */
public record DialReading(Stage stage, Way way, double reach, double twelve, double three, double six, double nine) {
    /** When in the work. */
    public enum Stage {
        BEFORE,
        BETWEEN,
        AFTER
    }

    /** What the dial runs on. */
    public enum Way {
        /** On the flange face: the full reading over the face's diameter is the tilt. */
        FACE,
        /** Across the alignment bar at the end: how far the bar is off the bore's middle, over the half-housing's length. */
        BAR
    }
}
