package org.palanca.desktop.app;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Things to be told or asked, above the board; work goes on meanwhile. */
final class NoticeBar extends VBox {
    private final Label text = new Label();
    private final HBox choices = new HBox(8);
    private final String dismiss;

    /** An answer the user can give. */
    record Choice(String name, Runnable action) {}

    NoticeBar(String dismiss) {
        this.dismiss = dismiss;
        setId("notice");
        getStyleClass().add("notice");
        text.setWrapText(true);
        text.setId("notice-text");
        ScrollPane scroll = new ScrollPane(text);
        scroll.setFitToWidth(true);
        scroll.setMaxHeight(170);
        scroll.setMinHeight(0);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        choices.setAlignment(Pos.CENTER_RIGHT);
        choices.setMinWidth(USE_PREF_SIZE);
        HBox row = new HBox(12, scroll, choices);
        row.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(row);
        setVisible(false);
        managedProperty().bind(visibleProperty());
    }

    /** Says something that can be put away. */
    void say(String message) {
        ask(message);
    }

    /** Asks something; answering puts it away. Without choices there is one to put it away. */
    void ask(String message, Choice... answers) {
        text.setText(message);
        choices.getChildren().clear();
        Choice[] shown = answers.length == 0 ? new Choice[] {new Choice(dismiss, () -> {})} : answers;
        for (Choice choice : shown) {
            Button button = new Button(choice.name());
            button.setMinWidth(USE_PREF_SIZE);
            button.setOnAction(event -> {
                clear();
                choice.action().run();
            });
            choices.getChildren().add(button);
        }
        setVisible(true);
    }

    void clear() {
        setVisible(false);
    }
}
