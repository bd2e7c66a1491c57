package org.palanca.mechanism.axle;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.mechanism.Body;
import org.palanca.mechanism.BodyPoint;
import org.palanca.mechanism.CompliantMember;
import org.palanca.mechanism.Hinge;
import org.palanca.mechanism.Member;
import org.palanca.mechanism.PointOnPlane;
import org.palanca.mechanism.Rod;
import org.palanca.vehicle.LeafSpring;

/**
 * A leaf spring as three links: each half, from the end of the clamp to its eye, swings like a rigid link of three
 * quarters of its length, whose inner end is fixed to the axle's seat a quarter of the half out from the clamp. (SAE
 * Spring Design Manual HS-788, the three-link equivalent; the three quarters from memory. It is the radius of the arc
 * that the end of a cantilever bent by an end load follows.) The halves resist bending as cantilevers of one section do,
 * by the cube of their lengths, which decides how the seat winds as an unequal spring deflects.
 */
final class LeafModel {
    /** How the name of a member that stands for the bending of a half ends: it gives by design, and is no bushing. */
    static final String BENDING = " bending";

    private static final double LINK_PART = 0.75;
    private static final Vector3D LEFT = new Vector3D(0, 1, 0);

    private final LeafSpring spring;
    private final BodyPoint fixedEye;
    private final BodyPoint seat;
    private final BodyPoint shackleEye;
    private final BodyPoint pivot;
    private final List<Member> members = new ArrayList<>();

    LeafModel(LeafSpring spring, Function<String, BodyPoint> mounts) {
        this.spring = spring;
        fixedEye = mounts.apply(spring.fixedEye());
        seat = mounts.apply(spring.seat());
        shackleEye = mounts.apply(spring.shackleEye());
        pivot = mounts.apply(spring.shacklePivot());
    }

    List<Member> members() {
        double fixed = half(fixedEye);
        double swinging = half(shackleEye);
        double unit = unitRate(fixed, swinging);
        half("fixed half", fixedEye, fixed, unit / cube(fixed));
        half("shackle half", shackleEye, swinging, unit / cube(swinging));
        members.add(new Hinge(
                spring.name() + " shackle",
                Body.GROUND,
                shackleEye.body(),
                pivot.atDesign(),
                pivot.atDesign().add(LEFT.scalarMultiply(0.1))));
        return members;
    }

    private double half(BodyPoint eye) {
        return Vector3D.distance(eye.atDesign(), seat.atDesign()) - spring.clamp() / 2;
    }

    /** What both halves' rates times their lengths' cubes come to, so that the whole spring has its stated rate. */
    private double unitRate(double a, double b) {
        double unitFixed = 1 / cube(a);
        double unitSwinging = 1 / cube(b);
        double whole = unitFixed * unitSwinging * (a + b) * (a + b) / (unitFixed * a * a + unitSwinging * b * b);
        return spring.rate() / whole;
    }

    private static double cube(double x) {
        return x * x * x;
    }

    private void half(String part, BodyPoint eye, double length, double rate) {
        Vector3D along = eye.atDesign().subtract(seat.atDesign()).normalize();
        Vector3D end = eye.atDesign().subtract(along.scalarMultiply(LINK_PART * length));
        BodyPoint inner = new BodyPoint(seat.body(), end);
        members.add(new Rod(spring.name() + " " + part, eye, inner, LINK_PART * length));
        Vector3D square = Vector3D.crossProduct(along, LEFT).normalize();
        members.add(new CompliantMember(
                new PointOnPlane(spring.name() + " " + part + BENDING, seat.body(), square, eye), rate));
        members.add(new CompliantMember(
                new PointOnPlane(spring.name() + " " + part + " sideways", seat.body(), LEFT, eye), spring.sideRate()));
    }
}
