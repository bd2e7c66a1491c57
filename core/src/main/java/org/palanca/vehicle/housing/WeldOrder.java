package org.palanca.vehicle.housing;

import java.util.ArrayList;
import java.util.List;
import org.palanca.vehicle.work.WorkStep;

/**
 * The steps of building a housing in either school's order, hold points among them: common practice, no source. The way
 * of welding itself is left to the qualified welder.
 */
public final class WeldOrder {
    private static final List<String> PREPARE = List.of("parts_meet!", "mark_line", "cut_tubes", "bevel");
    private static final List<String> ENDS = List.of(
            "bar_in",
            "tack_quarters",
            "bar_spins_tacked!",
            "tack_eighths",
            "dial_between!",
            "short_beads",
            "cool",
            "dial_after!");
    private static final List<String> PINION = List.of("pinion_known!");
    private static final List<String> BRACKETS = List.of("tack_tabs", "reach!", "truss_off", "weld_tabs");

    /** The bar wants both bearing seats empty, so shafts and their collars come after it; brakes want ends and shafts. */
    private static final List<String> CLOSE_BEARINGS =
            List.of("bar_spins!", "ends_square!", "bar_out", "collars!", "brake_room!");

    private static final List<String> CLOSE_KNUCKLES =
            List.of("bar_spins!", "ends_square!", "bar_out", "brake_room_steered!");

    private WeldOrder() {}

    /** All steps for a housing. Knuckle ends have no bearing collars, and only they have locks to clear. */
    public static List<WorkStep> of(Housing housing) {
        List<String> ids = new ArrayList<>(PREPARE);
        if (housing.school() == Housing.School.ENDS_FIRST) {
            ids.addAll(ENDS);
            ids.addAll(PINION);
            ids.addAll(BRACKETS);
        } else {
            ids.addAll(PINION);
            ids.addAll(BRACKETS);
            ids.addAll(ENDS);
        }
        ids.addAll(housing.ends() == Housing.Ends.KNUCKLE ? CLOSE_KNUCKLES : CLOSE_BEARINGS);
        return ids.stream()
                .map(id -> new WorkStep("housing." + id.replace("!", ""), id.endsWith("!")))
                .toList();
    }
}
