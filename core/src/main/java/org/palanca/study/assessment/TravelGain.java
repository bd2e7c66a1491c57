package org.palanca.study.assessment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.limits.CycleWords;
import org.palanca.study.limits.Limits;
import org.palanca.study.limits.TravelEnd;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;

/**
 * One change that lets the axle go farther, found by trying it, and held against every study of both axles before it is offered.
 *
 * @param what the change in words, as an order
 * @param after the vehicle with it
 * @param end how far the axle goes then, and what ends it
 * @param gained travel more than before [m]
 * @param size how large the change is [m, or rad where something is turned]
 * @param worse what gets worse by it elsewhere, on either axle; empty where nothing does
 */
public record TravelGain(Message what, Vehicle after, TravelEnd end, double gained, double size, List<Fault> worse)
        implements Candidate<TravelGain> {
    /** Gains smaller than this are not worth a weld [m]. */
    private static final double LEAST = Lengths.inches(1.0 / 16);

    private static final double ALIKE = Lengths.inches(1.0 / 32);

    private static final int MOST = 4;

    /** So many of the best are held against everything else. */
    private static final int ASSESSED = 12;

    /**
     * Tries what might move an end of the travel out.
     *
     * @param end where it ends now
     * @param goOn asked before each try; answering false gives back what was found so far
     * @return the best first, of those alike the smallest change; only such as leave every other study no worse, or where
     *     there are none, such as are worth it all the same and say what gets worse
     */
    public static List<TravelGain> of(Vehicle vehicle, AxlePlace place, TravelEnd end, BooleanSupplier goOn) {
        if (end.border().isEmpty()) {
            return List.of();
        }
        Limits before = limits(vehicle, place);
        List<TravelGain> gains = new ArrayList<>();
        for (CandidateChanges.Idea idea :
                new CandidateChanges(vehicle, place).against(end.border().get().limit())) {
            if (!goOn.getAsBoolean()) {
                break;
            }
            tried(idea, place, end, before.passedAtRide().size()).ifPresent(gains::add);
        }
        // Gains that a tape can't tell apart count as alike: the smaller change is the better one.
        gains.sort(Comparator.<TravelGain>comparingLong(gain -> -Math.round(gain.gained() / ALIKE))
                .thenComparingDouble(TravelGain::size));
        return Candidate.harmless(vehicle, gains, MOST, ASSESSED, goOn);
    }

    @Override
    public TravelGain with(List<Fault> found) {
        return new TravelGain(what, after, end, gained, size, found);
    }

    /** What it gives in words, and what gets worse by it. */
    public Message said() {
        Message gives = end.border()
                .map(border -> Message.of(
                        "cycle.gain",
                        what,
                        CycleWords.travel(end),
                        border.limit().what()))
                .orElseGet(() -> Message.of("cycle.gain_free", what, Message.length(end.travel())));
        return worse.isEmpty()
                ? gives
                : Message.of("cycle.gain_worse", gives, worse.get(0).said());
    }

    private static Limits limits(Vehicle vehicle, AxlePlace place) {
        return new Limits(new Clearances(new AxleModel(vehicle, place)));
    }

    private static Optional<TravelGain> tried(
            CandidateChanges.Idea idea, AxlePlace place, TravelEnd end, int passedAtRide) {
        if (VehicleCheck.hasErrors(VehicleCheck.findings(idea.after()))) {
            return Optional.empty();
        }
        Limits limits = limits(idea.after(), place);
        if (limits.passedAtRide().size() > passedAtRide) {
            return Optional.empty();
        }
        TravelEnd then = TravelEnd.of(limits, end.way(), end.steer());
        double gained = then.travel() - end.travel();
        boolean getsThere = then.reached() && !end.reached();
        return gained < LEAST && !getsThere
                ? Optional.empty()
                : Optional.of(new TravelGain(idea.what(), idea.after(), then, gained, idea.size(), List.of()));
    }
}
