package org.palanca.vehicle.layout;

import static org.palanca.base.units.Lengths.inches;
import static org.palanca.vehicle.layout.LinkageBuilder.spot;

import java.util.OptionalDouble;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.LeafSpring;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Traction;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Wheels;

/**
 * A starting point of every suspension type. Mounts are placed by our own proportions of wheelbase, track and tyre; they
 * are a start, not advice.
 *
 * @param type how it is held
 * @param steering what turns the wheels
 */
public record StarterLayout(SuspensionType type, StarterSteering steering) {
    /** Shortest wheelbase that has room for the links as drawn [m]; under it they are shorter. */
    private static final double LONG_ENOUGH = Lengths.inches(92);

    /** Part of half the diameter that is left with the weight on; common practice, no source. */
    private static final double LOADED_PART = 0.97;

    /** Travel of a live axle and of an independent wheel to start from [in]. */
    private static final double AXLE_BUMP = 5;

    private static final double AXLE_DROOP = 6;
    private static final double LEAF_TRAVEL = 4;
    private static final double ROAD_BUMP = 3;
    private static final double ROAD_DROOP = 3;
    private static final double CORNER_BUMP = 3.5;
    private static final double CORNER_DROOP = 3.5;

    /** An unsteered axle of a type. */
    public static StarterLayout of(SuspensionType type) {
        return new StarterLayout(type, StarterSteering.NONE);
    }

    /**
     * An axle of this layout.
     *
     * @param place front or rear; at the front it runs the other way round
     * @param wheelbase of the vehicle [m]
     * @param tyreDiameter as measured [m]
     * @param driveShare part of the thrust, 0 to 1
     * @param brakeShare part of the braking, 0 to 1
     * @param use decides travel and pinion: a road car has less of either
     */
    public Axle axle(
            AxlePlace place, double wheelbase, double tyreDiameter, double driveShare, double brakeShare, Use use) {
        double radius = tyreDiameter / 2 * LOADED_PART;
        double track = type.independent() ? inches(58) : Math.max(inches(58), tyreDiameter * 1.85);
        boolean ownKingpins = type.independent() || steering != StarterSteering.NONE;
        OptionalDouble caster = place == AxlePlace.FRONT && !ownKingpins
                ? OptionalDouble.of(Math.toRadians(6))
                : OptionalDouble.empty();
        return new Axle(
                place,
                Wheels.upright(new Tyre(tyreDiameter, radius, tyreWidth(use, tyreDiameter)), track),
                travel(use),
                new Traction(driveShare, brakeShare, type.independent(), false),
                Math.toRadians(place == AxlePlace.FRONT ? 4 : use == Use.TRAIL ? 5 : 3),
                caster,
                linkage(use, place, wheelbase, track, radius));
    }

    /** Width of an ordinary tyre of a use [m], whatever its diameter, but no wider than it can be. */
    private double tyreWidth(Use use, double diameter) {
        double usual = use == Use.TRAIL ? (type.independent() ? 10.5 : 12.5) : (type.independent() ? 8 : 9.5);
        return Math.min(inches(usual), 0.45 * diameter);
    }

    private Travel travel(Use use) {
        if (use != Use.TRAIL) {
            return new Travel(inches(ROAD_BUMP), inches(ROAD_DROOP));
        }
        if (type.independent()) {
            return new Travel(inches(CORNER_BUMP), inches(CORNER_DROOP));
        }
        return type == SuspensionType.LEAF_SPRINGS
                ? new Travel(inches(LEAF_TRAVEL), inches(LEAF_TRAVEL))
                : new Travel(inches(AXLE_BUMP), inches(AXLE_DROOP));
    }

    /**
     * What holds and steers such an axle, for wheels that are there already.
     *
     * @param use whose targets its mounts are fitted to
     * @param place front or rear; at the front it runs the other way round
     * @param wheelbase of the vehicle [m]
     * @param track between the wheels [m]
     * @param axleHeight of the wheel centres above the ground [m]
     */
    public Linkage linkage(Use use, AxlePlace place, double wheelbase, double track, double axleHeight) {
        LinkageBuilder builder = builder(use, place, wheelbase, axleHeight);
        double halfTrack = track / 2 / Lengths.INCH;
        if (type.independent()) {
            corner(builder, halfTrack);
        } else {
            liveAxle(builder, use);
        }
        steering.add(builder, halfTrack, type, use);
        return builder.build(type);
    }

