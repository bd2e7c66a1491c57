package org.palanca.survey.adjust;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.survey.Axis;
import org.palanca.survey.Box;
import org.palanca.survey.Cut;
import org.palanca.survey.Floors;
import org.palanca.survey.Mark;
import org.palanca.survey.Reading;
import org.palanca.survey.ReadingKind;
import org.palanca.survey.Support;
import org.palanca.survey.Survey;
import org.palanca.survey.Zone;
import org.palanca.units.Lengths;

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
                .contains("One foot misread? " + Examples.WORDS.units().text(right, org.palanca.units.Quantity.LENGTH));
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
        assertThat(said(Floors.with(good, at, half)))
                .contains("Most likely wrong: height of tail left")
                .contains("1/2 in too long")
                .contains("A fraction misread?");
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
        assertThat(said(good.with(again))).contains("the repeats lie");
    }

    @Test
    void aFreePointSaysWhatWouldHoldIt() {
        assertThat(said(good.with(Mark.at("hook", new Vector3D(-2, 0.1, 0.5)))))
                .contains("hook is not held fore and aft, sideways, up and down. Tape it from a mark well ahead");
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
                .contains(
                        "Mark tail left goes with “tail off”. Find it again from kick left, which stays: 27 11/16 in");
        Adjustment adjustment = Adjustment.of(planned);
        assertThat(DatumLife.lasting(adjustment)).noneMatch(mark -> mark.name().startsWith("tail"));
        assertThat(CutPlan.of(adjustment, "").volume()).isEqualTo(tail.volume());
    }

    @Test
    void nothingMeasuredIsNoFailure() {
        assertThat(SurveyRemark.of(Adjustment.of(Survey.NONE))).isEmpty();
        assertThat(said(Survey.NONE.with(Mark.at("a", Vector3D.ZERO)))).contains("a is not held");
    }
}
