package org.palanca.desktop.step.shaft;

import java.util.List;
import java.util.Optional;
import org.palanca.desktop.step.Picture;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.study.assessment.Fault;
import org.palanca.vehicle.AxlePlace;

/** The shaft: the angles of its joints and how evenly it turns. */
public final class ShaftStep implements Step {
    @Override
    public String id() {
        return "shaft";
    }

    @Override
    public StepPane pane(StepContext context) {
        return new ShaftPane(context);
    }

    @Override
    public Optional<StepState> state(VehicleReview review) {
        return review.judged(Fault.Job.SHAFT, "shaft", "shaft_bad");
    }

    @Override
    public List<Picture> pictures() {
        return List.of(
                Picture.of(id(), pane -> {}),
                Picture.of("half-shafts", pane -> {}).from("plover.palanca.json", AxlePlace.REAR));
    }
}
