package org.palanca.vehicle.survey;

/**
 * What holds something up for a while: a stand, a strap, the bracket that the axle hangs on.
 *
 * @param name what the shop calls it
 * @param holds what would come down without it
 * @param room what it takes up, legs included
 */
public record Support(String name, String holds, Box room) {}
