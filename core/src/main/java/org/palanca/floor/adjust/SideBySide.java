package org.palanca.floor.adjust;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.palanca.base.geometry.Side;
import org.palanca.base.geometry.SidedName;
import org.palanca.base.units.Lengths;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;
import org.palanca.vehicle.survey.Survey;

/**
 * The same measurement on the left and on the right: marks whose names differ only in the word left or right. They agree on
 * a straight vehicle; where they don't, one is misread or the vehicle is crooked, and only a second look tells which.
 *
 * @param left the reading on the left
 * @param right its counterpart
 * @param difference left less right, sideways offsets taken outwards [m or rad]
 */
public record SideBySide(Reading left, Reading right, double difference) {
    /** Differences under this are how vehicles are [m]: 1/4 in, common practice, no source. */
    private static final double WORTH_A_LOOK = Lengths.inches(1.0 / 4);

    private static final double WORTH_AN_ANGLE = Math.toRadians(1);

    /** All pairs, in the order the left one was taken. */
    public static List<SideBySide> of(Survey survey) {
        List<SideBySide> pairs = new ArrayList<>();
        for (Reading left : survey.readings()) {
            String from = other(left.from());
            String to = other(left.to());
            boolean sided = leftNamed(left.from()) || leftNamed(left.to());
            boolean plain = left.kind() != ReadingKind.PLUMB && !left.values().isEmpty();
            if (!sided || !plain) {
                continue;
            }
            Reading wanted = new Reading(left.kind(), from, to, left.values(), left.instrument(), left.spread());
            survey.readings().stream()
                    .filter(reading -> reading != left && reading.sameAs(wanted))
                    .findFirst()
                    .ifPresent(right -> pairs.add(new SideBySide(left, right, difference(left, right))));
        }
        return pairs;
    }

    private static double difference(Reading left, Reading right) {
        return left.kind() == ReadingKind.OFFSET ? left.value() + right.value() : left.value() - right.value();
    }

    /** Whether it is more than straight vehicles differ. */
    public boolean worthALook() {
        double enough = left.kind() == ReadingKind.SLOPE ? WORTH_AN_ANGLE : WORTH_A_LOOK;
        return Math.abs(difference) > enough;
    }

    private static boolean leftNamed(String mark) {
        return SidedName.of(mark).side().equals(Optional.of(Side.LEFT));
    }

    /** The name of the mark on the other side; the same where a name tells no side. */
    public static String other(String mark) {
        return SidedName.of(mark).mirrored();
    }
}
