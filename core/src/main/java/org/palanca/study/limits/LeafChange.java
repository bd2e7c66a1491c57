package org.palanca.study.limits;

import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.Clearances;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/**
 * What putting the leaf springs elsewhere does to the travel: a block, the other side of the axle, or the shackle at the other
 * end.
 *
 * @param before how the axle went before
 * @param now how it goes now
 */
public record LeafChange(Bump before, Bump now) {
    /** Nearer than this an axle goes straight up and down, to a tape: 1/32 in. */
    private static final double STRAIGHT = Lengths.INCH / 32;

    /**
     * How an axle goes up.
     *
     * @param travel up from ride until something ends it [m]
     * @param forward how far the axle's middle moves on the way [m]; positive forward
     */
    public record Bump(double travel, double forward) {
        static Bump of(Vehicle vehicle, AxlePlace place) {
            Limits limits = new Limits(new Clearances(new AxleModel(vehicle, place)));
            double travel = TravelEnd.of(limits, TravelEnd.Way.UP, 0).travel();
            AxleModel model = limits.model();
            model.toRide();
            double forward = model.moveTo(WheelTravel.both(travel))
                    ? model.motion().centreX() - model.motion().designX()
                    : 0;
            model.toRide();
            return new Bump(travel, forward);
        }

        private Message shift() {
            if (Math.abs(forward) < STRAIGHT) {
                return Message.of("leaf.straight");
            }
            return Message.of(forward > 0 ? "leaf.forward" : "leaf.back", Message.length(Math.abs(forward)));
        }
    }

    /** Compares two arrangements of the springs of one axle. */
    public static LeafChange of(Vehicle before, Vehicle after, AxlePlace place) {
        return new LeafChange(Bump.of(before, place), Bump.of(after, place));
    }

    /** Up travel and the shift at its end, each with what it was. */
    public Message said() {
        return Message.of(
                "leaf.changed",
                Message.length(now.travel()),
                Message.length(before.travel()),
                now.shift(),
                before.shift());
    }
}
