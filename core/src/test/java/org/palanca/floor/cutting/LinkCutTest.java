package org.palanca.floor.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.LinkHardware;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.hardware.Hand;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkMake;
import org.palanca.vehicle.hardware.TapedTube;
import org.palanca.vehicle.hardware.Thread;
import org.palanca.vehicle.hardware.ThreadedShank;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterVehicle;

class LinkCutTest {
    private static final double TEST_LENGTH = 1e-9;

    private final Vehicle tarn = Examples.tarn();

    /** The demo's rear lower left link: 42.04 in from pin to pin, by hand sqrt(41^2 + 8^2 + 4.75^2). */
    private LinkCut lower(UnaryOperator<LinkMake> made) {
        Axle rear = tarn.axle(AxlePlace.REAR).orElseThrow();
        return LinkCut.of(tarn, rear, rear.link("lower left").orElseThrow().withMake(made.apply(LinkMake.USUAL)));
    }

    private static final double PINS = Math.sqrt(41 * 41 + 8 * 8 + 4.75 * 4.75);

    /** A threaded end of 3/4-16, 3 in of thread, 1 1/2 in insert. */
    private static LinkEnd rodEnd(Hand hand) {
        return LinkHardware.STARTER.end(true).ofHand(hand);
    }

    private List<String> faults(LinkCut cut) {
        return cut.faults(0).stream().map(Examples.WORDS::text).toList();
    }

    /**
     * Common practice, no source: 3 in shank, 1 1/2 in insert, set mid-way has 1 1/4 in engaged, 83 %; 3/4 in further out
     * leaves 33 %; by the rule of three quarters only 1/8 in may go outward.
     */
    @Test
    void theTwoWishesOfTheTradeExcludeEachOther() {
        ThreadedShank shank = LinkHardware.COMMON.end(true).shank().orElseThrow();
        ThreadEngagement mid = ThreadEngagement.at(shank, 0);
        assertThat(mid.engaged()).isCloseTo(inches(1.25), within(TEST_LENGTH));
        assertThat(Math.round(mid.share() * 100)).isEqualTo(83);
        assertThat(mid.meetsRule()).isTrue();
        ThreadEngagement out = ThreadEngagement.at(shank, inches(0.75));
        assertThat(Math.round(out.share() * 100)).isEqualTo(33);
        assertThat(out.meetsRule()).isFalse();
        assertThat(ThreadEngagement.at(shank, inches(-0.75)).share()).isCloseTo(1, within(TEST_LENGTH));
        assertThat(ThreadEngagement.outwardRoom(shank)).isCloseTo(inches(0.125), within(TEST_LENGTH));
        assertThat(ThreadEngagement.at(shank, inches(0.125)).meetsRule()).isTrue();
        assertThat(ThreadEngagement.at(shank, inches(0.126)).meetsRule()).isFalse();
    }

    /**
     * Set in the middle of what keeps the rule, the same joint goes 11/16 in each way: bare thread from 1/2 in (the jam nut)
     * to 3 - 0.75 x 1.5 = 1.875 in, so 1.1875 in as it is set. A vehicle that is begun starts with that and is not red.
     */
    @Test
    void aVehicleThatIsBegunKeepsItsOwnRules() {
        ThreadedShank shank = rodEnd(Hand.RIGHT).shank().orElseThrow();
        assertThat(shank.exposed()).isCloseTo(inches(1.1875), within(TEST_LENGTH));
        assertThat(ThreadEngagement.outwardRoom(shank)).isCloseTo(inches(0.6875), within(TEST_LENGTH));
        assertThat(ThreadEngagement.inwardRoom(shank)).isCloseTo(inches(0.6875), within(TEST_LENGTH));
        for (SuspensionType type : SuspensionType.values()) {
            Vehicle begun = new StarterVehicle(
                            "x", Use.TRAIL, inches(104), inches(33), Optional.empty(), StarterLayout.of(type))
                    .build();
            assertThat(LinkCut.list(begun)).allSatisfy(cut -> {
                assertThat(faults(cut)).as(type + " " + cut.link().name()).isEmpty();
                assertThat(cut.tubeLength()).isPresent();
            });
        }
    }

    @Test
    void tubeIsPinToPinLessBothJointsToTheTubesEnd() {
        List<LinkCut> cuts = LinkCut.list(tarn);
        assertThat(cuts).hasSize(8);
        LinkCut lower = cuts.get(6);
        assertThat(lower.link().name()).isEqualTo("lower left");
        // By hand: each joint 1 3/8 + 1 3/4 + 1/4 = 3 3/8 in.
        assertThat(lower.pinToPin()).isCloseTo(inches(PINS), within(1e-6));
        assertThat(lower.tubeLength().orElseThrow()).isCloseTo(inches(PINS - 6.75), within(1e-6));
        assertThat(lower.makeable()).isTrue();
    }

