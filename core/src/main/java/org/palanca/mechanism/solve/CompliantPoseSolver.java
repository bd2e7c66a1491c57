package org.palanca.mechanism.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.palanca.mechanism.CompliantMember;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;

/**
 * Finds the pose of least strain energy, half the sum of rate times the square of what each bushing is off, while rigid
 * members and drivers hold. Newton's method on the conditions of equilibrium with exact second derivatives, so that the
 * instantaneous motions are exact as well: they include the turning of the forces that the bushings carry already.
 */
public final class CompliantPoseSolver extends SteppingSolver {
    private static final int MOST_ITERATIONS = 40;

    /** Largest change of a driver that is taken at once [m or rad]. */
    private static final double LONGEST_MOVE = 0.06;

    /**
     * A pose is safe to start from while its elimination is as sound as this part of that of the design pose, and no worse
     * than the least: near a fold, where one equilibrium turns into two, pivots vanish.
     */
    private static final double WELL_HELD = 0.2;

    private static final double LEAST_QUALITY = 1e-3;

    /** The first step of a move is the motion at its start; what comes after may add up to this part of it [m or rad]. */
    private static final double MOST_CORRECTED = 0.5;

    private static final double A_LITTLE = 1e-4;

    /** A step of Newton's this small ends the search [m or rad]; the next one would be of the size of its square. */
    private static final double NEARLY_STILL = 3e-7;

    /**
     * Factors serve for the motions at a pose that is no farther than this from where they were made [m or rad]; by so much
     * the motions are off, as parts of themselves, times a curvature of the order of one.
     */
    private static final double EXACT_WITHIN = 2e-9;

    /** Factors made no farther than this from a pose tell whether it is sound, and lead the rest of the way to it [m or rad]. */
    private static final double NEAR_FACTORS = 1e-3;

    /** Rigid equations that are off by more than this are of another mechanism [m]. */
    private static final double FARTHEST_OFF = 1;

    /** Steps on old factors go on while each is at most this part of the one before. */
    private static final double FOLLOWING_GAIN = 0.6;

    private static final int MOST_FOLLOWING_STEPS = 12;

    private final DependentBodies followers;
    private final EquilibriumEquations equilibrium;
    private final double[] rate;
    private final double[] multiplier;
    private final double[] multiplierBefore;
    private final Configuration before;
    private final double[] step;
    private final LuFactors factors;
    private final BroydenSteps following;
    private final Configuration design;
    private final double[] designMultiplier;
    private final LuFactors designFactors;
    private boolean designKnown;
    private final double largestRate;
    private final double leastQuality;

    /** Length of the first step of the last move, and of all that came after [m or rad]. */
    private double predicted;

    private double corrected;

    /** Sign of the determinant where the energy is least; another sign belongs to a saddle. */
    private final int signAtDesign;

    private boolean factored;
    /** Whether the factors are those of the present pose itself, not of the one before the last step. */
    private boolean exact;

    /** A solver standing in the design pose; call {@link #moveTo} with zeros to close it there first. */
    public CompliantPoseSolver(Mechanism mechanism) {
        super(mechanism);
        rate = new double[equations.rows];
        for (int i = 0; i < mechanism.members().size(); i++) {
            if (mechanism.members().get(i) instanceof CompliantMember bushed) {
                Arrays.fill(rate, equations.firstRow(i), equations.firstRow(i) + equations.equations(i), bushed.rate());
            }
        }
        boolean[] gives = new boolean[equations.rows];
        for (int row = 0; row < rate.length; row++) {
            gives[row] = rate[row] > 0;
        }
        equations.at(present);
        followers = DependentBodies.of(equations, gives, present);
        largestRate = Math.max(Arrays.stream(rate).max().orElse(0), Double.MIN_NORMAL);
        for (int row = 0; row < rate.length; row++) {
            rate[row] /= largestRate;
        }
        equilibrium = new EquilibriumEquations(equations, rate, followers);
        multiplier = equilibrium.multiplier();
        multiplierBefore = new double[multiplier.length];
        before = mechanism.atDesign();
        step = new double[equations.columns];
        factors = equilibrium.factors();
        following = equilibrium.steps(MOST_FOLLOWING_STEPS);
        design = mechanism.atDesign();
        designMultiplier = new double[multiplier.length];
        designFactors = equilibrium.spareFactors();
        assemble();
        signAtDesign = factored ? factors.sign() : 0;
        double quality = factored ? factors.quality() : 0;
        leastQuality = quality > LEAST_QUALITY ? Math.max(LEAST_QUALITY, WELL_HELD * quality) : WELL_HELD * quality;
    }

    /** What bushings hold gives way. */
    @Override
    boolean heldTooOften() {
        return false;
    }

    /**
     * There may be several equilibria, a shackle swung over among them. A short way between poses at which the mechanism is
     * well held leads to the one that is reached from the design pose.
     */
    @Override
    boolean near() {
        return wellHeld() && shortWay() && newton(true) && wellHeld();
    }

    private boolean wellHeld() {
        return factored && factors.quality() > leastQuality;
    }

    private boolean shortWay() {
        double longest = 0;
        for (int i = 0; i < asked.length; i++) {
            longest = Math.max(longest, Math.abs(asked[i] - start.driver(i)));
        }
        return longest < LONGEST_MOVE;
    }

    @Override
    double longestStep() {
        return LONGEST_MOVE;
    }

    private boolean wentOn() {
        return corrected < MOST_CORRECTED * predicted + A_LITTLE;
    }

