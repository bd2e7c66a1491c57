package org.palanca.floor.adjust;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.units.Lengths;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.survey.Cut;
import org.palanca.vehicle.survey.Floors;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;
import org.palanca.vehicle.survey.Support;
import org.palanca.vehicle.survey.Survey;
import org.palanca.vehicle.survey.Zone;

/** What a slip of the tape looks like to the person who made it. */
class SurveyRemarkTest {
    private final Random random = new Random(17);
    private final Survey good = Floors.measured(random);

    private static String said(Survey survey) {
        return String.join(
                "\n",
                SurveyRemark.of(Adjustment.of(survey)).stream()
                        .map(remark -> Examples.WORDS.text(remark.message()))
                        .toList());
    }

    @Test
    void aGoodSurveyHasNoDoubts() {
        assertThat(SurveyRemark.of(Adjustment.of(good)))
                .noneMatch(remark -> remark.level() != SurveyRemark.Level.ADVICE);
    }

    @Test
    void aFootOff() {
        int at = Floors.find(good, ReadingKind.DISTANCE, "cab left", "kick left");
        double right = good.readings().get(at).value();
        assertThat(said(Floors.with(good, at, right + Lengths.inches(12))))
                .contains("Most likely wrong: tape cab left to kick left")
                .contains("12 in too long")
                .contains("One foot misread? "
                        + Examples.WORDS.units().text(right, org.palanca.base.units.Quantity.LENGTH));
    }

    @Test
    void leftForRight() {
        int at = Floors.find(good, ReadingKind.OFFSET, "belly right", "");
        assertThat(said(Floors.with(good, at, -good.readings().get(at).value())))
                .contains("Most likely wrong: belly right off the centreline")
                .contains("Left and right swapped?");
    }

    @Test
    void theMarkOnTheOtherSide() {
        int direct = Floors.find(good, ReadingKind.DISTANCE, "cab left", "kick left");
        int crossed = Floors.find(good, ReadingKind.DISTANCE, "cab left", "kick right");
        assertThat(said(Floors.with(good, direct, good.readings().get(crossed).value())))
                .contains("Most likely wrong: tape cab left to kick left")
                .contains("Left and right swapped? The value fits");
    }

    @Test
    void aFractionMisread() {
        int at = Floors.find(good, ReadingKind.HEIGHT, "tail left", "");
        double half = good.readings().get(at).value() + Lengths.inches(1.0 / 2);
        // A tape from the string would explain it nearly as well: both are named, and what decides.
        assertThat(said(Floors.with(good, at, half)))
                .contains(
                        "One of these is wrong, and too little is measured to tell which: height of tail left 28 1/16 in")
                .contains("(27 9/16 in would fit)", "tape string rear to tail left 32 3/16 in")
                .contains("Measure height of tail left next: it decides.")
                .doesNotContain("Most likely wrong");
        int held = Floors.find(good, ReadingKind.DISTANCE, "cab left", "kick left");
        double eighth = good.readings().get(held).value() + Lengths.inches(1.0 / 2);
        assertThat(said(Floors.with(good, held, eighth)))
                .contains("Most likely wrong: tape cab left to kick left", "1/2 in too long", "A fraction misread?");
    }

