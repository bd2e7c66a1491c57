package org.palanca.vehicle;

import java.util.Locale;

/**
 * What a frame rail is in section.
 *
 * @param shape closed or open
 * @param wall thickness of all its sides [m]
 */
public record RailSection(Shape shape, double wall) {
    /** Which of its sides are there. */
    public enum Shape {
        BOX,
        /** A channel whose open side looks to the middle of the vehicle. */
        CHANNEL_IN,
        /** A channel whose open side looks outward. */
        CHANNEL_OUT;

        /** As it stands in word keys. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
