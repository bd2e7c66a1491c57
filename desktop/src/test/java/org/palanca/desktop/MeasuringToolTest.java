package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.geometry.Point2D;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.KeyCode;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.base.units.Angles;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Lengths;
import org.palanca.desktop.theme.Lettering;
import org.palanca.drawing.Elevation;

/** The tape on the drawing: two points, three, and what they settle on. */
class MeasuringToolTest extends WindowTest {
    @Test
    void twoMountsAreMeasuredAsTheyAreSeenAndAThirdGivesTheAngle() {
        push(KeyCode.CONTROL, KeyCode.M);
        Vector3D before = at("upper frame left");
        clickOn(beside("upper frame left"));
        assertThat(board().tool().said()).isEmpty();
        clickOn(beside("lower frame left"));
        Vector3D between = at("lower frame left").subtract(before);
        double apart = Math.hypot(between.getX(), between.getZ());
        String said = plain(board().tool().said().orElseThrow());
        assertThat(said)
                .contains(Lengths.format(apart, LengthStyle.INCH_SIXTEENTHS) + " in")
                .contains("across " + Lengths.format(Math.abs(between.getX()), LengthStyle.INCH_SIXTEENTHS))
                .contains("up " + Lengths.format(Math.abs(between.getZ()), LengthStyle.INCH_SIXTEENTHS));
        clickOn(mount("lower axle left", Elevation.SIDE));
        Vector3D one = flat(before.subtract(at("lower frame left")));
        Vector3D other = flat(at("lower axle left").subtract(at("lower frame left")));
        assertThat(plain(board().tool().said().orElseThrow()))
                .isEqualTo(Angles.format(Vector3D.angle(one, other), 1) + "°");
        assertThat(at("upper frame left")).as("nothing is moved by measuring").isEqualTo(before);
        assertThat(window.state().selectionProperty().get()).isNull();
        push(KeyCode.ESCAPE);
        clickOn(mount("upper frame left", Elevation.SIDE));
        assertThat(window.state().selectionProperty().get().mount()).isEqualTo("upper frame left");
    }

    /** Rulers are shown on demand; what the step before showed of them does not matter. */
    @Test
    void rulersAreShownOnDemand() {
        int before = lettering();
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.M);
        settle();
        assertThat(lettering()).isGreaterThan(before + 10);
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.M);
        settle();
        assertThat(lettering()).isEqualTo(before);
    }

    private int lettering() {
        settle();
        return Lettering.on((Canvas) board().lookup("Canvas")).written().size();
    }

    /** A few pixels beside it: the point settles. */
    private Point2D beside(String mount) {
        return mount(mount, Elevation.SIDE).add(3, -3);
    }

    private static Vector3D flat(Vector3D v) {
        return new Vector3D(v.getX(), 0, v.getZ());
    }
}
