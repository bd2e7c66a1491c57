package org.palanca.desktop.step.housing;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.palanca.base.geometry.Side;
import org.palanca.base.words.Message;
import org.palanca.vehicle.housing.DialReading;
import org.palanca.vehicle.housing.DialWords;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.PurchasedPart;
import org.palanca.vehicle.housing.Straightness;
import org.palanca.vehicle.work.WorkStep;

/** What speaks against ticking a hold of the work on a housing: what has been measured says otherwise. */
final class HousingHolds {
    private final Housing housing;

    HousingHolds(Housing housing) {
        this.housing = housing;
    }

    /** A hold is not ticked against what has been measured. */
    Optional<Message> objection(WorkStep step) {
        return switch (step.name()) {
            case "housing.parts_meet" ->
                PurchasedPart.mismatches(housing.parts()).stream().findFirst();
            case "housing.dial_between" -> missing(DialReading.Stage.BETWEEN);
            case "housing.dial_after" -> missing(DialReading.Stage.AFTER).or(this::notSquare);
            case "housing.ends_square" -> notSquare();
            default -> Optional.empty();
        };
    }

    private Optional<Message> missing(DialReading.Stage stage) {
        for (Side side : Side.values()) {
            if (housing.dial(side).stream().noneMatch(dial -> dial.stage() == stage)) {
                return Optional.of(Message.of(
                        "housing.dial_missing",
                        Message.of("housing.dial." + side.id()),
                        Message.of("housing.stage." + stage.name().toLowerCase(Locale.ROOT))));
            }
        }
        return Optional.empty();
    }

    private Optional<Message> notSquare() {
        for (Side side : Side.values()) {
            List<DialReading> taken = housing.dial(side);
            if (taken.isEmpty()) {
                return Optional.of(Message.of(
                        "housing.dial_missing",
                        Message.of("housing.dial." + side.id()),
                        Message.of("housing.stage.after")));
            }
            Straightness last = Straightness.of(side, taken.get(taken.size() - 1));
            Straightness.Verdict verdict = last.verdict(housing.accepted(), housing.seat());
            if (verdict == Straightness.Verdict.OPEN) {
                return Optional.of(DialWords.of(housing, side, taken.get(taken.size() - 1)));
            }
            if (verdict == Straightness.Verdict.BEAD) {
                return Optional.of(Message.of(
                        "housing.not_square",
                        Message.of("housing.dial." + side.id()),
                        DialWords.oClock(last.beadAt())));
            }
        }
        return Optional.empty();
    }
}
