package org.palanca.desktop.step.steer;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.palanca.base.words.Message;
import org.palanca.desktop.step.Picture;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.study.steering.PickupAdvice;
import org.palanca.vehicle.AxlePlace;

/** Toe through the travel, and what the steering does from lock to lock. */
public final class SteerStep implements Step {
    @Override
    public String id() {
        return "steer";
    }

    @Override
    public StepPane pane(StepContext context) {
        return new SteerPane(context);
    }

    /** Toe that moves more than this through the travel holds the step [degrees]: common practice, no source. */
    private static final double TOE_WORTH_A_LOOK = 0.5;

    /** Toe through the travel of the axle that steers; of two, the one that steers more by itself. */
    @Override
    public Optional<StepState> state(VehicleReview review) {
        List<OptionalDouble> changes = review.vehicle().axles().stream()
                .filter(axle -> axle.steering().isPresent())
                .map(axle -> PickupAdvice.toeChange(review.vehicle(), axle.place()))
                .toList();
        if (changes.isEmpty()) {
            return Optional.of(StepState.nothing("rail.steer_none"));
        }
        if (changes.stream().anyMatch(OptionalDouble::isEmpty)) {
            return Optional.of(StepState.held("rail.steer_untold"));
        }
        double toe =
                changes.stream().mapToDouble(OptionalDouble::getAsDouble).max().orElseThrow();
        String key = "rail.steer_toe";
        Message.Measure much = Message.angle(toe);
        boolean held = toe > Math.toRadians(TOE_WORTH_A_LOOK);
        return Optional.of(held ? StepState.held(key, much) : StepState.free(key, much));
    }

    @Override
    public List<Picture> pictures() {
        return List.of(Picture.of(id(), pane -> {})
                .from("plover.palanca.json", AxlePlace.FRONT)
                .afterSearch());
    }
}
