package org.palanca.desktop.step.cycle;

import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.control.TapedField;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.PartShape;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.check.PartCheck;
import org.palanca.vehicle.survey.Axis;

/** The measures of a shape that is no box: where its middle is, and what makes it a tube or an outline. */
final class ShapeFields {
    private final CyclePane pane;
    private final Part part;
    private final String id;
    private final Consumer<Part> replace;

    /**
     * @param index of the part among the axle's, for the fields' names
     * @param replace takes the part as it was changed
     */
    ShapeFields(CyclePane pane, Part part, int index, Consumer<Part> replace) {
        this.pane = pane;
        this.part = part;
        this.replace = replace;
        id = "part-" + index + "-";
    }

    void into(FlowPane row, AxleModel model) {
        List<Vector3D> all =
                PartShape.pieces(model, part).stream().flatMap(List::stream).toList();
        for (Axis axis : Axis.values()) {
            double low = all.stream().mapToDouble(axis::of).min().orElse(0);
            double high = all.stream().mapToDouble(axis::of).max().orElse(0);
            middle(row, axis, (low + high) / 2);
        }
        if (part.form() instanceof Part.TubeForm tube) {
            tube(row, tube);
        } else if (part.form() instanceof Part.OutlineForm outline) {
            outline(row, outline);
        }
    }

    /** A number typed moves the middle there. */
    private void middle(FlowPane row, Axis axis, double middle) {
        coordinate(row, axis.id(), axis, middle, to -> {
            double[] by = new double[3];
            by[axis.ordinal()] = Quantity.LENGTH.onGrid(to - middle);
            form(part.form().moved(new Vector3D(by)));
        });
    }

    /** A coordinate as it is taped, on the side where it is. */
    private void coordinate(FlowPane row, String name, Axis axis, double now, DoubleConsumer set) {
        row.getChildren()
                .add(new TapedField(
                        id + name, pane.places().tape(), axis, now, pane.wordsSupplier(), pane.complaints(), set));
    }

    private void form(Part.Form next) {
        replace.accept(part.withForm(next));
    }

    private MeasureField length(FlowPane row, String name, String label, double value, DoubleConsumer set) {
        MeasureField field = new MeasureField(Quantity.LENGTH, pane::words, set, pane::complain);
        field.setId(id + name);
        field.show(value);
        row.getChildren().add(Labels.over(pane.words().text(label), field, Quantity.LENGTH, pane::words));
        return field;
    }

    private TextField places(FlowPane row, String name, String label, String shown, Consumer<String> set) {
        TextField places = new TextField(shown);
        places.setId(id + name);
        places.setPrefColumnCount(20);
        places.setOnAction(event -> set.accept(places.getText()));
        row.getChildren().add(Labels.over(pane.words().text(label), places));
        return places;
    }

    /** The points a tube runs through, as one line of text, how thick it is and how tightly it may be bent. */
    private void tube(FlowPane row, Part.TubeForm tube) {
        Words w = pane.words();
        LengthStyle style = w.units().length();
        length(
                row,
                "across",
                "cycle.across",
                2 * tube.radius(),
                value -> form(new Part.TubeForm(tube.points(), value / 2, tube.bend())));
        places(
                row,
                "points",
                "cycle.points",
                tube.points().stream().map(at -> pane.places().of(at, style)).collect(Collectors.joining("; ")),
                text -> pane.places()
                        .parseAll(text, List.of(Axis.values()), w, pane::complain)
                        .ifPresent(all ->
                                route(tube, all.stream().map(Vector3D::new).toList())));
        MeasureField bend = length(
                row,
                "bend",
                "cycle.bend",
                tube.bend().orElse(0),
                value -> form(new Part.TubeForm(tube.points(), tube.radius(), OptionalDouble.of(value))));
        bend.setOnCleared(() -> form(new Part.TubeForm(tube.points(), tube.radius(), OptionalDouble.empty())));
        if (tube.bend().isEmpty()) {
            bend.showNone(w.text("cycle.bend_any"));
        }
    }

