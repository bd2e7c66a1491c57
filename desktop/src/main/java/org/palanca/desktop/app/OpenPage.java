package org.palanca.desktop.app;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.palanca.desktop.control.Labels;

/** Something to be read that lies over the drawing until it is closed: keys, licences, a sheet before it is printed. */
final class OpenPage extends VBox {
    private final Label title = Labels.of("", "page-title");
    private final Button close = new Button();
    private final VBox content = new VBox();
    private Runnable closed = () -> {};

    OpenPage() {
        setId("open-page");
        getStyleClass().add("open-page");
        close.setId("page-close");
        close.setMinWidth(USE_PREF_SIZE);
        close.setOnAction(event -> close());
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        HBox head = new HBox(title, between, close);
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        content.getStyleClass().add("open-page-content");
        getChildren().addAll(head, scroll);
        setVisible(false);
        managedProperty().bind(visibleProperty());
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                close();
                event.consume();
            }
        });
    }

    /**
     * Shows a page.
     *
     * @param closeText what closes it
     * @param afterwards done once it is closed
     */
    void open(String name, String closeText, List<? extends Node> nodes, Runnable afterwards) {
        title.setText(name);
        close.setText(closeText);
        content.getChildren().setAll(nodes);
        closed = afterwards;
        setVisible(true);
        close.requestFocus();
    }

    /** Takes it away. */
    void close() {
        if (isVisible()) {
            setVisible(false);
            content.getChildren().clear();
            closed.run();
        }
    }
}
