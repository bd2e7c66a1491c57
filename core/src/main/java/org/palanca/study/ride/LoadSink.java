package org.palanca.study.ride;

import java.util.OptionalDouble;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.exception.MathRuntimeException;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.shock.SpringWork;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** How far a load lets the chassis down on an axle's springs. */
public final class LoadSink {
    private LoadSink() {}

    /**
     * How much nearer the axle the chassis comes [m]: until the springs push as much more than at ride as the load weighs. Empty where
     * nothing springs the axle, or the load is more than its springs bear before it is on its stops.
     *
     * @param load over this axle [kg]; negative takes weight off
     */
    public static OptionalDouble of(Vehicle vehicle, AxlePlace place, double load) {
        Axle axle = vehicle.axle(place).orElseThrow();
        if (!axle.springing().carries()) {
            return OptionalDouble.empty();
        }
        AxleModel model = new AxleModel(vehicle, place);
        TravelEnvelope envelope = new TravelEnvelope(model);
        double up = envelope.worst(WorstPose.Way.BUMP).pose().left();
        double down = envelope.worst(WorstPose.Way.DROOP).pose().left();
        SpringWork springs = new SpringWork(axle);
        model.toRide();
        double wanted = springs.heave(model.motion()) + load * RideStudy.GRAVITY;
        try {
            return OptionalDouble.of(new BracketingNthOrderBrentSolver(1e-7, 5)
                    .solve(
                            200,
                            travel -> {
                                model.moveTo(WheelTravel.both(travel));
                                return springs.heave(model.motion()) - wanted;
                            },
                            down,
                            up,
                            0));
        } catch (MathRuntimeException e) {
            return OptionalDouble.empty();
        }
    }
}
