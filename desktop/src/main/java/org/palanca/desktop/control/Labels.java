package org.palanca.desktop.control;

import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;

/** Labels and small buttons in the window's styles. */
public final class Labels {
    private Labels() {}

    /** A label of a style class. */
    public static Label of(String text, String styleClass) {
        Label label = new Label(text);
        label.getStyleClass().add(styleClass);
        return label;
    }

    /** A sentence that breaks its lines and keeps its height. */
    public static Label sentence(String text, String styleClass) {
        Label label = of(text, styleClass);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    /** A field under its name. */
    public static VBox over(String name, Node field) {
        Label label = of(name, "second");
        label.setLabelFor(field);
        return new VBox(2, label, field);
    }

    /** A measure's field with its unit behind, under its name. */
    public static VBox over(String name, MeasureField field, Quantity quantity, Supplier<Words> words) {
        return over(name, withUnit(field, quantity, words));
    }

    /** A measure's field with its unit behind. */
    public static HBox withUnit(MeasureField field, Quantity quantity, Supplier<Words> words) {
        HBox row = new HBox(4, field, of(words.get().units().unit(quantity), "second"));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** A small button that is never cut short. */
    public static Button button(String id, String text, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.getStyleClass().add("pad-button");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(event -> action.run());
        return button;
    }
}
