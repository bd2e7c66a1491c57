package org.palanca.vehicle.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.Starts;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.CollisionBody;
import org.palanca.study.limits.LeafChange;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.Scheme;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.WheelWell;
import org.palanca.vehicle.check.Finding;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.HousingSize;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.SteeringChange;
import org.palanca.vehicle.layout.TypeChange;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockCatalogue;
import org.palanca.vehicle.survey.Box;

/** Arranging leaf springs, keeping holes, holding an axle another way: what is shared stays, what is undone is whole. */
class ArrangementsTest {
    private final Vehicle wain = Examples.vehicle("wain.palanca.json");
    private final Vehicle plover = Examples.vehicle("plover.palanca.json");

    private static Vector3D at(Vehicle vehicle, String mount) {
        return vehicle.axle(AxlePlace.REAR).orElseThrow().position(mount, vehicle.wheelbase());
    }

    @Test
    void springsGoToTheOtherSideAndBack() {
        assertThat(LeafMoves.over(wain, AxlePlace.REAR)).isFalse();
        Vehicle over = LeafMoves.otherSide(wain, AxlePlace.REAR);
        assertThat(LeafMoves.over(over, AxlePlace.REAR)).isTrue();
        Vehicle back = LeafMoves.otherSide(over, AxlePlace.REAR);
        for (String mount : new String[] {"spring seat left", "shackle pivot right"}) {
            assertThat(Vector3D.distance(at(back, mount), at(wain, mount))).isLessThan(1e-8);
        }
    }

    /** Under the axle a block lets everything the springs hang on down; over it the same block lifts. */
    @Test
    void aBlockLowersUnderAndLiftsOver() {
        Vehicle lower = LeafMoves.block(wain, AxlePlace.REAR, inches(2));
        assertThat(at(lower, "spring fixed eye left").getZ()
                        - at(wain, "spring fixed eye left").getZ())
                .isCloseTo(-inches(2), within(1e-8));
        Vehicle over = LeafMoves.otherSide(wain, AxlePlace.REAR);
        Vehicle lifted = LeafMoves.block(over, AxlePlace.REAR, inches(2));
        assertThat(at(lifted, "spring seat right").getZ()
                        - at(over, "spring seat right").getZ())
                .isCloseTo(inches(2), within(1e-8));
        // Deeper seats wind the axle through a longer arm: the roll centre comes down with the springs.
        double before = rollCentre(wain);
        assertThat(rollCentre(lower)).isLessThan(before - inches(1));
    }

    /**
     * By hand: a block of 2 in under the axle lets the frame over it down 2 in, and what stands halfway to the other axle 1 in;
     * what is on the axle stays, and the room between the two is 2 in less.
     */
    @Test
    void aBlockLowersAllThatIsOnTheFrame() {
        AxlePlace rear = AxlePlace.REAR;
        double back = wain.wheelbase();
        Box tank = new Box(-back - 0.1, -back + 0.1, -0.2, 0.2, 0.7, 0.9);
        WheelWell well = new WheelWell(-0.5, 0.5, 1.1, 0.5, 1.2, 0.02);
        Surroundings around = wain.build()
                .surroundings(rear)
                .withObstacles(List.of(new Obstacle("tank", tank)))
                .withWell(well)
                .withDriveline(new Driveline(new Vector3D(-back / 2, 0, 0.5), 0, 0.3, 0, 0, 0.1));
        Vehicle built = wain.withBuild(wain.build().with(rear, around));
        Vehicle lower = LeafMoves.block(built, rear, inches(2));
        Surroundings now = lower.build().surroundings(rear);
        assertThat(now.obstacles().get(0).room().middle().getZ()).isCloseTo(0.8 - inches(2), within(1e-8));
        assertThat(now.well().orElseThrow().top()).isCloseTo(1.1 - inches(2), within(1e-8));
        assertThat(now.driveline().orElseThrow().output().getZ()).isCloseTo(0.5 - inches(1), within(1e-8));
        double share = built.mass().centreBehindFront() / back;
        assertThat(lower.mass().centreHeight())
                .isCloseTo(built.mass().centreHeight() - share * inches(2), within(1e-8));
        assertThat(at(lower, "spring seat left").getZ()
                        - at(built, "spring seat left").getZ())
                .isCloseTo(-inches(2), within(1e-8));
        assertThat(LeafMoves.block(lower, rear, -inches(2))).isEqualTo(built);
    }

