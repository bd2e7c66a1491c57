package org.palanca.floor.adjust;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DiagonalMatrix;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.MultivariateJacobianFunction;
import org.hipparchus.util.Pair;
import org.junit.jupiter.api.Test;
import org.palanca.base.units.Lengths;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Floors;
import org.palanca.vehicle.survey.Instrument;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;
import org.palanca.vehicle.survey.Survey;

class AdjustmentTest {
    /**
     * The differential levelling net of Ghilani, Adjustment Computations (chapter on levelling), from memory: seven lines
     * between benchmarks X (100.00) and Y (107.50) and the points A, B and C; unweighted, and with weights 3, 4, 6, 4, 6, 6
     * and 6. The normal equations were also solved by hand.
     */
    @Test
    void publishedLevelNet() {
        double[] equal = {1, 1, 1, 1, 1, 1, 1};
        Adjustment plain = levelNet(equal);
        assertThat(plain.place("A").getZ()).isCloseTo(105.141, within(0.0006));
        assertThat(plain.place("B").getZ()).isCloseTo(104.483, within(0.0006));
        assertThat(plain.place("C").getZ()).isCloseTo(106.188, within(0.0006));
        assertThat(plain.redundancy()).isEqualTo(4);

        Adjustment weighted = levelNet(new double[] {3, 4, 6, 4, 6, 6, 6});
        assertThat(weighted.place("A").getZ()).isCloseTo(105.150, within(0.0006));
        assertThat(weighted.place("B").getZ()).isCloseTo(104.489, within(0.0006));
        assertThat(weighted.place("C").getZ()).isCloseTo(106.197, within(0.0006));
    }

    /** Readings are told apart by which they are, so an adjustment that is kept serves no other survey that says the same. */
    @Test
    void aSurveyThatSaysTheSameAsAnotherIsAdjustedForItself() {
        Survey first = levelNet(new double[] {1, 1, 1, 1, 1, 1, 1}).survey();
        Survey second = levelNet(new double[] {1, 1, 1, 1, 1, 1, 1}).survey();
        assertThat(second).isEqualTo(first).isNotSameAs(first);
        Adjustment.of(first);
        Adjustment of = Adjustment.of(second);
        assertThat(Adjustment.of(second)).as("kept").isSameAs(of);
        Reading one = second.readings().get(2);
        assertThat(of.without(one).survey().readings()).hasSize(6);
        assertThat(of.byTheOthers(one).orElseThrow())
                .isCloseTo(of.without(one).expected(one).orElseThrow().value(), within(1e-9));
    }

