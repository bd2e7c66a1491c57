package org.palanca.floor.adjust;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.palanca.base.units.Lengths;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;

/**
 * What slip would explain a reading that does not fit: the kinds a person with a tape makes. A reading with the slip undone
 * must come within three standard deviations of where the others put it.
 *
 * @param kind what happened
 * @param meant what was probably meant [m or rad]; the value itself where another mark was meant
 * @param mark the mark that was meant; empty text where the mark is right
 */
public record LikelyBlunder(Kind kind, double meant, String mark) {
    private LikelyBlunder(Kind kind, double meant) {
        this(kind, meant, "");
    }

    /** The slips that are known. */
    public enum Kind {
        /** The foot mark was misread. */
        FOOT,
        /** The tape was read an inch off, or held at its inch mark and the inch forgotten. */
        INCH,
        /** The fraction was misread by a half, a quarter or an eighth: 3/8 for 5/8. */
        FRACTION,
        /** Left was written for right. */
        OTHER_SIDE,
        /** Ahead was written for behind. */
        OTHER_END,
        /** The slope was read from the other end. */
        OTHER_WAY,
        /** It was measured to the mark of that name on the other side. */
        OTHER_MARK,
        /** Millimetres were read where inches were meant, or inches for millimetres. */
        UNIT
    }

    private static final double WITHIN = 3;

    /** The slip that fits best, if one does: a value misread, else a mark on the wrong side. */
    public static Optional<LikelyBlunder> of(Adjustment adjustment, Reading reading) {
        Adjustment without = adjustment.without(reading);
        return without.expected(reading)
                .flatMap(expected -> misread(reading, expected))
                .or(() -> otherMark(without, reading));
    }

    /** Where the value fits the mark's image on the other side as the other readings place it. */
    private static Optional<LikelyBlunder> otherMark(Adjustment without, Reading reading) {
        for (String mark : List.of(reading.from(), reading.to())) {
            String image = SideBySide.other(mark);
            boolean known = !image.equals(mark) && without.survey().mark(image).isPresent();
            if (known && fits(without, swapped(reading, mark, image))) {
                return Optional.of(new LikelyBlunder(Kind.OTHER_MARK, reading.value(), image));
            }
        }
        return Optional.empty();
    }

    /** The reading with one mark in the place of another. */
    static Reading swapped(Reading reading, String mark, String image) {
        return new Reading(
                reading.kind(),
                reading.from().equals(mark) ? image : reading.from(),
                reading.to().equals(mark) ? image : reading.to(),
                reading.values(),
                reading.instrument(),
                reading.spread());
    }

    private static boolean fits(Adjustment without, Reading reading) {
        return without.expected(reading)
                .filter(expected -> Math.abs(expected.value() - reading.value())
                        < WITHIN * Math.hypot(reading.standardDeviation(), expected.deviation()))
                .isPresent();
    }

    private static Optional<LikelyBlunder> misread(Reading reading, Adjustment.Expected expected) {
        double error = reading.value() - expected.value();
        double near = WITHIN * Math.hypot(reading.standardDeviation(), expected.deviation());
        return slips(reading, reading.value(), error).stream()
                .filter(slip -> Math.abs(slip.meant() - expected.value()) < near)
                .filter(slip -> Math.abs(slip.meant() - expected.value()) < Math.abs(error) / 2)
                .min(Comparator.comparingDouble(slip -> Math.abs(slip.meant() - expected.value())));
    }

    private static List<LikelyBlunder> slips(Reading reading, double read, double error) {
        double back = -Math.signum(error);
        List<LikelyBlunder> all = new ArrayList<>();
        switch (reading.kind()) {
            case OFFSET -> all.add(new LikelyBlunder(Kind.OTHER_SIDE, -read));
            case AHEAD -> all.add(new LikelyBlunder(Kind.OTHER_END, -read));
            case RISE, SLOPE -> all.add(new LikelyBlunder(Kind.OTHER_WAY, -read));
            default -> {
                // Nothing that a sign could do: distances and heights have none.
            }
        }
        if (reading.kind() != ReadingKind.SLOPE) {
            all.add(new LikelyBlunder(Kind.FOOT, read + back * Lengths.inches(12)));
            all.add(new LikelyBlunder(Kind.INCH, read + back * Lengths.INCH));
            for (double part : new double[] {1.0 / 2, 1.0 / 4, 1.0 / 8}) {
                all.add(new LikelyBlunder(Kind.FRACTION, read + back * part * Lengths.INCH));
            }
            all.add(new LikelyBlunder(Kind.UNIT, read * Lengths.INCH / Lengths.MILLIMETRE));
            all.add(new LikelyBlunder(Kind.UNIT, read * Lengths.MILLIMETRE / Lengths.INCH));
        }
        return all;
    }
}
