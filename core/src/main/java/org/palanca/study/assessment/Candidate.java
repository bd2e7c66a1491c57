package org.palanca.study.assessment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.palanca.vehicle.Vehicle;

/**
 * A change that was found to help in one thing, not yet held against the others.
 *
 * @param <T> what sort of change
 */
interface Candidate<T extends Candidate<T>> {
    /** The vehicle with it. */
    Vehicle after();

    /** The same, with what gets worse by it. */
    T with(List<Fault> worse);

    /**
     * Holds the first of some changes against every study of both axles.
     *
     * @param changes the best first
     * @param most so many are wanted
     * @param assessed so many are looked at
     * @param goOn asked while each is looked at; answering false gives back what was found so far
     * @return those that make nothing worse; where there is none, the first that makes everything together better all the same
     */
    static <T extends Candidate<T>> List<T> harmless(
            Vehicle vehicle, List<T> changes, int most, int assessed, BooleanSupplier goOn) {
        if (changes.isEmpty()) {
            return List.of();
        }
        Optional<Assessment> before = Assessment.of(vehicle, goOn);
        if (before.isEmpty()) {
            return List.of();
        }
        List<T> harmless = new ArrayList<>();
        List<T> others = new ArrayList<>();
        for (T change : changes.subList(0, Math.min(assessed, changes.size()))) {
            if (harmless.size() == most) {
                break;
            }
            Optional<Assessment> after = Assessment.of(change.after(), goOn);
            if (after.isEmpty()) {
                break;
            }
            if (after.get().betterThan(before.get())) {
                List<Fault> worse = after.get().worseThan(before.get());
                (worse.isEmpty() ? harmless : others).add(change.with(worse));
            }
        }
        return List.copyOf(harmless.isEmpty() ? others.subList(0, Math.min(1, others.size())) : harmless);
    }
}
