package org.palanca.vehicle.work;

/**
 * One step of a job.
 *
 * @param name its word key after {@code step.}, such as {@code housing.bar_in}
 * @param subject what it is done to, where the same step is done to several things; else empty text
 * @param hold whether what comes after it must wait until it is checked
 */
public record WorkStep(String name, String subject, boolean hold) {
    /** A step done once. */
    public WorkStep(String name, boolean hold) {
        this(name, "", hold);
    }

    /** What it is called in the record. */
    public String id() {
        return subject.isEmpty() ? name : name + ": " + subject;
    }
}
