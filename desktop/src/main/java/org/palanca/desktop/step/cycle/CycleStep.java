package org.palanca.desktop.step.cycle;

import java.util.List;
import java.util.Optional;
import org.palanca.desktop.step.Picture;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.study.assessment.Fault;

/** How far the axle goes, what stops it, and where it is tight. */
public final class CycleStep implements Step {
    @Override
    public String id() {
        return "cycle";
    }

    @Override
    public StepPane pane(StepContext context) {
        return new CyclePane(context);
    }

    @Override
    public Optional<StepState> state(VehicleReview review) {
        return review.judged(Fault.Job.CYCLE, "cycle", "cycle_bad");
    }

    @Override
    public List<Picture> pictures() {
        return List.of(Picture.of(id(), Picture.with(CyclePane.class, pane -> {
                    pane.goToTightest();
                    pane.select("tank guard");
                }))
                .afterSearch());
    }
}