    /** A bushing in a sleeve of 2 1/2 in is coped round: the tube ends 1 1/4 in from the pin and has no thread there. */
    @Test
    void eachEndHasItsOwnReach() {
        LinkEnd sleeve = LinkEnd.of(LinkEnd.Kind.BUSHING).withReach(OptionalDouble.of(inches(1.25)));
        LinkCut cut = lower(made -> made.withFrom(Optional.of(sleeve)).withTo(Optional.of(rodEnd(Hand.LEFT))));
        // By hand: 1 1/4 at the sleeve; 1 3/8 + 1 3/16 + 1/4 at the joint.
        assertThat(cut.tubeLength().orElseThrow()).isCloseTo(inches(PINS - 1.25 - 2.8125), within(1e-6));
        assertThat(cut.turnsInPlace()).isFalse();
        // One thread of 16 an inch, unbolted: a turn is 1/16 in.
        assertThat(cut.turnsForStep().orElseThrow()).isCloseTo(1, within(1e-9));
    }

    /** 16 threads an inch at either end, one left-hand: a turn of the tube is 1/8 in, so half a turn is 1/16 in: three flats. */
    @Test
    void turnsForASixteenthFollowFromBothPitches() {
        LinkCut cut =
                lower(made -> made.withFrom(Optional.of(rodEnd(Hand.RIGHT))).withTo(Optional.of(rodEnd(Hand.LEFT))));
        assertThat(cut.perTurn().orElseThrow()).isCloseTo(inches(0.125), within(TEST_LENGTH));
        assertThat(cut.turnsForStep().orElseThrow()).isCloseTo(0.5, within(1e-9));
        assertThat(CutWords.told(tarn, cut).stream().map(Examples.WORDS::text))
                .anyMatch(text -> text.contains("0.50 turns of the tube (3.0 flats)"));
        LinkCut same =
                lower(made -> made.withFrom(Optional.of(rodEnd(Hand.RIGHT))).withTo(Optional.of(rodEnd(Hand.RIGHT))));
        assertThat(same.perTurn().orElseThrow()).isZero();
        assertThat(same.turnsForStep()).isEmpty();
        assertThat(faults(same)).anyMatch(text -> text.contains("of one hand"));
    }

    /** By hand: with 9/16 in exposed and a jam nut of 1/2 in, 1/16 in goes in and 1 5/16 in out; whatever is wished beyond is said each way. */
    @Test
    void bothWaysOfAnAdjustmentAreLookedAt() {
        ThreadedShank near = rodEnd(Hand.RIGHT).shank().orElseThrow().withSet(OptionalDouble.of(inches(0.5625)));
        LinkEnd end = rodEnd(Hand.RIGHT).withShank(Optional.of(near));
        LinkCut cut = lower(made -> made.withFrom(Optional.of(end)).withTo(Optional.of(end.ofHand(Hand.LEFT))));
        assertThat(cut.faults(0)).extracting(Message::key).containsExactly("cut.comes_home");
        assertThat(faults(cut))
                .containsExactly("Both ends: only 1/16 in may go inward; then the jam nut meets the insert.");
        LinkCut wide = lower(made -> made.withFrom(Optional.of(end))
                .withTo(Optional.of(end.ofHand(Hand.LEFT)))
                .withAdjustment(OptionalDouble.of(inches(1.5))));
        assertThat(wide.faults(0)).extracting(Message::key).containsExactly("cut.breaks_rule", "cut.comes_home");
    }

    /** What is not known is said, and no cut length is made up; a taped one is taken where it is all there is. */
    @Test
    void withoutAnEndThereIsNoCutLength() {
        LinkEnd unknown = LinkEnd.of(LinkEnd.Kind.UNKNOWN);
        LinkCut cut = lower(made -> made.withTo(Optional.of(unknown)));
        assertThat(cut.tubeLength()).isEmpty();
        assertThat(cut.missing().stream().map(Examples.WORDS::text)).containsExactly("what is at lower axle left");
        LinkCut stud = lower(made -> made.withTo(Optional.of(LinkEnd.of(LinkEnd.Kind.BALL_STUD))));
        assertThat(stud.missing()).hasSize(2);
        LinkCut taped = lower(made -> made.withTo(Optional.of(unknown))
                .withTaped(Optional.of(new TapedTube(inches(35.5), Optional.empty()))));
        assertThat(taped.tubeLength().orElseThrow()).isEqualTo(inches(35.5));
    }

