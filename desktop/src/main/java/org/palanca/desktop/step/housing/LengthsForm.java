package org.palanca.desktop.step.housing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.TilePane;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.vehicle.housing.HousingSize;
import org.palanca.vehicle.housing.HousingSum;

/** Every length of a housing in a field: what is typed, and what follows from it. */
final class LengthsForm {
    private static final List<HousingSize> WIDTHS = List.of(
            HousingSize.WHEEL_FACES,
            HousingSize.ENDS,
            HousingSize.PINION_OFFSET,
            HousingSize.END_OFFSET,
            HousingSize.TUBE_DIAMETER,
            HousingSize.TUBE_WALL,
            HousingSize.TUBE_INSIDE,
            HousingSize.DIFFERENTIAL_DIAMETER,
            HousingSize.DIFFERENTIAL_HEIGHT,
            HousingSize.BRAKE_DIAMETER,
            HousingSize.BRAKE_WIDTH,
            HousingSize.TRACK,
            HousingSize.TYRE_WIDTH,
            HousingSize.FRAME_OUT,
            HousingSize.FRAME_ROOM,
            HousingSize.WHEEL_OFFSET,
            HousingSize.RIM_WIDTH,
            HousingSize.RIM_LIPS,
            HousingSize.BACKSPACING);

    private static final List<String> SIDED = List.of(
            "STACK",
            "HALF",
            "STOP",
            "ENTERS",
            "END",
            "TUBE",
            "TUBE_AND_END",
            "TUBE_BOUGHT",
            "TUBE_CUT_OFF",
            "BARE",
            "GEAR",
            "SHAFT_INNER",
            "SHAFT_OUTER",
            "SHAFT",
            "ENGAGED");

    private static final List<String> REUSED =
            List.of("OLD_HALF", "CUT_OFF", "END_KEPT", "END_MARK", "TUBE_MARK", "RING");

    private final HousingPane pane;
    private final List<Runnable> refreshers = new ArrayList<>();

    LengthsForm(HousingPane pane) {
        this.pane = pane;
    }

    /** The fields of what is measured across, made anew for other words or units. */
    List<Node> widths(Words w) {
        refreshers.clear();
        TilePane widths = new TilePane(8, 6);
        widths.setPrefColumns(2);
        for (HousingSize size : WIDTHS) {
            widths.getChildren()
                    .add(Labels.over(
                            w.text(HousingSum.name(size)), field(size), Quantity.LENGTH, pane.wordsSupplier()));
        }
        return List.of(Labels.sentence(w.text("housing.how"), "second"), widths);
    }

    /** The fields of what is measured on each side. */
    List<Node> sides(Words w) {
        return List.of(grid(SIDED, w));
    }

    /** The fields of a housing that is narrowed, and of ends that are used again. */
    List<Node> reused(Words w) {
        TilePane cuts = new TilePane(8, 6);
        cuts.setPrefColumns(2);
        for (HousingSize size : List.of(HousingSize.WELD_GAP, HousingSize.KERF)) {
            cuts.getChildren()
                    .add(Labels.over(
                            w.text(HousingSum.name(size)), field(size), Quantity.LENGTH, pane.wordsSupplier()));
        }
        return List.of(Labels.sentence(w.text("housing.reused_how"), "second"), cuts, grid(REUSED, w));
    }

    private GridPane grid(List<String> sizes, Words w) {
        GridPane grid = new GridPane();
        grid.setHgap(8);
        grid.setVgap(4);
        grid.add(Labels.of(w.text("side.left"), "form-title"), 0, 0);
        grid.add(Labels.of(w.text("side.right"), "form-title"), 1, 0);
        for (int i = 0; i < sizes.size(); i++) {
            String base = sizes.get(i);
            Label name = Labels.sentence(w.text("housing.pair." + base.toLowerCase(Locale.ROOT)), "second");
            grid.add(name, 0, 1 + 2 * i, 2, 1);
            grid.add(sided(base + "_LEFT"), 0, 2 + 2 * i);
            grid.add(sided(base + "_RIGHT"), 1, 2 + 2 * i);
        }
        return grid;
    }

    private Node sided(String size) {
        return Labels.withUnit(field(HousingSize.valueOf(size)), Quantity.LENGTH, pane.wordsSupplier());
    }

    /** Shows what is known now. */
    void refresh() {
        refreshers.forEach(Runnable::run);
    }

    /** Typed sizes stand bold; what follows from them is hinted at, and can be typed over. */
    private MeasureField field(HousingSize size) {
        MeasureField field = new MeasureField(
                Quantity.LENGTH,
                pane.wordsSupplier(),
                value -> pane.set(
                        pane.housing().with(size, OptionalDouble.of(value)),
                        pane.words().text(HousingSum.name(size))),
                pane.complaints());
        field.setId("housing-" + size.id().replace('_', '-'));
        field.setOnCleared(() -> pane.set(
                pane.housing().with(size, OptionalDouble.empty()), pane.words().text(HousingSum.name(size))));
        refreshers.add(() -> {
            HousingSum sum = pane.housing().sum();
            if (sum.known().containsKey(size)) {
                field.show(sum.known().get(size));
            } else {
                field.showNone(
                        sum.size(size).isPresent()
                                ? pane.words()
                                        .units()
                                        .format(sum.size(size).getAsDouble(), Quantity.LENGTH)
                                        .number()
                                        .replace("-", "−")
                                : "");
            }
            String tells = pane.words().text(HousingSum.name(size))
                    + (sum.size(size).isPresent()
                            ? ", " + pane.words().units().text(sum.size(size).getAsDouble(), Quantity.LENGTH)
                            : "");
            field.setAccessibleText(tells);
        });
        return field;
    }
}
