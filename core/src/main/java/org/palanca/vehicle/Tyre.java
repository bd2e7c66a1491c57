package org.palanca.vehicle;

/**
 * A tyre as measured, not as labelled.
 *
 * @param diameter standing free [m]
 * @param loadedRadius wheel centre to ground with the vehicle's weight on it [m]
 * @param width section width [m]
 */
public record Tyre(double diameter, double loadedRadius, double width) {}