    private static Adjustment levelNet(double[] weights) {
        List<Mark> marks = new ArrayList<>();
        Map.of("X", 100.0, "Y", 107.5)
                .forEach((name, up) -> marks.add(new Mark(name, new Vector3D(0, 0, up), EnumSet.allOf(Axis.class))));
        for (String name : List.of("A", "B", "C")) {
            marks.add(new Mark(name, new Vector3D(0, 0, 100), EnumSet.of(Axis.AHEAD, Axis.LEFT)));
        }
        String[] lines = {"XA", "AY", "YC", "CX", "AB", "BY", "BC"};
        double[] rises = {5.10, 2.34, -1.25, -6.13, -0.68, 3.00, 1.70};
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < lines.length; i++) {
            readings.add(new Reading(
                    ReadingKind.RISE,
                    lines[i].substring(0, 1),
                    lines[i].substring(1),
                    List.of(rises[i]),
                    Instrument.LEVEL,
                    OptionalDouble.of(1 / Math.sqrt(weights[i]))));
        }
        return Adjustment.of(Survey.NONE.withMarks(marks).withReadings(readings));
    }

    /** Hipparchus Levenberg-Marquardt on derivatives taken by differences: the same places and the same doubts. */
    @Test
    void agreesWithAGeneralSolver() {
        Random random = new Random(7);
        for (int run = 0; run < 10; run++) {
            Survey survey = Floors.noisy(Floors.measured(random), random);
            Adjustment mine = Adjustment.of(survey);
            LeastSquaresOptimizer.Optimum general = general(survey);
            RealMatrix covariance = general.getCovariances(1e-14);
            int next = 0;
            for (Mark mark : survey.marks()) {
                for (Axis axis : Axis.values()) {
                    if (!mark.defined().contains(axis)) {
                        assertThat(axis.of(mine.place(mark.name())))
                                .isCloseTo(general.getPoint().getEntry(next), within(1e-6));
                        assertThat(mine.deviation(mark.name(), axis))
                                .isCloseTo(Math.sqrt(covariance.getEntry(next, next)), within(1e-6));
                        next++;
                    }
                }
            }
            assertThat(mine.sumOfSquares()).isCloseTo(general.getCost() * general.getCost(), within(1e-3));
        }
    }

    private static LeastSquaresOptimizer.Optimum general(Survey survey) {
        List<Reading> readings = survey.readings();
        double[] measured = readings.stream().mapToDouble(Reading::value).toArray();
        double[] weights = readings.stream()
                .mapToDouble(reading -> 1 / (reading.standardDeviation() * reading.standardDeviation()))
                .toArray();
        List<Double> start = new ArrayList<>();
        for (Mark mark : survey.marks()) {
            for (Axis axis : Axis.values()) {
                if (!mark.defined().contains(axis)) {
                    start.add(axis.of(mark.near()));
                }
            }
        }
        MultivariateJacobianFunction model = point -> {
            double[] at = computed(survey, point.toArray());
            RealMatrix jacobian = new Array2DRowRealMatrix(at.length, point.getDimension());
            for (int j = 0; j < point.getDimension(); j++) {
                double[] up = point.toArray();
                double[] down = point.toArray();
                up[j] += 1e-6;
                down[j] -= 1e-6;
                double[] a = computed(survey, up);
                double[] b = computed(survey, down);
                for (int i = 0; i < at.length; i++) {
                    jacobian.setEntry(i, j, (a[i] - b[i]) / 2e-6);
                }
            }
            return new Pair<>(new ArrayRealVector(at), jacobian);
        };
        return new LevenbergMarquardtOptimizer()
                .optimize(new LeastSquaresBuilder()
                        .start(start.stream().mapToDouble(Double::doubleValue).toArray())
                        .model(model)
                        .target(measured)
                        .weight(new DiagonalMatrix(weights))
                        .maxEvaluations(1000)
                        .maxIterations(1000)
                        .build());
    }

    private static double[] computed(Survey survey, double[] unknowns) {
        Map<String, Vector3D> places = new HashMap<>();
        int next = 0;
        for (Mark mark : survey.marks()) {
            double[] at = mark.near().toArray();
            for (Axis axis : Axis.values()) {
                if (!mark.defined().contains(axis)) {
                    at[axis.ordinal()] = unknowns[next++];
                }
            }
            places.put(mark.name(), new Vector3D(at));
        }
        return survey.readings().stream()
                .mapToDouble(reading -> reading.kind()
                        .value(0, places.get(reading.from()), places.getOrDefault(reading.to(), Vector3D.ZERO)))
                .toArray();
    }

    /** 300 vehicles measured with noise: each coordinate lies within 1.96 of its stated deviations 95 times in 100. */
    @Test
    void statedDoubtIsTheRealDoubt() {
        Random random = new Random(11);
        int in = 0;
        int all = 0;
        for (int run = 0; run < 300; run++) {
            Adjustment adjustment = Adjustment.of(Floors.noisy(Floors.measured(random), random));
            assertThat(adjustment.settled()).isTrue();
            for (Mark truth : Floors.frame()) {
                for (Axis axis : Axis.values()) {
                    double deviation = adjustment.deviation(truth.name(), axis);
                    if (deviation > 0) {
                        double off = axis.of(adjustment.place(truth.name())) - axis.of(truth.near());
                        in += Math.abs(off) < 1.96 * deviation ? 1 : 0;
                        all++;
                    }
                }
            }
        }
        // 7,500 coordinates, not independent within a vehicle; four standard errors of 300 independent ones would be 5
        // %.
        assertThat(all).isEqualTo(300 * 25);
        assertThat(100.0 * in / all).isBetween(94.0, 96.0);
    }

    /** One reading in each of 300 noisy surveys is off by five of its standard deviations. */
    @Test
    void plantedBlunderIsNamedInMostRuns() {
        Random random = new Random(13);
        int named = 0;
        int wrongNamed = 0;
        int runs = 300;
        for (int run = 0; run < runs; run++) {
            Survey survey = Floors.noisy(Floors.measured(random), random);
            int at = random.nextInt(survey.readings().size());
            Reading reading = survey.readings().get(at);
            double off = (random.nextBoolean() ? 5 : -5) * reading.standardDeviation();
            Adjustment adjustment = Adjustment.of(Floors.with(survey, at, reading.value() + off));
            boolean found = adjustment.outlier().isPresent();
            boolean right = found && adjustment.outlier().get().reading().sameAs(reading);
            named += right ? 1 : 0;
            wrongNamed += found && !right ? 1 : 0;
        }
        System.out.printf("blunder of 5 sigma: named %d, another named %d, of %d%n", named, wrongNamed, runs);
        assertThat(named).isGreaterThan(runs / 2);
        assertThat(wrongNamed).isLessThan(runs / 10);
    }

    @Test
    void aFreePointIsNamedWithWhatWouldHoldIt() {
        Random random = new Random(3);
        Survey survey = Floors.measured(random)
                .with(Mark.at("shock tower", new Vector3D(-2.8, 0.3, 0.9)))
                .with(Reading.of(ReadingKind.HEIGHT, "shock tower", "", 0.9))
                .with(Reading.distance("tail left", "shock tower", 0.31));
        Adjustment adjustment = Adjustment.of(survey);
        assertThat(adjustment.free("shock tower")).containsExactlyInAnyOrder(Axis.AHEAD, Axis.LEFT);
        assertThat(adjustment.deviation("shock tower", Axis.LEFT)).isInfinite();
        assertThat(adjustment.deviation("shock tower", Axis.UP)).isLessThan(Lengths.inches(0.1));
        assertThat(adjustment.free("tail left")).isEmpty();
        assertThat(NextReading.of(adjustment).orElseThrow().mark()).isEqualTo("shock tower");
    }

    /** Taking what is advised one after another holds a mark of which nothing was measured, and then stops advising it. */
    @Test
    void adviceLeadsFromNothingToAHeldMark() {
        Vector3D truth = new Vector3D(-2.1, -0.2, 0.8);
        Survey survey = Floors.measured(new Random(9)).with(Mark.at("tank strap", truth));
        int readings = 0;
        while (!Adjustment.of(survey).free("tank strap").isEmpty()) {
            Adjustment now = Adjustment.of(survey);
            NextReading next = NextReading.of(now).orElseThrow();
            assertThat(next.mark()).isEqualTo("tank strap");
            Vector3D from =
                    next.reading().kind().between() ? now.place(next.reading().from()) : truth;
            survey = survey.with(
                    next.reading().withValues(List.of(next.reading().kind().value(0, from, truth))));
            readings++;
            assertThat(readings).isLessThanOrEqualTo(3);
        }
        assertThat(Vector3D.distance(Adjustment.of(survey).place("tank strap"), truth))
                .isLessThan(1e-6);
    }

    @Test
    void whatOneMoreReadingPromisesIsKept() {
        Random random = new Random(5);
        Survey survey = Floors.noisy(Floors.measured(random), random);
        List<Reading> fewer = survey.readings().stream()
                .filter(reading -> !reading.touches("tail left") || reading.kind() != ReadingKind.OFFSET)
                .filter(reading -> !(reading.touches("tail left") && reading.touches("kick right")))
                .toList();
        Adjustment before = Adjustment.of(survey.withReadings(fewer));
        NextReading next = NextReading.of(before).orElseThrow();
        Vector3D at = before.place(next.mark());
        Vector3D from =
                next.reading().kind().between() ? before.place(next.reading().from()) : at;
        Reading taken = next.reading().withValues(List.of(next.reading().kind().value(0, from, at)));
        Adjustment after = Adjustment.of(before.survey().with(taken));
        assertThat(next.before()).isCloseTo(before.uncertainty(next.mark()), within(1e-12));
        assertThat(after.uncertainty(next.mark())).isCloseTo(next.after(), within(1e-7));
        assertThat(next.after()).isLessThan(0.85 * next.before());
    }

    @Test
    void repeatsJoinAndAreAveraged() {
        Survey survey = Survey.NONE
                .with(Mark.at("a", Vector3D.ZERO))
                .with(Mark.at("b", Vector3D.PLUS_I))
                .with(Reading.distance("a", "b", 1.000))
                .with(Reading.distance("b", "a", 1.004));
        assertThat(survey.readings()).hasSize(1);
        assertThat(survey.readings().get(0).value()).isCloseTo(1.002, within(1e-12));
        assertThat(survey.readings().get(0).standardDeviation())
                .isCloseTo(Instrument.TAPE.spread() / Math.sqrt(2), within(1e-12));
    }

    @Test
    void anEllipseHasTheVariancesOfItsAxes() {
        ErrorEllipse ellipse = ErrorEllipse.of(4, 0, 1);
        assertThat(ellipse.major()).isCloseTo(2, within(1e-12));
        assertThat(ellipse.minor()).isCloseTo(1, within(1e-12));
        assertThat(ellipse.turn()).isCloseTo(0, within(1e-12));
        ErrorEllipse turned = ErrorEllipse.of(2.5, 1.5, 2.5);
        assertThat(turned.turn()).isCloseTo(Math.PI / 4, within(1e-12));
        assertThat(turned.major()).isCloseTo(2, within(1e-12));
        assertThat(turned.minor()).isCloseTo(1, within(1e-12));
    }
}
