package org.palanca.vehicle;

import java.util.OptionalDouble;
import org.palanca.vehicle.hardware.LinkMake;

/**
 * A bar with a joint at each end: a constant distance between two mounts.
 *
 * @param name unique within its axle
 * @param role what a builder calls it
 * @param from mount name, on the frame by custom
 * @param to mount name, on the axle by custom
 * @param length pin to pin [m] when the bar is made to a length of its own; empty: as far as the mounts are apart at
 *     ride. A stated length that differs turns the axle, as turning a link in or out does.
 * @param rate along the bar, of both bushings together [N/m]; empty: rigid, or where the axle binds, like the others
 * @param make what it is made of, as far as it is not as the vehicle's links usually are
 */
public record Link(
        String name, LinkRole role, String from, String to, OptionalDouble length, OptionalDouble rate, LinkMake make) {
    /** A bar as long as its mounts are apart, with no bushing rate of its own. */
    public Link(String name, LinkRole role, String from, String to) {
        this(name, role, from, to, OptionalDouble.empty(), OptionalDouble.empty(), LinkMake.USUAL);
    }

    public Link withLength(OptionalDouble other) {
        return new Link(name, role, from, to, other, rate, make);
    }

    public Link withMake(LinkMake other) {
        return new Link(name, role, from, to, length, rate, other);
    }
}