    private LinkageBuilder builder(Use use, AxlePlace place, double wheelbase, double axleHeight) {
        return new LinkageBuilder(
                place, Math.min(1, wheelbase / LONG_ENOUGH), axleHeight, FittedStarts.of(use, place, this));
    }

    /** What steers such an axle alone, without what holds it; toe links where independent wheels are not steered. */
    Linkage steering(Use use, AxlePlace place, double wheelbase, double track, double axleHeight) {
        LinkageBuilder builder = builder(use, place, wheelbase, axleHeight);
        steering.add(builder, track / 2 / Lengths.INCH, type, use);
        return builder.build(type);
    }

    private void liveAxle(LinkageBuilder b, Use use) {
        switch (type) {
            case TRIANGULATED_UPPERS, TRIANGULATED_LOWERS, TRIANGULATED_BOTH -> triangulated(b);
            case PARALLEL_PANHARD -> {
                parallelFour(b);
                panhard(b, use);
            }
            case FIVE_LINK, THREE_LINK_PANHARD, TORQUE_ARM -> {
                heldAside(b);
                panhard(b, use);
            }
            case WATTS_ON_AXLE -> {
                parallelFour(b);
                watts(b, use, BodyName.AXLE);
            }
            case WATTS_ON_FRAME -> {
                parallelFour(b);
                watts(b, use, BodyName.FRAME);
            }
            case RADIUS_ARMS -> {
                radiusArms(b);
                panhard(b, use);
            }
            case TRAILING_ARMS -> {
                trailingArms(b, use);
                panhard(b, use);
            }
            case LADDER_BARS -> {
                ladderBars(b);
                panhard(b, use);
            }
            case LEAF_SPRINGS -> {
                // A drag link goes over the spring of a high steer, and under that of another.
                boolean high = steering == StarterSteering.HIGH_STEER;
                leaves(b, steering == StarterSteering.NONE ? 19 : 16, high ? 2.75 : 3.5);
            }
            default -> throw new IllegalStateException(type + " is no live axle");
        }
    }

    /** Four links that hold the axle sideways by their slopes. */
    private void triangulated(LinkageBuilder b) {
        switch (type) {
            case TRIANGULATED_UPPERS -> {
                b.pair("upper", LinkRole.UPPER, spot(25, 15.5, 9.5), spot(2, 5, 10.5));
                b.pair("lower", LinkRole.LOWER, spot(40, 12, 3.5), spot(-1, 19.5, -1.25));
            }
            case TRIANGULATED_LOWERS -> {
                b.pair("upper", LinkRole.UPPER, spot(27, 14, 9), spot(2, 13.25, 10));
                b.pair("lower", LinkRole.LOWER, spot(38, 4, 3.5), spot(-1, 20, -1.25));
            }
            default -> {
                b.pair("upper", LinkRole.UPPER, spot(26, 15.5, 9.5), spot(2, 4.5, 10.5));
                b.pair("lower", LinkRole.LOWER, spot(38, 5, 3.5), spot(-1, 20, -1.25));
            }
        }
    }

    /** Links that leave holding the axle sideways to a Panhard bar. */
    private void heldAside(LinkageBuilder b) {
        switch (type) {
            case FIVE_LINK -> {
                b.pair("upper", LinkRole.UPPER, spot(24, 13, 9), spot(1, 12, 6));
                b.pair("lower", LinkRole.LOWER, spot(34, 14, 0.5), spot(1, 16, -3));
            }
            case THREE_LINK_PANHARD -> {
                b.pair("lower", LinkRole.LOWER, spot(37, 14, 1), spot(1, 17.5, -2.5));
                b.single("upper", LinkRole.UPPER, spot(33, -14, 8), spot(-0.5, -12, 7));
            }
            default -> {
                b.pair("lower", LinkRole.LOWER, spot(26, 15, 0), spot(1, 18, -3.5));
                b.single("torque arm", LinkRole.TORQUE_ARM, spot(44, 0, 6.5), spot(44, 0, 0.5));
            }
        }
    }

    private static void ladderBars(LinkageBuilder b) {
        b.mounts("bar frame", BodyName.FRAME, spot(31, 13, 0.5));
        b.mounts("bar upper axle", BodyName.AXLE, spot(0, 15, 5.5));
        b.mounts("bar lower axle", BodyName.AXLE, spot(0, 15, -4));
        b.links("bar upper", LinkRole.UPPER, "bar frame", "bar upper axle");
        b.links("bar lower", LinkRole.LOWER, "bar frame", "bar lower axle");
    }

