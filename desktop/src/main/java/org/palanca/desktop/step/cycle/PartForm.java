package org.palanca.desktop.step.cycle;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.AxleTape;
import org.palanca.desktop.control.BodyChooser;
import org.palanca.desktop.control.BoxFields;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.PartRef;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.work.ServiceMoment;

/** The fields of one thing that may be touched: what it is, what it is fixed to, and where it is. */
final class PartForm {
    private final CyclePane pane;

    PartForm(CyclePane pane) {
        this.pane = pane;
    }

    private Surroundings around() {
        return pane.build().surroundings(pane.place());
    }

    /** The fields of a thing; none for one that is not there. */
    List<Node> rows(PartRef ref) {
        if (ref.obstacle()) {
            return around().obstacles().stream()
                    .filter(one -> one.name().equals(ref.name()))
                    .findFirst()
                    .map(this::obstacle)
                    .orElse(List.of());
        }
        return part(ref.name()).map(this::rows).orElse(List.of());
    }

    private Optional<Part> part(String name) {
        return around().parts().stream()
                .filter(part -> part.name().equals(name))
                .findFirst();
    }

    private List<Node> obstacle(Obstacle obstacle) {
        int index = around().obstacles().indexOf(obstacle);
        return List.of(
                Labels.sentence(pane.words().text("cycle.box_on_frame"), "second"),
                box("obstacle-" + index, obstacle.room(), room -> {
                    List<Obstacle> next = new ArrayList<>(around().obstacles());
                    next.set(index, new Obstacle(obstacle.name(), room));
                    set(obstacle.name(), around().withObstacles(next));
                }));
    }

    private BoxFields box(String prefix, Box box, Consumer<Box> changed) {
        return new BoxFields(
                prefix,
                box,
                AxleTape.of(pane.vehicle(), pane.place()),
                pane.wordsSupplier(),
                pane.complaints(),
                changed);
    }

    private List<Node> rows(Part part) {
        Words w = pane.words();
        int index = around().parts().indexOf(part);
        AxleModel model = new AxleModel(pane.vehicle(), pane.place());
        FlowPane what = row();
        ComboBox<Part.Kind> kind = new ComboBox<>();
        kind.setId("part-kind-" + index);
        kind.getItems().setAll(Part.Kind.values());
        kind.setConverter(Choices.names(pane::words, one -> "part.kind." + one.id()));
        kind.setValue(part.kind());
        kind.setOnAction(event -> replace(part.withKind(kind.getValue())));
        BodyChooser body = new BodyChooser("part-body-" + index, pane::words, chosen -> replace(part.withBody(chosen)))
                .show(model.axle(), part.body());
        HBox on = new HBox(5, Labels.of(w.text("cycle.on"), "second"), body);
        on.setAlignment(Pos.BASELINE_LEFT);
        what.getChildren().addAll(kind, on);
        List<Node> rows = new ArrayList<>();
        rows.add(what);
        if (part.form() instanceof Part.BoxForm form) {
            rows.add(box("part-" + index, form.box(), changed -> replace(part.withForm(new Part.BoxForm(changed)))));
        } else {
            FlowPane shape = row();
            new ShapeFields(pane, part, index, this::replace).into(shape, model);
            rows.add(shape);
        }
        rows.add(part.kind() == Part.Kind.SERVICE ? moment(part, index) : movable(part, index, w));
        rows.add(Labels.over(w.text("cycle.joined_to"), joined(part, index, w)));
        rows.add(Labels.button("part-drop-" + index, w.text("measure.drop", part.name()), () -> {
            List<Part> next = new ArrayList<>(around().parts());
            next.remove(part);
            set(part.name(), around().withParts(next));
        }));
        return rows;
    }

    static FlowPane row() {
        FlowPane row = new FlowPane(8, 6);
        row.setRowValignment(VPos.BASELINE);
        return row;
    }

    /** When a service room must be open. */
    private Node moment(Part part, int index) {
        ComboBox<ServiceMoment> moment = new ComboBox<>();
        moment.setId("part-moment-" + index);
        moment.getItems().setAll(ServiceMoment.values());
        moment.setConverter(Choices.names(pane::words, one -> "part.moment." + one.id()));
        moment.setValue(part.moment());
        moment.setOnAction(event -> replace(part.withMoment(moment.getValue())));
        return moment;
    }

    /** Whether advice may move it. */
    private Node movable(Part part, int index, Words w) {
        CheckBox box = new CheckBox(w.text("cycle.can_move"));
        box.setId("part-can-move-" + index);
        box.setSelected(part.movable());
        box.setOnAction(event -> replace(part.withCanMove(box.isSelected())));
        return box;
    }

    /** Names of what it is welded or bolted to, with commas between. */
    private Node joined(Part part, int index, Words w) {
        TextField names = new TextField(String.join(", ", part.joined()));
        names.setId("part-joined-" + index);
        names.setPromptText(w.text("cycle.joined_hint"));
        names.setOnAction(
                event -> replace(part.withJoined(Arrays.stream(names.getText().split(","))
                        .map(String::strip)
                        .filter(name -> !name.isEmpty())
                        .collect(Collectors.toSet()))));
        return names;
    }

    private void replace(Part part) {
        set(part.name(), around().withPart(part));
    }

    private void set(String name, Surroundings next) {
        pane.change(build -> build.with(pane.place(), next), "part", name);
    }
}
