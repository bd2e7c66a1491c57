package org.palanca.study.assessment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import org.palanca.base.Recent;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.ClearanceStudy;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.Overlap;
import org.palanca.study.limits.CycleWords;
import org.palanca.study.limits.Limit;
import org.palanca.study.limits.Limits;
import org.palanca.study.limits.TravelEnd;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Vehicle;

/**
 * What an axle that is cycled does not do as wanted: what is passed at ride and at the worst poses, how its travel ends, and
 * which pairs come too near. The longest of all studies; what it found is kept for what it looked at.
 */
final class CycleFaults {
    private static final Recent<Vehicle, List<Fault>> RECENT = new Recent<>();

    private final AxlePlace place;
    private final List<Fault> faults = new ArrayList<>();

    private CycleFaults(AxlePlace place) {
        this.place = place;
    }

    /** @param goOn asked within the study; once it answers false, what comes back is not all */
    static List<Fault> of(Vehicle vehicle, AxlePlace place, BooleanSupplier goOn) {
        Vehicle moving = moving(vehicle, place);
        Optional<List<Fault>> known = RECENT.of(moving);
        if (known.isPresent()) {
            return known.get();
        }
        List<Fault> faults = look(moving, place, goOn);
        if (goOn.getAsBoolean()) {
            RECENT.keep(moving, faults);
        }
        return faults;
    }

    /** The study itself. */
    static List<Fault> look(Vehicle vehicle, AxlePlace place, BooleanSupplier goOn) {
        CycleFaults found = new CycleFaults(place);
        found.look(new Limits(new Clearances(new AxleModel(vehicle, place))), goOn);
        return List.copyOf(found.faults);
    }

    /**
     * The vehicle without what moving this axle has nothing to do with: the other one, what was measured, placed and wished.
     * It is what the study gets to see, so that nothing of what it depends on can be missing from what it is kept for.
     */
    private static Vehicle moving(Vehicle vehicle, AxlePlace place) {
        Build build = vehicle.build();
        return new Vehicle(
                "",
                0,
                "",
                vehicle.use(),
                vehicle.wheelbase(),
                vehicle.mass(),
                vehicle.hardware(),
                vehicle.rails(),
                List.of(vehicle.axle(place).orElseThrow()),
                List.of(),
                List.of(),
                new Build(
                        build.survey()
                                .withMarks(List.of())
                                .withReadings(List.of())
                                .withCuts(List.of()),
                        // What stands round the other axle may be the frame that this one has to clear as well.
                        build.surroundings(),
                        only(place, build.housings()),
                        List.of(),
                        List.of(),
                        List.of(),
                        build.rules(),
                        Build.NONE.placing(),
                        only(place, build.weights()),
                        Build.NONE.stock(),
                        Build.NONE.loads(),
                        List.of(),
                        List.of()),
                new TreeMap<>());
    }

    private static <T> Map<AxlePlace, T> only(AxlePlace place, Map<AxlePlace, T> all) {
        T one = all.get(place);
        return one == null ? Map.of() : Map.of(place, one);
    }

    private void look(Limits limits, BooleanSupplier goOn) {
        for (Limit limit : limits.passedAtRide()) {
            add("ride " + limit.id(), 1, Message.of("cycle.passed_at_ride", limit.what()));
        }
        for (Overlap overlap : Overlap.of(limits.model(), limits.envelope())) {
            add(overlap.id(), overlap.depth() / Lengths.INCH, overlap.said());
        }
        for (TravelEnd end : TravelEnd.all(limits)) {
            if (!end.asWanted()) {
                double missing = Math.max(0, end.missing()) / Lengths.INCH;
                add("end " + end.way().id(), missing + weight(end.verdict()), CycleWords.end(end));
            }
        }
        worstPoses(limits);
        tightPairs(limits, goOn);
    }

    /** What is passed at a worst pose, each once, where it is passed most; what touches is found with the tight pairs. */
    private void worstPoses(Limits limits) {
        Map<String, Limits.Passed> most = new LinkedHashMap<>();
        Map<String, WorstPose> where = new HashMap<>();
        for (WorstPose pose : limits.envelope().worst()) {
            for (Limits.Passed passed : limits.passedAt(pose.pose())) {
                String id = passed.limit().id();
                Limits.Passed before = most.get(id);
                boolean more = before == null || passed.by() > before.by();
                if (more && passed.limit().kind() != Limit.Kind.TOUCH) {
                    most.put(id, passed);
                    where.put(id, pose);
                }
            }
        }
        most.forEach((id, passed) -> add(
                "worst " + id,
                passed.by(),
                Message.of(
                        "assessment.at",
                        Message.of("cycle.worst."
                                + Objects.requireNonNull(where.get(id)).id()),
                        passed.limit().what())));
    }

    /** Pairs that touch or keep less room than is wanted somewhere on the way, each once, where it is tightest. */
    private void tightPairs(Limits limits, BooleanSupplier goOn) {
        Set<String> told = new HashSet<>();
        for (ClearanceStudy.Tight tight :
                ClearanceStudy.tooTight(new Clearances(limits.model()), limits.envelope(), goOn)) {
            String pair = "pair " + Fault.about(tight.one().name()) + "|"
                    + Fault.about(tight.other().name());
            if (!tight.atRide() && told.add(pair)) {
                add(pair, tight.missing() / Lengths.INCH, CycleWords.tight(tight));
            }
        }
    }

    private void add(String id, double amount, Message said) {
        faults.add(new Fault(Fault.Job.CYCLE, Optional.of(place), id, amount, said));
    }

    /** How bad a wrong ending is besides what it lacks, in inches of travel: a shock that is hit more than an open end. */
    private static double weight(TravelEnd.Verdict verdict) {
        return switch (verdict) {
            case AS_WANTED -> 0;
            case SHORT -> 0.5;
            case UNBOUNDED -> 0.25;
            case MEETS_FIRST -> 0.5;
            case ON_THE_SHOCK -> 0.5;
            case OVERLAPS -> 0.25;
        };
    }
}