    /**
     * Four tapes of which one is 3/8 in long, and an exact height: with one reading more than needed every one of them explains
     * it, so none is named alone.
     */
    @Test
    void withOneReadingMoreThanNeededNoneIsBlamedAlone() {
        Survey frame = Survey.NONE;
        double[][] places = {{0, 0.5, 0.6}, {-1, 0.5, 0.6}, {-1, -0.5, 0.6}, {0, -0.5, 0.6}};
        String[] names = {"a", "b", "c", "d"};
        Vector3D truth = new Vector3D(-0.55, 0.05, 0.45);
        frame = frame.with(Mark.at("mount", truth.add(new Vector3D(0.02, -0.03, 0.02))));
        for (int i = 0; i < names.length; i++) {
            Vector3D at = new Vector3D(places[i]);
            double long3eighths = i == 1 ? Lengths.inches(3.0 / 8) : 0;
            frame = frame.with(new Mark(names[i], at, Set.of(Axis.values())))
                    .with(Reading.distance(names[i], "mount", Vector3D.distance(at, truth) + long3eighths));
        }
        frame = frame.with(Reading.of(ReadingKind.HEIGHT, "mount", "", truth.getZ()));
        BlunderCandidates suspects = BlunderCandidates.of(Adjustment.of(frame)).orElseThrow();
        assertThat(suspects.alone()).isFalse();
        assertThat(suspects.readings()).anyMatch(reading -> reading.from().equals("b"));
        assertThat(said(frame)).contains("One of these is wrong").doesNotContain("Most likely wrong");
        // Read as it says until one stands out: it comes to the one that is long, and doing so takes two tapes at most.
        Survey next = frame;
        for (int i = 0; i < 2; i++) {
            Optional<Reading> asked = BlunderCandidates.of(Adjustment.of(next)).flatMap(BlunderCandidates::decides);
            if (asked.isEmpty()) {
                break;
            }
            Reading wanted = asked.get();
            Vector3D from = wanted.kind().between()
                    ? Adjustment.of(next).place(wanted.from().equals("mount") ? wanted.to() : wanted.from())
                    : truth;
            next = next.with(wanted.withValues(List.of(wanted.kind().value(0, from, truth))));
        }
        assertThat(said(next))
                .satisfiesAnyOf(
                        text -> assertThat(text).contains("Most likely wrong: tape b to mount"),
                        text -> assertThat(text).contains("tape b to mount", "so they are not averaged"));
    }

    /** 600 small networks with noise, one reading of each wrong: whoever is named alone is the wrong one 19 times in 20. */
    @Test
    void whoIsNamedAloneIsTheOne() {
        int named = 0;
        int right = 0;
        int among = 0;
        int found = 0;
        for (int run = 0; run < 600; run++) {
            Survey survey = Survey.NONE.with(Mark.at("mount", new Vector3D(-0.5, 0.1, 0.4)));
            Vector3D truth = new Vector3D(-0.5 + 0.3 * random.nextGaussian(), 0.2 * random.nextGaussian(), 0.4);
            int tapes = 4 + random.nextInt(4);
            int wrong = random.nextInt(tapes);
            for (int i = 0; i < tapes; i++) {
                Vector3D at = new Vector3D(
                        2 * random.nextDouble() - 1.5, random.nextDouble() - 0.5, 0.3 + 0.5 * random.nextDouble());
                double off = Lengths.inches(1.0 / 16) * random.nextGaussian()
                        + (i == wrong ? Lengths.inches(0.4 + random.nextDouble()) : 0);
                survey = survey.with(new Mark("m" + i, at, Set.of(Axis.values())))
                        .with(Reading.distance("m" + i, "mount", Vector3D.distance(at, truth) + off));
            }
            double off = Lengths.inches(1.0 / 16) * random.nextGaussian();
            survey = survey.with(Reading.of(ReadingKind.HEIGHT, "mount", "", truth.getZ() + off));
            Optional<BlunderCandidates> suspects = BlunderCandidates.of(Adjustment.of(survey));
            if (suspects.isPresent()) {
                String culprit = "m" + wrong;
                found++;
                among += suspects.get().readings().stream()
                                .anyMatch(reading -> reading.from().equals(culprit))
                        ? 1
                        : 0;
                named += suspects.get().alone() ? 1 : 0;
                right += suspects.get().alone()
                                && suspects.get().readings().get(0).from().equals(culprit)
                        ? 1
                        : 0;
            }
        }
        System.out.printf(
                "one wrong reading of 5 to 8: seen %d of 600, among the suspects %d, named alone %d, rightly %d%n",
                found, among, named, right);
        assertThat(named).isGreaterThan(100);
        assertThat((double) right / named).isGreaterThan(0.95);
        assertThat((double) among / found).isGreaterThan(0.95);
    }

