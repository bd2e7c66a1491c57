package org.palanca.desktop.control;

import javafx.scene.Node;
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
        Node owner = scene.getFocusOwner();
        if (owner instanceof TextInputControl) {
            scene.getRoot().requestFocus();
            owner.requestFocus();
        }
    }
}
