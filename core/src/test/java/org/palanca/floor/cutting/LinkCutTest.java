package org.palanca.floor.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.vehicle.LinkHardware;
import org.palanca.vehicle.Vehicle;

class LinkCutTest {
    private static final double TEST_LENGTH = 1e-9;

    /**
     * Common practice, no source: 3 in shank, 1 1/2 in insert, set mid-way has 1 1/4 in engaged, 83 %; 3/4 in further out
     * leaves 33 %; by the rule of three quarters only 1/8 in may go outward.
     */
    @Test
    void theTwoWishesOfTheTradeExcludeEachOther() {
        LinkHardware hardware = LinkHardware.COMMON;
        ThreadEngagement mid = ThreadEngagement.at(hardware, 0);
        assertThat(mid.engaged()).isCloseTo(inches(1.25), within(TEST_LENGTH));
        assertThat(Math.round(mid.share() * 100)).isEqualTo(83);
        assertThat(mid.meetsRule()).isTrue();
        ThreadEngagement out = ThreadEngagement.at(hardware, inches(0.75));
        assertThat(Math.round(out.share() * 100)).isEqualTo(33);
        assertThat(out.meetsRule()).isFalse();
        assertThat(ThreadEngagement.at(hardware, inches(-0.75)).share()).isCloseTo(1, within(TEST_LENGTH));
        assertThat(ThreadEngagement.outwardRoom(hardware)).isCloseTo(inches(0.125), within(TEST_LENGTH));
        assertThat(ThreadEngagement.at(hardware, inches(0.125)).meetsRule()).isTrue();
        assertThat(ThreadEngagement.at(hardware, inches(0.126)).meetsRule()).isFalse();
    }

    @Test
    void tubeIsPinToPinLessBothJointsToTheTubesEnd() {
        Vehicle tarn = Examples.tarn();
        List<LinkCut> cuts = LinkCut.list(tarn);
        assertThat(cuts).hasSize(8);
        LinkCut lower = cuts.get(6);
        assertThat(lower.link().name()).isEqualTo("lower left");
        // By hand: sqrt(41^2 + 8^2 + 4.75^2) = 42.04 in; each joint 1 3/8 + 1 3/4 + 1/4 = 3 3/8 in.
        double pins = Math.sqrt(41 * 41 + 8 * 8 + 4.75 * 4.75);
        assertThat(lower.pinToPin()).isCloseTo(inches(pins), within(1e-6));
        assertThat(lower.tube()).isCloseTo(inches(pins - 6.75), within(1e-6));
        assertThat(lower.makeable(tarn.hardware())).isTrue();
    }

    @Test
    void everyPieceIsCountedByHandOfThreadWithASpareNut() {
        Vehicle tarn = Examples.tarn();
        PartsCount count = PartsCount.of(LinkCut.list(tarn), tarn.hardware());
        assertThat(count.jointsEachHand()).isEqualTo(8);
        assertThat(count.jamNutsEachHand() + count.spareJamNutsEachHand()).isEqualTo(9);
        double tubes = LinkCut.list(tarn).stream().mapToDouble(LinkCut::tube).sum();
        assertThat(count.tube()).isCloseTo(tubes + 8 * PartsCount.SAW_CUT, within(TEST_LENGTH));
    }
}
