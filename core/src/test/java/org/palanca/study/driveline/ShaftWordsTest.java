package org.palanca.study.driveline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.words.Verdict;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.Vehicle;

/** What is said of a shaft: each school its own advice, and what binds or runs out is told with its amount. */
class ShaftWordsTest {
    private final Vehicle tarn = Examples.tarn();
    private final Driveline line =
            tarn.build().surroundings(AxlePlace.REAR).driveline().orElseThrow();

    private static Vehicle with(Vehicle vehicle, Driveline line) {
        return vehicle.withBuild(vehicle.build()
                .with(
                        AxlePlace.REAR,
                        vehicle.build().surroundings(AxlePlace.REAR).withDriveline(line)));
    }

    private static List<String> bad(Vehicle vehicle) {
        return ShaftWords.of(vehicle, AxlePlace.REAR).stream()
                .filter(said -> !said.good())
                .map(said -> Examples.WORDS.text(said.message()))
                .toList();
    }

    private static List<String> all(Vehicle vehicle) {
        return ShaftWords.of(vehicle, AxlePlace.REAR).stream()
                .map(said -> Examples.WORDS.text(said.message()))
                .toList();
    }

    /** Five poses, the joints, the slip, how evenly it turns and the school's advice, with the numbers of the study. */
    @Test
    void everyPoseIsToldWithTheStudysNumbers() {
        ShaftStudy study = ShaftStudy.of(tarn, AxlePlace.REAR).orElseThrow();
        List<String> all = all(tarn);
        assertThat(all).hasSize(4 + 5);
        String angle = String.format("%.1f°", Math.toDegrees(study.ride().run().atOutput()));
        assertThat(all)
                .anyMatch(text -> text.startsWith("Ride: " + angle + " at the gearbox"))
                .anyMatch(text -> text.startsWith("Left up, right hanging:"));
        assertThat(bad(tarn))
                .hasSize(2)
                .anyMatch(text -> text.contains("school is parallel to the gearbox’s shaft: 3.0°"))
                .anyMatch(text -> text.startsWith("Turns unevenly"));
    }

    @Test
    void aPinionTurnedAsItsSchoolWantsLeavesNothingToSay() {
        for (Driveline.Joints joints : Driveline.Joints.values()) {
            Driveline fitted = line.withJoints(joints);
            Vehicle vehicle = with(tarn, fitted);
            double wanted =
                    PinionAdvice.of(vehicle, AxlePlace.REAR, fitted).wanted().orElseThrow();
            Vehicle turned = PinionAdvice.turned(vehicle, AxlePlace.REAR, wanted);
            assertThat(bad(turned)).as("%s", joints).noneMatch(text -> text.contains("school"));
            if (joints != Driveline.Joints.ONE) {
                assertThat(bad(turned)).as("%s", joints).isEmpty();
            }
        }
    }

    @Test
    void whatBindsOrRunsOutIsToldWithItsAmount() {
        assertThat(bad(with(tarn, line.withLimit(Math.toRadians(10)))))
                .anyMatch(text -> text.startsWith("A joint binds") && text.contains("10.0° is its limit"));
        double plunge =
                ShaftStudy.of(tarn, AxlePlace.REAR).orElseThrow().order().plunge();
        assertThat(bad(with(tarn, line.withSlip(plunge / 2))))
                .anyMatch(text -> text.startsWith("The shaft must slide 13/16 in but has only 3/8 in"));
        assertThat(bad(with(tarn, line.withPhase(Math.toRadians(90)))))
                .anyMatch(text -> text.startsWith("Turns unevenly") && text.contains("yokes in phase"));
    }

    @Test
    void halfShaftsAreToldAlike() {
        Vehicle plover = Examples.vehicle("plover.palanca.json");
        assertThat(all(plover)).isEmpty();
        Axle axle = plover.axle(AxlePlace.REAR).orElseThrow();
        Vector3D inner = new Vector3D(
                axle.lineX(plover.wheelbase()), inches(7), axle.tyre().loadedRadius());
        assertThat(said(plover, new HalfShafts(inner, inches(5), Math.toRadians(22), inches(2))))
                .allMatch(Verdict::good)
                .hasSize(3);
        List<Verdict> tight = said(plover, new HalfShafts(inner, inches(5), Math.toRadians(2), inches(0.01)));
        assertThat(tight.subList(0, 2)).noneMatch(Verdict::good);
        assertThat(Examples.WORDS.text(tight.get(0).message())).startsWith("Each half-shaft: a joint binds");
        assertThat(Examples.WORDS.text(tight.get(1).message())).startsWith("Each half-shaft must slide");
    }

    private static List<Verdict> said(Vehicle vehicle, HalfShafts shafts) {
        return ShaftWords.of(
                vehicle.withBuild(vehicle.build()
                        .with(
                                AxlePlace.REAR,
                                vehicle.build().surroundings(AxlePlace.REAR).withHalfShafts(shafts))),
                AxlePlace.REAR);
    }

    /** Each point of the trade-off is the vehicle turned so far, looked at afresh; caster goes the other way by as much. */
    @Test
    void theTradeOffIsWhatTurningGives() {
        Axle axle = tarn.axle(AxlePlace.FRONT).orElseThrow();
        Driveline front = new Driveline(
                new Vector3D(-inches(40), inches(8), inches(24)),
                -Math.toRadians(3),
                inches(12),
                inches(6),
                0,
                inches(3));
        List<PinionAdvice.Turned> all = PinionAdvice.tradeOff(tarn, AxlePlace.FRONT, front);
        for (int i = 0; i < all.size(); i += 12) {
            PinionAdvice.Turned one = all.get(i);
            Vehicle turned = PinionAdvice.turned(tarn, AxlePlace.FRONT, one.pinion());
            ShaftRun run = ShaftRun.at(new AxleModel(turned, AxlePlace.FRONT), front);
            assertThat(one.atPinion()).isCloseTo(run.atPinion(), within(1e-12));
            assertThat(one.atGearbox()).isCloseTo(run.atOutput(), within(1e-12));
            OptionalDouble caster = turned.axle(AxlePlace.FRONT).orElseThrow().caster();
            assertThat(one.caster().orElseThrow()).isCloseTo(caster.orElseThrow(), within(1e-12));
            assertThat(one.caster().orElseThrow() + one.pinion())
                    .isCloseTo(axle.caster().orElseThrow() + axle.pinion(), within(1e-12));
        }
        assertThat(PinionAdvice.tradeOff(tarn, AxlePlace.REAR, line))
                .allMatch(one -> one.caster().isEmpty());
    }
}
