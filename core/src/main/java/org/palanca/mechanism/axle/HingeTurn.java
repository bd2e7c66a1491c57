package org.palanca.mechanism.axle;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;

/** Reads how far one hinge of an axle has turned, and how fast it turns. Allocates nothing once set up. */
final class HingeTurn {
    private final int joint;
    private final int base;
    private final int body;
    private final double[] axis;
    private final double[] beside;
    private final double[] axisNow = new double[3];
    private final double[] baseNow = new double[3];
    private final double[] bodyNow = new double[3];

    private HingeTurn(int joint, int base, int body, Vector3D axis) {
        this.joint = joint;
        this.base = base;
        this.body = body;
        this.axis = axis.toArray();
        beside = axis.orthogonal().toArray();
    }

    /** All hinges of an axle. */
    static List<HingeTurn> of(Axle axle, Mechanism mechanism, double wheelbase) {
        List<HingeTurn> hinges = new ArrayList<>();
        for (int i = 0; i < axle.joints().size(); i++) {
            if (axle.joints().get(i) instanceof Joint.Hinge hinge) {
                Vector3D from = axle.position(hinge.from(), wheelbase);
                Vector3D along =
                        axle.position(hinge.to(), wheelbase).subtract(from).normalize();
                BodyName carrier = axle.mount(hinge.from()).orElseThrow().body();
                hinges.add(new HingeTurn(
                        i,
                        mechanism.bodyIndex(carrier.id()),
                        mechanism.bodyIndex(hinge.body().id()),
                        along));
            }
        }
        return hinges;
    }

    void observe(Configuration at, Modes modes, AxleMotion motion) {
        at.turn(base, axis, axisNow);
        at.turn(base, beside, baseNow);
        at.turn(body, beside, bodyNow);
        double sine = axisNow[0] * (baseNow[1] * bodyNow[2] - baseNow[2] * bodyNow[1])
                + axisNow[1] * (baseNow[2] * bodyNow[0] - baseNow[0] * bodyNow[2])
                + axisNow[2] * (baseNow[0] * bodyNow[1] - baseNow[1] * bodyNow[0]);
        double cosine = baseNow[0] * bodyNow[0] + baseNow[1] * bodyNow[1] + baseNow[2] * bodyNow[2];
        motion.hinge(joint, Math.atan2(sine, cosine), rate(modes.heave()), rate(modes.roll()));
    }

    private double rate(double[] twists) {
        double rate = 0;
        for (int i = 0; i < 3; i++) {
            double turning = body < 0 ? 0 : twists[6 * body + 3 + i];
            double carried = base < 0 ? 0 : twists[6 * base + 3 + i];
            rate += axisNow[i] * (turning - carried);
        }
        return rate;
    }
}
