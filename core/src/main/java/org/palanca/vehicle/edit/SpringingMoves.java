package org.palanca.vehicle.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
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
import org.palanca.vehicle.springing.BumpStop;
import org.palanca.vehicle.springing.Coil;
import org.palanca.vehicle.springing.Coils;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockSize;
import org.palanca.vehicle.springing.Spring;
import org.palanca.vehicle.springing.Springing;
import org.palanca.vehicle.springing.Strap;
import org.palanca.vehicle.springing.SwayBar;
import org.palanca.vehicle.springing.TorsionBar;

/**
 * Hangs shocks, springs, stops, straps and bars on an axle, a mirrored pair at a time, at ordinary places to begin with
 * (common practice, no source), and takes them off.
 */
public final class SpringingMoves {
    /** Part of the stroke that is left for bump at ride. */
    private static final double UP = 0.45;

    /** An ordinary rate to begin with [N/m]. */
    private static final double RATE = 30_000;

    private SpringingMoves() {}

    /**
     * With shocks on each side, and what springs them: lower mounts beside the wheel's inner face, on the lower arm where there is one, the stroke split so that
     * 45 parts of 100 are left for bump. Springs are of an ordinary rate, to be set to the weight.
     */
    public static Vehicle addShocks(Vehicle vehicle, AxlePlace place, ShockSize size, ShockLayout layout) {
        Axle axle = vehicle.axle(place).orElseThrow();
        Axle hung = switch (layout) {
            case COILOVER -> coilovers(axle, size, Optional.of(coils(size.stroke() / 0.65)));
            case SHOCK -> coilovers(axle, size, Optional.empty());
            case SHOCK_AND_SPRING -> springs(coilovers(axle, size, Optional.empty()), size);
            case PUSHROD -> pushrods(axle, size);
            case TORSION_BAR -> levers(coilovers(axle, size, Optional.empty()));
        };
        return vehicle.withAxle(hung);
    }

    private static Axle coilovers(Axle axle, ShockSize size, Optional<Spring> spring) {
        double out = beside(axle);
        double low = axle.tyre().loadedRadius() - Lengths.inches(1);
        double high = low + size.collapsed() + size.stroke() * UP;
        String name = free(axle, spring.isPresent() ? "coilover" : "shock");
        Hanging hanging = new Hanging(axle);
        hanging.mounts(name + " lower", hanging.lowerCarrier(), -Lengths.inches(4), out, low)
                .mounts(name + " upper", BodyName.FRAME, -Lengths.inches(3), out - Lengths.inches(1.5), high);
        return hanging.on(axle.springing().withShocks(both(axle, name, Optional.of(size), spring)));
    }

    /** Coils between seats over the axle, clear of the shocks on their side of it. */
    private static Axle springs(Axle axle, ShockSize size) {
        double out = beside(axle) - Lengths.inches(1);
        double low = axle.tyre().loadedRadius() + Lengths.inches(2);
        double free = size.stroke() / 0.65;
        String name = free(axle, "spring");
        Hanging hanging = new Hanging(axle);
        hanging.mounts(name + " lower", hanging.lowerCarrier(), Lengths.inches(3), out, low)
                .mounts(name + " upper", BodyName.FRAME, Lengths.inches(3), out, low + 0.7 * free);
        return hanging.on(axle.springing().withShocks(both(axle, name, Optional.empty(), Optional.of(coils(free)))));
    }

