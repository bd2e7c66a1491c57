package org.palanca.vehicle;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.palanca.base.geometry.Side;

/** The bodies that a mount can be fixed to. Which of them an axle has follows from its joints. */
public enum BodyName {
    /** The chassis, which stands still. */
    FRAME,

    /** The housing of a live axle. */
    AXLE,

    /** What carries one wheel: an upright, or the knuckle of a steered axle. */
    KNUCKLE_LEFT(Side.LEFT),
    KNUCKLE_RIGHT(Side.RIGHT),

    /** What turns in the middle of a Watts linkage. */
    BELLCRANK,

    /** The rack of a steering gear, or the rod of a steering ram. */
    RACK,

    /** The arm on a steering box. */
    PITMAN,

    /** The arms of two steering boxes, each of which turns the knuckle on its side. */
    PITMAN_LEFT(Side.LEFT),
    PITMAN_RIGHT(Side.RIGHT),

    /** A bellcrank in the steering, which turns the drag link's direction round. */
    RELAY,

    /** What lets one leaf spring grow longer. */
    SHACKLE_LEFT(Side.LEFT),
    SHACKLE_RIGHT(Side.RIGHT),

    /** An arm that is held to the axle by bushings of its own. */
    ARM_LEFT(Side.LEFT),
    ARM_RIGHT(Side.RIGHT),

    /** Two upper legs that meet in one ball of the upright, welded into one arm. */
    UPPER_ARM_LEFT(Side.LEFT),
    UPPER_ARM_RIGHT(Side.RIGHT),

    /** Two lower legs that meet in one ball of the upright. */
    LOWER_ARM_LEFT(Side.LEFT),
    LOWER_ARM_RIGHT(Side.RIGHT),

    /** What a pushrod turns, or the lever of a torsion bar. */
    ROCKER_LEFT(Side.LEFT),
    ROCKER_RIGHT(Side.RIGHT),

    /** One arm of a sway bar. */
    BAR_LEFT(Side.LEFT),
    BAR_RIGHT(Side.RIGHT);

    private final Optional<Side> side;

    BodyName() {
        side = Optional.empty();
    }

    BodyName(Side side) {
        this.side = Optional.of(side);
    }

    /** What carries one wheel: an upright, or the knuckle of a steered axle. */
    public static BodyName knuckle(Side side) {
        return side == Side.LEFT ? KNUCKLE_LEFT : KNUCKLE_RIGHT;
    }

    /** What lets one leaf spring grow longer. */
    public static BodyName shackle(Side side) {
        return side == Side.LEFT ? SHACKLE_LEFT : SHACKLE_RIGHT;
    }

    /** An arm that is held to the axle by bushings of its own. */
    public static BodyName arm(Side side) {
        return side == Side.LEFT ? ARM_LEFT : ARM_RIGHT;
    }

    /** Two upper legs that meet in one ball of the upright. */
    public static BodyName upperArm(Side side) {
        return side == Side.LEFT ? UPPER_ARM_LEFT : UPPER_ARM_RIGHT;
    }

    /** Two lower legs that meet in one ball of the upright. */
    public static BodyName lowerArm(Side side) {
        return side == Side.LEFT ? LOWER_ARM_LEFT : LOWER_ARM_RIGHT;
    }

    /** The arm of one of two steering boxes. */
    public static BodyName pitman(Side side) {
        return side == Side.LEFT ? PITMAN_LEFT : PITMAN_RIGHT;
    }

    /** What a pushrod turns, or the lever of a torsion bar. */
    public static BodyName rocker(Side side) {
        return side == Side.LEFT ? ROCKER_LEFT : ROCKER_RIGHT;
    }

    /** One arm of a sway bar. */
    public static BodyName barArm(Side side) {
        return side == Side.LEFT ? BAR_LEFT : BAR_RIGHT;
    }

    /**
     * The body of a name in a file.
     *
     * @throws IllegalArgumentException where there is none
     */
    public static BodyName of(String id) {
        return Arrays.stream(values())
                .filter(body -> body.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no body \"" + id + "\""));
    }

    /** On which side it is; empty in the middle. */
    public Optional<Side> side() {
        return side;
    }

    /** The body across the centreline; bodies in the middle are their own mirror image. */
    public BodyName mirrored() {
        return side.map(one -> values()[ordinal() + one.sign()]).orElse(this);
    }

    /** Whether it carries a wheel. */
    public boolean isKnuckle() {
        return this == KNUCKLE_LEFT || this == KNUCKLE_RIGHT;
    }

    /** Whether it is an arm that two links make. */
    public boolean isWishbone() {
        return compareTo(UPPER_ARM_LEFT) >= 0 && compareTo(LOWER_ARM_RIGHT) <= 0;
    }

    /** Its name in files, word keys and mechanisms, such as {@code knuckle left}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    @Override
    public String toString() {
        return id();
    }
}
