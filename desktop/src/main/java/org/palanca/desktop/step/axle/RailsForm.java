package org.palanca.desktop.step.axle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.vehicle.FrameRails;
import org.palanca.vehicle.RailSection;
import org.palanca.vehicle.RailStation;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Mark;

/** The fields of the frame's rails: where they run, what they are in section, and where they bend. */
final class RailsForm {
    /** Wall of a section that is begun [m]: common practice, no source. */
    private static final double WALL = Lengths.inches(3.0 / 16);

    private final FitPane pane;

    RailsForm(FitPane pane) {
        this.pane = pane;
    }

    List<Node> rows(Optional<FrameRails> known) {
        Words w = pane.words();
        if (known.isEmpty()) {
            return List.of(
                    Labels.sentence(w.text("rails.none"), "second"),
                    Labels.button("rails-add", w.text("rails.add"), () -> set(usual())));
        }
        FrameRails now = known.get();
        List<Node> rows = new ArrayList<>();
        rows.add(Labels.sentence(w.text("rails.why"), "second"));
        FlowPane sizes = new FlowPane(8, 6);
        boolean bends = !now.stations().isEmpty();
        if (!bends) {
            field(sizes, "front", now, now.front(), (rails, v) -> rails.withEnds(v, rails.rear()));
            field(sizes, "rear", now, now.rear(), (rails, v) -> rails.withEnds(rails.front(), v));
            field(
                    sizes,
                    "bottom",
                    now,
                    now.bottom(),
                    (rails, v) -> rails.withHeights(v, v + rails.depth(), rails.rearDrop()));
            field(sizes, "out", now, now.out(), (rails, v) -> rails.withFaces(v, rails.width()));
            field(
                    sizes,
                    "rear_drop",
                    now,
                    now.rearDrop(),
                    (rails, v) -> rails.withHeights(rails.bottom(), rails.top(), v));
        }
        field(
                sizes,
                "depth",
                now,
                now.depth(),
                (rails, v) -> rails.withHeights(rails.bottom(), rails.bottom() + v, rails.rearDrop()));
        field(sizes, "width", now, now.width(), (rails, v) -> rails.withFaces(rails.out(), v));
        rows.add(sizes);
        rows.add(section(now, w));
        for (int i = 0; i < now.stations().size(); i++) {
            rows.add(station(now, i, w));
        }
        rows.add(Labels.button(
                "rails-station-add",
                w.text(bends ? "rails.station_add" : "rails.bend"),
                () -> set(now.withStations(another(now)))));
        marks(now, w).ifPresent(rows::add);
        return rows;
    }

    /** A station where a mark was punched into the rail's lower outer edge, as the readings place it. */
    private Optional<Node> marks(FrameRails now, Words w) {
        List<String> names = pane.vehicle().build().survey().marks().stream()
                .filter(Mark::onVehicle)
                .map(Mark::name)
                .toList();
        if (names.isEmpty()) {
            return Optional.empty();
        }
        ComboBox<String> marks = new ComboBox<>();
        marks.setId("rails-mark");
        marks.getItems().setAll(names);
        marks.setPromptText(w.text("rails.mark"));
        marks.setMaxWidth(Double.MAX_VALUE);
        marks.setOnAction(event -> {
            // Only now: a large survey takes a while.
            Adjustment adjustment = Adjustment.of(pane.vehicle().build().survey());
            boolean placed =
                    adjustment.placed().stream().anyMatch(one -> one.name().equals(marks.getValue()));
            if (!placed) {
                pane.complain(w.text("rails.mark_not_placed", marks.getValue()));
                return;
            }
            Vector3D at = adjustment.place(marks.getValue());
            List<RailStation> all = new ArrayList<>(now.line(pane.vehicle().wheelbase()));
            all.add(new RailStation(at.getX(), at.getZ(), Math.abs(at.getY())));
            all.sort(Comparator.comparingDouble(station -> -station.ahead()));
            set(now.withStations(onGrid(all)));
        });
        return Optional.of(marks);
    }

    /** Ordinary ones to begin with, as a starting vehicle has them. */
    private FrameRails usual() {
        double bottom = pane.vehicle().axles().get(0).tyre().loadedRadius() + Lengths.inches(14);
        return new FrameRails(
                Lengths.inches(22),
                Lengths.inches(26),
                Quantity.LENGTH.onGrid(bottom),
                Quantity.LENGTH.onGrid(bottom + Lengths.inches(4)),
                Lengths.inches(17),
                Lengths.inches(2.5));
    }

