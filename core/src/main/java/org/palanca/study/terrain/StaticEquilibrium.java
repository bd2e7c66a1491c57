package org.palanca.study.terrain;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.AxlePlace;

/**
 * Where the vehicle comes to rest.
 *
 * @param ground on what
 * @param lift of the chassis square to the ground, since ride on the level [m]
 * @param pitch of the chassis against the ground, nose up positive [rad]
 * @param roll of the chassis against the ground, left side up positive [rad]
 * @param travel of the wheels of each axle
 * @param loads on front left, front right, rear left, rear right, square to the ground [N]
 * @param off largest force left over [N]
 * @param rounds steps it took
 */
public record StaticEquilibrium(
        Ground ground,
        double lift,
        double pitch,
        double roll,
        Map<AxlePlace, WheelTravel> travel,
        List<Double> loads,
        double off,
        int rounds) {
    public StaticEquilibrium {
        travel = Map.copyOf(travel);
        loads = List.copyOf(loads);
    }

    /** Where an axle's wheels are against the chassis. */
    public WheelTravel travel(AxlePlace place) {
        return Objects.requireNonNull(travel.get(place));
    }

    /** Whether a wheel is off the ground. */
    public boolean lifted(int wheel) {
        return loads.get(wheel) <= 0;
    }

    /** Whether it stands on three wheels or more: on fewer it could only be balanced, as on a knife's edge. */
    public boolean stands() {
        return loads.stream().filter(load -> load > 0).count() >= 3;
    }

    /** Load on all wheels square to the ground [N]. */
    public double sum() {
        return loads.stream().mapToDouble(Double::doubleValue).sum();
    }
}
