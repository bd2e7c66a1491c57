package org.palanca.vehicle.layout;

import static org.palanca.base.units.Lengths.inches;
import static org.palanca.vehicle.layout.LinkageBuilder.spot;

import java.util.Locale;
import org.palanca.base.geometry.Side;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;

/** Ways of turning the wheels that an axle can start from. */
public enum StarterSteering {
    /** The wheels are not steered. */
    NONE,
    /** A rack ahead of independent wheels. */
    RACK,
    /** A box on the frame, a drag link across to the far knuckle, a tie rod between the knuckles. */
    PITMAN,
    /** The same with arms above the knuckles, so that drag link and tie rod lie high. */
    HIGH_STEER,
    /** A relay on the axle turns the drag link's direction round. */
    REVERSING_RELAY,
    /** A box on each side of the frame, each with a drag link along the vehicle to its own knuckle; the second follows the first. */
    TWO_BOXES,
    /** A double-ended ram on the axle. */
    RAM;

    private static final double CASTER = Math.toRadians(6);
    private static final double INCLINATION = Math.toRadians(8);

    /** How far the wheels are turned at full lock. */
    private static final double LOCK = Math.toRadians(20);

    /** Length of a pitman arm [in]. */
    private static final double ARM = 7;

    /** Ahead of the axle line: a relay's link goes to a short steering arm [in]. */
    private static final double RELAY_LINK = 5.25;

    /** How far inward of the axle line a drag link along the vehicle ends [in]. */
    private static final double BACK = 30;

    /** Kingpins inside the middle of the tread [in]. */
    private static final double KINGPIN = 6;

    /** Ahead of the axle line, where racks go [in]. */
    private static final double AHEAD = 5.5;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Whether this can steer an axle of a type. */
    public boolean suits(SuspensionType type) {
        return switch (this) {
            case NONE -> true;
            case RACK -> type.independent() && type != SuspensionType.SEMI_TRAILING;
            // Ladder bars lie where the drag links would.
            case TWO_BOXES -> !type.independent() && type != SuspensionType.LADDER_BARS;
            default -> !type.independent();
        };
    }

    /** Adds knuckles, arms and what moves them. Independent wheels that do not steer get a toe link. */
    void add(LinkageBuilder b, double halfTrack, SuspensionType type, Use use) {
        switch (this) {
            case NONE -> toeLinks(b, halfTrack, type);
            case RACK -> rack(b, halfTrack, type);
            case PITMAN, HIGH_STEER -> pitman(b, halfTrack, SteeredAxleLayout.of(type, this, use), use);
            case TWO_BOXES -> twoBoxes(b, halfTrack, type, use);
            case REVERSING_RELAY -> relay(b, halfTrack, SteeredAxleLayout.of(type, this, use), use);
            case RAM -> ram(b, halfTrack, use);
        }
    }

    private static void toeLinks(LinkageBuilder b, double halfTrack, SuspensionType type) {
        if (!type.independent() || type == SuspensionType.SEMI_TRAILING) {
            return;
        }
        b.mounts("toe link outer", BodyName.knuckle(Side.LEFT), spot(-6, halfTrack - 5.5, -2));
        b.mounts("toe link inner", BodyName.FRAME, spot(-6, halfTrack - 18, levelInner(type, -2)));
        b.links("toe link", LinkRole.TIE_ROD, "toe link inner", "toe link outer");
    }

    /** Height of the inner pickup for nearly no bump steer at ride, from that of the outer one [in]. */
    private static double levelInner(SuspensionType type, double outerUp) {
        return switch (type) {
            case STRUT -> outerUp - 0.0625;
            case FIVE_LINK_CORNER -> outerUp + 0.1875;
            default -> outerUp;
        };
    }

    private static void rack(LinkageBuilder b, double halfTrack, SuspensionType type) {
        double up = levelInner(type, -2);
        b.mounts("tie rod outer", BodyName.knuckle(Side.LEFT), spot(-AHEAD, halfTrack - 4.75, -2));
        b.mounts("tie rod inner", BodyName.RACK, spot(-AHEAD, halfTrack - 18.25, up));
        b.mounts("rack housing", BodyName.FRAME, spot(-AHEAD, halfTrack - 21, up));
        b.links("tie rod", LinkRole.TIE_ROD, "tie rod inner", "tie rod outer");
        b.joint(new Joint.Guide("rack guide", "rack housing right", "rack housing left", BodyName.RACK));
        b.steering("rack guide", inches(2.75));
    }