    /**
     * The rocker turns about a pin across the frame. Its long arm is so long that the wheel's whole travel turns it through
     * less than a right angle, its short one so that nine tenths of the stroke are used.
     */
    private static Axle pushrods(Axle axle, ShockSize size) {
        double inward = -axle.place().outward();
        double travel = axle.travel().bump() + axle.travel().droop();
        double arm = 0.8 * travel;
        double shorter = arm * 0.9 * size.stroke() / travel;
        double out = beside(axle);
        double low = axle.tyre().loadedRadius() - Lengths.inches(1);
        double high = low + Math.max(Lengths.inches(14), axle.travel().bump() + Lengths.inches(8));
        double push = inward * Lengths.inches(3);
        double pin = push + inward * arm;
        double length = size.collapsed() + size.stroke() * UP;
        BodyName rocker = BodyName.rocker(Side.LEFT);
        String name = free(axle, "coilover");
        Hanging hanging = new Hanging(axle);
        hanging.mounts("pushrod outer", hanging.lowerCarrier(), push, out, low)
                .mounts("pushrod inner", rocker, push, out, high)
                .mounts("rocker pin", BodyName.FRAME, pin, out + Lengths.inches(1.5), high)
                .mounts("rocker bearing", BodyName.FRAME, pin, out - Lengths.inches(1.5), high)
                .mounts(name + " lower", rocker, pin, out, high + shorter)
                .mounts(name + " upper", BodyName.FRAME, pin + inward * length, out, high + shorter)
                .links("pushrod", LinkRole.PUSHROD, "pushrod outer", "pushrod inner")
                .pins("rocker axis", "rocker bearing", "rocker pin", rocker);
        Optional<Spring> spring = Optional.of(coils(size.stroke() / 0.65));
        return hanging.on(axle.springing().withShocks(both(axle, name, Optional.of(size), spring)));
    }

    /** Levers that point from the middle of the vehicle to the axle, each held to it by an upright drop link. */
    private static Axle levers(Axle axle) {
        double inward = -axle.place().outward();
        double lever = Math.max(
                Lengths.inches(14), 1.2 * (axle.travel().bump() + axle.travel().droop()));
        double out = beside(axle) - Lengths.inches(3);
        double low = axle.tyre().loadedRadius() - Lengths.inches(1);
        double high = low + Lengths.inches(8);
        double end = inward * Lengths.inches(4);
        BodyName rocker = BodyName.rocker(Side.LEFT);
        Hanging hanging = new Hanging(axle);
        hanging.mounts("lever foot", hanging.carrier(), end, out, low)
                .mounts("lever end", rocker, end, out, high)
                .mounts("lever pin", BodyName.FRAME, end + inward * lever, out, high)
                .mounts("lever bearing", BodyName.FRAME, end + inward * lever, out - Lengths.inches(4), high)
                .links("lever link", LinkRole.DROP_LINK, "lever foot", "lever end")
                .pins("lever axis", "lever bearing", "lever pin", rocker);
        List<TorsionBar> bars = new ArrayList<>(axle.springing().torsionBars());
        double rate = Quantity.TWIST_RATE.onGrid(RATE * lever * lever);
        for (Side side : Side.values()) {
            bars.add(new TorsionBar("torsion bar " + side.id(), "lever axis " + side.id(), rate, 0));
        }
        return hanging.on(axle.springing().withTorsionBars(bars));
    }

    private static Coils coils(double free) {
        Coil coil = new Coil(
                Quantity.RATE.onGrid(RATE),
                Quantity.LENGTH.onGrid(free),
                Quantity.LENGTH.onGrid(free * 0.35),
                OptionalDouble.empty());
        return new Coils(List.of(coil), 0);
    }

    private static double beside(Axle axle) {
        return (axle.track() - axle.tyre().width()) / 2 - Lengths.inches(4);
    }

    private static List<Shock> both(Axle axle, String name, Optional<ShockSize> size, Optional<Spring> spring) {
        List<Shock> shocks = new ArrayList<>(axle.springing().shocks());
        for (Side side : Side.values()) {
            String s = " " + side.id();
            shocks.add(new Shock(name + s, name + " upper" + s, name + " lower" + s, size, spring));
        }
        return shocks;
    }

    /** Without shocks, their springs and torsion bars, and without the rockers, links and mounts that only they used. */
    public static Vehicle dropShocks(Vehicle vehicle, AxlePlace place) {
        Axle axle = vehicle.axle(place).orElseThrow();
        Springing bare = axle.springing().withShocks(List.of()).withTorsionBars(List.of());
        Set<BodyName> rockers = Set.of(BodyName.rocker(Side.LEFT), BodyName.rocker(Side.RIGHT));
        Set<String> turned = new HashSet<>();
        axle.mounts().stream()
                .filter(mount -> rockers.contains(mount.body()))
                .forEach(mount -> turned.add(mount.name()));
        List<Joint> joints = axle.joints().stream()
                .filter(joint -> !rockers.contains(joint.body()))
                .toList();
        List<Link> links = axle.links().stream()
                .filter(link -> !turned.contains(link.from()) && !turned.contains(link.to()))
                .toList();
        Set<String> before = used(axle.springing(), axle.joints(), axle.links(), axle);
        Set<String> after = used(bare, joints, links, axle);
        List<Mount> mounts = axle.mounts().stream()
                .filter(mount -> after.contains(mount.name())
                        || !before.contains(mount.name()) && !turned.contains(mount.name())
                        || masters(axle, after).contains(mount.name()))
                .toList();
        Linkage old = axle.linkage();
        Linkage kept = new Linkage(old.type(), mounts, links, joints, old.leaves(), old.steering());
        return vehicle.withAxle(axle.withLinkage(kept).withSpringing(bare));
    }

