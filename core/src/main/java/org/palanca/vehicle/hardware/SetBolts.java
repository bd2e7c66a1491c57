package org.palanca.vehicle.hardware;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * How a link's bolts point and how its joints were set at another ride height than this one: a vehicle that is let down keeps the
 * brackets and joints that it was built with.
 *
 * @param from direction of the bolt at its first mount at this ride, of length 1, vehicle frame
 * @param fromSet how far that joint was set off the plane square to its bolt, towards the bolt positive [rad]
 * @param to direction of the bolt at its second mount
 * @param toSet likewise [rad]
 */
public record SetBolts(Vector3D from, double fromSet, Vector3D to, double toSet) {
    /** As on the other side of the vehicle. */
    public SetBolts mirrored() {
        return new SetBolts(across(from), fromSet, across(to), toSet);
    }

    private static Vector3D across(Vector3D way) {
        return new Vector3D(way.getX(), -way.getY(), way.getZ());
    }

    /** Direction of a bolt, at the first mount or at the second. */
    public Vector3D direction(boolean first) {
        return first ? from : to;
    }

    /** How that joint was set [rad]. */
    public double set(boolean first) {
        return first ? fromSet : toSet;
    }
}
