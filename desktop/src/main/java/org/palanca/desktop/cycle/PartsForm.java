package org.palanca.desktop.cycle;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.stream.DoubleStream;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.clearance.PartShape;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.floor.BoxFields;
import org.palanca.io.shapes.ShapeFile;
import org.palanca.result.AxleModel;
import org.palanca.survey.Box;
import org.palanca.units.LengthStyle;
import org.palanca.units.Lengths;
import org.palanca.units.MeasureFormatException;
import org.palanca.units.Quantity;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyNames;
import org.palanca.vehicle.ClearanceRules;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.check.PartCheck;
import org.palanca.words.Words;

/** The things that may be touched, as the user describes them: measured by hand or imported, and how much room they want. */
public final class PartsForm {
    private final CyclePane pane;
    private final Asker asker;
    private final ComboBox<ShapeFile.Unit> unit = new ComboBox<>();

    /** Asks for a file to open. */
    public interface Asker {
        Optional<Path> toOpen(String title);
    }

    PartsForm(CyclePane pane, Asker asker) {
        this.pane = pane;
        this.asker = asker;
        unit.setId("part-unit");
        unit.getItems().setAll(ShapeFile.Unit.values());
        unit.setValue(ShapeFile.Unit.MM);
    }

    void relabel() {
        unit.setConverter(Choices.names(pane::wordsNow, one -> "unit." + one.id()));
    }

    private Surroundings around() {
        return pane.buildNow().surroundings(pane.placeNow());
    }

    /** Everything anew: what room is wanted, adding, and a row for each part. */
    List<Node> rows() {
        List<Node> rows = new ArrayList<>();
        Words w = pane.wordsNow();
        rows.add(adding(w));
        for (Part part : around().parts()) {
            rows.add(row(part, w));
        }
        rows.add(Labels.of(w.text("cycle.rules"), "form-title"));
        rows.add(rules(w));
        return rows;
    }

    private Node adding(Words w) {
        TextField name = new TextField();
        name.setId("part-name");
        name.setPromptText(w.text("cycle.part_hint"));
        Button box = Labels.button("part-add-box", w.text("cycle.add_box"), () -> add(name.getText(), box()));
        Button tube = Labels.button("part-add-tube", w.text("cycle.add_tube"), () -> add(name.getText(), tube()));
        Button file = Labels.button("part-import", w.text("cycle.import"), () -> read(name.getText()));
        FlowPane row = new FlowPane(8, 4, Labels.of(w.text("cycle.parts"), "form-title"), name, box, tube, file, unit);
        row.setRowValignment(VPos.CENTER);
        return row;
    }

    /** A new one stands behind the axle, to be put where the tape says. */
    private Part.Form box() {
        Vector3D at = behind();
        return new Part.BoxForm(
                new Box(at.getX() - 0.1, at.getX(), at.getY() - 0.1, at.getY() + 0.1, at.getZ(), at.getZ() + 0.15));
    }

    private Part.Form tube() {
        Vector3D at = behind();
        return new Part.TubeForm(
                List.of(at.add(new Vector3D(0, -0.15, 0)), at.add(new Vector3D(0, 0.15, 0))),
                Lengths.inches(0.75),
                OptionalDouble.empty());
    }

    private Vector3D behind() {
        Axle axle = pane.axleNow();
        return new Vector3D(
                axle.lineX(pane.document().vehicle().wheelbase()) - axle.tyre().diameter(),
                0,
                axle.tyre().loadedRadius());
    }

    private void add(String name, Part.Form form) {
        String called = name.isBlank()
                ? pane.wordsNow()
                        .text(
                                "cycle.new_part",
                                Integer.toString(around().parts().size() + 1))
                : name.strip();
        List<Part> next = new ArrayList<>(around().parts());
        next.add(new Part(called, BodyNames.FRAME, Part.Kind.FIXED, form));
        set(called, around().withParts(next));
    }

    private void set(String name, Surroundings next) {
        pane.changed(build -> build.with(pane.placeNow(), next), "part", name);
    }

    private void read(String name) {
        asker.toOpen(pane.wordsNow().text("cycle.import_title")).ifPresent(path -> {
            try {
                ShapeFile.Read read = ShapeFile.read(path, unit.getValue());
                String file = path.getFileName().toString();
                add(name.isBlank() ? file : name, read.form());
                read.notes().stream()
                        .map(pane.wordsNow()::text)
                        .reduce((a, b) -> a + " " + b)
                        .ifPresent(pane::say);
            } catch (ShapeFile.Bad e) {
                pane.say(pane.wordsNow().text(e.told()));
            } catch (IOException e) {
                pane.say(pane.wordsNow().text("file.cannot_read", path.toString()));
            }
        });
    }

