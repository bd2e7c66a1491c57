package org.palanca.vehicle;

import java.util.List;
import org.palanca.base.geometry.Side;
import org.palanca.base.geometry.SidedName;

/** The bodies that a mount can be fixed to. */
public final class BodyNames {
    /** The chassis, which stands still. */
    public static final String FRAME = "frame";

    /** The housing of a live axle. */
    public static final String AXLE = "axle";

    /** What turns in the middle of a Watts linkage. */
    public static final String BELLCRANK = "bellcrank";

    /** The rack of a steering gear, or the rod of a steering ram. */
    public static final String RACK = "rack";

    /** The arm on a steering box. */
    public static final String PITMAN = "pitman";

    /** A bellcrank in the steering, which turns the drag link's direction round. */
    public static final String RELAY = "relay";

    /** All names, the frame first. */
    public static final List<String> ALL = List.of(
            FRAME,
            AXLE,
            knuckle(Side.LEFT),
            knuckle(Side.RIGHT),
            BELLCRANK,
            RACK,
            PITMAN,
            RELAY,
            shackle(Side.LEFT),
            shackle(Side.RIGHT),
            arm(Side.LEFT),
            arm(Side.RIGHT),
            rocker(Side.LEFT),
            rocker(Side.RIGHT),
            barArm(Side.LEFT),
            barArm(Side.RIGHT));

    private BodyNames() {}

    /** What carries one wheel: an upright, or the knuckle of a steered axle. */
    public static String knuckle(Side side) {
        return "knuckle " + side.id();
    }

    /** What lets one leaf spring grow longer. */
    public static String shackle(Side side) {
        return "shackle " + side.id();
    }

    /** An arm that is held to the axle by bushings of its own. */
    public static String arm(Side side) {
        return "arm " + side.id();
    }

    /** What a pushrod turns, or the lever of a torsion bar. */
    public static String rocker(Side side) {
        return "rocker " + side.id();
    }

    /** One arm of a sway bar. */
    public static String barArm(Side side) {
        return "bar " + side.id();
    }

    /** The body across the centreline; bodies in the middle are their own mirror image. */
    public static String mirror(String body) {
        return SidedName.of(body).mirrored();
    }
}
