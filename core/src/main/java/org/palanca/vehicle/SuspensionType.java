package org.palanca.vehicle;

import java.util.Locale;

/**
 * What the trade calls a way of holding wheels. The mechanism does not care: words, drawings and starting points do.
 */
public enum SuspensionType {
    /** Four links on a live axle of which the uppers converge and hold it sideways. */
    TRIANGULATED_UPPERS,
    /** Four links of which the lowers converge. */
    TRIANGULATED_LOWERS,
    /** Four links, both pairs converging. */
    TRIANGULATED_BOTH,
    /** Four links parallel in plan and of one slope, with a panhard. */
    PARALLEL_PANHARD,
    /** Four links of unlike slopes and lengths with a panhard: it binds in roll. */
    FIVE_LINK,
    /** Two lowers, one upper and a panhard. */
    THREE_LINK_PANHARD,
    /** Two lowers, an arm from the housing far forward that takes the torque, and a panhard. */
    TORQUE_ARM,
    /** Four links and a Watts linkage whose bellcrank turns on the axle. */
    WATTS_ON_AXLE,
    /** Four links and a Watts linkage whose bellcrank turns on the frame. */
    WATTS_ON_FRAME,
    /** Two arms clamped to the axle fore and aft of it, and a panhard. */
    RADIUS_ARMS,
    /** Two arms fixed to the axle, each on a single bushing at the frame, and a panhard. */
    TRAILING_ARMS,
    /** Two triangular bars pinned to the axle above and below, and a panhard. */
    LADDER_BARS,
    /** Two leaf springs that locate and carry. */
    LEAF_SPRINGS,
    /** Two wishbones a side and a toe or tie link. */
    DOUBLE_WISHBONE(true),
    /** One arm a side on a slanting axis. */
    SEMI_TRAILING(true),
    /** A strut on a lower arm. */
    STRUT(true),
    /** Five separate links a side. */
    FIVE_LINK_CORNER(true);

    private final boolean independent;

    SuspensionType() {
        this(false);
    }

    SuspensionType(boolean independent) {
        this.independent = independent;
    }

    /** Whether each wheel has its own mechanism; otherwise a housing carries both. */
    public boolean independent() {
        return independent;
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
