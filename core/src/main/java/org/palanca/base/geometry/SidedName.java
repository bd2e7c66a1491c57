package org.palanca.base.geometry;

import java.util.Optional;

/**
 * A name that may have a side in it, such as {@code upper frame left} or {@code left horn}. The shop names a pair alike but for
 * the side, so this is the one place that reads a side from a name. Where a name has several, the last is meant.
 *
 * @param before what stands before its side; the whole name where it has none
 * @param side empty where it has none
 * @param after what stands after its side
 */
public record SidedName(String before, Optional<Side> side, String after) {
    /** A name as it was typed. */
    public static SidedName of(String name) {
        SidedName found = new SidedName(name, Optional.empty(), "");
        int last = -1;
        for (Side side : Side.values()) {
            int at = lastWord(name, side.id());
            if (at > last) {
                last = at;
                found = new SidedName(
                        name.substring(0, at),
                        Optional.of(side),
                        name.substring(at + side.id().length()));
            }
        }
        return found;
    }

    /** Where a word stands by itself in a name for the last time; -1 where it does not. */
    private static int lastWord(String name, String word) {
        for (int at = name.lastIndexOf(word); at >= 0; at = name.lastIndexOf(word, at - 1)) {
            int end = at + word.length();
            boolean begins = at == 0 || !Character.isLetterOrDigit(name.charAt(at - 1));
            boolean ends = end == name.length() || !Character.isLetterOrDigit(name.charAt(end));
            if (begins && ends) {
                return at;
            }
        }
        return -1;
    }

    /** The name without its side. */
    public String stem() {
        return side.isEmpty() ? before : (before.stripTrailing() + " " + after.stripLeading()).strip();
    }

    /** The same on a side; the side comes last where it had none. */
    public String on(Side other) {
        return side.isEmpty() ? before + " " + other.id() : before + other.id() + after;
    }

    /** The same across the centreline; itself where it has no side. */
    public String mirrored() {
        return side.map(one -> on(one.opposite())).orElse(before);
    }
}
