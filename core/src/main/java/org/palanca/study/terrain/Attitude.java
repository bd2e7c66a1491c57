package org.palanca.study.terrain;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * How the chassis stands over the ground: lifted square to it, then nosed up, then rolled left side up. Directions of the ground
 * are told in the vehicle frame, in which everything else is.
 */
final class Attitude {
    private final double lift;
    private final double sp;
    private final double cp;
    private final double sr;
    private final double cr;

    Attitude(double lift, double pitch, double roll) {
        this.lift = lift;
        sp = Math.sin(pitch);
        cp = Math.cos(pitch);
        sr = Math.sin(roll);
        cr = Math.cos(roll);
    }

    /**
     * A direction of the ground's frame as the vehicle sees it. The chassis is turned by Ry(-pitch) Rx(roll): its inverse
     * takes the ground's directions back.
     */
    Vector3D turn(double[] ofGround) {
        double x = cp * ofGround[0] + sp * ofGround[2];
        double z = -sp * ofGround[0] + cp * ofGround[2];
        double y = ofGround[1];
        return new Vector3D(x, cr * y + sr * z, -sr * y + cr * z);
    }

    /** Square to the ground and away from it. */
    Vector3D up() {
        return turn(new double[] {0, 0, 1});
    }

    /** How high a place of the vehicle is above the plane [m]. */
    double height(Vector3D place) {
        return lift + up().dotProduct(place);
    }
}
