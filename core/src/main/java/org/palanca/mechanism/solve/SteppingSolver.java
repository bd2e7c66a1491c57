package org.palanca.mechanism.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.palanca.base.geometry.RigidMotion;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.HeightDriver;
import org.palanca.mechanism.Mechanism;

/**
 * What both solvers share. A pose is what it is however it was asked for: where the pose at hand is no safe start, the
 * mechanism is led from its design pose along a way that depends on nothing but where it is to go, in steps as short as they
 * have to be. A move that does not succeed leaves the pose where it was.
 */
abstract class SteppingSolver implements PoseSolver {
    /** Largest left-over with which the mechanism counts as closed [m]: a ten-thousandth of a micrometre. */
    static final double CLOSED_WITHIN = 1e-10;

    /** Pivots less apart than this cannot hide a loose freedom. */
    static final double SURELY_HELD = 1e-6;

    /** Longest step: half a metre or half a radian, so that a bad start does not throw the axle over. */
    private static final double LONGEST_STEP = 0.5;

    /** Shortest part of a leg that is tried before it counts as closed off. */
    private static final double SHORTEST_PART = 1.0 / 1024;

    /** After a step that went well the next one may be so many times as long. */
    private static final double LENGTHEN = 2;

    final Mechanism mechanism;
    final Linearisation equations;
    final Configuration present;
    final double[] asked;
    int iterations;
    double residual;
    /** Where the last move began. */
    final Configuration start;

    private final Configuration stop;
    private final double[] from;
    private final boolean[] lifts;
    private boolean closed;

    /** Known once the design pose was tried: then nothing closes, for every way begins there. */
    private boolean designOpen;

    /** What the members forbid from the design pose on, found once, and the report on the last move; null until asked for. */
    private @Nullable Mobility fromDesignOn;

    private @Nullable Solution report;

    SteppingSolver(Mechanism mechanism) {
        this.mechanism = mechanism;
        equations = new Linearisation(mechanism);
        present = mechanism.atDesign();
        start = mechanism.atDesign();
        stop = mechanism.atDesign();
        asked = new double[mechanism.drivers().size()];
        from = new double[asked.length];
        lifts = new boolean[asked.length];
        for (int i = 0; i < lifts.length; i++) {
            lifts[i] = mechanism.drivers().get(i) instanceof HeightDriver;
        }
    }

    /**
     * Goes from the present configuration to the drivers' values that stand in it.
     *
     * @param goingOn whether it fails where it does not go on along the way it began, but over to another pose
     */
    abstract boolean newton(boolean goingOn);

    /**
     * Goes from the pose at hand to the drivers asked for, which stand in the present configuration, if that pose is a safe
     * start and the way is short. The configuration may be left anywhere where it answers false.
     */
    abstract boolean near();

    /** Longest change of a driver that a step on the way from the design pose may make at first [m or rad]. */
    abstract double longestStep();

    /** Closes in the design pose, as it does there whatever was before. */
    boolean toDesign() {
        present.reset();
        forgetNeighbour();
        return newton(false);
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
        report = null;
        forgetNeighbour();
    }

    @Override
    public final boolean moveTo(double... drivers) {
        if (drivers.length != asked.length) {
            throw new IllegalArgumentException(
                    drivers.length + " driver values given, the mechanism has " + asked.length);
        }
        System.arraycopy(drivers, 0, asked, 0, asked.length);
        report = null;
        start.set(present);
        iterations = 0;
        ask(asked, asked, 1);
        closed = closed && near() || !designOpen && fromDesign();
        if (!closed) {
            present.set(start);
            forgetNeighbour();
        }
        return closed;
    }

    /**
     * Whether more equations than freedoms forbid the way there as it begins. Of a mechanism that is held too often only
     * such poses close as its members happen to leave, and a way to one of them begins with a motion that they leave.
     */
    private boolean forbidden() {
        return heldTooOften() && !fromDesignOn().blocking(asked).isEmpty();
    }

    /** Whether the equations that do not give are more than the freedoms. */
    abstract boolean heldTooOften();

    /** What is free, loose and blocked in the design pose. */
    final Mobility fromDesignOn() {
        if (fromDesignOn == null) {
            fromDesignOn = Mobility.at(mechanism, mechanism.atDesign());
        }
        return fromDesignOn;
    }

    /** Straight there; if that way is closed off, lifted first and steered then, or the other way about. */
    private boolean fromDesign() {
        return along(true, true) || !designOpen && steers() && (along(true, false) || along(false, true));
    }

    private boolean steers() {
        for (int i = 0; i < asked.length; i++) {
            if (!lifts[i] && asked[i] != 0) {
                return true;
            }
        }
        return false;
    }

    /**
     * From the design pose in one leg or two.
     *
     * @param lifted whether the first leg lifts
     * @param steered whether it steers
     */
    private boolean along(boolean lifted, boolean steered) {
        double[] first = new double[asked.length];
        for (int i = 0; i < first.length; i++) {
            first[i] = (lifts[i] ? lifted : steered) ? asked[i] : 0;
        }
        Arrays.fill(from, 0);
        designOpen = !toDesign();
        return !designOpen && !forbidden() && leg(first) && (lifted && steered || leg(asked));
    }

    /** From where the drivers stand to other values, in steps that shrink where they have to. */
    private boolean leg(double[] to) {
        double longest = 0;
        for (int i = 0; i < to.length; i++) {
            from[i] = present.driver(i);
            longest = Math.max(longest, Math.abs(to[i] - from[i]));
        }
        if (longest == 0) {
            return true;
        }
        double done = 0;
        double part = Math.min(1, longestStep() / longest);
        while (done < 1) {
            stop.set(present);
            double next = Math.min(1, done + part);
            ask(from, to, next);
            if (newton(true)) {
                done = next;
                part = Math.min(LENGTHEN * part, longestStep() / longest);
            } else {
                part /= 2;
                if (part < SHORTEST_PART) {
                    return false;
                }
                present.set(stop);
                forgetNeighbour();
            }
        }
        return true;
    }

    private void ask(double[] before, double[] to, double fraction) {
        for (int i = 0; i < asked.length; i++) {
            present.setDriver(i, fraction == 1 ? to[i] : before[i] + fraction * (to[i] - before[i]));
        }
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
    public final Mobility freedoms() {
        return Mobility.at(mechanism, present);
    }

    final List<RigidMotion> poses() {
        List<RigidMotion> poses = new ArrayList<>();
        for (int i = 0; i < mechanism.bodies().size(); i++) {
            poses.add(present.pose(i));
        }
        return poses;
    }

    @Override
    public final Solution solution() {
        if (report == null) {
            report = closed ? closedSolution() : new Solution.Open(iterations, residual, diagnosis());
        }
        return report;
    }

    /** Where not even the design pose closes, that is what is to be mended, whichever pose was asked for. */
    private ClosureDiagnosis diagnosis() {
        if (designOpen) {
            Mobility held = fromDesignOn();
            return heldTooOften() && !held.blocked().isEmpty()
                    ? new ClosureDiagnosis(List.of(), List.of(), held, held.blocked())
                    : ClosureDiagnosis.of(mechanism, present, new double[asked.length]);
        }
        return forbidden()
                ? new ClosureDiagnosis(
                        List.of(), List.of(), fromDesignOn(), fromDesignOn().blocking(asked))
                : ClosureDiagnosis.of(mechanism, present, asked);
    }
}
