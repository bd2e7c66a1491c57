package org.palanca.desktop.step.goals;

import java.util.Optional;
import org.palanca.base.words.Message;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;

/** What the vehicle is for and its main sizes. */
public final class GoalsStep implements Step {
    @Override
    public String id() {
        return "goals";
    }

    @Override
    public StepPane pane(StepContext context) {
        return new GoalsPane(context);
    }

    @Override
    public Optional<StepState> state(VehicleReview review) {
        return Optional.of(StepState.free(
                "rail.goals",
                Message.of("use." + review.vehicle().use().id()),
                Message.length(review.vehicle().wheelbase())));
    }
}
