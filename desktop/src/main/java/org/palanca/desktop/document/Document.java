package org.palanca.desktop.document;

import java.nio.file.Path;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableBooleanValue;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Message;
import org.palanca.io.json.VehicleFile;
import org.palanca.io.json.VehicleFileException;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.Finding;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.edit.VehicleChange;

/** The vehicle being worked on. Every change goes through {@link #change}, so that every change can be undone. */
public final class Document {
    private final ReadOnlyObjectWrapper<Vehicle> vehicle = new ReadOnlyObjectWrapper<>();
    private final ObjectProperty<Vehicle> saved = new SimpleObjectProperty<>();
    private final ObjectProperty<Path> file = new SimpleObjectProperty<>();
    private final ObjectProperty<Vehicle> baseline = new SimpleObjectProperty<>();
    private final History history = new History();
    private final BooleanBinding unsaved;
    private final SimpleBooleanProperty canUndo = new SimpleBooleanProperty();
    private final SimpleBooleanProperty canRedo = new SimpleBooleanProperty();
    private final ReadOnlyIntegerWrapper replacements = new ReadOnlyIntegerWrapper();
    private Consumer<Message> refused = reason -> {};
    private final ObjectProperty<LocalTime> savedAt = new SimpleObjectProperty<>();
    private final Tryout tryout;
    private boolean readOnly;

    /** A document holding a vehicle that no file holds yet. */
    public Document(Vehicle first) {
        vehicle.set(first);
        saved.set(first);
        baseline.set(first);
        tryout = new Tryout(this);
        unsaved = Bindings.createBooleanBinding(() -> !vehicle.get().equals(saved.get()), vehicle, saved);
    }

    /** Is told why a change was refused. */
    public void setOnRefused(Consumer<Message> listener) {
        refused = listener;
    }

    /**
     * Changes the vehicle, unless nothing could then be worked out from it, or its file could not be opened again: such a
     * change is refused with its reason, whichever way it was made, and everything stays as it was.
     *
     * @param after the vehicle wanted
     * @param what says what was done
     * @param gesture changes of one gesture become one step of undo; empty for a step of its own
     * @return whether the vehicle is now the one wanted
     */
    public boolean change(Vehicle after, Message what, String gesture) {
        VehicleChange change = new VehicleChange(vehicle.get(), after, what, gesture);
        if (change.isIdentity()) {
            return true;
        }
        // A drag moves places between frames, which no file refuses; all that is typed is held against the file's form
        // too.
        List<Finding> findings = gesture.isEmpty() ? VehicleFile.findings(after) : VehicleCheck.findings(after);
        for (Finding finding : findings) {
            if (finding.severity() == Finding.Severity.ERROR) {
                refused.accept(finding.message());
                return false;
            }
        }
        history.add(change);
        vehicle.set(after);
        tellHistory();
        return true;
    }

    /** A change that is tried before it is taken. */
    public Tryout tryout() {
        return tryout;
    }

    /** Ends a gesture, so that the next change is a step of its own whatever its gesture is. */
    public void endGesture() {
        history.endGesture();
    }

    public void undo() {
        history.undo().ifPresent(step -> vehicle.set(step.before()));
        tellHistory();
    }

    public void redo() {
        history.redo().ifPresent(step -> vehicle.set(step.after()));
        tellHistory();
    }

    public ObservableBooleanValue undoAvailable() {
        return canUndo;
    }

    public ObservableBooleanValue redoAvailable() {
        return canRedo;
    }

    private void tellHistory() {
        canUndo.set(history.canUndo());
        canRedo.set(history.canRedo());
    }

    public ReadOnlyObjectProperty<Vehicle> vehicleProperty() {
        return vehicle.getReadOnlyProperty();
    }

    public Vehicle vehicle() {
        return vehicle.get();
    }

    /** The vehicle that changes are shown against. */
    public ObjectProperty<Vehicle> baselineProperty() {
        return baseline;
    }

    public ObjectProperty<Path> fileProperty() {
        return file;
    }

    /** Where the vehicle is saved; empty for a new one, or one that must not be saved over. */
    public Optional<Path> file() {
        return readOnly ? Optional.empty() : Optional.ofNullable(file.get());
    }

    public BooleanBinding unsaved() {
        return unsaved;
    }

    /** How often another vehicle was taken over; counted before anything else of it is told. */
    public ReadOnlyIntegerProperty replacements() {
        return replacements.getReadOnlyProperty();
    }

    /** Takes over a vehicle from a file, or a new one when {@code from} is null, with a fresh history. */
    public void replace(Vehicle next, @Nullable Path from, boolean fromNewerVersion) {
        replacements.set(replacements.get() + 1);
        readOnly = fromNewerVersion;
        file.set(from);
        savedAt.set(null);
        saved.set(next);
        baseline.set(next);
        vehicle.set(next);
        history.clear();
        tellHistory();
    }

    /** Takes over work rescued from a crash: unsaved, but with its file known. */
    public void restore(Vehicle rescued, @Nullable Path original) {
        replace(rescued, original, false);
        saved.set(null);
    }

    /**
     * Saves.
     *
     * @throws VehicleFileException when it could not be written; the work here and the old file are as they were
     */
    public void save(Path to) throws VehicleFileException {
        VehicleFile.save(to, vehicle.get());
        readOnly = false;
        file.set(to);
        savedAt.set(LocalTime.now(ZoneId.systemDefault()));
        saved.set(vehicle.get());
    }

    /** When it was saved last since it was opened; null before. */
    public ReadOnlyObjectProperty<LocalTime> savedAt() {
        return savedAt;
    }
}
