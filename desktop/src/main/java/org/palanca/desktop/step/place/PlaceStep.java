package org.palanca.desktop.step.place;

import java.util.Optional;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.floor.adjust.DatumLife;
import org.palanca.study.assessment.Assessment;
import org.palanca.study.assessment.Fault;
import org.palanca.vehicle.Axle;

/** Each mount put where the board has it, and found again. */
public final class PlaceStep implements Step {
    @Override
    public String id() {
        return "place";
    }

    @Override
    public StepPane pane(StepContext context) {
        return new PlacePane(context);
    }

    /** Marks that a placing sheet needs. */
    private static final int LEAST_MARKS = 3;

    @Override
    public Optional<StepState> state(VehicleReview review) {
        return review.assessment()
                .flatMap(found -> review.vehicle().axles().stream()
                        .map(axle -> of(review, axle, found))
                        .reduce(StepState::weightier));
    }

    private static StepState of(VehicleReview review, Axle axle, Assessment found) {
        long astray = found.of(Fault.Job.PLACE).stream()
                .filter(fault -> fault.axle().equals(Optional.of(axle.place())))
                .count();
        if (astray > 0) {
            return StepState.held("rail.place_off", Long.toString(astray));
        }
        if (DatumLife.lasting(review.survey()).size() < LEAST_MARKS) {
            return StepState.held("rail.place_none");
        }
        long back = review.vehicle().build().found().stream()
                .filter(one -> one.mount().axle() == axle.place() && one.placed())
                .count();
        return StepState.free(
                "rail.place",
                Long.toString(back),
                Integer.toString(axle.mounts().size()));
    }
}
