package org.palanca.floor.cutting;

import java.util.Optional;
import java.util.OptionalDouble;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.vehicle.hardware.BarPath;
import org.palanca.vehicle.hardware.LinkTube;

/**
 * What a bent bar bears: a push or pull F along the line of its pins acts at the bend's offset e from that line, so that its
 * stress is F/A + k F e/Z, with A the section, Z its modulus and k by how much more the inner side of a bend bears than a
 * straight bar's skin. A push bows the bar out further; that multiplies the bending by 1 / (1 - F/F_E), with F_E Euler's load of
 * the bar between its pins (Timoshenko and Gere, Theory of Elastic Stability, of a bar that is bowed before it is loaded; from
 * memory). A comparison between designs: no weld, notch or blow is in it.
 *
 * @param path the bar's middle
 * @param tube its section
 * @param force along the line of the pins [N]; empty: not asked
 */
public record BentBar(BarPath path, LinkTube tube, OptionalDouble force) {
    /** Of steel, whichever [Pa]: common engineering value, from memory. */
    public static final double MODULUS = 205e9;

    /** The farthest that its middle stands off the line of its pins [m]. */
    public double offset() {
        return path.offset();
    }

    /** How many times the stress of the same bar made straight, pulled alike. */
    public double times() {
        return 1 + tube.area() * worstBending();
    }

    /** Its largest stress when it is pulled [Pa]; empty where no force is stated. */
    public OptionalDouble pulled() {
        return force.isPresent()
                ? OptionalDouble.of(force.getAsDouble() * times() / tube.area())
                : OptionalDouble.empty();
    }

    /** Its largest stress when it is pushed [Pa]: without end where it would buckle; empty where no force is stated. */
    public OptionalDouble pushed() {
        if (force.isEmpty()) {
            return OptionalDouble.empty();
        }
        double load = force.getAsDouble();
        double slack = 1 - load / buckling();
        return OptionalDouble.of(
                slack > 0 ? load / tube.area() + load * worstBending() / slack : Double.POSITIVE_INFINITY);
    }

    /** Yield by the larger stress of push and pull; empty where force or yield is not known. */
    public OptionalDouble safety() {
        return pushed().isPresent() && tube.yield().isPresent()
                ? OptionalDouble.of(tube.yield().getAsDouble() / pushed().getAsDouble())
                : OptionalDouble.empty();
    }

    /** Euler's load of the bar between its pins, straight and of steel [N]. */
    public double buckling() {
        return Math.PI * Math.PI * MODULUS * tube.secondMoment() / (path.pinToPin() * path.pinToPin());
    }

    /** Why it would not bear the force that is stated; empty where it does, or where that is not known. */
    Optional<Message> fault() {
        if (force.isEmpty()) {
            return Optional.empty();
        }
        Message.Measure load = new Message.Measure(force.getAsDouble(), Quantity.FORCE);
        double stress = pushed().orElseThrow();
        if (Double.isInfinite(stress)) {
            return Optional.of(Message.of("cut.bent_buckles", load, new Message.Measure(buckling(), Quantity.FORCE)));
        }
        return tube.yield().isPresent() && stress > tube.yield().getAsDouble()
                ? Optional.of(Message.of(
                        "cut.bent_yields",
                        load,
                        new Message.Judged(stress, tube.yield().getAsDouble(), Quantity.STRESS),
                        new Message.Judged(tube.yield().getAsDouble(), stress, Quantity.STRESS)))
                : Optional.empty();
    }

    /** Largest bending stress by force [1/m2]. */
    private double worstBending() {
        double worst = 0;
        for (int i = 0; i < path.bends(); i++) {
            worst = Math.max(worst, path.offset(i) * innerSide(path.bend(i).radius()) / tube.sectionModulus());
        }
        return worst;
    }

    /**
     * Stress at the inner side of a bend by that of a straight bar under the same moment: Winkler and Bach's curved bar. The
     * neutral radius of a round tube is A by the integral of dA/r, which over a disc of radius c at radius R is
     * 2 pi (R - sqrt(R^2 - c^2)).
     *
     * @param radius of the bend, to the bar's middle [m]
     */
    double innerSide(double radius) {
        double outer = tube.outside() / 2;
        double inner = outer - tube.wall();
        double integral =
                2 * Math.PI * (Math.sqrt(radius * radius - inner * inner) - Math.sqrt(radius * radius - outer * outer));
        double neutral = tube.area() / integral;
        double nearest = radius - outer;
        double stress = (neutral - nearest) / (tube.area() * (radius - neutral) * nearest);
        return stress * tube.sectionModulus();
    }
}