    /** A tank 5 in over the axle tube that a block of 2 in brings 2 in nearer: less up travel by as much, and so it is said. */
    @Test
    void upTravelBeforeAndAfterABlockIsSaid() {
        AxlePlace rear = AxlePlace.REAR;
        double back = wain.wheelbase();
        double tube = wain.axle(rear).orElseThrow().tyre().loadedRadius() + inches(1.5);
        Box tank = new Box(-back - 0.05, -back + 0.05, 0.15, 0.3, tube + inches(5), tube + inches(12));
        Vehicle built = wain.withBuild(wain.build()
                .with(rear, Surroundings.NONE.withObstacles(List.of(new Obstacle("tank", tank))))
                .with(rear, Housing.empty().with(HousingSize.TUBE_DIAMETER, OptionalDouble.of(inches(3)))));
        LeafChange change = LeafChange.of(built, LeafMoves.block(built, rear, inches(2)), rear);
        assertThat(change.before().travel() - change.now().travel()).isCloseTo(inches(2), within(inches(0.25)));
        assertThat(Examples.WORDS.text(change.said()))
                .startsWith("Up travel is now ")
                .contains("it was ");
    }

    /** What the housing says of the pinion is what the shaft says, whichever was typed last. */
    @Test
    void thePinionsOffsetHasOneHome() {
        AxlePlace rear = AxlePlace.REAR;
        Driveline shaft = new Driveline(new Vector3D(-1, 0, 0.5), 0, 0.3, inches(1), 0, 0.1);
        Build build = wain.build().with(rear, Surroundings.NONE.withDriveline(shaft));
        assertThat(build.pinionOffset(rear)).isEqualTo(inches(1));
        build = build.with(rear, build.housing(rear).with(HousingSize.PINION_OFFSET, OptionalDouble.of(inches(4))));
        assertThat(build.surroundings(rear).driveline().orElseThrow().offset()).isEqualTo(inches(4));
        build = build.with(rear, build.surroundings(rear).withDriveline(shaft.withOffset(inches(2))));
        assertThat(build.housing(rear).sizes()).containsEntry(HousingSize.PINION_OFFSET, inches(2));
        assertThat(build.pinionOffset(rear)).isEqualTo(inches(2));
    }

    /**
     * Without a shaft described, the differential stands over to where the housing has its pinion all the same: under a pan
     * that begins 0.25 m to the left. By hand, with the ball of 10 in that is assumed for it.
     */
    @Test
    void thePinionsOffsetMovesTheDifferentialWithoutAShaft() {
        AxlePlace rear = AxlePlace.REAR;
        Box pan = new Box(-wain.wheelbase() - 0.1, -wain.wheelbase() + 0.1, 0.25, 0.5, 0.7, 0.9);
        Build build = wain.build().with(rear, Surroundings.NONE.withObstacles(List.of(new Obstacle("pan", pan))));
        Vehicle middle = wain.withBuild(build);
        Vehicle over = wain.withBuild(
                build.with(rear, build.housing(rear).with(HousingSize.PINION_OFFSET, OptionalDouble.of(0.375))));
        double up = 0.7 - wain.axle(rear).orElseThrow().tyre().loadedRadius();
        double ball = inches(5);
        assertThat(room(over)).isCloseTo(up - ball, within(1e-6));
        assertThat(room(middle)).isCloseTo(Math.hypot(0.25, up) - ball, within(1e-6));
    }

