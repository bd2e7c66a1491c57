package org.palanca.study.driveline;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;

/**
 * A joint of a shaft as it stands at a pose.
 *
 * @param at its middle [m], vehicle frame
 * @param angle in space [rad]
 * @param limit where it binds [rad]; of a double-Cardan one, both of its crosses together
 */
public record BentJoint(Vector3D at, double angle, double limit) {
    /** The joints of a live axle's shaft at the model's present pose, the gearbox's first. */
    public static List<BentJoint> of(AxleModel model, Driveline line) {
        ShaftRun run = ShaftRun.at(model, line);
        boolean twice = line.joints() == Driveline.Joints.DOUBLE_AT_GEARBOX;
        List<BentJoint> joints = new ArrayList<>();
        joints.add(new BentJoint(line.output(), run.atOutput(), twice ? 2 * line.limit() : line.limit()));
        if (line.joints() != Driveline.Joints.ONE) {
            joints.add(new BentJoint(run.pinion(), run.atPinion(), line.limit()));
        }
        return joints;
    }

    /** The joints of both half-shafts at the model's present pose: inner and outer of the left, then of the right. */
    public static List<BentJoint> of(AxleModel model, HalfShafts shafts) {
        List<BentJoint> joints = new ArrayList<>();
        for (Side side : Side.values()) {
            HalfShaftStudy.Shaft shaft = HalfShaftStudy.at(model, shafts, side);
            joints.add(new BentJoint(shaft.from(), shaft.inner(), shafts.limit()));
            joints.add(new BentJoint(shaft.to(), shaft.outer(), shafts.limit()));
        }
        return joints;
    }

    /** Whether it is bent further than it can be. */
    public boolean binds() {
        return angle > limit;
    }
}
