package org.palanca.vehicle.bracket;

import java.util.OptionalDouble;
import java.util.function.Consumer;
import java.util.function.Function;
import org.palanca.base.Cases;
import org.palanca.vehicle.hardware.BoltWay;

/** What a bracket is welded on. */
public sealed interface Seat {
    /** Answers by which it is; every kind has to be answered for. */
    <R> R match(Function<Face, R> face, Function<Tube, R> tube);

    /** Does something by which it is; every kind has to be seen to. */
    default void visit(Consumer<Face> face, Consumer<Tube> tube) {
        match(Cases.does(face), Cases.does(tube));
    }

    /** Thickness of the metal that it is welded to [m]; empty where nobody said, or where it is solid. */
    OptionalDouble wall();

    /**
     * A flat face, as of a frame rail.
     *
     * @param way in which it lies from the bolt
     * @param distance of the bolt's middle from it [m]
     */
    record Face(Way way, double distance, OptionalDouble wall) implements Seat {
        @Override
        public <R> R match(Function<Face, R> face, Function<Tube, R> tube) {
            return face.apply(this);
        }
    }

    /**
     * A round tube along one of the vehicle's axes.
     *
     * @param diameter outside [m]
     * @param along which way it runs
     * @param clock where round it the bolt stands [rad]: of a tube that runs across 0 above it and a right angle ahead of it; of
     *     one that runs fore and aft 0 above it and a right angle out from it; of an upright one 0 ahead of it and a right angle
     *     out from it
     * @param distance from its middle line to the bolt's middle [m]
     */
    record Tube(double diameter, BoltWay along, double clock, double distance, OptionalDouble wall) implements Seat {
        @Override
        public <R> R match(Function<Face, R> face, Function<Tube, R> tube) {
            return tube.apply(this);
        }
    }
}
