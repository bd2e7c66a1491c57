package org.palanca.study.assessment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.palanca.base.units.Lengths.inches;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.palanca.Examples;
import org.palanca.floor.plate.Brackets;
import org.palanca.floor.plate.PlateList;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.bracket.Way;
import org.palanca.vehicle.housing.HousingSize;
import org.palanca.vehicle.survey.Survey;

/** The summary of all steps: nothing that a step finds is left out, and a fault is known again after a change. */
class AssessmentTest {
    private final Vehicle tarn = Examples.tarn();

    private Vehicle track(double off) {
        Build build = tarn.build();
        double track = tarn.axle(AxlePlace.REAR).orElseThrow().track() + off;
        return tarn.withBuild(build.with(
                AxlePlace.REAR, build.housing(AxlePlace.REAR).with(HousingSize.TRACK, OptionalDouble.of(track))));
    }

    @Test
    void aDoubtfulTapeKeepsTheSummaryFromBeingGood() {
        Assessment found = Assessment.of(tarn);
        assertThat(found.looked()).contains(Fault.Job.MEASURE, Fault.Job.HOUSING, Fault.Job.CYCLE);
        assertThat(found.first().orElseThrow().step()).isEqualTo(Fault.Job.MEASURE);
        assertThat(found.first().orElseThrow().axle()).isEmpty();
        assertThat(found.of(Fault.Job.HOUSING)).isEmpty();
    }

    @Test
    void aHousingOfAnotherTrackIsAFaultAndTheSameOneWhateverTheAmount() {
        Assessment little = Assessment.of(track(inches(1)));
        Assessment much = Assessment.of(track(inches(2)));
        assertThat(little.of(Fault.Job.HOUSING)).isNotEmpty();
        assertThat(little.worseThan(Assessment.of(tarn))).anyMatch(fault -> fault.step() == Fault.Job.HOUSING);
        assertThat(much.worseThan(little)).noneMatch(fault -> fault.step() == Fault.Job.HOUSING);
    }

    @Test
    void aPairThatKeepsLessRoomThanItsRuleIsToldOnceWhereItIsTightest() {
        List<Fault> cycle = Assessment.of(tarn).of(Fault.Job.CYCLE);
        // It never touches: 3/16 in is left of the 1/4 in that frame and axle are to keep.
        assertThat(cycle)
                .filteredOn(fault -> Examples.WORDS.text(fault.said()).contains("notched rail, left"))
                .singleElement()
                .satisfies(fault -> assertThat(fault.amount()).isBetween(1.0 / 32, 1.0 / 8));
        assertThat(cycle).extracting(fault -> fault.axle() + fault.id()).doesNotHaveDuplicates();
    }

    /** Half an inch under the rail no eye for a 9/16 in bolt has room; a plate that went out and is another now is stale. */
    @Test
    void aBracketThatCantBeMadeAndAPlateThatNoLongerHolds() {
        Vehicle good = under(Brackets.tarn(), 3);
        assertThat(plates(good)).isEmpty();
        assertThat(plates(under(good, 0.5))).anyMatch(text -> text.startsWith("lower frame left:"));
        assertThat(plates(Brackets.with(good, "upper frame left", Bracket.PLAIN)))
                .as("described, and nobody said what it is welded on")
                .singleElement()
                .asString()
                .contains("upper frame left can’t be cut: not known yet is what upper frame left is welded on");
        Vehicle out = good.withBuild(good.build()
                .withIssued(PlateList.of(good).plates().stream()
                        .map(plate -> plate.issued(LocalDate.of(2026, 12, 2)))
                        .toList()));
        assertThat(plates(out)).isEmpty();
        assertThat(plates(under(out, 3.25))).singleElement().asString().contains("revision B holds");
    }

    private static Vehicle under(Vehicle vehicle, double distance) {
        return Brackets.with(vehicle, "lower frame left", Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(distance)));
    }

    private static List<String> plates(Vehicle vehicle) {
        return Assessment.of(vehicle).of(Fault.Job.BRACKETS).stream()
                .map(Fault::said)
                .filter(said -> said.key().startsWith("bracket.") || said.key().startsWith("plate."))
                .map(Examples.WORDS::text)
                .toList();
    }

    @Test
    void anAssessmentCanBeStoppedAnywhereAndLeavesNothingHalfKnown() {
        // Of another wheelbase, so that nothing of it is known from elsewhere.
        Vehicle wide = track(inches(3)).withWheelbase(tarn.wheelbase() + 1e-4);
        for (int asked : new int[] {0, 1, 4, 12, 40}) {
            AtomicInteger left = new AtomicInteger(asked);
            assertThat(Assessment.of(wide, () -> left.getAndDecrement() > 0)).isEmpty();
            AtomicInteger once = new AtomicInteger();
            assertThat(Assessment.of(wide, () -> once.getAndIncrement() != asked))
                    .as("stopped for a moment, then told to go on")
                    .isEmpty();
        }
        Assessment whole = Assessment.of(wide);
        assertThat(whole.looked()).isEqualTo(Assessment.of(tarn).looked());
        assertThat(whole.of(Fault.Job.HOUSING)).isNotEmpty();
    }

    @Test
    void aVehicleThatComesBackIsNotAssessedAgain() {
        Assessment found = Assessment.of(track(inches(1)));
        assertThat(Assessment.of(track(inches(1)))).isSameAs(found);
        assertThat(Assessment.of(track(inches(1.5)))).isNotSameAs(found);
    }

    /** What an axle does when it is cycled is kept for the axle alone: nothing that was left out may have a say in it. */
    @ParameterizedTest
    @MethodSource("examples")
    void cyclingAnAxleDependsOnNothingThatIsLeftOutOfWhatIsKept(String file) {
        Vehicle vehicle = Examples.vehicle(file);
        for (Axle axle : vehicle.axles()) {
            List<Fault> kept = CycleFaults.of(vehicle, axle.place(), () -> true);
            assertThat(kept).isEqualTo(CycleFaults.look(vehicle, axle.place(), () -> true));
            Vehicle renamed = vehicle.withName("other")
                    .withBuild(vehicle.build()
                            .withSurvey(Survey.NONE
                                    .withSupports(vehicle.build().survey().supports())
                                    .withZones(vehicle.build().survey().zones())));
            assertThat(CycleFaults.of(renamed, axle.place(), () -> true)).isSameAs(kept);
        }
    }

    static List<String> examples() {
        return Examples.FILES;
    }
}
