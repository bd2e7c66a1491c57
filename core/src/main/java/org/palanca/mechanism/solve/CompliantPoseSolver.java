package org.palanca.mechanism.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.palanca.mechanism.CompliantMember;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;

/**
 * Finds the pose of least strain energy, half the sum of rate times the square of what each bushing is off, while rigid
 * members and drivers hold. Newton's method on the conditions of equilibrium with exact second derivatives, so that the
 * instantaneous motions are exact as well: they include the turning of the forces that the bushings carry already.
 */
public final class CompliantPoseSolver extends SteppingSolver {
    private static final int PER_BODY = 6;
    private static final int MOST_ITERATIONS = 40;
    private static final double PIVOT_FLOOR = 1e-13;

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

    /** Rigid equations that are off by more than this are of another mechanism [m]. */
    private static final double FARTHEST_OFF = 1;

    /** Steps on old factors go on while each is at most this part of the one before. */
    private static final double FOLLOWING_GAIN = 0.4;

    private static final int MOST_FOLLOWING_STEPS = 12;

    /** Keeps a freedom that nothing resists where it was [part of the largest rate]. */
    private static final double DRAG = 1e-9;

    private final DependentBodies followers;
    private final int[] columns;
    private final int[] rows;

    /** For each row the columns that it touches. */
    private final int[][] touched;

    /** For each column its place among those that are solved for here. */
    private final int[] place;

