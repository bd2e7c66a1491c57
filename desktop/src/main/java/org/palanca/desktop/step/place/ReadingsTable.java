package org.palanca.desktop.step.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.palanca.base.units.Quantity;
import org.palanca.base.units.ReadingLimits;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.FractionText;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.floor.adjust.SurveyRemark;
import org.palanca.floor.placing.PlacingSheet;
import org.palanca.vehicle.MountReadings;
import org.palanca.vehicle.survey.Reading;

/** What each tape must show for a mount, how far off it may be, and what it showed. */
final class ReadingsTable {
    private final PlacePane pane;

    ReadingsTable(PlacePane pane) {
        this.pane = pane;
    }

    GridPane table(PlacingSheet sheet, Words w) {
        GridPane grid = new GridPane();
        grid.setHgap(8);
        grid.setVgap(2);
        grid.add(Labels.of(w.text("placing.reads_and_found"), "second"), 0, 0, 2, 1);
        ColumnConstraints rest = new ColumnConstraints();
        rest.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().setAll(new ColumnConstraints(), rest);
        List<PlacingSheet.Tape> all = new ArrayList<>(sheet.tapes());
        all.addAll(sheet.checks());
        for (int i = 0; i < all.size(); i++) {
            row(grid, i + 1, all.get(i), i >= sheet.tapes().size(), sheet, w);
        }
        return grid;
    }

    private void row(GridPane grid, int row, PlacingSheet.Tape tape, boolean check, PlacingSheet sheet, Words w) {
        Reading reading = tape.reading();
        String from = reading.kind().between()
                ? w.text(check ? "placing.check_from" : "placing.tape_from", reading.from())
                : w.text("placing.height");
        Label name = Labels.of(from, check ? "second" : "step-name");
        name.setWrapText(true);
        name.setMinHeight(Region.USE_PREF_SIZE);
        FractionText must = new FractionText(check ? 1.3 : 1.9);
        must.setId("must-" + row);
        ReadingLimits limits = w.units().limits(reading.value(), tape.allowed());
        must.show(new UnitStyle.Text(limits.number(), w.units().unit(Quantity.LENGTH)));
        must.setAlignment(Pos.CENTER_LEFT);
        MeasureField blank = new MeasureField(
                        Quantity.LENGTH, pane.wordsSupplier(), value -> found(sheet, reading, value), pane.complaints())
                .asRead();
        blank.setId("found-" + row);
        blank.setOnCleared(() -> drop(sheet, reading));
        Optional<Reading> read = pane.build().found(sheet.mount()).flatMap(one -> taken(one, reading));
        read.ifPresentOrElse(taken -> blank.show(taken.value()), () -> blank.showNone(""));
        boolean outside = read.filter(taken -> limits.outside(taken.value())).isPresent();
        blank.setOutside(outside);
        Label allowed = Labels.of(limits.margin(), outside ? "limit" : "second");
        allowed.setId("allowed-" + row);
        allowed.setMinWidth(Region.USE_PREF_SIZE);
        must.setMinWidth(Region.USE_PREF_SIZE);
        HBox blankWithUnit = Labels.withUnit(blank, Quantity.LENGTH, pane.wordsSupplier());
        blankWithUnit.setMinWidth(Region.USE_PREF_SIZE);
        grid.add(Labels.of(Integer.toString(row), "step-name"), 0, 2 * row - 1);
        grid.add(name, 1, 2 * row - 1);
        // Side by side where the column is wide enough for both, else below one another.
        VBox numbers = new VBox(must, allowed);
        numbers.getStyleClass().add("must-read");
        FlowPane pair = new FlowPane(10, 2, numbers, blankWithUnit);
        grid.add(pair, 1, 2 * row);
    }

    /** What was read from other marks than these, as when a sheet was printed before the survey grew: it counts as well. */
    VBox alsoRead(PlacingSheet sheet, Words w) {
        VBox box = new VBox(3);
        List<Reading> read =
                pane.build().found(sheet.mount()).map(MountReadings::readings).orElse(List.of());
        for (Reading reading : read) {
            if (sheet.readings().stream().noneMatch(reading::sameAs)) {
                String text = w.text(
                        "placing.also_read",
                        w.text(SurveyRemark.phrase(reading)),
                        w.units().text(reading.value(), reading.kind().quantity()));
                Button drop = Labels.button("drop-found-" + read.indexOf(reading), "✕", () -> drop(sheet, reading));
                drop.setAccessibleText(w.text("measure.drop", text));
                HBox row = new HBox(8, Labels.of(text, "second"), drop);
                row.setAlignment(Pos.CENTER_LEFT);
                box.getChildren().add(row);
            }
        }
        return box;
    }

    private static Optional<Reading> taken(MountReadings found, Reading wanted) {
        return found.readings().stream().filter(wanted::sameAs).findFirst();
    }

    private void found(PlacingSheet sheet, Reading reading, double value) {
        List<Reading> next = others(sheet, reading);
        next.add(reading.withValues(List.of(value)));
        pane.change(
                build -> build.with(new MountReadings(sheet.mount(), next)),
                "found",
                sheet.mount().mount());
    }

    private void drop(PlacingSheet sheet, Reading reading) {
        pane.change(
                build -> build.with(new MountReadings(sheet.mount(), others(sheet, reading))),
                "found",
                sheet.mount().mount());
    }

    private List<Reading> others(PlacingSheet sheet, Reading reading) {
        List<Reading> others = new ArrayList<>(
                pane.build().found(sheet.mount()).map(MountReadings::readings).orElse(List.of()));
        others.removeIf(reading::sameAs);
        return others;
    }
}
