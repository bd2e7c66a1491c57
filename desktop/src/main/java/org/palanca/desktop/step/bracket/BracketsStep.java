package org.palanca.desktop.step.bracket;

import java.util.List;
import java.util.Optional;
import org.palanca.desktop.step.Picture;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.floor.plate.PlateList;
import org.palanca.floor.plate.StalePlate;

/** Every bracket as its plates are cut. */
public final class BracketsStep implements Step {
    @Override
    public String id() {
        return "brackets";
    }

    @Override
    public StepPane pane(StepContext context) {
        return new BracketsPane(context);
    }

    @Override
    public Optional<StepState> state(VehicleReview review) {
        PlateList list = PlateList.of(review.vehicle());
        if (list.brackets().isEmpty() && review.vehicle().build().issued().isEmpty()) {
            return Optional.of(StepState.nothing("rail.brackets_none"));
        }
        int stale = StalePlate.of(review.vehicle(), list.plates()).size();
        if (stale > 0) {
            return Optional.of(StepState.held("rail.brackets_stale", Integer.toString(stale)));
        }
        long wrong = list.brackets().stream()
                .filter(plan -> !plan.faults().isEmpty())
                .count();
        if (wrong > 0) {
            return Optional.of(StepState.held("rail.brackets_wrong", Long.toString(wrong)));
        }
        long unknown = list.brackets().stream().filter(plan -> !plan.makeable()).count();
        if (unknown > 0) {
            return Optional.of(StepState.held("rail.brackets_unknown", Long.toString(unknown)));
        }
        if (review.out() > 0) {
            return Optional.of(StepState.held("rail.cutlist_wait"));
        }
        return Optional.of(StepState.free(
                "rail.brackets_ready", Integer.toString(list.plates().size())));
    }

    @Override
    public List<Picture> pictures() {
        return List.of(Picture.of(id(), Picture.with(BracketsPane.class, pane -> pane.pick("shock upper left"))));
    }
}