    private static void parallelFour(LinkageBuilder b) {
        b.pair("upper", LinkRole.UPPER, spot(33, 14, 6.5), spot(1, 14, 5));
        b.pair("lower", LinkRole.LOWER, spot(33, 14, -1.5), spot(1, 14, -3));
    }

    private void panhard(LinkageBuilder b, Use use) {
        if (steering == StarterSteering.NONE && type != SuspensionType.TRAILING_ARMS) {
            b.single("panhard", LinkRole.PANHARD, spot(-3, 16, 7), spot(-3, -14.5, 6.75));
            return;
        }
        SteeredAxleLayout row = SteeredAxleLayout.of(type, steering, use);
        b.single("panhard", LinkRole.PANHARD, spot(-row.bar(), 16, row.barUp()), spot(-row.bar(), -12.5, row.barUp()));
    }

    /** The bellcrank turns about a pin along the vehicle; a rod from each of its ends goes to the other body. */
    private void watts(LinkageBuilder b, Use use, BodyName carrier) {
        BodyName other = carrier.equals(BodyName.AXLE) ? BodyName.FRAME : BodyName.AXLE;
        boolean steered = steering != StarterSteering.NONE;
        double bar = steered ? SteeredAxleLayout.of(type, steering, use).bar() : 9;
        double up = steered ? SteeredAxleLayout.of(type, steering, use).barUp() : -0.75;
        // A relay's lever hangs down on the right, where the high rod goes past it.
        double half = steering == StarterSteering.REVERSING_RELAY ? -3.5 : 3.5;
        // What rises between the rails stands inside them.
        double out = steered && use == Use.TRAIL && carrier.equals(BodyName.FRAME) ? 12 : 17;
        b.mount("watts pivot", carrier, spot(-bar, 0, up));
        b.mount("watts pivot rear", carrier, spot(-bar - 2, 0, up));
        b.mount("watts crank top", BodyName.BELLCRANK, spot(-bar, 0, up + half));
        b.mount("watts crank bottom", BodyName.BELLCRANK, spot(-bar, 0, up - half));
        b.mount("watts end left", other, spot(-bar, out, up + half));
        b.mount("watts end right", other, spot(-bar, -out, up - half));
        b.joint(new Joint.Hinge("watts pin", "watts pivot", "watts pivot rear", BodyName.BELLCRANK));
        b.link("watts left", LinkRole.WATTS, "watts end left", "watts crank top");
        b.link("watts right", LinkRole.WATTS, "watts end right", "watts crank bottom");
    }

    /** Arms in one piece with the housing; the nearer their pivots the more anti-squat, the higher the less roll steer. */
    private static void trailingArms(LinkageBuilder b, Use use) {
        LinkageBuilder.Spot pivot = switch (use) {
            case TRAIL -> spot(46, 4, 4);
            case TRACK -> spot(46, 4, -2.5);
            case DRAG -> spot(34, 4, 1.5);
            case STREET -> spot(46, 4, 0);
        };
        b.mounts("arm pivot", BodyName.AXLE, pivot);
        b.bushings("arm", "arm pivot");
    }

    private static void radiusArms(LinkageBuilder b) {
        b.mounts("arm pivot", BodyName.arm(Side.LEFT), spot(36, 15, -3));
        b.mounts("arm front bushing", BodyName.AXLE, spot(4, 15, 1));
        b.mounts("arm rear bushing", BodyName.AXLE, spot(-4, 15, 1.5));
        b.bushings("arm frame bushing", "arm pivot");
        for (Side side : Side.values()) {
            String end = " " + side.id();
            b.joint(new Joint.Clamp(
                    "arm clamp" + end,
                    "arm front bushing" + end,
                    "arm rear bushing" + end,
                    BodyName.arm(side),
                    OptionalDouble.empty()));
        }
    }

