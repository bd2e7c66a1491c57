package org.palanca.vehicle.housing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.geometry.Side;
import org.palanca.base.words.Message;
import org.palanca.vehicle.work.WorkStep;

class HousingTest {
    private static Map<HousingSize, Double> sizes(Object... pairs) {
        Map<HousingSize, Double> sizes = new EnumMap<>(HousingSize.class);
        for (int i = 0; i < pairs.length; i += 2) {
            sizes.put((HousingSize) pairs[i], inches(((Number) pairs[i + 1]).doubleValue()));
        }
        return sizes;
    }

    private static double of(HousingSum sum, HousingSize size) {
        return sum.size(size).orElseThrow() / inches(1);
    }

    private static String said(List<Message> messages) {
        return String.join("\n", messages.stream().map(Examples.WORDS::text).toList());
    }

    /** Hand-worked: 56 in between ends, pinion in the middle, tube stops at 6 9/16 and 5 from the pinion plane. */
    private static Map<HousingSize, Double> known() {
        return sizes(
                HousingSize.WHEEL_FACES,
                61,
                HousingSize.STACK_LEFT,
                2.5,
                HousingSize.STACK_RIGHT,
                2.5,
                HousingSize.PINION_OFFSET,
                0,
                HousingSize.STOP_LEFT,
                6 + 9.0 / 16,
                HousingSize.STOP_RIGHT,
                5);
    }

    @Test
    void fromWantedWidthToTubes() {
        HousingSum sum = new HousingSum(known());
        assertThat(of(sum, HousingSize.ENDS)).isCloseTo(56, within(1e-9));
        assertThat(of(sum, HousingSize.TUBE_AND_END_LEFT)).isCloseTo(21 + 7.0 / 16, within(1e-9));
        assertThat(of(sum, HousingSize.TUBE_AND_END_RIGHT)).isCloseTo(23, within(1e-9));
        assertThat(sum.contradictions()).isEmpty();
        assertThat(sum.size(HousingSize.TUBE_LEFT)).isEmpty();
    }

    /** The trade's own sum: ends 56 in, pinion in their middle, stops 6 9/16 and 5 in, and nothing else known. */
    @Test
    void endsAndTheirMiddleAloneGiveTheTubes() {
        HousingSum sum = new HousingSum(sizes(
                HousingSize.ENDS,
                56,
                HousingSize.END_OFFSET,
                0,
                HousingSize.STOP_LEFT,
                6 + 9.0 / 16,
                HousingSize.STOP_RIGHT,
                5));
        assertThat(of(sum, HousingSize.TUBE_AND_END_LEFT)).isCloseTo(21 + 7.0 / 16, within(1e-9));
        assertThat(of(sum, HousingSize.TUBE_AND_END_RIGHT)).isCloseTo(23, within(1e-9));
        assertThat(sum.size(HousingSize.WHEEL_FACES)).isEmpty();
    }

    /** By hand: stacks of 3 and 2 in put the middle of the ends 1/2 in off the middle of the faces, to the right. */
    @Test
    void thePinionIsAtOnePlaceWhicheverMiddleItIsToldFrom() {
        HousingSum sum = new HousingSum(sizes(
                HousingSize.WHEEL_FACES,
                61,
                HousingSize.STACK_LEFT,
                3,
                HousingSize.STACK_RIGHT,
                2,
                HousingSize.PINION_OFFSET,
                1));
        assertThat(of(sum, HousingSize.END_OFFSET)).isCloseTo(1.5, within(1e-9));
        assertThat(of(sum, HousingSize.HALF_LEFT)).isCloseTo(26.5, within(1e-9));
        HousingSum both = sum.with(HousingSize.END_OFFSET, inches(1));
        assertThat(both.contradictions()).as("told twice, and not alike").isNotEmpty();
    }

