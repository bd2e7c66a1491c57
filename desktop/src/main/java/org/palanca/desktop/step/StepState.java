package org.palanca.desktop.step;

import org.palanca.base.words.Message;

/**
 * How far a step has come.
 *
 * @param message in a few words
 * @param kind what it means for the work
 */
public record StepState(Message message, Kind kind) {
    /** What a state means for the work, the weightiest last. */
    public enum Kind {
        /** There is nothing in it to be looked at. */
        NOTHING,
        /** It was looked at, and nothing keeps the work from going on. */
        FREE,
        /** Something in it keeps the work from going on. */
        HELD
    }

    /** A step with nothing in it to be looked at. */
    public static StepState nothing(String key, Object... arguments) {
        return new StepState(Message.of(key, arguments), Kind.NOTHING);
    }

    /** A step that nothing holds. */
    public static StepState free(String key, Object... arguments) {
        return new StepState(Message.of(key, arguments), Kind.FREE);
    }

    /** A step in which something keeps the work from going on. */
    public static StepState held(String key, Object... arguments) {
        return new StepState(Message.of(key, arguments), Kind.HELD);
    }

    /** Whether something in it keeps the work from going on. */
    public boolean held() {
        return kind == Kind.HELD;
    }

    /** The weightier of two; of two alike this one. */
    public StepState weightier(StepState other) {
        return other.kind.compareTo(kind) > 0 ? other : this;
    }
}