    private static Set<String> used(Springing springing, List<Joint> joints, List<Link> links, Axle axle) {
        Set<String> names = new HashSet<>(springing.mounts());
        joints.forEach(joint -> names.addAll(joint.mounts()));
        links.forEach(link -> names.addAll(List.of(link.from(), link.to())));
        axle.linkage().leaves().forEach(leaf -> names.addAll(leaf.mounts()));
        return names;
    }

    /** What a kept mount mirrors stays too. */
    private static Set<String> masters(Axle axle, Set<String> kept) {
        Set<String> names = new HashSet<>();
        for (Mount mount : axle.mounts()) {
            if (kept.contains(mount.name()) && mount.placement() instanceof Placement.MirrorOf mirror) {
                names.add(mirror.mount());
            }
        }
        return names;
    }

    /** With a bump stop on each side over the axle. */
    public static Vehicle addStops(Vehicle vehicle, AxlePlace place) {
        Axle axle = vehicle.axle(place).orElseThrow();
        String name = free(axle, "bump stop");
        double out = axle.track() * 0.28;
        double pad = axle.tyre().loadedRadius() + Lengths.inches(1.5);
        double free = Lengths.inches(3);
        double high = pad + axle.travel().bump() + Lengths.inches(1);
        Hanging hanging = new Hanging(axle);
        hanging.mounts(name + " pad", hanging.carrier(), 0, out, pad).mounts(name, BodyName.FRAME, 0, out, high);
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
        return vehicle.withAxle(hanging.on(axle.springing().withStops(stops)));
    }

    /** With a limit strap on each side. */
    public static Vehicle addStraps(Vehicle vehicle, AxlePlace place) {
        Axle axle = vehicle.axle(place).orElseThrow();
        String name = free(axle, "limit strap");
        double out = axle.track() * 0.22;
        double low = axle.tyre().loadedRadius();
        double high = low + Lengths.inches(8);
        double ahead = -place.outward() * Lengths.inches(3);
        Hanging hanging = new Hanging(axle);
        hanging.mounts(name + " lower", hanging.carrier(), ahead, out, low)
                .mounts(name + " upper", BodyName.FRAME, ahead, out, high);
        List<Strap> straps = new ArrayList<>(axle.springing().straps());
        for (Side side : Side.values()) {
            String s = " " + side.id();
            straps.add(new Strap(
                    name + " webbing" + s,
                    name + " upper" + s,
                    name + " lower" + s,
                    Quantity.LENGTH.onGrid(high - low + axle.travel().droop())));
        }
        return vehicle.withAxle(hanging.on(axle.springing().withStraps(straps)));
    }

    /**
     * With a sway bar across the frame: two arms on one axis, each with an upright drop link to the axle, lower arm or upright. Its rate
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
        BodyName arm = BodyName.barArm(Side.LEFT);
        Hanging hanging = new Hanging(axle);
        hanging.mounts(name + " pin", BodyName.FRAME, pin, out, high)
                .mounts(name + " bearing", BodyName.FRAME, pin, out / 2, high)
                .mounts(name + " arm", arm, end, out, high)
                .mounts(name + " drop link", hanging.lowerCarrier(), end, out, low)
                .links(name + " link", LinkRole.DROP_LINK, name + " arm", name + " drop link")
                .pins(name + " axis", name + " bearing", name + " pin", arm);
        List<SwayBar> bars = new ArrayList<>(axle.springing().swayBars());
        double rate = SwayBar.roundBar(Lengths.inches(0.875), 0, 2 * out);
        bars.add(new SwayBar(name, name + " axis left", name + " axis right", Quantity.TWIST_RATE.onGrid(rate)));
        return vehicle.withAxle(hanging.on(axle.springing().withSwayBars(bars)));
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
