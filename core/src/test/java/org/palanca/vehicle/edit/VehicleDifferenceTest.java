package org.palanca.vehicle.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.units.Lengths;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Survey;

class VehicleDifferenceTest {
    private final Vehicle tarn = Examples.tarn();

    @Test
    void whatWasMovedIsToldFirstAndHowFar() {
        MountRef ref = new MountRef(AxlePlace.REAR, "lower frame left");
        Vector3D at = tarn.axle(AxlePlace.REAR).orElseThrow().position(ref.mount(), tarn.wheelbase());
        Vehicle moved = MountMoves.moveTo(tarn, ref, at.add(new Vector3D(Lengths.inches(2), 0, 0)));
        Vehicle other = moved.withName("other").withBuild(moved.build().withSurvey(Survey.NONE));
        assertThat(said(other))
                .containsExactly(
                        "lower frame left is moved by 2 in",
                        "lower frame right is moved by 2 in",
                        "name, use, sizes or notes are changed",
                        "readings or marks are changed");
    }

    @Test
    void nothingIsSaidOfTheSameVehicle() {
        assertThat(VehicleDifference.of(tarn, tarn)).isEmpty();
    }

    /** Everything moved is counted, not listed. */
    @Test
    void manyMovedMountsAreCounted() {
        Vehicle longer = tarn;
        for (var mount : tarn.axle(AxlePlace.REAR).orElseThrow().mounts()) {
            MountRef ref = new MountRef(AxlePlace.REAR, mount.name());
            Vector3D at = longer.axle(AxlePlace.REAR).orElseThrow().position(mount.name(), longer.wheelbase());
            if (!mount.mirrored()) {
                longer = MountMoves.moveTo(longer, ref, at.add(new Vector3D(0, 0, Lengths.inches(1))));
            }
        }
        List<String> said = said(longer);
        assertThat(said).hasSize(4);
        assertThat(said.get(3)).endsWith("more mounts are moved");
    }

    /** What is changed beside a moved mount is told too, and what no other sentence covers. */
    @Test
    void nothingChangedIsLeftOut() {
        MountRef ref = new MountRef(AxlePlace.REAR, "lower frame left");
        Vector3D at = tarn.axle(AxlePlace.REAR).orElseThrow().position(ref.mount(), tarn.wheelbase());
        Vehicle moved = MountMoves.moveTo(tarn, ref, at.add(new Vector3D(Lengths.inches(2), 0, 0)));
        Axle rear = moved.axle(AxlePlace.REAR).orElseThrow();
        Vehicle turned = moved.withAxle(rear.withAngles(rear.pinion() + 0.01, rear.caster()))
                .withRevision(tarn.revision() + 1);
        assertThat(said(turned))
                .endsWith(
                        "what is on an axle is changed",
                        "hardware, rails, targets, clearances, placing limits or the revision are changed")
                .hasSize(4);
    }

    private List<String> said(Vehicle other) {
        return VehicleDifference.of(tarn, other).stream()
                .map(Examples.WORDS::text)
                .map(text -> text.replace('\u00a0', ' '))
                .toList();
    }
}
