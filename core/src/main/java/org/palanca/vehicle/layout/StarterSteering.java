package org.palanca.vehicle.layout;

import static org.palanca.units.Lengths.inches;
import static org.palanca.vehicle.layout.LinkageBuilder.spot;

import java.util.Locale;
import org.palanca.geometry.Side;
import org.palanca.vehicle.BodyNames;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.SuspensionType;

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
    /** A double-ended ram on the axle. */
    RAM;

    private static final double CASTER = Math.toRadians(6);
    private static final double INCLINATION = Math.toRadians(8);

    /** Ahead of the axle line, where racks, rams and tie rods go [in]. */
    private static final double AHEAD = 5.5;

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Whether this can steer an axle of a type. */
    public boolean suits(SuspensionType type) {
        return switch (this) {
            case NONE -> true;
            case RACK -> type.independent() && type != SuspensionType.SEMI_TRAILING;
            default -> !type.independent();
        };
    }

    /** Adds knuckles, arms and what moves them. Independent wheels that do not steer get a toe link. */
    void add(LinkageBuilder b, double halfTrack, SuspensionType type) {
        switch (this) {
            case NONE -> toeLinks(b, halfTrack, type);
            case RACK -> rack(b, halfTrack, type);
            case PITMAN -> pitman(b, halfTrack, -1, 5.5);
            case HIGH_STEER -> pitman(b, halfTrack, 4.25, 6.625);
            case REVERSING_RELAY -> relay(b, halfTrack);
            case RAM -> ram(b, halfTrack);
        }
    }

    private static void toeLinks(LinkageBuilder b, double halfTrack, SuspensionType type) {
        if (!type.independent() || type == SuspensionType.SEMI_TRAILING) {
            return;
        }
        b.mounts("toe link outer", BodyNames.knuckle(Side.LEFT), spot(-6, halfTrack - 5.5, -2));
        b.mounts("toe link inner", BodyNames.FRAME, spot(-6, halfTrack - 18, levelInner(type, -2)));
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
        b.mounts("tie rod outer", BodyNames.knuckle(Side.LEFT), spot(-AHEAD, halfTrack - 4.75, -2));
        b.mounts("tie rod inner", BodyNames.RACK, spot(-AHEAD, halfTrack - 18.25, up));
        b.mounts("rack housing", BodyNames.FRAME, spot(-AHEAD, halfTrack - 21, up));
        b.links("tie rod", LinkRole.TIE_ROD, "tie rod inner", "tie rod outer");
        b.joint(new Joint.Guide("rack guide", "rack housing right", "rack housing left", BodyNames.RACK));
        b.steering("rack guide", inches(2.75));
    }

    /** Kingpins at caster and inclination on each end of the housing. */
    private static void knuckles(LinkageBuilder b, double halfTrack) {
        double half = 4;
        double back = half * Math.tan(CASTER);
        double inward = half * Math.tan(INCLINATION);
        double out = halfTrack - 6;
        b.mounts("kingpin lower", BodyNames.AXLE, spot(b.rearward(-back), out + inward, -half));
        b.mounts("kingpin upper", BodyNames.AXLE, spot(b.rearward(back), out - inward, half));
        for (Side side : Side.values()) {
            String end = " " + side.id();
            b.joint(new Joint.Hinge(
                    "kingpin" + end, "kingpin lower" + end, "kingpin upper" + end, BodyNames.knuckle(side)));
        }
    }

    private static void pitman(LinkageBuilder b, double halfTrack, double tieRodUp, double dragLinkUp) {
        knuckles(b, halfTrack);
        tieRod(b, halfTrack, tieRodUp);
        box(b, dragLinkUp + 0.3125);
        b.mount("drag link knuckle", BodyNames.knuckle(Side.RIGHT), spot(-6, 8 - halfTrack, dragLinkUp));
        b.link("drag link", LinkRole.DRAG_LINK, "pitman end", "drag link knuckle");
    }

    private static void tieRod(LinkageBuilder b, double halfTrack, double armsUp) {
        b.mounts("tie rod", BodyNames.knuckle(Side.LEFT), spot(-6.5, halfTrack - 5.5, armsUp));
        b.link("tie rod", LinkRole.TIE_ROD, "tie rod left", "tie rod right");
    }

    /** A steering box on the left rail with its arm hanging back from it. */
    private static void box(LinkageBuilder b, double up) {
        b.mount("pitman axis top", BodyNames.FRAME, spot(-11.75, 15, up + 3));
        b.mount("pitman axis", BodyNames.FRAME, spot(-11.75, 15, up));
        b.mount("pitman end", BodyNames.PITMAN, spot(-6, 15, up));
        b.joint(new Joint.Hinge("pitman", "pitman axis", "pitman axis top", BodyNames.PITMAN));
        b.steering("pitman", Math.toRadians(22));
    }

    private static void relay(LinkageBuilder b, double halfTrack) {
        knuckles(b, halfTrack);
        tieRod(b, halfTrack, -1);
        box(b, 5.25);
        b.mount("relay axis", BodyNames.AXLE, spot(-6.5, -6, 2.875));
        b.mount("relay axis top", BodyNames.AXLE, spot(-6.5, -6, 6));
        b.mount("relay drag arm", BodyNames.RELAY, spot(-11.75, -6, 5));
        b.mount("relay knuckle arm", BodyNames.RELAY, spot(-1.25, -6, 2.875));
        b.mount("relay link knuckle", BodyNames.knuckle(Side.RIGHT), spot(6, 6.5 - halfTrack, 2.875));
        b.joint(new Joint.Hinge("relay pin", "relay axis", "relay axis top", BodyNames.RELAY));
        b.link("drag link", LinkRole.DRAG_LINK, "pitman end", "relay drag arm");
        b.link("relay link", LinkRole.TIE_ROD, "relay knuckle arm", "relay link knuckle");
    }

    private static void ram(LinkageBuilder b, double halfTrack) {
        knuckles(b, halfTrack);
        b.mounts("tie rod outer", BodyNames.knuckle(Side.LEFT), spot(-AHEAD, halfTrack - 5.25, 0));
        b.mounts("ram end", BodyNames.RACK, spot(-AHEAD, 10, 0));
        b.mounts("ram body", BodyNames.AXLE, spot(-AHEAD, 4, 0));
        b.links("tie rod", LinkRole.TIE_ROD, "ram end", "tie rod outer");
        b.joint(new Joint.Guide("ram", "ram body right", "ram body left", BodyNames.RACK));
        b.steering("ram", inches(4));
    }
}
