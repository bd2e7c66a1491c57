package org.palanca.base.geometry;

import java.util.Optional;

/**
 * A name that may end in a side, such as {@code upper frame left}. The shop names a pair alike but for the side, so this is
 * the one place that reads a side from a name.
 *
 * @param stem without its side
 * @param side empty where it has none
 */
public record SidedName(String stem, Optional<Side> side) {
    /** A name as it was typed. */
    public static SidedName of(String name) {
        for (Side side : Side.values()) {
            String ending = " " + side.id();
            if (name.endsWith(ending)) {
                return new SidedName(name.substring(0, name.length() - ending.length()), Optional.of(side));
            }
        }
        return new SidedName(name, Optional.empty());
    }

    /** The same on a side. */
    public String on(Side other) {
        return stem + " " + other.id();
    }

    /** The same across the centreline; itself where it has no side. */
    public String mirrored() {
        return side.map(one -> on(one.opposite())).orElse(stem);
    }
}
