package org.palanca.desktop.control;

import java.util.function.Function;
import java.util.function.Supplier;
import javafx.util.StringConverter;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Words;

/** Names of what a box offers to choose from. */
public final class Choices {
    private Choices() {}

    /** Writes choices by a word key each, in the words of the moment; nothing is typed. */
    public static <T> StringConverter<T> names(Supplier<Words> words, Function<T, String> key) {
        return named(shown -> words.get().text(key.apply(shown)));
    }

    /** Writes choices by a name each; nothing is typed. */
    public static <T> StringConverter<T> named(Function<T, String> name) {
        return new StringConverter<>() {
            @Override
            public String toString(T shown) {
                return shown == null ? "" : name.apply(shown);
            }

            @Override
            public @Nullable T fromString(String text) {
                return null;
            }
        };
    }
}
