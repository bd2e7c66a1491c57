package org.palanca.result;

import java.util.function.Consumer;
import java.util.function.Function;
import org.palanca.base.Cases;
import org.palanca.base.words.Message;

/** What came of asking for a result at a pose. */
public sealed interface Outcome {
    /** Answers by which it is; every kind has to be answered for. */
    <R> R match(Function<Value, R> number, Function<AtInfinity, R> far, Function<Unavailable, R> none);

    /** Does something by which it is; every kind has to be seen to. */
    default void visit(Consumer<Value> number, Consumer<AtInfinity> far, Consumer<Unavailable> none) {
        match(Cases.does(number), Cases.does(far), Cases.does(none));
    }

    /** An ordinary number [inside unit of the result's quantity]. */
    record Value(double value) implements Outcome {
        @Override
        public <R> R match(Function<Value, R> number, Function<AtInfinity, R> far, Function<Unavailable, R> none) {
            return number.apply(this);
        }
    }

    /**
     * The answer lies at infinity, as the instant centre of parallel links does.
     *
     * @param slope of the line towards it, rise over forward run
     * @param signedDistance ahead of the axle [m], negative behind
     */
    record AtInfinity(double slope, double signedDistance) implements Outcome {
        @Override
        public <R> R match(Function<Value, R> number, Function<AtInfinity, R> far, Function<Unavailable, R> none) {
            return far.apply(this);
        }
    }

    /** There is no answer at this pose, and why. */
    record Unavailable(Message why) implements Outcome {
        @Override
        public <R> R match(Function<Value, R> number, Function<AtInfinity, R> far, Function<Unavailable, R> none) {
            return none.apply(this);
        }
    }

    /** The number, infinity with its sign, or NaN where there is none: for curves. */
    default double number() {
        return match(
                Value::value, far -> Math.copySign(Double.POSITIVE_INFINITY, far.signedDistance()), none -> Double.NaN);
    }
}
