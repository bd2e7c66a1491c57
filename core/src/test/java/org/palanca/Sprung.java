package org.palanca;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterVehicle;
import org.palanca.vehicle.springing.Coil;
import org.palanca.vehicle.springing.Coils;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockSize;
import org.palanca.vehicle.springing.Springing;
import org.palanca.vehicle.springing.SwayBar;
import org.palanca.vehicle.springing.TorsionBar;

/** Axles with springs that tests hang on mounts of their own. */
public final class Sprung {
    private Sprung() {}

    /** A rear axle on four level links of one length in side view, of which the uppers converge: it rises nearly upright. */
    public static Vehicle level() {
        return new Examples.RearAxle()
                .pair("lower", LinkRole.LOWER, new Vector3D(2, 0.4, 0.4), new Vector3D(0, 0.4, 0.4))
                .pair("upper", LinkRole.UPPER, new Vector3D(2, 0.5, 0.6), new Vector3D(0, 0.1, 0.6))
                .build();
    }

    /** With a shock on each side between a frame place and an axle place, both told for the left, from the axle line. */
    public static Vehicle withShocks(
            Vehicle vehicle, Vector3D upper, Vector3D lower, Optional<ShockSize> size, Coils coils) {
        Axle axle = vehicle.axle(AxlePlace.REAR).orElseThrow();
        List<Mount> mounts = new ArrayList<>(axle.mounts());
        List<Shock> shocks = new ArrayList<>();
        Vector3D line = new Vector3D(axle.lineX(vehicle.wheelbase()), 0, 0);
        for (Side side : Side.values()) {
            mounts.add(mount("shock upper " + side.id(), BodyName.FRAME, upper, side, line));
            mounts.add(mount("shock lower " + side.id(), BodyName.AXLE, lower, side, line));
            shocks.add(new Shock(
                    "shock " + side.id(),
                    "shock upper " + side.id(),
                    "shock lower " + side.id(),
                    size,
                    Optional.of(coils)));
        }
        return vehicle.withAxle(
                axle.withMounts(mounts).withSpringing(axle.springing().withShocks(shocks)));
    }

    private static Mount mount(String name, BodyName body, Vector3D at, Side side, Vector3D line) {
        Vector3D there = new Vector3D(at.getX(), side.sign() * at.getY(), at.getZ());
        return new Mount(name, body, new Placement.At(there.add(line)));
    }

    /** A coil of a rate [N/m] with much travel. */
    public static Coils coil(double rate, double preload) {
        return new Coils(List.of(new Coil(rate, 0.6, 0.1, OptionalDouble.empty())), preload);
    }

    /**
     * Double wishbones at the rear with a pushrod and rocker that works a shock, a torsion bar on the same rocker, and a sway
     * bar between arms that hang on drop links.
     */
    public static Vehicle rockers() {
        Vehicle plain = new StarterVehicle(
                        "rockers",
                        Use.STREET,
                        Lengths.inches(100),
                        Lengths.inches(26),
                        Optional.empty(),
                        StarterLayout.of(SuspensionType.DOUBLE_WISHBONE))
                .build();
        Axle axle = plain.axle(AxlePlace.REAR).orElseThrow();
        List<Mount> mounts = new ArrayList<>(axle.mounts());
        List<Link> links = new ArrayList<>(axle.links());
        List<Joint> joints = new ArrayList<>(axle.joints());
        List<Shock> shocks = new ArrayList<>();
        List<TorsionBar> bars = new ArrayList<>();
        Vector3D line = new Vector3D(axle.lineX(plain.wheelbase()), 0, 0);
        for (Side side : Side.values()) {
            String s = " " + side.id();
            BodyName rocker = BodyName.rocker(side);
            BodyName arm = BodyName.barArm(side);
            mounts.add(mount("rocker pin rear" + s, BodyName.FRAME, new Vector3D(-0.05, 0.3, 0.75), side, line));
            mounts.add(mount("rocker pin front" + s, BodyName.FRAME, new Vector3D(0.05, 0.3, 0.75), side, line));
            mounts.add(mount("pushrod outer" + s, BodyName.knuckle(side), new Vector3D(0, 0.58, 0.3), side, line));
            mounts.add(mount("pushrod inner" + s, rocker, new Vector3D(0, 0.38, 0.77), side, line));
            mounts.add(mount("damper on rocker" + s, rocker, new Vector3D(0, 0.29, 0.84), side, line));
            mounts.add(mount("damper on frame" + s, BodyName.FRAME, new Vector3D(0, 0.02, 0.84), side, line));
            mounts.add(mount("bar pin out" + s, BodyName.FRAME, new Vector3D(-0.3, 0.35, 0.3), side, line));
            mounts.add(mount("bar pin in" + s, BodyName.FRAME, new Vector3D(-0.3, 0.15, 0.3), side, line));
            mounts.add(mount("drop link lower" + s, arm, new Vector3D(-0.1, 0.4, 0.3), side, line));
            mounts.add(
                    mount("drop link upper" + s, BodyName.knuckle(side), new Vector3D(-0.08, 0.55, 0.45), side, line));
            links.add(new Link("pushrod" + s, LinkRole.PUSHROD, "pushrod inner" + s, "pushrod outer" + s));
            links.add(new Link("drop link" + s, LinkRole.DROP_LINK, "drop link lower" + s, "drop link upper" + s));
            joints.add(new Joint.Hinge("rocker pin" + s, "rocker pin rear" + s, "rocker pin front" + s, rocker));
            // Both arms turn about one axis that points to the left.
            boolean left = side == Side.LEFT;
            joints.add(new Joint.Hinge(
                    "bar pin" + s,
                    (left ? "bar pin in" : "bar pin out") + s,
                    (left ? "bar pin out" : "bar pin in") + s,
                    arm));
            shocks.add(new Shock(
                    "damper" + s,
                    "damper on frame" + s,
                    "damper on rocker" + s,
                    Optional.of(new ShockSize("short", 0.2, 0.33, 0.05, 0.08, 0.03)),
                    Optional.of(coil(90_000, 0.02))));
            bars.add(new TorsionBar("torsion" + s, "rocker pin" + s, 400, 0.1));
        }
        Linkage linkage =
                new Linkage(axle.type(), mounts, links, joints, axle.linkage().leaves(), axle.steering());
        Springing springing = new Springing(
                shocks,
                bars,
                List.of(new SwayBar("sway bar", "bar pin left", "bar pin right", 900)),
                List.of(),
                List.of());
        return plain.withAxle(axle.withLinkage(linkage).withSpringing(springing));
    }
}
