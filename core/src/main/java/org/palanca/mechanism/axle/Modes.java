package org.palanca.mechanism.axle;

import java.util.Arrays;

/** The instantaneous motions of all bodies at a pose, six numbers a body, and whether each of them exists. */
final class Modes {
    private final double[] heave;
    private final double[] roll;
    private final double[] steer;
    private boolean heaves;
    private boolean rolls;
    private boolean steers;

    Modes(int unknowns) {
        heave = new double[unknowns];
        roll = new double[unknowns];
        steer = new double[unknowns];
    }

    void exist(boolean heaveDoes, boolean rollDoes, boolean steerDoes) {
        heaves = heaveDoes;
        rolls = rollDoes;
        steers = steerDoes;
    }

    /** Nothing is known of how anything moves: no number may pass for a rate. */
    void unknown() {
        Arrays.fill(heave, Double.NaN);
        Arrays.fill(roll, Double.NaN);
        Arrays.fill(steer, Double.NaN);
        exist(false, false, false);
    }

    double[] heave() {
        return heave;
    }

    double[] roll() {
        return roll;
    }

    double[] steer() {
        return steer;
    }

    boolean heaves() {
        return heaves;
    }

    boolean rolls() {
        return rolls;
    }

    boolean steers() {
        return steers;
    }
}
