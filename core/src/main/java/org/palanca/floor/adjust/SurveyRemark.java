package org.palanca.floor.adjust;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Cut;
import org.palanca.vehicle.survey.Instrument;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;

/**
 * Something that the person with the tape should know, most pressing first.
 *
 * @param level whether places can be trusted at all
 * @param marks marks it is about
 * @param message what, by how much, and what to do
 * @param fix a change of one reading that would put it right; empty where only measuring will
 */
public record SurveyRemark(Level level, List<String> marks, Message message, Optional<SurveyFix> fix) {
    private SurveyRemark(Level level, List<String> marks, Message message) {
        this(level, marks, message, Optional.empty());
    }

    /** How pressing it is. */
    public enum Level {
        /** A place is not known. */
        MISSING,
        /** Something is probably wrong. */
        DOUBT,
        /** Good to know. */
        ADVICE
    }

    /** So many suspects are named; of more, how many more there are. */
    private static final int NAMED = 4;

    /** Everything to be said of a survey. */
    public static List<SurveyRemark> of(Adjustment adjustment) {
        List<SurveyRemark> remarks = new ArrayList<>();
        free(adjustment, remarks);
        Optional<BlunderCandidates> suspects = BlunderCandidates.of(adjustment);
        suspects.ifPresent(some -> remarks.add(
                some.alone() ? outlier(adjustment, adjustment.outlier().orElseThrow()) : oneOf(adjustment, some)));
        repeats(adjustment, remarks);
        sides(adjustment, suspects.filter(BlunderCandidates::alone), remarks);
        cuts(adjustment, remarks);
        unchecked(adjustment, remarks);
        NextReading.of(adjustment).ifPresent(next -> remarks.add(next(next)));
        return List.copyOf(remarks);
    }

    private static void free(Adjustment adjustment, List<SurveyRemark> remarks) {
        for (Mark mark : adjustment.survey().marks()) {
            if (!adjustment.free(mark.name()).isEmpty()) {
                Message axes = joined(adjustment.free(mark.name()).stream()
                        .map(axis -> Message.of("survey.axis." + axis.id()))
                        .toList());
                remarks.add(new SurveyRemark(
                        Level.MISSING,
                        List.of(mark.name()),
                        Message.of("survey.free", mark.name(), axes, cure(adjustment, mark))));
            }
        }
        // A reading that is far off keeps the places from coming to rest; it is named instead.
        if (!adjustment.settled() && adjustment.outlier().isEmpty()) {
            remarks.add(new SurveyRemark(Level.MISSING, List.of(), Message.of("survey.unsettled")));
        }
    }

    private static Message cure(Adjustment adjustment, Mark mark) {
        Axis axis = adjustment.free(mark.name()).iterator().next();
        return Message.of("survey.cure." + axis.id(), mark.name());
    }

    private static SurveyRemark outlier(Adjustment adjustment, Adjustment.Residual outlier) {
        Reading reading = outlier.reading();
        Quantity quantity = reading.kind().quantity();
        if (reading.kind() == ReadingKind.PLUMB) {
            Axis axis = outlier.part() == 0 ? Axis.AHEAD : Axis.LEFT;
            return new SurveyRemark(
                    Level.DOUBT,
                    marks(reading),
                    Message.of(
                            "survey.outlier_plumb",
                            phrase(reading),
                            Message.length(Math.abs(outlier.errorIfWrong())),
                            Message.of("survey.axis." + axis.id())));
        }
        Optional<LikelyBlunder> slip = LikelyBlunder.of(adjustment, reading);
        double error = adjustment
                .without(reading)
                .expected(reading)
                .map(expected -> outlier.measured() - expected.value())
                .orElse(outlier.errorIfWrong());
        Message advice = slip.map(found -> Message.of(
                        "survey.blunder." + found.kind().name().toLowerCase(Locale.ROOT),
                        measure(quantity, found.meant()),
                        found.mark()))
                .orElse(Message.of("survey.blunder.none"));
        return new SurveyRemark(
                Level.DOUBT,
                marks(reading),
                Message.of(
                        "survey.outlier",
                        phrase(reading),
                        measure(quantity, outlier.measured()),
                        measure(quantity, Math.abs(error)),
                        Message.of(error > 0 ? "survey.too_long" : "survey.too_short"),
                        advice),
                slip.map(found -> fix(reading, found)));
    }

