package org.palanca.result;

import org.palanca.base.geometry.Side;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.WheelMotion;

/** A result of one side's wheel; its id ends in the side. */
public abstract class SideResult extends DefinedResult {
    private final Side side;

    /**
     * @param kind which quantity
     * @param motion the motion that must exist
     * @param source key of the formula's source in words
     */
    protected SideResult(ResultKind kind, Side side, Motion motion, String source) {
        super(kind, side.id(), motion, source);
        this.side = side;
    }

    /** +1 left, -1 right: the sign of y on its side. */
    protected final int sign() {
        return side.sign();
    }

    protected final WheelMotion wheel(AxleMotion motion) {
        return motion.wheel(side.sign());
    }
}
