package org.palanca.study.limits;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.CollisionBody;

/**
 * What is near at a pose.
 *
 * @param pair by its place in the clearances
 * @param room [m], negative by how deep the two are in one another
 */
public record NearAtPose(int pair, double room) {
    /** Room larger than this is not written down [m]. */
    private static final double FAR = 0.15;

    /** The pairs with the least room at a pose against what they want, tightest first; empty where the axle does not close. */
    public static Optional<List<NearAtPose>> of(Clearances clearances, WheelTravel pose, int most) {
        clearances.model().toRide();
        if (!clearances.moveTo(pose)) {
            clearances.model().toRide();
            return Optional.empty();
        }
        List<NearAtPose> near = new ArrayList<>();
        for (int i = 0; i < clearances.pairs().size(); i++) {
            double room = clearances.gap(i, FAR);
            if (room < FAR) {
                near.add(new NearAtPose(i, room < 0 ? clearances.gap(i) : room));
            }
        }
        near.sort(Comparator.comparingDouble(
                one -> one.room() - clearances.pairs().get(one.pair()).wanted()));
        Set<List<Message>> told = new HashSet<>();
        near.removeIf(one -> {
            Clearances.Pair pair = clearances.pairs().get(one.pair());
            CollisionBody other = clearances.things().get(pair.other());
            return !told.add(clearances.things().get(pair.one()).namedWith(other));
        });
        return Optional.of(near.subList(0, Math.min(most, near.size())));
    }
}
