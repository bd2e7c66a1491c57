package org.palanca.mechanism;

/** Sets one number of the pose, such as a wheel's travel. */
public interface Driver {
    /** Unique within its mechanism. */
    String name();

    /**
     * The driver's single equation.
     *
     * @param index the driver's place in {@link Configuration#driver}
     */
    Constraint bind(Mechanism mechanism, int index);
}
