package org.palanca.survey.adjust;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.palanca.survey.Cut;
import org.palanca.survey.Mark;

/**
 * A mark that a planned cut takes away, and the mark that stays from which it can be found again.
 *
 * @param mark the mark that goes
 * @param cut the cut that takes it
 * @param stays the nearest mark that no planned cut takes; empty when all go or none is placed
 * @param distance from the one that stays [m], with its standard deviation
 */
public record DatumLife(Mark mark, Cut cut, Optional<Mark> stays, Adjustment.Distance distance) {
    /** Every mark that goes, with what will stand in for it. */
    public static List<DatumLife> of(Adjustment adjustment) {
        List<DatumLife> going = new ArrayList<>();
        for (Mark mark : adjustment.survey().marks()) {
            cutting(adjustment, mark).ifPresent(cut -> {
                Optional<Mark> stays = adjustment.placed().stream()
                        .filter(other -> cutting(adjustment, other).isEmpty())
                        .min(Comparator.comparingDouble(other ->
                                adjustment.distance(mark.name(), other.name()).metres()));
                Adjustment.Distance distance = stays.map(other -> adjustment.distance(mark.name(), other.name()))
                        .orElse(new Adjustment.Distance(0, 0));
                going.add(new DatumLife(mark, cut, stays, distance));
            });
        }
        return List.copyOf(going);
    }

    /** The cut that takes a mark away, if one is planned. */
    public static Optional<Cut> cutting(Adjustment adjustment, Mark mark) {
        return adjustment.survey().cuts().stream()
                .filter(cut -> mark.onVehicle() && cut.room().contains(adjustment.place(mark.name())))
                .findFirst();
    }

    /** The marks that stay whatever is cut, and whose place is known. */
    public static List<Mark> lasting(Adjustment adjustment) {
        return adjustment.placed().stream()
                .filter(mark -> cutting(adjustment, mark).isEmpty())
                .toList();
    }
}
