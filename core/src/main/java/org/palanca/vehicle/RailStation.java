package org.palanca.vehicle;

/**
 * A place along a frame rail where it bends.
 *
 * @param ahead of the front axle line [m], negative behind
 * @param bottom underside above the ground at ride there [m]
 * @param out outer face from the centreline there [m]
 */
public record RailStation(double ahead, double bottom, double out) {}
