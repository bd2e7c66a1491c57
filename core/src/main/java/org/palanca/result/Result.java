package org.palanca.result;

import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.working.Trace;

/** One quantity of one axle. Stateless but for which links it looks at. */
public interface Result {
    /** Which instantaneous motion it is read from. */
    enum Motion {
        NONE,
        HEAVE,
        ROLL,
        /** Steering turned, travel held. */
        STEER
    }

    /** Stable name in files and output, such as {@code anti_squat}; word keys are made from it. */
    String id();

    /** Which quantity it is. */
    ResultKind kind();

    /** What it measures. */
    Quantity quantity();

    /** The motion that must exist. */
    Motion motion();

    /** Key of the formula's source in words. */
    String source();

    /** A name that stands in the result's words, such as a link's; empty when there is none. */
    String subject();

    /** Why {@link #evaluate} may give no number at an ordinary pose. */
    default Message whyNone() {
        return Message.of("fault.no_number");
    }

    /** Whether infinity lies where the side-view instant centre does. */
    default boolean seenFromTheSide() {
        return true;
    }

    /**
     * Works the result out. With {@link Trace#NONE} it allocates nothing.
     *
     * @return the value [inside unit of {@link #quantity}]; infinite where the answer lies at infinity, NaN where there
     *     is none
     */
    double evaluate(AxleMotion motion, Trace trace);
}
