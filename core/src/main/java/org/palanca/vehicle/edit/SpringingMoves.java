package org.palanca.vehicle.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.palanca.geometry.Side;
import org.palanca.springing.BumpStop;
import org.palanca.springing.Coil;
import org.palanca.springing.Coils;
import org.palanca.springing.Shock;
import org.palanca.springing.ShockSize;
import org.palanca.springing.Strap;
import org.palanca.springing.SwayBar;
import org.palanca.units.Lengths;
import org.palanca.units.Quantity;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyNames;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Vehicle;

/** Hangs shocks, stops and straps on an axle, a mirrored pair at a time, at ordinary places to begin with. */
public final class SpringingMoves {
    private SpringingMoves() {}

    /** With a coilover on each side: the lower mount beside the wheel's inner face, the upper where the stroke is split. */
    public static Vehicle addShocks(Vehicle vehicle, AxlePlace place, ShockSize size) {
        Axle axle = vehicle.axle(place).orElseThrow();
        double out = (axle.track() - axle.tyre().width()) / 2 - Lengths.inches(4);
        double low = axle.tyre().loadedRadius() - Lengths.inches(1);
        double high = low + size.collapsed() + size.stroke() * 0.45;
        String name = free(axle, "coilover");
        Axle mounted = pair(axle, name + " lower", carrier(axle), -Lengths.inches(4), out, low);
        mounted = pair(mounted, name + " upper", BodyNames.FRAME, -Lengths.inches(3), out - Lengths.inches(1.5), high);
        List<Shock> shocks = new ArrayList<>(axle.springing().shocks());
        double free = size.stroke() / 0.65;
        Coils coils = new Coils(
                List.of(new Coil(
                        Quantity.RATE.onGrid(30_000),
                        Quantity.LENGTH.onGrid(free),
                        Quantity.LENGTH.onGrid(free * 0.35),
                        OptionalDouble.empty())),
                0);
        for (Side side : Side.values()) {
            String s = " " + side.id();
            shocks.add(new Shock(
                    name + s, name + " upper" + s, name + " lower" + s, Optional.of(size), Optional.of(coils)));
        }
        return vehicle.withAxle(mounted.withSpringing(axle.springing().withShocks(shocks)));
    }

    /** With a bump stop on each side over the axle. */
    public static Vehicle addStops(Vehicle vehicle, AxlePlace place) {
        Axle axle = vehicle.axle(place).orElseThrow();
        String name = free(axle, "bump stop");
        double out = axle.track() * 0.28;
        double pad = axle.tyre().loadedRadius() + Lengths.inches(1.5);
        double free = Lengths.inches(3);
        double high = pad + axle.travel().bump() + Lengths.inches(1);
        Axle mounted = pair(axle, name + " pad", carrier(axle), 0, out, pad);
        mounted = pair(mounted, name, BodyNames.FRAME, 0, out, high);
        List<BumpStop> stops = new ArrayList<>(axle.springing().stops());
        for (Side side : Side.values()) {
            String s = " " + side.id();
            stops.add(new BumpStop(
                    name + " rubber" + s,
                    name + s,
                    name + " pad" + s,
                    free,
                    Lengths.inches(1),
                    List.of(900.0, 2600.0, 7000.0, 18_000.0)));
        }
        return vehicle.withAxle(mounted.withSpringing(axle.springing().withStops(stops)));
    }

    /** With a limit strap on each side. */
    public static Vehicle addStraps(Vehicle vehicle, AxlePlace place) {
        Axle axle = vehicle.axle(place).orElseThrow();
        String name = free(axle, "limit strap");
        double out = axle.track() * 0.22;
        double low = axle.tyre().loadedRadius();
        double high = low + Lengths.inches(8);
        double ahead = -place.outward() * Lengths.inches(3);
        Axle mounted = pair(axle, name + " lower", carrier(axle), ahead, out, low);
        mounted = pair(mounted, name + " upper", BodyNames.FRAME, ahead, out, high);
        List<Strap> straps = new ArrayList<>(axle.springing().straps());
        for (Side side : Side.values()) {
            String s = " " + side.id();
            straps.add(new Strap(
                    name + " webbing" + s,
                    name + " upper" + s,
                    name + " lower" + s,
                    Quantity.LENGTH.onGrid(high - low + axle.travel().droop())));
        }
        return vehicle.withAxle(mounted.withSpringing(axle.springing().withStraps(straps)));
    }

