package org.palanca.desktop.step;

import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import org.palanca.desktop.control.Labels;

/** A thing that is drawn as it is made, with what there is to say of it; pressed, or by Enter or Space, its fields are shown. */
public abstract class PickCard extends VBox {
    private static final PseudoClass PICKED = PseudoClass.getPseudoClass("in-hand");

    /**
     * @param picked whether its fields are shown
     * @param pick shows them
     */
    protected PickCard(String id, String title, boolean picked, Runnable pick) {
        getStyleClass().add("link-card");
        setId(id);
        setAccessibleText(title);
        setFocusTraversable(true);
        pseudoClassStateChanged(PICKED, picked);
        setOnMouseClicked(event -> pick.run());
        setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE) {
                pick.run();
                event.consume();
            }
        });
    }

    /** One more sentence under what is drawn. */
    protected final void sentence(String text, String style, double width) {
        Label label = Labels.sentence(text, style);
        label.setMaxWidth(width);
        getChildren().add(label);
    }
}