    /**
     * Hand-worked: an end 30 in out is to stand 28 in out, 4 in of it kept, 1/8 in of gap, a saw of 1/8 in: freed at 26 in,
     * the tube ends at 23 7/8 in, a ring of 1 7/8 in falls out. A tube bought 24 in long for 21 7/16 in loses 2 9/16 in.
     */
    @Test
    void anEndIsUsedAgainAndATubeIsBought() {
        Map<HousingSize, Double> known = sizes(
                HousingSize.OLD_HALF_LEFT,
                30,
                HousingSize.HALF_LEFT,
                28,
                HousingSize.END_KEPT_LEFT,
                4,
                HousingSize.WELD_GAP,
                0.125,
                HousingSize.KERF,
                0.125,
                HousingSize.TUBE_LEFT,
                21 + 7.0 / 16,
                HousingSize.TUBE_BOUGHT_LEFT,
                24);
        HousingSum sum = new HousingSum(known);
        assertThat(of(sum, HousingSize.END_MARK_LEFT)).isCloseTo(26, within(1e-9));
        assertThat(of(sum, HousingSize.TUBE_MARK_LEFT)).isCloseTo(23.875, within(1e-9));
        assertThat(of(sum, HousingSize.RING_LEFT)).isCloseTo(1.875, within(1e-9));
        assertThat(of(sum, HousingSize.TUBE_CUT_OFF_LEFT)).isCloseTo(2 + 9.0 / 16, within(1e-9));
        assertThat(sum.faults()).isEmpty();
        assertThat(sum.with(HousingSize.HALF_LEFT, inches(30)).faults().stream().map(Examples.WORDS::text))
                .anyMatch(text -> text.contains("the two cuts overlap by"));
        assertThat(sum.with(HousingSize.TUBE_BOUGHT_LEFT, inches(20)).faults().stream()
                        .map(Examples.WORDS::text))
                .anyMatch(text -> text.contains("as bought is 1 7/16 in too short"));
    }

    @Test
    void fromTubesBackToTheWidth() {
        HousingSum sum = new HousingSum(sizes(
                HousingSize.TUBE_AND_END_LEFT,
                21 + 7.0 / 16,
                HousingSize.TUBE_AND_END_RIGHT,
                23,
                HousingSize.STOP_LEFT,
                6 + 9.0 / 16,
                HousingSize.STOP_RIGHT,
                5,
                HousingSize.STACK_LEFT,
                2.5,
                HousingSize.STACK_RIGHT,
                2.5));
        assertThat(of(sum, HousingSize.WHEEL_FACES)).isCloseTo(61, within(1e-9));
        assertThat(of(sum, HousingSize.PINION_OFFSET)).isCloseTo(0, within(1e-9));
    }

    /** Hand-worked: the pinion 1 1/4 in to the right lengthens the left tube by that and shortens the right one. */
    @Test
    void everythingFollowsTheOffset() {
        HousingSum moved = new HousingSum(known()).with(HousingSize.PINION_OFFSET, inches(-1.25));
        assertThat(of(moved, HousingSize.ENDS)).isCloseTo(56, within(1e-9));
        assertThat(of(moved, HousingSize.TUBE_AND_END_LEFT)).isCloseTo(22 + 11.0 / 16, within(1e-9));
        assertThat(of(moved, HousingSize.TUBE_AND_END_RIGHT)).isCloseTo(21.75, within(1e-9));
    }

    /** Hand-worked: 17 in frame, 2 in of room, 12 in tyre: middles 50 in apart; 1 in of offset: faces 52 in. */
    @Test
    void fromTyreRoomToFaces() {
        HousingSum sum = new HousingSum(sizes(
                HousingSize.FRAME_OUT, 17,
                HousingSize.FRAME_ROOM, 2,
                HousingSize.TYRE_WIDTH, 12,
                HousingSize.WHEEL_OFFSET, 1));
        assertThat(of(sum, HousingSize.TRACK)).isCloseTo(50, within(1e-9));
        assertThat(of(sum, HousingSize.WHEEL_FACES)).isCloseTo(52, within(1e-9));
    }