    /** Measured again as advised, the good reading is not averaged with the bad one, and the bad one can be dropped. */
    @Test
    void whatIsMeasuredAgainIsNotAveragedWithWhatIsWrong() {
        int at = Floors.find(good, ReadingKind.DISTANCE, "cab left", "kick left");
        double right = good.readings().get(at).value();
        Survey wrong = Floors.with(good, at, right + Lengths.INCH);
        SurveyRemark outlier = SurveyRemark.of(Adjustment.of(wrong)).get(0);
        SurveyFix replace = outlier.fix().orElseThrow();
        assertThat(Examples.WORDS.text(replace.said())).isEqualTo("Replace 67 15/16 in by 66 15/16 in");
        assertThat(SurveyRemark.of(Adjustment.of(replace.in(wrong))))
                .noneMatch(remark -> remark.level() != SurveyRemark.Level.ADVICE);
        Survey again = wrong.with(Reading.distance("cab left", "kick left", right));
        assertThat(again.readings().get(at).values()).hasSize(2);
        assertThat(again.readings().get(at).value()).isEqualTo(right);
        assertThat(said(again))
                .contains("67 15/16 in and 66 15/16 in are farther apart")
                .doesNotContain("Most likely");
        SurveyFix drop = SurveyRemark.of(Adjustment.of(again)).get(0).fix().orElseThrow();
        assertThat(Examples.WORDS.text(drop.said())).isEqualTo("Drop 67 15/16 in");
        assertThat(drop.in(again).readings().get(at).values()).containsExactly(right);
        assertThat(drop.in(good)).isEqualTo(good);
    }

    @Test
    void repeatsThatAgreeAreAveragedAndTheRestSetAside() {
        double inch = Lengths.INCH;
        Reading three = Reading.distance("a", "b", 80 * inch, 80.125 * inch, 79 * inch);
        assertThat(three.value() / inch).isCloseTo(80.0625, within(1e-9));
        assertThat(three.setAside()).containsExactly(79 * inch);
        assertThat(three.standardDeviation()).isEqualTo(three.instrument().spread() / Math.sqrt(2));
        Reading quarter = Reading.distance("a", "b", 80 * inch, 80.25 * inch);
        assertThat(quarter.value()).isEqualTo(80.25 * inch);
        assertThat(Reading.of(ReadingKind.PLUMB, "a", "b").setAside()).isEmpty();
    }

    @Test
    void millimetresForInches() {
        int at = Floors.find(good, ReadingKind.HEIGHT, "tail left", "");
        double right = good.readings().get(at).value();
        assertThat(said(Floors.with(good, at, right * 25.4))).contains("Millimetres and inches swapped?");
    }

    @Test
    void leftAndRightAreComparedAtOnce() {
        int at = Floors.find(good, ReadingKind.HEIGHT, "kick right", "");
        double off = good.readings().get(at).value() + Lengths.inches(5.0 / 16);
        assertThat(said(Floors.with(good, at, off)))
                .contains("height of kick left and height of kick right differ by 5/16 in");
    }

    @Test
    void aPlumbDropToTheWrongMark() {
        Survey dropped = good.with(new Mark("floor dot", new Vector3D(-2.3, 0.42, 0), Set.of(Axis.UP)))
                .with(Reading.distance("string rear", "floor dot", Math.hypot(0.8, 0.42)))
                .with(Reading.distance("string front", "floor dot", Math.hypot(2.3, 0.42)))
                .with(Reading.of(ReadingKind.PLUMB, "belly left", "floor dot"));
        assertThat(said(dropped))
                .contains(
                        "Most likely wrong: plumb from belly left to floor dot", "apart fore and aft", "drop it again");
    }

    @Test
    void repeatsThatCannotBeOfOneThing() {
        Reading again = Reading.distance("cab left", "kick left", 1.2);
        assertThat(said(good.with(again))).contains("farther apart than the tool can be off, so they are not averaged");
    }

    @Test
    void aFreePointSaysWhatWouldHoldIt() {
        assertThat(said(good.with(Mark.at("hook", new Vector3D(-2, 0.1, 0.5)))))
                .contains("hook is not determined fore and aft, sideways, up and down. Tape it from a mark well ahead");
    }

