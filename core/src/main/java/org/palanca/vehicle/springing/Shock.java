package org.palanca.vehicle.springing;

import java.util.Optional;

/**
 * A shock, a coilover, an air shock or a spring on its own, between two mounts on any two bodies.
 *
 * @param name unique within its axle
 * @param upper mount name, on the frame by custom
 * @param lower mount name, on the axle by custom
 * @param size what limits its length; empty for a spring on its own
 * @param spring what pushes; empty for a shock alone
 */
public record Shock(String name, String upper, String lower, Optional<ShockSize> size, Optional<Spring> spring) {
    public Shock withSize(Optional<ShockSize> other) {
        return new Shock(name, upper, lower, other, spring);
    }

    public Shock withSpring(Optional<Spring> other) {
        return new Shock(name, upper, lower, size, other);
    }

    /**
     * How far it is pushed together from where its spring counts: from the shock's full extension, or of a spring on its own
     * from its free length [m].
     */
    public double travelFromExtended(double length) {
        return full() - length;
    }

    /** Length at which it has not come in at all: full extension, or of a spring on its own its free length [m]. */
    public double full() {
        if (size.isPresent()) {
            return size.get().extended();
        }
        return coils().map(Coils::free).orElse(0.0);
    }

    /** Its coils, if it has any. */
    public Optional<Coils> coils() {
        return spring.flatMap(one -> one.match(Optional::of, air -> Optional.empty()));
    }

    /** The air in it, if air carries it. */
    public Optional<Air> air() {
        return spring.flatMap(one -> one.match(coils -> Optional.empty(), Optional::of));
    }

    /** Compressive force of its spring at a length between its mounts [m, N]; 0 for a shock alone or a loose spring. */
    public double force(double length) {
        return spring.isPresent() ? spring.get().force(full() - length) : 0;
    }

    /** Energy in its spring at a length [J], from where it is loose or extended. */
    public double energy(double length) {
        return spring.isPresent() ? spring.get().energy(full() - length) : 0;
    }

    /** Its spring's rate at a length [N/m]. */
    public double rate(double length) {
        return spring.isPresent() ? spring.get().rate(full() - length) : 0;
    }
}
