package org.palanca.floor.placing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.geometry.Side;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.HousingCheck;
import org.palanca.vehicle.edit.MountMoves;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.HousingSize;

class BenchPlacingTest {
    private static final double TEST_LENGTH = 1e-9;

    /** Half housings of 28 in, the pinion in the middle of the faces, a tube of 3 in. */
    private static Housing housing(double bench) {
        Map<HousingSize, Double> sizes = new EnumMap<>(HousingSize.class);
        sizes.put(HousingSize.PINION_OFFSET, 0.0);
        sizes.put(HousingSize.HALF_LEFT, inches(28));
        sizes.put(HousingSize.HALF_RIGHT, inches(28));
        sizes.put(HousingSize.TUBE_DIAMETER, inches(3));
        Housing known = Housing.empty().withBenchPinion(bench);
        for (Map.Entry<HousingSize, Double> size : sizes.entrySet()) {
            known = known.with(size.getKey(), OptionalDouble.of(size.getValue()));
        }
        return known;
    }

    /** The demo with a mount of an axle so far ahead of, left of and above the axle's middle [in]. */
    private static Vehicle with(AxlePlace place, String mount, double ahead, double left, double up, double turned) {
        Vehicle tarn = Examples.tarn();
        Axle axle = tarn.axle(place).orElseThrow();
        Vehicle moved = MountMoves.moveTo(
                tarn,
                new MountRef(place, mount),
                new Vector3D(axle.lineX(tarn.wheelbase()), 0, axle.tyre().loadedRadius())
                        .add(new Vector3D(inches(ahead), inches(left), inches(up))));
        return moved.withBuild(moved.build().with(place, housing(axle.pinion() + turned)));
    }

    private static BenchPlacing.Row row(Vehicle vehicle, AxlePlace place, String mount) {
        return BenchPlacing.of(vehicle, place).rows().stream()
                .filter(one -> one.mount().equals(mount))
                .findFirst()
                .orElseThrow();
    }

    /**
     * By hand, the pinion as at ride: 3 in ahead and 4 in up is 5 in from the centre, 3 1/2 in off a 3 in tube, and
     * atan(3/4) = 36.87 degrees round from the top, 0.9653 in of its surface; 20 in left of the pinion plane is 8 in from the end.
     */
    @Test
    void aBracketIsToldFromTheEndThePinionPlaneAndTheTube() {
        Vehicle vehicle = with(AxlePlace.REAR, "lower axle left", 3, 20, 4, 0);
        BenchPlacing.Row row = row(vehicle, AxlePlace.REAR, "lower axle left");
        assertThat(row.side()).isEqualTo(Side.LEFT);
        assertThat(row.fromPinion()).isCloseTo(inches(20), within(TEST_LENGTH));
        assertThat(row.fromEnd().orElseThrow()).isCloseTo(inches(8), within(TEST_LENGTH));
        assertThat(row.towardsNose()).isCloseTo(inches(3), within(TEST_LENGTH));
        assertThat(row.up()).isCloseTo(inches(4), within(TEST_LENGTH));
        assertThat(Math.toDegrees(row.clock())).isCloseTo(36.8699, within(1e-4));
        assertThat(row.round().orElseThrow()).isCloseTo(inches(0.96525), within(1e-6));
        assertThat(row.padToHole().orElseThrow()).isCloseTo(inches(3.5), within(TEST_LENGTH));
        assertThat(BenchWords.of(row).stream().map(Examples.WORDS::text).toList())
                .contains("8 in from the left end, 20 in from the pinion plane");
    }

