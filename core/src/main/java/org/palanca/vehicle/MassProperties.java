package org.palanca.vehicle;

/**
 * Weight and where it sits.
 *
 * @param mass whole vehicle as used [kg]
 * @param centreBehindFront centre of gravity behind the front axle line [m]
 * @param centreHeight centre of gravity above the ground at ride [m], whole vehicle
 */
public record MassProperties(double mass, double centreBehindFront, double centreHeight) {}
