package org.palanca.desktop.step.cycle;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.Grip;
import org.palanca.desktop.control.AxleTape;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.document.FileAsker;
import org.palanca.io.FileFormatException;
import org.palanca.io.shapes.ShapeFile;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Hose;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Box;

/** Describes one more thing that may be touched: a name, and what shape it has, measured by hand or imported. */
final class AddForm {
    private final CyclePane pane;
    private final FileAsker asker;
    private final Consumer<Picked> added;
    private final TextField name = new TextField();
    private final ComboBox<ShapeFile.Unit> unit = new ComboBox<>();

    /** @param added told what there is now, and to be measured next */
    AddForm(CyclePane pane, FileAsker asker, Consumer<Picked> added) {
        this.pane = pane;
        this.asker = asker;
        this.added = added;
        name.setId("part-name");
        unit.setId("part-unit");
        unit.getItems().setAll(ShapeFile.Unit.values());
        unit.setValue(ShapeFile.Unit.MM);
    }

    void relabel() {
        unit.setConverter(Choices.names(pane::words, one -> "unit." + one.id()));
    }

    List<Node> rows() {
        Words w = pane.words();
        name.setPromptText(w.text("cycle.part_hint"));
        FlowPane shapes = PartForm.row();
        shapes.getChildren()
                .addAll(
                        Labels.button("part-add-box", w.text("cycle.add_box"), () -> add(box())),
                        Labels.button("part-add-tube", w.text("cycle.add_tube"), () -> add(tube())),
                        Labels.button("part-add-outline", w.text("cycle.add_outline"), () -> add(outline())),
                        Labels.button("hose-add", w.text("cycle.add_hose"), this::addHose));
        FlowPane file = PartForm.row();
        file.getChildren()
                .addAll(
                        Labels.button("part-import", w.text("cycle.import"), this::read),
                        Labels.of(w.text("cycle.import_unit"), "second"),
                        unit);
        return List.of(name, shapes, file);
    }

    private Surroundings around() {
        return pane.build().surroundings(pane.place());
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
        double line = AxleTape.of(pane.vehicle(), pane.place()).line();
        return new Vector3D(line - axle.tyre().diameter(), 0, axle.tyre().loadedRadius());
    }

    private void add(Part.Form form) {
        String typed = name.getText().strip();
        add(
                typed.isEmpty()
                        ? pane.words()
                                .text(
                                        "cycle.new_part",
                                        Integer.toString(around().parts().size() + 1))
                        : typed,
                form);
    }

    private void add(String called, Part.Form form) {
        List<Part> next = new ArrayList<>(around().parts());
        next.add(new Part(called, BodyName.FRAME, Part.Kind.FIXED, form));
        if (change(called, around().withParts(next))) {
            added.accept(new Picked.Thing(Grip.part(called)));
        }
    }

    private boolean change(String called, Surroundings next) {
        boolean done = pane.change(build -> build.with(pane.place(), next), "part", called);
        if (done) {
            name.clear();
        }
        return done;
    }

    private void read() {
        asker.toOpen(pane.words().text("cycle.import_title")).ifPresent(path -> {
            try {
                ShapeFile.Read read = ShapeFile.read(path, unit.getValue());
                String typed = name.getText().strip();
                add(typed.isEmpty() ? path.getFileName().toString() : typed, read.form());
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

    /** A new one hangs between the frame over the axle's left end and the axle under it, long enough for its droop. */
    private void addHose() {
        Axle axle = pane.axleNow();
        double line = AxleTape.of(pane.vehicle(), pane.place()).line();
        double out = Quantity.LENGTH.onGrid(axle.track() / 4);
        double up = axle.tyre().loadedRadius();
        BodyName carrier = axle.independent() ? BodyName.knuckle(Side.LEFT) : BodyName.AXLE;
        double high = Quantity.LENGTH.onGrid(up + Lengths.inches(8));
        List<Hose> next = new ArrayList<>(around().hoses());
        String typed = name.getText().strip();
        String called =
                typed.isEmpty() ? pane.words().text("cycle.new_hose", Integer.toString(next.size() + 1)) : typed;
        next.add(new Hose(
                called,
                new Hose.End(BodyName.FRAME, new Vector3D(line, out, high)),
                new Hose.End(carrier, new Vector3D(line, out, up)),
                Quantity.LENGTH.onGrid(Lengths.inches(10) + axle.travel().droop()),
                Quantity.LENGTH.onGrid(Lengths.inches(2))));
        if (change(called, around().withHoses(next))) {
            added.accept(new Picked.Hanging(next.size() - 1, called));
        }
    }
}
