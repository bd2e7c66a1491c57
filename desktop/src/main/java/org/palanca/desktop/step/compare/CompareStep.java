package org.palanca.desktop.step.compare;

import java.util.List;
import java.util.Optional;
import org.palanca.desktop.step.Picture;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.vehicle.AxlePlace;

/** The plan beside other ways the same vehicle may stand. */
public final class CompareStep implements Step {
    @Override
    public String id() {
        return "compare";
    }

    @Override
    public StepPane pane(StepContext context) {
        return new ComparePane(context);
    }

    @Override
    public Optional<StepState> state(VehicleReview review) {
        int schemes = review.vehicle().schemes().size();
        return Optional.of(
                schemes == 0
                        ? StepState.nothing("rail.compare_none")
                        : StepState.free("rail.compare", Integer.toString(schemes)));
    }

    @Override
    public List<Picture> pictures() {
        return List.of(Picture.of(id(), pane -> {}).from("plover.palanca.json", AxlePlace.FRONT));
    }
}
