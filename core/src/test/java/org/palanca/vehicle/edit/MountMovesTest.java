package org.palanca.vehicle.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Draw;
import org.palanca.Drawn;
import org.palanca.Examples;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;

class MountMovesTest {
    private static final MountRef LEFT = new MountRef(AxlePlace.REAR, "upper frame left");
    private static final MountRef RIGHT = new MountRef(AxlePlace.REAR, "upper frame right");

    private static Vector3D at(Vehicle vehicle, MountRef ref) {
        Axle axle = vehicle.axle(ref.axle()).orElseThrow();
        return axle.position(ref.mount(), vehicle.wheelbase());
    }

    @Test
    void bothSidesFollowUntilUnlinkedAndAgainWhenLinked() {
        Vehicle tarn = Examples.tarn();
        Vehicle moved = MountMoves.moveTo(tarn, RIGHT, new Vector3D(-2, -0.5, 0.7));
        assertThat(Vector3D.distance(at(moved, LEFT), new Vector3D(-2, 0.5, 0.7)))
                .isLessThan(1e-9);
        Vehicle apart = MountMoves.mirror(moved, RIGHT, null);
        assertThat(at(apart, RIGHT)).isEqualTo(at(moved, RIGHT));
        Vehicle leftOnly = MountMoves.moveTo(apart, LEFT, new Vector3D(-1.9, 0.45, 0.7));
        assertThat(at(leftOnly, RIGHT)).isEqualTo(at(moved, RIGHT));
        Vehicle again = MountMoves.mirror(leftOnly, RIGHT, LEFT.mount());
        assertThat(Vector3D.distance(at(again, RIGHT), new Vector3D(-1.9, -0.45, 0.7)))
                .isLessThan(1e-9);
    }

    /** Whatever is dragged to comes back from a file to the last bit. */
    @Drawn(1000)
    void aPlaceOnTheGridSurvivesAFile(Draw draw) {
        double metres = draw.between(-6.0, 6.0);
        double held = MountMoves.onGrid(metres);
        String inFile = BigDecimal.valueOf(Quantity.LENGTH.toFile(held))
                .setScale(6, RoundingMode.HALF_EVEN)
                .toPlainString();
        assertThat(Quantity.LENGTH.fromFile(Double.parseDouble(inFile))).isEqualTo(held);
        assertThat(held).isCloseTo(metres, within(1e-9));
        assertThat(MountMoves.onGrid(held)).isEqualTo(held);
    }

    @Test
    void theStepsOfOneDragBecomeOneChangeThatCanBeTakenBack() {
        Vehicle start = Examples.tarn();
        Vehicle half = MountMoves.moveTo(start, LEFT, new Vector3D(-2, 0.4, 0.65));
        Vehicle end = MountMoves.moveTo(half, LEFT, new Vector3D(-2.05, 0.4, 0.65));
        Message what = Message.of("change.moved", "upper frame left");
        VehicleChange first = new VehicleChange(start, half, what, "drag 1");
        VehicleChange second = new VehicleChange(half, end, what, "drag 1");
        VehicleChange whole = first.merge(second).orElseThrow();
        assertThat(whole.before()).isSameAs(start);
        assertThat(whole.after()).isSameAs(end);
        assertThat(first.merge(new VehicleChange(half, end, what, "drag 2"))).isEmpty();
    }
}
