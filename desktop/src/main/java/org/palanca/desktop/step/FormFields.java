package org.palanca.desktop.step;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import org.palanca.base.units.Quantity;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;

/** Makes the fields that what is picked on a drawing is described with. */
public final class FormFields {
    private final StepPane pane;
    private final List<String> fine;

    /** @param fine beginnings of the ids of those that are told finer than a tape does, such as walls and holes */
    public FormFields(StepPane pane, List<String> fine) {
        this.pane = pane;
        this.fine = List.copyOf(fine);
    }

    /** A row of them. */
    public FlowPane row() {
        FlowPane row = new FlowPane(8, 6);
        row.setRowValignment(VPos.BOTTOM);
        return row;
    }

    /** A length that is always known. */
    public void length(FlowPane fields, String id, String name, double value, DoubleConsumer take) {
        MeasureField field = new MeasureField(Quantity.LENGTH, pane.wordsSupplier(), take, pane.complaints());
        field.setId(id);
        finely(field);
        field.show(value);
        fields.getChildren().add(Labels.over(pane.words().text(name), field, Quantity.LENGTH, pane.wordsSupplier()));
    }

    /** A field that may be empty: what stands in it is not known then. */
    public Node field(String id, String name, Quantity quantity, OptionalDouble value, Consumer<OptionalDouble> take) {
        return field(id, name, quantity, value, "cutlist.not_known", take);
    }

    /**
     * A field that may be empty.
     *
     * @param none key of what holds then
     */
    public Node field(
            String id,
            String name,
            Quantity quantity,
            OptionalDouble value,
            String none,
            Consumer<OptionalDouble> take) {
        MeasureField field = new MeasureField(
                quantity, pane.wordsSupplier(), typed -> take.accept(OptionalDouble.of(typed)), pane.complaints());
        field.setId(id);
        finely(field);
        field.setOnCleared(() -> take.accept(OptionalDouble.empty()));
        if (value.isPresent()) {
            field.show(value.getAsDouble());
        } else {
            field.showNone(pane.words().text(none));
        }
        return Labels.over(pane.words().text(name), field, quantity, pane.wordsSupplier());
    }

    /** One of a few, under its name. */
    public <T> Node choice(
            String id, String name, List<T> choices, T value, Function<T, String> key, Consumer<T> take) {
        ComboBox<T> box = new ComboBox<>();
        box.setId(id);
        box.getItems().setAll(choices);
        box.setConverter(Choices.names(pane::words, key));
        box.setValue(value);
        box.setOnAction(event -> take.accept(box.getValue()));
        return Labels.over(pane.words().text(name), box);
    }

    private void finely(MeasureField field) {
        String id = field.getId();
        if (fine.stream().anyMatch(id::startsWith)) {
            field.fine();
        }
    }
}
