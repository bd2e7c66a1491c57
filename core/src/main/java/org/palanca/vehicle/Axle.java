package org.palanca.vehicle;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.hardware.BarPath;
import org.palanca.vehicle.springing.Springing;

/**
 * Two wheels across the vehicle and what holds them: a live axle, or two independent corners.
 *
 * @param place front or rear
 * @param wheels tyres, track, camber and toe at ride
 * @param travel of each wheel from ride
 * @param traction its part in driving and braking
 * @param pinion pinion angle at ride [rad], nose up positive, against the chassis
 * @param caster of a live axle that has no kingpins of its own [rad], upper end rearward positive; else empty
 * @param linkage what holds and steers it
 * @param springing what carries and stops it
 */
public record Axle(
        AxlePlace place,
        Wheels wheels,
        Travel travel,
        Traction traction,
        double pinion,
        OptionalDouble caster,
        Linkage linkage,
        Springing springing) {
    /** An axle that nothing carries yet. */
    public Axle(
            AxlePlace place,
            Wheels wheels,
            Travel travel,
            Traction traction,
            double pinion,
            OptionalDouble caster,
            Linkage linkage) {
        this(place, wheels, travel, traction, pinion, caster, linkage, Springing.NONE);
    }

    public Tyre tyre() {
        return wheels.tyre();
    }

    /** Between the middles of the two tyres [m]. */
    public double track() {
        return wheels.track();
    }

    /** Part of the whole thrust at this axle, 0 to 1. */
    public double driveShare() {
        return traction.drive();
    }

    /** Part of the whole braking at this axle, 0 to 1. */
    public double brakeShare() {
        return traction.brake();
    }

    public SuspensionType type() {
        return linkage.type();
    }

    /** Whether each wheel has its own mechanism. */
    public boolean independent() {
        return linkage.type().independent();
    }

    public List<Mount> mounts() {
        return linkage.mounts();
    }

    public List<Link> links() {
        return linkage.links();
    }

    public List<Joint> joints() {
        return linkage.joints();
    }

    public Optional<Steering> steering() {
        return linkage.steering();
    }

    public Optional<Mount> mount(String name) {
        return mounts().stream().filter(mount -> mount.name().equals(name)).findFirst();
    }

    /** Whether any mount or joint is on a body of that name. */
    public boolean hasBody(BodyName body) {
        return mounts().stream().anyMatch(mount -> mount.body().equals(body))
                || joints().stream().anyMatch(joint -> joint.body().equals(body));
    }

    /** Names of all bodies that mounts and joints are on, of a live axle's housing, and of wishbones, which may carry something. */
    public List<BodyName> bodies() {
        Set<BodyName> bodies = new HashSet<>();
        Wishbone.of(this).forEach(arm -> bodies.add(arm.body()));
        mounts().forEach(mount -> bodies.add(mount.body()));
        joints().forEach(joint -> bodies.add(joint.body()));
        if (!independent()) {
            bodies.add(BodyName.AXLE);
        }
        return List.copyOf(bodies);
    }

    /**
     * Place of a mount in {@link #mounts}.
     *
     * @throws IllegalArgumentException when there is no such mount
     */
    public int mountIndex(String name) {
        for (int i = 0; i < mounts().size(); i++) {
            if (mounts().get(i).name().equals(name)) {
                return i;
            }
        }
        throw new IllegalArgumentException("no mount \"" + name + "\" on the " + place.id());
    }

    public Optional<Link> link(String name) {
        return links().stream().filter(link -> link.name().equals(name)).findFirst();
    }

    public List<Link> links(LinkRole role) {
        return links().stream().filter(link -> link.role() == role).toList();
    }

    /** This axle with one mount put in the place of the mount of that name. */
    public Axle withMount(Mount changed) {
        List<Mount> next = new ArrayList<>(mounts());
        next.replaceAll(mount -> mount.name().equals(changed.name()) ? changed : mount);
        return withMounts(next);
    }

    public Axle withMounts(List<Mount> other) {
        return withLinkage(linkage.withMounts(other));
    }

    public Axle withLinkage(Linkage other) {
        return new Axle(place, wheels, travel, traction, pinion, caster, other, springing);
    }

    public Axle withWheels(Wheels other) {
        return new Axle(place, other, travel, traction, pinion, caster, linkage, springing);
    }

    public Axle withTraction(Traction other) {
        return new Axle(place, wheels, travel, other, pinion, caster, linkage, springing);
    }

    /** This axle with one link put in the place of the link of that name. */
    public Axle withLink(Link changed) {
        List<Link> next = new ArrayList<>(links());
        next.replaceAll(link -> link.name().equals(changed.name()) ? changed : link);
        return withLinkage(linkage.withLinks(next));
    }

    public Axle withTravel(Travel other) {
        return new Axle(place, wheels, other, traction, pinion, caster, linkage, springing);
    }

    public Axle withSpringing(Springing other) {
        return new Axle(place, wheels, travel, traction, pinion, caster, linkage, other);
    }

    public Axle withAngles(double newPinion, OptionalDouble newCaster) {
        return new Axle(place, wheels, travel, traction, newPinion, newCaster, linkage, springing);
    }

    /** x of the axle line at ride [m]. */
    public double lineX(double wheelbase) {
        return place == AxlePlace.FRONT ? 0 : -wheelbase;
    }

    /** Where the middle of a tyre stands at ride [m], vehicle frame. */
    public Vector3D wheelCentre(double wheelbase, Side side) {
        return new Vector3D(lineX(wheelbase), side.sign() * track() / 2, tyre().loadedRadius());
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
        return mount.placement().match(Placement.At::point, taped -> position(taped, wheelbase), mirror -> {
            Vector3D master = position(mirror.mount(), wheelbase, seen);
            return new Vector3D(master.getX(), -master.getY(), master.getZ());
        });
    }

    /** Whether a link is a leg that is welded to another: legs that meet in one mount make a wishbone or a bar of triangles. */
    public boolean welded(Link link) {
        return links().stream()
                .filter(other -> other != link)
                .anyMatch(
                        other -> other.from().equals(link.from()) || other.to().equals(link.to()));
    }

    /** From pin to pin of a link [m]: its own length, or as far as its mounts are apart at ride. */
    public double pinToPin(Link link, double wheelbase) {
        return link.length()
                .orElse(Vector3D.distance(position(link.from(), wheelbase), position(link.to(), wheelbase)));
    }

    /** The middle line of a link's bar. */
    public BarPath path(Link link, double wheelbase) {
        return BarPath.of(pinToPin(link, wheelbase), link.make().bends());
    }

    /** Where another hole of a mount is at ride [m], vehicle frame. A hole mirrors none: the mount does. */
    public Vector3D position(Hole hole, double wheelbase) {
        return hole.placement().match(Placement.At::point, taped -> position(taped, wheelbase), mirror -> {
            throw new IllegalArgumentException("hole \"" + hole.name() + "\" mirrors \"" + mirror.mount() + "\"");
        });
    }

    private Vector3D position(Placement.Taped taped, double wheelbase) {
        return new Vector3D(lineX(wheelbase) + taped.ahead(), taped.side().sign() * taped.out(), taped.up());
    }

    /** The bracket of a mount; a mirrored mount's is its master's. */
    public Optional<Bracket> bracket(String mountName) {
        return mount(mountName)
                .flatMap(mount -> mount.placement() instanceof Placement.MirrorOf mirror
                        ? mount(mirror.mount()).flatMap(Mount::bracket)
                        : mount.bracket());
    }

    /** This axle with the bracket of a mount described, or no longer; a mirrored mount's is described at its master. */
    public Axle withBracket(String mountName, Optional<Bracket> bracket) {
        return mount(mountName)
                .flatMap(mount -> mount.placement() instanceof Placement.MirrorOf mirror
                        ? mount(mirror.mount())
                        : Optional.of(mount))
                .map(master -> withMount(master.withBracket(bracket)))
                .orElse(this);
    }

    /** The mount that mirrors this one, if any. */
    public Optional<Mount> mirrorImage(String mountName) {
        return mounts().stream()
                .filter(mount -> mount.placement() instanceof Placement.MirrorOf mirror
                        && mirror.mount().equals(mountName))
                .findFirst();
    }
}
