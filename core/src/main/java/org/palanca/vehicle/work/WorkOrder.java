package org.palanca.vehicle.work;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A job's steps against what has been recorded of it. A hold that is not passed keeps every later step shut; it is passed
 * by its check, or by a reason in writing.
 */
public final class WorkOrder {
    private final String job;
    private final List<WorkStep> steps;
    private final List<StepEntry> log;

    /** How a step stands. */
    public enum State {
        DONE,
        OVERRIDDEN,
        OPEN,
        SHUT
    }

    /**
     * @param job its name in the record
     * @param log everything recorded, of other jobs too
     */
    public WorkOrder(String job, List<WorkStep> steps, List<StepEntry> log) {
        this.job = job;
        this.steps = List.copyOf(steps);
        this.log = List.copyOf(log);
    }

    public List<WorkStep> steps() {
        return steps;
    }

    public String job() {
        return job;
    }

    /** What was recorded of a step. */
    public Optional<StepEntry> entry(WorkStep step) {
        return log.stream()
                .filter(entry -> entry.job().equals(job) && entry.step().equals(step.id()))
                .findFirst();
    }

    public State state(WorkStep step) {
        Optional<StepEntry> entry = entry(step);
        if (entry.isPresent()) {
            return entry.get().overridden() ? State.OVERRIDDEN : State.DONE;
        }
        return holding(step).isPresent() ? State.SHUT : State.OPEN;
    }

    /** The hold before a step that is not passed yet. */
    public Optional<WorkStep> holding(WorkStep step) {
        return steps.subList(0, steps.indexOf(step)).stream()
                .filter(before -> before.hold() && entry(before).isEmpty())
                .findFirst();
    }

    /** The first step that can be done now. */
    public Optional<WorkStep> next() {
        return steps.stream().filter(step -> state(step) == State.OPEN).findFirst();
    }

    /**
     * The record with a step more.
     *
     * @param reason empty text when it was done and checked; why not, where a hold is passed without its check
     * @throws IllegalStateException when a hold before it is not passed
     */
    public List<StepEntry> record(WorkStep step, LocalDate date, String reason) {
        if (holding(step).isPresent()) {
            throw new IllegalStateException(
                    step.id() + " waits for " + holding(step).get().id());
        }
        List<StepEntry> next = new ArrayList<>(log);
        next.removeIf(entry -> entry.job().equals(job) && entry.step().equals(step.id()));
        next.add(new StepEntry(job, step.id(), date, reason.strip()));
        return List.copyOf(next);
    }

    /** The record without a step that was ticked by mistake, and without those that it let through. */
    public List<StepEntry> takeBack(WorkStep step) {
        int at = steps.indexOf(step);
        List<StepEntry> next = new ArrayList<>(log);
        next.removeIf(entry -> entry.job().equals(job)
                && (entry.step().equals(step.id())
                        || step.hold()
                                && steps.subList(at + 1, steps.size()).stream()
                                        .anyMatch(later -> later.id().equals(entry.step()))));
        return List.copyOf(next);
    }
}
