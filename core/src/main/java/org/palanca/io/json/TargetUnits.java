package org.palanca.io.json;

import java.util.Map;
import java.util.Set;
import org.palanca.units.Quantity;

/** In which unit a target band is written, by the result its key names. */
final class TargetUnits {
    private TargetUnits() {}

    private static final Map<Quantity, Set<String>> OTHER_THAN_LENGTHS = Map.of(
            Quantity.PERCENT,
            Set.of(
                    "anti_squat",
                    "anti_lift_drive",
                    "anti_lift_brake",
                    "anti_dive",
                    "roll_steer",
                    "held_roll_steer",
                    "ackermann"),
            Quantity.ANGLE,
            Set.of(
                    "reaction_line",
                    "roll_axis_slope",
                    "pinion_angle",
                    "caster",
                    "axle_steer",
                    "upper_plan_angle",
                    "lower_plan_angle",
                    "camber",
                    "toe",
                    "steer_angle",
                    "kingpin_caster",
                    "kingpin_inclination",
                    "joint_misalignment",
                    "link_slope",
                    "drag_link_slope_gap",
                    "shock_lean_side",
                    "shock_lean_front"),
            Quantity.TURN_PER_TRAVEL,
            Set.of("bump_steer", "rack_rate"),
            Quantity.RATIO,
            Set.of("pitman_ratio", "motion_ratio", "roll_motion_ratio"),
            Quantity.FORCE,
            Set.of("bushing_force", "spring_load"));

    /** @param key {@code axle.result}, a side or a link's name after a further dot */
    static Quantity quantity(String key) {
        String result = key.split("\\.")[1];
        return OTHER_THAN_LENGTHS.entrySet().stream()
                .filter(entry -> entry.getValue().contains(result))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(Quantity.LENGTH);
    }
}
