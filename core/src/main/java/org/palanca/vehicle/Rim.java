package org.palanca.vehicle;

import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;

/**
 * The rim a tyre sits on, as it is measured off the vehicle: a straightedge over its inner flange and a rule down to the
 * mounting face.
 *
 * @param diameter where the tyre's beads sit [m]
 * @param width between the flanges, inside [m]
 * @param backspacing from the inner flange's edge to the mounting face [m]
 */
public record Rim(double diameter, double width, double backspacing) {
    /** A flange is this thick [m]: common practice, no source. */
    public static final double FLANGE = 0.0127;

    /** How much deeper than its seats a rim reaches, where the tyre's beads go over it [m]: common practice, no source. */
    public static final double WELL = Lengths.inches(1);

    /** An ordinary rim for a tyre, to begin with: a little under half its height, four fifths of its width, face 1/2 in out. */
    public static Rim ordinary(Tyre tyre) {
        double width = Quantity.LENGTH.onGrid(0.8 * tyre.width());
        double diameter = Lengths.inches(Math.round(0.45 * tyre.diameter() / Lengths.INCH));
        return new Rim(diameter, width, Quantity.LENGTH.onGrid(width / 2 + 2 * FLANGE));
    }

    /** Where the mounting face is [m], outward from the middle of the tyre; negative where it is inward of it. */
    public double offset() {
        return backspacing - FLANGE - width / 2;
    }
}
