package org.palanca.desktop.step;

import java.util.List;
import java.util.Optional;

/**
 * One step of the job: its name, what it shows, and how far it has come. Stateless; what it shows belongs to a window. A
 * new step is a package with one of these, a line in the window's list of steps, and its words.
 */
public interface Step {
    /** Stable name, such as {@code measure}: word keys, commands and controls are named after it. */
    String id();

    /** What the window shows of it, made when it is first opened. */
    StepPane pane(StepContext context);

    /**
     * How far it has come. Asked beside the window, so it must not touch it.
     *
     * @return empty where that is not known yet
     */
    Optional<StepState> state(VehicleReview review);

    /** Pictures of it for the handbook, in their order. */
    default List<Picture> pictures() {
        return List.of(Picture.of(id(), pane -> {}));
    }

    /** Key of its name in words. */
    default String key() {
        return "step." + id();
    }
}