    /** Hand-worked: an 8 in rim, 9 in over its flanges, with 5 in of backspacing has its face 1/2 in outside the middle. */
    @Test
    void backspacingAndOffsetAreTheSameThing() {
        HousingSum sum =
                new HousingSum(sizes(HousingSize.RIM_WIDTH, 8, HousingSize.RIM_LIPS, 1, HousingSize.BACKSPACING, 5));
        assertThat(of(sum, HousingSize.WHEEL_OFFSET)).isCloseTo(0.5, within(1e-9));
    }

    /** All but those that only shapes are drawn from. */
    private static final Set<HousingSize> SUMMED = EnumSet.complementOf(EnumSet.of(
            HousingSize.DIFFERENTIAL_DIAMETER,
            HousingSize.DIFFERENTIAL_HEIGHT,
            HousingSize.BRAKE_DIAMETER,
            HousingSize.BRAKE_WIDTH));

    /** Whichever six are left out of a full set, the rest gives them back or says that it can't; it never contradicts. */
    @Test
    void anyUnknownIsSolvedFromTheOthers() {
        Map<HousingSize, Double> full = new EnumMap<>(HousingSize.class);
        HousingSum whole = new HousingSum(withEverything());
        for (HousingSize size : SUMMED) {
            full.put(size, whole.size(size).orElseThrow());
        }
        Random random = new Random(1);
        for (HousingSize left : SUMMED) {
            Map<HousingSize, Double> rest = new EnumMap<>(full);
            rest.remove(left);
            assertThat(new HousingSum(rest).size(left).orElseThrow()).isCloseTo(full.get(left), within(1e-12));
            for (int more = 0; more < 5; more++) {
                rest.remove(List.copyOf(SUMMED).get(random.nextInt(SUMMED.size())));
            }
            HousingSum sum = new HousingSum(rest);
            assertThat(sum.contradictions()).isEmpty();
            for (HousingSize size : SUMMED) {
                sum.size(size).ifPresent(value -> assertThat(value).isCloseTo(full.get(size), within(1e-12)));
            }
        }
    }

    private static Map<HousingSize, Double> withEverything() {
        Map<HousingSize, Double> sizes = known();
        sizes.putAll(sizes(
                HousingSize.TUBE_DIAMETER, 3,
                HousingSize.TUBE_WALL, 0.25,
                HousingSize.END_LEFT, 1.5,
                HousingSize.END_RIGHT, 1.5,
                HousingSize.ENTERS_LEFT, 2,
                HousingSize.ENTERS_RIGHT, 2.5,
                HousingSize.OLD_HALF_LEFT, 31,
                HousingSize.OLD_HALF_RIGHT, 32,
                HousingSize.SHAFT_INNER_LEFT, 1,
                HousingSize.SHAFT_INNER_RIGHT, 1,
                HousingSize.TUBE_BOUGHT_LEFT, 30,
                HousingSize.TUBE_BOUGHT_RIGHT, 30,
                HousingSize.END_KEPT_LEFT, 3,
                HousingSize.END_KEPT_RIGHT, 3.5,
                HousingSize.WELD_GAP, 0.125,
                HousingSize.KERF, 0.1,
                HousingSize.GEAR_LEFT, 2.5,
                HousingSize.GEAR_RIGHT, 2.5,
                HousingSize.SHAFT_OUTER_LEFT, 0.25,
                HousingSize.SHAFT_OUTER_RIGHT, 0.25,
                HousingSize.WHEEL_OFFSET, 1,
                HousingSize.RIM_WIDTH, 9,
                HousingSize.RIM_LIPS, 1,
                HousingSize.TYRE_WIDTH, 12,
                HousingSize.FRAME_OUT, 20));
        return sizes;
    }

    @Test
    void aContradictionNamesWhatCanNotAllBeRight() {
        Map<HousingSize, Double> sizes = known();
        sizes.put(HousingSize.ENDS, inches(56.5));
        assertThat(said(new HousingSum(sizes).faults()))
                .contains("between wheel faces is 1/2 in less than the rest")
                .contains("between housing ends");
    }

