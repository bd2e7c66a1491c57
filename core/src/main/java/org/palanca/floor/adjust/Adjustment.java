package org.palanca.floor.adjust;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BooleanSupplier;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.Recent;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.Survey;

/**
 * Places of all marks that fit the readings best: the sum of squares of (measured - computed) / standard deviation is
 * least. Gauss-Newton steps from the marks' first thoughts, each cut in half until it helps.
 *
 * <p>Standard deviations come from the inverse of the normal matrix, with the stated spreads of the instruments and not
 * with the fit, so that a few readings that happen to agree don't look better than a tape can be. The outlier reading is found
 * by its normalised residual w = e / (s sqrt(r)), with e measured less adjusted, s its standard deviation and r its
 * redundancy number, the part of an error in it that shows in its own residual (Baarda, A Testing Procedure for Use in
 * Geodetic Networks, 1968, from memory).
 */
public final class Adjustment {
    /** A normalised residual beyond this happens to one good reading in a thousand (Baarda's usual 0.1 %). */
    public static final double OUTLIER = 3.29;

    /** Redundancy under which no other reading checks this one. */
    private static final double UNCHECKED = 1e-6;

    /** A direction counts as free for a mark when it moves by more than this part of the whole free motion. */
    private static final double TAKES_PART = 0.05;

    private static final int MOST_STEPS = 60;
    private static final int MOST_HALVINGS = 20;

    /** A step shorter than this is the last [m]. */
    private static final double SHORTEST_STEP = 1e-10;

    /** Every step that needs places asks for the same survey's. */
    private static final Recent<Survey, Adjustment> RECENT = new Recent<>(8);

    private final Survey survey;
    private final Network network;
    private final Vector3D[] places;
    private final Determination determined;
    private final List<Set<Axis>> free;
    private final List<Residual> residuals;
    private final int redundancy;
    private final double sumOfSquares;
    private final int steps;
    private final boolean settled;

    /**
     * What one reading has left over.
     *
     * @param reading the reading
     * @param part 0, or 1 for the second number of a plumb drop
     * @param measured as read, the mean of repeats [m or rad]
     * @param adjusted what the adjusted places give [m or rad]
     * @param redundancy the part of an error in this reading that shows in its residual, 0 to 1
     * @param normalised residual over its own standard deviation; 0 where nothing checks the reading
     */
    public record Residual(
            Reading reading, int part, double measured, double adjusted, double redundancy, double normalised) {
        /** Measured less adjusted [m or rad]. */
        public double left() {
            return measured - adjusted;
        }

        /** How wrong the reading is if it alone is wrong [m or rad]: its residual over its redundancy number. */
        public double errorIfWrong() {
            return redundancy < UNCHECKED ? 0 : left() / redundancy;
        }

        /** Whether no other reading would show an error in this one. */
        public boolean unchecked() {
            return redundancy < UNCHECKED;
        }
    }

    private Adjustment(Survey survey, BooleanSupplier goOn) {
        this.survey = survey;
        network = new Network(survey);
        Vector3D[] at = network.start();
        int taken = 0;
        boolean done = network.unknowns() == 0 || network.rows().isEmpty();
        while (!done && taken < MOST_STEPS && goOn.getAsBoolean()) {
            double[] step = Determination.of(network.design(at)).step(network.misclosure(at));
            Vector3D[] next = helpful(at, step);
            done = next == at || Arrays.stream(step).map(Math::abs).max().orElse(0) < SHORTEST_STEP;
            at = next;
            taken++;
        }
        places = at;
        steps = taken;
        settled = done;
        determined = Determination.of(network.design(places));
        free = freeAxes();
        redundancy = network.rows().size() - determined.rank();
        double[] left = network.misclosure(places);
        sumOfSquares = squares(left);
        residuals = residuals(left);
    }

    /** Adjusts a survey. Always answers: what the readings leave free is named by {@link #free}. */
    public static Adjustment of(Survey survey) {
        return of(survey, () -> true).orElseThrow();
    }