    private static SurveyFix fix(Reading reading, LikelyBlunder slip) {
        Quantity quantity = reading.kind().quantity();
        return slip.kind() == LikelyBlunder.Kind.OTHER_MARK
                ? new SurveyFix(
                        Message.of("survey.fix.mark", slip.mark()),
                        reading,
                        Optional.of(LikelyBlunder.swapped(reading, SideBySide.other(slip.mark()), slip.mark())))
                : new SurveyFix(
                        Message.of(
                                "survey.fix.replace",
                                measure(quantity, reading.value()),
                                measure(quantity, slip.meant())),
                        reading,
                        Optional.of(reading.withValues(List.of(quantity.onGrid(slip.meant())))));
    }

    /** Too little is measured to tell which of several readings is wrong: all are named, and the reading that decides. */
    private static SurveyRemark oneOf(Adjustment adjustment, BlunderCandidates suspects) {
        List<Message> named = suspects.readings().stream()
                .limit(NAMED)
                .map(reading -> suspect(adjustment, reading))
                .toList();
        int more = suspects.readings().size() - named.size();
        Message all = more > 0 ? Message.of("survey.and_more", joined(named), Integer.toString(more)) : joined(named);
        Message advice = suspects.decides()
                .map(reading -> Message.of(suspects.settles() ? "survey.decides" : "survey.narrows", phrase(reading)))
                .orElse(Message.of("survey.none_decides"));
        return new SurveyRemark(
                Level.DOUBT, marks(suspects.readings().get(0)), Message.of("survey.one_of", all, advice));
    }

    private static Message suspect(Adjustment adjustment, Reading reading) {
        if (reading.values().isEmpty()) {
            return phrase(reading);
        }
        Object value = measure(reading.kind().quantity(), reading.value());
        return LikelyBlunder.of(adjustment, reading)
                .filter(slip -> slip.kind() != LikelyBlunder.Kind.OTHER_MARK)
                .map(slip -> Message.of(
                        "survey.suspect_value",
                        phrase(reading),
                        value,
                        measure(reading.kind().quantity(), slip.meant())))
                .orElse(Message.of("survey.suspect", phrase(reading), value));
    }

    private static void repeats(Adjustment adjustment, List<SurveyRemark> remarks) {
        for (Reading reading : adjustment.survey().readings()) {
            List<Double> aside = reading.setAside();
            if (!aside.isEmpty()) {
                Quantity quantity = reading.kind().quantity();
                remarks.add(new SurveyRemark(
                        Level.DOUBT,
                        marks(reading),
                        Message.of(
                                "survey.repeats",
                                phrase(reading),
                                measure(quantity, aside.get(0)),
                                measure(quantity, reading.value())),
                        Optional.of(new SurveyFix(
                                Message.of("survey.fix.drop", measure(quantity, aside.get(0))),
                                reading,
                                Optional.of(reading.withValues(reading.agreeing()))))));
            }
        }
    }

    /** A pair that differs because of the reading that is told to be wrong is told already. */
    private static void sides(Adjustment adjustment, Optional<BlunderCandidates> alone, List<SurveyRemark> remarks) {
        for (SideBySide pair : SideBySide.of(adjustment.survey())) {
            boolean told = alone.map(wrong -> wrong.readings().get(0))
                    .filter(wrong -> wrong.equals(pair.left()) || wrong.equals(pair.right()))
                    .isPresent();
            if (pair.worthALook() && !told) {
                remarks.add(new SurveyRemark(
                        Level.DOUBT,
                        marks(pair.left()),
                        Message.of(
                                "survey.sides",
                                phrase(pair.left()),
                                phrase(pair.right()),
                                measure(pair.left().kind().quantity(), Math.abs(pair.difference())))));
            }
        }
    }

