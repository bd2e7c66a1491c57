package org.palanca.desktop.command;

import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.input.KeyCombination;
import org.jspecify.annotations.Nullable;

/**
 * Something the user can do.
 *
 * @param id stable name; word keys are made from it: {@code command.<id>}
 * @param keys the key that does it, or null
 * @param enabled whether it can be done now
 * @param action does it
 */
public record Command(String id, @Nullable KeyCombination keys, ObservableBooleanValue enabled, Runnable action) {
    /** A command that can always be done. */
    public static Command of(String id, String keys, Runnable action) {
        return new Command(
                id,
                keys.isEmpty() ? null : KeyCombination.valueOf(keys),
                Bindings.createBooleanBinding(() -> true),
                action);
    }

    /** A command that can be done at times. */
    public static Command of(String id, String keys, ObservableBooleanValue enabled, Runnable action) {
        return new Command(id, KeyCombination.valueOf(keys), enabled, action);
    }

    /** Key of its name in words. */
    public String key() {
        return "command." + id;
    }

    /** Does it if it can be done now. */
    public void run() {
        if (enabled.get()) {
            action.run();
        }
    }
}
