package org.palanca.desktop.floor;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.palanca.base.words.Message;
import org.palanca.desktop.steps.Step;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.DatumLife;
import org.palanca.study.assessment.Assessment;
import org.palanca.study.assessment.Fault;
import org.palanca.study.terrain.StandingVehicle;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.WeldOrder;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.work.WorkOrder;
import org.palanca.vehicle.work.WorkStep;

/** How far the steps on the floor have come, in a few words each. */
public final class FloorStates {
    /** Marks that a placing sheet needs. */
    private static final int LEAST_MARKS = 3;

    /**
     * A step's state.
     *
     * @param message in a few words
     * @param held whether something keeps it from going on
     */
    public record How(Message message, boolean held) {}

    private FloorStates() {}

    /**
     * How everything stands.
     *
     * @param steps the steps on the floor, each as the axle stands that is worse off in it
     * @param assessment what every step that judges finds on both axles
     */
    public record All(Map<Step, How> steps, Assessment assessment) {}

    /** The steps on the floor, for the whole vehicle. */
    public static All of(Vehicle vehicle) {
        Map<Step, How> states = new EnumMap<>(Step.class);
        Adjustment adjustment = Adjustment.of(vehicle.build().survey());
        Assessment found = Assessment.of(vehicle);
        states.put(Step.MEASURE, measure(adjustment, found.of(Fault.Job.MEASURE).size()));
        for (Axle axle : vehicle.axles()) {
            long faults = found.of(Fault.Job.HOUSING).stream()
                    .filter(fault -> fault.axle().equals(Optional.of(axle.place())))
                    .count();
            worse(states, Step.HOUSING, housing(vehicle, axle.place(), faults));
            worse(states, Step.PLACE, place(vehicle, axle.place(), adjustment, found));
        }
        states.put(Step.AXLE, judged(found, Fault.Job.AXLE, "axle", "axle_tight"));
        states.put(Step.CYCLE, judged(found, Fault.Job.CYCLE, "cycle", "cycle_bad"));
        states.put(Step.SHOCKS, judged(found, Fault.Job.SHOCKS, "shocks", "shocks_bad"));
        states.put(Step.SHAFT, judged(found, Fault.Job.SHAFT, "shaft", "shaft_bad"));
        states.put(Step.SLOPE, slope(vehicle));
        return new All(states, found);
    }

    /** Keeps the state of the axle that is held; of two alike that of the first. */
    private static void worse(Map<Step, How> states, Step step, How how) {
        How before = states.get(step);
        boolean nothing = before != null && before.message().key().endsWith("_none");
        if (before == null || how.held() && !before.held() || nothing && !before.held()) {
            states.put(step, how);
        }
    }

    private static How judged(Assessment found, Fault.Job step, String good, String bad) {
        int faults = found.of(step).size();
        if (faults > 0) {
            return new How(Message.of("rail." + bad, Integer.toString(faults)), true);
        }
        return new How(Message.of(found.looked().contains(step) ? "rail." + good : "rail." + good + "_none"), false);
    }

    private static How measure(Adjustment adjustment, int faults) {
        List<Mark> marks = adjustment.survey().marks();
        long free = marks.stream()
                .filter(mark -> !adjustment.free(mark.name()).isEmpty())
                .count();
        if (marks.isEmpty()) {
            return new How(Message.of("rail.measure_none"), false);
        }
        if (free > 0) {
            return new How(Message.of("rail.measure_free", Long.toString(free)), true);
        }
        return faults > 0
                ? new How(Message.of("rail.measure_doubt"), true)
                : new How(Message.of("rail.measure", Integer.toString(marks.size())), false);
    }

    private static How housing(Vehicle vehicle, AxlePlace place, long faults) {
        Housing housing = vehicle.build().housing(place);
        if (housing.sizes().isEmpty()) {
            return new How(Message.of("rail.housing_none"), false);
        }
        if (faults > 0) {
            return new How(Message.of("rail.housing_fault"), true);
        }
        WorkOrder order = new WorkOrder(
                place.id() + ".housing", WeldOrder.of(housing), vehicle.build().log());
        List<WorkStep> steps = order.steps();
        long done = steps.stream().filter(step -> order.entry(step).isPresent()).count();
        return new How(Message.of("rail.housing", Long.toString(done), Integer.toString(steps.size())), false);
    }

    private static How place(Vehicle vehicle, AxlePlace place, Adjustment adjustment, Assessment assessment) {
        long astray = assessment.of(Fault.Job.PLACE).stream()
                .filter(fault -> fault.axle().equals(Optional.of(place)))
                .count();
        if (astray > 0) {
            return new How(Message.of("rail.place_off", Long.toString(astray)), true);
        }
        if (DatumLife.lasting(adjustment).size() < LEAST_MARKS) {
            return new How(Message.of("rail.place_none"), true);
        }
        int all = vehicle.axle(place).map(axle -> axle.mounts().size()).orElse(0);
        long back = vehicle.build().found().stream()
                .filter(found -> found.mount().axle() == place && found.placed())
                .count();
        return new How(Message.of("rail.place", Long.toString(back), Integer.toString(all)), false);
    }

    private static How slope(Vehicle vehicle) {
        return StandingVehicle.of(vehicle).isPresent()
                ? new How(Message.of("rail.slope"), false)
                : new How(Message.of("rail.slope_none"), false);
    }
}
