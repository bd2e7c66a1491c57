package org.palanca;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.palanca.base.geometry.Side;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkHardware;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.MassProperties;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Steering;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Traction;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Wheels;

/** Double wishbones with a rack, for tests that need exact places: metres, ahead of the axle line, out, up. */
public final class Corners {
    public static final double WHEELBASE = 2.5;
    public static final double TRACK = 1.5;
    public static final double RADIUS = 0.3;

    private final List<Mount> mounts = new ArrayList<>();
    private final List<Link> links = new ArrayList<>();

    /** A wishbone whose inner pivots lie along the vehicle, reaching as far fore as aft of its ball. */
    public Corners wishbone(String name, LinkRole role, double[] ball, double pivotOut, double pivotUp) {
        mount(name + " ball", BodyName.knuckle(Side.LEFT), ball);
        mount(name + " front", BodyName.FRAME, ball[0] + 0.15, pivotOut, pivotUp);
        mount(name + " rear", BodyName.FRAME, ball[0] - 0.15, pivotOut, pivotUp);
        link(name + " front leg", role, name + " front", name + " ball");
        link(name + " rear leg", role, name + " rear", name + " ball");
        return this;
    }

    /** A tie rod from the rack to the knuckle. */
    public Corners tieRod(double[] inner, double[] outer) {
        mount("tie rod inner", BodyName.RACK, inner);
        mount("tie rod outer", BodyName.knuckle(Side.LEFT), outer);
        link("tie rod", LinkRole.TIE_ROD, "tie rod inner", "tie rod outer");
        mount("rack housing", BodyName.FRAME, inner[0], inner[1] - 0.05, inner[2]);
        return this;
    }

    private void mount(String name, BodyName body, double... at) {
        mounts.add(new Mount(name + " left", body, new Placement.Taped(at[0], Side.LEFT, at[1], at[2])));
        mounts.add(new Mount(name + " right", body.mirrored(), new Placement.MirrorOf(name + " left")));
    }

    private void link(String name, LinkRole role, String from, String to) {
        for (Side side : Side.values()) {
            String end = " " + side.id();
            links.add(new Link(name + end, role, from + end, to + end));
        }
    }

    /** The vehicle, these wheels in front. */
    public Vehicle build() {
        Joint rack = new Joint.Guide("rack", "rack housing right", "rack housing left", BodyName.RACK);
        Linkage linkage = new Linkage(
                SuspensionType.DOUBLE_WISHBONE,
                mounts,
                links,
                List.of(rack),
                List.of(),
                Optional.of(new Steering("rack", 0.05)));
        Axle axle = new Axle(
                AxlePlace.FRONT,
                Wheels.upright(new Tyre(0.62, RADIUS, 0.2), TRACK),
                new Travel(0.08, 0.08),
                new Traction(0, 0.6, false, false),
                0,
                OptionalDouble.empty(),
                linkage);
        return new Vehicle(
                "corners",
                1,
                "",
                Use.STREET,
                WHEELBASE,
                new MassProperties(900, 1.2, 0.45),
                LinkHardware.COMMON,
                Optional.empty(),
                List.of(axle),
                List.of(),
                List.of(),
                Build.NONE,
                new TreeMap<>());
    }
}
