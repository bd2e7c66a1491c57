package org.palanca.desktop.document;

import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Vehicle;

/**
 * A change that is shown with the vehicle as it was laid under it, until it is taken, left, or overtaken by another change.
 * While it is shown the vehicle as it was is the baseline, so that every drawing and every result tells the difference.
 */
public final class Tryout {
    private final Document document;
    private final ReadOnlyObjectWrapper<Optional<Shown>> shown = new ReadOnlyObjectWrapper<>(Optional.empty());

    /**
     * What is tried.
     *
     * @param before the vehicle as it was
     * @param after the vehicle as it is shown
     * @param baseline what was the baseline until then
     * @param said the change, and what it does, in the words of the window
     */
    public record Shown(Vehicle before, Vehicle after, Vehicle baseline, String said) {}

    Tryout(Document document) {
        this.document = document;
        document.vehicleProperty()
                .addListener((o, before, now) ->
                        shown.get().filter(one -> one.after() != now).ifPresent(this::ended));
    }

    /**
     * Shows a change, as one step that can be undone. One that is shown already is taken with it.
     *
     * @param said the change, and what it does
     * @return whether the vehicle is now the one wanted
     */
    public boolean begin(Vehicle after, Message change, String said) {
        take();
        Vehicle before = document.vehicle();
        Vehicle baseline = document.baselineProperty().get();
        Shown next = new Shown(before, after, baseline, said);
        // Before the change, so that whoever hears of that knows that it is only tried.
        shown.set(Optional.of(next));
        document.baselineProperty().set(before);
        boolean done = document.change(after, change, "");
        if (!done) {
            ended(next);
        }
        return done;
    }

    /** Takes what is shown: it stays, and the baseline is what it was. */
    public void take() {
        shown.get().ifPresent(this::ended);
    }

    /** Leaves the vehicle as it was. */
    public void leave() {
        shown.get().ifPresent(one -> {
            ended(one);
            if (document.vehicle() == one.after()) {
                document.undo();
            }
        });
    }

    private void ended(Shown one) {
        shown.set(Optional.empty());
        if (document.baselineProperty().get() == one.before()) {
            document.baselineProperty().set(one.baseline());
        }
    }

    /** What is shown and neither taken nor left yet. */
    public ReadOnlyObjectProperty<Optional<Shown>> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    /** What is shown and neither taken nor left yet. */
    public Optional<Shown> shown() {
        return shown.get();
    }
}
