package org.palanca.desktop.step.cutlist;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import org.palanca.base.units.Quantity;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;

/** Makes the fields that a link's description is typed into. */
final class CutFields {
    /** What is told finer than a tape does: a wall, and what has to go through or between something. */
    private static final List<String> FINE = List.of("cut-wall", "cut-gap", "cut-hole", "cut-ear");

    private final CutListPane pane;

    CutFields(CutListPane pane) {
        this.pane = pane;
    }

    /** A row of them. */
    FlowPane row() {
        FlowPane row = new FlowPane(8, 6);
        row.setRowValignment(VPos.BOTTOM);
        return row;
    }

    /** A length that is always known. */
    void length(FlowPane fields, String id, String name, double value, DoubleConsumer take) {
        MeasureField field = new MeasureField(Quantity.LENGTH, pane.wordsSupplier(), take, pane.complaints());
        field.setId(id);
        if (FINE.stream().anyMatch(id::startsWith)) {
            field.fine();
        }
        field.show(value);
        fields.getChildren().add(Labels.over(pane.words().text(name), field, Quantity.LENGTH, pane.wordsSupplier()));
    }

    /** A field that may be empty: what stands in it is not known then. */
    Node field(String id, String name, Quantity quantity, OptionalDouble value, Consumer<OptionalDouble> take) {
        MeasureField field = new MeasureField(
                quantity, pane.wordsSupplier(), typed -> take.accept(OptionalDouble.of(typed)), pane.complaints());
        field.setId(id);
        field.setOnCleared(() -> take.accept(OptionalDouble.empty()));
        if (value.isPresent()) {
            field.show(value.getAsDouble());
        } else {
            field.showNone(pane.words().text("cutlist.not_known"));
        }
        return Labels.over(pane.words().text(name), field, quantity, pane.wordsSupplier());
    }
}
