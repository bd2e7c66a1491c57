package org.palanca.vehicle;

import java.util.Locale;

/** What a builder calls a link. The mechanism does not care; pairs, separations and band defaults do. */
public enum LinkRole {
    /** Above the axle, or a leg of an upper wishbone. */
    UPPER,
    /** Below the axle, or a leg of a lower wishbone. */
    LOWER,
    /** Across, from frame to axle. */
    PANHARD,
    /** One half of a Watts linkage. */
    WATTS,
    /** What holds the front end of a torque arm up and down. */
    TORQUE_ARM,
    /** Sets a wheel's steer angle: a tie rod on a rack, a toe link at the rear, the bar between two knuckles. */
    TIE_ROD,
    /** From the steering box or relay to the knuckle. */
    DRAG_LINK,
    /** From axle or arm to the rocker that works a shock. */
    PUSHROD,
    /** From a sway bar's arm to what it holds level. */
    DROP_LINK;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
