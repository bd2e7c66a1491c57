package org.palanca.desktop.step.slope;

import java.util.List;
import java.util.Optional;
import org.palanca.desktop.step.Picture;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.study.terrain.StandingVehicle;

/** The vehicle on real ground. */
public final class SlopeStep implements Step {
    @Override
    public String id() {
        return "slope";
    }

    @Override
    public StepPane pane(StepContext context) {
        return new SlopePane(context);
    }

    @Override
    public Optional<StepState> state(VehicleReview review) {
        boolean stands = StandingVehicle.of(review.vehicle()).isPresent();
        return Optional.of(stands ? StepState.free("rail.slope") : StepState.nothing("rail.slope_none"));
    }

    @Override
    public List<Picture> pictures() {
        return List.of(Picture.of(
                id(), Picture.with(SlopePane.class, pane -> pane.tilt(Math.toRadians(12), Math.toRadians(-18)))));
    }
}
