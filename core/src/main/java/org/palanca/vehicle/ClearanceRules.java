package org.palanca.vehicle;

import java.util.Collections;
import java.util.OptionalDouble;
import java.util.SortedMap;
import java.util.TreeMap;
import org.palanca.base.units.Lengths;
import org.palanca.vehicle.hardware.LinkEnd;

/**
 * How much room must stay between things, what grows or gives, and how far joints may tilt. All defaults are common practice,
 * no source; lengths in metres, angles in radians.
 *
 * @param worst accepted at the single worst pose
 * @param fixed wanted to fixed parts
 * @param moving wanted between parts that both move
 * @param tyre wanted from tyres
 * @param driveline wanted to the driveline
 * @param paint thickness of paint or powder on each surface
 * @param bushing how far bushings and joints may let a moving part stray
 * @param joint how far a joint may tilt from its middle
 * @param joints the same by the name of a link, where it differs
 */
public record ClearanceRules(
        double worst,
        double fixed,
        double moving,
        double tyre,
        double driveline,
        double paint,
        double bushing,
        double joint,
        SortedMap<String, Double> joints) {
    /** 1/8 in at the worst pose, 1/4 in wanted, 1 in from tyres; 25 degrees for an ordinary rod end. */
    public static final ClearanceRules COMMON = new ClearanceRules(
            Lengths.inches(1.0 / 8),
            Lengths.inches(1.0 / 4),
            Lengths.inches(1.0 / 4),
            Lengths.INCH,
            Lengths.inches(1.0 / 4),
            0,
            0,
            Math.toRadians(25),
            new TreeMap<>());

    public ClearanceRules {
        joints = Collections.unmodifiableSortedMap(new TreeMap<>(joints));
    }

    /** What is wanted of a thing of a kind. Service room has none: it must only stay open. */
    public double wanted(Part.Kind kind) {
        return switch (kind) {
            case FIXED -> fixed;
            case MOVING -> moving;
            case TYRE -> tyre;
            case DRIVELINE -> driveline;
            case SERVICE -> 0;
        };
    }

    /** What is wanted between two: the larger of theirs, and none where one is service room. */
    public double wanted(Part.Kind one, Part.Kind other) {
        if (one == Part.Kind.SERVICE || other == Part.Kind.SERVICE) {
            return 0;
        }
        return Math.max(wanted(one), wanted(other));
    }

    /** What is taken off between two: paint on both, and what bushings give. Service room is not painted. */
    public double allowance(Part.Kind one, Part.Kind other) {
        int painted = (one == Part.Kind.SERVICE ? 0 : 1) + (other == Part.Kind.SERVICE ? 0 : 1);
        return painted * paint + bushing;
    }

    public ClearanceRules withWorst(double other) {
        return new ClearanceRules(other, fixed, moving, tyre, driveline, paint, bushing, joint, joints);
    }

    public ClearanceRules withFixed(double other) {
        return new ClearanceRules(worst, other, moving, tyre, driveline, paint, bushing, joint, joints);
    }

    public ClearanceRules withMoving(double other) {
        return new ClearanceRules(worst, fixed, other, tyre, driveline, paint, bushing, joint, joints);
    }

    public ClearanceRules withTyre(double other) {
        return new ClearanceRules(worst, fixed, moving, other, driveline, paint, bushing, joint, joints);
    }

    public ClearanceRules withDriveline(double other) {
        return new ClearanceRules(worst, fixed, moving, tyre, other, paint, bushing, joint, joints);
    }

    public ClearanceRules withPaint(double other) {
        return new ClearanceRules(worst, fixed, moving, tyre, driveline, other, bushing, joint, joints);
    }

    public ClearanceRules withBushing(double other) {
        return new ClearanceRules(worst, fixed, moving, tyre, driveline, paint, other, joint, joints);
    }

    /** The same with joints that tilt so far [rad]. */
    public ClearanceRules withJoint(double other) {
        return new ClearanceRules(worst, fixed, moving, tyre, driveline, paint, bushing, other, joints);
    }

    /**
     * The same with the joints of one link apart from the others.
     *
     * @param limit how far they tilt [rad]; empty where they are as the others again
     */
    public ClearanceRules withJoint(String link, OptionalDouble limit) {
        SortedMap<String, Double> next = new TreeMap<>(joints);
        next.remove(link);
        limit.ifPresent(angle -> next.put(link, angle));
        return new ClearanceRules(worst, fixed, moving, tyre, driveline, paint, bushing, joint, next);
    }

    /** How far the joints of a link may tilt [rad]. */
    public double joint(String link) {
        return joints.getOrDefault(link, joint);
    }

    /** The same of one end of a link: as typed for that link, else as its maker says, else as the others. */
    public double joint(Link link, LinkEnd end) {
        return joints.containsKey(link.name())
                ? joints.get(link.name())
                : end.misalignment().orElse(joint);
    }
}
