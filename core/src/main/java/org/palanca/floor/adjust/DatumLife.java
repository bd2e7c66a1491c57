package org.palanca.floor.adjust;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.palanca.vehicle.survey.Cut;
import org.palanca.vehicle.survey.Mark;

/**
 * A mark that a planned cut takes away, and the measures from marks that stay by which it is found again.
 *
 * @param mark the mark that goes
 * @param cut the cut that takes it
 * @param again how it is put back
 */
public record DatumLife(Mark mark, Cut cut, FindAgain again) {
    /** Every mark that goes, with what will stand in for it. */
    public static List<DatumLife> of(Adjustment adjustment) {
        List<Mark> stays = lasting(adjustment);
        List<DatumLife> going = new ArrayList<>();
        for (Mark mark : adjustment.survey().marks()) {
            cutting(adjustment, mark)
                    .ifPresent(cut -> going.add(new DatumLife(mark, cut, FindAgain.of(adjustment, mark, stays))));
        }
        return List.copyOf(going);
    }

    /** The marks that a cut takes and that could not be found again by what has been read so far. */
    public static List<DatumLife> unread(Adjustment adjustment, Cut cut) {
        return of(adjustment).stream()
                .filter(life -> life.cut().equals(cut) && !life.again().read())
                .toList();
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
