package org.palanca.desktop.control;

import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Supplier;
import javafx.scene.layout.VBox;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.vehicle.survey.Axis;

/** A coordinate as it is taped: its name says from where and to which side, and the number has no sign. */
public final class TapedField extends VBox {
    /**
     * @param id of the field
     * @param tape where the tape starts
     * @param now the coordinate [m], vehicle frame
     * @param set takes another
     */
    public TapedField(
            String id,
            AxleTape tape,
            Axis axis,
            double now,
            Supplier<Words> words,
            Consumer<String> complain,
            DoubleConsumer set) {
        super(2);
        MeasureField field = new MeasureField(
                Quantity.LENGTH, words, reading -> set.accept(tape.coordinate(axis, reading, now)), complain);
        field.setId(id);
        field.show(tape.read(axis, now));
        getChildren().setAll(Labels.over(words.get().text(tape.key(axis, now)), field, Quantity.LENGTH, words));
    }
}
