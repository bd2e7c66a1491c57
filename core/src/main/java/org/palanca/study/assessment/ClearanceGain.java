package org.palanca.study.assessment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.BooleanSupplier;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.ClearanceStudy;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.CollisionId;
import org.palanca.study.limits.Limit;
import org.palanca.study.limits.Limits;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;

/**
 * One change that gives a pair the room it lacks, found by trying it, and held against every study of both axles before it is
 * offered.
 *
 * @param what the change in words, as an order
 * @param after the vehicle with it
 * @param room least room of the pair then, anywhere in the travel [m]
 * @param enough whether that is what its rule wants
 * @param size how large the change is [m]
 * @param worse what gets worse by it elsewhere, on either axle; empty where nothing does
 */
public record ClearanceGain(Message what, Vehicle after, double room, boolean enough, double size, List<Fault> worse)
        implements Candidate<ClearanceGain> {
    /** Less room than this more is not worth a weld [m]. */
    private static final double LEAST = Lengths.inches(1.0 / 16);

    private static final int MOST = 3;

    /** So many of the best are held against everything else. */
    private static final int ASSESSED = 8;

    public ClearanceGain {
        worse = List.copyOf(worse);
    }

    /**
     * Tries what might give a pair more room.
     *
     * @param tight where it lacks some
     * @param goOn asked before each try; answering false gives back what was found so far
     * @return such as give enough first, the smallest change first; only such as leave every other study no worse, or where
     *     there are none, one that is worth it all the same and says what gets worse
     */
    public static List<ClearanceGain> of(
            Vehicle vehicle, AxlePlace place, ClearanceStudy.Tight tight, BooleanSupplier goOn) {
        Set<CollisionId> pair = Set.of(tight.one().id(), tight.other().id());
        int passed = passedAtRide(vehicle, place);
        List<ClearanceGain> gains = new ArrayList<>();
        for (CandidateChanges.Idea idea :
                new CandidateChanges(vehicle, place).against(Limit.touch(tight.one(), tight.other()))) {
            if (!goOn.getAsBoolean()) {
                break;
            }
            boolean sound = !VehicleCheck.hasErrors(VehicleCheck.findings(idea.after()))
                    && passedAtRide(idea.after(), place) <= passed;
            if (sound) {
                double room = room(idea.after(), place, pair, tight.wanted());
                if (room > tight.room() + LEAST) {
                    gains.add(new ClearanceGain(
                            idea.what(), idea.after(), room, room >= tight.wanted(), idea.size(), List.of()));
                }
            }
        }
        gains.sort(Comparator.comparing((ClearanceGain gain) -> !gain.enough())
                .thenComparingDouble(gain -> gain.enough() ? gain.size() : -gain.room()));
        return Candidate.harmless(vehicle, gains, MOST, ASSESSED, goOn);
    }

    private static int passedAtRide(Vehicle vehicle, AxlePlace place) {
        return new Limits(new Clearances(new AxleModel(vehicle, place)))
                .passedAtRide()
                .size();
    }

    /** The least room of a pair over the travel [m]; what is wanted where it nowhere lacks any. */
    private static double room(Vehicle vehicle, AxlePlace place, Set<CollisionId> pair, double wanted) {
        AxleModel model = new AxleModel(vehicle, place);
        TravelEnvelope envelope = new TravelEnvelope(model);
        return ClearanceStudy.tooTight(Clearances.among(model, pair), envelope).stream()
                .mapToDouble(ClearanceStudy.Tight::room)
                .min()
                .orElse(wanted);
    }

    @Override
    public ClearanceGain with(List<Fault> found) {
        return new ClearanceGain(what, after, room, enough, size, found);
    }

    /** What it gives in words, and what gets worse by it. */
    public Message said() {
        Message gives = enough
                ? Message.of("cycle.room_gain", what)
                : Message.of("cycle.room_gain_part", what, Message.length(room));
        return worse.isEmpty()
                ? gives
                : Message.of("cycle.gain_worse", gives, worse.get(0).said());
    }
}
