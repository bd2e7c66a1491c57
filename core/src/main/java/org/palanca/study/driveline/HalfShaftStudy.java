package org.palanca.study.driveline;

import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.Vehicle;

/**
 * The half-shafts of an independent axle over bump, droop and steer, each for itself: an offset differential makes them unlike.
 *
 * @param left the left one
 * @param right the right one
 */
public record HalfShaftStudy(Travelled left, Travelled right) {
    private static final int STEPS = 21;
    private static final int STEERS = 5;
    private static final int WAY = 8;

    /** Less apart than this two shafts are alike [m, rad]: what rounding leaves between the sides. */
    private static final double SAME = 1e-6;

    /**
     * One shaft over the travel.
     *
     * @param ride length between joint middles at ride [m]
     * @param inner largest angle at its inner joint [rad]
     * @param outer largest angle at its outer joint [rad]
     * @param shortest least length between joint middles [m]
     * @param longest greatest length [m]
     * @param worst pose of the largest angle
     */
    public record Travelled(
            double ride, double inner, double outer, double shortest, double longest, WheelTravel worst) {
        private static Travelled atRide(Shaft shaft) {
            return new Travelled(
                    shaft.length(), shaft.inner(), shaft.outer(), shaft.length(), shaft.length(), WheelTravel.RIDE);
        }

        /** How far it slides over the travel [m]. */
        public double plunge() {
            return longest - shortest;
        }

        /** Length to order it by [m], with the inner joint in the middle of its plunge: then as much is left at either end. */
        public double order() {
            return (shortest + longest) / 2;
        }

        /** The larger of its joints' largest angles [rad]. */
        public double most() {
            return Math.max(inner, outer);
        }

        private boolean like(Travelled other) {
            return Math.abs(ride - other.ride) < SAME
                    && Math.abs(shortest - other.shortest) < SAME
                    && Math.abs(longest - other.longest) < SAME
                    && Math.abs(inner - other.inner) < SAME
                    && Math.abs(outer - other.outer) < SAME;
        }

        private Travelled with(Shaft shaft, WheelTravel pose) {
            boolean larger = Math.max(shaft.inner(), shaft.outer()) > most();
            return new Travelled(
                    ride,
                    Math.max(inner, shaft.inner()),
                    Math.max(outer, shaft.outer()),
                    Math.min(shortest, shaft.length()),
                    Math.max(longest, shaft.length()),
                    larger ? pose : worst);
        }
    }

    /**
     * One shaft at a pose.
     *
     * @param from middle of its inner joint [m], vehicle frame
     * @param to middle of its outer joint [m], vehicle frame
     * @param wheelWay which way the wheel's shaft points, outward, of length 1
     * @param inner joint angle against a shaft that runs straight across [rad]
     * @param outer joint angle against the wheel's axle [rad]
     */
    public record Shaft(Vector3D from, Vector3D to, Vector3D wheelWay, double inner, double outer) {
        /** Between joint middles [m]. */
        public double length() {
            return Vector3D.distance(from, to);
        }
    }

    /** A side's shaft at the model's present pose. */
    public static Shaft at(AxleModel model, HalfShafts shafts, Side side) {
        int sign = side.sign();
        WheelMotion wheel = model.motion().wheel(sign);
        Vector3D outward = new Vector3D(wheel.axis(0), wheel.axis(1), wheel.axis(2)).scalarMultiply(sign);
        Vector3D outer =
                new Vector3D(wheel.centre(0), wheel.centre(1), wheel.centre(2)).subtract(shafts.inset(), outward);
        Vector3D inner =
                model.vehicle().build().surroundings(model.axle().place()).inner(shafts, side);
        Vector3D along = outer.subtract(inner);
        return new Shaft(
                inner, outer, outward, Vector3D.angle(along, new Vector3D(0, sign, 0)), Vector3D.angle(along, outward));
    }

    /** Over the whole travel; empty where no half-shafts are described. */
    public static Optional<HalfShaftStudy> of(Vehicle vehicle, AxlePlace place) {
        return vehicle.build()
                .surroundings(place)
                .halfShafts()
                .map(shafts -> of(new AxleModel(vehicle, place), shafts));
    }

    private static HalfShaftStudy of(AxleModel model, HalfShafts shafts) {
        TravelEnvelope envelope = new TravelEnvelope(model);
        HalfShaftStudy study = onTheWay(model, shafts, envelope);
        int steers = model.axle().steering().isPresent() ? STEERS : 1;
        double droop = envelope.lowest();
        double whole = droop + envelope.highest();
        for (int s = 0; s < steers; s++) {
            model.toRide();
            for (int i = 0; i < STEPS; i++) {
                double steer = steers == 1 ? 0 : -1 + 2.0 * s / (STEERS - 1);
                WheelTravel pose =
                        WheelTravel.both(-droop + whole * i / (STEPS - 1)).withSteer(steer);
                if (model.placeAt(pose) && envelope.bounds().hold()) {
                    study = study.with(model, shafts, pose);
                }
            }
        }
        model.toRide();
        return study;
    }

    /** At ride and on the way to every worst pose: quicker, and without what lies between. Leaves the model at ride. */
    public static HalfShaftStudy onTheWay(AxleModel model, HalfShafts shafts, TravelEnvelope envelope) {
        model.toRide();
        HalfShaftStudy study = new HalfShaftStudy(
                Travelled.atRide(at(model, shafts, Side.LEFT)), Travelled.atRide(at(model, shafts, Side.RIGHT)));
        for (WorstPose worst : envelope.worst()) {
            model.toRide();
            WheelTravel end = worst.pose();
            for (int i = 1; i <= WAY; i++) {
                double part = (double) i / WAY;
                WheelTravel pose = new WheelTravel(part * end.left(), part * end.right(), part * end.steer());
                if (model.placeAt(pose)) {
                    study = study.with(model, shafts, pose);
                }
            }
        }
        model.toRide();
        return study;
    }

    private HalfShaftStudy with(AxleModel model, HalfShafts shafts, WheelTravel pose) {
        return new HalfShaftStudy(
                left.with(at(model, shafts, Side.LEFT), pose), right.with(at(model, shafts, Side.RIGHT), pose));
    }

    /** Whether both do the same. */
    public boolean alike() {
        return left.like(right);
    }

    /** That of a side. */
    public Travelled of(Side side) {
        return side == Side.LEFT ? left : right;
    }
}