    /**
     * Adjusts a survey.
     *
     * @param goOn asked before each step; answering false gives up with nothing
     */
    public static Optional<Adjustment> of(Survey survey, BooleanSupplier goOn) {
        Optional<Adjustment> known = known(survey);
        if (known.isPresent()) {
            return known;
        }
        Adjustment adjustment = new Adjustment(survey, goOn);
        if (!goOn.getAsBoolean()) {
            return Optional.empty();
        }
        RECENT.keep(survey, adjustment);
        return Optional.of(adjustment);
    }

    /**
     * A survey's adjustment, if it was adjusted lately: then it costs nothing to ask for. Not that of another survey which
     * says the same, for readings are told apart by which they are.
     */
    public static Optional<Adjustment> known(Survey survey) {
        return RECENT.of(survey).filter(found -> found.survey == survey);
    }

    private static double squares(double[] left) {
        return NormalFactors.dot(left, left);
    }

    private Vector3D[] helpful(Vector3D[] at, double[] step) {
        double now = squares(network.misclosure(at));
        double part = 1;
        for (int i = 0; i < MOST_HALVINGS; i++) {
            Vector3D[] next = network.moved(at, step, part);
            if (squares(network.misclosure(next)) <= now) {
                return next;
            }
            part /= 2;
        }
        return at;
    }

    /** Which coordinates of each mark no reading holds: those that take part in a motion without effect. */
    private List<Set<Axis>> freeAxes() {
        List<Set<Axis>> all = new ArrayList<>();
        for (int mark = 0; mark < network.marks().size(); mark++) {
            Set<Axis> axes = new TreeSet<>();
            for (Axis axis : Axis.values()) {
                int at = network.unknown(mark, axis);
                if (at >= 0 && 1 - determined.held(at) > TAKES_PART * TAKES_PART) {
                    axes.add(axis);
                }
            }
            all.add(axes);
        }
        return all;
    }

    private List<Residual> residuals(double[] left) {
        List<Residual> all = new ArrayList<>();
        for (int i = 0; i < network.rows().size(); i++) {
            Network.Row row = network.rows().get(i);
            double own = Math.max(0, 1 - determined.taken(i));
            double normalised = own < UNCHECKED ? 0 : left[i] / Math.sqrt(own);
            all.add(new Residual(
                    row.reading(), row.part(), row.measured(), network.computed(row, places), own, normalised));
        }
        return List.copyOf(all);
    }

    public Survey survey() {
        return survey;
    }

    /** How many readings more than needed. */
    public int redundancy() {
        return redundancy;
    }

    /** Sum of squares of what is left over, each over its standard deviation. */
    public double sumOfSquares() {
        return sumOfSquares;
    }

    /** Steps taken. */
    public int steps() {
        return steps;
    }

    /** Whether the steps came to rest; if not, a first thought is far off. */
    public boolean settled() {
        return settled;
    }

    public List<Residual> residuals() {
        return residuals;
    }

    /**
     * Where a mark is [m].
     *
     * @throws IllegalArgumentException when there is no such mark
     */
    public Vector3D place(String mark) {
        return places[index(mark)];
    }

    /** Coordinates of a mark that no reading holds. */
    public Set<Axis> free(String mark) {
        return free.get(index(mark));
    }

    /** Standard deviation of one coordinate [m]; infinite where it is free, 0 where it is so by definition. */
    public double deviation(String mark, Axis axis) {
        int at = network.unknown(index(mark), axis);
        if (at < 0) {
            return 0;
        }
        return free(mark).contains(axis)
                ? Double.POSITIVE_INFINITY
                : Math.sqrt(Math.max(0, determined.cofactor(at, at)));
    }

    /** Standard deviation of a mark along a direction of length 1 [m]; meant for a mark that is held in all three. */
    public double deviation(String mark, Vector3D direction) {
        return Math.sqrt(Math.max(0, covariance(mark, direction, mark, direction)));
    }

    /** What the errors of two marks, each along a direction of length 1, have in common [m2]: their covariance. */
    public double covariance(String one, Vector3D oneWay, String other, Vector3D otherWay) {
        double sum = 0;
        for (Axis a : Axis.values()) {
            for (Axis b : Axis.values()) {
                sum += a.of(oneWay) * covariance(one, a, other, b) * b.of(otherWay);
            }
        }
        return sum;
    }

    /** Uncertainty of a mark [m]: the root of the sum of its three variances; infinite where a coordinate is free. */
    public double uncertainty(String mark) {
        double sum = 0;
        for (Axis axis : Axis.values()) {
            double deviation = deviation(mark, axis);
            sum += deviation * deviation;
        }
        return Math.sqrt(sum);
    }

