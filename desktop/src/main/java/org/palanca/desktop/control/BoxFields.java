package org.palanca.desktop.control;

import java.util.function.Consumer;
import java.util.function.Supplier;
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

    /** The two sides of a box that are taped along one axis, the one at the smaller coordinate first. */
    private enum Span {
        ALONG(Axis.AHEAD, "rear", "front") {
            @Override
            double low(Box b) {
                return b.rear();
            }

            @Override
            double high(Box b) {
                return b.front();
            }

            @Override
            Box with(Box b, double low, double high) {
                return new Box(low, high, b.right(), b.left(), b.bottom(), b.top());
            }
        },
        ACROSS(Axis.LEFT, "right", "left") {
            @Override
            double low(Box b) {
                return b.right();
            }

            @Override
            double high(Box b) {
                return b.left();
            }

            @Override
            Box with(Box b, double low, double high) {
                return new Box(b.rear(), b.front(), low, high, b.bottom(), b.top());
            }
        },
        UP(Axis.UP, "bottom", "top") {
            @Override
            double low(Box b) {
                return b.bottom();
            }

            @Override
            double high(Box b) {
                return b.top();
            }

            @Override
            Box with(Box b, double low, double high) {
                return new Box(b.rear(), b.front(), b.right(), b.left(), low, high);
            }
        };

        private final Axis axis;
        private final String lowName;
        private final String highName;

        Span(Axis axis, String lowName, String highName) {
            this.axis = axis;
            this.lowName = lowName;
            this.highName = highName;
        }

        abstract double low(Box box);

        abstract double high(Box box);

        abstract Box with(Box box, double low, double high);
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
        for (Span span : Span.values()) {
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
                    changed.accept(span.with(box, high ? span.low(box) : to, high ? to : span.high(box)));
                },
                complain);
        String name = high ? span.highName : span.lowName;
        field.setId(prefix + "-" + name);
        field.setAccessibleText(words.get().text("room.side." + name));
        field.show(tape.read(span.axis, now));
        return field;
    }
}
