package org.palanca.vehicle.survey;

import java.util.Locale;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;

/** What a reading was taken with. Spreads are one standard deviation: common practice, no source. */
public enum Instrument {
    /** Steel tape, hooked or held at a mark. */
    TAPE(Lengths.inches(1.0 / 16), Quantity.LENGTH),
    /** Laser distance meter. */
    LASER(0.0015, Quantity.LENGTH),
    /** Calliper or bore gauge, for short distances. */
    CALIPER(Lengths.inches(0.005), Quantity.LENGTH),
    /** Water level, straight edge with level, or laser line. */
    LEVEL(Lengths.inches(1.0 / 32), Quantity.LENGTH),
    /** Plumb bob to the floor. */
    PLUMB_BOB(Lengths.inches(1.0 / 16), Quantity.LENGTH),
    /** Angle finder laid along the line. */
    ANGLE_FINDER(Math.toRadians(0.2), Quantity.ANGLE),
    /** Scanner or measuring arm. */
    SCANNER(0.0005, Quantity.LENGTH);

    private final double spread;
    private final Quantity quantity;

    Instrument(double spread, Quantity quantity) {
        this.spread = spread;
        this.quantity = quantity;
    }

    /** The name in files and word keys. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Standard deviation of one reading [m or rad]. */
    public double spread() {
        return spread;
    }

    public Quantity quantity() {
        return quantity;
    }
}
