package org.palanca.desktop.control;

import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;

/** What is typed in a field and not entered yet. */
public final class TypedText {
    private TypedText() {}

    /**
     * Enters it as leaving the field would, and goes on in the field: before anything reads the vehicle, since a number typed
     * last is work too, and neither a key shortcut nor closing the window leaves a field.
     */
    public static void enter(Scene scene) {
        if (scene.getFocusOwner() instanceof TextInputControl field) {
            int anchor = field.getAnchor();
            int caret = field.getCaretPosition();
            scene.getRoot().requestFocus();
            field.requestFocus();
            // A field that gets the focus selects all its text, and the next letter would replace it.
            field.selectRange(anchor, caret);
        }
    }
}