    /** The marks whose place is held in all three coordinates. */
    public List<Mark> placed() {
        return survey.marks().stream()
                .filter(mark -> free(mark.name()).isEmpty())
                .toList();
    }

    /** The ellipse of one standard deviation of a mark in the plane of two axes. */
    public ErrorEllipse ellipse(String mark, Axis across, Axis up) {
        return ErrorEllipse.of(
                covariance(mark, across, mark, across),
                covariance(mark, across, mark, up),
                covariance(mark, up, mark, up));
    }

    /** Distance between two marks and its standard deviation [m], with what their places have in common. */
    public Distance distance(String one, String other) {
        Vector3D along = place(other).subtract(place(one));
        Vector3D unit = along.getNorm() == 0 ? Vector3D.ZERO : along.normalize();
        return new Distance(along.getNorm(), deviation(one, other, unit));
    }

    /**
     * Standard deviation of one mark against another along a slope, with what their places have in common [m, or rad for a
     * slope per m].
     */
    public double deviation(String one, String other, Vector3D slope) {
        double variance = 0;
        for (Axis a : Axis.values()) {
            for (Axis b : Axis.values()) {
                double part = covariance(one, a, one, b)
                        + covariance(other, a, other, b)
                        - covariance(one, a, other, b)
                        - covariance(other, a, one, b);
                variance += a.of(slope) * part * b.of(slope);
            }
        }
        return Math.sqrt(Math.max(0, variance));
    }

    /** A distance and its standard deviation [m]. */
    public record Distance(double metres, double deviation) {}

    double covariance(String one, Axis a, String other, Axis b) {
        int i = network.unknown(index(one), a);
        int j = network.unknown(index(other), b);
        return i < 0 || j < 0 ? 0 : determined.cofactor(i, j);
    }

    /** The reading most likely wrong: the largest normalised residual, if it is beyond {@link #OUTLIER}. */
    public Optional<Residual> outlier() {
        return residuals.stream()
                .filter(residual -> Math.abs(residual.normalised()) > OUTLIER)
                .max((a, b) -> Double.compare(Math.abs(a.normalised()), Math.abs(b.normalised())));
    }

    /** The same survey adjusted without one of its readings. */
    public Adjustment without(Reading reading) {
        return of(survey.withReadings(
                survey.readings().stream().filter(other -> other != reading).toList()));
    }

    /**
     * What a reading that is not part of the survey should show.
     *
     * @param value [m or rad]
     * @param deviation standard deviation by the uncertainty about its marks, its own spread not included [m or rad]
     */
    public record Expected(double value, double deviation) {}

    /** What the places say a reading should show; empty where one of its marks is not held. */
    public Optional<Expected> expected(Reading reading) {
        String last = reading.kind().between() ? reading.to() : reading.from();
        if (!free(reading.from()).isEmpty() || !free(last).isEmpty()) {
            return Optional.empty();
        }
        Vector3D from = place(reading.from());
        Vector3D to = place(last);
        Vector3D slope = reading.kind().slope(0, from, to);
        double deviation = reading.kind().between() ? deviation(reading.from(), last, slope) : deviation(last, slope);
        return Optional.of(new Expected(reading.kind().value(0, from, to), deviation));
    }

    /**
     * What the other readings say a reading of the survey should show [m or rad], to the first order: what was measured less its
     * error if it alone is wrong. Empty where no other reading checks it.
     */
    public Optional<Double> byTheOthers(Reading reading) {
        return residuals.stream()
                .filter(residual -> residual.reading() == reading && !residual.unchecked())
                .findFirst()
                .map(residual -> residual.measured() - residual.errorIfWrong());
    }

    /** Readings that nothing checks. */
    public List<Reading> unchecked() {
        return residuals.stream()
                .filter(Residual::unchecked)
                .map(Residual::reading)
                .distinct()
                .toList();
    }

    Network network() {
        return network;
    }

    Determination determined() {
        return determined;
    }

    private int index(String mark) {
        return network.find(mark)
                .orElseThrow(() -> new IllegalArgumentException("no mark \"" + mark + "\" in the survey"));
    }
}
