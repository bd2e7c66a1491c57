package org.palanca.desktop.step;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Words;

/** What can be edited in a step, one part of it at a time: a press opens the fields of a part, another closes them. */
public final class Sections extends VBox {
    private final String step;
    private final FlowPane chooser = new FlowPane(4, 4);
    private final Map<String, ToggleButton> buttons = new LinkedHashMap<>();
    private final Map<String, VBox> fields = new LinkedHashMap<>();
    private Optional<String> opened = Optional.empty();
    private Runnable changed = () -> {};

    /**
     * @param step id of the step; starts the buttons' ids and the keys of their words
     * @param names of its parts, in the order of work
     */
    public Sections(String step, List<String> names) {
        this.step = step;
        getStyleClass().add("sections");
        getChildren().add(chooser);
        for (String name : names) {
            ToggleButton button = new ToggleButton();
            button.setId(step + "-open-" + name.replace('_', '-'));
            button.setOnAction(
                    event -> open(opened.filter(name::equals).isPresent() ? Optional.empty() : Optional.of(name)));
            buttons.put(name, button);
            chooser.getChildren().add(button);
            VBox box = new VBox();
            box.getStyleClass().add("section");
            box.managedProperty().bind(box.visibleProperty());
            box.setVisible(false);
            fields.put(name, box);
            getChildren().add(box);
        }
    }

    /** Tells {@code action} whenever another part is opened, or none. */
    public void setOnOpened(Runnable action) {
        changed = action;
    }

    /** Puts fields into a part. */
    public void fill(String name, List<? extends Node> nodes) {
        box(name).getChildren().setAll(nodes);
    }

    /** Puts one more thing into a part. */
    public void add(String name, Node node) {
        box(name).getChildren().add(node);
    }

    /** Takes all fields out of all parts. */
    public void clear() {
        fields.values().forEach(box -> box.getChildren().clear());
    }

    /** Leaves out parts that the vehicle does not have. */
    public void offer(List<String> names) {
        chooser.getChildren().setAll(names.stream().map(buttons::get).toList());
        if (opened.filter(name -> !names.contains(name)).isPresent()) {
            open(Optional.empty());
        }
    }

    private VBox box(String name) {
        VBox box = fields.get(name);
        if (box == null) {
            throw new IllegalArgumentException("no part of this step: " + name);
        }
        return box;
    }

    /** The part whose fields are shown. */
    public Optional<String> opened() {
        return opened;
    }

    /** Shows the fields of a part, or of none. */
    public void open(Optional<String> name) {
        opened = name;
        buttons.forEach(
                (one, button) -> button.setSelected(name.filter(one::equals).isPresent()));
        fields.forEach((one, box) -> box.setVisible(name.filter(one::equals).isPresent()));
        changed.run();
    }

    /** Names one part by what it is of. */
    public void name(String part, String text) {
        ToggleButton button = buttons.get(part);
        if (button == null) {
            throw new IllegalArgumentException("no part of this step: " + part);
        }
        button.setText(text);
    }

    /** Names the parts in the words of the moment. */
    public void relabel(Words words) {
        new ArrayList<>(buttons.entrySet())
                .forEach(entry -> entry.getValue().setText(words.text(step + ".section." + entry.getKey())));
    }
}