    private static void cuts(Adjustment adjustment, List<SurveyRemark> remarks) {
        List<String> schemes =
                adjustment.survey().cuts().stream().map(Cut::scheme).distinct().toList();
        for (String scheme : schemes) {
            CutPlan plan = CutPlan.of(adjustment, scheme);
            for (CutPlan.In in : plan.forbidden()) {
                remarks.add(new SurveyRemark(
                        Level.DOUBT,
                        List.of(),
                        Message.of(
                                "survey.cut." + in.zone().rule().id(),
                                in.cut().name(),
                                in.zone().name())));
            }
            for (CutPlan.Loses loses : plan.supports()) {
                remarks.add(new SurveyRemark(
                        Level.DOUBT,
                        List.of(),
                        Message.of(
                                "survey.support",
                                loses.cut().name(),
                                loses.support().name(),
                                loses.support().holds())));
            }
            for (DatumLife life : plan.marks()) {
                remarks.add(dying(life));
            }
        }
        List<SurveyRemark> once = remarks.stream().distinct().toList();
        remarks.clear();
        remarks.addAll(once);
    }

    private static SurveyRemark dying(DatumLife life) {
        FindAgain again = life.again();
        String key = life.cut().done() ? "survey.mark_gone" : "survey.mark_goes";
        Message instead;
        if (!again.possible()) {
            instead = Message.of("survey.no_instead");
        } else {
            String how = life.cut().done() ? "survey.find" : again.read() ? "survey.find_read" : "survey.find_first";
            instead = Message.of(
                    how,
                    measures(again.measures()),
                    Message.fine(again.uncertainty()),
                    measures(again.plumb()),
                    Message.fine(again.plumbUncertainty()));
        }
        return new SurveyRemark(
                again.read() && !life.cut().done() ? Level.ADVICE : Level.DOUBT,
                List.of(life.mark().name()),
                Message.of(key, life.mark().name(), life.cut().name(), instead));
    }

    private static Message measures(List<Reading> readings) {
        return joined(readings.stream()
                .map(reading -> Message.of(
                        "survey.suspect",
                        phrase(reading),
                        measure(reading.kind().quantity(), reading.value())))
                .toList());
    }

    private static void unchecked(Adjustment adjustment, List<SurveyRemark> remarks) {
        List<Reading> alone = adjustment.unchecked().stream()
                .filter(reading -> reading.instrument() != Instrument.SCANNER)
                .toList();
        if (!alone.isEmpty()) {
            remarks.add(new SurveyRemark(
                    Level.ADVICE,
                    marks(alone.get(0)),
                    alone.size() == 1
                            ? Message.of("survey.unchecked_one", phrase(alone.get(0)))
                            : Message.of("survey.unchecked", Integer.toString(alone.size()), phrase(alone.get(0)))));
        }
    }

    private static SurveyRemark next(NextReading next) {
        String mark = next.mark();
        if (Double.isInfinite(next.before())) {
            String key = Double.isInfinite(next.after()) ? "survey.next_towards" : "survey.next_free";
            return new SurveyRemark(Level.ADVICE, List.of(mark), Message.of(key, phrase(next.reading()), mark));
        }
        return new SurveyRemark(
                Level.ADVICE,
                List.of(mark),
                Message.of(
                        "survey.next",
                        phrase(next.reading()),
                        mark,
                        Long.toString(Math.round(100 * (1 - next.after() / next.before())))));
    }

    /** What a reading is of, such as: tape A to B. */
    public static Message phrase(Reading reading) {
        return Message.of("survey.phrase." + reading.kind().id(), reading.from(), reading.to());
    }

    private static Object measure(Quantity quantity, double value) {
        return new Message.Measure(value, quantity);
    }

    private static List<String> marks(Reading reading) {
        return reading.kind().between() ? List.of(reading.from(), reading.to()) : List.of(reading.from());
    }

    private static Message joined(List<Message> parts) {
        return parts.stream()
                .collect(Collectors.reducing((a, b) -> Message.of("list.and", a, b)))
                .orElseThrow();
    }
}
