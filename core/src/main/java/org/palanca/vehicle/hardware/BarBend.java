package org.palanca.vehicle.hardware;

/**
 * One bend of a bar: where the straight pieces before and behind it would meet.
 *
 * @param along from the first pin along the line of the pins [m]
 * @param off from that line, to the side that the bar is turned to [m]
 * @param radius of the bend, to the bar's middle [m]
 */
public record BarBend(double along, double off, double radius) {}