    @Test
    void aSmallContradictionIsNotRoundedAway() {
        Map<HousingSize, Double> sizes = known();
        sizes.put(HousingSize.ENDS, inches(56.03));
        assertThat(said(new HousingSum(sizes).faults())).contains("is 0.030 in less");
    }

    @Test
    void narrowerThanItsCentreSection() {
        Map<HousingSize, Double> sizes = known();
        sizes.put(HousingSize.WHEEL_FACES, inches(16));
        assertThat(said(new HousingSum(sizes).faults()))
                .contains("left tube with end is negative by 1 1/16 in")
                .contains("narrower than its centre section");
    }

    @Test
    void anOldHousingCanBeTooShort() {
        Map<HousingSize, Double> sizes = known();
        sizes.put(HousingSize.OLD_HALF_LEFT, inches(27));
        assertThat(said(new HousingSum(sizes).faults())).contains("already shorter than wanted");
    }

    /** The two figures of the trade for one reading of 0.005 in: a tenth of a degree on a face, a hundredth on a bar. */
    @Test
    void theSameReadingMeansTenTimesAsMuchOnAFace() {
        DialReading face = dial(DialReading.Way.FACE, inches(3), inches(0.005), 0);
        assertThat(Math.toDegrees(Straightness.of(Side.LEFT, face).tilt())).isCloseTo(0.0955, within(0.0001));
        DialReading bar = dial(DialReading.Way.BAR, inches(28), 2 * inches(0.005), 0);
        assertThat(Math.toDegrees(Straightness.of(Side.LEFT, bar).tilt())).isCloseTo(0.0102, within(0.0001));
    }

    private static DialReading dial(DialReading.Way way, double reach, double top, double three) {
        return new DialReading(DialReading.Stage.BETWEEN, way, reach, top, three, 0, 0);
    }

    /** A plane is tilted in space, a plunger is run round it, and the toe and camber that tilted it come back. */
    @Test
    void dialOfATiltedFace() {
        Random random = new Random(2);
        double diameter = inches(5);
        for (int run = 0; run < 200; run++) {
            Side side = run % 2 == 0 ? Side.LEFT : Side.RIGHT;
            double camber = Math.toRadians(random.nextDouble() - 0.5);
            double toe = Math.toRadians(random.nextDouble() - 0.5);
            // Top outward for camber, front edge inward for toe, of a face that looks outward.
            double s = side.sign();
            Vector3D normal = new Rotation(Vector3D.PLUS_I, -s * camber, RotationConvention.VECTOR_OPERATOR)
                    .applyTo(new Rotation(Vector3D.PLUS_K, -s * toe, RotationConvention.VECTOR_OPERATOR)
                            .applyTo(new Vector3D(0, s, 0)));
            double[] clock = new double[4];
            double[][] hands = {{0, 1}, {-s, 0}, {0, -1}, {s, 0}};
            for (int i = 0; i < 4; i++) {
                // Where the plunger, parallel to the axle, meets the face: outward is pushed in.
                double x = hands[i][0] * diameter / 2;
                double z = hands[i][1] * diameter / 2;
                clock[i] = s * -(normal.getX() * x + normal.getZ() * z) / normal.getY();
            }
            Straightness found = Straightness.of(
                    side,
                    new DialReading(
                            DialReading.Stage.AFTER,
                            DialReading.Way.FACE,
                            diameter,
                            clock[0],
                            clock[1],
                            clock[2],
                            clock[3]));
            assertThat(found.closing()).isCloseTo(0, within(1e-12));
            assertThat(found.toe()).isCloseTo(toe, within(1e-4));
            // A face that leans by camber turns its normal down on the outside: its top comes in.
            assertThat(found.camber()).isCloseTo(camber, within(1e-4));
        }
    }

