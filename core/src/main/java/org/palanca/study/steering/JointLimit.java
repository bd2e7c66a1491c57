package org.palanca.study.steering;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.palanca.mechanism.axle.JointBolts;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.links.JointMisalignment;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.study.travel.WorstPose;

/**
 * Which joint meets its limit first anywhere in bump, droop, twist and full lock together: the one with the least left of
 * how far it may tilt.
 *
 * @param link whose joint it is
 * @param mount where
 * @param tilt how far it tilts [rad]
 * @param limit how far it may [rad]
 * @param pose where it does
 */
public record JointLimit(String link, String mount, double tilt, double limit, WheelTravel pose) {
    private static final int STEPS = 5;

    /** How much further it may tilt [rad]; negative where it is tilted too far. */
    public double room() {
        return limit - tilt;
    }

    /** Looks at the worst poses, and through the corners, edges and middle of all that the hardware allows. Leaves the model at ride. */
    public static Optional<JointLimit> first(AxleModel model) {
        JointBolts bolts = JointBolts.of(model.axle(), model.vehicle().wheelbase());
        if (bolts.ends().isEmpty()) {
            return Optional.empty();
        }
        JointMisalignment tilts = new JointMisalignment(model.vehicle(), model.axle());
        @Nullable JointLimit most = null;
        TravelEnvelope envelope = new TravelEnvelope(model);
        double up = envelope.highest();
        double down = -envelope.lowest();
        for (WorstPose worst : envelope.worst()) {
            model.toRide();
            if (model.placeAt(worst.pose())) {
                most = larger(most, model, bolts, tilts, worst.pose());
            }
        }
        int steers = model.axle().steering().isPresent() ? STEPS : 1;
        for (int s = 0; s < steers; s++) {
            double steer = steers == 1 ? 0 : -1 + 2.0 * s / (STEPS - 1);
            model.toRide();
            for (int i = 0; i < STEPS; i++) {
                for (int k = 0; k < STEPS; k++) {
                    int j = i % 2 == 0 ? k : STEPS - 1 - k;
                    WheelTravel pose = new WheelTravel(
                            down + (up - down) * i / (STEPS - 1), down + (up - down) * j / (STEPS - 1), steer);
                    if (model.placeAt(pose) && envelope.bounds().hold()) {
                        most = larger(most, model, bolts, tilts, pose);
                    }
                }
            }
        }
        model.toRide();
        return Optional.ofNullable(most);
    }

    private static @Nullable JointLimit larger(
            @Nullable JointLimit most, AxleModel model, JointBolts bolts, JointMisalignment tilts, WheelTravel pose) {
        JointLimit found = most;
        for (int end = 0; end < bolts.ends().size(); end++) {
            double tilt = tilts.tilt(model.motion(), end);
            JointBolts.End joint = bolts.ends().get(end);
            double limit = joint.limit(model.vehicle(), model.axle());
            if (found == null || limit - tilt < found.room()) {
                String mount = model.axle().mounts().get(joint.mount()).name();
                found = new JointLimit(joint.link(), mount, tilt, limit, pose);
            }
        }
        return found;
    }
}
