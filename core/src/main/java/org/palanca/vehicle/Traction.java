package org.palanca.vehicle;

/**
 * What part of driving and braking goes through an axle, and who takes the torque.
 *
 * @param drive part of the whole thrust at this axle, 0 to 1
 * @param brake part of the whole braking at this axle, 0 to 1
 * @param inboardDrive whether the chassis takes the drive torque: independent wheels on half-shafts, never a live axle
 * @param inboardBrakes whether the chassis takes the brake torque
 */
public record Traction(double drive, double brake, boolean inboardDrive, boolean inboardBrakes) {
    /** A live axle's housing takes both torques. */
    public static Traction byHousing(double drive, double brake) {
        return new Traction(drive, brake, false, false);
    }

    public Traction withShares(double newDrive, double newBrake) {
        return new Traction(newDrive, newBrake, inboardDrive, inboardBrakes);
    }
}