    /**
     * With a sway bar across the frame: two arms on one axis, each with an upright drop link to the axle or upright. Its rate
     * is that of a 7/8 in bar as long as its arms are apart: common practice, no source.
     */
    public static Vehicle addSwayBar(Vehicle vehicle, AxlePlace place) {
        Axle axle = vehicle.axle(place).orElseThrow();
        String name = free(axle, "sway bar");
        double out = axle.track() * 0.26;
        double low = axle.tyre().loadedRadius() - Lengths.inches(1);
        double high = low + Lengths.inches(7);
        double end = -place.outward() * Lengths.inches(4);
        double pin = -place.outward() * Lengths.inches(14);
        Axle mounted = pair(axle, name + " pin", BodyNames.FRAME, pin, out, high);
        mounted = pair(mounted, name + " bearing", BodyNames.FRAME, pin, out / 2, high);
        mounted = pair(mounted, name + " arm", BodyNames.barArm(Side.LEFT), end, out, high);
        mounted = pair(mounted, name + " drop link", carrier(axle), end, out, low);
        List<Link> links = new ArrayList<>(mounted.links());
        List<Joint> joints = new ArrayList<>(mounted.joints());
        for (Side side : Side.values()) {
            String s = " " + side.id();
            links.add(new Link(name + " link" + s, LinkRole.DROP_LINK, name + " arm" + s, name + " drop link" + s));
            // Both axes point to the left, so that the arms turn alike in bump.
            boolean left = side == Side.LEFT;
            joints.add(new Joint.Hinge(
                    name + " axis" + s,
                    name + (left ? " bearing" : " pin") + s,
                    name + (left ? " pin" : " bearing") + s,
                    BodyNames.barArm(side)));
        }
        Linkage linkage = mounted.linkage();
        Linkage hung =
                new Linkage(linkage.type(), linkage.mounts(), links, joints, linkage.leaves(), linkage.steering());
        List<SwayBar> bars = new ArrayList<>(axle.springing().swayBars());
        double rate = SwayBar.roundBar(Lengths.inches(0.875), 0, 2 * out);
        bars.add(new SwayBar(name, name + " axis left", name + " axis right", Quantity.TWIST_RATE.onGrid(rate)));
        return vehicle.withAxle(
                mounted.withLinkage(hung).withSpringing(axle.springing().withSwayBars(bars)));
    }

    private static String carrier(Axle axle) {
        return axle.independent() ? BodyNames.knuckle(Side.LEFT) : BodyNames.AXLE;
    }

    private static Axle pair(Axle axle, String name, String body, double ahead, double out, double up) {
        List<Mount> mounts = new ArrayList<>(axle.mounts());
        mounts.add(new Mount(
                name + " left",
                body,
                new Placement.Taped(onSixteenth(ahead), Side.LEFT, onSixteenth(out), onSixteenth(up))));
        mounts.add(new Mount(name + " right", BodyNames.mirror(body), new Placement.MirrorOf(name + " left")));
        return axle.withMounts(mounts);
    }

    private static double onSixteenth(double metres) {
        return Quantity.LENGTH.onGrid(Lengths.nearest(metres, 16).metres());
    }

    /** A name that nothing on the axle begins with yet. */
    private static String free(Axle axle, String name) {
        String next = name;
        for (int i = 2; taken(axle, next); i++) {
            next = name + " " + i;
        }
        return next;
    }

    private static boolean taken(Axle axle, String name) {
        return axle.mounts().stream().anyMatch(mount -> mount.name().startsWith(name + " "))
                || axle.springing().names().stream().anyMatch(one -> one.startsWith(name + " "));
    }
}
