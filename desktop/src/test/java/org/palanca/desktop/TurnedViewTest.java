package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.base.units.Lengths;
import org.palanca.desktop.board.Grip;
import org.palanca.desktop.step.cycle.CycleBoard;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;

/** The vehicle from any side: asked for by a key, turned, and worked on as in the other views. */
class TurnedViewTest extends WindowTest {
    private static final MountRef MOUNT = new MountRef(AxlePlace.REAR, "lower frame left");

    /** It stands in the place of each view in turn, then goes; alone it fills the board. */
    @Test
    void oneKeyPutsItInThePlaceOfEachView() {
        for (var area : board().layoutNow().stream()
                .flatMap(layout -> Stream.of(layout.rear(), layout.top(), layout.side()))
                .toList()) {
            push(KeyCode.CONTROL, KeyCode.R);
            settle();
            assertThat(view().isVisible()).isTrue();
            assertThat(view().getBoundsInParent().getCenterX())
                    .isCloseTo((area.getMinX() + area.getMaxX()) / 2, within(2.0));
            assertThat(view().getBoundsInParent().getCenterY())
                    .isCloseTo((area.getMinY() + area.getMaxY()) / 2, within(2.0));
        }
        push(KeyCode.CONTROL, KeyCode.R);
        settle();
        assertThat(view().isVisible()).isFalse();
        push(KeyCode.CONTROL, KeyCode.R);
        push(KeyCode.CONTROL, KeyCode.L);
        settle();
        assertThat(view().getBoundsInParent().getWidth()).isGreaterThan(0.95 * board().getWidth());
        push(KeyCode.ESCAPE);
        settle();
        assertThat(view().getBoundsInParent().getWidth()).isLessThan(0.6 * board().getWidth());
    }

    /** A drag beside everything turns it, and so do the arrows; a mount in it is dragged under the pointer and moved by arrows. */
    @Test
    void itIsTurnedAndWorkedOn() {
        push(KeyCode.CONTROL, KeyCode.R);
        push(KeyCode.CONTROL, KeyCode.L);
        settle();
        Point2D before = pixel();
        Point2D corner = board().localToScreen(30, board().getHeight() - 30);
        drag(corner, MouseButton.PRIMARY).moveBy(60, 0).drop();
        settle();
        assertThat(pixel().distance(before)).as("turned by the drag").isGreaterThan(8);
        Point2D dragged = pixel();
        push(KeyCode.LEFT);
        settle();
        assertThat(pixel().distance(dragged)).as("turned by a key").isGreaterThan(1);
        Vector3D from = at(MOUNT.mount());
        Point2D start = pixel();
        drag(start, MouseButton.PRIMARY).moveBy(0, -20).moveBy(0, -20).drop();
        settle();
        assertThat(window.state().selectionProperty().get()).isEqualTo(MOUNT);
        assertThat(Vector3D.distance(at(MOUNT.mount()), from)).isGreaterThan(Lengths.inches(1));
        assertThat(pixel().distance(start.add(0, -40))).as("under the pointer").isLessThan(12);
        double held = at(MOUNT.mount()).getZ();
        push(KeyCode.UP);
        settle();
        assertThat(at(MOUNT.mount()).getZ() - held)
                .as("a sixteenth up")
                .isCloseTo(Lengths.inches(1.0 / 16), within(1e-9));
        push(KeyCode.CONTROL, KeyCode.Z);
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(at(MOUNT.mount())).isEqualTo(from);
        push(KeyCode.ESCAPE);
    }

    /** On a board with parts one is picked there too, and its fields come up beside it. */
    @Test
    void aPartIsPickedInIt() {
        step("cycle");
        CycleBoard cycle = lookup("#cycle-board").query();
        onFx(cycle::requestFocus);
        push(KeyCode.CONTROL, KeyCode.R);
        settle();
        onFx(() -> cycle.take(Optional.of(Grip.part("tank"))));
        Point2D tank = cycle.localToScreen(cycle.turnedPixel(Grip.part("tank")).orElseThrow());
        onFx(() -> cycle.take(Optional.empty()));
        clickOn(tank);
        assertThat(cycle.inHand()).isPresent();
        assertThat(lookup(".inspector .measure-field").queryAll()).isNotEmpty();
    }

    private Point2D pixel() {
        return board().localToScreen(board().turnedPixel(MOUNT).orElseThrow());
    }

    private Node view() {
        return board().lookup("#turned-view");
    }
}
