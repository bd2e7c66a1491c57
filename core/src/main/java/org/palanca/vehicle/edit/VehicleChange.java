package org.palanca.vehicle.edit;

import java.util.Optional;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Vehicle;

/**
 * One step of the user's work. Vehicles are immutable and share what did not change, so a change is simply both ends.
 *
 * @param before the vehicle the change was made to
 * @param after the vehicle it made
 * @param what says what was done
 * @param gesture changes with the same non-empty gesture that follow one another become one step of undo
 */
public record VehicleChange(Vehicle before, Vehicle after, Message what, String gesture) {
    /** This change and the next as one, when both belong to the same gesture. */
    public Optional<VehicleChange> merge(VehicleChange next) {
        boolean together = !gesture.isEmpty() && gesture.equals(next.gesture) && after == next.before;
        return together ? Optional.of(new VehicleChange(before, next.after, next.what, gesture)) : Optional.empty();
    }

    /** Whether nothing differs. */
    public boolean isIdentity() {
        return before.equals(after);
    }
}