    /** Springs over the axle, shackles hanging at the outer end; where wheels turn they stand nearer together. */
    private static void leaves(LinkageBuilder b, double out, double up) {
        b.mounts("spring fixed eye", BodyName.FRAME, spot(25, out, up));
        b.mounts("spring seat", BodyName.AXLE, spot(0, out, up));
        b.mounts("spring shackle eye", BodyName.shackle(Side.LEFT), spot(-27, out, up + 0.5));
        b.mounts("shackle pivot", BodyName.FRAME, spot(-28.5, out, up + 5));
        for (Side side : Side.values()) {
            String end = " " + side.id();
            b.leaf(new LeafSpring(
                    "spring" + end,
                    "spring fixed eye" + end,
                    "spring seat" + end,
                    "spring shackle eye" + end,
                    "shackle pivot" + end,
                    inches(6),
                    35_000,
                    600_000));
        }
    }

    private void corner(LinkageBuilder b, double halfTrack) {
        switch (type) {
            case DOUBLE_WISHBONE -> {
                wishbone(
                        b,
                        "upper",
                        LinkRole.UPPER,
                        spot(b.rearward(0.5), halfTrack - 6.5, 5.5),
                        halfTrack - 16.5,
                        4,
                        4.5);
                wishbone(
                        b,
                        "lower",
                        LinkRole.LOWER,
                        spot(b.rearward(-0.5), halfTrack - 5, -5),
                        halfTrack - 19,
                        4.75,
                        -4.5);
            }
            case STRUT -> {
                wishbone(
                        b,
                        "lower",
                        LinkRole.LOWER,
                        spot(b.rearward(-0.5), halfTrack - 5, -5),
                        halfTrack - 18,
                        6,
                        -4.75);
                struts(b, halfTrack);
            }
            case SEMI_TRAILING -> semiTrailing(b, halfTrack);
            case FIVE_LINK_CORNER -> {
                arm(b, "upper front", LinkRole.UPPER, spot(4, halfTrack - 16, 5), spot(1.5, halfTrack - 6.5, 5.75));
                arm(b, "upper rear", LinkRole.UPPER, spot(-4, halfTrack - 16, 4.75), spot(-1, halfTrack - 6.75, 5.5));
                arm(b, "lower front", LinkRole.LOWER, spot(9, halfTrack - 17, -4), spot(1, halfTrack - 5, -5));
                arm(b, "lower rear", LinkRole.LOWER, spot(-3, halfTrack - 19, -4.25), spot(-1.5, halfTrack - 5, -4.75));
            }
            default -> throw new IllegalStateException(type + " is no independent corner");
        }
    }

    private static void struts(LinkageBuilder b, double halfTrack) {
        b.mounts("strut foot", BodyName.knuckle(Side.LEFT), spot(b.rearward(0.1), halfTrack - 6.5, 2));
        b.mounts("strut top", BodyName.FRAME, spot(b.rearward(1.5), halfTrack - 9.5, 18));
        for (Side side : Side.values()) {
            b.joint(new Joint.Strut("strut " + side.id(), "strut top " + side.id(), "strut foot " + side.id()));
        }
    }

    private static void semiTrailing(LinkageBuilder b, double halfTrack) {
        b.mounts("arm inner pivot", BodyName.FRAME, spot(11, 5, -0.5));
        b.mounts("arm outer pivot", BodyName.FRAME, spot(17, halfTrack - 7, -1));
        for (Side side : Side.values()) {
            String end = " " + side.id();
            b.joint(new Joint.Hinge(
                    "arm" + end, "arm inner pivot" + end, "arm outer pivot" + end, BodyName.knuckle(side)));
        }
    }

    /** Two legs to one outer ball on each side; the inner pivots lie along the vehicle. */
    private static void wishbone(
            LinkageBuilder b,
            String name,
            LinkRole role,
            LinkageBuilder.Spot ball,
            double pivotOut,
            double reach,
            double pivotUp) {
        b.mounts(name + " ball", BodyName.knuckle(Side.LEFT), ball);
        b.mounts(name + " front pivot", BodyName.FRAME, spot(-reach, pivotOut, pivotUp));
        b.mounts(name + " rear pivot", BodyName.FRAME, spot(reach, pivotOut, pivotUp));
        b.links(name + " front leg", role, name + " front pivot", name + " ball");
        b.links(name + " rear leg", role, name + " rear pivot", name + " ball");
    }

    private static void arm(
            LinkageBuilder b, String name, LinkRole role, LinkageBuilder.Spot frame, LinkageBuilder.Spot outer) {
        b.mounts(name + " frame", BodyName.FRAME, frame);
        b.mounts(name + " outer", BodyName.knuckle(Side.LEFT), outer);
        b.links(name, role, name + " frame", name + " outer");
    }
}
