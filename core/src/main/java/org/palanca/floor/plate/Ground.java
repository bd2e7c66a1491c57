package org.palanca.floor.plate;

import java.util.function.DoubleFunction;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * What a bracket is welded on, as seen from its bolt.
 *
 * @param up away from it, square to the bolt, of length 1, vehicle frame
 * @param right square to both, so that right, up and the bolt are a right-handed frame
 * @param bevel by how much an ear's plane stands off square to it [rad]
 * @param round whether it is a tube
 * @param diameter of the tube [m]
 * @param at how it cuts the plane of an ear that stands so far off the bolt's middle, the bolt's way positive [m]
 */
record Ground(Vector3D up, Vector3D right, double bevel, boolean round, double diameter, DoubleFunction<SeatLine> at) {}
