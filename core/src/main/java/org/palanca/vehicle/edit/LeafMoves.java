package org.palanca.vehicle.edit;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.LeafSpring;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;

/** Ways of arranging leaf springs about an axle that stays where it is: the springs move, and all that rides on them. */
public final class LeafMoves {
    private LeafMoves() {}

    /**
     * Puts a block between spring and axle, or takes it out.
     *
     * @param height of the block [m]: the springs and all they hang on come down against the axle where they are under
     *     it, which lowers the vehicle, and go up where they are over it, which lifts it; negative takes a block out
     */
    public static Vehicle block(Vehicle vehicle, AxlePlace place, double height) {
        double away = over(vehicle, place) ? height : -height;
        return shift(vehicle, place, away);
    }

    /** Takes the springs from over the axle to as far under it, or back. */
    public static Vehicle otherSide(Vehicle vehicle, AxlePlace place) {
        return shift(vehicle, place, -2 * seatHeight(vehicle, place));
    }

    /** Whether the springs lie over the axle. */
    public static boolean over(Vehicle vehicle, AxlePlace place) {
        return seatHeight(vehicle, place) > 0;
    }

    /** Turns the springs end for end: the shackle goes to the other end. */
    public static Vehicle swapEnds(Vehicle vehicle, AxlePlace place) {
        Axle axle = axle(vehicle, place);
        Vehicle turned = vehicle;
        for (LeafSpring leaf : axle.linkage().leaves()) {
            double seat = axle.position(leaf.seat(), vehicle.wheelbase()).getX();
            for (String mount : leaf.mounts()) {
                Vector3D at = axle.position(mount, vehicle.wheelbase());
                turned = move(turned, axle, mount, new Vector3D(2 * seat - at.getX(), at.getY(), at.getZ()));
            }
        }
        return turned;
    }

    /** The springs go up or down against the axle, and the whole chassis over this axle with them. */
    private static Vehicle shift(Vehicle vehicle, AxlePlace place, double up) {
        Axle axle = axle(vehicle, place);
        Vehicle shifted = RideHeight.lowered(vehicle, place, -up);
        for (LeafSpring leaf : axle.linkage().leaves()) {
            for (String mount : leaf.mounts()) {
                Vector3D at = axle.position(mount, vehicle.wheelbase());
                shifted = move(shifted, axle, mount, at.add(new Vector3D(0, 0, up)));
            }
        }
        return shifted;
    }

    /** Mirror images follow their masters. */
    private static Vehicle move(Vehicle vehicle, Axle axle, String mount, Vector3D to) {
        boolean follows = axle.mount(mount).filter(Mount::mirrored).isPresent();
        return follows ? vehicle : MountMoves.moveTo(vehicle, new MountRef(axle.place(), mount), to);
    }

    private static double seatHeight(Vehicle vehicle, AxlePlace place) {
        Axle axle = axle(vehicle, place);
        LeafSpring leaf = axle.linkage().leaves().get(0);
        return axle.position(leaf.seat(), vehicle.wheelbase()).getZ()
                - axle.tyre().loadedRadius();
    }

    private static Axle axle(Vehicle vehicle, AxlePlace place) {
        return vehicle.axle(place)
                .filter(axle -> !axle.linkage().leaves().isEmpty())
                .orElseThrow(() -> new IllegalArgumentException("no leaf springs at the " + place.id()));
    }
}
