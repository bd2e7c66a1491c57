package org.palanca.vehicle.edit;

import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Vehicle;

/** Moves mounts, keeping how each was measured and letting mirrored sides follow. */
public final class MountMoves {
    private MountMoves() {}

    /**
     * Puts a mount at a place. Moving a mirror image moves the mount it mirrors, so both sides stay alike.
     *
     * @param to the new place at ride [m], vehicle frame
     * @throws IllegalArgumentException when there is no such mount
     */
    public static Vehicle moveTo(Vehicle vehicle, MountRef ref, Vector3D to) {
        Axle axle = axle(vehicle, ref);
        Mount mount = mount(axle, ref.mount());
        if (mount.placement() instanceof Placement.MirrorOf mirror) {
            Vector3D across = new Vector3D(to.getX(), -to.getY(), to.getZ());
            return moveTo(vehicle, new MountRef(ref.axle(), mirror.mount()), across);
        }
        Placement moved = mount.placement() instanceof Placement.Taped
                ? taped(to, axle.lineX(vehicle.wheelbase()))
                : new Placement.At(new Vector3D(onGrid(to.getX()), onGrid(to.getY()), onGrid(to.getZ())));
        return vehicle.withAxle(axle.withMount(mount.withPlacement(moved)));
    }

    /**
     * Makes a mount stand on its own, where it is, or mirror its image again.
     *
     * @param mirrorOf the mount to follow, or null to stand alone
     */
    public static Vehicle mirror(Vehicle vehicle, MountRef ref, @Nullable String mirrorOf) {
        Axle axle = axle(vehicle, ref);
        Mount mount = mount(axle, ref.mount());
        Placement placement = mirrorOf == null
                ? taped(axle.position(ref.mount(), vehicle.wheelbase()), axle.lineX(vehicle.wheelbase()))
                : new Placement.MirrorOf(mirrorOf);
        return vehicle.withAxle(axle.withMount(mount.withPlacement(placement)));
    }

    /** Fixes a mount to another body where it is, and its image on the other side to that body's. */
    public static Vehicle onBody(Vehicle vehicle, MountRef ref, BodyName body) {
        Axle axle = axle(vehicle, ref);
        Mount mount = mount(axle, ref.mount());
        Axle next = axle.withMount(mount.withBody(body));
        Optional<Mount> other = mount.placement() instanceof Placement.MirrorOf mirror
                ? axle.mount(mirror.mount())
                : axle.mirrorImage(ref.mount());
        if (other.isPresent()) {
            next = next.withMount(other.get().withBody(body.mirrored()));
        }
        return vehicle.withAxle(next);
    }

    /**
     * A length on the grid that files keep [m], by the very steps that writing and reading it takes, so that it comes
     * back from a file to the last bit.
     */
    public static double onGrid(double metres) {
        return Quantity.LENGTH.onGrid(metres);
    }

    private static Placement.Taped taped(Vector3D to, double lineX) {
        return new Placement.Taped(
                onGrid(to.getX() - lineX), Side.of(to.getY()), onGrid(Math.abs(to.getY())), onGrid(to.getZ()));
    }

    private static Axle axle(Vehicle vehicle, MountRef ref) {
        return vehicle.axle(ref.axle())
                .orElseThrow(
                        () -> new IllegalArgumentException("no " + ref.axle().id() + " axle"));
    }

    private static Mount mount(Axle axle, String name) {
        return axle.mount(name).orElseThrow(() -> new IllegalArgumentException("no mount \"" + name + "\""));
    }
}
