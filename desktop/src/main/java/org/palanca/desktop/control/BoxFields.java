package org.palanca.desktop.control;

import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import javafx.scene.layout.TilePane;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.vehicle.survey.Box;

/** The six sides of a box, each in a field; they wrap in the width they are given, so they want a line of their own. */
public final class BoxFields extends TilePane {
    private final Supplier<Words> words;
    private final Consumer<String> complain;
    private final Box box;
    private final Consumer<Box> changed;
    private final String prefix;

    /**
     * @param prefix starts the fields' ids
     * @param changed takes the box with one side changed
     */
    public BoxFields(String prefix, Box box, Supplier<Words> words, Consumer<String> complain, Consumer<Box> changed) {
        super(8, 6);
        this.prefix = prefix;
        this.box = box;
        this.words = words;
        this.complain = complain;
        this.changed = changed;
        side("rear", Box::rear, (b, v) -> new Box(v, b.front(), b.right(), b.left(), b.bottom(), b.top()));
        side("front", Box::front, (b, v) -> new Box(b.rear(), v, b.right(), b.left(), b.bottom(), b.top()));
        side("right", Box::right, (b, v) -> new Box(b.rear(), b.front(), v, b.left(), b.bottom(), b.top()));
        side("left", Box::left, (b, v) -> new Box(b.rear(), b.front(), b.right(), v, b.bottom(), b.top()));
        side("bottom", Box::bottom, (b, v) -> new Box(b.rear(), b.front(), b.right(), b.left(), v, b.top()));
        side("top", Box::top, (b, v) -> new Box(b.rear(), b.front(), b.right(), b.left(), b.bottom(), v));
    }

    private void side(String which, ToDoubleFunction<Box> get, BiFunction<Box, Double, Box> with) {
        MeasureField field =
                new MeasureField(Quantity.LENGTH, words, value -> changed.accept(with.apply(box, value)), complain);
        field.setId(prefix + "-" + which);
        field.show(get.applyAsDouble(box));
        getChildren().add(Labels.over(words.get().text("room.side." + which), field, Quantity.LENGTH, words));
    }
}
