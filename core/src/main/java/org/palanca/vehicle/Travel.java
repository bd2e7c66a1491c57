package org.palanca.vehicle;

/**
 * How far a wheel may go from ride.
 *
 * @param bump up [m], not negative
 * @param droop down [m], not negative
 */
public record Travel(double bump, double droop) {}
