package org.palanca.desktop.command;

import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Words;

/** Finds a command by a few letters of its name. Lies over the board without stopping anything. */
public final class CommandFinder extends VBox {
    private final List<Command> commands;
    private final TextField search = new TextField();
    private final ListView<Command> found = new ListView<>();
    private Words words;
    private @Nullable Node focusBefore;

    public CommandFinder(List<Command> commands, Words words) {
        this.commands = commands;
        this.words = words;
        getStyleClass().add("finder");
        search.setId("finder-search");
        found.setId("finder-list");
        found.setCellFactory(list -> new CommandCell());
        found.setFocusTraversable(false);
        search.textProperty().addListener((o, before, text) -> filter(text));
        search.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        found.setOnMouseClicked(event -> take());
        getChildren().addAll(search, found);
        setVisible(false);
        managedProperty().bind(visibleProperty());
    }

    /** Opens it over the window. */
    public void open(Words present) {
        words = present;
        focusBefore = getScene().getFocusOwner();
        search.setPromptText(words.text("finder.prompt"));
        search.clear();
        filter("");
        setVisible(true);
        search.requestFocus();
    }

    private void close() {
        setVisible(false);
        if (focusBefore != null) {
            focusBefore.requestFocus();
        }
    }

    private void filter(String text) {
        String wanted = text.toLowerCase(Locale.ROOT).strip();
        found.getItems()
                .setAll(commands.stream()
                        .filter(command -> command.enabled().get())
                        .filter(command -> words.text(command.key())
                                .toLowerCase(Locale.ROOT)
                                .contains(wanted))
                        .toList());
        found.getSelectionModel().selectFirst();
    }

    private void key(KeyEvent event) {
        KeyCode code = event.getCode();
        if (code == KeyCode.ESCAPE) {
            close();
        } else if (code == KeyCode.ENTER) {
            take();
        } else if (code == KeyCode.DOWN) {
            found.getSelectionModel().selectNext();
        } else if (code == KeyCode.UP) {
            found.getSelectionModel().selectPrevious();
        } else {
            return;
        }
        event.consume();
    }

    private void take() {
        Command command = found.getSelectionModel().getSelectedItem();
        close();
        if (command != null) {
            command.run();
        }
    }

    private final class CommandCell extends ListCell<Command> {
        @Override
        protected void updateItem(Command command, boolean empty) {
            super.updateItem(command, empty);
            if (empty || command == null) {
                setGraphic(null);
                return;
            }
            Region gap = new Region();
            HBox.setHgrow(gap, Priority.ALWAYS);
            Label name = new Label(words.text(command.key()));
            Label keys = new Label(command.keys() == null ? "" : command.keys().getDisplayText());
            keys.getStyleClass().add("second");
            HBox row = new HBox(name, gap, keys);
            row.setAlignment(Pos.CENTER_LEFT);
            setGraphic(row);
        }
    }
}
