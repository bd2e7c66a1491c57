package org.palanca.floor.plate;

/**
 * How long the metal of a fold is before it is folded.
 *
 * <p>Along a line that is k of the thickness from the inside it keeps its length: that of an arc of radius + k thickness (the
 * ordinary sheet-metal rule; Machinery's Handbook gives the same as 0.64 T + 1.57 R for a right angle in mild steel, from
 * memory).
 *
 * @param thickness of the plate [m]
 * @param radius inside [m]
 * @param kFactor from the inside, 0, to the outside, 1
 * @param angle that it is folded by [rad]
 */
public record Fold(double thickness, double radius, double kFactor, double angle) {
    /** Length of what bends [m]. */
    public double allowance() {
        return angle * (radius + kFactor * thickness);
    }

    /** From the corner where the outsides would meet back to where the bend begins [m]. */
    public double setback() {
        return (radius + thickness) * Math.tan(angle / 2);
    }

    /** By how much the flat is shorter than both outside lengths together [m]. */
    public double deduction() {
        return 2 * setback() - allowance();
    }
}
