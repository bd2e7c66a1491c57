package org.palanca.floor.plate;

import java.util.HashSet;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.SidedName;
import org.palanca.mechanism.axle.JointBolts;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockSize;

/**
 * What is bolted at a mount, as its bracket has to take it.
 *
 * @param name of the link or shock
 * @param link whether it is a link, whose end says what its ears are
 * @param width across what the ears clamp [m]
 * @param ears gap, thickness, bolt and hole; empty where nobody said
 * @param bolt direction of the bolt at ride, of length 1, vehicle frame
 * @param told whether somebody said that it points that way; else it is square to the link, or along the vehicle
 * @param away direction in which it leaves the bolt at ride, of length 1
 * @param head how far its joint, sleeve or eye reaches out round the bolt [m]
 */
public record Bolted(
        String name,
        boolean link,
        OptionalDouble width,
        Optional<Ears> ears,
        Vector3D bolt,
        boolean told,
        Vector3D away,
        OptionalDouble head) {
    private static final double ALONG = 1e-6;

    /** What is bolted there; empty where nothing is that a bracket could be made for. */
    public static Optional<Bolted> at(Vehicle vehicle, Axle axle, String mount) {
        int index = axle.mountIndex(mount);
        Optional<Bolted> link = JointBolts.of(axle, vehicle.wheelbase()).ends().stream()
                .filter(end -> end.mount() == index)
                .findFirst()
                .map(end -> of(vehicle, axle, end));
        return link.isPresent()
                ? link
                : axle.springing().shocks().stream()
                        .filter(shock ->
                                shock.upper().equals(mount) || shock.lower().equals(mount))
                        .findFirst()
                        .map(shock -> of(vehicle, axle, mount, shock));
    }

    /**
     * A vehicle whose ears at a mount are others: those of the link's end, which has them, and of the link on the other side where
     * the mounts are mirrored; of a shock's bracket where no link is bolted.
     */
    public static Vehicle withEars(Vehicle vehicle, Axle axle, String mount, Ears ears) {
        return vehicle.withAxle(
                link(axle, mount).isPresent()
                        ? withEnds(vehicle, axle, mount, end -> end.withEars(Optional.of(ears)))
                        : axle.withBracket(
                                mount, axle.bracket(mount).map(bracket -> bracket.withEars(Optional.of(ears)))));
    }

    /** A vehicle whose bolt at a mount points another way, or as nobody said: the same two links' or the shock's bracket. */
    public static Vehicle withBolt(Vehicle vehicle, Axle axle, String mount, Optional<BoltWay> way) {
        return vehicle.withAxle(
                link(axle, mount).isPresent()
                        ? withEnds(vehicle, axle, mount, end -> end.withBolt(way))
                        : axle.withBracket(mount, axle.bracket(mount).map(bracket -> bracket.withBolt(way))));
    }

    /** Which way it is said that the bolt at a mount points; empty where nobody said. */
    public static Optional<BoltWay> way(Axle axle, String mount) {
        Optional<Link> link = link(axle, mount);
        return link.isEmpty()
                ? axle.bracket(mount).flatMap(Bracket::bolt)
                : (link.get().from().equals(mount)
                                ? link.get().make().from()
                                : link.get().make().to())
                        .flatMap(LinkEnd::bolt);
    }

    private static Optional<Link> link(Axle axle, String mount) {
        return axle.links().stream()
                .filter(one -> one.from().equals(mount) || one.to().equals(mount))
                .findFirst();
    }

    private static Axle withEnds(Vehicle vehicle, Axle axle, String mount, UnaryOperator<LinkEnd> how) {
        Link link = link(axle, mount).orElseThrow();
        boolean first = link.from().equals(mount);
        Set<String> names = new HashSet<>(Set.of(link.name()));
        if (axle.mirrorImage(mount).isPresent()
                || axle.mount(mount).filter(Mount::mirrored).isPresent()) {
            names.add(SidedName.of(link.name()).mirrored());
        }
        return axle.withLinkage(axle.linkage().mapLinks(one -> {
            if (!names.contains(one.name())) {
                return one;
            }
            Optional<LinkEnd> made = Optional.of(how.apply(vehicle.hardware().end(one, first)));
            return one.withMake(first ? one.make().withFrom(made) : one.make().withTo(made));
        }));
    }

    private static Bolted of(Vehicle vehicle, Axle axle, JointBolts.End end) {
        Link link = axle.link(end.link()).orElseThrow();
        LinkEnd made = vehicle.hardware().end(link, end.first());
        boolean told = link.make().bolts().isPresent()
                || (end.first() ? link.make().from() : link.make().to())
                        .flatMap(LinkEnd::bolt)
                        .isPresent();
        return new Bolted(
                link.name(), true, made.width(), made.ears(), end.direction(), told, end.shank(), made.headRadius());
    }

    private static Bolted of(Vehicle vehicle, Axle axle, String mount, Shock shock) {
        String other = shock.upper().equals(mount) ? shock.lower() : shock.upper();
        Vector3D away = axle.position(other, vehicle.wheelbase())
                .subtract(axle.position(mount, vehicle.wheelbase()))
                .normalize();
        Optional<Bracket> bracket = axle.bracket(mount);
        // A shock leans a little, and its bracket stands square all the same: the eye's bushing takes that up.
        Vector3D wished = bracket.flatMap(Bracket::bolt).orElse(BoltWay.ALONG).direction();
        return new Bolted(
                shock.name(),
                false,
                shock.size().map(ShockSize::eye).map(OptionalDouble::of).orElseGet(OptionalDouble::empty),
                bracket.flatMap(Bracket::ears),
                wished.crossProduct(away).getNorm() < ALONG ? away.orthogonal() : wished,
                bracket.flatMap(Bracket::bolt).isPresent(),
                away,
                OptionalDouble.empty());
    }
}
