package org.palanca.study.driveline;

import java.util.stream.IntStream;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.Driveline;

/**
 * What to order of a drive shaft: its length at ride, how far it must slide, and where the slip must stand at ride so that as
 * much is left at either end.
 *
 * @param ride where it runs at ride
 * @param shortest least length on the way to full bump, full droop and both twists [m]
 * @param longest greatest length over them [m]
 * @param slip how far the joint can slide in all [m]
 */
public record ShaftOrder(ShaftRun ride, double shortest, double longest, double slip) {
    private static final int STEPS = 10;

    /** Works it out on the way to every worst pose and leaves the model at ride. Poses that don't close are left out. */
    public static ShaftOrder of(AxleModel model, Driveline line) {
        return of(model, line, new TravelEnvelope(model));
    }

    /** The same for an envelope that is known. */
    public static ShaftOrder of(AxleModel model, Driveline line, TravelEnvelope envelope) {
        model.toRide();
        double[] lengths = envelope.worst().stream()
                .map(WorstPose::pose)
                .filter(pose -> pose.steer() == 0)
                .flatMap(end -> IntStream.rangeClosed(0, STEPS)
                        .mapToObj(i -> new WheelTravel(end.left() * i / STEPS, end.right() * i / STEPS)))
                .filter(model::moveTo)
                .mapToDouble(pose -> ShaftRun.at(model, line).length())
                .toArray();
        model.toRide();
        ShaftRun ride = ShaftRun.at(model, line);
        double shortest = ride.length();
        double longest = ride.length();
        for (double length : lengths) {
            shortest = Math.min(shortest, length);
            longest = Math.max(longest, length);
        }
        return new ShaftOrder(ride, shortest, longest, line.slip());
    }

    /** How far it slides over the travel [m]. */
    public double plunge() {
        return longest - shortest;
    }

    /** Slip left at each end when it stands as said [m]; negative where the joint is too short. */
    public double spare() {
        return (slip - plunge()) / 2;
    }

    /** How far out of fully home the slip must stand at ride [m]. */
    public double outAtRide() {
        return spare() + ride.length() - shortest;
    }
}
