package org.palanca.desktop.step.place;

import java.util.List;
import java.util.Optional;
import org.palanca.base.words.Message;
import org.palanca.base.words.Verdict;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.placing.BoltFit;
import org.palanca.floor.placing.MountAsBuilt;
import org.palanca.floor.placing.PlacingSheet;
import org.palanca.study.fit.FitWords;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.work.WorkStep;

/** What speaks against ticking a hold of the placing: what the tape found says otherwise. */
final class PlacingHolds {
    private final Vehicle vehicle;
    private final AxlePlace place;

    PlacingHolds(Vehicle vehicle, AxlePlace place) {
        this.vehicle = vehicle;
        this.place = place;
    }

    /** A mount is not read back, and the axle not square, against what the tape says. */
    Optional<Message> objection(WorkStep step) {
        if (step.name().equals("placing.read_back")) {
            Optional<MountAsBuilt> placed = vehicle.build()
                    .found(new MountRef(place, step.subject()))
                    .flatMap(found -> MountAsBuilt.of(vehicle, found));
            if (placed.isEmpty()) {
                return Optional.of(Message.of("placing.not_read", step.subject()));
            }
            double off = placed.get().off().getNorm();
            double mayBeOff = vehicle.build().placing().left();
            if (off > mayBeOff) {
                return Optional.of(
                        Message.of("placing.too_far", step.subject(), Message.fine(off), Message.fine(mayBeOff)));
            }
            return PlacingSheet.of(
                            vehicle,
                            Adjustment.of(vehicle.build().survey()),
                            new MountRef(place, step.subject()),
                            vehicle.build().placing())
                    .filter(sheet -> !sheet.promises())
                    .map(sheet -> Message.of("placing.cannot_tell", sheet.promise()));
        }
        if (step.name().equals("placing.bolts_free")) {
            return BoltFit.of(vehicle, place).stream()
                    .filter(fit -> fit.verdict() == BoltFit.Verdict.FORCED)
                    .findFirst()
                    .map(BoltFit::said);
        }
        if (step.name().equals("placing.square")) {
            List<Verdict> said = FitWords.square(
                    vehicle, place, Adjustment.of(vehicle.build().survey()));
            return said.isEmpty()
                    ? Optional.of(Message.of("placing.square_unknown"))
                    : said.stream()
                            .filter(one -> !one.good())
                            .findFirst()
                            .map(one -> Message.of("placing.not_square", one.message()));
        }
        return Optional.empty();
    }
}
