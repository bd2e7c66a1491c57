package org.palanca.study.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.palanca.base.units.Lengths.inches;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.palanca.Examples;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.assessment.TravelGain;
import org.palanca.study.clearance.ClearanceStudy;
import org.palanca.study.clearance.Clearances;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;

/** Both axles of every example cycled: whatever is said of them is in words, and whatever is said to help does. */
class EveryExampleCycledTest {
    /** Unfilled places and keys without words would show as these. */
    private static final String UNSAID = ".*(\\{\\d|![a-z_.]+!|\\b[a-z_]+\\.[a-z_]+\\.[a-z_]+).*";

    record Cycled(String file, AxlePlace place) {}

    static List<Cycled> axles() {
        List<Cycled> all = new ArrayList<>();
        for (String file : Examples.FILES) {
            for (Axle axle : Examples.vehicle(file).axles()) {
                all.add(new Cycled(file, axle.place()));
            }
        }
        return all;
    }

    private static String said(Message message) {
        String text = Examples.WORDS.text(message);
        assertThat(text).isNotBlank().doesNotMatch(UNSAID);
        return text;
    }

    @ParameterizedTest
    @MethodSource("axles")
    void itsEndsAreToldAndGainsAreHad(Cycled cycled) {
        Vehicle vehicle = Examples.vehicle(cycled.file());
        Limits limits = new Limits(new Clearances(new AxleModel(vehicle, cycled.place())));
        List<TravelEnd> ends = CycleWords.worstFirst(TravelEnd.all(limits));
        for (int i = 1; i < ends.size(); i++) {
            assertThat(rank(ends.get(i))).isGreaterThanOrEqualTo(rank(ends.get(i - 1)));
        }
        for (TravelEnd end : ends) {
            String text = said(CycleWords.end(end));
            assertThat(text)
                    .contains(
                            end.reached()
                                    ? Examples.WORDS.units().text(end.travel(), Quantity.LENGTH)
                                    : Examples.WORDS.units().textBeside(end.travel(), end.wanted(), Quantity.LENGTH));
            if (end.verdict() == TravelEnd.Verdict.UNBOUNDED) {
                assertThat(text).contains("nothing bounds it");
            } else {
                assertThat(text)
                        .contains(said(end.border().orElseThrow().limit().what()));
            }
        }
        TravelEnd worst = ends.get(0);
        for (TravelGain gain : TravelGain.of(vehicle, cycled.place(), worst, () -> true)) {
            said(gain.said());
            assertThat(VehicleCheck.hasErrors(VehicleCheck.findings(gain.after())))
                    .isFalse();
            TravelEnd afresh = TravelEnd.of(
                    new Limits(new Clearances(new AxleModel(gain.after(), cycled.place()))), worst.way(), 0);
            assertThat(afresh.travel()).isGreaterThan(worst.travel());
        }
    }

    /** What is short comes first, then what ends otherwise than it should. */
    private static int rank(TravelEnd end) {
        return !end.reached() ? 0 : end.asWanted() ? 2 : 1;
    }

    @ParameterizedTest
    @MethodSource("axles")
    void itsTightPlacesAreToldWithTheirPoses(Cycled cycled) {
        Vehicle vehicle = Examples.vehicle(cycled.file());
        // The first round of poses has bump, droop, both twists and both locks.
        AtomicInteger rounds = new AtomicInteger();
        ClearanceStudy study = ClearanceStudy.run(
                vehicle, cycled.place(), Runnable::run, () -> rounds.get() < 1, any -> rounds.incrementAndGet());
        assertThat(study.tight()).isNotEmpty();
        for (ClearanceStudy.Tight tight : study.tight()) {
            String text = said(CycleWords.tight(tight));
            assertThat(text)
                    .contains(said(tight.one().name()))
                    .contains(said(tight.other().name()));
            if (!tight.atRide()) {
                assertThat(text).contains(said(CycleWords.pose(tight.pose())));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("axles")
    void aLookOverFindsEveryPairThatTheWholeStudyFindsTooTight(Cycled cycled) {
        Vehicle vehicle = Examples.vehicle(cycled.file());
        Limits limits = new Limits(new Clearances(new AxleModel(vehicle, cycled.place())));
        Map<String, Double> quick = new HashMap<>();
        ClearanceStudy.tooTight(new Clearances(limits.model()), limits.envelope())
                .forEach(tight -> quick.merge(pair(tight), tight.room(), Math::min));
        ClearanceStudy.run(vehicle, cycled.place(), ForkJoinPool.commonPool(), () -> true, any -> {}).tight().stream()
                .filter(tight -> tight.missing() > inches(1.0 / 64))
                .forEach(tight -> assertThat(quick)
                        .hasEntrySatisfying(
                                pair(tight),
                                room -> assertThat(room).as(pair(tight)).isLessThan(tight.room() + inches(1.0 / 32))));
    }

    private static String pair(ClearanceStudy.Tight tight) {
        return tight.one().id() + "|" + tight.other().id();
    }
}
