package org.palanca.study.load;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.palanca.Examples;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.LoadFactors;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.MountMoves;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.StarterVehicle;
import org.palanca.vehicle.springing.Springing;

/** Forces in links against moments taken by hand, and against the balance of forces and moments on the whole axle. */
class LinkLoadTest {
    private static Vehicle start(SuspensionType rear) {
        return new StarterVehicle(
                        "start",
                        Use.STREET,
                        2.7,
                        0.66,
                        Optional.of(new StarterLayout(SuspensionType.DOUBLE_WISHBONE, StarterSteering.RACK)),
                        StarterLayout.of(rear))
                .build();
    }

    /** Four links that lie level along the vehicle, 0.2 and 0.5 m above the ground. */
    private static Vehicle level() {
        return level(level(start(SuspensionType.PARALLEL_PANHARD), "lower", 0.2), "upper", 0.5);
    }

    private static Vehicle level(Vehicle vehicle, String pair, double up) {
        double line = vehicle.axle(AxlePlace.REAR).orElseThrow().lineX(vehicle.wheelbase());
        Vehicle frame = MountMoves.moveTo(
                vehicle, new MountRef(AxlePlace.REAR, pair + " frame left"), new Vector3D(line + 0.8, 0.4, up));
        return MountMoves.moveTo(frame, new MountRef(AxlePlace.REAR, pair + " axle left"), new Vector3D(line, 0.4, up));
    }

    private static int index(Axle axle, String link) {
        return axle.links().indexOf(axle.link(link).orElseThrow());
    }

    /**
     * By hand: a force F to the rear at the ground on each side. Moments about the upper's pin: F 0.5 = L 0.3, so the lower is
     * pulled with 5/3 F, for it runs ahead of the axle; the upper is pushed with the other 2/3 F.
     */
    @Test
    void brakingPullsTheLowersAndPushesTheUppers() {
        Vehicle vehicle = level();
        Axle rear = vehicle.axle(AxlePlace.REAR).orElseThrow();
        Vector3D force = new Vector3D(-900, 0, 3000);
        double[] forces = LinkLoad.forces(vehicle, rear, 0, 0, force, force).orElseThrow();
        for (String side : List.of("left", "right")) {
            assertThat(forces[index(rear, "lower " + side)]).isCloseTo(-1500, within(1e-5));
            assertThat(forces[index(rear, "upper " + side)]).isCloseTo(600, within(1e-5));
        }
        assertThat(forces[index(rear, "panhard")]).isCloseTo(0, within(1e-5));
    }

    /** By hand: a side force on both tyres is the panhard's alone, by its slope in front view. */
    @Test
    void thePanhardHoldsTheAxleSideways() {
        Vehicle vehicle = level();
        Axle rear = vehicle.axle(AxlePlace.REAR).orElseThrow();
        Link panhard = rear.links(LinkRole.PANHARD).get(0);
        Vector3D along = rear.position(panhard.to(), vehicle.wheelbase())
                .subtract(rear.position(panhard.from(), vehicle.wheelbase()))
                .normalize();
        Vector3D force = new Vector3D(0, 1000, 2000);
        double[] forces = LinkLoad.forces(vehicle, rear, 0, 0, force, force).orElseThrow();
        assertThat(Math.abs(forces[index(rear, "panhard")] * along.getY())).isCloseTo(2000, within(1e-5));
    }

