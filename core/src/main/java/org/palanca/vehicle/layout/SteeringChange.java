package org.palanca.vehicle.layout;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.palanca.base.geometry.Side;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Vehicle;

/** Gives an axle steering, other steering or none, and leaves what holds and carries it as it is. */
public final class SteeringChange {
    /** Caster of a live front axle without kingpins of its own, to start from [rad]; common practice, no source. */
    private static final double CASTER = Math.toRadians(6);

    private static final Set<LinkRole> RODS = Set.of(LinkRole.TIE_ROD, LinkRole.DRAG_LINK);

    private static final Set<BodyName> MOVED =
            Set.of(BodyName.RACK, BodyName.PITMAN, BodyName.PITMAN_LEFT, BodyName.PITMAN_RIGHT, BodyName.RELAY);

    private SteeringChange() {}

    /**
     * The axle steered in a way; independent wheels that are not steered get toe links.
     *
     * @throws IllegalArgumentException when the vehicle has no such axle, or the steering does not suit its type
     */
    public static Axle to(Vehicle vehicle, AxlePlace place, StarterSteering steering) {
        Axle axle = vehicle.axle(place).orElseThrow(() -> new IllegalArgumentException("no " + place.id() + " axle"));
        if (!steering.suits(axle.type())) {
            throw new IllegalArgumentException(steering.id() + " can't steer " + axle.type());
        }
        Linkage bare = without(axle);
        Linkage parts = new StarterLayout(axle.type(), steering)
                .steering(
                        vehicle.use(),
                        place,
                        vehicle.wheelbase(),
                        axle.track(),
                        axle.tyre().loadedRadius());
        return withKingpins(axle.withLinkage(joined(bare, parts)));
    }

    /** A live front axle has its caster from its kingpins, or without them from a number of its own. */
    static Axle withKingpins(Axle axle) {
        boolean own = axle.independent() || axle.hasBody(BodyName.knuckle(Side.LEFT));
        boolean told = axle.place() == AxlePlace.FRONT && !own;
        OptionalDouble caster =
                !told ? OptionalDouble.empty() : axle.caster().isPresent() ? axle.caster() : OptionalDouble.of(CASTER);
        return axle.withAngles(axle.pinion(), caster);
    }

    /** The linkage without its steering: rods, kingpins of a live axle, what a rack or an arm moves, and mounts of these alone. */
    private static Linkage without(Axle axle) {
        Linkage old = axle.linkage();
        boolean live = !axle.independent();
        List<Link> links =
                old.links().stream().filter(link -> !RODS.contains(link.role())).toList();
        List<Joint> joints = old.joints().stream()
                .filter(joint ->
                        !MOVED.contains(joint.body()) && !(live && joint.body().isKnuckle()))
                .toList();
        Set<String> before = used(axle, old.links(), old.joints());
        Set<String> after = used(axle, links, joints);
        List<Mount> mounts = new ArrayList<>();
        for (Mount mount : old.mounts()) {
            boolean ofSteering = before.contains(mount.name()) && !after.contains(mount.name());
            if (!MOVED.contains(mount.body()) && !ofSteering) {
                mounts.add(live && mount.body().isKnuckle() ? mount.withBody(BodyName.AXLE) : mount);
            }
        }
        return new Linkage(old.type(), mounts, links, joints, old.leaves(), Optional.empty());
    }

    private static Set<String> used(Axle axle, List<Link> links, List<Joint> joints) {
        Set<String> names = new HashSet<>(axle.springing().mounts());
        joints.forEach(joint -> names.addAll(joint.mounts()));
        links.forEach(link -> names.addAll(List.of(link.from(), link.to())));
        axle.linkage().leaves().forEach(leaf -> names.addAll(leaf.mounts()));
        for (Mount mount : axle.mounts()) {
            if (names.contains(mount.name()) && mount.placement() instanceof Placement.MirrorOf mirror) {
                names.add(mirror.mount());
            }
        }
        return names;
    }

    private static Linkage joined(Linkage bare, Linkage parts) {
        Set<String> there = new HashSet<>();
        bare.mounts().forEach(mount -> there.add(mount.name()));
        List<Mount> mounts = new ArrayList<>(bare.mounts());
        parts.mounts().stream().filter(mount -> !there.contains(mount.name())).forEach(mounts::add);
        List<Link> links = new ArrayList<>(bare.links());
        links.addAll(parts.links());
        List<Joint> joints = new ArrayList<>(bare.joints());
        joints.addAll(parts.joints());
        return new Linkage(bare.type(), mounts, links, joints, bare.leaves(), parts.steering());
    }
}
