package org.palanca.result;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.palanca.base.units.Quantity;

/**
 * Every quantity there is of an axle, with what it measures. A result has one of these, so that files, screens and tables
 * write it in its own unit whichever result it is.
 */
public enum ResultKind {
    ANTI_SQUAT(Quantity.PERCENT),
    ANTI_LIFT_DRIVE(Quantity.PERCENT),
    ANTI_LIFT_BRAKE(Quantity.PERCENT),
    ANTI_DIVE(Quantity.PERCENT),
    /** The same of one wheel, with the share of its whole axle: the mean of both is the axle's. */
    WHEEL_ANTI_SQUAT(Quantity.PERCENT),
    WHEEL_ANTI_LIFT_DRIVE(Quantity.PERCENT),
    WHEEL_ANTI_LIFT_BRAKE(Quantity.PERCENT),
    WHEEL_ANTI_DIVE(Quantity.PERCENT),
    INSTANT_CENTRE_AHEAD(Quantity.LENGTH),
    INSTANT_CENTRE_HEIGHT(Quantity.LENGTH),
    /** The crossing of the links' lines on paper, which is not the instant centre where links converge or steer. */
    LINK_CROSSING_AHEAD(Quantity.LENGTH),
    LINK_CROSSING_HEIGHT(Quantity.LENGTH),
    REACTION_LINE(Quantity.ANGLE),
    /** Slope of the path of a wheel centre in side view, rearward as it rises positive. */
    WHEEL_PATH(Quantity.ANGLE),
    ROLL_CENTRE_HEIGHT(Quantity.LENGTH),
    ROLL_CENTRE_HEIGHT_CHASSIS(Quantity.LENGTH),
    ROLL_CENTRE_OFFSET(Quantity.LENGTH),
    ROLL_AXIS_SLOPE(Quantity.ANGLE),
    ROLL_STEER(Quantity.PERCENT),
    HELD_ROLL_STEER(Quantity.PERCENT),
    PINION_ANGLE(Quantity.ANGLE),
    CASTER(Quantity.ANGLE),
    AXLE_STEER(Quantity.ANGLE),
    SIDE_SHIFT(Quantity.LENGTH),
    WHEELBASE_CHANGE(Quantity.LENGTH),
    TRACK_CHANGE(Quantity.LENGTH),
    PATCH_AHEAD(Quantity.LENGTH),
    PATCH_OUT(Quantity.LENGTH),
    PATCH_UP(Quantity.LENGTH),
    CAMBER(Quantity.ANGLE),
    TOE(Quantity.ANGLE),
    STEER_ANGLE(Quantity.ANGLE),
    KINGPIN_CASTER(Quantity.ANGLE),
    KINGPIN_INCLINATION(Quantity.ANGLE),
    SCRUB_RADIUS(Quantity.LENGTH),
    MECHANICAL_TRAIL(Quantity.LENGTH),
    BUMP_STEER(Quantity.TURN_PER_TRAVEL),
    RACK_RATE(Quantity.TURN_PER_TRAVEL),
    PITMAN_RATIO(Quantity.RATIO),
    ACKERMANN(Quantity.PERCENT),
    DRAG_LINK_SLOPE_GAP(Quantity.ANGLE),
    DRAG_LINK_LENGTH_GAP(Quantity.LENGTH),
    SWING_ARM(Quantity.LENGTH),
    FRONT_CENTRE_HEIGHT(Quantity.LENGTH),
    SIDE_CENTRE_AHEAD(Quantity.LENGTH),
    SIDE_CENTRE_HEIGHT(Quantity.LENGTH),
    /** Where the arms' planes cross on paper, the tie rod left out: in front view, then in side view. */
    ARM_CROSSING_INBOARD(Quantity.LENGTH),
    ARM_CROSSING_HEIGHT(Quantity.LENGTH),
    ARM_CROSSING_AHEAD(Quantity.LENGTH),
    ARM_CROSSING_SIDE_HEIGHT(Quantity.LENGTH),
    BUSHING_PUSH(Quantity.LENGTH),
    BUSHING_FORCE(Quantity.FORCE),
    UPPER_PLAN_ANGLE(Quantity.ANGLE),
    LOWER_PLAN_ANGLE(Quantity.ANGLE),
    SEPARATION_FRAME(Quantity.LENGTH),
    SEPARATION_AXLE(Quantity.LENGTH),
    JOINT_MISALIGNMENT(Quantity.ANGLE),
    LINK_SLOPE(Quantity.ANGLE),
    LINK_LENGTH(Quantity.LENGTH),
    SHOCK_LENGTH(Quantity.LENGTH),
    SHAFT_LEFT_UP(Quantity.LENGTH),
    SHAFT_LEFT_DOWN(Quantity.LENGTH),
    MOTION_RATIO(Quantity.RATIO),
    ROLL_MOTION_RATIO(Quantity.RATIO),
    /** Of its own wheel alone, the other held. */
    WHEEL_MOTION_RATIO(Quantity.RATIO),
    SHOCK_LEAN_SIDE(Quantity.ANGLE),
    SHOCK_LEAN_FRONT(Quantity.ANGLE),
    STOP_GAP(Quantity.LENGTH),
    STRAP_SLACK(Quantity.LENGTH),
    SPRING_LOAD(Quantity.FORCE);

    private final Quantity quantity;
    private final String id = name().toLowerCase(Locale.ROOT);

    ResultKind(Quantity quantity) {
        this.quantity = quantity;
    }

    /** What it measures. */
    public Quantity quantity() {
        return quantity;
    }

    /** Its name in files, output and word keys. */
    public String id() {
        return id;
    }

    /** The kind of that name. */
    public static Optional<ResultKind> of(String id) {
        return Arrays.stream(values()).filter(kind -> kind.id().equals(id)).findFirst();
    }
}
