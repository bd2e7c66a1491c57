package org.palanca.floor.plate;

import org.hipparchus.geometry.euclidean.twod.Vector2D;

/**
 * Where a flat plate is folded: the middle of what bends.
 *
 * @param from one end [m]
 * @param to the other end [m]
 * @param angle that it is folded by, towards the reader positive [rad]
 * @param radius inside [m]
 */
public record FoldLine(Vector2D from, Vector2D to, double angle, double radius) {}
