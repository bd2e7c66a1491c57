package org.palanca.vehicle.layout;

import java.util.List;
import java.util.Optional;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Traction;
import org.palanca.vehicle.Vehicle;

/**
 * Holds an axle another way and keeps what both ways share: wheels, travel, what carries and stops it with its mounts, and
 * mounts of the same name on the same body.
 */
public final class TypeChange {
    private TypeChange() {}

    /**
     * The axle held another way.
     *
     * @throws IllegalArgumentException when the vehicle has no such axle
     */
    public static Axle to(Vehicle vehicle, AxlePlace place, StarterLayout layout) {
        Axle axle = vehicle.axle(place).orElseThrow(() -> new IllegalArgumentException("no " + place.id() + " axle"));
        Linkage fresh = layout.linkage(
                vehicle.use(),
                place,
                vehicle.wheelbase(),
                axle.track(),
                axle.tyre().loadedRadius());
        List<Mount> mounts =
                fresh.mounts().stream().map(mount -> kept(axle, mount)).toList();
        boolean otherKind = axle.independent() != layout.type().independent();
        Traction traction = otherKind
                ? new Traction(
                        axle.driveShare(), axle.brakeShare(), layout.type().independent(), false)
                : axle.traction();
        Linkage held = new SpringingHangers(axle, vehicle.wheelbase()).on(fresh.withMounts(mounts));
        return SteeringChange.withKingpins(axle.withLinkage(held).withTraction(traction));
    }

    /** How many mounts stay where they are. */
    public static long shared(Axle before, Axle after) {
        return after.mounts().stream().filter(before.mounts()::contains).count();
    }

    private static Mount kept(Axle axle, Mount fresh) {
        Optional<Mount> old = axle.mount(fresh.name());
        return old.filter(mount -> mount.body().equals(fresh.body()))
                .filter(mount -> mount.mirrored() == fresh.mirrored())
                .orElse(fresh);
    }
}
