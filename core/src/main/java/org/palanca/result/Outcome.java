package org.palanca.result;

import org.palanca.base.words.Message;

/** What came of asking for a result at a pose. */
public sealed interface Outcome {
    /** An ordinary number [inside unit of the result's quantity]. */
    record Value(double value) implements Outcome {}

    /**
     * The answer lies at infinity, as the instant centre of parallel links does.
     *
     * @param slope of the line towards it, rise over forward run
     * @param signedDistance ahead of the axle [m], negative behind
     */
    record AtInfinity(double slope, double signedDistance) implements Outcome {}

    /** There is no answer at this pose, and why. */
    record Unavailable(Message why) implements Outcome {}

    /** The number, infinity with its sign, or NaN where there is none: for curves. */
    default double number() {
        if (this instanceof Value value) {
            return value.value();
        }
        return this instanceof AtInfinity far
                ? Math.copySign(Double.POSITIVE_INFINITY, far.signedDistance())
                : Double.NaN;
    }
}
