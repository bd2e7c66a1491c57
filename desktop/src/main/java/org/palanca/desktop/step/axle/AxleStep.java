package org.palanca.desktop.step.axle;

import java.util.Optional;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.study.assessment.Fault;

/** The tyre in its well, the axle square under the frame. */
public final class AxleStep implements Step {
    @Override
    public String id() {
        return "axle";
    }

    @Override
    public StepPane pane(StepContext context) {
        return new FitPane(context);
    }

    @Override
    public Optional<StepState> state(VehicleReview review) {
        return review.judged(Fault.Job.AXLE, "axle", "axle_tight");
    }
}
