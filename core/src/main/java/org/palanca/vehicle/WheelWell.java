package org.palanca.vehicle;

/**
 * The well a tyre stands in, as found by tape, on one side; the other is its mirror image. All at ride.
 *
 * @param rearEdge of the opening, ahead of the axle line, so usually negative [m]
 * @param frontEdge of the opening, ahead of the axle line [m]
 * @param top of the room above the floor [m]
 * @param inner wall from the centreline [m]
 * @param outer lip from the centreline [m]
 * @param wanted room that should stay everywhere [m]
 */
public record WheelWell(double rearEdge, double frontEdge, double top, double inner, double outer, double wanted) {}
