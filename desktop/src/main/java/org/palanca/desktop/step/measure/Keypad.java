package org.palanca.desktop.step.measure;

import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;

/** Keys for gloves: figures, the usual fractions, and taking the reading. They type into the reading's field. */
final class Keypad extends GridPane {
    private static final String[][] KEYS = {
        {"7", "8", "9", "1/8", "1/4"},
        {"4", "5", "6", "3/8", "1/2"},
        {"1", "2", "3", "5/8", "3/4"},
        {"0", ".", "/", "7/8", "1/16"}
    };

    private final TextField field;

    Keypad(TextField field, Runnable take, String takeText) {
        this.field = field;
        getStyleClass().add("keypad");
        setHgap(4);
        setVgap(4);
        for (int row = 0; row < KEYS.length; row++) {
            for (int column = 0; column < KEYS[row].length; column++) {
                add(key(KEYS[row][column]), column, row);
            }
        }
        Button back = button("⌫", "key-back");
        back.setOnAction(event -> {
            field.deletePreviousChar();
            keepCaret();
        });
        add(back, 0, KEYS.length);
        Button minus = button("−", "key-minus");
        minus.setOnAction(event -> type("-"));
        add(minus, 1, KEYS.length);
        Button enter = button(takeText, "key-take");
        enter.getStyleClass().add("main-action");
        enter.setOnAction(event -> take.run());
        add(enter, 2, KEYS.length, 3, 1);
        for (int column = 0; column < KEYS[0].length; column++) {
            ColumnConstraints equal = new ColumnConstraints();
            equal.setPercentWidth(100.0 / KEYS[0].length);
            equal.setHgrow(Priority.ALWAYS);
            getColumnConstraints().add(equal);
        }
    }

    private Button key(String text) {
        Button key = button(text, "key-" + text.replace("/", "-").replace(".", "point"));
        boolean fraction = text.length() > 2;
        key.setOnAction(event -> type(fraction && needsBlank() ? " " + text : text));
        return key;
    }

    private boolean needsBlank() {
        String text = field.getText();
        return !text.isEmpty() && Character.isDigit(text.charAt(text.length() - 1));
    }

    private void type(String text) {
        if (!field.getSelectedText().isEmpty()) {
            field.replaceSelection("");
        }
        field.appendText(text);
        keepCaret();
    }

    private void keepCaret() {
        field.requestFocus();
        field.deselect();
        field.end();
    }

    private static Button button(String text, String id) {
        Button button = new Button(text);
        button.setId(id);
        button.setFocusTraversable(false);
        button.getStyleClass().add("key");
        button.setMaxWidth(Double.MAX_VALUE);
        return button;
    }
}
