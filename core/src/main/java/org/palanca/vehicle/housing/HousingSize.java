package org.palanca.vehicle.housing;

import java.util.Locale;
import org.palanca.base.geometry.Side;

/** Every length of a housing that can be known or asked for [m]. Left and right are the driver's. */
public enum HousingSize {
    /** Between the faces that the wheels bolt to. */
    WHEEL_FACES,
    /** Between the end faces of the housing, where brakes or knuckles bolt on. */
    ENDS,
    /** From the housing's end to the wheel face: hub, brake and spacer together. */
    STACK_LEFT,
    STACK_RIGHT,
    /** Pinion plane left of the middle between the wheel faces; negative to the right. */
    PINION_OFFSET,
    /** Pinion plane left of the middle between the housing's ends; negative to the right. */
    END_OFFSET,
    /** From the pinion plane to the housing's end. */
    HALF_LEFT,
    HALF_RIGHT,
    /** From the pinion plane to where the tube comes to rest in the casting. */
    STOP_LEFT,
    STOP_RIGHT,
    /** How deep the tube enters the casting before it rests. */
    ENTERS_LEFT,
    ENTERS_RIGHT,
    /** Tube and its end together, from the tube stop to the housing's end. */
    TUBE_AND_END_LEFT,
    TUBE_AND_END_RIGHT,
    /** What the end piece adds beyond the tube. */
    END_LEFT,
    END_RIGHT,
    /** Tube as it is cut. */
    TUBE_LEFT,
    TUBE_RIGHT,
    /** Tube as it was bought. */
    TUBE_BOUGHT_LEFT,
    TUBE_BOUGHT_RIGHT,
    /** What is cut off the tube as it was bought. */
    TUBE_CUT_OFF_LEFT,
    TUBE_CUT_OFF_RIGHT,
    /** Bare tube between casting and end. */
    BARE_LEFT,
    BARE_RIGHT,
    /** Of an existing housing, from its pinion plane to its end. */
    OLD_HALF_LEFT,
    OLD_HALF_RIGHT,
    /** What an existing housing loses. */
    CUT_OFF_LEFT,
    CUT_OFF_RIGHT,
    /** What is kept of an end that is used again, from its face to where it is cut off behind the flange. */
    END_KEPT_LEFT,
    END_KEPT_RIGHT,
    /** Left open for the weld between a tube and an end that is used again. */
    WELD_GAP,
    /** Width of the saw cut. */
    KERF,
    /** From the pinion plane to where an end that is used again is cut off: the saw goes inward of this mark. */
    END_MARK_LEFT,
    END_MARK_RIGHT,
    /** From the pinion plane to where the tube has to end: the saw goes outward of this mark. */
    TUBE_MARK_LEFT,
    TUBE_MARK_RIGHT,
    /** The ring of tube that falls out between the two cuts. */
    RING_LEFT,
    RING_RIGHT,
    /** From the pinion plane to the outer face of the side gear that drives the shaft. */
    GEAR_LEFT,
    GEAR_RIGHT,
    /** How far the shaft's splines reach into its side gear. */
    ENGAGED_LEFT,
    ENGAGED_RIGHT,
    /** From the pinion plane to the inner end of the axle shaft. */
    SHAFT_INNER_LEFT,
    SHAFT_INNER_RIGHT,
    /** From the housing's end to the outer face of the axle shaft's flange. */
    SHAFT_OUTER_LEFT,
    SHAFT_OUTER_RIGHT,
    /** Axle shaft to order, from its inner end to the outer face of its flange. */
    SHAFT_LEFT,
    SHAFT_RIGHT,
    /** Wheel offset: the wheel's middle inside its mounting face, negative outside. */
    WHEEL_OFFSET,
    /** Between the wheel's bead seats. */
    RIM_WIDTH,
    /** What both rim flanges add to that, usually 1 in in all. */
    RIM_LIPS,
    /** From the inner rim flange's face to the mounting face. */
    BACKSPACING,
    /** Between the middles of the tyres. */
    TRACK,
    /** Section width of the tyre. */
    TYRE_WIDTH,
    /** Outer face of the frame from the centreline. */
    FRAME_OUT,
    /** Room between tyre and frame at ride, wheels straight. */
    FRAME_ROOM,
    /** Outside diameter of the axle's tubes. */
    TUBE_DIAMETER,
    /** Thickness of their walls. */
    TUBE_WALL,
    /** Inside diameter of them. */
    TUBE_INSIDE,
    /** Largest diameter of the differential's housing round the axle's line. */
    DIFFERENTIAL_DIAMETER,
    /** Middle of the differential's housing above the axle's line; negative below. */
    DIFFERENTIAL_HEIGHT,
    /** Outside diameter of the brakes at the housing's ends. */
    BRAKE_DIAMETER,
    /** How far the brakes reach outward from the housing's ends. */
    BRAKE_WIDTH;

    /** The name in files and word keys. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Whether it may be negative. */
    public boolean signed() {
        return switch (this) {
            case PINION_OFFSET, END_OFFSET, WHEEL_OFFSET, SHAFT_INNER_LEFT, SHAFT_INNER_RIGHT, DIFFERENTIAL_HEIGHT ->
                true;
            default -> false;
        };
    }

    /** The size of one side, by the name without its side. */
    static HousingSize of(String name, Side side) {
        return valueOf(name + (side == Side.LEFT ? "_LEFT" : "_RIGHT"));
    }
}
