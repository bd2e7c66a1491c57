package org.palanca.io.json;

import com.fasterxml.jackson.databind.JsonNode;

/**
 * A form with keys. It names each field once, with where the value is to be had when it is written, and makes the thing of
 * what the fields hand it: read from the file when the file is read, the thing's own when it is written.
 *
 * @param <T> the thing
 */
@FunctionalInterface
interface ObjectForm<T> extends Form<T> {
    T pass(Fields<T> fields);

    @Override
    default T read(Found found) {
        return named("", found);
    }

    @Override
    default T named(String name, Found found) {
        return ReadFields.of(name, found, this);
    }

    @Override
    default JsonNode write(T value) {
        return named("", value);
    }

    @Override
    default JsonNode named(String name, T value) {
        return WrittenFields.of(name, value, this);
    }
}
