package org.palanca.vehicle;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;

/**
 * The shafts of independent driven wheels, both alike.
 *
 * @param inner middle of the left inner joint [m], vehicle frame, where no differential says so; the right one mirrors it
 * @param inset of the outer joint's middle inward from the middle of the tyre, along the wheel's axis [m]
 * @param limit angle that a joint takes [rad]
 * @param plunge how far the inner joint lets the shaft slide in all [m]
 */
public record HalfShafts(Vector3D inner, double inset, double limit, double plunge) {
    /** Middle of an inner joint where no differential says so [m], vehicle frame. */
    public Vector3D inner(Side side) {
        return new Vector3D(inner.getX(), side.sign() * inner.getY(), inner.getZ());
    }

    public HalfShafts withInner(Vector3D other) {
        return new HalfShafts(other, inset, limit, plunge);
    }

    public HalfShafts withInset(double other) {
        return new HalfShafts(inner, other, limit, plunge);
    }

    public HalfShafts withLimit(double other) {
        return new HalfShafts(inner, inset, other, plunge);
    }

    public HalfShafts withPlunge(double other) {
        return new HalfShafts(inner, inset, limit, other);
    }
}
