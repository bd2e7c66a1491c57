package org.palanca.result.targets;

import static org.assertj.core.api.Assertions.assertThat;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.MountMoves;

/** The patch a mount may go to is what trying each place says, and a search gives way. */
class MovePatchTest {
    private final Vehicle plover = Examples.vehicle("plover.palanca.json");
    private final MountRef pickup = new MountRef(AxlePlace.FRONT, "tie rod inner left");

    @Test
    void thePatchLiesAboveTheLowPickupAndEveryDotKeepsTheBand() {
        MovePatch patch = MovePatch.of(plover, pickup, "toe.left", () -> true).orElseThrow();
        assertThat(patch.any()).isTrue();
        assertThat(patch.within()[MovePatch.REACH][MovePatch.REACH])
                .as("where it is now")
                .isFalse();
        for (int i = 0; i < patch.within().length; i++) {
            for (int j = 0; j < patch.within()[i].length; j++) {
                if (patch.within()[i][j]) {
                    assertThat(i).as("higher than now").isGreaterThan(MovePatch.REACH);
                    Vector3D by =
                            new Vector3D((j - MovePatch.REACH) * patch.step(), 0, (i - MovePatch.REACH) * patch.step());
                    Vehicle there =
                            MountMoves.moveTo(plover, pickup, patch.centre().add(by));
                    Scorecard card = Scorecard.of(new AxleModel(there, AxlePlace.FRONT));
                    assertThat(card.mark("toe.left").orElseThrow().distance()).isZero();
                }
            }
        }
    }

    @Test
    void itGivesWayAndSaysNothingWithoutABand() {
        assertThat(MovePatch.of(plover, pickup, "toe.left", () -> false)).isEmpty();
        assertThat(MovePatch.of(plover, pickup, "track_change", () -> true)).isEmpty();
    }
}