    @Override
    void forgetNeighbour() {
        Arrays.fill(multiplier, 0);
        factored = false;
        exact = false;
        followers.forgetNeighbour();
    }

    /** Every way that has to be led begins here, so what was worked out once is kept with its factors. */
    @Override
    boolean toDesign() {
        if (designKnown) {
            present.set(design);
            System.arraycopy(designMultiplier, 0, multiplier, 0, multiplier.length);
            factors.set(designFactors);
            factored = true;
            exact = false;
            followers.at(present);
            return closedNow();
        }
        designKnown = super.toDesign();
        if (designKnown) {
            design.set(present);
            System.arraycopy(multiplier, 0, designMultiplier, 0, multiplier.length);
            designFactors.set(factors);
        }
        return designKnown;
    }

    @Override
    boolean newton(boolean goingOn) {
        predicted = Double.NaN;
        corrected = 0;
        if (factored) {
            before.set(present);
            System.arraycopy(multiplier, 0, multiplierBefore, 0, multiplier.length);
            followOnOldFactors();
            if (settle(goingOn)) {
                return true;
            }
            present.set(before);
            System.arraycopy(multiplierBefore, 0, multiplier, 0, multiplier.length);
            predicted = Double.NaN;
            corrected = 0;
        }
        return settle(goingOn);
    }

    /** Newton's method with the second derivatives of each pose on the way. */
    private boolean settle(boolean goingOn) {
        for (int i = 0; i < MOST_ITERATIONS; i++) {
            equilibrium.balance(present);
            residual = equilibrium.largestRigidResidual();
            if (!(residual < FARTHEST_OFF)) {
                return false;
            }
            factored = equilibrium.factor(present);
            if (!factored) {
                return false;
            }
            equilibrium.step(step);
            double scale = take();
            if (goingOn && !wentOn()) {
                return false;
            }
            double length = longest(step);
            boolean there = length < NEARLY_STILL || length < NEAR_FACTORS && followOnOldFactors();
            if (scale == 1 && there) {
                boolean sound = signAtDesign == 0 || factors.sign() == signAtDesign;
                exact = length < EXACT_WITHIN;
                return sound && followers.close(present) && closedNow();
            }
        }
        return false;
    }

    private boolean closedNow() {
        equations.residualsAt(present);
        residual = equilibrium.largestRigidResidual();
        return residual < CLOSED_WITHIN;
    }

    /**
     * Goes on to a pose nearby on the factors at hand. Only forces are worked out anew, which costs a tenth; each step leaves
     * a smaller part of what was left before, as long as the poses are near.
     *
     * @return whether it got there; else it may have come closer
     */
    private boolean followOnOldFactors() {
        following.begin();
        double last = Double.POSITIVE_INFINITY;
        while (true) {
            equilibrium.balance(present);
            if (!(equilibrium.largestRigidResidual() < FARTHEST_OFF)) {
                return false;
            }
            boolean better = equilibrium.step(step, following);
            double scale = take();
            double length = longest(step);
            if (scale == 1 && length < EXACT_WITHIN) {
                return true;
            }
            if (!better || scale < 1 || length > FOLLOWING_GAIN * last) {
                return false;
            }
            last = length;
        }
    }

    /** Takes the step at hand; returns the part taken. */
    private double take() {
        double scale = guard(step);
        double length = scale * longest(step);
        if (Double.isNaN(predicted)) {
            predicted = length;
        } else {
            corrected += length;
        }
        present.apply(step, scale);
        exact = false;
        equilibrium.addForces(scale);
        iterations++;
        return scale;
    }

    private void assemble() {
        equilibrium.balance(present);
        factored = equilibrium.factor(present);
        exact = factored;
    }

    private static double longest(double[] step) {
        double longest = 0;
        for (double part : step) {
            longest = Math.max(longest, Math.abs(part));
        }
        return longest;
    }

    @Override
    public boolean motion(double[] rates, double[] twist) {
        if (!exact) {
            assemble();
        }
        if (!factored) {
            Arrays.fill(twist, 0);
            return false;
        }
        equilibrium.motion(rates, twist);
        followers.follow(rates, twist);
        return surelyHeld()
                || fromDesignOn().loose().isEmpty() && freedoms().loose().isEmpty();
    }

    @Override
    public boolean surelyHeld() {
        if (!exact) {
            assemble();
        }
        return factored && factors.quality() > SURELY_HELD;
    }

    @Override
    public double strain(int member) {
        int first = equations.firstRow(member);
        if (rate[first] == 0) {
            return 0;
        }
        if (equations.equations(member) == 1) {
            return equations.residual[first];
        }
        double sum = 0;
        for (int i = 0; i < equations.equations(member); i++) {
            sum += equations.residual[first + i] * equations.residual[first + i];
        }
        return Math.sqrt(sum);
    }

    @Override
    public List<Solution.Strain> strains() {
        equations.residualsAt(present);
        List<Solution.Strain> strains = new ArrayList<>();
        for (int i = 0; i < mechanism.members().size(); i++) {
            double stiffness = rate[equations.firstRow(i)] * largestRate;
            if (stiffness > 0) {
                strains.add(new Solution.Strain(mechanism.members().get(i).name(), strain(i), stiffness * strain(i)));
            }
        }
        return strains;
    }

    @Override
    Solution closedSolution() {
        assemble();
        return new Solution.Strained(
                poses(), iterations, residual, factored ? factors.quality() : 0, freedoms(), strains());
    }
}
