package org.palanca.mechanism;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Sets how far a hinged body has turned about its axis since the design pose, by the right-hand rule: a pitman arm.
 *
 * @param name unique within its mechanism
 * @param carrier the body that holds the axis
 * @param carried the body that turns
 * @param onAxis a point of the axis at the design pose [m]
 * @param along another point of the axis [m]
 */
public record TurnDriver(String name, String carrier, String carried, Vector3D onAxis, Vector3D along)
        implements Driver {
    /** Arm at which the turn is measured [m]: of the order of the mechanism. */
    private static final double ARM = 0.3;

    @Override
    public Constraint bind(Mechanism mechanism, int index) {
        Vector3D axis = along.subtract(onAxis).normalize();
        Vector3D arm = axis.orthogonal();
        Vector3D side = Vector3D.crossProduct(axis, arm);
        // A point on the arm stands square to the turned side direction: sin(angle - value) = 0. Both directions are
        // as long as makes the row's rate by the value 1, whatever the arm.
        double perArm = 1 / ARM;
        return new Offsets.Builder(mechanism, carrier, carried, 1)
                .row(
                        onAxis,
                        onAxis.add(arm.scalarMultiply(ARM)),
                        side.scalarMultiply(perArm),
                        arm.scalarMultiply(perArm))
                .driven(index, Offsets.Driven.TURN);
    }
}
