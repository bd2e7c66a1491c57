package org.palanca.vehicle.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.units.Lengths.inches;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.result.AxleModel;
import org.palanca.result.WheelTravel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Scheme;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.TypeChange;

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

    @Test
    void aSchemePutsItsAxlesInAndLeavesTheRest() {
        Scheme struts = plover.schemes().get(0);
        Vehicle there = plover.in(struts);
        assertThat(there.axle(AxlePlace.FRONT).orElseThrow().type()).isEqualTo(SuspensionType.STRUT);
        assertThat(there.axle(AxlePlace.REAR)).isEqualTo(plover.axle(AxlePlace.REAR));
    }
}
