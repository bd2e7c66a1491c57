package org.palanca.study.steering;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.limits.CycleWords;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.Steering;

/**
 * What the second of two steering boxes has to do while the first one steers: tie rod and drag links turn its arm. Angles are
 * from straight ahead at ride, about the pin of its arm.
 *
 * @param joint name of its hinge
 * @param atLeft how far its arm has turned at full left lock [rad]
 * @param atRight at full right lock [rad]
 * @param first how far the first one goes to either lock [rad]
 * @param follows how far the travel turns it at most while the first is held [rad], without sign
 * @param pose where it does
 */
public record SecondBox(String joint, double atLeft, double atRight, double first, double follows, WheelTravel pose) {
    private static final Set<BodyName> ARMS = Set.of(BodyName.PITMAN, BodyName.PITMAN_LEFT, BodyName.PITMAN_RIGHT);

    /** Places of each wheel between full droop and full bump that are looked at. */
    private static final int STEPS = 5;

    /** What is less is nobody's business [rad]. */
    private static final double NOTHING = Math.toRadians(0.1);

    /** Looks from lock to lock at ride and through the travel. Leaves the model at ride; empty where there is none or it does not close. */
    public static Optional<SecondBox> of(AxleModel model) {
        Axle axle = model.axle();
        Optional<Joint> driven =
                axle.steering().flatMap(steering -> axle.linkage().joint(steering.joint()));
        if (driven.filter(SecondBox::ofBox).isEmpty()) {
            return Optional.empty();
        }
        for (int i = 0; i < axle.joints().size(); i++) {
            Joint joint = axle.joints().get(i);
            if (ofBox(joint) && !joint.equals(driven.get())) {
                return looked(model, axle.steering().get(), i);
            }
        }
        return Optional.empty();
    }

    private static boolean ofBox(Joint joint) {
        return joint instanceof Joint.Hinge && ARMS.contains(joint.body());
    }

    private static Optional<SecondBox> looked(AxleModel model, Steering steering, int joint) {
        TravelEnvelope envelope = new TravelEnvelope(model);
        double high = envelope.highest();
        double low = -envelope.lowest();
        double[] atRide = new double[3];
        double most = 0;
        WheelTravel where = WheelTravel.RIDE;
        for (int steer = -1; steer <= 1; steer++) {
            model.toRide();
            if (!model.placeAt(WheelTravel.RIDE.withSteer(steer))) {
                return Optional.empty();
            }
            atRide[steer + 1] = model.motion().hingeAngle(joint);
            for (int i = 0; i < STEPS; i++) {
                for (int k = 0; k < STEPS; k++) {
                    int j = i % 2 == 0 ? k : STEPS - 1 - k;
                    WheelTravel pose = new WheelTravel(
                            low + (high - low) * i / (STEPS - 1), low + (high - low) * j / (STEPS - 1), steer);
                    boolean reached = model.placeAt(pose) && envelope.bounds().hold();
                    double turned = reached ? Math.abs(model.motion().hingeAngle(joint) - atRide[steer + 1]) : 0;
                    if (turned > most) {
                        most = turned;
                        where = pose;
                    }
                }
            }
        }
        model.toRide();
        return Optional.of(new SecondBox(
                model.axle().joints().get(joint).name(), atRide[2], atRide[0], steering.lock(), most, where));
    }

    /** How much farther its arm goes than the first one's [rad]; negative where it goes less far. */
    public double beyond() {
        return Math.max(Math.abs(atLeft), Math.abs(atRight)) - first;
    }

    /** What it has to do, in words: to either lock, and through the travel. */
    public List<Message> said() {
        List<Message> all = new ArrayList<>();
        all.add(Message.of(
                beyond() > NOTHING ? "second_box.farther" : "second_box.lock",
                joint,
                Message.angle(Math.abs(atLeft)),
                Message.angle(Math.abs(atRight)),
                Message.angle(first)));
        all.add(
                follows > NOTHING
                        ? Message.of("second_box.follows", Message.angle(follows), CycleWords.pose(pose))
                        : Message.of("second_box.stays"));
        return all;
    }
}
