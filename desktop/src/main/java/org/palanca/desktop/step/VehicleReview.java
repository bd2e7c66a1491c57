package org.palanca.desktop.step;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Scorecard;
import org.palanca.study.assessment.Assessment;
import org.palanca.study.assessment.Fault;
import org.palanca.vehicle.Vehicle;

/**
 * A vehicle with what the steps are judged by. Worked out beside the window.
 *
 * @param vehicle whose steps they are
 * @param scorecards every axle's results against what is wanted, front before rear
 * @param survey its readings adjusted
 * @param assessment what every study finds on both axles; empty where that is still being worked out
 */
public record VehicleReview(
        Vehicle vehicle, List<Scorecard> scorecards, Adjustment survey, Optional<Assessment> assessment) {
    public VehicleReview {
        scorecards = List.copyOf(scorecards);
    }

    /** What is known at once: results and survey, not yet the studies. */
    public static VehicleReview atOnce(Vehicle vehicle) {
        List<Scorecard> scorecards = vehicle.axles().stream()
                .map(axle -> Scorecard.of(new AxleModel(vehicle, axle.place())))
                .toList();
        return new VehicleReview(
                vehicle, scorecards, Adjustment.of(vehicle.build().survey()), Optional.empty());
    }

    /** The same with every study; nothing once {@code goOn} answers false. */
    public Optional<VehicleReview> assessed(BooleanSupplier goOn) {
        return Assessment.of(vehicle, goOn)
                .map(found -> new VehicleReview(vehicle, scorecards, survey, Optional.of(found)));
    }

    /** How many results of all axles are outside what is wanted. */
    public long out() {
        return scorecards.stream()
                .flatMap(card -> card.marks().stream())
                .filter(mark -> mark.distance() != 0)
                .count();
    }

    /**
     * The state of a step that one study judges.
     *
     * @param good key where nothing is wrong; with {@code _none} where it was not looked at
     * @param bad key of how many faults there are
     */
    public Optional<StepState> judged(Fault.Job step, String good, String bad) {
        return assessment.map(found -> {
            int faults = found.of(step).size();
            if (faults > 0) {
                return StepState.held("rail." + bad, Integer.toString(faults));
            }
            return found.looked().contains(step)
                    ? StepState.free("rail." + good)
                    : StepState.nothing("rail." + good + "_none");
        });
    }
}
