package org.palanca.desktop.step;

import java.util.Optional;
import java.util.function.Consumer;
import org.palanca.vehicle.AxlePlace;

/**
 * A view of a step that is kept as a picture.
 *
 * @param name of its file, without an ending
 * @param example file name of the example it is taken from
 * @param axle on the board
 * @param searches whether it waits for what is worked out beside the window
 * @param arrange brings the step's pane into the state that is shown
 */
public record Picture(String name, String example, AxlePlace axle, boolean searches, Consumer<StepPane> arrange) {
    /** The vehicle most pictures are taken from. */
    public static final String DEMO = "tarn-4.palanca.json";

    /** A picture of the demo vehicle's rear axle. */
    public static Picture of(String name, Consumer<StepPane> arrange) {
        return new Picture(name, DEMO, AxlePlace.REAR, false, arrange);
    }

    /** The same after what is worked out beside the window has come to its end. */
    public Picture afterSearch() {
        return new Picture(name, example, axle, true, arrange);
    }

    /** The same of another vehicle or axle. */
    public Picture from(String other, AxlePlace place) {
        return new Picture(name, other, place, searches, arrange);
    }

    /** The same picture where the pane is of a kind, which is handed over as that. */
    public static <P extends StepPane> Consumer<StepPane> with(Class<P> kind, Consumer<P> arrange) {
        return pane ->
                Optional.of(pane).filter(kind::isInstance).map(kind::cast).ifPresent(arrange);
    }
}