    /** With the nose straight up on the bench what was ahead is up, and what was up is away from the pinion. */
    @Test
    void theHousingIsTurnedByThePinion() {
        Vehicle vehicle = with(AxlePlace.REAR, "lower axle left", 3, 20, 4, Math.PI / 2);
        BenchPlacing.Row row = row(vehicle, AxlePlace.REAR, "lower axle left");
        assertThat(row.towardsNose()).isCloseTo(inches(-4), within(TEST_LENGTH));
        assertThat(row.up()).isCloseTo(inches(3), within(TEST_LENGTH));
        assertThat(row.padToHole().orElseThrow()).isCloseTo(inches(3.5), within(TEST_LENGTH));
    }

    /** A front axle's pinion points rearward: what is behind its line is towards the pinion. */
    @Test
    void aFrontAxlesPinionPointsRearward() {
        Vehicle vehicle = with(AxlePlace.FRONT, "lower axle left", -3, 20, 4, 0);
        assertThat(row(vehicle, AxlePlace.FRONT, "lower axle left").towardsNose())
                .isCloseTo(inches(3), within(TEST_LENGTH));
    }

    /** Ends unlike the middle of the faces: brackets alike on the vehicle read unlike from them, by the difference of the halves. */
    @Test
    void theTwoSidesAreHeldAgainstEachOther() {
        Vehicle vehicle = with(AxlePlace.REAR, "lower axle left", 3, 20, 4, 0);
        assertThat(BenchPlacing.of(vehicle, AxlePlace.REAR).pairs()).isEmpty();
        Housing longer = housing(0).with(HousingSize.HALF_LEFT, OptionalDouble.of(inches(28.5)));
        BenchPlacing placing =
                BenchPlacing.of(vehicle.withBuild(vehicle.build().with(AxlePlace.REAR, longer)), AxlePlace.REAR);
        assertThat(placing.pairs())
                .isNotEmpty()
                .allSatisfy(pair -> assertThat(pair.leftMore()).isCloseTo(inches(0.5), within(TEST_LENGTH)));
    }

    /** A hole 1 1/4 in from the centre lies 1/4 in inside a 3 in tube: the housing step refuses it by name. */
    @Test
    void aHoleInsideTheTubeIsRefused() {
        Vehicle vehicle = with(AxlePlace.REAR, "lower axle left", 0.75, 20, 1, 0);
        assertThat(row(vehicle, AxlePlace.REAR, "lower axle left").padToHole().orElseThrow())
                .isCloseTo(inches(-0.25), within(TEST_LENGTH));
        List<String> faults = HousingCheck.faults(
                        vehicle, vehicle.axle(AxlePlace.REAR).orElseThrow())
                .stream()
                .map(Examples.WORDS::text)
                .toList();
        assertThat(faults)
                .anyMatch(text -> text.contains("The hole of lower axle left lies 1/4 in inside the axle tube"));
    }

    /** Without the pinion plane nothing is placed; without the halves nothing is told from the ends; both are asked for. */
    @Test
    void whatIsNotKnownIsAskedFor() {
        Vehicle vehicle = with(AxlePlace.REAR, "lower axle left", 3, 20, 4, 0);
        Vehicle unknown = vehicle.withBuild(vehicle.build().with(AxlePlace.REAR, Housing.empty()));
        BenchPlacing nothing = BenchPlacing.of(unknown, AxlePlace.REAR);
        assertThat(nothing.rows()).isEmpty();
        assertThat(nothing.missing()).extracting(Message::key).hasSize(4);
        Housing plane = Housing.empty().with(HousingSize.PINION_OFFSET, OptionalDouble.of(0));
        BenchPlacing some =
                BenchPlacing.of(vehicle.withBuild(vehicle.build().with(AxlePlace.REAR, plane)), AxlePlace.REAR);
        assertThat(some.rows()).isNotEmpty().allSatisfy(row -> {
            assertThat(row.fromEnd()).isEmpty();
            assertThat(row.padToHole()).isEmpty();
        });
        Vehicle plover = Examples.vehicle("plover.palanca.json");
        assertThat(BenchPlacing.of(plover, AxlePlace.FRONT).missing())
                .as("independent wheels have no housing")
                .isEmpty();
    }
}