    /**
     * Whatever holds an unsteered live axle by links alone: along, across, about the upright and about the axle's line links and
     * loads cancel. Wheels are held up at their middles, which has no part in these four.
     */
    @ParameterizedTest
    @EnumSource(
            value = SuspensionType.class,
            names = {
                "TRIANGULATED_UPPERS",
                "TRIANGULATED_LOWERS",
                "TRIANGULATED_BOTH",
                "PARALLEL_PANHARD",
                "FIVE_LINK",
                "THREE_LINK_PANHARD"
            })
    void linksAndLoadsCancel(SuspensionType type) {
        Vehicle vehicle = start(type);
        Axle rear = vehicle.axle(AxlePlace.REAR).orElseThrow();
        Vector3D left = new Vector3D(-1500, 400, 3500);
        Vector3D right = new Vector3D(-600, 900, 2500);
        double[] forces = LinkLoad.forces(vehicle, rear, 0, 0, left, right).orElseThrow();
        double radius = rear.tyre().loadedRadius();
        double half = rear.track() / 2;
        Vector3D middle = new Vector3D(rear.lineX(vehicle.wheelbase()), 0, radius);
        Vector3D sum = left.add(right);
        Vector3D moment = Vector3D.crossProduct(new Vector3D(0, half, -radius), left)
                .add(Vector3D.crossProduct(new Vector3D(0, -half, -radius), right));
        for (int i = 0; i < forces.length; i++) {
            Link link = rear.links().get(i);
            boolean fromFrame = rear.mount(link.from()).orElseThrow().onFrame();
            Vector3D onAxle = rear.position(fromFrame ? link.to() : link.from(), vehicle.wheelbase());
            Vector3D onFrame = rear.position(fromFrame ? link.from() : link.to(), vehicle.wheelbase());
            // Pushed together it pushes the axle away from the frame.
            Vector3D force = onAxle.subtract(onFrame).normalize().scalarMultiply(forces[i]);
            sum = sum.add(force);
            moment = moment.add(Vector3D.crossProduct(onAxle.subtract(middle), force));
        }
        assertThat(sum.getX()).isCloseTo(0, within(1e-4));
        assertThat(sum.getY()).isCloseTo(0, within(1e-4));
        assertThat(moment.getY()).isCloseTo(0, within(1e-4));
        assertThat(moment.getZ()).isCloseTo(0, within(1e-4));
    }

    /** Every link of every type has its worst push and pull, and they grow with what is asked. */
    @ParameterizedTest
    @EnumSource(SuspensionType.class)
    void everyTypeCarriesItsLoads(SuspensionType type) {
        Vehicle vehicle = start(type);
        List<LinkLoad> loads =
                LinkLoad.of(vehicle, AxlePlace.REAR, LoadFactors.COMMON).orElseThrow();
        LoadFactors hard = new LoadFactors(2, 2, 2, 6, 4, 2);
        List<LinkLoad> more = LinkLoad.of(vehicle, AxlePlace.REAR, hard).orElseThrow();
        for (int i = 0; i < more.size(); i++) {
            assertThat(loads.get(i).most()).isNotNegative().isFinite();
            assertThat(more.get(i).most())
                    .isGreaterThanOrEqualTo(0.9 * loads.get(i).most());
        }
    }

    @Test
    void everyExampleCarriesItsLoads() {
        for (String file : List.of("tarn-4", "gorse", "sedge", "marram", "plover", "wain")) {
            Vehicle vehicle = Examples.vehicle(file + ".palanca.json");
            for (Axle axle : vehicle.axles()) {
                assertThat(LinkLoad.of(vehicle, axle.place(), LoadFactors.COMMON)
                                .isPresent())
                        .as(file + " " + axle.place())
                        .isTrue();
            }
        }
    }

    /** A load upward alone is the springs': without them at their mounts the links would bear something else. */
    @Test
    void springsCarryWhereTheyStand() {
        Vehicle tarn = Examples.vehicle("tarn-4.palanca.json");
        Axle rear = tarn.axle(AxlePlace.REAR).orElseThrow();
        Vector3D up = new Vector3D(0, 0, 6000);
        double[] sprung = LinkLoad.forces(tarn, rear, 0, 0, up, up).orElseThrow();
        Vehicle bare = tarn.withAxle(rear.withSpringing(Springing.NONE));
        double[] held = LinkLoad.forces(bare, bare.axle(AxlePlace.REAR).orElseThrow(), 0, 0, up, up)
                .orElseThrow();
        for (double force : held) {
            assertThat(force)
                    .as("held up at the wheels’ middles it needs no link")
                    .isCloseTo(0, within(1e-5));
        }
        // By hand: the coilovers stand behind the axle's line, so that they turn it nose up, and the links hold that.
        assertThat(Math.abs(sprung[index(rear, "lower left")])).isGreaterThan(100);
        assertThat(sprung[index(rear, "lower left")]).isCloseTo(sprung[index(rear, "lower right")], within(1e-3));
    }
}
