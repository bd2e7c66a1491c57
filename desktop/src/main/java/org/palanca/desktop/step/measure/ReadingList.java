package org.palanca.desktop.step.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.SurveyRemark;
import org.palanca.vehicle.survey.Reading;

/** Every reading of a survey, the worst misfit first, each to be corrected or dropped where it stands. */
final class ReadingList extends VBox {
    /** So many are shown before the rest is asked for. */
    private static final int FIRST = 6;

    private final Supplier<Words> words;
    private final Consumer<String> complain;
    private final BiConsumer<Reading, Optional<Reading>> corrected;

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private Adjustment adjustment;

    private boolean whole;

    /**
     * @param complain told what is wrong with what was typed
     * @param corrected told a reading and what it is to be; empty where it goes
     */
    ReadingList(Supplier<Words> words, Consumer<String> complain, BiConsumer<Reading, Optional<Reading>> corrected) {
        super(6);
        this.words = words;
        this.complain = complain;
        this.corrected = corrected;
        setId("reading-list");
    }

    /** Shows the readings of a survey. */
    void show(Adjustment next) {
        adjustment = next;
        Words w = words.get();
        getChildren().setAll(Labels.of(w.text("measure.readings"), "form-title"));
        Map<Reading, Adjustment.Residual> worst = new LinkedHashMap<>();
        adjustment.residuals().stream()
                .sorted(Comparator.comparing(Adjustment.Residual::unchecked)
                        .thenComparingDouble(residual -> -Math.abs(residual.normalised())))
                .forEach(residual -> worst.putIfAbsent(residual.reading(), residual));
        List<Adjustment.Residual> rows = new ArrayList<>(worst.values());
        int shown = whole ? rows.size() : Math.min(FIRST, rows.size());
        for (int i = 0; i < shown; i++) {
            getChildren().add(row(rows.get(i), i, w));
        }
        if (rows.size() > FIRST) {
            String key = whole ? "measure.readings_fewer" : "measure.readings_all";
            getChildren().add(Labels.button("readings-all", w.text(key, Integer.toString(rows.size())), () -> {
                whole = !whole;
                show(adjustment);
            }));
        }
    }

    private VBox row(Adjustment.Residual residual, int number, Words w) {
        Reading reading = residual.reading();
        String phrase = w.text(SurveyRemark.phrase(reading));
        Label name = Labels.sentence(phrase, "working-why");
        boolean doubtful = Math.abs(residual.normalised()) > Adjustment.OUTLIER;
        Label fit = Labels.of(fits(residual, w), doubtful ? "limit" : "second");
        fit.setId("reading-fit-" + number);
        fit.setMinWidth(Region.USE_PREF_SIZE);
        HBox values = new HBox(6);
        values.setAlignment(Pos.CENTER_LEFT);
        for (int i = 0; i < reading.values().size(); i++) {
            values.getChildren().add(field(reading, i, "reading-" + number + (i == 0 ? "" : "-" + i), phrase));
        }
        Button gone = Labels.button("reading-drop-" + number, "✕", () -> corrected.accept(reading, Optional.empty()));
        gone.setAccessibleText(w.text("measure.drop", phrase));
        values.getChildren().addAll(fit, gone);
        return new VBox(1, name, values);
    }

    private String fits(Adjustment.Residual residual, Words w) {
        if (residual.unchecked()) {
            return w.text("measure.reading_unchecked");
        }
        Quantity quantity = residual.reading().kind().quantity();
        double left = residual.left();
        String amount = quantity == Quantity.LENGTH
                ? w.units().fine(Math.abs(left))
                : w.units().text(Math.abs(left), quantity);
        return w.text(left > 0 ? "measure.reading_long" : "measure.reading_short", amount);
    }

    private MeasureField field(Reading reading, int index, String id, String phrase) {
        MeasureField field = new MeasureField(
                        reading.kind().quantity(),
                        words,
                        value -> corrected.accept(reading, with(reading, index, value)),
                        complain)
                .asRead();
        field.setId(id);
        field.setAccessibleText(phrase);
        field.show(reading.values().get(index));
        return field;
    }

    private static Optional<Reading> with(Reading reading, int index, double value) {
        List<Double> values = new ArrayList<>(reading.values());
        values.set(index, value);
        return Optional.of(reading.withValues(values));
    }
}
