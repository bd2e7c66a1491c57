package org.palanca.vehicle.layout;

import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;

/**
 * How tie rod, drag link and the bar that holds a steered live axle sideways go past one another: each in a row of its own
 * ahead of the axle line. In the middle the drag link is as high as the roll centre, so that rolling does not steer. Our own
 * proportions.
 *
 * @param tieRodUp tie rod above the middle of the axle [in]
 * @param dragLink ahead of the axle line [in]
 * @param bar ahead of the axle line: a panhard, or the rods of a Watts linkage [in]
 * @param barUp above the middle of the axle [in]
 * @param boxOut end of the pitman arm to the left [in]
 * @param boxUp the same above the middle of the axle [in]
 * @param farUp other end of the drag link above the middle of the axle [in]
 */
record SteeredAxleLayout(
        double tieRodUp, double dragLink, double bar, double barUp, double boxOut, double boxUp, double farUp) {
    /** Tie rod ahead of the axle line [in]: past a differential of ordinary size, with room to turn. */
    static final double TIE_ROD = 7.75;

    /** A panhard just ahead of the differential, and one that goes over its front [in]. */
    private static final double PAST_DIFFERENTIAL = 6.75;

    private static final double OVER_DIFFERENTIAL = 4;

    /** Drag link ahead of the axle line [in], and where it has the rods of a Watts linkage to pass. */
    private static final double DRAG_LINK = 11.25;

    private static final double PAST_WATTS = 15.25;

    /** The rods of a Watts linkage ahead of the axle line [in]: they swing so far that nothing goes over or under them. */
    private static final double WATTS = 11;

    /** Steering box out from the centreline [in]. */
    private static final double INSIDE_RAIL = 12;

    /** Of a live axle; types without a bar have nothing where it would be. */
    static SteeredAxleLayout of(SuspensionType type, StarterSteering steering, Use use) {
        boolean high = steering == StarterSteering.HIGH_STEER;
        boolean relay = steering == StarterSteering.REVERSING_RELAY;
        boolean trail = use == Use.TRAIL;
        boolean track = use == Use.TRACK;
        // Under the foot of a relay's lever.
        double low = relay && trail ? -2 : -1;
        return switch (type) {
            case WATTS_ON_AXLE, WATTS_ON_FRAME -> {
                double up = trail ? (type == SuspensionType.WATTS_ON_AXLE ? 5 : 6.75) : track ? -3 : 0;
                yield new SteeredAxleLayout(high ? 4.5 : low, PAST_WATTS, WATTS, up, INSIDE_RAIL, up, up);
            }
            case LEAF_SPRINGS -> {
                // Over the right spring or under it, and about as high as its eyes in the middle.
                double far = relay ? 3.75 : high ? 7.25 : 0;
                double box = relay ? 3.75 : high ? 1.5 : 5.75;
                yield new SteeredAxleLayout(high ? 6 : -1, DRAG_LINK, 0, 0, high ? 8 : INSIDE_RAIL, box, far);
            }
            case TRIANGULATED_UPPERS, TRIANGULATED_LOWERS, TRIANGULATED_BOTH ->
                trail
                        ? new SteeredAxleLayout(high ? 4.25 : low, DRAG_LINK, 0, 0, INSIDE_RAIL, 10.5, relay ? 9 : 7)
                        : new SteeredAxleLayout(high ? 4.25 : low, DRAG_LINK, 0, 0, INSIDE_RAIL, 3, 2.5);
            default -> {
                if (trail) {
                    yield new SteeredAxleLayout(
                            high ? 4.25 : low, DRAG_LINK, OVER_DIFFERENTIAL, 7.25, INSIDE_RAIL, 7.25, 7.25);
                }
                // Over or under all that the bar does.
                double up = track ? -1.875 : high ? 1 : 1.75;
                double rod = track ? 4.5 : high || relay ? 7.25 : -4.25;
                double bar = steering == StarterSteering.RAM ? DRAG_LINK : PAST_DIFFERENTIAL;
                yield new SteeredAxleLayout(rod, DRAG_LINK, bar, up, INSIDE_RAIL, up, up);
            }
        };
    }
}
