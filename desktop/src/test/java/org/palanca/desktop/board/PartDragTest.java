package org.palanca.desktop.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.palanca.base.units.LengthStyle;
import org.palanca.desktop.Sample;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.PartShape;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.PartRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.DescribedPart;

/** Parts moved by hand as they are drawn, also on an axle that is twisted; and what a hand takes hold of where. */
class PartDragTest {
    private static final WheelTravel TWISTED = new WheelTravel(inches(4), inches(-5));

    private static AxleModel at(Vehicle vehicle, WheelTravel pose) {
        AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
        assertThat(model.moveTo(pose)).isTrue();
        return model;
    }

    private static DescribedPart find(Vehicle vehicle, PartRef ref) {
        return DescribedPart.find(vehicle, AxlePlace.REAR, ref).orElseThrow();
    }

    private static Vector3D drawn(AxleModel model, PartRef id) {
        List<Vector3D> corners =
                PartShape.pieces(model, find(model.vehicle(), id).part()).get(0);
        return corners.stream().reduce(Vector3D.ZERO, Vector3D::add).scalarMultiply(1.0 / corners.size());
    }

    @ParameterizedTest
    @EnumSource(Elevation.class)
    void whatIsDrawnFollowsThePointerWhateverItSitsOn(Elevation elevation) {
        Vehicle tarn = Sample.tarn();
        for (DescribedPart part : DescribedPart.all(tarn, AxlePlace.REAR)) {
            AxleModel model = at(tarn, TWISTED);
            Vector3D before = drawn(model, part.ref());
            Vehicle after = new PartDrag(model, part, elevation, LengthStyle.INCH_SIXTEENTHS)
                    .by(new Shape.Point(0.0313, -0.0177), true);
            Vector3D moved = drawn(at(after, TWISTED), part.ref()).subtract(before);
            assertThat(elevation.across(moved)).as("%s", part.ref()).isCloseTo(0.0313, within(1e-9));
            assertThat(elevation.up(moved)).as("%s", part.ref()).isCloseTo(-0.0177, within(1e-9));
            assertThat(moved.getNorm()).isCloseTo(Math.hypot(0.0313, 0.0177), within(1e-9));
        }
    }

    @ParameterizedTest
    @EnumSource(LengthStyle.class)
    void itGoesByTheStepsThatAreReadOnTheTape(LengthStyle style) {
        Vehicle tarn = Sample.tarn();
        double step = switch (style) {
            case MILLIMETRES -> 0.001;
            case INCH_THIRTY_SECONDS -> inches(1.0 / 32);
            default -> inches(1.0 / 16);
        };
        DescribedPart guard = find(tarn, PartRef.part("tank guard"));
        Vehicle after = new PartDrag(at(tarn, WheelTravel.RIDE), guard, Elevation.SIDE, style)
                .by(new Shape.Point(0.2 * step, 6.7 * step), false);
        Part.BoxForm box = (Part.BoxForm) find(after, guard.ref()).part().form();
        Part.BoxForm was = (Part.BoxForm) guard.part().form();
        assertThat(box.box().bottom() - was.box().bottom()).isCloseTo(7 * step, within(1e-12));
        assertThat(box.box().rear()).isEqualTo(was.box().rear());
    }

    /** A layout a tenth of a pixel a millimetre, so that pixels can be worked out by hand. */
    private static BoardLayout layout(AxleModel model) {
        return BoardLayout.of(1200, 800, 1, model.vehicle(), model.axle(), BoardLayout.Zoom.FIT);
    }

    private static Optional<Grip> at(AxleModel model, Vector3D place, Elevation elevation, Optional<Grip> inHand) {
        BoardLayout board = layout(model);
        return Grips.everything(model)
                .at(
                        board,
                        board.x(elevation, elevation.across(place)),
                        board.y(elevation, elevation.up(place)),
                        inHand);
    }

    @ParameterizedTest
    @EnumSource(Elevation.class)
    void aMountComesBeforeAPartAndASmallPartBeforeALargeOne(Elevation elevation) {
        AxleModel model = at(Sample.tarn(), TWISTED);
        Vector3D mount = AxleDrawing.mount(model, "upper axle left");
        assertThat(at(model, mount, elevation, Optional.empty()).orElseThrow()).isInstanceOf(Grip.OnMount.class);
        Vector3D guard = drawn(model, PartRef.part("tank guard"));
        assertThat(at(model, guard, elevation, Optional.empty())).isPresent();
        Grip tank = Grip.part("tank");
        Vector3D middle = drawn(model, PartRef.part("tank"));
        assertThat(at(model, middle, elevation, Optional.of(tank)))
                .as("what is in hand stays there, whatever else is drawn over it")
                .contains(tank);
        assertThat(at(model, new Vector3D(0, 0, 30), elevation, Optional.of(tank)))
                .as("nothing is in the air")
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Elevation.class)
    void everythingThatIsDescribedCanBeTakenHoldOf(Elevation elevation) {
        AxleModel model = at(Sample.tarn(), WheelTravel.RIDE);
        for (Grip grip : Grips.everything(model).all()) {
            Vector3D at = Grips.everything(model).middle(grip);
            boolean seen = layout(model)
                    .area(elevation)
                    .contains(
                            layout(model).x(elevation, elevation.across(at)),
                            layout(model).y(elevation, elevation.up(at)));
            if (seen) {
                assertThat(at(model, at, elevation, Optional.of(grip)))
                        .as("%s", grip)
                        .contains(grip);
            }
        }
        assertThat(Grips.everything(model).all())
                .contains(new Grip.OnMount(new MountRef(AxlePlace.REAR, "upper axle left")), Grip.part("exhaust"));
    }
}
