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
 * The half-shafts of an independent axle over bump, droop and steer.
 *
 * @param inner largest angle at an inner joint [rad]
 * @param outer largest angle at an outer joint [rad]
 * @param shortest least length between joint middles [m]
 * @param longest greatest length [m]
 * @param worst pose of the largest angle
 */
public record HalfShaftStudy(double inner, double outer, double shortest, double longest, WheelTravel worst) {
    private static final int STEPS = 21;
    private static final int STEERS = 5;

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
        Vector3D inner = new Vector3D(
                shafts.inner().getX(),
                sign * shafts.inner().getY(),
                shafts.inner().getZ());
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
        HalfShaftStudy study = new HalfShaftStudy(0, 0, Double.POSITIVE_INFINITY, 0, WheelTravel.RIDE);
        int steers = model.axle().steering().isPresent() ? STEERS : 1;
        TravelEnvelope envelope = new TravelEnvelope(model);
        double droop = envelope.lowest();
        double whole = droop + envelope.highest();
        for (WorstPose worst : envelope.worst()) {
            model.toRide();
            if (model.placeAt(worst.pose())) {
                study = study.with(at(model, shafts, Side.LEFT), worst.pose())
                        .with(at(model, shafts, Side.RIGHT), worst.pose());
            }
        }
        for (int s = 0; s < steers; s++) {
            model.toRide();
            for (int i = 0; i < STEPS; i++) {
                double steer = steers == 1 ? 0 : -1 + 2.0 * s / (STEERS - 1);
                WheelTravel pose =
                        WheelTravel.both(-droop + whole * i / (STEPS - 1)).withSteer(steer);
                if (model.placeAt(pose) && envelope.bounds().hold()) {
                    study = study.with(at(model, shafts, Side.LEFT), pose).with(at(model, shafts, Side.RIGHT), pose);
                }
            }
        }
        model.toRide();
        return study;
    }

    private HalfShaftStudy with(Shaft shaft, WheelTravel pose) {
        boolean larger = Math.max(shaft.inner(), shaft.outer()) > Math.max(inner, outer);
        return new HalfShaftStudy(
                Math.max(inner, shaft.inner()),
                Math.max(outer, shaft.outer()),
                Math.min(shortest, shaft.length()),
                Math.max(longest, shaft.length()),
                larger ? pose : worst);
    }

    /** How far a shaft slides over the travel [m]. */
    public double plunge() {
        return longest - shortest;
    }
}
