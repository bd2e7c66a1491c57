package org.palanca.vehicle.hardware;

import java.util.Optional;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;

/**
 * Where a link's tube is plug-welded to its inserts, at each threaded end: two drillings through both walls, the second turned by
 * 90 degrees against the first. The holes are drilled before the insert is in. Some weld no plugs, and weld round the insert's
 * shoulder alone: both are schools.
 *
 * @param hole diameter [m]
 * @param first from the tube's cut end to the middle of the first drilling [m]
 * @param second to the middle of the second one [m]
 */
public record PlugWelds(double hole, double first, double second) {
    /** Holes of 1/2 in, 1/2 in and 1 in from the end: common practice, no source. */
    public static final PlugWelds COMMON = new PlugWelds(Lengths.inches(0.5), Lengths.inches(0.5), Lengths.inches(1));

    private static final double EPSILON = 1e-9;

    /**
     * What is wrong with them on a tube over an insert; empty where nothing is. Metal must be left between hole and end, at least
     * half a hole wide, and the hole must lie over the insert all round: common practice, no source.
     *
     * @param tubeOutside of the tube [m]
     * @param insert how deep the insert reaches into the tube [m]
     */
    public Optional<Message> fault(double tubeOutside, double insert) {
        if (first - hole < -EPSILON) {
            return Optional.of(Message.of("plug.edge", Message.length(first), Message.length(hole)));
        }
        if (second - first < hole - EPSILON) {
            return Optional.of(Message.of("plug.together", Message.length(second - first), Message.length(hole)));
        }
        if (second + hole / 2 > insert + EPSILON) {
            return Optional.of(
                    Message.of("plug.past_insert", Message.length(second + hole / 2), Message.length(insert)));
        }
        if (hole > tubeOutside / 2 + EPSILON) {
            return Optional.of(Message.of("plug.wide", Message.length(hole), Message.length(tubeOutside)));
        }
        return Optional.empty();
    }
}
