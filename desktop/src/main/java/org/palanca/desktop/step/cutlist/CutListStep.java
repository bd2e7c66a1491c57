package org.palanca.desktop.step.cutlist;

import java.util.List;
import java.util.Optional;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.floor.cutting.LinkCut;

/** Every link as it is cut. */
public final class CutListStep implements Step {
    @Override
    public String id() {
        return "cutlist";
    }

    @Override
    public StepPane pane(StepContext context) {
        return new CutListPane(context);
    }

    @Override
    public Optional<StepState> state(VehicleReview review) {
        List<LinkCut> cuts = LinkCut.list(review.vehicle());
        String links = Integer.toString(cuts.size());
        if (review.out() > 0) {
            return Optional.of(StepState.held("rail.cutlist_wait", links));
        }
        boolean breaks = cuts.stream()
                .anyMatch(cut ->
                        !cut.out().meetsRule() || !cut.makeable(review.vehicle().hardware()));
        return Optional.of(
                breaks ? StepState.held("rail.cutlist_threads", links) : StepState.free("rail.cutlist_ready", links));
    }
}
