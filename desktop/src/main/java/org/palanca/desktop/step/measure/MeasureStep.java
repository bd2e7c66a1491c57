package org.palanca.desktop.step.measure;

import java.util.List;
import java.util.Optional;
import org.palanca.desktop.step.Picture;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.study.assessment.Fault;
import org.palanca.vehicle.survey.Mark;

/** What the tape says, and where that puts every mark. */
public final class MeasureStep implements Step {
    @Override
    public String id() {
        return "measure";
    }

    @Override
    public StepPane pane(StepContext context) {
        return new MeasurePane(context);
    }

    @Override
    public Optional<StepState> state(VehicleReview review) {
        Adjustment survey = review.survey();
        List<Mark> marks = survey.survey().marks();
        if (marks.isEmpty()) {
            return Optional.of(StepState.nothing("rail.measure_none"));
        }
        long free = marks.stream()
                .filter(mark -> !survey.free(mark.name()).isEmpty())
                .count();
        if (free > 0) {
            return Optional.of(StepState.held("rail.measure_free", Long.toString(free)));
        }
        return review.assessment()
                .map(found -> found.of(Fault.Job.MEASURE).isEmpty()
                        ? StepState.free("rail.measure", Integer.toString(marks.size()))
                        : StepState.held("rail.measure_doubt"));
    }

    @Override
    public List<Picture> pictures() {
        return List.of(
                Picture.of(id(), Picture.with(MeasurePane.class, pane -> pane.select("horn right", "kick right"))));
    }
}