    /** Kingpins at caster and inclination on each end of the housing. */
    private static void knuckles(LinkageBuilder b, double halfTrack) {
        double half = 4;
        double back = half * Math.tan(CASTER);
        double inward = half * Math.tan(INCLINATION);
        double out = halfTrack - KINGPIN;
        b.mounts("kingpin lower", BodyName.AXLE, spot(b.rearward(-back), out + inward, -half));
        b.mounts("kingpin upper", BodyName.AXLE, spot(b.rearward(back), out - inward, half));
        for (Side side : Side.values()) {
            String end = " " + side.id();
            b.joint(new Joint.Hinge(
                    "kingpin" + end, "kingpin lower" + end, "kingpin upper" + end, BodyName.knuckle(side)));
        }
    }

    private static void pitman(LinkageBuilder b, double halfTrack, SteeredAxleLayout row, Use use) {
        knuckles(b, halfTrack);
        tieRod(b, halfTrack, row, use);
        box(b, row, row.dragLink());
        b.mount(
                "drag link knuckle",
                BodyName.knuckle(Side.RIGHT),
                spot(-row.dragLink(), clearOfTyre(use) - halfTrack, row.farUp()));
        b.link("drag link", LinkRole.DRAG_LINK, "pitman end", "drag link knuckle");
    }

    private static void tieRod(LinkageBuilder b, double halfTrack, SteeredAxleLayout row, Use use) {
        b.mounts(
                "tie rod",
                BodyName.knuckle(Side.LEFT),
                spot(-SteeredAxleLayout.TIE_ROD, halfTrack - clearOfTyre(use), row.tieRodUp()));
        b.link("tie rod", LinkRole.TIE_ROD, "tie rod left", "tie rod right");
    }

    /** How far inside the middle of the tread a tie rod ends: trail tyres are wide. */
    private static double clearOfTyre(Use use) {
        return use == Use.TRAIL ? 8.25 : 6.75;
    }

    /**
     * A steering box on the left with its arm hanging back from it.
     *
     * @param driven length of the steering arm that it turns [in]: the longer that is, the farther the box must turn
     */
    private static void box(LinkageBuilder b, SteeredAxleLayout row, double driven) {
        double ahead = row.dragLink() + ARM;
        double up = row.boxUp();
        b.mount("pitman axis top", BodyName.FRAME, spot(-ahead, row.boxOut(), up + 3));
        b.mount("pitman axis", BodyName.FRAME, spot(-ahead, row.boxOut(), up));
        b.mount("pitman end", BodyName.PITMAN, spot(-row.dragLink(), row.boxOut(), up));
        b.joint(new Joint.Hinge("pitman", "pitman axis", "pitman axis top", BodyName.PITMAN));
        b.steering("pitman", Math.asin(driven * Math.sin(LOCK) / ARM));
    }

    /**
     * A box outside each rail. Its arm swings fore and aft above the links, and a drag link runs from there to an arm that points
     * inward from the knuckle: one side pushes while the other pulls.
     */
    private void twoBoxes(LinkageBuilder b, double halfTrack, SuspensionType type, Use use) {
        knuckles(b, halfTrack);
        tieRod(b, halfTrack, SteeredAxleLayout.of(type, this, use), use);
        // Inside wide tyres at full lock, and outside the upper links of a narrow axle.
        double arm = use == Use.TRAIL ? Math.max(5, Math.min(8.5, halfTrack - KINGPIN - 17.5)) : 5.5;
        double out = halfTrack - KINGPIN - arm;
        double up = overLinks(type, use);
        double box = up + riseToBox(type, use);
        b.mounts("drag link knuckle", BodyName.knuckle(Side.LEFT), spot(0, out, up));
        b.mounts("pitman end", BodyName.PITMAN_LEFT, spot(BACK, out, box));
        b.mounts("pitman axis", BodyName.FRAME, spot(BACK, out, box + ARM));
        b.mounts("pitman axis inner", BodyName.FRAME, spot(BACK, out - 3, box + ARM));
        for (Side side : Side.values()) {
            String end = " " + side.id();
            b.joint(new Joint.Hinge(
                    "pitman" + end, "pitman axis" + end, "pitman axis inner" + end, BodyName.pitman(side)));
        }
        b.links("drag link", LinkRole.DRAG_LINK, "pitman end", "drag link knuckle");
        b.steering("pitman left", Math.asin(arm * Math.sin(LOCK) / ARM));
    }

