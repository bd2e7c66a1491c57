package org.palanca.study.state;

import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * How the chassis stands on the ground again after its axles have moved in it: turned about an axis across the vehicle until both
 * axles are as high as their tyres, and put so that the front axle's line is at 0 again. Lengths stay as they are.
 *
 * @param turn about the axis that points left
 * @param from middle of the front axle in the chassis [m]
 * @param height of that above the ground then [m]
 */
record ChassisMove(Rotation turn, Vector3D from, double height) {
    /**
     * The move that puts two axles on their tyres.
     *
     * @param front middle of the front axle in the chassis [m]
     * @param rear middle of the rear axle in the chassis [m]
     * @param frontHeight of its middle above the ground [m]
     * @param rearHeight likewise [m]
     */
    static ChassisMove of(Vector3D front, Vector3D rear, double frontHeight, double rearHeight) {
        double back = front.getX() - rear.getX();
        double up = rear.getZ() - front.getZ();
        double apart = Math.hypot(back, up);
        double angle = Math.asin((rearHeight - frontHeight) / apart) - Math.atan2(up, back);
        Rotation turn = new Rotation(Vector3D.PLUS_J, angle, RotationConvention.VECTOR_OPERATOR);
        return new ChassisMove(turn, new Vector3D(front.getX(), 0, front.getZ()), frontHeight);
    }

    /** Where a place of the chassis stands then [m], vehicle frame. */
    Vector3D place(Vector3D inChassis) {
        return turn.applyTo(inChassis.subtract(from)).add(new Vector3D(0, 0, height));
    }

    /** Where a direction of the chassis points then. */
    Vector3D direction(Vector3D inChassis) {
        return turn.applyTo(inChassis);
    }
}
