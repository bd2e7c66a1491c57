package org.palanca.mechanism;

/**
 * Something that ties bodies together. A new kind is a new record that binds itself to a constraint; neither the solver
 * nor those who call it change.
 */
public interface Member {
    /** Unique within its mechanism; used in every message about it. */
    String name();

    /**
     * The equations of this member for a solver. Each call makes a new one with scratch space of its own.
     *
     * @throws IllegalArgumentException when a body is not in the mechanism
     */
    Constraint bind(Mechanism mechanism);
}
