package org.palanca.vehicle.hardware;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A bar that is bent in one plane. Its pins stay where they are; between them it leaves their line.
 *
 * @param turned how the plane of its bends is turned about the line of its pins [rad]: at 0 they stand off upwards, of a bar
 *     that stands upright ahead; positive by the right hand from the first pin to the second
 * @param bends in order from the first pin
 * @param force along the line of the pins that it is asked to bear, push or pull [N]; empty: not asked
 */
public record BarShape(double turned, List<BarBend> bends, OptionalDouble force) {
    /** A bar that stands within this of upright has no up square to it [as a sine]. */
    private static final double UPRIGHT = 0.05;

    public BarShape {
        bends = List.copyOf(bends);
    }

    public BarShape withTurned(double other) {
        return new BarShape(other, bends, force);
    }

    public BarShape withForce(OptionalDouble other) {
        return new BarShape(turned, bends, other);
    }

    public BarShape withBends(List<BarBend> other) {
        return new BarShape(turned, other, force);
    }

    /** The same with one bend in the place of another. */
    public BarShape withBend(int index, BarBend other) {
        List<BarBend> all = new ArrayList<>(bends);
        all.set(index, other);
        return withBends(all);
    }

    /** As the bar on the other side of the vehicle is bent. */
    public BarShape mirrored() {
        return withTurned(0 - turned);
    }

    /**
     * The direction in which offsets count, of length 1.
     *
     * @param along from the first pin to the second, of length 1, vehicle frame
     */
    public Vector3D out(Vector3D along) {
        Vector3D up = square(Vector3D.PLUS_K, along);
        Vector3D zero = up.getNorm() > UPRIGHT ? up : square(Vector3D.PLUS_I, along);
        return new Rotation(along, turned, RotationConvention.VECTOR_OPERATOR).applyTo(zero.normalize());
    }

    private static Vector3D square(Vector3D wished, Vector3D along) {
        return wished.subtract(wished.dotProduct(along), along);
    }
}
