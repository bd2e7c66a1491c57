package org.palanca.desktop.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.geometry.Rectangle2D;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.palanca.desktop.Sample;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Vehicle;

/** Where things lie on the board and the pad; arithmetic only, no window. */
class LayoutTest {
    private final Vehicle tarn = Sample.tarn();

    @ParameterizedTest
    @CsvSource({"848, 655, 1, REAR", "848, 655, 1, FRONT", "622, 520, 1.5, REAR", "1500, 900, 1.25, FRONT"})
    void everyMountAndBothTyresAreInSightAndThePadDoesNotOverlap(
            double width, double height, double size, AxlePlace place) {
        Axle axle = tarn.axle(place).orElseThrow();
        BoardLayout layout = BoardLayout.of(width, height, size, tarn, axle, BoardLayout.Zoom.FIT);
        for (Elevation elevation : Elevation.values()) {
            Rectangle2D area = layout.area(elevation);
            assertThat(area.getMaxX()).isLessThanOrEqualTo(width);
            assertThat(area.getMaxY()).isLessThanOrEqualTo(height);
            assertThat(area.intersects(layout.pad())).isFalse();
            for (Mount mount : axle.mounts()) {
                Vector3D at = axle.position(mount.name(), tarn.wheelbase());
                double x = layout.x(elevation, elevation.across(at));
                double y = layout.y(elevation, elevation.up(at));
                assertThat(area.contains(x, y))
                        .as(mount.name() + " in " + elevation)
                        .isTrue();
            }
        }
        double leftTyre = axle.track() / 2 + axle.tyre().width() / 2;
        assertThat(layout.rear().contains(layout.x(Elevation.REAR, -leftTyre), layout.y(Elevation.REAR, 0.3)))
                .isTrue();
    }

    @Test
    void pixelsAndMetresGoBothWaysAlsoWhenZoomed() {
        Axle axle = tarn.axle(AxlePlace.REAR).orElseThrow();
        BoardLayout.Zoom zoom = new BoardLayout.Zoom(2.5, 0.2, -0.1, 0.05);
        BoardLayout layout = BoardLayout.of(848, 655, 1, tarn, axle, zoom);
        for (Elevation elevation : Elevation.values()) {
            Shape.Point point = layout.point(elevation, 300, 400);
            assertThat(layout.x(elevation, point)).isCloseTo(300, within(1e-9));
            assertThat(layout.y(elevation, point)).isCloseTo(400, within(1e-9));
        }
    }

    @Test
    void oneHairlineRunsThroughAllThreeElevations() {
        Axle axle = tarn.axle(AxlePlace.REAR).orElseThrow();
        BoardLayout layout = BoardLayout.of(848, 655, 1, tarn, axle, new BoardLayout.Zoom(1.7, 0, 0, 0));
        Vector3D at = new Vector3D(-2, 0.3, 0.6);
        assertThat(layout.x(Elevation.SIDE, Elevation.SIDE.across(at)))
                .isEqualTo(layout.x(Elevation.TOP, Elevation.TOP.across(at)));
        assertThat(layout.y(Elevation.SIDE, Elevation.SIDE.up(at)))
                .isEqualTo(layout.y(Elevation.REAR, Elevation.REAR.up(at)));
    }

    @Test
    void thePadGivesThePoseUnderThePointerAndSettlesNearRideAndEvenPoses() {
        PadLayout pad = PadLayout.of(
                new Rectangle2D(500, 300, 360, 380), new Travel(0.14, 0.16), new Travel(0.14, 0.16), false, 1);
        WheelTravel pose = new WheelTravel(0.05, -0.09);
        WheelTravel back = pad.pose(pad.x(pose.left()), pad.y(pose.right()), false);
        assertThat(back.left()).isCloseTo(0.05, within(1e-9));
        assertThat(back.right()).isCloseTo(-0.09, within(1e-9));
        assertThat(pad.pose(pad.x(0) + 2, pad.y(0) - 2, false)).isEqualTo(WheelTravel.RIDE);
        WheelTravel even = pad.pose(pad.x(0.08) + 2, pad.y(0.08), false);
        assertThat(even.left()).isEqualTo(even.right());
        WheelTravel twist = pad.pose(pad.x(0.08) + 2, pad.y(-0.08), false);
        assertThat(twist.left()).isEqualTo(-twist.right());
        WheelTravel outside = pad.pose(-1000, 5000, false);
        assertThat(outside.left()).isEqualTo(-0.16);
        assertThat(outside.right()).isEqualTo(-0.16);
        WheelTravel held = pad.pose(pad.x(0.1), pad.y(0.02), true);
        assertThat(held.left()).isEqualTo(held.right()).isCloseTo(0.06, within(1e-9));
    }

    /** A pose past the plan's travel lies on the pad all the same, and the plan's part of it is smaller. */
    @Test
    void thePadReachesToThePose() {
        Travel plan = new Travel(0.14, 0.16);
        WheelTravel worst = new WheelTravel(0.22, -0.17);
        Travel span = PadLayout.reaching(plan, worst);
        assertThat(span).isEqualTo(new Travel(0.22, 0.17));
        assertThat(PadLayout.reaching(plan, WheelTravel.RIDE)).isEqualTo(plan);
        PadLayout pad = PadLayout.of(new Rectangle2D(500, 300, 360, 380), plan, span, false, 1);
        assertThat(pad.x(worst.left())).isCloseTo(pad.square().getMaxX(), within(1e-9));
        assertThat(pad.y(worst.right())).isCloseTo(pad.square().getMaxY(), within(1e-9));
        assertThat(pad.planned().getMaxX()).isCloseTo(pad.x(0.14), within(1e-9));
        assertThat(pad.planned().getMaxY()).isCloseTo(pad.y(-0.16), within(1e-9));
        assertThat(pad.planned().getWidth()).isLessThan(pad.square().getWidth());
    }

    /** What is under the pointer stays there, closer or farther, in every elevation; a drag pulls it along by its pixels. */
    @ParameterizedTest
    @EnumSource(Elevation.class)
    void zoomingKeepsWhatIsUnderThePointer(Elevation elevation) {
        Axle axle = tarn.axle(AxlePlace.REAR).orElseThrow();
        BoardLayout.Zoom zoom = new BoardLayout.Zoom(1.4, 0.1, -0.05, 0.02);
        for (double factor : new double[] {1.12, 1 / 1.12, 40, 0.01}) {
            BoardLayout before = BoardLayout.of(848, 655, 1, tarn, axle, zoom);
            Rectangle2D area = before.area(elevation);
            double px = area.getMinX() + 0.3 * area.getWidth();
            double py = area.getMinY() + 0.8 * area.getHeight();
            BoardLayout after = BoardLayout.of(848, 655, 1, tarn, axle, zoom.scaled(factor, before, px, py));
            Shape.Point was = before.point(elevation, px, py);
            Shape.Point is = after.point(elevation, px, py);
            assertThat(is.across()).isCloseTo(was.across(), within(1e-12));
            assertThat(is.up()).isCloseTo(was.up(), within(1e-12));
            BoardLayout panned =
                    BoardLayout.of(848, 655, 1, tarn, axle, zoom.panned(elevation, 30, -20, before.scale()));
            assertThat(panned.x(elevation, was)).isCloseTo(px + 30, within(1e-9));
            assertThat(panned.y(elevation, was)).isCloseTo(py - 20, within(1e-9));
        }
    }
}
