package org.palanca.vehicle.springing;

/**
 * A bar that is twisted by a lever on a hinge.
 *
 * @param name unique within its axle
 * @param joint the hinge whose turning twists it
 * @param rate [N m/rad]
 * @param windUp how far it is twisted at ride, in the sense that pushes the wheel down [rad]
 */
public record TorsionBar(String name, String joint, double rate, double windUp) {}
