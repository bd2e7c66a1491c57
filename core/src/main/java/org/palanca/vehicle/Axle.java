package org.palanca.vehicle;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A live axle: housing, wheels, and the links that hold it.
 *
 * @param place front or rear
 * @param tyre the same on both sides
 * @param track between the middles of the two tyres [m]
 * @param pinion pinion angle at ride [rad], nose up positive, against the chassis
 * @param caster at ride [rad], upper end rearward positive; empty where the axle does not steer
 * @param travel of each wheel from ride
 * @param driveShare part of the whole thrust at this axle, 0 to 1
 * @param brakeShare part of the whole braking at this axle, 0 to 1
 * @param mounts in the order of the file
 * @param links in the order of the file
 */
public record Axle(
        AxlePlace place,
        Tyre tyre,
        double track,
        double pinion,
        OptionalDouble caster,
        Travel travel,
        double driveShare,
        double brakeShare,
        List<Mount> mounts,
        List<Link> links) {
    public Axle {
        mounts = List.copyOf(mounts);
        links = List.copyOf(links);
    }

    public Optional<Mount> mount(String name) {
        return mounts.stream().filter(mount -> mount.name().equals(name)).findFirst();
    }

    public Optional<Link> link(String name) {
        return links.stream().filter(link -> link.name().equals(name)).findFirst();
    }

    public List<Link> links(LinkRole role) {
        return links.stream().filter(link -> link.role() == role).toList();
    }

    /** This axle with one mount put in the place of the mount of that name. */
    public Axle withMount(Mount changed) {
        List<Mount> next = new ArrayList<>(mounts);
        next.replaceAll(mount -> mount.name().equals(changed.name()) ? changed : mount);
        return withMounts(next);
    }

    public Axle withMounts(List<Mount> other) {
        return new Axle(place, tyre, track, pinion, caster, travel, driveShare, brakeShare, other, links);
    }

    /** This axle with one link put in the place of the link of that name. */
    public Axle withLink(Link changed) {
        List<Link> next = new ArrayList<>(links);
        next.replaceAll(link -> link.name().equals(changed.name()) ? changed : link);
        return new Axle(place, tyre, track, pinion, caster, travel, driveShare, brakeShare, mounts, next);
    }

    public Axle withTravel(Travel other) {
        return new Axle(place, tyre, track, pinion, caster, other, driveShare, brakeShare, mounts, links);
    }

    public Axle withAngles(double newPinion, OptionalDouble newCaster) {
        return new Axle(place, tyre, track, newPinion, newCaster, travel, driveShare, brakeShare, mounts, links);
    }

    /** x of the axle line at ride [m]. */
    public double lineX(double wheelbase) {
        return place == AxlePlace.FRONT ? 0 : -wheelbase;
    }

    /**
     * Where a mount is at ride [m], vehicle frame.
     *
     * @throws IllegalArgumentException when the mount is missing, or its mirrors lead round in a ring
     */
    public Vector3D position(String mountName, double wheelbase) {
        return position(mountName, wheelbase, new HashSet<>());
    }

    private Vector3D position(String name, double wheelbase, Set<String> seen) {
        Mount mount = mount(name)
                .orElseThrow(() -> new IllegalArgumentException("no mount \"" + name + "\" on the " + place.id()));
        if (!seen.add(name)) {
            throw new IllegalArgumentException("mount \"" + name + "\" mirrors itself");
        }
        Placement placement = mount.placement();
        if (placement instanceof Placement.At at) {
            return at.point();
        }
        if (placement instanceof Placement.Taped taped) {
            return new Vector3D(lineX(wheelbase) + taped.ahead(), taped.side().sign() * taped.out(), taped.up());
        }
        Vector3D master = position(((Placement.MirrorOf) placement).mount(), wheelbase, seen);
        return new Vector3D(master.getX(), -master.getY(), master.getZ());
    }

    /** The mount that mirrors this one, if any. */
    public Optional<Mount> mirrorImage(String mountName) {
        return mounts.stream()
                .filter(mount -> mount.placement() instanceof Placement.MirrorOf mirror
                        && mirror.mount().equals(mountName))
                .findFirst();
    }
}
