package org.palanca.vehicle;

/**
 * Which of the things described around an axle is meant.
 *
 * @param obstacle whether it is one of the boxes on the frame, and not one of the parts with shapes
 * @param name what the shop calls it
 */
public record PartRef(boolean obstacle, String name) {
    /** A part with a shape. */
    public static PartRef part(String name) {
        return new PartRef(false, name);
    }

    /** A box on the frame. */
    public static PartRef obstacle(String name) {
        return new PartRef(true, name);
    }
}
