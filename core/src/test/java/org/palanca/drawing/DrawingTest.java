package org.palanca.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Draw;
import org.palanca.Drawn;
import org.palanca.Examples;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.driveline.ShaftRun;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.Vehicle;

class DrawingTest {
    @Drawn(300)
    void aPointSeenIsThePointMeant(Draw draw) {
        Elevation elevation = draw.oneOf(Elevation.values());
        Vector3D place = new Vector3D(draw.between(-5.0, 5.0), draw.between(-2.0, 2.0), draw.between(0.0, 2.0));
        assertThat(elevation.place(elevation.across(place), elevation.up(place), place))
                .isEqualTo(place);
    }

    /** Side and top share their run along the vehicle, side and rear their heights, top and rear their widths. */
    @Test
    void theThreeElevationsLineUp() {
        Vector3D place = new Vector3D(-2, 0.4, 0.7);
        assertThat(Elevation.SIDE.across(place)).isEqualTo(Elevation.TOP.across(place));
        assertThat(Elevation.SIDE.up(place)).isEqualTo(Elevation.REAR.up(place));
        assertThat(Elevation.TOP.up(place)).isEqualTo(Elevation.REAR.across(place));
    }

    @Test
    void linksAreDrawnWhereTheMountsAreAndKeepTheirLength() {
        AxleModel model = new AxleModel(Examples.tarn(), AxlePlace.REAR);
        double ride = length(model, "lower left");
        assertThat(model.moveTo(0.1, -0.1)).isTrue();
        assertThat(length(model, "lower left")).isCloseTo(ride, within(1e-9));
        List<Shape> side = AxleDrawing.axle(model, Elevation.SIDE);
        assertThat(side).filteredOn(Shape.Bar.class::isInstance).hasSize(4 + 2 + 2);
        assertThat(side)
                .filteredOn(Shape.MountMark.class::isInstance)
                .hasSameSizeAs(model.axle().mounts());
    }

    /** Length in space from two elevations. */
    private static double length(AxleModel model, String link) {
        Shape.Bar side = bar(model, Elevation.SIDE, link);
        Shape.Bar rear = bar(model, Elevation.REAR, link);
        double x = side.to().across() - side.from().across();
        double z = side.to().up() - side.from().up();
        double y = rear.to().across() - rear.from().across();
        return Math.sqrt(x * x + y * y + z * z);
    }

    private static Shape.Bar bar(AxleModel model, Elevation elevation, String link) {
        return Stream.concat(AxleDrawing.axle(model, elevation).stream(), ShaftDrawing.of(model, elevation).stream())
                .filter(Shape.Bar.class::isInstance)
                .map(Shape.Bar.class::cast)
                .filter(bar -> bar.name().equals(link))
                .findFirst()
                .orElseThrow();
    }

    /** The shaft is drawn as long as it has to be there, and only where one is described. */
    @Test
    void theShaftIsDrawnAsLongAsItRuns() {
        Vehicle tarn = Examples.tarn();
        AxleModel model = new AxleModel(tarn, AxlePlace.REAR);
        assertThat(model.moveTo(-0.1, 0.05)).isTrue();
        Driveline line = tarn.build().surroundings(AxlePlace.REAR).driveline().orElseThrow();
        assertThat(length(model, "shaft")).isCloseTo(ShaftRun.at(model, line).length(), within(1e-9));
        assertThat(length(model, "pinion")).isCloseTo(line.reach(), within(1e-9));
        assertThat(ShaftDrawing.of(new AxleModel(tarn, AxlePlace.FRONT), Elevation.SIDE))
                .isEmpty();
    }

    @Test
    void theHousingsTyresStandWhereTheWheelsAre() {
        AxleModel model = new AxleModel(Examples.tarn(), AxlePlace.REAR);
        Shape.Circle tyre =
                (Shape.Circle) AxleDrawing.axle(model, Elevation.SIDE).get(0);
        assertThat(tyre.radius()).isCloseTo(34.5 / 2 * 0.0254, within(1e-9));
        assertThat(tyre.centre().across()).isCloseTo(106 * 0.0254, within(1e-9));
        assertThat(tyre.centre().up()).isCloseTo(16.75 * 0.0254, within(1e-9));
    }
}
