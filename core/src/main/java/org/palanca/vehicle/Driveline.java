package org.palanca.vehicle;

import java.util.Locale;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;

/**
 * Where the shaft of an axle runs: from the gearbox to the pinion.
 *
 * @param output middle of the gearbox's or transfer case's output joint [m], vehicle frame
 * @param outputAngle of its shaft against the level, positive where it drops towards the rear [rad]
 * @param reach from the axle's line to the pinion's joint, along the pinion [m]
 * @param offset of the pinion from the centreline, left positive [m]
 * @param drop of the pinion's line below the axle's line, negative above [m]
 * @param slip how far the slip joint can move in all [m]
 * @param joints what is at its ends
 * @param limit angle at which a single joint binds [rad]
 * @param phase by how much its two yokes are turned against each other [rad]; 0 in phase
 */
public record Driveline(
        Vector3D output,
        double outputAngle,
        double reach,
        double offset,
        double drop,
        double slip,
        Joints joints,
        double limit,
        double phase) {
    /** Angle at which an ordinary single joint binds [rad]: 30 degrees, common practice, no source. */
    public static final double COMMON_LIMIT = Math.toRadians(30);

    /** What joints a shaft has. */
    public enum Joints {
        /** A single joint at each end. */
        TWO,
        /** A double-Cardan joint at the gearbox, a single one at the pinion. */
        DOUBLE_AT_GEARBOX,
        /** A single joint at the gearbox alone: the shaft is one with the pinion, in a torque tube. */
        ONE;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** A shaft with a single joint at each end, in phase. */
    public Driveline(Vector3D output, double outputAngle, double reach, double offset, double drop, double slip) {
        this(output, outputAngle, reach, offset, drop, slip, Joints.TWO, COMMON_LIMIT, 0);
    }

    public Driveline withOutput(Vector3D other) {
        return new Driveline(other, outputAngle, reach, offset, drop, slip, joints, limit, phase);
    }

    public Driveline withOutputAngle(double other) {
        return new Driveline(output, other, reach, offset, drop, slip, joints, limit, phase);
    }

    public Driveline withReach(double other) {
        return new Driveline(output, outputAngle, other, offset, drop, slip, joints, limit, phase);
    }

    public Driveline withOffset(double other) {
        return new Driveline(output, outputAngle, reach, other, drop, slip, joints, limit, phase);
    }

    public Driveline withDrop(double other) {
        return new Driveline(output, outputAngle, reach, offset, other, slip, joints, limit, phase);
    }

    public Driveline withSlip(double other) {
        return new Driveline(output, outputAngle, reach, offset, drop, other, joints, limit, phase);
    }

    public Driveline withJoints(Joints other) {
        return new Driveline(output, outputAngle, reach, offset, drop, slip, other, limit, phase);
    }

    public Driveline withLimit(double other) {
        return new Driveline(output, outputAngle, reach, offset, drop, slip, joints, other, phase);
    }

    public Driveline withPhase(double other) {
        return new Driveline(output, outputAngle, reach, offset, drop, slip, joints, limit, other);
    }

    /**
     * A shaft as long as half the wheelbase, a little above the axle, to be corrected by the tape.
     *
     * @param wheelbase [m]
     */
    public static Driveline usual(Axle axle, double wheelbase) {
        double inward = -axle.place().outward();
        return new Driveline(
                new Vector3D(
                        axle.lineX(wheelbase) + inward * wheelbase * 0.5,
                        0,
                        axle.tyre().loadedRadius() + 0.2),
                Math.toRadians(3),
                Lengths.inches(12),
                0,
                0,
                Lengths.inches(3));
    }
}
