package org.palanca.desktop.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.palanca.vehicle.edit.VehicleChange;

/** What was changed, step by step, so that each step can be taken back and done again. */
final class History {
    private final List<VehicleChange> steps = new ArrayList<>();
    private int done;
    private boolean mayMerge;

    /** Adds what was just changed: to the last step where both are of one gesture, and drops what was taken back. */
    void add(VehicleChange change) {
        steps.subList(done, steps.size()).clear();
        Optional<VehicleChange> together =
                mayMerge && done > 0 ? steps.get(done - 1).merge(change) : Optional.empty();
        if (together.isPresent()) {
            steps.remove(--done);
        }
        VehicleChange step = together.orElse(change);
        if (!step.isIdentity()) {
            steps.add(step);
            done++;
        }
        mayMerge = true;
    }

    /** Lets the next change be a step of its own. */
    void endGesture() {
        mayMerge = false;
    }

    /** The last step, to be taken back; empty where there is none. */
    Optional<VehicleChange> undo() {
        endGesture();
        return done == 0 ? Optional.empty() : Optional.of(steps.get(--done));
    }

    /** The step that was taken back last, to be done again; empty where there is none. */
    Optional<VehicleChange> redo() {
        endGesture();
        return done == steps.size() ? Optional.empty() : Optional.of(steps.get(done++));
    }

    boolean canUndo() {
        return done > 0;
    }

    boolean canRedo() {
        return done < steps.size();
    }

    /** Begins anew. */
    void clear() {
        steps.clear();
        done = 0;
        mayMerge = false;
    }
}
