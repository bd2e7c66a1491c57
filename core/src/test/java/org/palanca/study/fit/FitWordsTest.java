package org.palanca.study.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.palanca.base.units.Lengths.inches;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.words.Verdict;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.WheelWell;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Survey;

/** What is said of an axle's fit, on the demo's rear axle: 64 in track, 34 1/2 in tyres 12 1/2 in wide, 106 in wheelbase. */
class FitWordsTest {
    private static final WheelWell ROOMY =
            new WheelWell(inches(-25), inches(25), inches(48), inches(18), inches(48), inches(1));

    /** Without the drawn rails: only what is put around the axle stands near it. */
    private final Vehicle plan = Examples.tarn().withRails(Optional.empty());

    private List<Verdict> said(Surroundings around, Survey survey) {
        Vehicle vehicle = plan.withBuild(plan.build().with(AxlePlace.REAR, around));
        return FitWords.of(vehicle, AxlePlace.REAR, Adjustment.of(survey));
    }

    private List<String> bad(Surroundings around) {
        return said(around, Survey.NONE).stream()
                .filter(one -> !one.good())
                .map(one -> Examples.WORDS.text(one.message()))
                .toList();
    }

    private static Surroundings with(WheelWell well, Box box) {
        return Surroundings.NONE.withWell(well).withObstacles(List.of(new Obstacle("tank", box)));
    }

    /** A box behind the tyre, as high as the wheel's middle: 17 1/4 in and the gap from the axle line. */
    private Box behind(double gap) {
        double line = plan.axle(AxlePlace.REAR).orElseThrow().lineX(plan.wheelbase());
        double front = line - inches(17.25 + gap);
        return new Box(front - 0.3, front, -1, 1, inches(16), inches(17.5));
    }

    @Test
    void nothingKnownSaysNothing() {
        assertThat(said(Surroundings.NONE, Survey.NONE)).isEmpty();
    }

    @Test
    void roomIsToldByHowMuchThereIsOfIt() {
        assertThat(bad(with(ROOMY, behind(8)))).noneMatch(text -> text.contains("tank"));
        assertThat(bad(with(ROOMY, behind(0.5))))
                .anyMatch(
                        text -> text.contains("by only") && text.contains("“tank”") && text.contains("1 in is wanted"));
        assertThat(bad(with(ROOMY, behind(-1)))).anyMatch(text -> text.startsWith("The left tyre touches “tank”"));
        WheelWell low = new WheelWell(inches(-25), inches(25), inches(33), inches(18), inches(48), inches(1));
        // 34 in at ride and 5 1/2 in of bump are 6 1/2 in past 33 in; twisted to its stop the wheel goes higher yet.
        assertThat(bad(Surroundings.NONE.withWell(low)))
                .anyMatch(text -> text.contains(" in through the top of the well with one wheel up"));
    }

    @Test
    void whatStopsTheAxleIsNamedEachWay() {
        List<String> all = said(with(ROOMY, behind(3)), Survey.NONE).stream()
                .map(one -> Examples.WORDS.text(one.message()))
                .toList();
        assertThat(all)
                .anyMatch(text -> text.startsWith("The axle could go back ") && text.contains("the tank meets the"))
                .anyMatch(text -> text.startsWith("The axle could go forward "))
                .anyMatch(text -> text.contains("Links, shocks and shaft would be made for it"));
    }

    /** Ends 56 in apart, the right one 1/2 in back: the thrust line points right by atan(1/2 / 56) = 0.5 degrees. */
    @Test
    void anAxleThatStandsAskewIsToldFiveWays() {
        EnumSet<Axis> all = EnumSet.allOf(Axis.class);
        double x = -inches(106);
        Survey survey = Survey.NONE
                .with(new Mark("left end", new Vector3D(x, inches(28.5), 0.4), all))
                .with(new Mark("right end", new Vector3D(x - inches(0.5), -inches(27.5), 0.4), all))
                .with(new Mark("frame left", new Vector3D(-1, 0.4, 0.6), all))
                .with(new Mark("frame right", new Vector3D(-1, -0.4, 0.6), all));
        List<String> said = said(Surroundings.NONE.withEnds("left end", "right end"), survey).stream()
                .filter(one -> !one.good())
                .map(one -> Examples.WORDS.text(one.message()))
                .toList();
        assertThat(said)
                .contains("Axle line: 106 in on the left, 106 1/2 in on the right, 106 in planned.")
                .anyMatch(text -> text.startsWith("Thrust line: 0.5° to the right"))
                .contains("The axle stands 1/2 in to the left of the centreline.")
                .anyMatch(text -> text.startsWith("Diagonals from"));
    }

    @Test
    void aShaftIsToldWithItsLengthAndSide() {
        Driveline line = plan.build().surroundings(AxlePlace.REAR).driveline().orElseThrow();
        List<String> good = said(Surroundings.NONE.withDriveline(line), Survey.NONE).stream()
                .map(one -> Examples.WORDS.text(one.message()))
                .toList();
        assertThat(good)
                .anyMatch(
                        text -> text.startsWith("Shaft: 44 3/16 in between joints") && text.endsWith("to the right."));
        assertThat(bad(Surroundings.NONE.withDriveline(line.withSlip(inches(0.25)))))
                .containsExactly("The shaft must slide 13/16 in but has only 1/4 in. Order a longer slip.");
    }
}
