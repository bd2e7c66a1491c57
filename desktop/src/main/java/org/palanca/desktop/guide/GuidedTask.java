package org.palanca.desktop.guide;

import java.util.List;
import java.util.function.Predicate;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.UnitStyle;
import org.palanca.study.ride.RideStudy;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;

/**
 * One small task.
 *
 * @param id ends the keys of its words: {@code guide.<id>}
 * @param step where it is done
 * @param done whether it has been done
 */
record GuidedTask(String id, String step, Predicate<Situation> done) {
    private static final MountRef UPPER = new MountRef(AxlePlace.REAR, "upper frame left");

    /** What the demo vehicle weighs with a load [kg], as the first task has it typed. */
    private static final double LOADED = 5300 * UnitStyle.POUND;

    private static final double NEAR = 0.5;

    /** In the order of work: what it is for, the links, the floor, the travel, the springs, the sheet. */
    static final List<GuidedTask> ALL = List.of(
            new GuidedTask(
                    "weight", "goals", now -> Math.abs(now.vehicle().mass().mass() - LOADED) < NEAR),
            new GuidedTask(
                    "pick",
                    "links",
                    now -> UPPER.equals(now.state().selectionProperty().get())),
            new GuidedTask("move", "links", now -> height(now.vehicle()) > height(now.begun()) + Lengths.inches(0.2)),
            new GuidedTask("undo", "links", now -> height(now.vehicle()) < height(now.begun()) - Lengths.inches(0.2)),
            new GuidedTask(
                    "working",
                    "links",
                    now -> "anti_squat".equals(now.state().litProperty().get())),
            new GuidedTask("droop", "links", GuidedTask::hangs),
            new GuidedTask("cure", "links", GuidedTask::antiSquatWithin),
            new GuidedTask(
                    "reading",
                    "measure",
                    now -> !now.vehicle()
                            .build()
                            .survey()
                            .readings()
                            .equals(now.begun().build().survey().readings())),
            new GuidedTask(
                    "guard",
                    "cycle",
                    now -> !now.trying() && !parts(now.vehicle()).equals(parts(now.begun()))),
            new GuidedTask("springs", "shocks", GuidedTask::standsAtRide),
            new GuidedTask(
                    "found", "place", now -> !now.vehicle().build().found().isEmpty()),
            new GuidedTask("sheet", "place", now -> now.sheets() > 0));

    private static double height(Vehicle vehicle) {
        return rear(vehicle).position(UPPER.mount(), vehicle.wheelbase()).getZ();
    }

    private static Axle rear(Vehicle vehicle) {
        return vehicle.axle(AxlePlace.REAR).orElseThrow();
    }

    private static Object parts(Vehicle vehicle) {
        return vehicle.build().surroundings(AxlePlace.REAR).parts();
    }

    /** Both wheels hang nearly as far as they are planned to. */
    private static boolean hangs(Situation now) {
        double droop = rear(now.vehicle()).travel().droop();
        return now.state().poseProperty().get().left() < -0.9 * droop
                && now.state().poseProperty().get().right() < -0.9 * droop;
    }

    /** The range is kept, by a move that was taken. */
    private static boolean antiSquatWithin(Situation now) {
        return !now.trying()
                && now.analysis()
                        .filter(analysis -> analysis.model().axle().place() == AxlePlace.REAR)
                        .flatMap(analysis -> analysis.strip("anti_squat"))
                        .flatMap(strip -> strip.mark())
                        .filter(mark -> mark.distance() == 0)
                        .isPresent();
    }

    /** The springs were set, and carry the weight. */
    private static boolean standsAtRide(Situation now) {
        if (rear(now.vehicle()).springing().equals(rear(now.begun()).springing())) {
            return false;
        }
        RideStudy study = RideStudy.of(now.vehicle(), AxlePlace.REAR);
        return Math.abs(study.ride().left() - study.wanted(1)) < 1;
    }
}
