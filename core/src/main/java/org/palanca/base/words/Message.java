package org.palanca.base.words;

import java.util.List;
import org.palanca.base.units.Quantity;

/**
 * Something to be said, before it is put into words.
 *
 * @param key the sentence's key in the bundle
 * @param arguments names, {@link Measure measures}, other messages
 */
public record Message(String key, List<Object> arguments) {
    public Message {
        arguments = List.copyOf(arguments);
    }

    /** A message with arguments in the order of its placeholders. */
    public static Message of(String key, Object... arguments) {
        return new Message(key, List.of(arguments));
    }

    /** A number that is written in the reader's units. */
    public record Measure(double value, Quantity quantity) {}

    /**
     * A number beside the one it is judged by: where both would read alike, it is written as finely as it takes to tell them
     * apart.
     *
     * @param against what it is judged by
     */
    public record Judged(double value, double against, Quantity quantity) {}

    /** A length [m] that is judged by another one, which stands beside it or is nothing. */
    public static Judged length(double metres, double against) {
        return new Judged(metres, against, Quantity.LENGTH);
    }

    /** A number that is judged by another one. */
    public static Judged judged(double value, double against, Quantity quantity) {
        return new Judged(value, against, quantity);
    }

    /** A small length that a tape's fractions would round away. */
    public record Fine(double metres) {}

    /** A small length [m], to be written to the thousandth of an inch or the hundredth of a millimetre. */
    public static Fine fine(double metres) {
        return new Fine(metres);
    }

    /** A length [m] to be written in the reader's units. */
    public static Measure length(double metres) {
        return new Measure(metres, Quantity.LENGTH);
    }

    /**
     * A length that is driven, not built, such as a turning circle: in feet and inches or metres.
     *
     * @param metres the length [m]
     */
    public record OnTheRoad(double metres) {}

    /** A length that is driven [m]. */
    public static OnTheRoad onTheRoad(double metres) {
        return new OnTheRoad(metres);
    }

    /** An angle [rad] to be written in degrees. */
    public static Measure angle(double radians) {
        return new Measure(radians, Quantity.ANGLE);
    }

    /** A percentage, 75 for 75 %. */
    public static Measure percent(double percent) {
        return new Measure(percent, Quantity.PERCENT);
    }
}
