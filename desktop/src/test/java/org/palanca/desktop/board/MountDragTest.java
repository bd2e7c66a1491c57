package org.palanca.desktop.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Lengths;
import org.palanca.desktop.Sample;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;

class MountDragTest {
    private AxleModel model;

    @BeforeEach
    void rearAxle() {
        model = new AxleModel(Sample.tarn(), AxlePlace.REAR);
    }

    private static Vector3D at(Vehicle vehicle, String mount) {
        return vehicle.axle(AxlePlace.REAR).orElseThrow().position(mount, vehicle.wheelbase());
    }

    private MountDrag grab(String mount, Elevation elevation, LengthStyle style) {
        return new MountDrag(model, new MountRef(AxlePlace.REAR, mount), elevation, new Shape.Point(0, 0), style);
    }

    @Test
    void aMountSettlesOnSixteenthsOfItsTapeMeasures() {
        Vehicle moved = grab("upper frame left", Elevation.SIDE, LengthStyle.INCH_SIXTEENTHS)
                .to(new Shape.Point(0.0131, 0.0077), false);
        Vector3D now = at(moved, "upper frame left");
        double ahead = (now.getX() + moved.wheelbase()) / Lengths.INCH * 16;
        assertThat(ahead).isCloseTo(Math.rint(ahead), within(1e-5));
        assertThat(now.getZ() / Lengths.INCH * 16).isCloseTo(Math.rint(now.getZ() / Lengths.INCH * 16), within(1e-5));
        assertThat(now.getY())
                .as("not dragged, so not touched")
                .isEqualTo(at(model.vehicle(), "upper frame left").getY());
    }

    @Test
    void shiftLetsItGoAnywhere() {
        Vehicle moved = grab("upper frame left", Elevation.SIDE, LengthStyle.INCH_SIXTEENTHS)
                .to(new Shape.Point(-0.0131, 0.0077), true);
        assertThat(at(moved, "upper frame left").getX()
                        - at(model.vehicle(), "upper frame left").getX())
                .isCloseTo(0.0131, within(1e-8));
    }

    @Test
    void millimetresSettleOnMillimetres() {
        Vehicle moved = grab("lower axle left", Elevation.REAR, LengthStyle.MILLIMETRES)
                .to(new Shape.Point(0.0104, -0.0203), false);
        Vector3D now = at(moved, "lower axle left");
        assertThat(now.getY() * 1000).isCloseTo(Math.rint(now.getY() * 1000), within(1e-5));
        assertThat(MountDrag.grid(LengthStyle.INCH_THIRTY_SECONDS)).isCloseTo(Lengths.INCH / 32, within(1e-15));
    }

    /** At a twisted pose an axle's mount is dragged where it is drawn: redrawn at that pose it is under the pointer. */
    @Test
    void anAxleMountGoesWhereItIsDrawnAtAnyPose() {
        assertThat(model.moveTo(0.1, -0.12)).isTrue();
        Vector3D drawn = AxleDrawing.mount(model, "upper axle left");
        Vehicle moved = grab("upper axle left", Elevation.REAR, LengthStyle.INCH_SIXTEENTHS)
                .to(new Shape.Point(0.015, 0.02), true);
        Vector3D wanted =
                Elevation.REAR.place(Elevation.REAR.across(drawn) + 0.015, Elevation.REAR.up(drawn) + 0.02, drawn);
        Vector3D atRide = at(moved, "upper axle left");
        Vector3D redrawn = model.pose(0).apply(atRide);
        assertThat(Vector3D.distance(redrawn, wanted)).isLessThan(1e-7);
    }

    @Test
    void draggingTheMirrorImageMovesTheMeasuredSide() {
        Vehicle moved = grab("upper frame right", Elevation.TOP, LengthStyle.INCH_SIXTEENTHS)
                .to(new Shape.Point(0, 0.0254), false);
        assertThat(at(moved, "upper frame right").getY()
                        - at(model.vehicle(), "upper frame right").getY())
                .isCloseTo(-0.0254, within(1e-8));
        assertThat(at(moved, "upper frame left").getY())
                .isCloseTo(-at(moved, "upper frame right").getY(), within(1e-12));
    }
}
