package org.palanca.floor.plate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.palanca.base.units.Lengths.inches;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.geometry.Side;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.bracket.Seat;
import org.palanca.vehicle.bracket.Way;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.work.IssuedPlate;

/** Which plates are one, what they are called, and which of those that went out still hold. */
class PlateListTest {
    private static final LocalDate DAY = LocalDate.of(2026, 12, 2);
    private static final String LOWER = "lower frame left";

    private static Vehicle ears(double distance) {
        return Brackets.with(Brackets.tarn(), LOWER, Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(distance)));
    }

    private static Vehicle out(Vehicle vehicle) {
        return vehicle.withBuild(vehicle.build()
                .withIssued(PlateList.of(vehicle).plates().stream()
                        .map(plate -> plate.issued(DAY))
                        .toList()));
    }

    private static List<String> stale(Vehicle vehicle) {
        return StalePlate.of(vehicle, PlateList.of(vehicle).plates()).stream()
                .map(one -> Examples.WORDS.text(one.said()))
                .toList();
    }

    /** Two ears left, two right: one drawing, cut four times. */
    @Test
    void earsThatServeBothSidesAreOnePlate() {
        List<Plate> plates = PlateList.of(ears(3)).plates();
        assertThat(plates).hasSize(1);
        assertThat(plates.get(0).count()).isEqualTo(4);
        assertThat(plates.get(0).hand()).isEmpty();
        assertThat(plates.get(0).mounts()).hasSize(2);
        assertThat(plates.get(0).mark()).isEqualTo("P1 A");
    }

    /** A bolt that leans a little makes two shapes of ear; the left one of one side is the right one of the other. */
    @Test
    void earsThatChangePlacesAcrossTheVehicleAreOnePlate() {
        Vehicle vehicle = Brackets.with(
                Bolted.withBolt(Brackets.tarn(), rear(Brackets.tarn()), LOWER, Optional.empty()),
                LOWER,
                Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3)));
        BracketPlan plan = BracketPlan.of(vehicle, rear(vehicle), LOWER).orElseThrow();
        assertThat(plan.notes().stream().map(Examples.WORDS::text))
                .anyMatch(note -> note.contains("taken square to lower left"));
        List<Plate> plates = PlateList.of(vehicle).plates();
        assertThat(plates.stream().map(Plate::mark)).containsExactly("P1 A", "P2 A");
        assertThat(plates).allSatisfy(plate -> {
            assertThat(plate.count()).isEqualTo(2);
            assertThat(plate.mounts()).hasSize(2);
        });
    }

    /** Ears and bolt are said at a mount, and go to the link's end there and to that of the other side. */
    @Test
    void earsSaidAtAMountAreThoseOfItsLinks() {
        Vehicle before = Brackets.tarn();
        Ears wide = new Ears(inches(3), inches(0.25), inches(0.75), inches(0.8125));
        Vehicle after = Bolted.withEars(before, rear(before), LOWER, wide);
        for (String link : List.of("lower left", "lower right")) {
            Link made = rear(after).link(link).orElseThrow();
            assertThat(after.hardware().end(made, true).ears()).as(link).contains(wide);
            assertThat(after.hardware().end(made, false))
                    .isEqualTo(before.hardware().end(made, false));
        }
        assertThat(rear(after).link("upper left")).isEqualTo(rear(before).link("upper left"));
        assertThat(Bolted.way(rear(after), LOWER)).contains(BoltWay.ACROSS);
    }

    /** What the code of a page says once its plate is another, is gone, or belongs to another vehicle. */
    @Test
    void aPageIsToldByItsCode() {
        Vehicle vehicle = ears(3);
        PlateCode code = PlateCode.of(PlateList.of(vehicle).plates().get(0), vehicle);
        assertThat(said(code, vehicle)).isEqualTo("P1 A × 4: the page holds. Cut it.");
        Vehicle moved = Brackets.with(out(vehicle), LOWER, Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3.25)));
        assertThat(said(code, moved)).contains("is old", "P1 B × 4", "Don’t cut");
        assertThat(said(code, Brackets.with(vehicle, LOWER, Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3.25)))))
                .as("printed, and nobody wrote down that it went out")
                .contains("P1 A × 4 is old", "shape, holes or material have changed");
        assertThat(said(code, Brackets.tarn())).contains("no plate P1 A any more");
        assertThat(said(code, moved.withName("Another"))).contains("is a page of “Tarn 4”");
    }

    private static String said(PlateCode code, Vehicle vehicle) {
        return Examples.WORDS.text(code.said(vehicle, PlateList.of(vehicle).plates()));
    }

    /** A rule reads 1/64 in: within that of 2 in both ways the paper is a template. */
    @Test
    void theSquareOnThePaperIsHeldAgainstItsSize() {
        assertThat(new CheckSquare(inches(2), inches(2)).holds()).isTrue();
        assertThat(new CheckSquare(inches(2 + 1.0 / 64), inches(2 - 1.0 / 64)).holds())
                .isTrue();
        assertThat(new CheckSquare(inches(2), inches(1.97)).holds()).isFalse();
        assertThat(new CheckSquare(inches(2.03), inches(2)).holds()).isFalse();
    }

    /** What went out as it is goes out once. */
    @Test
    void aPlateGoesOutOnce() {
        Vehicle vehicle = ears(3);
        PlateList list = PlateList.of(vehicle);
        assertThat(list.toIssue(List.of(), DAY)).hasSize(1);
        Vehicle out = out(vehicle);
        assertThat(PlateList.of(out).toIssue(out.build().issued(), DAY)).isEmpty();
        Vehicle moved = Brackets.with(out, LOWER, Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3.25)));
        assertThat(PlateList.of(moved).toIssue(moved.build().issued(), DAY))
                .singleElement()
                .satisfies(one -> assertThat(one.revision()).isEqualTo("B"));
    }

    private static Axle rear(Vehicle vehicle) {
        return vehicle.axle(AxlePlace.REAR).orElseThrow();
    }

    /** Beside the top of a tube that runs along, one ear is longer than the other: one number, two drawings that are pictures. */
    @Test
    void aFoldedBracketAskewOnATubeIsAPairOfHands() {
        Bracket folded = Bracket.PLAIN
                .withForm(Bracket.Form.FOLDED)
                .withSeat(Optional.of(new Seat.Tube(
                        inches(6), BoltWay.ALONG, Math.toRadians(-165), inches(6), OptionalDouble.empty())));
        Vehicle vehicle = Brackets.with(Brackets.tarn(), LOWER, folded);
        assertThat(BracketPlan.of(vehicle, vehicle.axle(AxlePlace.REAR).orElseThrow(), LOWER)
                        .orElseThrow()
                        .faults())
                .isEmpty();
        List<Plate> plates = PlateList.of(vehicle).plates();
        assertThat(plates.stream().map(Plate::mark)).containsExactly("P1-L A", "P1-R A");
        assertThat(plates.get(0).flat().mirrored().same(plates.get(1).flat())).isTrue();
        assertThat(plates.get(0).flat().same(plates.get(1).flat())).isFalse();
        assertThat(plates.stream().map(Plate::fingerprint)).doesNotHaveDuplicates();
    }

    @Test
    void whatWentOutIsStaleOnceItIsAnotherAndGetsTheNextLetter() {
        Vehicle out = out(ears(3));
        assertThat(stale(out)).isEmpty();
        assertThat(PlateList.of(out).plates().get(0).revision()).isEqualTo("A");
        Vehicle moved = Brackets.with(out, LOWER, Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3.25)));
        assertThat(stale(moved)).singleElement().asString().contains("P1 A").contains("revision B holds");
        assertThat(PlateList.of(moved).plates().get(0).mark()).isEqualTo("P1 B");
        // What is as it was has its letter again, and what went out later is not forgotten.
        Vehicle both = out(moved);
        assertThat(stale(both)).isEmpty();
        Vehicle back = Brackets.with(both, LOWER, Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3)));
        assertThat(PlateList.of(back).plates().get(0).mark()).isEqualTo("P1 A");
        assertThat(stale(back)).singleElement().asString().contains("P1 B").contains("revision A holds");
    }

    /** A number is never given twice, though its plate is gone: one that lies on the bench would be taken for the other. */
    @Test
    void aNumberThatWentOutIsNotUsedAgain() {
        Vehicle out = out(ears(3));
        Axle rear = out.axle(AxlePlace.REAR).orElseThrow();
        Vehicle other = Brackets.with(
                out.withAxle(rear.withMount(rear.mount(LOWER).orElseThrow().withBracket(Optional.empty()))),
                "upper frame left",
                Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3)));
        assertThat(PlateList.of(other).plates().stream().map(Plate::mark)).containsExactly("P2 A");
        assertThat(stale(other)).singleElement().asString().contains("P1 A").contains("none of it");
    }

    @Test
    void aCountThatChangedIsTold() {
        Vehicle vehicle = ears(3);
        IssuedPlate two = new IssuedPlate(
                "rear/lower frame/ear",
                "P1",
                "A",
                Optional.<Side>empty(),
                2,
                PlateList.of(vehicle).plates().get(0).fingerprint(),
                DAY);
        assertThat(stale(vehicle.withBuild(vehicle.build().withIssued(List.of(two)))))
                .singleElement()
                .asString()
                .contains("2 went out, 4 are wanted");
    }

    @Test
    void revisionsGoOnAfterTheLastLetter() {
        assertThat(Revision.after("")).isEqualTo("A");
        assertThat(Revision.after("H")).isEqualTo("J");
        assertThat(Revision.after("Y")).isEqualTo("AA");
        assertThat(Revision.after("AY")).isEqualTo("BA");
        String revision = "";
        for (int i = 1; i <= 500; i++) {
            revision = Revision.after(revision);
            assertThat(Revision.order(revision)).isEqualTo(i);
        }
    }
}
