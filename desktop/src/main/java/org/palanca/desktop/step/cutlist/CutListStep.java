package org.palanca.desktop.step.cutlist;

import java.util.List;
import java.util.Optional;
import org.palanca.desktop.step.Picture;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.study.load.LinkStrength;

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
        if (review.out() > 0) {
            return Optional.of(StepState.held("rail.cutlist_wait"));
        }
        double paint = review.vehicle().build().rules().paint();
        long unknown = cuts.stream().filter(cut -> !cut.missing().isEmpty()).count();
        List<LinkCut> weak = LinkStrength.of(review.vehicle(), cuts).stream()
                .filter(strength -> !strength.faults().isEmpty())
                .map(LinkStrength::cut)
                .toList();
        long wrong = cuts.stream()
                .filter(cut -> !cut.faults(paint).isEmpty() || weak.contains(cut))
                .count();
        if (wrong > 0) {
            return Optional.of(StepState.held("rail.cutlist_wrong", Long.toString(wrong)));
        }
        return Optional.of(
                unknown > 0
                        ? StepState.held("rail.cutlist_unknown", Long.toString(unknown))
                        : StepState.free("rail.cutlist_ready", Integer.toString(cuts.size())));
    }

    @Override
    public List<Picture> pictures() {
        return List.of(Picture.of(id(), Picture.with(CutListPane.class, pane -> pane.pick("upper left"))));
    }
}
