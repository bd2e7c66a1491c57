package org.palanca.vehicle.springing;

import java.util.OptionalDouble;

/**
 * One coil spring of a stack.
 *
 * @param rate [N/m]
 * @param free length with nothing on it [m]
 * @param solid length with its wires touching [m]
 * @param stop how far it may be squeezed until its slider meets the crossover ring and it goes no further [m]; empty
 *     where there is no ring
 */
public record Coil(double rate, double free, double solid, OptionalDouble stop) {
    /** How far it can be squeezed until a ring or its own wires stop it [m]. */
    public double room() {
        double wires = free - solid;
        return stop.isPresent() ? Math.min(stop.getAsDouble(), wires) : wires;
    }

    /** Whether its own wires stop it, not a ring. */
    public boolean binds() {
        return stop.isEmpty() || stop.getAsDouble() >= free - solid;
    }

    /** Force at which it goes no further [N]. */
    public double full() {
        return rate * room();
    }
}
