package org.palanca.desktop.app;

import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.command.Command;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.CrashRecovery;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.document.Settings;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.AxlePlace;

/** Whose vehicle, which axle, in which pose, and the menus. */
final class TopBar extends HBox {
    private final Document document;
    private final CrashRecovery recovery;
    private final BoardState state;
    private final Settings settings;
    private final Supplier<Words> words;
    private final List<Command> commands;
    private final FileActions files;
    private final Label name = new Label();
    private final Label where = new Label();
    private final Map<AxlePlace, ToggleButton> axles = new EnumMap<>(AxlePlace.class);
    private final Button undo = new Button();
    private final Button redo = new Button();
    private final Button pin = new Button();
    private final MenuButton file = new MenuButton();
    private final MenuButton pose = new MenuButton();
    private final MenuButton view = new MenuButton();

    TopBar(
            Document document,
            CrashRecovery recovery,
            BoardState state,
            Settings settings,
            Supplier<Words> words,
            List<Command> commands,
            FileActions files,
            Consumer<AxlePlace> choose) {
        this.document = document;
        this.recovery = recovery;
        this.state = state;
        this.settings = settings;
        this.words = words;
        this.commands = commands;
        this.files = files;
        getStyleClass().add("top-bar");
        setAlignment(Pos.CENTER_LEFT);
        name.getStyleClass().add("vehicle-name");
        name.setId("vehicle-name");
        name.setMinWidth(Region.USE_PREF_SIZE);
        where.getStyleClass().add("second");
        where.setId("where");
        where.setMinWidth(0);
        where.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(where, Priority.ALWAYS);
        action(undo, "undo");
        action(redo, "redo");
        action(pin, "pin");
        pin.setId("pin");
        undo.setId("undo");
        redo.setId("redo");
        file.setId("menu-file");
        pose.setId("menu-pose");
        view.setId("menu-view");
        for (MenuButton menu : List.of(file, pose, view)) {
            menu.setMinWidth(Region.USE_PREF_SIZE);
        }
        file.setOnShowing(event -> fillFile());
        fillFile();
        getChildren().addAll(name, segments(choose), where, undo, redo, pin, file, pose, view);
    }

    /** Front or rear. */
    private HBox segments(Consumer<AxlePlace> choose) {
        HBox segments = new HBox();
        segments.getStyleClass().add("segments");
        segments.setMinWidth(Region.USE_PREF_SIZE);
        ToggleGroup group = new ToggleGroup();
        for (AxlePlace place : AxlePlace.values()) {
            ToggleButton button = new ToggleButton();
            button.setId("axle-" + place.id());
            button.setToggleGroup(group);
            button.setOnAction(event -> {
                choose.accept(place);
                button.setSelected(true);
            });
            axles.put(place, button);
            segments.getChildren().add(button);
        }
        return segments;
    }

    private Command command(String id) {
        return commands.stream().filter(c -> c.id().equals(id)).findFirst().orElseThrow();
    }

    private void action(Button button, String id) {
        Command command = command(id);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(event -> command.run());
        command.enabled().addListener((o, before, now) -> button.setDisable(!now));
        button.setDisable(!command.enabled().get());
    }

    private MenuItem item(String id) {
        Command command = command(id);
        MenuItem item = new MenuItem(words.get().text(command.key()));
        item.setOnAction(event -> command.run());
        item.disableProperty().bind(Bindings.not(command.enabled()));
        if (command.keys() != null) {
            item.setText(item.getText() + "    " + command.keys().getDisplayText());
        }
        return item;
    }

    private void fillFile() {
        Menu recent = new Menu(words.get().text("menu.recent"));
        settings.recent().forEach(path -> {
            MenuItem item = new MenuItem(path.getFileName().toString());
            item.setMnemonicParsing(false);
            item.setOnAction(event -> files.open(path));
            recent.getItems().add(item);
        });
        recent.setDisable(recent.getItems().isEmpty());
        file.getItems()
                .setAll(
                        item("new"),
                        item("open"),
                        recent,
                        item("demo"),
                        new SeparatorMenuItem(),
                        item("save"),
                        item("save_as"),
                        new SeparatorMenuItem(),
                        item("sheet_mounts"),
                        item("sheet_cut"),
                        item("sheet_plates"),
                        item("sheet_bill"),
                        item("export_board"),
                        item("copy_results"),
                        item("copy_picture"),
                        item("note"),
                        new SeparatorMenuItem(),
                        item("guide"),
                        item("keys"),
                        item("about"));
    }

    /** Shows the document and pose as they are now. */
    void refresh() {
        Words w = words.get();
        String mark = document.unsaved().get() ? " •" : "";
        name.setText(document.vehicle().name() + mark);
        axles.forEach((place, button) -> {
            button.setText(w.text("axle." + place.id()));
            button.setDisable(document.vehicle().axle(place).isEmpty());
            button.setSelected(state.axleProperty().get() == place);
        });
        where.setText(savedText(w) + poseText(w) + " · "
                + (document.baselineProperty().get() == document.vehicle()
                        ? w.text("top.at_baseline")
                        : w.text("top.against_baseline")));
    }

    /** Says everything in the words of this moment. */
    void relabel() {
        refresh();
        Words w = words.get();
        undo.setText(w.text("command.undo"));
        redo.setText(w.text("command.redo"));
        pin.setText(w.text("command.pin"));
        file.setText(w.text("menu.file"));
        pose.setText(w.text("menu.pose"));
        view.setText(w.text("menu.view"));
        pose.getItems()
                .setAll(
                        item("ride"),
                        item("bump"),
                        item("droop"),
                        item("twist"),
                        item("steer_left"),
                        item("steer_right"),
                        item("steer_straight"),
                        item("play"));
        view.getItems()
                .setAll(
                        item("find"),
                        item("fit"),
                        item("enlarge"),
                        item("turned"),
                        item("measure"),
                        item("rulers"),
                        item("next_mount"),
                        item("mount_before"),
                        item("other_axle"),
                        new SeparatorMenuItem(),
                        item("units"),
                        item("theme"),
                        item("larger"),
                        item("smaller"));
    }

    /** When it was saved, or that it is not, and when the last copy of it was made. */
    private String savedText(Words w) {
        DateTimeFormatter clock = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
        if (document.unsaved().get()) {
            LocalTime copied = recovery.copiedAt().get();
            return copied == null
                    ? w.text("top.unsaved") + " · "
                    : w.text("top.unsaved_copied", clock.format(copied)) + " · ";
        }
        LocalTime saved = document.savedAt().get();
        return saved == null ? "" : w.text("top.saved", clock.format(saved)) + " · ";
    }

    private String poseText(Words w) {
        WheelTravel at = state.poseProperty().get();
        if (at.equals(WheelTravel.RIDE)) {
            return w.text("top.ride");
        }
        String travel = w.text("top.pose", travel(at.left(), w), travel(at.right(), w));
        if (at.steer() == 0) {
            return travel;
        }
        String side = w.text(at.steer() > 0 ? "side.left" : "side.right");
        return w.text("top.steered", travel, Math.round(Math.abs(at.steer()) * 100) + " % " + side);
    }

    private static String travel(double metres, Words w) {
        String text = w.units().text(metres, Quantity.LENGTH).replace("-", "−");
        return metres > 0 ? "+" + text : text;
    }
}
