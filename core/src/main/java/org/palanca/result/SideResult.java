package org.palanca.result;

import org.palanca.geometry.Side;
import org.palanca.units.Quantity;

/** A result of one side's wheel; its id ends in the side. */
public abstract class SideResult extends DefinedResult {
    private final Side side;

    /**
     * @param name the part of the id before the side
     * @param quantity what it measures
     * @param motion the motion that must exist
     * @param source key of the formula's source in words
     */
    protected SideResult(String name, Side side, Quantity quantity, Motion motion, String source) {
        super(name + "." + side.id(), quantity, motion, source);
        this.side = side;
    }

    @Override
    public final String subject() {
        return side.id();
    }

    /** +1 left, -1 right: the sign of y on its side. */
    protected final int sign() {
        return side.sign();
    }

    protected final WheelMotion wheel(AxleMotion motion) {
        return motion.wheel(side.sign());
    }
}
