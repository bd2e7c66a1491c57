package org.palanca.desktop.step.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.palanca.base.words.Words;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.SideBySide;
import org.palanca.floor.adjust.SurveyRemark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;

/** What the others say of the measurement in hand, what was read of it, and what its image on the other side reads. */
final class ReadingHint {
    private ReadingHint() {}

    static String of(Adjustment adjustment, Reading wanted, Words w) {
        ReadingKind what = wanted.kind();
        Optional<Reading> taken = find(adjustment, wanted);
        List<String> parts = new ArrayList<>();
        parts.add(w.text(SurveyRemark.phrase(wanted)));
        taken.filter(reading -> !reading.values().isEmpty())
                .ifPresent(reading -> parts.add(w.text(
                        reading.values().size() > 1 ? "measure.taken" : "measure.taken_once",
                        w.units().text(reading.value(), what.quantity()),
                        Integer.toString(reading.values().size()),
                        w.units().text(reading.range(), what.quantity()))));
        Optional<Double> others = taken.isPresent()
                ? taken.flatMap(adjustment::byTheOthers)
                : adjustment.expected(wanted).map(Adjustment.Expected::value);
        others.filter(value -> what != ReadingKind.PLUMB)
                .ifPresent(value -> parts.add(w.text("measure.others", w.units().text(value, what.quantity()))));
        Reading image = Reading.of(
                what, SideBySide.other(wanted.from()), what.between() ? SideBySide.other(wanted.to()) : "", 1);
        find(adjustment, image)
                .filter(reading -> !image.equals(wanted) && !reading.values().isEmpty())
                .ifPresent(reading ->
                        parts.add(w.text("measure.other_side", w.units().text(reading.value(), what.quantity()))));
        return String.join("   ", parts);
    }

    private static Optional<Reading> find(Adjustment adjustment, Reading wanted) {
        return adjustment.survey().readings().stream().filter(wanted::sameAs).findFirst();
    }
}
