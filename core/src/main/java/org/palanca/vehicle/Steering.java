package org.palanca.vehicle;

/**
 * What turns the wheels of an axle.
 *
 * @param joint name of the guide (a rack or a ram) or hinge (a pitman arm) that is driven
 * @param lock how far it goes from the middle to either lock [m for a guide, rad for a hinge]
 */
public record Steering(String joint, double lock) {}
