package org.palanca.vehicle.hardware;

/**
 * The ears of the bracket that a joint is bolted between.
 *
 * @param gap between them [m]
 * @param thickness of each [m]
 * @param bolt its diameter [m]
 * @param hole its diameter [m]
 */
public record Ears(double gap, double thickness, double bolt, double hole) {}
