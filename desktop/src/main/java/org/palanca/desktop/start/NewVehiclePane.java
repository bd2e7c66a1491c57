package org.palanca.desktop.start;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.event.ActionEvent;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.steps.WholeVehicleView;
import org.palanca.desktop.theme.Theme;
import org.palanca.units.Lengths;
import org.palanca.units.Quantity;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterVehicle;
import org.palanca.words.Message;
import org.palanca.words.Words;

/** Asks five things and makes a vehicle of them. Lies in the board's place; nothing is lost by leaving it. */
public final class NewVehiclePane extends HBox {
    private static final double SHORTEST = VehicleCheck.SHORTEST_WHEELBASE;
    private static final double LARGEST_TYRE = Lengths.inches(60);
    private static final double PREVIEW_HEIGHT = 340;
    private static final double LONGEST_DRAWN = Lengths.inches(200);
    private static final double SMALLEST_TYRE = Lengths.inches(15);

    private final Supplier<Words> words;
    private final Consumer<Vehicle> made;
    private final Runnable leave;
    private final Label problem = new Label();
    private final VBox questions = new VBox();
    private final WholeVehicleView preview;
    private double wheelbase = Lengths.inches(104);
    private double tyre = Lengths.inches(33);
    private Use use = Use.TRAIL;
    private Optional<StarterLayout> front = Optional.of(StarterLayout.THREE_LINK_PANHARD);
    private StarterLayout rear = StarterLayout.TRIANGULATED_UPPERS;

    public NewVehiclePane(Supplier<Words> words, Supplier<Theme> theme, Consumer<Vehicle> made, Runnable leave) {
        this.words = words;
        this.made = made;
        this.leave = leave;
        getStyleClass().add("new-vehicle");
        preview = new WholeVehicleView(this::proposed, words, theme);
        preview.setMinSize(0, 0);
        preview.setPrefSize(400, PREVIEW_HEIGHT);
        preview.setMaxHeight(PREVIEW_HEIGHT);
        setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(preview, Priority.ALWAYS);
        questions.getStyleClass().add("questions");
        ScrollPane scroll = new ScrollPane(questions);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFitToWidth(true);
        scroll.setMinWidth(0);
        scroll.setMaxHeight(Double.MAX_VALUE);
        getChildren().addAll(scroll, preview);
        setFillHeight(true);
        problem.getStyleClass().add("limit");
        problem.setWrapText(true);
    }

    /** Lays the questions out in the present words. */
    public void build() {
        Words w = words.get();
        Label title = new Label(w.text("new.title"));
        title.getStyleClass().add("page-title");
        TextField name = new TextField(w.text("new.name_value"));
        name.setId("new-name");
        MeasureField wheelbaseField = new MeasureField(Quantity.LENGTH, words, this::setWheelbase, problem::setText);
        wheelbaseField.setId("new-wheelbase");
        wheelbaseField.show(wheelbase);
        MeasureField tyreField = new MeasureField(Quantity.LENGTH, words, this::setTyre, problem::setText);
        tyreField.setId("new-tyre");
        tyreField.show(tyre);
        // A problem is told until something is typed against it.
        wheelbaseField.textProperty().addListener((o, before, now) -> problem.setText(""));
        tyreField.textProperty().addListener((o, before, now) -> problem.setText(""));
        FlowPane uses = choice("new-use-", Use.values(), use, u -> w.text("use." + u.id()), u -> use = u);
        FlowPane rears = choice("new-rear-", StarterLayout.values(), rear, l -> w.text("layout." + l), l -> setRear(l));
        FlowPane fronts = choice(
                "new-front-",
                StarterLayout.values(),
                front.orElse(null),
                l -> w.text("layout." + l),
                l -> setFront(Optional.of(l)));
        ToggleButton none = new ToggleButton(w.text("new.front_none"));
        none.setId("new-front-none");
        none.setToggleGroup(((ToggleButton) fronts.getChildren().get(0)).getToggleGroup());
        none.setSelected(front.isEmpty());
        none.setOnAction(event -> {
            setFront(Optional.empty());
            none.setSelected(true);
        });
        fronts.getChildren().add(none);
        Button start = new Button(w.text("new.start"));
        start.setId("new-start");
        start.getStyleClass().add("main-action");
        start.setDefaultButton(false);
        start.setOnAction(event -> start(name.getText(), wheelbaseField, tyreField));
        Button back = new Button(w.text("new.back"));
        back.setId("new-back");
        back.setOnAction(event -> leave.run());
        questions
                .getChildren()
                .setAll(
                        title,
                        row(w.text("new.name"), name),
                        row(w.text("new.use"), uses),
                        row(w.text("new.wheelbase"), wheelbaseField),
                        row(w.text("new.tyre"), tyreField),
                        row(w.text("new.rear"), rears),
                        row(w.text("new.front"), fronts),
                        problem,
                        new FlowPane(8, 8, start, back));
    }

    private void setWheelbase(double metres) {
        wheelbase = metres;
        preview.draw();
    }

    private void setTyre(double metres) {
        tyre = metres;
        preview.draw();
    }

    private void setRear(StarterLayout layout) {
        rear = layout;
        preview.draw();
    }

    private void setFront(Optional<StarterLayout> layout) {
        front = layout;
        preview.draw();
    }

    /** What the answers so far would put on the board; sizes that cannot be are held at the nearest that can. */
    private Vehicle proposed() {
        double run = Math.max(SHORTEST, Math.min(wheelbase, LONGEST_DRAWN));
        double over = Math.max(SMALLEST_TYRE, Math.min(tyre, LARGEST_TYRE));
        return new StarterVehicle(words.get().text("new.name_value"), use, run, over, front, rear).build();
    }

    private void start(String name, MeasureField wheelbaseField, MeasureField tyreField) {
        wheelbaseField.fireEvent(new ActionEvent());
        tyreField.fireEvent(new ActionEvent());
        Words w = words.get();
        if (!problem.getText().isEmpty()) {
            return;
        }
        if (wheelbase < SHORTEST) {
            problem.setText(w.text("check.wheelbase_short", Message.length(wheelbase), Message.length(SHORTEST)));
        } else if (tyre < SMALLEST_TYRE || tyre > LARGEST_TYRE) {
            problem.setText(w.text("new.tyre_range", Message.length(SMALLEST_TYRE), Message.length(LARGEST_TYRE)));
        } else {
            String called = name.isBlank() ? w.text("new.name_value") : name.strip();
            made.accept(new StarterVehicle(called, use, wheelbase, tyre, front, rear).build());
        }
    }

    private static <T> FlowPane choice(String id, T[] values, T chosen, Function<T, String> name, Consumer<T> choose) {
        FlowPane row = new FlowPane(6, 6);
        ToggleGroup group = new ToggleGroup();
        for (T value : values) {
            ToggleButton button = new ToggleButton(name.apply(value));
            button.setId(id + value.toString().toLowerCase(Locale.ROOT));
            button.setToggleGroup(group);
            button.setSelected(value.equals(chosen));
            button.setOnAction(event -> {
                choose.accept(value);
                button.setSelected(true);
            });
            row.getChildren().add(button);
        }
        return row;
    }

    private static VBox row(String text, Node field) {
        Label label = new Label(text);
        label.getStyleClass().add("second");
        label.setLabelFor(field);
        VBox row = new VBox(3, label, field);
        row.setAlignment(Pos.CENTER_LEFT);
        if (field instanceof TextField input) {
            input.setMaxWidth(USE_PREF_SIZE);
        }
        return row;
    }
}
