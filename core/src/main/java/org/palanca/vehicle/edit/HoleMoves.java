package org.palanca.vehicle.edit;

import java.util.ArrayList;
import java.util.List;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Hole;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Vehicle;

/** Keeps alternative holes of a bracket and puts the bolt in another one. A mirrored mount has its master's holes. */
public final class HoleMoves {
    private HoleMoves() {}

    /**
     * Keeps where a mount is now as one of its holes, so that the mount can be moved on.
     *
     * @param name of the hole, made unique by a number when it is taken
     */
    public static Vehicle keep(Vehicle vehicle, MountRef ref, String name) {
        Axle axle = vehicle.axle(ref.axle()).orElseThrow();
        Mount mount = master(axle, ref.mount());
        List<Hole> holes = new ArrayList<>(mount.holes());
        String free = name;
        for (int n = 2; taken(holes, free); n++) {
            free = name + " " + n;
        }
        holes.add(new Hole(free, mount.placement()));
        return vehicle.withAxle(axle.withMount(mount.withHoles(holes)));
    }

    /**
     * Puts the bolt in a hole; where it was stays as a hole of that name.
     *
     * @throws IllegalArgumentException when the mount has no such hole
     */
    public static Vehicle use(Vehicle vehicle, MountRef ref, String hole) {
        Axle axle = vehicle.axle(ref.axle()).orElseThrow();
        Mount mount = master(axle, ref.mount());
        Placement there = mount.holes().stream()
                .filter(one -> one.name().equals(hole))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("mount \"" + mount.name() + "\" has no hole " + hole))
                .placement();
        List<Hole> holes = new ArrayList<>(mount.holes());
        holes.replaceAll(one -> one.name().equals(hole) ? new Hole(hole, mount.placement()) : one);
        return vehicle.withAxle(axle.withMount(mount.withPlacement(there).withHoles(holes)));
    }

    private static boolean taken(List<Hole> holes, String name) {
        return holes.stream().anyMatch(hole -> hole.name().equals(name));
    }

    private static Mount master(Axle axle, String name) {
        Mount mount = axle.mount(name).orElseThrow(() -> new IllegalArgumentException("no mount \"" + name + "\""));
        return mount.placement() instanceof Placement.MirrorOf mirror
                ? axle.mount(mirror.mount()).orElseThrow()
                : mount;
    }
}
