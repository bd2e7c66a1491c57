package org.palanca.desktop.floor;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.palanca.desktop.steps.Step;
import org.palanca.driveline.ShaftWords;
import org.palanca.fit.FitWords;
import org.palanca.housing.Housing;
import org.palanca.housing.WeldOrder;
import org.palanca.limits.TravelEnd;
import org.palanca.ride.RideStudy;
import org.palanca.ride.RideWords;
import org.palanca.survey.Mark;
import org.palanca.survey.adjust.Adjustment;
import org.palanca.survey.adjust.DatumLife;
import org.palanca.terrain.StandingVehicle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.words.Message;
import org.palanca.words.Said;
import org.palanca.work.WorkOrder;
import org.palanca.work.WorkStep;

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

    /** The steps on the floor, for one axle. */
    public static Map<Step, How> of(Vehicle vehicle, AxlePlace place) {
        Map<Step, How> states = new EnumMap<>(Step.class);
        Adjustment adjustment = Adjustment.of(vehicle.build().survey());
        states.put(Step.MEASURE, measure(adjustment));
        states.put(Step.AXLE, axle(vehicle, place, adjustment));
        states.put(Step.HOUSING, housing(vehicle, place));
        states.put(Step.PLACE, place(vehicle, place, adjustment));
        if (vehicle.axle(place).isPresent()) {
            states.put(Step.CYCLE, cycle(vehicle, place));
            states.put(Step.SHOCKS, shocks(vehicle, place));
            states.put(Step.SHAFT, shaft(vehicle, place));
            states.put(Step.SLOPE, slope(vehicle));
        }
        return states;
    }

    private static How measure(Adjustment adjustment) {
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
        return adjustment.odd().isPresent()
                ? new How(Message.of("rail.measure_doubt"), true)
                : new How(Message.of("rail.measure", Integer.toString(marks.size())), false);
    }

    private static How axle(Vehicle vehicle, AxlePlace place, Adjustment adjustment) {
        List<Said> said = FitWords.of(vehicle, place, adjustment);
        long bad = said.stream().filter(one -> !one.good()).count();
        if (said.isEmpty()) {
            return new How(Message.of("rail.axle_none"), false);
        }
        return bad > 0
                ? new How(Message.of("rail.axle_tight", Long.toString(bad)), true)
                : new How(Message.of("rail.axle"), false);
    }

    private static How housing(Vehicle vehicle, AxlePlace place) {
        Housing housing = vehicle.build().housing(place);
        if (housing.sizes().isEmpty()) {
            return new How(Message.of("rail.housing_none"), false);
        }
        if (!housing.sum().faults().isEmpty()) {
            return new How(Message.of("rail.housing_fault"), true);
        }
        WorkOrder order = new WorkOrder(
                place.id() + ".housing", WeldOrder.of(housing), vehicle.build().log());
        List<WorkStep> steps = order.steps();
        long done = steps.stream().filter(step -> order.entry(step).isPresent()).count();
        return new How(Message.of("rail.housing", Long.toString(done), Integer.toString(steps.size())), false);
    }

    private static How place(Vehicle vehicle, AxlePlace place, Adjustment adjustment) {
        if (DatumLife.lasting(adjustment).size() < LEAST_MARKS) {
            return new How(Message.of("rail.place_none"), true);
        }
        int all = vehicle.axle(place).map(axle -> axle.mounts().size()).orElse(0);
        long back = vehicle.build().found().stream()
                .filter(found -> found.mount().axle() == place && found.placed())
                .count();
        return new How(Message.of("rail.place", Long.toString(back), Integer.toString(all)), false);
    }

    private static How cycle(Vehicle vehicle, AxlePlace place) {
        long shorts = TravelEnd.all(vehicle, place).stream()
                .filter(end -> !end.reached())
                .count();
        return shorts == 0
                ? new How(Message.of("rail.cycle"), false)
                : new How(Message.of("rail.cycle_short", Long.toString(shorts)), true);
    }

    private static How shocks(Vehicle vehicle, AxlePlace place) {
        List<Said> said = RideWords.of(RideStudy.of(vehicle, place));
        long bad = said.stream().filter(one -> !one.good()).count();
        if (said.isEmpty()) {
            return new How(Message.of("rail.shocks_none"), false);
        }
        return bad == 0
                ? new How(Message.of("rail.shocks"), false)
                : new How(Message.of("rail.shocks_bad", Long.toString(bad)), true);
    }

    private static How shaft(Vehicle vehicle, AxlePlace place) {
        List<Said> said = ShaftWords.of(vehicle, place);
        long bad = said.stream().filter(one -> !one.good()).count();
        if (said.isEmpty()) {
            return new How(Message.of("rail.shaft_none"), false);
        }
        return bad == 0
                ? new How(Message.of("rail.shaft"), false)
                : new How(Message.of("rail.shaft_bad", Long.toString(bad)), true);
    }

    private static How slope(Vehicle vehicle) {
        return StandingVehicle.of(vehicle).isPresent()
                ? new How(Message.of("rail.slope"), false)
                : new How(Message.of("rail.slope_none"), false);
    }
}
