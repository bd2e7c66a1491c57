package org.palanca.desktop.step.housing;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Choices;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.vehicle.housing.ClockedPart;

/** What is welded to a housing at an angle: at ride, and as an angle finder shows it on the bench. */
final class ClockingForm {
    private final HousingPane pane;
    private final VBox clocked = new VBox(4);
    private Runnable refresher = () -> {};

    ClockingForm(HousingPane pane) {
        this.pane = pane;
    }

    /** The fields, made anew for other words or units. */
    List<Node> fields(Words w) {
        return List.of(clocked, bench(w));
    }

    /** Shows what is known now. */
    void refresh() {
        refresher.run();
        clocked();
    }

    private FlowPane bench(Words w) {
        MeasureField pinion = new MeasureField(
                Quantity.ANGLE,
                pane.wordsSupplier(),
                value -> pane.set(pane.housing().withBenchPinion(value), w.text("housing.bench_pinion")),
                pane.complaints());
        pinion.setId("housing-bench-pinion");
        refresher = () -> pinion.show(pane.housing().benchPinion());
        TextField name = new TextField();
        name.setId("clocked-name");
        name.setPromptText(w.text("housing.clocked_name"));
        ComboBox<ClockedPart.Kind> kind = new ComboBox<>();
        kind.setId("clocked-kind");
        kind.getItems().setAll(ClockedPart.Kind.values());
        kind.setValue(ClockedPart.Kind.LINK_TAB);
        kind.setConverter(Choices.names(pane.wordsSupplier(), one -> "housing.kind." + one.id()));
        Button add = new Button(w.text("housing.clocked_add"));
        add.setId("clocked-add");
        add.setOnAction(event -> {
            if (!name.getText().isBlank()) {
                List<ClockedPart> next = new ArrayList<>(pane.housing().clocked());
                next.add(new ClockedPart(name.getText().strip(), kind.getValue(), 0));
                name.clear();
                pane.set(pane.housing().withClocked(next), w.text("housing.clocking"));
            }
        });
        FlowPane row = new FlowPane(
                10,
                6,
                Labels.over(w.text("housing.bench_pinion"), pinion, Quantity.ANGLE, pane.wordsSupplier()),
                name,
                kind,
                add);
        row.setRowValignment(VPos.BOTTOM);
        return row;
    }

    private void clocked() {
        Words w = pane.words();
        double ride = pane.vehicle().axle(pane.place()).orElseThrow().pinion();
        GridPane grid = new GridPane();
        grid.setHgap(12);
        grid.setVgap(4);
        grid.add(Labels.of(w.text("housing.at_ride"), "second"), 0, 0);
        grid.add(Labels.of(w.text("housing.on_bench_short"), "second"), 1, 0);
        int row = 1;
        for (ClockedPart part : pane.housing().clocked()) {
            part(grid, row, part, ride, w);
            row += 2;
        }
        clocked.getChildren().setAll(grid);
        pane.housing().clocked().stream()
                .filter(part -> part.kind() == ClockedPart.Kind.KNUCKLE)
                .findFirst()
                .ifPresent(knuckle -> clocked.getChildren()
                        .add(Labels.sentence(
                                w.text("housing.caster_trade", Message.angle(knuckle.reading(ride, 0))), "second")));
    }

    private void part(GridPane grid, int row, ClockedPart part, double ride, Words w) {
        MeasureField atRide = new MeasureField(
                Quantity.ANGLE, pane.wordsSupplier(), value -> replaced(part, value), pane.complaints());
        atRide.setId("clocked-" + part.name().replace(' ', '-'));
        atRide.show(part.atRide());
        Label bench = Labels.of(
                w.units()
                        .text(part.reading(ride, pane.housing().benchPinion()), Quantity.ANGLE)
                        .replace("-", "−"),
                "card-number");
        bench.setId("bench-" + part.name().replace(' ', '-'));
        Button gone = new Button("✕");
        gone.getStyleClass().add("pad-button");
        gone.setOnAction(event -> pane.set(
                pane.housing()
                        .withClocked(pane.housing().clocked().stream()
                                .filter(one -> !one.equals(part))
                                .toList()),
                w.text("housing.clocking")));
        grid.add(
                Labels.sentence(
                        part.name() + " – "
                                + w.text("housing.kind." + part.kind().id()),
                        "working-why"),
                0,
                row,
                3,
                1);
        grid.add(Labels.withUnit(atRide, Quantity.ANGLE, pane.wordsSupplier()), 0, row + 1);
        grid.add(bench, 1, row + 1);
        grid.add(gone, 2, row + 1);
    }

    private void replaced(ClockedPart part, double atRide) {
        List<ClockedPart> next = new ArrayList<>(pane.housing().clocked());
        next.set(next.indexOf(part), new ClockedPart(part.name(), part.kind(), atRide));
        pane.set(pane.housing().withClocked(next), part.name());
    }
}
