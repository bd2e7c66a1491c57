package org.palanca.mechanism;

/** Equations that hold between bodies, with their exact derivatives. Belongs to one solver. */
public interface Constraint {
    /** How many equations. */
    int equations();

    /**
     * Writes residuals alone.
     *
     * @param residual filled from {@code row} on: zero when the equation holds [m]
     */
    void residuals(Configuration at, double[] residual, int row);

    /**
     * Writes residuals and derivatives at a configuration. Allocates nothing.
     *
     * @param at the configuration
     * @param residual filled from {@code row} on: zero when the equation holds [m]
     * @param jacobian row-major with {@code columns} columns: derivative of each residual by the twist of every body
     *     (velocity of the body's origin [m], then rotation [rad]). Every call writes the same entries; the others are
     *     zero, and the caller's to keep so
     * @param row first row
     * @param columns six a body
     */
    void linearise(Configuration at, double[] residual, double[] jacobian, int row, int columns);

    /**
     * Adds the second derivatives, which the equilibrium of bushings that give needs. Allocates nothing.
     *
     * @param at the configuration
     * @param weights factor of each equation from {@code row} on, such as the force it carries
     * @param row first row
     * @param hessian row-major and symmetric, {@code columns} by {@code columns}; added to
     * @param columns six a body
     */
    void addCurvature(Configuration at, double[] weights, int row, double[] hessian, int columns);
}
