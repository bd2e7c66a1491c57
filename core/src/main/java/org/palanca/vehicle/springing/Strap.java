package org.palanca.vehicle.springing;

/**
 * A limit strap between two mounts.
 *
 * @param name unique within its axle
 * @param from mount name, on the frame by custom
 * @param to mount name, on the axle by custom
 * @param length between the mounts when it is tight [m]
 */
public record Strap(String name, String from, String to, double length) {
    /** How much a tight strap gives [N/m]: woven straps stretch a little; common practice, no source. */
    private static final double RATE = 8e5;

    /** Pull with the two mounts this far apart [m, N]. */
    public double pull(double apart) {
        return Math.max(0, apart - length) * RATE;
    }

    /** Energy with the two mounts this far apart [J]. */
    public double energy(double apart) {
        double over = Math.max(0, apart - length);
        return RATE * over * over / 2;
    }

    public Strap withLength(double other) {
        return new Strap(name, from, to, other);
    }
}
