package org.palanca.desktop.step.shocks;

import java.util.List;
import java.util.Optional;
import org.palanca.desktop.step.Picture;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.study.assessment.Fault;

/** What carries the axle and stops it. */
public final class ShocksStep implements Step {
    @Override
    public String id() {
        return "shocks";
    }

    @Override
    public StepPane pane(StepContext context) {
        return new ShocksPane(context);
    }

    @Override
    public Optional<StepState> state(VehicleReview review) {
        return review.judged(Fault.Job.SHOCKS, "shocks", "shocks_bad");
    }

    @Override
    public List<Picture> pictures() {
        return List.of(Picture.of(id(), pane -> {}).afterSearch());
    }
}
