package org.palanca.vehicle;

import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.vehicle.housing.HousingSize;
import org.palanca.vehicle.housing.HousingSum;

/**
 * The shape of a live axle's housing, for whoever draws it or keeps clear of it: tube, differential, the pinion's nose, brakes.
 * Places are from the middle of the axle at ride, along the vehicle's axes. What nobody typed is ordinary: common practice, no
 * source.
 *
 * @param tube its outside
 * @param differential its round part
 * @param middle of the differential [m]
 * @param left end of the tube [m] to the left
 * @param right end of the tube [m] to the right
 * @param pinionJoint middle of the pinion's joint [m]; empty where no drive shaft is described
 * @param brake outside diameter and width of the brakes at the ends [m]; empty where they are not described
 */
public record HousingBody(
        Round tube,
        Round differential,
        Vector3D middle,
        double left,
        double right,
        Optional<Vector3D> pinionJoint,
        Optional<Brake> brake) {
    /** Radius of an ordinary axle tube [m]: 3 in across. */
    private static final double TUBE = Lengths.inches(1.5);

    /** Radius of an ordinary differential's middle [m]. */
    private static final double DIFFERENTIAL = Lengths.inches(5);

    /** Radius of an ordinary pinion's nose [m]. */
    public static final double NOSE = Lengths.inches(2.25);

    /**
     * Something round.
     *
     * @param radius [m]
     * @param assumed whether it is an ordinary one that nobody typed
     */
    public record Round(double radius, boolean assumed) {
        /** What it is called, and that its size is an ordinary one where nobody typed it. */
        public Message named(String key) {
            return assumed ? Message.of("thing.assumed", Message.of(key), Message.length(2 * radius)) : Message.of(key);
        }

        private static Round of(OptionalDouble diameter, double ordinary) {
            return diameter.isPresent() ? new Round(diameter.getAsDouble() / 2, false) : new Round(ordinary, true);
        }
    }

    /**
     * A brake at an end of the housing, drum or disc with its calliper.
     *
     * @param diameter outside [m]
     * @param width outward from the housing's end [m]
     */
    public record Brake(double diameter, double width) {}

    /** That of a live axle. */
    public static HousingBody of(Vehicle vehicle, Axle axle) {
        HousingSum sum = vehicle.build().housing(axle.place()).sum();
        double offset = vehicle.build().pinionOffset(axle.place());
        double inTyres = (axle.track() - axle.tyre().width()) / 2;
        OptionalDouble diameter = sum.size(HousingSize.BRAKE_DIAMETER);
        OptionalDouble width = sum.size(HousingSize.BRAKE_WIDTH);
        // The brakes of knuckles are described with them.
        boolean ofHousing = axle.wheels().upright().filter(Upright::braked).isEmpty();
        Vector3D middle = new Vector3D(
                0, offset, sum.size(HousingSize.DIFFERENTIAL_HEIGHT).orElse(0));
        return new HousingBody(
                Round.of(sum.size(HousingSize.TUBE_DIAMETER), TUBE),
                Round.of(sum.size(HousingSize.DIFFERENTIAL_DIAMETER), DIFFERENTIAL),
                middle,
                end(sum.size(HousingSize.HALF_LEFT), offset, inTyres),
                end(sum.size(HousingSize.HALF_RIGHT), -offset, inTyres),
                vehicle.build().surroundings(axle.place()).driveline().map(line -> pinionJoint(axle, line)),
                ofHousing && diameter.isPresent() && width.isPresent()
                        ? Optional.of(new Brake(diameter.getAsDouble(), width.getAsDouble()))
                        : Optional.empty());
    }

    private static double end(OptionalDouble half, double offset, double inTyres) {
        return half.isPresent() ? half.getAsDouble() + offset : inTyres;
    }

    /** Middle of the pinion's joint [m]. */
    public static Vector3D pinionJoint(Axle axle, Driveline line) {
        double towards = -axle.place().outward();
        double cos = Math.cos(axle.pinion());
        double sin = Math.sin(axle.pinion());
        return new Vector3D(
                towards * (line.reach() * cos + line.drop() * sin),
                line.offset(),
                line.reach() * sin - line.drop() * cos);
    }

    /** How far out the tube goes on a side [m]. */
    public double end(Side side) {
        return side == Side.LEFT ? left : right;
    }
}