    private Node section(FrameRails now, Words w) {
        FlowPane row = new FlowPane(8, 6);
        ComboBox<Optional<RailSection.Shape>> shapes = new ComboBox<>();
        shapes.setId("rails-section");
        shapes.getItems().add(Optional.empty());
        for (RailSection.Shape shape : RailSection.Shape.values()) {
            shapes.getItems().add(Optional.of(shape));
        }
        shapes.setConverter(Choices.names(
                pane.wordsSupplier(),
                shape -> "rails.section." + shape.map(RailSection.Shape::id).orElse("unknown")));
        shapes.setValue(now.section().map(RailSection::shape));
        shapes.setOnAction(event -> set(now.withSection(shapes.getValue()
                .map(shape -> new RailSection(
                        shape, now.section().map(RailSection::wall).orElse(WALL))))));
        row.getChildren().add(Labels.over(w.text("rails.section"), shapes));
        now.section()
                .ifPresent(section -> field(
                        row,
                        "wall",
                        now,
                        section.wall(),
                        (rails, v) -> rails.withSection(Optional.of(new RailSection(section.shape(), v)))));
        return row;
    }

    private Node station(FrameRails now, int index, Words w) {
        RailStation at = now.stations().get(index);
        String id = Integer.toString(index + 1);
        FlowPane row = new FlowPane(8, 6);
        row.setRowValignment(VPos.BOTTOM);
        field(
                row,
                "ahead_" + id,
                "ahead",
                now,
                at.ahead(),
                (rails, v) -> with(rails, index, new RailStation(v, at.bottom(), at.out())));
        field(
                row,
                "station_bottom_" + id,
                "bottom",
                now,
                at.bottom(),
                (rails, v) -> with(rails, index, new RailStation(at.ahead(), v, at.out())));
        field(
                row,
                "station_out_" + id,
                "out",
                now,
                at.out(),
                (rails, v) -> with(rails, index, new RailStation(at.ahead(), at.bottom(), v)));
        Button gone = Labels.button("rails-station-drop-" + id, w.text("rails.station_drop"), () -> {
            List<RailStation> left = new ArrayList<>(now.stations());
            left.remove(index);
            set(now.withStations(left.size() > 1 ? left : List.of()));
        });
        return new VBox(4, Labels.of(w.text("rails.station", id), "second"), row, gone);
    }

    private static FrameRails with(FrameRails rails, int index, RailStation station) {
        List<RailStation> all = new ArrayList<>(rails.stations());
        all.set(index, station);
        return rails.withStations(all);
    }

    /** The straight line's two ends to begin with; then one more half-way between the last two. */
    private List<RailStation> another(FrameRails now) {
        List<RailStation> all = new ArrayList<>(now.line(pane.vehicle().wheelbase()));
        if (!now.stations().isEmpty()) {
            RailStation last = all.get(all.size() - 1);
            RailStation before = all.get(all.size() - 2);
            double middle = (last.ahead() + before.ahead()) / 2;
            all.add(all.size() - 1, now.at(middle, pane.vehicle().wheelbase()));
        }
        return onGrid(all);
    }

    private static List<RailStation> onGrid(List<RailStation> all) {
        return all.stream()
                .map(one -> new RailStation(
                        Quantity.LENGTH.onGrid(one.ahead()),
                        Quantity.LENGTH.onGrid(one.bottom()),
                        Quantity.LENGTH.onGrid(one.out())))
                .toList();
    }

    private void field(
            FlowPane row, String name, FrameRails now, double value, BiFunction<FrameRails, Double, FrameRails> with) {
        field(row, name, name, now, value, with);
    }

    private void field(
            FlowPane row,
            String id,
            String name,
            FrameRails now,
            double value,
            BiFunction<FrameRails, Double, FrameRails> with) {
        MeasureField field = new MeasureField(
                Quantity.LENGTH, pane.wordsSupplier(), typed -> set(with.apply(now, typed)), pane.complaints());
        field.setId("rails-" + id.replace('_', '-'));
        field.show(value);
        row.getChildren()
                .add(Labels.over(
                        pane.words().text("rails.field." + name), field, Quantity.LENGTH, pane.wordsSupplier()));
    }

    private void set(FrameRails rails) {
        Vehicle next = pane.vehicle().withRails(Optional.of(rails));
        if (!pane.document().change(next, Message.of("change.rails"), "")) {
            pane.refresh();
        }
    }
}
