package org.palanca.vehicle.springing;

import java.util.List;
import org.palanca.base.units.Quantity;

/**
 * A rubber, foam or air bump stop between two mounts: it is met when they come nearer than its free height.
 *
 * @param name unique within its axle
 * @param from mount it is fixed to
 * @param to mount of the pad that meets it
 * @param free height with nothing on it [m]
 * @param collapsed height squeezed solid [m]
 * @param forces at equal steps of squeezing, the last one where it is solid [N], rising; none lies at no squeezing
 */
public record BumpStop(String name, String from, String to, double free, double collapsed, List<Double> forces) {
    /** Rate of a stop squeezed solid [N/m]: the bracket behind it. */
    static final double SOLID_RATE = 2e7;

    public BumpStop {
        forces = List.copyOf(forces);
    }

    /** How far it can be squeezed [m]. */
    public double room() {
        return free - collapsed;
    }

    /** Force with the two mounts this far apart [m, N]; 0 until it is met. */
    public double force(double apart) {
        double in = free - apart;
        if (in <= 0) {
            return 0;
        }
        double step = room() / forces.size();
        int whole = (int) Math.min(forces.size(), Math.floor(in / step));
        double low = whole == 0 ? 0 : forces.get(whole - 1);
        if (whole == forces.size()) {
            return low + (in - room()) * SOLID_RATE;
        }
        return low + (forces.get(whole) - low) * (in - whole * step) / step;
    }

    /** Energy with the two mounts this far apart [J]. */
    public double energy(double apart) {
        double in = free - apart;
        if (in <= 0) {
            return 0;
        }
        double step = room() / forces.size();
        double low = 0;
        double energy = 0;
        for (double high : forces) {
            double part = Math.min(1, in / step);
            energy += step * part * (low + (high - low) * part / 2);
            in -= step;
            if (in <= 0) {
                return energy;
            }
            low = high;
        }
        return energy + in * (low + SOLID_RATE * in / 2);
    }

    /** The same shape of its curve, harder or softer, so that it carries a force where it is solid [N]. */
    public BumpStop withLastForce(double force) {
        double times = force / forces.get(forces.size() - 1);
        return new BumpStop(
                name,
                from,
                to,
                free,
                collapsed,
                forces.stream().map(one -> Quantity.FORCE.onGrid(one * times)).toList());
    }
}
