package org.palanca.desktop.step.cycle;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.BodyChooser;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Hose;
import org.palanca.vehicle.Surroundings;

/** A hose or a cable that hangs free between two bodies: where each end sits, how long it is, how tightly it may bend. */
final class HoseForm {
    private final CyclePane pane;

    HoseForm(CyclePane pane) {
        this.pane = pane;
    }

    private Surroundings around() {
        return pane.build().surroundings(pane.place());
    }

    /** The fields of the hose at a place of their list; none where there is none. */
    List<Node> rows(int index) {
        if (index >= around().hoses().size()) {
            return List.of();
        }
        Words w = pane.words();
        Hose hose = around().hoses().get(index);
        AxleModel model = new AxleModel(pane.vehicle(), pane.place());
        FlowPane row = PartForm.row();
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
        Button gone = Labels.button("hose-drop-" + index, w.text("measure.drop", hose.name()), () -> {
            List<Hose> next = new ArrayList<>(around().hoses());
            next.remove(index);
            set(hose.name(), next);
        });
        return List.of(row, gone);
    }

    private void end(FlowPane row, String id, String label, Hose.End end, AxleModel model, Consumer<Hose.End> take) {
        Words w = pane.words();
        BodyChooser body = new BodyChooser(
                        id + "-body", pane::words, chosen -> take.accept(new Hose.End(chosen, end.at())))
                .show(model.axle(), end.body());
        PlaceText places = pane.places();
        String shown = places.of(end.at(), w.units().length());
        TextField at = new TextField(shown);
        at.setId(id);
        at.setPrefColumnCount(12);
        at.setOnAction(event -> {
            // Left as it was it stays what it was, finer than the tape it is shown by.
            if (!at.getText().equals(shown)) {
                places.parse(at.getText(), w, pane::complain)
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
