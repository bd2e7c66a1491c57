package org.palanca.desktop.step.cycle;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.UnaryOperator;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Hose;
import org.palanca.vehicle.Surroundings;

/** Hoses and cables that hang free between two bodies: where each end sits, how long it is, how tightly it may bend. */
final class HosesForm {
    private final CyclePane pane;

    HosesForm(CyclePane pane) {
        this.pane = pane;
    }

    private Surroundings around() {
        return pane.build().surroundings(pane.place());
    }

    List<Node> rows(AxleModel model) {
        List<Node> rows = new ArrayList<>();
        Words w = pane.words();
        TextField name = new TextField();
        name.setId("hose-name");
        name.setPromptText(w.text("cycle.hose_hint"));
        Button add = Labels.button("hose-add", w.text("cycle.add_hose"), () -> add(name.getText()));
        FlowPane adding = new FlowPane(8, 4, Labels.of(w.text("cycle.hoses"), "form-title"), name, add);
        adding.setRowValignment(VPos.CENTER);
        rows.add(adding);
        for (int i = 0; i < around().hoses().size(); i++) {
            rows.add(row(i, around().hoses().get(i), model, w));
        }
        return rows;
    }

    /** A new one hangs between the frame over the axle's left end and the axle under it, long enough for its droop. */
    private void add(String name) {
        Axle axle = pane.axleNow();
        double line = axle.lineX(pane.document().vehicle().wheelbase());
        double out = Quantity.LENGTH.onGrid(axle.track() / 4);
        double up = axle.tyre().loadedRadius();
        BodyName carrier = axle.independent() ? BodyName.knuckle(Side.LEFT) : BodyName.AXLE;
        double high = Quantity.LENGTH.onGrid(up + Lengths.inches(8));
        List<Hose> next = new ArrayList<>(around().hoses());
        String called =
                name.isBlank() ? pane.words().text("cycle.new_hose", Integer.toString(next.size() + 1)) : name.strip();
        next.add(new Hose(
                called,
                new Hose.End(BodyName.FRAME, new Vector3D(line, out, high)),
                new Hose.End(carrier, new Vector3D(line, out, up)),
                Quantity.LENGTH.onGrid(Lengths.inches(10) + axle.travel().droop()),
                Quantity.LENGTH.onGrid(Lengths.inches(2))));
        set(called, next);
    }

    private Node row(int index, Hose hose, AxleModel model, Words w) {
        FlowPane row = new FlowPane(10, 4);
        row.setRowValignment(VPos.CENTER);
        Button gone = Labels.button("hose-drop-" + index, "✕", () -> {
            List<Hose> next = new ArrayList<>(around().hoses());
            next.remove(index);
            set(hose.name(), next);
        });
        gone.setAccessibleText(w.text("measure.drop", hose.name()));
        row.getChildren().addAll(Labels.of(hose.name(), "step-name"), gone);
        end(
                row,
                "hose-" + index + "-from",
                "cycle.hose_from",
                hose.from(),
                model,
                end -> replace(index, one -> one.withEnds(end, one.to())));
        end(
                row,
                "hose-" + index + "-to",
                "cycle.hose_to",
                hose.to(),
                model,
                end -> replace(index, one -> one.withEnds(one.from(), end)));
        size(
                row,
                "hose-" + index + "-length",
                "cycle.hose_length",
                hose.length(),
                value -> replace(index, one -> one.withLength(value)));
        size(
                row,
                "hose-" + index + "-bend",
                "cycle.bend",
                hose.bend(),
                value -> replace(index, one -> one.withBend(value)));
        return row;
    }

    private void end(FlowPane row, String id, String label, Hose.End end, AxleModel model, Consumer<Hose.End> take) {
        Words w = pane.words();
        ComboBox<BodyName> body = new ComboBox<>();
        body.setId(id + "-body");
        body.getItems()
                .setAll(Arrays.stream(BodyName.values())
                        .filter(one -> model.bodyIndex(one).isPresent())
                        .toList());
        body.setConverter(Choices.names(pane::words, one -> "body." + one.id()));
        body.setValue(end.body());
        body.setOnAction(event -> take.accept(new Hose.End(body.getValue(), end.at())));
        String shown = PlaceText.of(end.at(), w.units().length());
        TextField at = new TextField(shown);
        at.setId(id);
        at.setPrefColumnCount(14);
        at.setOnAction(event -> {
            // Left as it was it stays what it was, finer than the tape it is shown by.
            if (!at.getText().equals(shown)) {
                PlaceText.parse(at.getText(), w, pane::complain)
                        .ifPresent(place -> take.accept(new Hose.End(end.body(), place)));
            }
        });
        row.getChildren().addAll(Labels.over(w.text(label), body), Labels.over(w.text("cycle.hose_at"), at));
    }

    private void size(FlowPane row, String id, String label, double now, DoubleConsumer set) {
        MeasureField field = new MeasureField(Quantity.LENGTH, pane::words, set, pane::complain);
        field.setId(id);
        field.show(now);
        row.getChildren().add(Labels.over(pane.words().text(label), field, Quantity.LENGTH, pane::words));
    }

    private void replace(int index, UnaryOperator<Hose> how) {
        List<Hose> next = new ArrayList<>(around().hoses());
        next.set(index, how.apply(next.get(index)));
        set(next.get(index).name(), next);
    }

    private void set(String name, List<Hose> hoses) {
        pane.change(build -> build.with(pane.place(), around().withHoses(hoses)), "part", name);
    }
}
