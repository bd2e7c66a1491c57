package org.palanca.io.json;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import org.palanca.base.units.Quantity;

/**
 * The fields of a thing, one after another as they stand in the file. Each is named once, with where its value is to be had
 * when it is written; what comes back is what was read, or what has been written.
 *
 * @param <T> the thing
 */
abstract class Fields<T> {
    /** The name under which the thing is filed. */
    abstract String name();

    /** A field that is always written. */
    abstract <V> V value(String key, Form<V> form, Function<T, V> of);

    /** A field that may not be there. */
    abstract <V> Optional<V> optional(String key, Form<V> form, Function<T, Optional<V>> of);

    /** A key that says which kind of thing it is. */
    abstract void tag(String key, String kind);

    /** A part whose fields stand among those of the thing itself. */
    abstract <V> V inline(ObjectForm<V> form, Function<T, V> of);

    /**
     * The fields of one of several kinds, among those of the thing itself.
     *
     * @param read takes the thing as the kind that its keys tell
     * @param write puts the thing down as the kind that it is
     */
    abstract T oneOf(BiFunction<JsonNode, Taking<T>, T> read, BiConsumer<T, Putting> write);

    /** Takes a thing as one of several kinds. */
    interface Taking<T> {
        <S extends T> T as(ObjectForm<S> form);
    }

    /** Puts a thing down as one of several kinds. */
    interface Putting {
        <S> void as(ObjectForm<S> form, S thing);
    }

    /** A field that is left out where it says what goes without saying. */
    final <V> V value(String key, Form<V> form, V usual, Function<T, V> of) {
        return optional(key, form, thing -> Optional.of(of.apply(thing)).filter(value -> !value.equals(usual)))
                .orElse(usual);
    }

    /** A part with keys of its own. */
    final <V> V part(String key, ObjectForm<V> form, Function<T, V> of) {
        return value(key, form, of);
    }

    /** A part that may not be there. */
    final <V> Optional<V> partIfAny(String key, ObjectForm<V> form, Function<T, Optional<V>> of) {
        return optional(key, form, of);
    }

    /** A part that is left out where it says what goes without saying. */
    final <V> V part(String key, ObjectForm<V> form, V usual, Function<T, V> of) {
        return value(key, form, usual, of);
    }

    final <V> List<V> parts(String key, ObjectForm<V> one, Function<T, List<V>> of) {
        return list(key, one, of);
    }

    /** Left out where there are none. */
    final <V> List<V> partsIfAny(String key, ObjectForm<V> one, Function<T, List<V>> of) {
        return value(key, Form.list(one), List.of(), of);
    }

    final String text(String key, Function<T, String> of) {
        return value(key, Form.TEXT, of);
    }

    final boolean flag(String key, boolean usual, Function<T, Boolean> of) {
        return value(key, Form.FLAG, usual, of);
    }

    /** [m] */
    final double length(String key, ToDoubleFunction<T> of) {
        return value(key, Form.LENGTH, of::applyAsDouble);
    }

    /** [m], left out where it is as usual. */
    final double length(String key, double usual, ToDoubleFunction<T> of) {
        return number(key, Quantity.LENGTH, usual, of);
    }

    /** [rad] */
    final double angle(String key, ToDoubleFunction<T> of) {
        return value(key, Form.ANGLE, of::applyAsDouble);
    }

    /** [rad], left out where it is as usual. */
    final double angle(String key, double usual, ToDoubleFunction<T> of) {
        return number(key, Quantity.ANGLE, usual, of);
    }

    final double number(String key, Quantity quantity, ToDoubleFunction<T> of) {
        return value(key, Form.in(quantity), of::applyAsDouble);
    }

    private double number(String key, Quantity quantity, double usual, ToDoubleFunction<T> of) {
        return optional(key, quantity, thing -> {
                    double value = of.applyAsDouble(thing);
                    return value == usual ? OptionalDouble.empty() : OptionalDouble.of(value);
                })
                .orElse(usual);
    }

    final OptionalDouble optional(String key, Quantity quantity, Function<T, OptionalDouble> of) {
        Optional<Double> value = optional(key, Form.in(quantity), thing -> {
            OptionalDouble there = of.apply(thing);
            return there.isPresent() ? Optional.of(there.getAsDouble()) : Optional.empty();
        });
        return value.isPresent() ? OptionalDouble.of(value.get()) : OptionalDouble.empty();
    }

    final <E extends Enum<E>> E constant(String key, Class<E> type, Function<T, E> of) {
        return value(key, Form.constant(type), of);
    }

    final <E extends Enum<E>> E constant(String key, E usual, Function<T, E> of) {
        return value(key, Form.constant(usual.getDeclaringClass()), usual, of);
    }

    /** Things filed by their names, in the order of the file. */
    final <V> List<V> named(String key, ObjectForm<V> form, Function<V, String> name, Function<T, List<V>> of) {
        return value(key, Form.named(form, name), of);
    }

    /** Left out where there are none. */
    final <V> List<V> namedIfAny(String key, ObjectForm<V> form, Function<V, String> name, Function<T, List<V>> of) {
        return value(key, Form.named(form, name), List.of(), of);
    }

    final <V> List<V> list(String key, Form<V> one, Function<T, List<V>> of) {
        return value(key, Form.list(one), of);
    }

    /** Left out where there are none. */
    final <V> List<V> listIfAny(String key, Form<V> one, Function<T, List<V>> of) {
        return value(key, Form.list(one), List.of(), of);
    }
}
