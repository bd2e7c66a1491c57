package org.palanca.desktop.step;

import org.palanca.base.words.Message;

/**
 * How far a step has come.
 *
 * @param message in a few words
 * @param held whether something in it keeps the work from going on
 */
public record StepState(Message message, boolean held) {
    /** A step that nothing holds. */
    public static StepState free(String key, Object... arguments) {
        return new StepState(Message.of(key, arguments), false);
    }

    /** A step in which something keeps the work from going on. */
    public static StepState held(String key, Object... arguments) {
        return new StepState(Message.of(key, arguments), true);
    }

    /** The one that is held; of two alike the one of which something is known, its key not ending in {@code _none}. */
    public StepState worse(StepState other) {
        if (held != other.held) {
            return held ? this : other;
        }
        boolean nothing = !held && message.key().endsWith("_none");
        return nothing ? other : this;
    }
}
