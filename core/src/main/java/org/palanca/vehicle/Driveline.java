package org.palanca.vehicle;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Where the shaft of an axle runs: from the gearbox to the pinion.
 *
 * @param output middle of the gearbox's or transfer case's output joint [m], vehicle frame
 * @param outputAngle of its shaft against the level, positive where it drops towards the rear [rad]
 * @param reach from the axle's line to the pinion's joint, along the pinion [m]
 * @param offset of the pinion from the centreline, left positive [m]
 * @param drop of the pinion's line below the axle's line, negative above [m]
 * @param slip how far the slip joint can move in all [m]
 */
public record Driveline(Vector3D output, double outputAngle, double reach, double offset, double drop, double slip) {}
