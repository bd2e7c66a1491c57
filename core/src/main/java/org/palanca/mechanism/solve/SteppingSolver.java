package org.palanca.mechanism.solve;

import java.util.ArrayList;
import java.util.List;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;
import org.palanca.mechanism.Pose;

/**
 * What both solvers share: a move is tried at once from the pose at hand, then in parts, and a move that does not
 * succeed leaves the pose where it was.
 */
abstract class SteppingSolver implements PoseSolver {
    /** Largest left-over with which the mechanism counts as closed [m]: a ten-thousandth of a micrometre. */
    static final double CLOSED_WITHIN = 1e-10;

    /** Longest step: half a metre or half a radian, so that a bad start does not throw the axle over. */
    private static final double LONGEST_STEP = 0.5;

    /** In how many parts a move is taken when it does not succeed at once. */
    private static final int[] PARTS = {8, 64};

    final Mechanism mechanism;
    final Linearisation equations;
    final Configuration present;
    final double[] asked;
    int iterations;
    double residual;
    private final Configuration start;
    private boolean closed;

    SteppingSolver(Mechanism mechanism) {
        this.mechanism = mechanism;
        equations = new Linearisation(mechanism);
        present = mechanism.atDesign();
        start = mechanism.atDesign();
        asked = new double[mechanism.drivers().size()];
    }

    /** Goes from the present configuration to the drivers' values that stand in it. */
    abstract boolean newton();

    /** In how many parts a move is tried at first. */
    int partsAtFirst() {
        return 1;
    }

    /** The present configuration was set from outside: what was kept of the last pose no longer belongs to it. */
    abstract void forgetNeighbour();

    /** The report on a move that closed. */
    abstract Solution closedSolution();

    @Override
    public final Mechanism mechanism() {
        return mechanism;
    }

    @Override
    public final Configuration configuration() {
        return present;
    }

    @Override
    public void reset() {
        present.reset();
        closed = false;
        forgetNeighbour();
    }

    @Override
    public final boolean moveTo(double... drivers) {
        if (drivers.length != asked.length) {
            throw new IllegalArgumentException(
                    drivers.length + " driver values given, the mechanism has " + asked.length);
        }
        System.arraycopy(drivers, 0, asked, 0, asked.length);
        start.set(present);
        iterations = 0;
        int atOnce = partsAtFirst();
        closed = atOnce == 1 ? part(1) : inParts(atOnce);
        for (int i = 0; i < PARTS.length && !closed; i++) {
            closed = inParts(PARTS[i]);
        }
        if (!closed) {
            present.set(start);
            forgetNeighbour();
        }
        return closed;
    }

    private boolean inParts(int parts) {
        present.set(start);
        forgetNeighbour();
        for (int i = 1; i <= parts; i++) {
            if (!part((double) i / parts)) {
                return false;
            }
        }
        return true;
    }

    private boolean part(double fraction) {
        for (int i = 0; i < asked.length; i++) {
            double before = start.driver(i);
            present.setDriver(i, fraction == 1 ? asked[i] : before + fraction * (asked[i] - before));
        }
        return newton();
    }

    /** The part of a step that may be taken. */
    static double guard(double[] step) {
        double longest = 0;
        for (double part : step) {
            longest = Math.max(longest, Math.abs(part));
        }
        return longest > LONGEST_STEP ? LONGEST_STEP / longest : 1;
    }

    /** What is free, loose and blocked at the present pose. */
    public final Freedoms freedoms() {
        return Freedoms.at(mechanism, present);
    }

    final List<Pose> poses() {
        List<Pose> poses = new ArrayList<>();
        for (int i = 0; i < mechanism.bodies().size(); i++) {
            poses.add(present.pose(i));
        }
        return poses;
    }

    @Override
    public final Solution solution() {
        return closed
                ? closedSolution()
                : new Solution.Open(iterations, residual, ClosureDiagnosis.of(mechanism, present, asked));
    }
}
