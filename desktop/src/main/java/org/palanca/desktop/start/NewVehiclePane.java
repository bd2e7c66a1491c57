package org.palanca.desktop.start;

import java.util.Arrays;
import java.util.List;
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
import org.jspecify.annotations.Nullable;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.WholeVehicleView;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.theme.Theme;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.StarterVehicle;

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
    private double wheelbase = StarterVehicle.WHEELBASE;
    private Use use = Use.TRAIL;
    private double tyre = StarterVehicle.tyre(use);
    private Optional<StarterLayout> front = Optional.of(StarterLayout.of(SuspensionType.THREE_LINK_PANHARD));
    private StarterLayout rear = StarterLayout.of(SuspensionType.TRIANGULATED_UPPERS);
    private AxlePlace end = AxlePlace.REAR;
    private final VBox held = new VBox(6);
    private final FlowPane actions = new FlowPane(8, 8);

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
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(new VBox(10, scroll, problem, actions), preview);
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
        setId("new-vehicle");
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
        FlowPane uses = choice("new-use-", Use.values(), use, u -> w.text("use." + u.id()), next -> {
            // What was not typed follows the use.
            if (tyre == StarterVehicle.tyre(use)) {
                tyre = StarterVehicle.tyre(next);
                tyreField.show(tyre);
            }
            use = next;
            preview.draw();
        });
        layHeld();
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
                        row(w.text("new.wheelbase"), Labels.withUnit(wheelbaseField, Quantity.LENGTH, words)),
                        row(w.text("new.tyre"), Labels.withUnit(tyreField, Quantity.LENGTH, words)),
                        held);
        actions.getChildren().setAll(start, back);
    }

    private void setWheelbase(double metres) {
        wheelbase = metres;
        preview.draw();
    }

    private void setTyre(double metres) {
        tyre = metres;
        preview.draw();
    }

    /** How the end that is asked about is held and steered. Laid anew at each choice, since one depends on another. */
    private void layHeld() {
        Words w = words.get();
        FlowPane ends = choice("new-end-", AxlePlace.values(), end, this::endText, place -> {
            end = place;
            layHeld();
        });
        List<SuspensionType> live = Arrays.stream(SuspensionType.values())
                .filter(type -> !type.independent())
                .toList();
        List<SuspensionType> independent = Arrays.stream(SuspensionType.values())
                .filter(SuspensionType::independent)
                .toList();
        held.getChildren().setAll(ends, row(w.text("new.live"), types(live)));
        FlowPane corners = types(independent);
        if (end == AxlePlace.FRONT) {
            corners.getChildren().add(notDescribed(w));
        }
        held.getChildren().add(row(w.text("new.independent"), corners));
        chosen().ifPresent(now -> {
            StarterSteering[] ways = Arrays.stream(StarterSteering.values())
                    .filter(way -> way.suits(now.type()))
                    .toArray(StarterSteering[]::new);
            FlowPane steered = choice(
                    "new-steer-",
                    ways,
                    now.steering(),
                    way -> w.text("steering." + way.id()),
                    way -> hold(Optional.of(new StarterLayout(now.type(), way))));
            String key = "type." + now.type().id();
            Label said = new Label(w.text("new.liked", w.text(key + ".liked"), w.text(key + ".blamed")));
            said.setId("new-liked");
            said.setWrapText(true);
            said.getStyleClass().add("second");
            held.getChildren().addAll(row(w.text("new.steer"), steered), said);
        });
    }

    private String endText(AxlePlace place) {
        Words w = words.get();
        Optional<StarterLayout> there = place == AxlePlace.REAR ? Optional.of(rear) : front;
        return w.text(
                "new.end." + place.id(),
                there.map(layout -> w.text("type." + layout.type().id())).orElse(w.text("new.front_none")));
    }

    private FlowPane types(List<SuspensionType> types) {
        Words w = words.get();
        return choice(
                "new-type-",
                types.toArray(SuspensionType[]::new),
                chosen().map(StarterLayout::type).orElse(null),
                type -> w.text("type." + type.id()),
                type -> {
                    StarterSteering steering = chosen().map(StarterLayout::steering)
                            .filter(way -> way.suits(type))
                            .orElse(StarterSteering.NONE);
                    hold(Optional.of(new StarterLayout(type, steering)));
                });
    }

    private ToggleButton notDescribed(Words w) {
        ToggleButton none = new ToggleButton(w.text("new.front_none"));
        none.setId("new-type-none");
        none.setSelected(front.isEmpty());
        none.setOnAction(event -> hold(Optional.empty()));
        return none;
    }

    private Optional<StarterLayout> chosen() {
        return end == AxlePlace.REAR ? Optional.of(rear) : front;
    }

    private void hold(Optional<StarterLayout> layout) {
        if (end == AxlePlace.FRONT) {
            front = layout;
        } else {
            rear = layout.orElse(rear);
        }
        layHeld();
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

    private static <T> FlowPane choice(
            String id, T[] values, @Nullable T chosen, Function<T, String> name, Consumer<T> choose) {
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