    private static double room(Vehicle vehicle) {
        Clearances clearances = new Clearances(new AxleModel(vehicle, AxlePlace.REAR));
        clearances.moveTo(WheelTravel.RIDE);
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < clearances.pairs().size(); i++) {
            Clearances.Pair pair = clearances.pairs().get(i);
            CollisionBody one = clearances.things().get(pair.one());
            CollisionBody other = clearances.things().get(pair.other());
            String names = Examples.WORDS.text(one.name()) + Examples.WORDS.text(other.name());
            if (names.contains("pan") && names.contains("differential")) {
                least = Math.min(least, clearances.gap(i));
            }
        }
        return least;
    }

    private static double rollCentre(Vehicle vehicle) {
        AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
        return model.outcome(model.result("roll_centre_height")).number();
    }

    @Test
    void turnedEndForEndTheSpringSteersTheOtherWay() {
        Vehicle turned = LeafMoves.swapEnds(wain, AxlePlace.REAR);
        assertThat(at(turned, "spring fixed eye left").getX())
                .isLessThan(at(turned, "spring seat left").getX());
        AxleModel one = new AxleModel(wain, AxlePlace.REAR);
        AxleModel other = new AxleModel(turned, AxlePlace.REAR);
        assertThat(one.moveTo(WheelTravel.both(0.06))).isTrue();
        assertThat(other.moveTo(WheelTravel.both(0.06))).isTrue();
        double shift = one.motion().centreX() - one.motion().designX();
        double shiftTurned = other.motion().centreX() - other.motion().designX();
        assertThat(shiftTurned).isCloseTo(-shift, within(1e-6));
        assertThatThrownBy(() -> LeafMoves.swapEnds(plover, AxlePlace.FRONT)).hasMessageContaining("no leaf springs");
    }

    @Test
    void holesAreKeptUsedAndNamedApart() {
        MountRef ref = new MountRef(AxlePlace.FRONT, "tie rod inner right");
        Vehicle kept = HoleMoves.keep(plover, ref, "hole");
        Vehicle twice = HoleMoves.keep(kept, ref, "hole");
        Axle front = twice.axle(AxlePlace.FRONT).orElseThrow();
        assertThat(front.mount("tie rod inner left").orElseThrow().holes())
                .as("a mirrored mount's holes are its master's")
                .extracting("name")
                .containsExactly("hole", "hole 2");
        Vector3D was = front.position("tie rod inner left", plover.wheelbase());
        Vehicle moved = MountMoves.moveTo(twice, ref, new Vector3D(was.getX(), -was.getY(), was.getZ() + 0.02));
        Vehicle back = HoleMoves.use(moved, ref, "hole");
        Axle there = back.axle(AxlePlace.FRONT).orElseThrow();
        assertThat(Vector3D.distance(there.position("tie rod inner left", plover.wheelbase()), was))
                .isLessThan(1e-9);
        assertThat(there.mount("tie rod inner left").orElseThrow().holes()).hasSize(2);
        assertThat(VehicleCheck.hasErrors(VehicleCheck.findings(back))).isFalse();
        assertThatThrownBy(() -> HoleMoves.use(plover, ref, "none")).hasMessageContaining("no hole none");
    }

    @Test
    void anotherTypeKeepsWheelsTravelAndSharedMounts() {
        Axle front = plover.axle(AxlePlace.FRONT).orElseThrow();
        for (SuspensionType type : SuspensionType.values()) {
            StarterSteering steering = type.independent() && StarterSteering.RACK.suits(type)
                    ? StarterSteering.RACK
                    : StarterSteering.NONE;
            Axle other = TypeChange.to(plover, AxlePlace.FRONT, new StarterLayout(type, steering));
            assertThat(other.wheels()).isEqualTo(front.wheels());
            assertThat(other.travel()).isEqualTo(front.travel());
            assertThat(other.type()).isEqualTo(type);
            Vehicle changed = plover.withAxle(other);
            assertThat(VehicleCheck.hasErrors(VehicleCheck.findings(changed)))
                    .as(type.name())
                    .isFalse();
            assertThat(new AxleModel(changed, AxlePlace.FRONT).closed())
                    .as(type.name())
                    .isTrue();
        }
        Axle strut =
                TypeChange.to(plover, AxlePlace.FRONT, new StarterLayout(SuspensionType.STRUT, StarterSteering.RACK));
        assertThat(TypeChange.shared(front, strut)).isGreaterThanOrEqualTo(6);
        assertThat(strut.mount("tie rod inner left")).isEqualTo(front.mount("tie rod inner left"));
    }

    /** Every axle of every example held in every way: it closes, and what carries and stops it came along with its mounts. */
    @Test
    void everyPairOfTypesCarriesShocksStopsStrapsAndBarsOver() {
        for (String file : Examples.FILES) {
            Vehicle vehicle = Examples.vehicle(file);
            for (Axle axle : vehicle.axles()) {
                for (SuspensionType type : SuspensionType.values()) {
                    for (StarterSteering steering : StarterSteering.values()) {
                        if (steering.suits(type)) {
                            carriedOver(vehicle, axle, new StarterLayout(type, steering), file);
                        }
                    }
                }
            }
        }
    }

    private static void carriedOver(Vehicle vehicle, Axle axle, StarterLayout layout, String file) {
        String what = file + " " + axle.place() + " " + axle.type() + " to " + layout;
        Axle other = TypeChange.to(vehicle, axle.place(), layout);
        assertThat(other.springing()).as(what).isEqualTo(axle.springing());
        Vehicle changed = vehicle.holding(other);
        assertThat(VehicleCheck.findings(changed))
                .as(what)
                .filteredOn(finding -> finding.severity() == Finding.Severity.ERROR)
                .isEmpty();
        AxleModel model = new AxleModel(changed, axle.place());
        assertThat(model.closed()).as(what).isTrue();
        for (String mount : axle.springing().mounts()) {
            assertThat(other.position(mount, vehicle.wheelbase()))
                    .as(what + ": " + mount)
                    .isEqualTo(axle.position(mount, vehicle.wheelbase()));
        }
        // Carried by what moves: a shock works between frame and wheel, never between two mounts of one body.
        for (Shock shock : axle.springing().shocks()) {
            assertThat(other.mount(shock.upper()).orElseThrow().body())
                    .as(what)
                    .isNotEqualTo(other.mount(shock.lower()).orElseThrow().body());
        }
    }

    @Test
    void steeringIsAddedChangedAndRemovedOnEveryType() {
        for (SuspensionType type : SuspensionType.values()) {
            for (StarterSteering first : StarterSteering.values()) {
                for (StarterSteering then : StarterSteering.values()) {
                    if (first.suits(type) && then.suits(type)) {
                        steered(type, first, then);
                    }
                }
            }
        }
    }

    private static void steered(SuspensionType type, StarterSteering first, StarterSteering then) {
        String what = type + " from " + first + " to " + then;
        Vehicle vehicle = Starts.front(Use.TRAIL, inches(108), inches(33), type, first);
        Vehicle sprung = SpringingMoves.addSwayBar(
                SpringingMoves.addStraps(
                        SpringingMoves.addShocks(
                                vehicle,
                                AxlePlace.FRONT,
                                ShockCatalogue.generic().get(2),
                                ShockLayout.PUSHROD),
                        AxlePlace.FRONT),
                AxlePlace.FRONT);
        Axle after = SteeringChange.to(sprung, AxlePlace.FRONT, then);
        Vehicle changed = sprung.holding(after);
        assertThat(VehicleCheck.findings(changed))
                .as(what)
                .filteredOn(finding -> finding.severity() == Finding.Severity.ERROR)
                .isEmpty();
        AxleModel model = new AxleModel(changed, AxlePlace.FRONT);
        assertThat(model.closed()).as(what).isTrue();
        assertThat(after.steering().isPresent()).as(what).isEqualTo(then != StarterSteering.NONE);
        assertThat(changed.build()).as("nothing described stays nothing").isEqualTo(sprung.build());
        assertThat(model.moveTo(new WheelTravel(0.02, 0.02, after.steering().isPresent() ? 0.5 : 0)))
                .as(what)
                .isTrue();
        assertThat(after.springing())
                .isEqualTo(sprung.axle(AxlePlace.FRONT).orElseThrow().springing());
        // There and back: as if it had been so from the start.
        Axle back = SteeringChange.to(changed, AxlePlace.FRONT, first);
        assertThat(back.mounts())
                .as(what)
                .containsExactlyInAnyOrderElementsOf(
                        sprung.axle(AxlePlace.FRONT).orElseThrow().mounts());
        assertThat(back.links())
                .containsExactlyInAnyOrderElementsOf(
                        sprung.axle(AxlePlace.FRONT).orElseThrow().links());
    }

    @Test
    void aSchemePutsItsAxlesInAndLeavesTheRest() {
        Scheme struts = plover.schemes().get(0);
        Vehicle there = plover.in(struts);
        assertThat(there.axle(AxlePlace.FRONT).orElseThrow().type()).isEqualTo(SuspensionType.STRUT);
        assertThat(there.axle(AxlePlace.REAR)).isEqualTo(plover.axle(AxlePlace.REAR));
    }
}
