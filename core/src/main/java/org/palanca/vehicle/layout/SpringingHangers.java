package org.palanca.vehicle.layout;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.palanca.base.geometry.Side;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Wishbone;

/**
 * What shocks, stops, straps and bars of an axle hang on: their mounts, the rockers and bar arms that they turn, and the rods
 * to those. They go along to another linkage; what was on the axle's housing is on the uprights of independent wheels then, and
 * the other way round.
 */
final class SpringingHangers {
    private static final Set<BodyName> TURNED = Set.of(
            BodyName.rocker(Side.LEFT),
            BodyName.rocker(Side.RIGHT),
            BodyName.barArm(Side.LEFT),
            BodyName.barArm(Side.RIGHT));

    private final Axle axle;
    private final double wheelbase;
    private final List<Joint> joints;
    private final List<Link> links;
    private final Set<String> mounts = new LinkedHashSet<>();

    SpringingHangers(Axle axle, double wheelbase) {
        this.axle = axle;
        this.wheelbase = wheelbase;
        joints = axle.joints().stream()
                .filter(joint -> TURNED.contains(joint.body()))
                .toList();
        links = axle.links().stream()
                .filter(link -> turned(link.from()) || turned(link.to()))
                .toList();
        mounts.addAll(axle.springing().mounts());
        joints.forEach(joint -> mounts.addAll(joint.mounts()));
        links.forEach(link -> mounts.addAll(List.of(link.from(), link.to())));
        for (Mount mount : axle.mounts()) {
            if (mounts.contains(mount.name()) && mount.placement() instanceof Placement.MirrorOf mirror) {
                mounts.add(mirror.mount());
            }
        }
    }

    private boolean turned(String mount) {
        return axle.mount(mount).filter(one -> TURNED.contains(one.body())).isPresent();
    }

    /** Another linkage with all of these on it; what it has of the same name stays as it is there. */
    Linkage on(Linkage other) {
        Set<String> taken = new HashSet<>();
        other.mounts().forEach(mount -> taken.add(mount.name()));
        List<Mount> allMounts = new ArrayList<>(other.mounts());
        for (Mount mount : axle.mounts()) {
            if (mounts.contains(mount.name()) && !taken.contains(mount.name())) {
                allMounts.add(on(mount, other));
            }
        }
        List<Link> allLinks = new ArrayList<>(other.links());
        links.stream()
                .filter(link ->
                        allLinks.stream().noneMatch(there -> there.name().equals(link.name())))
                .forEach(allLinks::add);
        List<Joint> allJoints = new ArrayList<>(other.joints());
        joints.stream().filter(joint -> other.joint(joint.name()).isEmpty()).forEach(allJoints::add);
        return new Linkage(other.type(), allMounts, allLinks, allJoints, other.leaves(), other.steering());
    }

    private Mount on(Mount mount, Linkage other) {
        BodyName body = body(mount, other);
        return mount.withBody(body);
    }

    /** The body that carries the wheel in the other linkage, for what was on the one that carries it here. */
    private BodyName body(Mount mount, Linkage other) {
        if (mount.onFrame() || TURNED.contains(mount.body())) {
            return mount.body();
        }
        boolean kept = Wishbone.of(axle.withLinkage(other)).stream().anyMatch(arm -> arm.body() == mount.body());
        if (kept) {
            return mount.body();
        }
        if (!other.type().independent()) {
            return BodyName.AXLE;
        }
        boolean left = axle.position(mount.name(), wheelbase).getY() >= 0;
        return BodyName.knuckle(left ? Side.LEFT : Side.RIGHT);
    }
}
