package org.palanca.study.driveline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.Vehicle;

/**
 * A drive shaft over the travel of its axle.
 *
 * @param line where it runs
 * @param at its state at ride, and at the worst poses straight ahead: full bump, full droop and both twists, in that order;
 *     poses that don't close are left out
 * @param worst where a joint comes nearest its limit, of all poses looked at
 * @param order what to order of it
 */
public record ShaftStudy(Driveline line, List<At> at, At worst, ShaftOrder order) {
    private static final int STEPS = 11;

    public ShaftStudy {
        at = List.copyOf(at);
    }

    /**
     * At one pose.
     *
     * @param turning how unevenly it turns
     */
    public record At(WheelTravel pose, ShaftRun run, ShaftTurning turning) {
        /** How much of the joints' limit is left [rad]; negative where one binds. */
        public double left(Driveline line) {
            // A double-Cardan joint shares its angle between two crosses.
            double first = line.joints() == Driveline.Joints.DOUBLE_AT_GEARBOX ? run.atOutput() / 2 : run.atOutput();
            double second = line.joints() == Driveline.Joints.ONE ? 0 : run.atPinion();
            return line.limit() - Math.max(first, second);
        }
    }

    /** The shaft at the model's present pose. */
    public static At at(AxleModel model, WheelTravel pose, Driveline line) {
        ShaftRun run = ShaftRun.at(model, line);
        return new At(pose, run, ShaftTurning.of(run, line));
    }

    /** Over the whole travel; empty where no driveline is described. */
    public static Optional<ShaftStudy> of(Vehicle vehicle, AxlePlace place) {
        return vehicle.build().surroundings(place).driveline().map(line -> of(new AxleModel(vehicle, place), line));
    }

    private static ShaftStudy of(AxleModel model, Driveline line) {
        TravelEnvelope envelope = new TravelEnvelope(model);
        List<At> named = new ArrayList<>();
        List<WheelTravel> poses = new ArrayList<>(List.of(WheelTravel.RIDE));
        envelope.worst().stream().filter(worst -> worst.pose().steer() == 0).forEach(worst -> poses.add(worst.pose()));
        for (WheelTravel pose : poses) {
            model.toRide();
            if (model.placeAt(pose)) {
                named.add(at(model, pose, line));
            }
        }
        model.toRide();
        At worst = named.get(0);
        for (At at : named) {
            worst = at.left(line) < worst.left(line) ? at : worst;
        }
        double up = envelope.highest();
        double down = -envelope.lowest();
        for (int i = 0; i < STEPS; i++) {
            for (int k = 0; k < STEPS; k++) {
                int j = i % 2 == 0 ? k : STEPS - 1 - k;
                WheelTravel pose =
                        new WheelTravel(down + (up - down) * j / (STEPS - 1), down + (up - down) * i / (STEPS - 1));
                if (model.placeAt(pose) && envelope.bounds().hold()) {
                    At here = at(model, pose, line);
                    worst = here.left(line) < worst.left(line) ? here : worst;
                }
            }
        }
        model.toRide();
        return new ShaftStudy(line, named, worst, ShaftOrder.of(model, line, envelope));
    }

    /** The shaft at ride. */
    public At ride() {
        return at.get(0);
    }
}
