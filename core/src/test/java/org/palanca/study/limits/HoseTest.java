package org.palanca.study.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.palanca.Examples;
import org.palanca.Sprung;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.assessment.TravelGain;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.HoseRun;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Hose;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;

/** Hoses between frame and axle: where they are pulled, where they kink, and what is said of them. */
class HoseTest {
    private static Vehicle with(Hose... hoses) {
        Vehicle level = Sprung.level();
        return level.withBuild(Build.NONE.with(AxlePlace.REAR, Surroundings.NONE.withHoses(List.of(hoses))));
    }

    /** From the frame straight down to the housing, 8 in apart at ride on an axle that rises upright. */
    private static Hose upright(double length, double bend) {
        double line = Sprung.level()
                .axle(AxlePlace.REAR)
                .orElseThrow()
                .lineX(Sprung.level().wheelbase());
        Vector3D low = new Vector3D(line, 0.2, 0.5);
        return new Hose(
                "brake hose",
                new Hose.End(BodyName.FRAME, low.add(inches(8), Vector3D.PLUS_K)),
                new Hose.End(BodyName.AXLE, low),
                length,
                bend);
    }

    private static TravelEnd end(Vehicle vehicle, TravelEnd.Way way) {
        return TravelEnd.of(new Limits(new Clearances(new AxleModel(vehicle, AxlePlace.REAR))), way, 0);
    }

    /** 8 in at ride, 12 in long less 1/2 in of slack: 3 1/2 in of droop, and a longer hose gives what it is longer. */
    @Test
    void aShortHoseEndsTheDroop() {
        Vehicle vehicle = with(upright(inches(12), 0));
        TravelEnd down = end(vehicle, TravelEnd.Way.DOWN);
        assertThat(down.travel()).isCloseTo(inches(3.5), within(inches(0.03)));
        assertThat(Examples.WORDS.text(down.border().orElseThrow().limit().what()))
                .isEqualTo("hose brake hose is pulled");
        List<TravelGain> gains = TravelGain.of(vehicle, AxlePlace.REAR, down, () -> true);
        assertThat(gains).isNotEmpty();
        assertThat(Examples.WORDS.text(gains.get(0).what())).isEqualTo("brake hose 1 in longer");
        assertThat(gains.get(0).gained()).isCloseTo(inches(1), within(inches(0.05)));
    }

    /** 12 in long and bent to 2 1/4 in at the least: 2 R sin(L / 2 R) is the chord where it kinks. */
    @Test
    void aLongHoseKinksInBump() {
        double length = inches(12);
        double bend = inches(2.25);
        double chord = 2 * bend * Math.sin(length / (2 * bend));
        TravelEnd up = end(with(upright(length, bend)), TravelEnd.Way.UP);
        assertThat(up.border().orElseThrow().limit().kind()).isEqualTo(Limit.Kind.HOSE_KINKED);
        assertThat(up.travel()).isCloseTo(inches(8) - chord, within(inches(0.05)));
    }

    /** Bent into a ring a hose has the radius L / 2 pi, over its diameter L / pi; pulled straight none at all. */
    @ParameterizedTest
    @CsvSource({"1, 0, 0.159154943", "1, 0.636619772, 0.318309886", "2, 0, 0.318309886"})
    void theGentlestWayIsAnArc(double length, double chord, double radius) {
        assertThat(HoseRun.gentlest(length, chord)).isCloseTo(radius, within(1e-6));
        assertThat(HoseRun.gentlest(length, length)).isInfinite();
        assertThat(HoseRun.gentlest(length, 1.2 * length)).isInfinite();
    }

    /** What is drawn is as long as the hose, begins and ends at its fittings, and bends nowhere tighter than it says. */
    @Test
    void itIsDrawnAsLongAsItIs() {
        Random random = new Random(5);
        for (int i = 0; i < 50; i++) {
            Hose hose = upright(inches(8.5 + 10 * random.nextDouble()), 0);
            Vehicle vehicle = with(hose);
            AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
            assertThat(model.moveTo(0.05 * random.nextDouble(), 0.05 * random.nextDouble()))
                    .isTrue();
            List<Vector3D> points = HoseRun.points(model, hose);
            double along = 0;
            for (int k = 1; k < points.size(); k++) {
                along += Vector3D.distance(points.get(k - 1), points.get(k));
            }
            assertThat(along).isBetween(0.98 * hose.length(), hose.length() + 1e-9);
            assertThat(Vector3D.distance(points.get(0), points.get(points.size() - 1)))
                    .isCloseTo(HoseRun.apart(model, hose), within(1e-9));
        }
    }

    @Test
    void whatCantBeIsSaid() {
        assertThat(said(with(upright(inches(8.25), 0))))
                .anyMatch(
                        text -> text.contains("Hose “brake hose” is 8 1/4 in long and its ends are 8 in apart at ride")
                                && text.contains("1/4 in too short"));
        Hose hose = upright(inches(12), 0);
        assertThat(said(with(hose, hose))).anyMatch(text -> text.contains("Two hoses are called “brake hose”"));
        assertThat(said(with(hose.withLength(0)))).anyMatch(text -> text.contains("Hose “brake hose” has no length"));
        Hose lost =
                hose.withEnds(hose.from(), new Hose.End(BodyName.RACK, hose.to().at()));
        assertThat(said(with(lost))).anyMatch(text -> text.contains("Hose “brake hose” ends on the rack"));
    }

    private static List<String> said(Vehicle vehicle) {
        return VehicleCheck.findings(vehicle).stream()
                .map(finding -> Examples.WORDS.text(finding.message()))
                .toList();
    }
}
