package org.palanca.vehicle;

import java.util.function.Consumer;
import java.util.function.Function;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.Cases;
import org.palanca.base.geometry.Side;

/** How a mount's place is stated. A file keeps the way it was measured. */
public sealed interface Placement {
    /** Answers by which it is; every kind has to be answered for. */
    <R> R match(Function<At, R> at, Function<Taped, R> taped, Function<MirrorOf, R> mirror);

    /** Does something by which it is; every kind has to be seen to. */
    default void visit(Consumer<At> at, Consumer<Taped> taped, Consumer<MirrorOf> mirror) {
        match(Cases.does(at), Cases.does(taped), Cases.does(mirror));
    }

    /** By coordinates in the vehicle frame [m]. */
    record At(Vector3D point) implements Placement {
        @Override
        public <R> R match(Function<At, R> at, Function<Taped, R> taped, Function<MirrorOf, R> mirror) {
            return at.apply(this);
        }
    }

    /**
     * As a tape gives it.
     *
     * @param ahead ahead of its own axle's line at ride, negative behind [m]
     * @param side which side of the centreline
     * @param out out from the centreline [m], not negative
     * @param up up from the floor at ride [m]
     */
    record Taped(double ahead, Side side, double out, double up) implements Placement {
        @Override
        public <R> R match(Function<At, R> at, Function<Taped, R> taped, Function<MirrorOf, R> mirror) {
            return taped.apply(this);
        }
    }

    /** The mirror image of another mount of the same axle across the centreline; it follows that mount. */
    record MirrorOf(String mount) implements Placement {
        @Override
        public <R> R match(Function<At, R> at, Function<Taped, R> taped, Function<MirrorOf, R> mirror) {
            return mirror.apply(this);
        }
    }
}
