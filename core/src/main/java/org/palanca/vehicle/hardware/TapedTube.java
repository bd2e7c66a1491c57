package org.palanca.vehicle.hardware;

import java.util.Optional;

/**
 * The tube's length as it was taped on the mock-up, between the shoulders of the inserts with the joints in place.
 *
 * @param length as taped [m]
 * @param decision which of the two lengths is cut; empty while nobody has said
 */
public record TapedTube(double length, Optional<Decision> decision) {
    /** How far the two may be apart before it has to be said which counts [m]: 1/16 in, common practice, no source. */
    public static final double AGREE = 0.0254 / 16;

    /**
     * Which length counts.
     *
     * @param taped whether it is the taped one
     * @param why in somebody's words
     */
    public record Decision(boolean taped, String why) {}
}