    /** Common practice: the tube is pulled towards the weld, so the next bead goes opposite to where it was pulled. */
    @Test
    void theNextBeadGoesOppositeThePull() {
        // Reads more at twelve: the face's top is out, so the end hangs down: pulled to six, bead at twelve.
        Straightness down = Straightness.of(Side.RIGHT, dial(DialReading.Way.FACE, inches(3), inches(0.005), 0));
        assertThat(down.pulledTo()).isCloseTo(6, within(1e-6));
        assertThat(down.beadAt() % 12).isCloseTo(0, within(1e-6));
        // Reads more at three on the right, which is its front: front out is toe-out, pulled rearward: bead at three.
        Straightness back = Straightness.of(Side.RIGHT, dial(DialReading.Way.FACE, inches(3), 0, inches(0.005)));
        assertThat(back.toe()).isNegative();
        assertThat(back.pulledTo()).isCloseTo(9, within(1e-6));
        assertThat(back.beadAt()).isCloseTo(3, within(1e-6));
    }

    @Test
    void acceptedIsWhatTheUserSays() {
        Straightness tilt = Straightness.of(Side.LEFT, dial(DialReading.Way.FACE, inches(3), inches(0.004), 0));
        assertThat(tilt.within(inches(0.005), inches(3))).isTrue();
        assertThat(tilt.within(inches(0.003), inches(3))).isFalse();
    }

    /** Hand-worked: knuckles set to 6 degrees of caster with the pinion level give 3 with the pinion up 3. */
    @Test
    void casterAndPinionTradeDegreeForDegree() {
        ClockedPart knuckle = new ClockedPart("knuckle left", ClockedPart.Kind.KNUCKLE, Math.toRadians(3));
        assertThat(Math.toDegrees(knuckle.reading(Math.toRadians(3), 0))).isCloseTo(6, within(1e-9));
        ClockedPart perch = new ClockedPart("perch", ClockedPart.Kind.SPRING_PERCH, 0);
        assertThat(Math.toDegrees(perch.reading(Math.toRadians(3), 0))).isCloseTo(-3, within(1e-9));
    }

    @Test
    void bothSchoolsHaveTheirOrder() {
        Housing ends = Housing.empty().withSchool(Housing.School.ENDS_FIRST);
        Housing brackets = Housing.empty().withSchool(Housing.School.BRACKETS_FIRST);
        assertThat(names(ends)).containsSubsequence("housing.dial_after", "housing.pinion_known", "housing.tack_tabs");
        assertThat(names(brackets)).containsSubsequence("housing.pinion_known", "housing.weld_tabs", "housing.bar_in");
        assertThat(names(brackets)).containsExactlyInAnyOrderElementsOf(names(ends));
        List<String> knuckles = names(Housing.empty().withEnds(Housing.Ends.KNUCKLE));
        assertThat(knuckles)
                .doesNotContain("housing.collars", "housing.brake_room")
                .contains("housing.brake_room_steered");
        assertThat(names(ends)).doesNotContain("housing.brake_room_steered");
        for (List<String> order : List.of(names(ends), names(brackets))) {
            assertThat(order)
                    .as("the bar wants empty seats, the brakes want ends and shafts")
                    .containsSubsequence(
                            "housing.dial_after",
                            "housing.bar_spins",
                            "housing.bar_out",
                            "housing.collars",
                            "housing.brake_room");
        }
        WeldOrder.of(ends)
                .forEach(step -> assertThat(Examples.WORDS.has("step." + step.name()))
                        .as(step.name())
                        .isTrue());
    }

    private static List<String> names(Housing housing) {
        return WeldOrder.of(housing).stream().map(WorkStep::name).toList();
    }

