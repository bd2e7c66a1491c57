package org.palanca.vehicle;

import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;

/**
 * A differential that hangs in the frame, between independent wheels. Its half-shafts come out straight across.
 *
 * @param middle where the line of its output flanges crosses the plane of its pinion [m], vehicle frame
 * @param pinion angle of the pinion [rad], nose up positive
 * @param nose from the line of the flanges to the middle of the pinion's joint, along the pinion [m]
 * @param drop of the pinion's line below that of the flanges, negative above [m]
 * @param left from its middle to the middle of the left inner joint [m]
 * @param right from its middle to the middle of the right inner joint [m]
 * @param radius of its housing round the line of the flanges [m]
 * @param ears across the ears that it is hung by [m]; empty where that is not known
 * @param plate thickness of the subframe's plate against each ear [m]
 */
public record Differential(
        Vector3D middle,
        double pinion,
        double nose,
        double drop,
        double left,
        double right,
        double radius,
        OptionalDouble ears,
        double plate) {
    /**
     * An ordinary one in the middle of an axle, to be corrected by the tape: 6 in to each inner joint, 4 1/2 in round.
     *
     * @param wheelbase [m]
     */
    public static Differential usual(Axle axle, double wheelbase) {
        return new Differential(
                new Vector3D(axle.lineX(wheelbase), 0, axle.tyre().loadedRadius() + Lengths.inches(0.5)),
                0,
                Lengths.inches(10),
                0,
                Lengths.inches(6),
                Lengths.inches(6),
                Lengths.inches(4.5),
                OptionalDouble.empty(),
                0);
    }

    /** Middle of an inner joint [m], vehicle frame. */
    public Vector3D inner(Side side) {
        double out = side == Side.LEFT ? left : -right;
        return middle.add(new Vector3D(0, out, 0));
    }

    /** Which way its pinion points, out of it to the gearbox, of length 1. */
    public Vector3D pinionWay(AxlePlace place) {
        return new Vector3D(-place.outward() * Math.cos(pinion), 0, Math.sin(pinion));
    }

    /** Middle of the pinion's joint [m], vehicle frame. */
    public Vector3D pinionJoint(AxlePlace place) {
        Vector3D below = new Vector3D(-place.outward() * Math.sin(pinion), 0, -Math.cos(pinion));
        return middle.add(nose, pinionWay(place)).add(drop, below);
    }

    /** What the subframe is over its plates [m]: the ears and a plate on each side. */
    public OptionalDouble overPlates() {
        return ears.isPresent() ? OptionalDouble.of(ears.getAsDouble() + 2 * plate) : ears;
    }

    public Differential withMiddle(Vector3D other) {
        return new Differential(other, pinion, nose, drop, left, right, radius, ears, plate);
    }

    public Differential withPinion(double other) {
        return new Differential(middle, other, nose, drop, left, right, radius, ears, plate);
    }

    public Differential withNose(double other) {
        return new Differential(middle, pinion, other, drop, left, right, radius, ears, plate);
    }

    public Differential withDrop(double other) {
        return new Differential(middle, pinion, nose, other, left, right, radius, ears, plate);
    }

    public Differential withLeft(double other) {
        return new Differential(middle, pinion, nose, drop, other, right, radius, ears, plate);
    }

    public Differential withRight(double other) {
        return new Differential(middle, pinion, nose, drop, left, other, radius, ears, plate);
    }

    public Differential withRadius(double other) {
        return new Differential(middle, pinion, nose, drop, left, right, other, ears, plate);
    }

    public Differential withEars(OptionalDouble other) {
        return new Differential(middle, pinion, nose, drop, left, right, radius, other, plate);
    }

    public Differential withPlate(double other) {
        return new Differential(middle, pinion, nose, drop, left, right, radius, ears, other);
    }
}
