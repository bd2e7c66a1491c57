package org.palanca.desktop.step.housing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.vehicle.housing.PurchasedPart;

/** Bought parts and how each meets the part it goes on. */
final class PartsEditor extends VBox {
    private final HousingPane pane;
    private final List<PurchasedPart> parts;

    PartsEditor(HousingPane pane, List<PurchasedPart> parts) {
        this.pane = pane;
        this.parts = parts;
        setSpacing(8);
        for (int i = 0; i < parts.size(); i++) {
            getChildren().add(row(i));
        }
        TextField name = new TextField();
        name.setId("part-new");
        name.setPromptText(pane.words().text("parts.new"));
        name.setOnAction(event -> add(name.getText()));
        Button add = new Button(pane.words().text("parts.add"));
        add.setId("part-add");
        add.setOnAction(event -> add(name.getText()));
        getChildren().add(new FlowPane(8, 6, name, add));
    }

    private void add(String name) {
        if (!name.isBlank()) {
            List<PurchasedPart> next = new ArrayList<>(parts);
            next.add(PurchasedPart.named(name.strip()));
            pane.setParts(next);
        }
    }

    private void set(int index, PurchasedPart part) {
        List<PurchasedPart> next = new ArrayList<>(parts);
        next.set(index, part);
        pane.setParts(next);
    }

    private FlowPane row(int i) {
        Words w = pane.words();
        PurchasedPart p = parts.get(i);
        FlowPane row = new FlowPane(8, 4);
        row.setRowValignment(VPos.BOTTOM);
        String bolts = p.bolts().isPresent() ? Integer.toString(p.bolts().getAsInt()) : "";
        add(row, "parts.name", text(i, "name", p.name(), 13, value -> set(i, p.withName(value))));
        add(row, "parts.goes_on", text(i, "mate", p.matesWith(), 13, value -> set(i, p.withMatesWith(value))));
        add(row, "parts.bolts_field", text(i, "bolts", bolts, 3, value -> bolts(i, value)));
        row.getChildren().add(measure(i, "circle", "parts.circle_field", p.boltCircle(), p::withBoltCircle));
        row.getChildren().add(measure(i, "pilot", "parts.pilot_field", p.pilot(), p::withPilot));
        row.getChildren().add(measure(i, "bore", "parts.bore_field", p.bore(), p::withBore));
        row.getChildren().add(Labels.over(w.text("parts.fit_field"), fit(i, w)));
        add(
                row,
                "parts.thread_field",
                text(
                        i,
                        "thread",
                        p.thread().orElse(""),
                        6,
                        value -> set(i, p.withThread(Optional.of(value).filter(text -> !text.isBlank())))));
        row.getChildren().add(hand(i, w));
        Button gone = new Button("✕");
        gone.getStyleClass().add("pad-button");
        gone.setAccessibleText(w.text("parts.remove", p.name()));
        gone.setOnAction(
                event -> pane.setParts(parts.stream().filter(one -> one != p).toList()));
        row.getChildren().add(gone);
        return row;
    }

    private void add(FlowPane row, String key, TextField field) {
        row.getChildren().add(Labels.over(pane.words().text(key), field));
    }

    private ComboBox<Optional<PurchasedPart.Fit>> fit(int i, Words w) {
        PurchasedPart p = parts.get(i);
        ComboBox<Optional<PurchasedPart.Fit>> box = new ComboBox<>();
        box.setId("part-fit-" + i);
        box.getItems().add(Optional.empty());
        for (PurchasedPart.Fit one : PurchasedPart.Fit.values()) {
            box.getItems().add(Optional.of(one));
        }
        box.setConverter(Choices.names(
                () -> w,
                one -> "parts.fit_choice." + one.map(PurchasedPart.Fit::id).orElse("none")));
        box.setValue(p.fit());
        box.setOnAction(event -> set(i, p.withFit(box.getValue())));
        return box;
    }

    private Button hand(int i, Words w) {
        PurchasedPart p = parts.get(i);
        Button hand = new Button(w.text("parts.hand_field."
                + p.hand().map(one -> one.name().toLowerCase(Locale.ROOT)).orElse("none")));
        hand.setId("part-hand-" + i);
        Optional<PurchasedPart.Hand> next = p.hand().isEmpty()
                ? Optional.of(PurchasedPart.Hand.RIGHT)
                : p.hand().get() == PurchasedPart.Hand.RIGHT ? Optional.of(PurchasedPart.Hand.LEFT) : Optional.empty();
        hand.setOnAction(event -> set(i, p.withHand(next)));
        return hand;
    }

    private void bolts(int i, String text) {
        PurchasedPart p = parts.get(i);
        if (!text.isEmpty() && !text.matches("[1-9]\\d?")) {
            pane.complain(pane.words().text("parts.bolts_number", text));
            return;
        }
        OptionalInt count = text.isEmpty() ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(text));
        set(i, p.withBolts(count));
    }

    private TextField text(int i, String what, String shown, int columns, Consumer<String> entered) {
        TextField field = new TextField(shown);
        field.setId("part-" + what + "-" + i);
        field.setPrefColumnCount(columns);
        Runnable take = () -> {
            if (!field.getText().strip().equals(shown)) {
                entered.accept(field.getText().strip());
            }
        };
        field.setOnAction(event -> take.run());
        field.focusedProperty().addListener((o, before, now) -> {
            if (!now) {
                take.run();
            }
        });
        return field;
    }

    private VBox measure(
            int i, String what, String key, OptionalDouble shown, Function<OptionalDouble, PurchasedPart> with) {
        DoubleFunction<PurchasedPart> typed = value -> with.apply(OptionalDouble.of(value));
        Supplier<PurchasedPart> cleared = () -> with.apply(OptionalDouble.empty());
        MeasureField field = new MeasureField(
                Quantity.LENGTH, pane.wordsSupplier(), value -> set(i, typed.apply(value)), pane.complaints());
        field.fine().setId("part-" + what + "-" + i);
        field.setOnCleared(() -> set(i, cleared.get()));
        shown.ifPresentOrElse(field::show, () -> field.showNone(""));
        return Labels.over(pane.words().text(key), field, Quantity.LENGTH, pane.wordsSupplier());
    }
}
