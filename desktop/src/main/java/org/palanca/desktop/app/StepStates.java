package org.palanca.desktop.app;

import java.util.List;
import java.util.function.Consumer;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;
import org.palanca.desktop.control.LatestTask;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepList;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.vehicle.Vehicle;

/**
 * Keeps the list of steps saying how far each has come, worked out beside the window: what is known at once at once, what
 * every study has to be asked for when the hand rests.
 */
final class StepStates {
    private final StepList list;
    private final Consumer<VehicleReview> assessed;
    private final Runnable failed;
    private final LatestTask atOnce = LatestTask.patient("step states", Duration.ONE);
    private final LatestTask assessment = LatestTask.patient("assessment", MainWindow.REST);
    private @Nullable Vehicle vehicle;

    /** A step with its state. */
    private record Known(Step step, StepState state) {}

    /**
     * @param assessed takes what every study finds
     * @param failed told where they could not be asked
     */
    StepStates(StepList list, Consumer<VehicleReview> assessed, Runnable failed) {
        this.list = list;
        this.assessed = assessed;
        this.failed = failed;
    }

    /** Takes over a vehicle, unless it is the one whose states are shown. */
    void show(Vehicle next) {
        if (next == vehicle) {
            return;
        }
        vehicle = next;
        // What was found of another vehicle must not be said of this one.
        assessment.drop();
        Steps.ALL.forEach(list::stale);
        atOnce.ask(
                goOn -> {
                    VehicleReview review = VehicleReview.atOnce(next);
                    return new Answer(review, known(review));
                },
                this::quick,
                failed);
    }

    private record Answer(VehicleReview review, List<Known> known) {}

    private static List<Known> known(VehicleReview review) {
        return Steps.ALL.stream()
                .flatMap(step -> step.state(review).map(state -> new Known(step, state)).stream())
                .toList();
    }

    private void quick(Answer answer) {
        answer.known().forEach(one -> list.show(one.step(), one.state()));
        assessment.ask(
                goOn -> answer.review().assessed(goOn).map(whole -> new Answer(whole, known(whole))),
                found -> found.ifPresent(this::whole),
                failed);
    }

    private void whole(Answer answer) {
        answer.known().forEach(one -> list.show(one.step(), one.state()));
        assessed.accept(answer.review());
    }

    /** Whether every state that is shown is of the vehicle that was taken over last. */
    boolean settled() {
        return !atOnce.busy() && !assessment.busy();
    }

    /** Says everything anew, in other words or units. */
    void relabel() {
        vehicle = null;
        list.relabel();
    }

    void dispose() {
        atOnce.dispose();
        assessment.dispose();
    }
}
