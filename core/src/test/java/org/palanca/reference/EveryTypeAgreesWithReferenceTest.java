package org.palanca.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.palanca.base.geometry.Side;
import org.palanca.io.json.VehicleFile;
import org.palanca.mechanism.CompliantMember;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.MountMoves;
import org.palanca.vehicle.edit.ShockLayout;
import org.palanca.vehicle.edit.SpringingMoves;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.StarterVehicle;
import org.palanca.vehicle.springing.ShockSize;

/** Every type with every steering in bump, droop, roll and lock, against a general optimiser's own model of it. */
class EveryTypeAgreesWithReferenceTest {
    /** Of places, where members are rigid [mm]: differences' Jacobian, weights of 3000. */
    private static final double TEST_RIGID = 2e-4;

    /** Where bushings give, the reference's rigid members give by a part in ten million of that too [mm]. */
    private static final double TEST_GIVING = 2e-2;

    @TempDir
    private Path folder;

    static Stream<Arguments> layouts() {
        return Stream.of(SuspensionType.values())
                .flatMap(type -> Stream.of(StarterSteering.values())
                        .filter(steering -> steering.suits(type))
                        .map(steering -> Arguments.of(type, steering)));
    }

    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("layouts")
    void agrees(SuspensionType type, StarterSteering steering) throws Exception {
        Vehicle vehicle = new StarterVehicle(
                        "reference",
                        Use.TRAIL,
                        2.6,
                        0.8,
                        Optional.of(new StarterLayout(type, steering)),
                        StarterLayout.of(SuspensionType.TRIANGULATED_BOTH))
                .build();
        Path file = folder.resolve("vehicle.palanca.json");
        VehicleFile.save(file, vehicle);
        JsonNode tree = new ObjectMapper().readTree(file.toFile());
        AxleModel model = new AxleModel(VehicleFile.open(file).vehicle(), AxlePlace.FRONT);
        Axle axle = model.axle();
        double up = axle.travel().bump() * 1000;
        double down = -axle.travel().droop() * 1000;
        boolean gives = model.mechanism().members().stream().anyMatch(CompliantMember.class::isInstance);
        for (double[] pose : new double[][] {{up, up, 0}, {down, down, 0.7}, {0.6 * up, 0.6 * down, -0.5}}) {
            double own = model.lock() < 0 ? -1 : 1;
            List<ReferenceMechanism.Wheel> expected =
                    new ReferenceMechanism(tree, "front").solve(pose[0], pose[1], own * pose[2]);
            model.toRide();
            assertThat(model.moveTo(pose[0] / 1000, pose[1] / 1000, pose[2])).isTrue();
            for (int i = 0; i < 2; i++) {
                WheelMotion wheel = model.motion().wheel(i == 0 ? 1 : -1);
                Vector3D centre = new Vector3D(wheel.centre(0), wheel.centre(1), wheel.centre(2)).scalarMultiply(1000);
                Vector3D axis = new Vector3D(wheel.axis(0), wheel.axis(1), wheel.axis(2));
                double allowed = gives ? TEST_GIVING : TEST_RIGID;
                assertThat(Vector3D.distance(centre, expected.get(i).centre()))
                        .as("wheel " + i + " centre at " + pose[0] + " " + pose[1] + " " + pose[2])
                        .isLessThan(allowed);
                assertThat(Vector3D.distance(axis, expected.get(i).axis()))
                        .as("wheel " + i + " axis at " + pose[0] + " " + pose[1] + " " + pose[2])
                        .isLessThan(allowed / 300);
            }
        }
    }

    /** Pushrods and a sway bar's links on the lower arms, shocks on the upper ones, against bodies that coincide with the legs. */
    @Test
    void agreesWhereArmsCarryWhatSpringsThem() throws Exception {
        Vehicle bare = new StarterVehicle(
                        "arms",
                        Use.TRACK,
                        2.6,
                        0.66,
                        Optional.of(new StarterLayout(SuspensionType.DOUBLE_WISHBONE, StarterSteering.RACK)),
                        StarterLayout.of(SuspensionType.TRIANGULATED_BOTH))
                .build();
        ShockSize size = new ShockSize("", 0.3, 0.4, 0.05, 0.06, 0.025);
        Vehicle pushed = SpringingMoves.addShocks(bare, AxlePlace.FRONT, size, ShockLayout.PUSHROD);
        Vehicle sprung = SpringingMoves.addSwayBar(pushed, AxlePlace.FRONT);
        Vehicle upper = MountMoves.onBody(
                sprung, new MountRef(AxlePlace.FRONT, "sway bar drop link left"), BodyName.upperArm(Side.LEFT));
        Path file = folder.resolve("arms.palanca.json");
        VehicleFile.save(file, upper);
        JsonNode tree = new ObjectMapper().readTree(file.toFile());
        AxleModel model = new AxleModel(VehicleFile.open(file).vehicle(), AxlePlace.FRONT);
        AxleModel without = new AxleModel(bare, AxlePlace.FRONT);
        assertThat(model.bodyIndex(BodyName.lowerArm(Side.LEFT))).isPresent();
        assertThat(model.bodyIndex(BodyName.upperArm(Side.RIGHT))).isPresent();
        for (double[] pose : new double[][] {{60, 60, 0.4}, {-50, 40, -0.6}}) {
            double own = model.lock() < 0 ? -1 : 1;
            ReferenceMechanism reference = new ReferenceMechanism(tree, "front");
            List<ReferenceMechanism.Wheel> expected = reference.solve(pose[0], pose[1], own * pose[2]);
            model.toRide();
            assertThat(model.moveTo(pose[0] / 1000, pose[1] / 1000, pose[2])).isTrue();
            without.toRide();
            assertThat(without.moveTo(pose[0] / 1000, pose[1] / 1000, pose[2])).isTrue();
            for (int component = 0; component < 3; component++) {
                for (int side : new int[] {1, -1}) {
                    double centre = model.motion().wheelCentre(side, component);
                    assertThat(1000 * centre)
                            .isCloseTo(
                                    expected.get(side > 0 ? 0 : 1).centre().toArray()[component], within(TEST_RIGID));
                    assertThat(centre).isCloseTo(without.motion().wheelCentre(side, component), within(1e-10));
                }
                for (String mount : List.of("pushrod inner right", "sway bar arm left", "coilover lower left")) {
                    assertThat(1000 * model.motion().mount(model.axle().mountIndex(mount), component))
                            .as(mount)
                            .isCloseTo(reference.mount(mount).toArray()[component], within(10 * TEST_RIGID));
                }
            }
        }
    }
}