    @Test
    void cutsAreHeldAgainstZonesMarksAndSupports() {
        Box tail = new Box(-3.2, -2.9, -0.6, 0.6, 0.5, 0.9);
        Survey planned = good.withCuts(List.of(new Cut("tail off", "", tail, false)))
                .withZones(List.of(new Zone("tank crossmember", Zone.Rule.NEVER_CUT, tail)))
                .withSupports(List.of(new Support("rear stand", "the frame's tail", tail)));
        assertThat(said(planned))
                .contains("“tail off” reaches into “tank crossmember”, which must never be cut")
                .contains("“tail off” needs the room of “rear stand”, which holds the frame's tail")
                .contains("Mark tail left goes with “tail off”. It is determined by readings from what stays.");
        Adjustment adjustment = Adjustment.of(planned);
        assertThat(DatumLife.lasting(adjustment)).noneMatch(mark -> mark.name().startsWith("tail"));
        assertThat(CutPlan.of(adjustment, "").volume()).isEqualTo(tail.volume());
    }

    /** One tape is a sphere: three measures put a cut mark back, and until they are read it is said which. */
    @Test
    void aMarkThatIsCutIsFoundAgainByThreeMeasures() {
        Box tail = new Box(-3.2, -2.9, -0.6, 0.6, 0.5, 0.9);
        Cut cut = new Cut("tail off", "", tail, false);
        Adjustment adjustment = Adjustment.of(good.withCuts(List.of(cut)));
        DatumLife life = DatumLife.of(adjustment).get(0);
        FindAgain again = life.again();
        assertThat(again.read()).isTrue();
        assertThat(again.measures()).hasSize(3);
        // By hand: any three of the marks that stay, or two and the height, by brute force over all of them.
        double best = bruteForce(adjustment, life.mark());
        assertThat(again.uncertainty()).isCloseTo(best, within(1e-9));
        // Three good directions at best: the root of three times what one tape, measured once and set once, is off.
        assertThat(again.plumbUncertainty()).isCloseTo(Math.sqrt(6) * Lengths.inches(1.0 / 16), within(1e-9));
        Survey one = Survey.NONE.withCuts(List.of(cut));
        for (Mark mark : good.marks()) {
            boolean goes = mark.name().equals("tail left");
            Vector3D at = adjustment.place(mark.name());
            one = one.with(new Mark(mark.name(), at, goes ? Set.of() : Set.of(Axis.values())));
        }
        one = one.with(Reading.distance(
                "kick left",
                "tail left",
                Vector3D.distance(adjustment.place("kick left"), adjustment.place("tail left"))));
        assertThat(DatumLife.unread(Adjustment.of(one), cut))
                .extracting(unread -> unread.mark().name())
                .contains("tail left");
        assertThat(said(one)).contains("One tape alone leaves it anywhere on a sphere", "Before cutting measure");
        Survey read = one;
        for (Reading reading : again.measures()) {
            read = read.with(reading);
        }
        assertThat(DatumLife.unread(Adjustment.of(read), cut))
                .extracting(unread -> unread.mark().name())
                .doesNotContain("tail left");
    }

    private static double bruteForce(Adjustment adjustment, Mark mark) {
        Vector3D at = adjustment.place(mark.name());
        List<Vector3D> ways = new ArrayList<>(List.of(Vector3D.PLUS_K));
        DatumLife.lasting(adjustment).stream()
                .map(other -> at.subtract(adjustment.place(other.name())).normalize())
                .forEach(ways::add);
        double s = Math.sqrt(2) * Lengths.inches(1.0 / 16);
        double best = Double.POSITIVE_INFINITY;
        for (Vector3D a : ways) {
            for (Vector3D b : ways) {
                for (Vector3D c : ways) {
                    double det = a.dotProduct(b.crossProduct(c));
                    // The inverse's columns are the crossed pairs over the determinant: the trace is their squares'
                    // sum.
                    double trace = (b.crossProduct(c).getNormSq()
                                    + c.crossProduct(a).getNormSq()
                                    + a.crossProduct(b).getNormSq())
                            / (det * det);
                    best = det == 0 ? best : Math.min(best, s * Math.sqrt(trace));
                }
            }
        }
        return best;
    }

    @Test
    void nothingMeasuredIsNoFailure() {
        assertThat(SurveyRemark.of(Adjustment.of(Survey.NONE))).isEmpty();
        assertThat(said(Survey.NONE.with(Mark.at("a", Vector3D.ZERO)))).contains("a is not determined");
    }
}
