package org.palanca.base;

import java.util.function.Consumer;
import java.util.function.Function;

/** Helps sealed families to be taken apart case by case, so that a new member does not compile until each place handles it. */
public final class Cases {
    private Cases() {}

    /** An action as a case that answers nothing. */
    public static <T> Function<T, Void> does(Consumer<? super T> action) {
        return one -> {
            action.accept(one);
            return null;
        };
    }
}