    private final double[] rate;
    private final int[] rigidRows;
    private final double[] multiplier;
    private final double[] multiplierBefore;
    private final Configuration before;
    private final double[] weight;
    private final double[] hessian;
    private final double[] matrix;
    private final double[] right;
    private final double[] unknown;
    private final double[] step;
    private final LuFactors factors;
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
        followers = DependentBodies.of(equations, gives);
        columns = IntStream.range(0, equations.columns)
                .filter(column -> !followers.ownsColumn(column))
                .toArray();
        rows = IntStream.range(0, equations.rows)
                .filter(row -> !followers.ownsRow(row))
                .toArray();
        touched = IntStream.range(0, equations.rows)
                .mapToObj(row -> Arrays.stream(columns)
                        .filter(column -> equations.touches(row, column / PER_BODY))
                        .toArray())
                .toArray(int[][]::new);
        place = new int[equations.columns];
        for (int i = 0; i < columns.length; i++) {
            place[columns[i]] = i;
        }
        largestRate = Math.max(Arrays.stream(rate).max().orElse(0), Double.MIN_NORMAL);
        List<Integer> rigid = new ArrayList<>();
        for (int row : rows) {
            rate[row] /= largestRate;
            if (rate[row] == 0) {
                rigid.add(row);
            }
        }
        rigidRows = rigid.stream().mapToInt(Integer::intValue).toArray();
        int size = columns.length + rigidRows.length;
        multiplier = new double[rigidRows.length];
        multiplierBefore = new double[rigidRows.length];
        before = mechanism.atDesign();
        weight = new double[equations.rows];
        hessian = new double[equations.columns * equations.columns];
        matrix = new double[size * size];
        right = new double[size];
        unknown = new double[size];
        step = new double[equations.columns];
        factors = new LuFactors(size);
        design = mechanism.atDesign();
        designMultiplier = new double[rigidRows.length];
        designFactors = new LuFactors(size);
        assemble();
        signAtDesign = factored ? factors.sign() : 0;
        leastQuality = Math.max(LEAST_QUALITY, factored ? WELL_HELD * factors.quality() : 0);
    }

    /**
     * There may be several equilibria, a shackle swung over among them. A short way between poses at which the mechanism is
     * well held leads to the one that is reached from the design pose.
     */
    @Override
    boolean near() {
        return wellHeld() && shortWay() && newton() && wentOn() && wellHeld();
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

    @Override
    boolean wentOn() {
        return corrected < MOST_CORRECTED * predicted + A_LITTLE;
    }

    @Override
    void forgetNeighbour() {
        Arrays.fill(multiplier, 0);
        factored = false;
        exact = false;
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
    boolean newton() {
        predicted = Double.NaN;
        corrected = 0;
        if (factored) {
            before.set(present);
            System.arraycopy(multiplier, 0, multiplierBefore, 0, multiplier.length);
            followOnOldFactors();
            if (settle()) {
                return true;
            }
            present.set(before);
            System.arraycopy(multiplierBefore, 0, multiplier, 0, multiplier.length);
            predicted = Double.NaN;
            corrected = 0;
        }
        return settle();
    }

    /** Newton's method with the second derivatives of each pose on the way. */
    private boolean settle() {
        for (int i = 0; i < MOST_ITERATIONS; i++) {
            balance();
            residual = largestRigidResidual();
            if (!(residual < FARTHEST_OFF)) {
                return false;
            }
            factor();
            if (!factored) {
                return false;
            }
            double scale = stepOnFactors();
            if (scale == 1 && longest(step) < NEARLY_STILL) {
                boolean sound = signAtDesign == 0 || factors.sign() == signAtDesign;
                return sound && followers.close(present) && closedNow();
            }
        }
        return false;
    }

    private boolean closedNow() {
        equations.residualsAt(present);
        residual = largestRigidResidual();
        return residual < CLOSED_WITHIN;
    }

    /**
     * Goes most of the way to a neighbouring pose on the factors of the pose just left. Only forces are worked out anew,
     * which costs a tenth; each step leaves a small part of what was left before, as long as the poses are near.
     */
    private void followOnOldFactors() {
        double last = Double.POSITIVE_INFINITY;
        for (int i = 0; i < MOST_FOLLOWING_STEPS; i++) {
            balance();
            if (!(largestRigidResidual() < FARTHEST_OFF)) {
                return;
            }
            double scale = stepOnFactors();
            double length = longest(step);
            if (scale < 1 || length < NEARLY_STILL || length > FOLLOWING_GAIN * last) {
                return;
            }
            last = length;
        }
    }

    /** Takes the step that the factors at hand give for the forces and residuals at hand; returns the part taken. */
    private double stepOnFactors() {
        factors.solve(right, unknown);
        for (int i = 0; i < columns.length; i++) {
            step[columns[i]] = unknown[i];
        }
        double scale = guard(step);
        double length = scale * longest(step);
        if (Double.isNaN(predicted)) {
            predicted = length;
        } else {
            corrected += length;
        }
        present.apply(step, scale);
        exact = false;
        for (int k = 0; k < multiplier.length; k++) {
            multiplier[k] += scale * unknown[columns.length + k];
        }
        iterations++;
        return scale;
    }

    /** What is out of balance at the present pose: forces that do not cancel, rigid equations that do not hold. */
    private void balance() {
        equations.at(present);
        for (int row : rows) {
            weight[row] = rate[row] * equations.residual[row];
        }
        for (int k = 0; k < rigidRows.length; k++) {
            weight[rigidRows[k]] = multiplier[k];
        }
        Arrays.fill(right, 0);
        double[] jacobian = equations.jacobian;
        for (int row : rows) {
            double force = weight[row];
            int at = row * equations.columns;
            for (int i = 0; i < touched[row].length && force != 0; i++) {
                int column = touched[row][i];
                right[place[column]] -= force * jacobian[at + column];
            }
        }
        for (int k = 0; k < rigidRows.length; k++) {
            right[columns.length + k] = -equations.residual[rigidRows[k]];
        }
    }

    /** Second derivatives of energy and equations at the pose that was just balanced, factored. */
    private void factor() {
        int n = columns.length;
        Arrays.fill(hessian, 0);
        equations.addCurvature(present, weight, hessian);
        for (int row : rows) {
            if (rate[row] != 0) {
                addStiffness(row);
            }
        }
        int size = right.length;
        Arrays.fill(matrix, 0);
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                matrix[i * size + j] = hessian[columns[i] * equations.columns + columns[j]];
            }
            matrix[i * size + i] += DRAG;
        }
        for (int k = 0; k < rigidRows.length; k++) {
            int row = rigidRows[k];
            for (int j = 0; j < n; j++) {
                double entry = equations.jacobian[row * equations.columns + columns[j]];
                matrix[(n + k) * size + j] = entry;
                matrix[j * size + n + k] = entry;
            }
        }
        factored = factors.factor(matrix, PIVOT_FLOOR);
    }

    private void assemble() {
        balance();
        factor();
        exact = factored;
    }

    private void addStiffness(int row) {
        double[] jacobian = equations.jacobian;
        int n = equations.columns;
        for (int i : touched[row]) {
            double scaled = rate[row] * jacobian[row * n + i];
            for (int j : touched[row]) {
                hessian[i * n + j] += scaled * jacobian[row * n + j];
            }
        }
    }

    private double largestRigidResidual() {
        double largest = 0;
        for (int row : rigidRows) {
            double size = Math.abs(equations.residual[row]);
            largest = size <= largest ? largest : Double.isNaN(size) ? Double.POSITIVE_INFINITY : size;
        }
        return largest;
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
        Arrays.fill(right, 0);
        for (int k = 0; k < rigidRows.length; k++) {
            int driver = rigidRows[k] - equations.memberRows;
            right[columns.length + k] = driver >= 0 ? rates[driver] : 0;
        }
        Arrays.fill(twist, 0);
        if (!factored) {
            return false;
        }
        factors.solve(right, unknown);
        for (int i = 0; i < columns.length; i++) {
            twist[columns[i]] = unknown[i];
        }
        followers.follow(rates, twist);
        return surelyHeld() || freedoms().loose().isEmpty();
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