    private void route(Part.TubeForm tube, List<Vector3D> points) {
        Part routed = part.withForm(new Part.TubeForm(points, tube.radius(), tube.bend()));
        replace.accept(routed);
        PartCheck.doubt(routed).map(pane.words()::text).ifPresent(pane::complain);
    }

    /** What an outline is drawn out along, from where to where, and its corners as one line of text. */
    private void outline(FlowPane row, Part.OutlineForm outline) {
        Words w = pane.words();
        LengthStyle style = w.units().length();
        ComboBox<Axis> along = new ComboBox<>();
        along.setId(id + "along");
        along.getItems().setAll(Axis.values());
        along.setConverter(Choices.names(pane::words, axis -> "cycle.along." + axis.id()));
        along.setValue(outline.along());
        along.setOnAction(event -> form(turned(outline, along.getValue())));
        row.getChildren().add(Labels.over(w.text("cycle.along"), along));
        double thick = outline.to() - outline.from();
        coordinate(
                row,
                "from",
                outline.along(),
                outline.from(),
                from -> form(drawn(outline, from, from < outline.to() ? outline.to() : from + thick)));
        coordinate(
                row,
                "to",
                outline.along(),
                outline.to(),
                to -> form(drawn(outline, to > outline.from() ? outline.from() : to - thick, to)));
        places(
                row,
                "corners",
                "cycle.corners." + outline.along().id(),
                outline.outline().stream()
                        .map(corner -> pane.places()
                                .of(style, PlaceText.plane(outline.along()), corner.first(), corner.second()))
                        .collect(Collectors.joining("; ")),
                text -> corners(text, outline.along(), w)
                        .ifPresent(
                                all -> form(new Part.OutlineForm(outline.along(), all, outline.from(), outline.to()))));
    }

    /** An end typed past the other takes it along, as thick as it was. */
    private static Part.OutlineForm drawn(Part.OutlineForm outline, double from, double to) {
        return new Part.OutlineForm(
                outline.along(), outline.outline(), Quantity.LENGTH.onGrid(from), Quantity.LENGTH.onGrid(to));
    }

    private Optional<List<Part.OutlineForm.Corner>> corners(String text, Axis along, Words w) {
        Optional<List<double[]>> all = pane.places().parseAll(text, PlaceText.plane(along), w, pane::complain);
        if (all.isPresent() && all.get().size() < 3) {
            pane.complain(w.text("cycle.corners_few"));
            return Optional.empty();
        }
        return all.map(pairs -> pairs.stream()
                .map(pair -> new Part.OutlineForm.Corner(pair[0], pair[1]))
                .toList());
    }

    /** Drawn out along another axis it keeps its room, as a block: its corners mean something else there. */
    private static Part.OutlineForm turned(Part.OutlineForm outline, Axis along) {
        Axis before = outline.along();
        double[][] room = new double[3][];
        room[before.ordinal()] = new double[] {outline.from(), outline.to()};
        room[first(before)] = span(outline, Part.OutlineForm.Corner::first);
        room[second(before)] = span(outline, Part.OutlineForm.Corner::second);
        double[] one = room[first(along)];
        double[] other = room[second(along)];
        List<Part.OutlineForm.Corner> block = List.of(
                new Part.OutlineForm.Corner(one[0], other[0]),
                new Part.OutlineForm.Corner(one[1], other[0]),
                new Part.OutlineForm.Corner(one[1], other[1]),
                new Part.OutlineForm.Corner(one[0], other[1]));
        return new Part.OutlineForm(along, block, room[along.ordinal()][0], room[along.ordinal()][1]);
    }

    private static int first(Axis along) {
        return along == Axis.AHEAD ? 1 : 0;
    }

    private static int second(Axis along) {
        return along == Axis.UP ? 1 : 2;
    }

    private static double[] span(Part.OutlineForm outline, ToDoubleFunction<Part.OutlineForm.Corner> which) {
        DoubleSummaryStatistics all =
                outline.outline().stream().mapToDouble(which).summaryStatistics();
        return new double[] {all.getMin(), all.getMax()};
    }
}