    /** Taped and computed length may be 1/16 in apart; beyond that somebody has to say which counts, and why. */
    @Test
    void theTapedTubeIsHeldAgainstTheComputedOne() {
        double computed = inches(PINS - 6.75);
        LinkCut near =
                lower(made -> made.withTaped(Optional.of(new TapedTube(computed + inches(0.06), Optional.empty()))));
        assertThat(near.undecided()).isFalse();
        assertThat(near.tubeLength().orElseThrow()).isCloseTo(computed, within(1e-6));
        TapedTube far = new TapedTube(computed + inches(0.125), Optional.empty());
        LinkCut asked = lower(made -> made.withTaped(Optional.of(far)));
        assertThat(asked.undecided()).isTrue();
        assertThat(asked.tubeLength()).isEmpty();
        assertThat(faults(asked)).anyMatch(text -> text.contains("Say which counts"));
        LinkCut decided = lower(made -> made.withTaped(Optional.of(
                new TapedTube(far.length(), Optional.of(new TapedTube.Decision(true, "mock-up is square"))))));
        assertThat(decided.tubeLength().orElseThrow()).isEqualTo(far.length());
    }

    /** Ears 7/8 in apart take a joint of 7/8 in bare, not with 0.003 in of paint on each of its sides; 1/2 in of hole no 9/16 in bolt. */
    @Test
    void earsAreHeldAgainstTheJointAndItsBolt() {
        LinkEnd end = rodEnd(Hand.RIGHT)
                .withWidth(OptionalDouble.of(inches(0.875)))
                .withEars(Optional.of(new Ears(inches(0.875), inches(0.25), inches(0.5625), inches(0.5))));
        LinkCut cut = lower(made -> made.withFrom(Optional.of(end)));
        assertThat(cut.faults(0))
                .extracting(Message::key)
                .contains("cut.hole_small")
                .doesNotContain("cut.ears_tight");
        assertThat(cut.faults(inches(0.003))).extracting(Message::key).contains("cut.ears_tight");
        // By hand: 7/8 + 2 x 1/4.
        assertThat(cut.from().grip().orElseThrow()).isCloseTo(inches(1.375), within(TEST_LENGTH));
    }

    @Test
    void everyPieceIsCountedByHandOfThreadWithASpareNut() {
        PartsCount count = PartsCount.of(LinkCut.list(tarn), 0.003);
        for (Hand hand : Hand.values()) {
            assertThat(count.needed(PartsCount.What.JOINT, hand)).isEqualTo(8);
            assertThat(count.needed(PartsCount.What.INSERT, hand)).isEqualTo(8);
        }
        assertThat(count.pieces().stream().filter(piece -> piece.what() == PartsCount.What.JAM_NUT))
                .hasSize(2)
                .allSatisfy(piece -> assertThat(piece.spare()).isEqualTo(1));
        double tubes = LinkCut.list(tarn).stream()
                .mapToDouble(cut -> cut.tubeLength().orElseThrow())
                .sum();
        assertThat(count.tubes()).hasSize(1);
        assertThat(count.tubes().values().iterator().next()).isCloseTo(tubes + 8 * 0.003, within(TEST_LENGTH));
    }

    /** Sizes of ASME B1.1's fine series and ISO 261, from memory: pitch is an inch over the threads, or as metric says. */
    @Test
    void threadsAreReadAsTheyAreStamped() {
        assertThat(Thread.parse("3/4-16").orElseThrow().pitch()).isCloseTo(inches(1.0 / 16), within(1e-12));
        assertThat(Thread.parse("1 1/4-12").orElseThrow().diameter()).isCloseTo(inches(1.25), within(1e-12));
        assertThat(Thread.parse("1-14").orElseThrow().text()).isEqualTo("1-14");
        assertThat(Thread.parse("m20 x 1.5").orElseThrow().text()).isEqualTo("M20×1.5");
        assertThat(Thread.parse("7/8-18").orElseThrow().text()).isEqualTo("7/8-18");
        for (String none : List.of("", "3/4", "-16", "0/4-16", "3/0-16", "M0x1", "three quarters")) {
            assertThat(Thread.parse(none)).as(none).isEmpty();
        }
        assertThat(Thread.parse("1/4-2").orElseThrow().cuttable()).isFalse();
    }
}
