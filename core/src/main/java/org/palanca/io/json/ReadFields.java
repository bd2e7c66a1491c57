package org.palanca.io.json;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Function;

/** Fields as they are read. Remembers which keys were asked for: the others nothing is read from. */
final class ReadFields<T> extends Fields<T> {
    private final String name;
    private final Found found;
    private final Set<String> read;

    private ReadFields(String name, Found found, Set<String> read) {
        this.name = name;
        this.found = found;
        this.read = read;
    }

    static <T> T of(String name, Found found, ObjectForm<T> form) {
        ReadFields<T> fields = new ReadFields<>(name, found, new HashSet<>());
        T thing = form.pass(fields);
        found.unread().report(found, fields.read);
        return thing;
    }

    @Override
    String name() {
        return name;
    }

    @Override
    <V> V value(String key, Form<V> form, Function<T, V> of) {
        read.add(key);
        return form.read(found.at(key));
    }

    @Override
    <V> Optional<V> optional(String key, Form<V> form, Function<T, Optional<V>> of) {
        read.add(key);
        return found.node().has(key) ? Optional.of(form.read(found.at(key))) : Optional.empty();
    }

    @Override
    void tag(String key, String kind) {
        read.add(key);
    }

    @Override
    <V> V inline(ObjectForm<V> form, Function<T, V> of) {
        return form.pass(new ReadFields<>(name, found, read));
    }

    @Override
    T oneOf(BiFunction<JsonNode, Taking<T>, T> take, BiConsumer<T, Putting> put) {
        return take.apply(found.node(), new Taking<>() {
            @Override
            public <S extends T> T as(ObjectForm<S> form) {
                return form.pass(new ReadFields<>(name, found, read));
            }
        });
    }
}
