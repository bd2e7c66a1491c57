package org.palanca.desktop.step.links;

import java.util.List;
import java.util.Optional;
import org.palanca.desktop.step.Picture;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;

/** The axle on the board: mounts, links, and what they do. */
public final class LinksStep implements Step {
    @Override
    public String id() {
        return "links";
    }

    @Override
    public StepPane pane(StepContext context) {
        return new LinksPane(context);
    }

    @Override
    public Optional<StepState> state(VehicleReview review) {
        long out = review.out();
        return Optional.of(out == 0 ? StepState.free("rail.in_band") : StepState.held("rail.out", Long.toString(out)));
    }

    @Override
    public List<Picture> pictures() {
        return List.of(
                Picture.of(
                        "board-rear", pane -> pane.state().selectionProperty().set(mount("upper frame left"))),
                Picture.of("working", pane -> {
                    pane.state().selectionProperty().set(mount("upper frame left"));
                    pane.state().litProperty().set("anti_squat");
                    pane.state().poseProperty().set(WheelTravel.both(-0.1));
                }));
    }

    private static MountRef mount(String name) {
        return new MountRef(AxlePlace.REAR, name);
    }
}
