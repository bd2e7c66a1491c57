package org.palanca.vehicle.springing;

/**
 * What pushes a shock apart, by how far the shock has come in from full extension. Forces are compressive, never negative
 * for coils: a loose spring does not pull.
 */
public interface SpringLaw {
    /** Force with the shock this far in [m, N]. */
    double force(double in);

    /** Energy stored with the shock this far in [J]. */
    double energy(double in);

    /** Rate with the shock this far in [N/m]. */
    double rate(double in);
}
