package org.palanca.io.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Function;

/** Fields as they are written, in the order in which they are named. */
final class WrittenFields<T> extends Fields<T> {
    private final String name;
    private final T thing;
    private final ObjectNode node;

    private WrittenFields(String name, T thing, ObjectNode node) {
        this.name = name;
        this.thing = thing;
        this.node = node;
    }

    static <T> ObjectNode of(String name, T thing, ObjectForm<T> form) {
        ObjectNode node = JsonNodeFactory.instance.objectNode();
        form.pass(new WrittenFields<>(name, thing, node));
        return node;
    }

    @Override
    String name() {
        return name;
    }

    @Override
    <V> V value(String key, Form<V> form, Function<T, V> of) {
        V value = of.apply(thing);
        node.set(key, form.write(value));
        return value;
    }

    @Override
    <V> Optional<V> optional(String key, Form<V> form, Function<T, Optional<V>> of) {
        Optional<V> value = of.apply(thing);
        value.ifPresent(there -> node.set(key, form.write(there)));
        return value;
    }

    @Override
    void tag(String key, String kind) {
        node.put(key, kind);
    }

    @Override
    <V> V inline(ObjectForm<V> form, Function<T, V> of) {
        V value = of.apply(thing);
        form.pass(new WrittenFields<>(name, value, node));
        return value;
    }

    @Override
    T oneOf(BiFunction<JsonNode, Taking<T>, T> take, BiConsumer<T, Putting> put) {
        put.accept(thing, new Putting() {
            @Override
            public <S> void as(ObjectForm<S> form, S one) {
                form.pass(new WrittenFields<>(name, one, node));
            }
        });
        return thing;
    }
}
