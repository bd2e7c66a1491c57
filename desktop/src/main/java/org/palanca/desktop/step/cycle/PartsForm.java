package org.palanca.desktop.step.cycle;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.Grip;
import org.palanca.desktop.control.BoxFields;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.document.FileAsker;
import org.palanca.io.FileFormatException;
import org.palanca.io.shapes.ShapeFile;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Box;

/** The things that may be touched, as the user describes them: measured by hand or imported, and how much room they want. */
public final class PartsForm {
    private final CyclePane pane;
    private final FileAsker asker;
    private final HosesForm hoses;
    private final RulesForm rules;
    private final ComboBox<ShapeFile.Unit> unit = new ComboBox<>();
    private final Map<String, Node> shown = new HashMap<>();

    PartsForm(CyclePane pane, FileAsker asker) {
        this.pane = pane;
        this.asker = asker;
        hoses = new HosesForm(pane);
        rules = new RulesForm(pane);
        unit.setId("part-unit");
        unit.getItems().setAll(ShapeFile.Unit.values());
        unit.setValue(ShapeFile.Unit.MM);
    }

    void relabel() {
        unit.setConverter(Choices.names(pane::words, one -> "unit." + one.id()));
    }

    private Surroundings around() {
        return pane.build().surroundings(pane.place());
    }

    /** Everything anew: what room is wanted, adding, and a row for each part. */
    List<Node> rows() {
        List<Node> rows = new ArrayList<>();
        Words w = pane.words();
        rows.add(adding(w));
        shown.clear();
        for (Part part : around().parts()) {
            Node row = row(part, w);
            shown.put(part.name(), row);
            rows.add(row);
        }
        rows.addAll(hoses.rows(new AxleModel(pane.document().vehicle(), pane.place())));
        rows.add(Labels.of(w.text("cycle.rules"), "form-title"));
        rows.add(rules.row());
        return rows;
    }

    /** Makes the row of what is in hand stand out; its row, where it has one here. */
    Optional<Node> show(Optional<Grip> inHand) {
        Optional<Node> row =
                inHand.filter(grip -> grip.equals(Grip.part(grip.name()))).map(grip -> shown.get(grip.name()));
        for (Node one : shown.values()) {
            one.getStyleClass().remove("row-in-hand");
        }
        row.ifPresent(one -> one.getStyleClass().add("row-in-hand"));
        return row;
    }

    private Node adding(Words w) {
        TextField name = new TextField();
        name.setId("part-name");
        name.setPromptText(w.text("cycle.part_hint"));
        Button box = Labels.button("part-add-box", w.text("cycle.add_box"), () -> add(name.getText(), box()));
        Button tube = Labels.button("part-add-tube", w.text("cycle.add_tube"), () -> add(name.getText(), tube()));
        Button outline =
                Labels.button("part-add-outline", w.text("cycle.add_outline"), () -> add(name.getText(), outline()));
        Button file = Labels.button("part-import", w.text("cycle.import"), () -> read(name.getText()));
        FlowPane row = new FlowPane(
                8, 4, Labels.of(w.text("cycle.parts"), "form-title"), name, box, tube, outline, file, unit);
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

    /** A plate 1/4 in thick to begin with. */
    private Part.Form outline() {
        Vector3D at = behind();
        double out = Lengths.inches(3);
        return new Part.OutlineForm(
                Axis.LEFT,
                List.of(
                        new Part.OutlineForm.Corner(at.getX() - out, at.getZ()),
                        new Part.OutlineForm.Corner(at.getX() + out, at.getZ()),
                        new Part.OutlineForm.Corner(at.getX(), at.getZ() + out)),
                at.getY(),
                at.getY() + Lengths.inches(0.25));
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
                ? pane.words()
                        .text(
                                "cycle.new_part",
                                Integer.toString(around().parts().size() + 1))
                : name.strip();
        List<Part> next = new ArrayList<>(around().parts());
        next.add(new Part(called, BodyName.FRAME, Part.Kind.FIXED, form));
        set(called, around().withParts(next));
    }

    private void set(String name, Surroundings next) {
        pane.change(build -> build.with(pane.place(), next), "part", name);
    }

    private void read(String name) {
        asker.toOpen(pane.words().text("cycle.import_title")).ifPresent(path -> {
            try {
                ShapeFile.Read read = ShapeFile.read(path, unit.getValue());
                String file = path.getFileName().toString();
                add(name.isBlank() ? file : name, read.form());
                read.notes().stream()
                        .map(pane.words()::text)
                        .reduce((a, b) -> a + " " + b)
                        .ifPresent(pane::complain);
            } catch (FileFormatException e) {
                pane.complain(pane.words().text(e.told()));
            } catch (IOException e) {
                pane.complain(pane.words().text("file.cannot_read", path.toString()));
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
        kind.setConverter(Choices.names(pane::words, one -> "part.kind." + one.id()));
        kind.setValue(part.kind());
        kind.setOnAction(event -> replace(part.withKind(kind.getValue())));
        ComboBox<BodyName> body = new ComboBox<>();
        body.setId("part-body-" + index(part));
        AxleModel model = new AxleModel(pane.document().vehicle(), pane.place());
        body.getItems()
                .setAll(Arrays.stream(BodyName.values())
                        .filter(one -> model.bodyIndex(one).isPresent())
                        .toList());
        body.setConverter(Choices.names(pane::words, one -> "body." + one.id()));
        body.setValue(part.body());
        body.setOnAction(event -> replace(part.withBody(body.getValue())));
        row.getChildren().addAll(gone, kind, body);
        row.getChildren().add(part.kind() == Part.Kind.SERVICE ? moment(part) : movable(part, w));
        row.getChildren().addAll(Labels.of(w.text("cycle.joined_to"), "second"), joined(part, w));
        if (part.form() instanceof Part.BoxForm box) {
            BoxFields sides = new BoxFields(
                    "part-" + index(part),
                    box.box(),
                    pane::words,
                    pane::complain,
                    changed -> replace(part.withForm(new Part.BoxForm(changed))));
            return new VBox(4, row, sides);
        }
        new ShapeFields(pane, part, index(part), this::replace).into(row, model);
        return row;
    }

    /** When a service room must be open. */
    private Node moment(Part part) {
        ComboBox<Part.Moment> moment = new ComboBox<>();
        moment.setId("part-moment-" + index(part));
        moment.getItems().setAll(Part.Moment.values());
        moment.setConverter(Choices.names(pane::words, one -> "part.moment." + one.id()));
        moment.setValue(part.moment());
        moment.setOnAction(event -> replace(part.withMoment(moment.getValue())));
        return moment;
    }

    /** Whether advice may move it. */
    private Node movable(Part part, Words w) {
        CheckBox box = new CheckBox(w.text("cycle.can_move"));
        box.setId("part-can-move-" + index(part));
        box.setSelected(part.movable());
        box.setOnAction(event -> replace(part.withCanMove(box.isSelected())));
        return box;
    }

    /** Names of what it is welded or bolted to, with commas between. */
    private Node joined(Part part, Words w) {
        TextField names = new TextField(String.join(", ", part.joined()));
        names.setId("part-joined-" + index(part));
        names.setPromptText(w.text("cycle.joined_hint"));
        names.setPrefColumnCount(14);
        names.setOnAction(
                event -> replace(part.withJoined(Arrays.stream(names.getText().split(","))
                        .map(String::strip)
                        .filter(name -> !name.isEmpty())
                        .collect(Collectors.toSet()))));
        return names;
    }

    private int index(Part part) {
        return around().parts().indexOf(part);
    }

    private void replace(Part part) {
        set(part.name(), around().withPart(part));
    }
}
