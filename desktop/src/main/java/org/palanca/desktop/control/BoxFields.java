package org.palanca.desktop.control;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Box;

/** The sides of a box, each as it is taped: from where to where along the vehicle, across it and up. */
public final class BoxFields extends VBox {
    private final Supplier<Words> words;
    private final Consumer<String> complain;
    private final AxleTape tape;
    private final Box box;
    private final Consumer<Box> changed;
    private final String prefix;

    /** A box with other sides along one axis. */
    private interface With {
        Box of(Box box, double low, double high);
    }

    /**
     * The two sides of a box that are taped along one axis.
     *
     * @param low the side at the smaller coordinate
     * @param high the side at the larger one
     */
    private record Span(
            Axis axis,
            String lowName,
            ToDoubleFunction<Box> low,
            String highName,
            ToDoubleFunction<Box> high,
            With with) {
        private static final List<Span> ALL = List.of(
                new Span(
                        Axis.AHEAD,
                        "rear",
                        Box::rear,
                        "front",
                        Box::front,
                        (b, low, high) -> new Box(low, high, b.right(), b.left(), b.bottom(), b.top())),
                new Span(
                        Axis.LEFT,
                        "right",
                        Box::right,
                        "left",
                        Box::left,
                        (b, low, high) -> new Box(b.rear(), b.front(), low, high, b.bottom(), b.top())),
                new Span(
                        Axis.UP,
                        "bottom",
                        Box::bottom,
                        "top",
                        Box::top,
                        (b, low, high) -> new Box(b.rear(), b.front(), b.right(), b.left(), low, high)));

        double low(Box box) {
            return low.applyAsDouble(box);
        }

        double high(Box box) {
            return high.applyAsDouble(box);
        }
    }

    /**
     * @param prefix starts the fields' ids
     * @param tape where the tape starts
     * @param changed takes the box with one side changed
     */
    public BoxFields(
            String prefix,
            Box box,
            AxleTape tape,
            Supplier<Words> words,
            Consumer<String> complain,
            Consumer<Box> changed) {
        super(6);
        this.prefix = prefix;
        this.box = box;
        this.tape = tape;
        this.words = words;
        this.complain = complain;
        this.changed = changed;
        for (Span span : Span.ALL) {
            span(span);
        }
    }

    /** Both sides of the start are told each by its own word; on one side the nearer comes first. */
    private void span(Span span) {
        double start = tape.start(span.axis);
        boolean straddles = span.low(box) < start && span.high(box) > start;
        boolean lowFirst = straddles || span.low(box) >= start;
        MeasureField low = field(span, false, straddles);
        MeasureField high = field(span, true, straddles);
        Words w = words.get();
        HBox row = new HBox(5);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getChildren().add(lowFirst ? low : high);
        row.getChildren()
                .addAll(
                        Labels.of(w.text(straddles ? "tape.and" : "tape.to"), "second"),
                        lowFirst ? high : low,
                        Labels.of(w.units().unit(Quantity.LENGTH), "second"));
        Label name = Labels.sentence(
                straddles
                        ? w.text("tape.both." + span.axis.id())
                        : w.text(tape.key(span.axis, lowFirst ? span.high(box) : span.low(box))),
                "second");
        getChildren().add(new VBox(2, name, row));
    }

    private MeasureField field(Span span, boolean high, boolean straddles) {
        double now = high ? span.high(box) : span.low(box);
        // A side that stands where the tape starts belongs to the side where the box is.
        double middle = straddles ? now : (span.low(box) + span.high(box)) / 2;
        MeasureField field = new MeasureField(
                Quantity.LENGTH,
                words,
                value -> {
                    double to = tape.coordinate(span.axis, value, middle);
                    changed.accept(span.with.of(box, high ? span.low(box) : to, high ? to : span.high(box)));
                },
                complain);
        String name = high ? span.highName : span.lowName;
        field.setId(prefix + "-" + name);
        field.setAccessibleText(words.get().text("room.side." + name));
        field.show(tape.read(span.axis, now));
        return field;
    }
}
