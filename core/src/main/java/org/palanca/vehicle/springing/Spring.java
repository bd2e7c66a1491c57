package org.palanca.vehicle.springing;

import java.util.function.Consumer;
import java.util.function.Function;
import org.palanca.base.Cases;

/** A spring as it is described. */
public sealed interface Spring extends SpringLaw permits Coils, Air {
    /** Answers by what it is; every kind has to be answered for. */
    <R> R match(Function<Coils, R> coils, Function<Air, R> air);

    /** Does something by what it is; every kind has to be seen to. */
    default void visit(Consumer<Coils> coils, Consumer<Air> air) {
        match(Cases.does(coils), Cases.does(air));
    }

    /** The same force, for asking often: asking allocates nothing. */
    SpringLaw law();
}