    /** How high drag links along the vehicle go over upper links or springs [in]. */
    private static double overLinks(SuspensionType type, Use use) {
        return switch (type) {
            case TRIANGULATED_UPPERS -> use == Use.TRAIL ? 12 : use == Use.TRACK ? 8 : 7;
            case TRIANGULATED_BOTH -> use == Use.TRAIL ? 12 : use == Use.TRACK ? 6 : 7;
            case LEAF_SPRINGS -> 8;
            default -> use == Use.TRACK ? 5 : 7;
        };
    }

    /**
     * How much higher such a drag link ends at its box [in]: so that it points to where the axle turns about in side view, and
     * rising does not steer. Found by trying heights on the proportions of each type.
     */
    private static double riseToBox(SuspensionType type, Use use) {
        boolean trail = use == Use.TRAIL;
        return switch (type) {
            case TRIANGULATED_UPPERS, TRIANGULATED_BOTH -> trail ? -1.875 : 0.25;
            case TRIANGULATED_LOWERS -> 0.125;
            case FIVE_LINK -> 4;
            case THREE_LINK_PANHARD -> 1;
            case TORQUE_ARM -> use == Use.TRACK || use == Use.STREET ? -1.75 : -3;
            case RADIUS_ARMS -> trail ? -4 : use == Use.TRACK ? -6.75 : -8.25;
            case TRAILING_ARMS -> trail ? -2 : -4.75;
            case LEAF_SPRINGS -> -0.5;
            default -> 1.375;
        };
    }

    /** A lever on the axle whose pin runs along the vehicle: the drag link at its top, a link to the knuckle at its foot. */
    private static void relay(LinkageBuilder b, double halfTrack, SteeredAxleLayout row, Use use) {
        knuckles(b, halfTrack);
        tieRod(b, halfTrack, row, use);
        box(b, row, 0.85 * RELAY_LINK);
        double across = -11.5;
        // On a low car no lower than the rims.
        double arm = use == Use.TRACK ? 2.75 : 3.5;
        double pin = row.farUp() - arm;
        double foot = pin - arm;
        b.mount("relay axis", BodyName.AXLE, spot(-RELAY_LINK, across, pin));
        b.mount("relay axis front", BodyName.AXLE, spot(-row.dragLink(), across, pin));
        b.mount("relay drag arm", BodyName.RELAY, spot(-row.dragLink(), across, row.farUp()));
        b.mount("relay knuckle arm", BodyName.RELAY, spot(-RELAY_LINK, across, foot));
        b.mount(
                "relay link knuckle",
                BodyName.knuckle(Side.RIGHT),
                spot(-RELAY_LINK, clearOfTyre(use) - halfTrack, foot));
        b.joint(new Joint.Hinge("relay pin", "relay axis", "relay axis front", BodyName.RELAY));
        b.link("drag link", LinkRole.DRAG_LINK, "pitman end", "relay drag arm");
        b.link("relay link", LinkRole.TIE_ROD, "relay knuckle arm", "relay link knuckle");
    }

    private static void ram(LinkageBuilder b, double halfTrack, Use use) {
        knuckles(b, halfTrack);
        double in = -SteeredAxleLayout.TIE_ROD;
        b.mounts("tie rod outer", BodyName.knuckle(Side.LEFT), spot(in, halfTrack - clearOfTyre(use), 0));
        b.mounts("ram end", BodyName.RACK, spot(in, 10, 0));
        b.mounts("ram body", BodyName.AXLE, spot(in, 4, 0));
        b.links("tie rod", LinkRole.TIE_ROD, "ram end", "tie rod outer");
        b.joint(new Joint.Guide("ram", "ram body right", "ram body left", BodyName.RACK));
        b.steering("ram", inches(SteeredAxleLayout.TIE_ROD * Math.sin(LOCK)));
    }
}