    private Node row(Part part, Words w) {
        FlowPane row = new FlowPane(10, 4);
        row.setRowValignment(VPos.CENTER);
        row.getChildren().add(Labels.of(part.name(), "step-name"));
        Button gone = Labels.button("part-drop-" + index(part), "✕", () -> {
            List<Part> next = new ArrayList<>(around().parts());
            next.remove(part);
            set(part.name(), around().withParts(next));
        });
        gone.setAccessibleText(w.text("measure.drop", part.name()));
        ComboBox<Part.Kind> kind = new ComboBox<>();
        kind.setId("part-kind-" + index(part));
        kind.getItems().setAll(Part.Kind.values());
        kind.setConverter(Choices.names(pane::wordsNow, one -> "part.kind." + one.id()));
        kind.setValue(part.kind());
        kind.setOnAction(event -> replace(new Part(part.name(), part.body(), kind.getValue(), part.form())));
        ComboBox<String> body = new ComboBox<>();
        body.setId("part-body-" + index(part));
        AxleModel model = new AxleModel(pane.document().vehicle(), pane.placeNow());
        body.getItems()
                .setAll(BodyNames.ALL.stream()
                        .filter(one -> model.bodyIndex(one).isPresent())
                        .toList());
        body.setConverter(Choices.names(pane::wordsNow, one -> "body." + one));
        body.setValue(part.body());
        body.setOnAction(event -> replace(new Part(part.name(), body.getValue(), part.kind(), part.form())));
        row.getChildren().addAll(gone, kind, body);
        if (part.form() instanceof Part.BoxForm box) {
            BoxFields sides = new BoxFields(
                    "part-" + index(part),
                    box.box(),
                    pane::wordsNow,
                    pane::say,
                    changed -> replace(part.withForm(new Part.BoxForm(changed))));
            sides.setPrefColumns(6);
            row.getChildren().add(sides);
        } else {
            middle(part, model, w, row);
        }
        return row;
    }

    /** Where a shape that is no box has its middle: a number typed moves it there. */
    private void middle(Part part, AxleModel model, Words w, FlowPane row) {
        List<Vector3D> all =
                PartShape.pieces(model, part).stream().flatMap(List::stream).toList();
        String[] names = {"ahead", "left", "up"};
        for (int k = 0; k < 3; k++) {
            int axis = k;
            double low =
                    all.stream().mapToDouble(at -> at.toArray()[axis]).min().orElse(0);
            double high =
                    all.stream().mapToDouble(at -> at.toArray()[axis]).max().orElse(0);
            double middle = (low + high) / 2;
            MeasureField field = new MeasureField(
                    Quantity.LENGTH,
                    pane::wordsNow,
                    value -> {
                        double[] by = new double[3];
                        by[axis] = Quantity.LENGTH.onGrid(value - middle);
                        replace(part.withForm(part.form().moved(new Vector3D(by))));
                    },
                    pane::say);
            field.setId("part-" + index(part) + "-" + names[k]);
            field.show(middle);
            row.getChildren()
                    .add(Labels.over(w.text("cycle.middle." + names[k]), field, Quantity.LENGTH, pane::wordsNow));
        }
        if (part.form() instanceof Part.TubeForm tube) {
            MeasureField radius = new MeasureField(
                    Quantity.LENGTH,
                    pane::wordsNow,
                    value -> replace(part.withForm(new Part.TubeForm(tube.points(), value / 2, tube.bend()))),
                    pane::say);
            radius.setId("part-" + index(part) + "-across");
            radius.show(2 * tube.radius());
            row.getChildren().add(Labels.over(w.text("cycle.across"), radius, Quantity.LENGTH, pane::wordsNow));
            route(part, tube, w, row);
        }
    }

    /** The points a tube runs through, as one line of text, and how tightly it may be bent there. */
    private void route(Part part, Part.TubeForm tube, Words w, FlowPane row) {
        LengthStyle style = w.units().length();
        TextField points = new TextField(String.join(
                "; ",
                tube.points().stream()
                        .map(at -> String.join(
                                ", ",
                                DoubleStream.of(at.toArray())
                                        .mapToObj(value -> Lengths.format(value, style))
                                        .toList()))
                        .toList()));
        points.setId("part-" + index(part) + "-points");
        points.setPrefColumnCount(30);
        points.setOnAction(event -> reroute(part, tube, points.getText(), style));
        row.getChildren().add(Labels.over(w.text("cycle.points"), points));
        MeasureField bend = new MeasureField(
                Quantity.LENGTH,
                pane::wordsNow,
                value -> replace(
                        part.withForm(new Part.TubeForm(tube.points(), tube.radius(), OptionalDouble.of(value)))),
                pane::say);
        bend.setId("part-" + index(part) + "-bend");
        bend.setOnCleared(
                () -> replace(part.withForm(new Part.TubeForm(tube.points(), tube.radius(), OptionalDouble.empty()))));
        if (tube.bend().isPresent()) {
            bend.show(tube.bend().getAsDouble());
        } else {
            bend.showNone(w.text("cycle.bend_any"));
        }
        row.getChildren().add(Labels.over(w.text("cycle.bend"), bend, Quantity.LENGTH, pane::wordsNow));
    }

