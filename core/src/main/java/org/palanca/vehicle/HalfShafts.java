package org.palanca.vehicle;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * The shafts of independent driven wheels. The right one mirrors the left one.
 *
 * @param inner middle of the left inner joint [m], vehicle frame
 * @param inset of the outer joint's middle inward from the middle of the tyre, along the wheel's axis [m]
 * @param limit angle that a joint takes [rad]
 * @param plunge how far the inner joint lets the shaft slide in all [m]
 */
public record HalfShafts(Vector3D inner, double inset, double limit, double plunge) {}
