package org.palanca.desktop.control;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.words.Message;
import org.palanca.words.Words;

/** A move of a mount in words: how far forward or back and up or down. */
public final class MoveWords {
    private static final double NOTHING = 1e-6;

    private MoveWords() {}

    /** @param by the move [m], vehicle frame; what it does sideways is not told */
    public static String of(Vector3D by, Words words) {
        StringBuilder text = new StringBuilder();
        add(text, by.getX(), "move.forward", "move.back", words);
        add(text, by.getZ(), "move.up", "move.down", words);
        return text.toString();
    }

    private static void add(StringBuilder text, double distance, String plus, String minus, Words words) {
        if (Math.abs(distance) > NOTHING) {
            text.append(text.isEmpty() ? "" : " " + words.text("move.and") + " ")
                    .append(words.text(distance > 0 ? plus : minus, Message.length(Math.abs(distance))));
        }
    }
}
