package org.palanca.vehicle.work;

import java.time.LocalDate;

/**
 * That a step was done, or passed without its check.
 *
 * @param job the job it belongs to, such as {@code rear.housing}
 * @param step id of the step
 * @param date when
 * @param reason why it was passed unchecked; empty text where it was done
 */
public record StepEntry(String job, String step, LocalDate date, String reason) {
    /** Whether the check was left out on purpose. */
    public boolean overridden() {
        return !reason.isEmpty();
    }
}