    private void reroute(Part part, Part.TubeForm tube, String text, LengthStyle style) {
        List<Vector3D> next = new ArrayList<>();
        for (String point : text.split(";")) {
            String[] three = point.split(",");
            if (three.length != 3) {
                pane.say(pane.wordsNow().text("cycle.points_three", point.strip()));
                return;
            }
            double[] at = new double[3];
            for (int k = 0; k < 3; k++) {
                try {
                    at[k] = Quantity.LENGTH.onGrid(Lengths.parse(three[k], style));
                } catch (MeasureFormatException e) {
                    pane.say(pane.wordsNow().text(e));
                    return;
                }
            }
            next.add(new Vector3D(at));
        }
        Part routed = part.withForm(new Part.TubeForm(next, tube.radius(), tube.bend()));
        replace(routed);
        PartCheck.doubt(routed).map(pane.wordsNow()::text).ifPresent(pane::say);
    }

    private int index(Part part) {
        return around().parts().indexOf(part);
    }

    private void replace(Part part) {
        set(part.name(), around().withPart(part));
    }

    private Node rules(Words w) {
        FlowPane row = new FlowPane(10, 4);
        ClearanceRules now = pane.buildNow().rules();
        rule(
                row,
                w,
                "worst",
                now.worst(),
                (r, v) -> rules(r, v, r.fixed(), r.moving(), r.tyre(), r.driveline(), r.paint(), r.bushing()));
        rule(
                row,
                w,
                "fixed",
                now.fixed(),
                (r, v) -> rules(r, r.worst(), v, r.moving(), r.tyre(), r.driveline(), r.paint(), r.bushing()));
        rule(
                row,
                w,
                "moving",
                now.moving(),
                (r, v) -> rules(r, r.worst(), r.fixed(), v, r.tyre(), r.driveline(), r.paint(), r.bushing()));
        rule(
                row,
                w,
                "tyre",
                now.tyre(),
                (r, v) -> rules(r, r.worst(), r.fixed(), r.moving(), v, r.driveline(), r.paint(), r.bushing()));
        rule(
                row,
                w,
                "driveline",
                now.driveline(),
                (r, v) -> rules(r, r.worst(), r.fixed(), r.moving(), r.tyre(), v, r.paint(), r.bushing()));
        rule(
                row,
                w,
                "paint",
                now.paint(),
                (r, v) -> rules(r, r.worst(), r.fixed(), r.moving(), r.tyre(), r.driveline(), v, r.bushing()));
        rule(
                row,
                w,
                "bushing",
                now.bushing(),
                (r, v) -> rules(r, r.worst(), r.fixed(), r.moving(), r.tyre(), r.driveline(), r.paint(), v));
        MeasureField joint = new MeasureField(
                Quantity.ANGLE, pane::wordsNow, value -> set(w.text("cycle.rule.joint"), withJoint(value)), pane::say);
        joint.setId("rule-joint");
        joint.show(now.joint());
        row.getChildren().add(Labels.over(w.text("cycle.rule.joint"), joint, Quantity.ANGLE, pane::wordsNow));
        return row;
    }

    private ClearanceRules withJoint(double limit) {
        ClearanceRules r = pane.buildNow().rules();
        return new ClearanceRules(
                r.worst(), r.fixed(), r.moving(), r.tyre(), r.driveline(), r.paint(), r.bushing(), limit, r.joints());
    }

    private static ClearanceRules rules(
            ClearanceRules r,
            double worst,
            double fixed,
            double moving,
            double tyre,
            double shaft,
            double paint,
            double give) {
        return new ClearanceRules(worst, fixed, moving, tyre, shaft, paint, give, r.joint(), r.joints());
    }

    private void rule(
            FlowPane row, Words w, String name, double now, BiFunction<ClearanceRules, Double, ClearanceRules> with) {
        MeasureField field = new MeasureField(
                Quantity.LENGTH,
                pane::wordsNow,
                value -> set(
                        w.text("cycle.rule." + name), with.apply(pane.buildNow().rules(), value)),
                pane::say);
        field.fine().setId("rule-" + name);
        field.show(now);
        row.getChildren().add(Labels.over(w.text("cycle.rule." + name), field, Quantity.LENGTH, pane::wordsNow));
    }

    private void set(String name, ClearanceRules rules) {
        boolean sound = rules.joint() > 0
                && Math.min(Math.min(rules.worst(), rules.fixed()), Math.min(rules.paint(), rules.bushing())) >= 0
                && Math.min(rules.moving(), Math.min(rules.tyre(), rules.driveline())) >= 0;
        if (!sound) {
            pane.say(pane.wordsNow().text("cycle.rule_negative", name));
            return;
        }
        pane.changed(build -> build.withRules(rules), "part", name);
    }
}
