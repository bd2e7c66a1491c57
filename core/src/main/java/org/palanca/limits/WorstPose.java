package org.palanca.limits;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.palanca.clearance.Clearances;
import org.palanca.result.WheelTravel;
import org.palanca.vehicle.Axle;

/**
 * A pose that a builder cycles the axle to and looks: full bump, full droop, one wheel on its stop squeezed solid while the
 * other hangs, each at straight ahead and at both locks.
 *
 * @param id names it: {@code bump}, {@code droop}, {@code left_up}, {@code right_up}, and {@code .left} or {@code .right} for
 *     the lock
 * @param pose where
 */
public record WorstPose(String id, WheelTravel pose) {
    /** Room larger than this is not written down [m]. */
    private static final double FAR = 0.15;

    /**
     * The poses of an axle.
     *
     * @param ends how far it goes each way, from {@link TravelEnd#all}
     */
    public static List<WorstPose> of(Axle axle, List<TravelEnd> ends) {
        double up = end(ends, TravelEnd.Way.UP);
        double down = end(ends, TravelEnd.Way.DOWN);
        List<WorstPose> poses = new ArrayList<>();
        double[] steers = axle.steering().isPresent() ? new double[] {0, 1, -1} : new double[] {0};
        for (double steer : steers) {
            String lock = steer > 0 ? ".left" : steer < 0 ? ".right" : "";
            poses.add(new WorstPose("bump" + lock, new WheelTravel(up, up, steer)));
            poses.add(new WorstPose("droop" + lock, new WheelTravel(-down, -down, steer)));
            poses.add(new WorstPose("left_up" + lock, new WheelTravel(up, -down, steer)));
            poses.add(new WorstPose("right_up" + lock, new WheelTravel(-down, up, steer)));
        }
        return poses;
    }

    private static double end(List<TravelEnd> ends, TravelEnd.Way way) {
        return ends.stream()
                .filter(end -> end.way() == way)
                .mapToDouble(end -> Math.min(end.travel(), end.wanted()))
                .findFirst()
                .orElse(0);
    }

    /**
     * What is near at this pose.
     *
     * @param pair by its place in the clearances
     * @param room [m]
     */
    public record Near(int pair, double room) {}

    /** The pairs with the least room here against what they want, tightest first; empty where the axle does not close. */
    public Optional<List<Near>> near(Clearances clearances, int most) {
        clearances.model().toRide();
        if (!clearances.moveTo(pose)) {
            clearances.model().toRide();
            return Optional.empty();
        }
        List<Near> near = new ArrayList<>();
        for (int i = 0; i < clearances.pairs().size(); i++) {
            if (!clearances.atRide(i)) {
                double room = clearances.gap(i, FAR);
                if (room < FAR) {
                    near.add(new Near(i, room));
                }
            }
        }
        near.sort(Comparator.comparingDouble(
                one -> one.room() - clearances.pairs().get(one.pair()).wanted()));
        return Optional.of(near.subList(0, Math.min(most, near.size())));
    }
}