    @Test
    void partsThatDoNotMeetAreNamedBeforeCutting() {
        PurchasedPart brake = new PurchasedPart(
                "brake kit",
                "end",
                OptionalInt.of(4),
                OptionalDouble.of(inches(3.625)),
                OptionalDouble.of(inches(3.15)),
                OptionalDouble.empty(),
                Optional.of("3/8-24"),
                Optional.of(PurchasedPart.Hand.RIGHT),
                Optional.empty());
        PurchasedPart end = new PurchasedPart(
                "end",
                "",
                OptionalInt.of(4),
                OptionalDouble.of(inches(3.5)),
                OptionalDouble.of(inches(3.15)),
                OptionalDouble.of(inches(2.8)),
                Optional.of("3/8-24"),
                Optional.of(PurchasedPart.Hand.LEFT),
                Optional.empty());
        assertThat(said(PurchasedPart.mismatches(List.of(brake, end))))
                .contains("“brake kit” has a bolt circle of 3.625 in, “end” of 3.500 in")
                .contains("opposite hands")
                .doesNotContain("pilot")
                .doesNotContain("bore");
        assertThat(said(PurchasedPart.mismatches(List.of(brake)))).contains("which is not on the list");
    }

    /**
     * Fits by ISO 286-2 for 50 to 80 mm, limits from memory: H7/p6 is 0.002 to 0.051 mm of interference, H7/g6 0.010 to 0.059
     * of clearance, H11/c11 0.15 to 0.53. A puck 0.1 mm under its bore slips in: common practice, no source.
     */
    @Test
    void aFitIsHeldToItsRange() {
        assertThat(fit(63, 63.1, PurchasedPart.Fit.SLIP_IN)).isEmpty();
        assertThat(fit(63, 63.059, PurchasedPart.Fit.SLIP_IN)).isEmpty();
        assertThat(fit(63.1, 63, PurchasedPart.Fit.SLIP_OVER)).isEmpty();
        assertThat(fit(63.051, 63, PurchasedPart.Fit.PRESS_IN)).isEmpty();
        assertThat(fit(63, 63.53, PurchasedPart.Fit.CLEAR_IN)).isEmpty();
        assertThat(fit(63.1, 63, PurchasedPart.Fit.SLIP_IN)).contains("too large to go together", "A slip fit leaves");
        assertThat(fit(63, 63.1, PurchasedPart.Fit.PRESS_IN)).contains("of clearance", "A press fit leaves");
        assertThat(fit(63, 63.05, PurchasedPart.Fit.CLEAR_IN)).contains("A clearance fit leaves");
    }

    private static String fit(double part, double mate, PurchasedPart.Fit how) {
        PurchasedPart puck = PurchasedPart.named("puck")
                .withMatesWith("end")
                .withPilot(OptionalDouble.of(part / 1000))
                .withFit(Optional.of(how));
        PurchasedPart end = PurchasedPart.named("end").withPilot(OptionalDouble.of(mate / 1000));
        return said(PurchasedPart.mismatches(List.of(puck, end)));
    }

    /** By hand: 12 and 6 together 0.010 in, 3 and 9 together 0.002: 0.008 off, more than the 0.005 it should decide. */
    @Test
    void aRoundThatDoesNotCloseDecidesNothing() {
        double thou = inches(0.001);
        DialReading open = new DialReading(
                DialReading.Stage.AFTER, DialReading.Way.FACE, inches(6), 5 * thou, thou, 5 * thou, thou);
        Housing housing = Housing.empty();
        Straightness found = Straightness.of(Side.LEFT, open);
        assertThat(found.within(housing.accepted(), housing.seat())).isTrue();
        assertThat(found.verdict(housing.accepted(), housing.seat())).isEqualTo(Straightness.Verdict.OPEN);
        assertThat(Examples.WORDS.text(DialWords.of(housing, Side.LEFT, open)))
                .contains("12 and 6 together are 0.008 in off 3 and 9", "0.005 in");
        DialReading closed = new DialReading(
                DialReading.Stage.AFTER, DialReading.Way.FACE, inches(6), 2 * thou, thou, 2 * thou, 2 * thou);
        assertThat(Examples.WORDS.text(DialWords.of(housing, Side.LEFT, closed)))
                .endsWith("The round closes to 0.001 in.");
    }
}
