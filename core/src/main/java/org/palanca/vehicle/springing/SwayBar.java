package org.palanca.vehicle.springing;

/**
 * An anti-roll bar: twisted by how differently its two arms have turned.
 *
 * @param name unique within its axle
 * @param left the hinge of its left arm
 * @param right the hinge of its right arm; both axes point the same way
 * @param rate between its two arms [N m/rad]
 */
public record SwayBar(String name, String left, String right, double rate) {
    /** Shear modulus of spring steel [Pa]: 79.3 GPa, a handbook value, from memory. */
    public static final double SHEAR_MODULUS = 79.3e9;

    /**
     * Rate of a straight round bar, solid or tube: G pi (D^4 - d^4) / (32 L) [N m/rad]. Torsion of a round shaft, any text on
     * the strength of materials.
     *
     * @param outer diameter [m]
     * @param inner diameter, 0 for a solid bar [m]
     * @param length that twists [m]
     */
    public static double roundBar(double outer, double inner, double length) {
        return SHEAR_MODULUS * Math.PI * (Math.pow(outer, 4) - Math.pow(inner, 4)) / (32 * length);
    }
}
