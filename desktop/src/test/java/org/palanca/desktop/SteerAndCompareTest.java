package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.palanca.desktop.board.PadLayout;
import org.palanca.desktop.control.BodyChooser;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.theme.Lettering;
import org.palanca.drawing.Elevation;
import org.palanca.study.steering.PickupAdvice;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Scheme;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.layout.StarterSteering;
import org.testfx.util.WaitForAsyncUtils;

/** The roadster's rack is set low: found, mended and compared in the window, as a builder would. */
class SteerAndCompareTest extends WindowTest {
    @BeforeEach
    void openTheRoadster() throws Exception {
        var roadster = folder.resolve("roadster.palanca.json");
        copyExample("plover.palanca.json", roadster);
        onFx(() -> {
            window.files().open(roadster);
            window.state().axleProperty().set(AxlePlace.FRONT);
        });
    }

    private Vehicle vehicle() {
        return window.document().vehicle();
    }

    private Axle front() {
        return vehicle().axle(AxlePlace.FRONT).orElseThrow();
    }

    private Point2D steerPoint(double part) {
        PadLayout pad = board().padNow().orElseThrow();
        Rectangle2D line = pad.steer().orElseThrow();
        return board().localToScreen(pad.steerX(part), (line.getMinY() + line.getMaxY()) / 2);
    }

    @Test
    void theLowRackIsNamedAndOnePressLevelsIt() {
        double before = PickupAdvice.largestToeChange(vehicle(), AxlePlace.FRONT);
        assertThat(Math.toDegrees(before)).isGreaterThan(2);
        step("steer");
        eventually(() -> label("#steer-advice").contains("inner pickups"));
        assertThat(label("#steer-advice")).contains("1 1/16 in up", "not 2.5°");
        clickOn("#steer-try");
        eventually(() -> plotted().contains("left, before"));
        assertThat(trouble()).contains("1 1/16 in up").endsWith("Dashed: as it was.");
        eventually(() -> PickupAdvice.largestToeChange(vehicle(), AxlePlace.FRONT) < Math.toRadians(0.2));
        eventually(() -> label("#steer-advice").contains("gains nothing"));
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(PickupAdvice.largestToeChange(vehicle(), AxlePlace.FRONT)).isCloseTo(before, within(1e-12));
    }

    /** What is written on the plot of toe against travel. */
    private List<String> plotted() {
        Canvas canvas = (Canvas) lookup("#bump-steer-plot")
                .queryAs(Region.class)
                .getChildrenUnmodifiable()
                .get(0);
        return Lettering.on(canvas).written().stream()
                .map(Lettering.Written::text)
                .toList();
    }

    /** Every way to set the pickups is told with what it does; less room leaves fewer of them. */
    @Test
    void waysToSetThePickupsAreToldWithToeRodsAndAckermann() {
        step("steer");
        eventually(() -> !lookup("#steer-offer-0").queryAll().isEmpty());
        assertThat(label("#steer-now")).contains("toe moves 2.5°", "at the tread", "tie rods", "Ackermann");
        assertThat(label("#steer-offer-0")).contains("up", "at the tread", "Ackermann");
        onFx(() -> lookup("#steer-room-up").queryAs(MeasureField.class).requestFocus());
        enter("#steer-room-up", "two");
        assertThat(label("#steer-complaint")).isNotBlank();
        enter("#steer-room-up", "0");
        enter("#steer-room-across", "0");
        eventually(() -> lookup("#steer-offer-0").queryAll().isEmpty()
                || !label("#steer-offer-0").contains(" up"));
    }

    /** Steering is taken off and given back; a rear axle that has none gets some. */
    @Test
    void steeringIsTakenOffAndAdded() {
        step("steer");
        steerBy(StarterSteering.NONE);
        assertThat(front().steering()).isEmpty();
        eventually(() -> lookup(node -> node instanceof Label text
                                && plain(text.getText()).startsWith("Nothing steers"))
                        .queryAll()
                        .size()
                > 0);
        steerBy(StarterSteering.RACK);
        assertThat(front().steering()).isPresent();
        onFx(() -> window.state().axleProperty().set(AxlePlace.REAR));
        steerBy(StarterSteering.RACK);
        assertThat(vehicle().axle(AxlePlace.REAR).orElseThrow().steering()).isPresent();
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(vehicle().axle(AxlePlace.REAR).orElseThrow().steering()).isEmpty();
    }

    private void steerBy(StarterSteering way) {
        onFx(() -> {
            @SuppressWarnings("unchecked")
            ComboBox<StarterSteering> box = lookup("#steer-by").queryAs(ComboBox.class);
            box.setValue(way);
        });
    }

    @Test
    void theSteeringLineTurnsTheWheelsAndThePadKeepsThemTurned() {
        assertThat(strip("anti_dive")).endsWith("%");
        moveTo(steerPoint(0)).press(MouseButton.PRIMARY).moveTo(steerPoint(0.6)).release(MouseButton.PRIMARY);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.state().poseProperty().get().steer()).isCloseTo(0.6, within(0.03));
        push(KeyCode.F3);
        push(KeyCode.F7);
        assertThat(window.state().poseProperty().get().steer()).isEqualTo(1);
        assertThat(window.state().poseProperty().get().left()).isPositive();
        assertThat(label("#where")).contains("steered 100 % left");
        push(KeyCode.SHIFT, KeyCode.F2);
        assertThat(window.state().poseProperty().get().steer()).isZero();
    }

    @Test
    void anInnerPickupIsDraggedOnTheBoard() {
        clickOn(mount("tie rod inner left", Elevation.REAR));
        assertThat(window.state().selectionProperty().get().mount()).startsWith("tie rod inner");
        double before = vehicle()
                .axle(AxlePlace.FRONT)
                .orElseThrow()
                .position("tie rod inner left", vehicle().wheelbase())
                .getZ();
        push(KeyCode.SHIFT, KeyCode.UP);
        double after =
                front().position("tie rod inner left", vehicle().wheelbase()).getZ();
        assertThat(after - before).isCloseTo(0.0254, within(1e-6));
        assertThat(front().position("tie rod inner right", vehicle().wheelbase())
                        .getZ())
                .isEqualTo(after);
    }

    @Test
    void anotherTypeIsAddedLaidOverAndTakenAndNothingIsLost() {
        step("compare");
        onFx(() -> {
            ComboBox<SuspensionType> type = lookup("#scheme-type").queryComboBox();
            type.setValue(SuspensionType.FIVE_LINK_CORNER);
        });
        clickOn("#scheme-other-type");
        assertThat(vehicle().schemes()).hasSize(2);
        Axle five = vehicle().schemes().get(1).axles().get(0);
        assertThat(five.type()).isEqualTo(SuspensionType.FIVE_LINK_CORNER);
        assertThat(five.mount("tie rod outer left"))
                .as("shared mounts stay")
                .isEqualTo(front().mount("tie rod outer left"));
        Vehicle plan = vehicle();
        clickOn("#overlay-struts-in-front");
        assertThat(window.openStep().get().id()).isEqualTo("links");
        assertThat(window.document()
                        .baselineProperty()
                        .get()
                        .axle(AxlePlace.FRONT)
                        .orElseThrow()
                        .type())
                .isEqualTo(SuspensionType.STRUT);
        step("compare");
        clickOn("#take-struts-in-front");
        assertThat(front().type()).isEqualTo(SuspensionType.STRUT);
        assertThat(vehicle().schemes())
                .anySatisfy(scheme -> assertThat(scheme.axles()
                                .get(0)
                                .equals(plan.axle(AxlePlace.FRONT).orElseThrow()))
                        .isTrue());
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(vehicle().equals(plan)).isTrue();
    }

    /** However often plan and scheme change places, every way keeps a name of its own and all of them stay. */
    @Test
    void waysChangePlacesWithoutLosingAName() {
        step("compare");
        for (int i = 0; i < 2; i++) {
            onFx(() -> lookup("#scheme-keep").queryButton().fire());
        }
        int ways = vehicle().schemes().size();
        assertThat(ways).isGreaterThanOrEqualTo(3);
        for (int turn = 0; turn < 4; turn++) {
            String next = vehicle().schemes().get(turn % ways).name();
            onFx(() -> lookup("#take-" + next.replace(' ', '-')).queryButton().fire());
            assertThat(trouble()).doesNotContain("same name");
            assertThat(vehicle().schemes())
                    .as("after %s was taken", next)
                    .hasSize(ways)
                    .extracting(Scheme::name)
                    .doesNotHaveDuplicates();
        }
    }

    @Test
    void aHoleIsKeptAndTheBoltGoesBackToIt() {
        clickOn(mount("tie rod inner left", Elevation.REAR));
        var first = front().mount("tie rod inner left").orElseThrow().placement();
        push(KeyCode.CONTROL, KeyCode.H);
        push(KeyCode.SHIFT, KeyCode.UP);
        step("compare");
        assertThat(lookup("#hole-hole").tryQuery()).isPresent();
        onFx(() -> lookup("#hole-hole").queryButton().fire());
        assertThat(front().mount("tie rod inner left").orElseThrow().placement())
                .isEqualTo(first);
        assertThat(front().mount("tie rod inner left").orElseThrow().holes()).hasSize(1);
    }

    /** Every kind of start that the questions offer can be put on the board, and says what it is liked and blamed for. */
    @Test
    void aVehicleOfTwoKindsStartsFromTheQuestions() {
        onFx(window::startNew);
        clickOn("#new-type-leaf_springs");
        assertThat(label("#new-liked")).contains("Liked for", "Blamed for", "wind up");
        onFx(() -> lookup("#new-end-front").queryAs(ToggleButton.class).fire());
        onFx(() ->
                lookup("#new-type-double_wishbone").queryAs(ToggleButton.class).fire());
        onFx(() -> lookup("#new-steer-rack").queryAs(ToggleButton.class).fire());
        clickOn("#new-start");
        assertThat(vehicle().name()).isEqualTo("New build");
        assertThat(front().type()).isEqualTo(SuspensionType.DOUBLE_WISHBONE);
        assertThat(front().steering()).isPresent();
        assertThat(vehicle().axle(AxlePlace.REAR).orElseThrow().type()).isEqualTo(SuspensionType.LEAF_SPRINGS);
        push(KeyCode.CONTROL, KeyCode.K);
        write("shackle to");
        push(KeyCode.ENTER);
        Axle rear = vehicle().axle(AxlePlace.REAR).orElseThrow();
        assertThat(rear.position("spring fixed eye left", vehicle().wheelbase()).getX())
                .as("the fixed eye is behind now")
                .isLessThan(
                        rear.position("spring seat left", vehicle().wheelbase()).getX());
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(vehicle().axle(AxlePlace.REAR).orElseThrow()).isNotEqualTo(rear);
    }

    /** The pose under the pointer is told before it is taken. */
    @Test
    void thePadPreviewsThePoseUnderThePointer() {
        Bounds square = pad();
        moveTo(new Point2D(square.getMinX() + 0.8 * square.getWidth(), square.getMinY() + 0.3 * square.getHeight()));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.state().poseProperty().get().left())
                .as("nothing moved")
                .isZero();
        assertThat(board().previewed())
                .hasValueSatisfying(pose -> assertThat(pose.left()).isPositive());
        moveTo(mount("tie rod outer left", Elevation.SIDE));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(board().previewed()).isEmpty();
    }

    @Test
    void whatIsOftenBelievedIsToldWithThisVehiclesNumbers() {
        onFx(() -> {
            window.openDemo();
            window.state().litProperty().set("anti_squat");
        });
        assertThat(lookup(".working-meaning").queryAllAs(Label.class))
                .anySatisfy(label ->
                        assertThat(plain(label.getText())).contains("separation sets anti-squat", "Here,", "%"));
    }

    /** Grabbed between its mounts, a wishbone moves by its inner pivots and a rack with its housing. */
    @Test
    void aWishboneAndARackAreGrabbedAsAWhole() {
        Point2D pivot = mount("upper front pivot left", Elevation.TOP);
        Point2D ball = mount("upper ball left", Elevation.TOP);
        Point2D leg = pivot.midpoint(ball);
        Axle before = front();
        drag(leg, MouseButton.PRIMARY).dropTo(leg.add(0, -12));
        for (String mount : new String[] {"upper front pivot left", "upper rear pivot left"}) {
            double moved = front().position(mount, vehicle().wheelbase())
                    .subtract(before.position(mount, vehicle().wheelbase()))
                    .getNorm();
            assertThat(moved).as(mount).isGreaterThan(0.005);
        }
        assertThat(front().mount("upper ball left")).as("the ball stays").isEqualTo(before.mount("upper ball left"));
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(front()).isEqualTo(before);
        Point2D middle =
                mount("tie rod inner left", Elevation.TOP).midpoint(mount("tie rod inner right", Elevation.TOP));
        drag(middle, MouseButton.PRIMARY).dropTo(middle.add(14, 0));
        double rack = front().position("tie rod inner left", vehicle().wheelbase())
                        .getX()
                - before.position("tie rod inner left", vehicle().wheelbase()).getX();
        double housing = front().position("rack housing right", vehicle().wheelbase())
                        .getX()
                - before.position("rack housing right", vehicle().wheelbase()).getX();
        assertThat(rack).isLessThan(-0.005);
        assertThat(housing).isCloseTo(rack, within(1e-6));
    }

    /** Every mount says what it is fixed to, of the bodies that are there: a coilover begun on the lower arm, then on the upright. */
    @Test
    void aMountIsFixedToAnotherBody() {
        step("shocks");
        press("#shock-add");
        step("links");
        onFx(() -> window.state().selectionProperty().set(new MountRef(AxlePlace.FRONT, "coilover lower left")));
        BodyChooser body = lookup("#mount-body").queryAs(BodyChooser.class);
        assertThat(body.getValue()).isEqualTo(BodyName.LOWER_ARM_LEFT);
        assertThat(body.getItems())
                .contains(BodyName.FRAME, BodyName.UPPER_ARM_LEFT, BodyName.KNUCKLE_LEFT, BodyName.RACK)
                .doesNotContain(BodyName.AXLE, BodyName.BELLCRANK);
        onFx(() -> body.setValue(BodyName.KNUCKLE_LEFT));
        assertThat(front().mount("coilover lower right").orElseThrow().body()).isEqualTo(BodyName.KNUCKLE_RIGHT);
        onFx(() -> window.state().selectionProperty().set(new MountRef(AxlePlace.FRONT, "lower ball left")));
        onFx(() -> body.setValue(BodyName.FRAME));
        assertThat(trouble()).contains("holds nothing");
        assertThat(body.getValue()).as("what is, not what was refused").isEqualTo(BodyName.KNUCKLE_LEFT);
    }

    /** A load that lets the rear down by an inch: what it changes is said, and the vehicle that stands so is opened and asked. */
    @Test
    void aStateIsAddedAndOpened() {
        double wheelbase = vehicle().wheelbase();
        step("compare");
        onFx(() -> lookup("#state-name").queryAs(TextField.class).setText("loaded"));
        press("#state-add");
        enter("#state-lower-rear-1", "1");
        assertThat(vehicle().states()).singleElement().satisfies(state -> {
            assertThat(state.name()).isEqualTo("loaded");
            assertThat(state.rear().lower()).isCloseTo(0.0254, within(1e-9));
        });
        assertThat(texts())
                .anyMatch(text -> text.startsWith("Rear axle: 1 3/4 in up and 4 in down of travel, 2 3/4 in and 3 in"));
        enter("#state-tyre-front-1", "27");
        assertThat(vehicle().states().get(0).front().tyre()).isPresent();
        enter("#state-tyre-front-1", "0");
        assertThat(trouble()).contains("must be more than 0");
        press("#state-open-1");
        assertThat(notice()).as("the work before is asked about first").contains("Plover");
        push(KeyCode.CONTROL, KeyCode.S);
        press("#state-open-1");
        assertThat(vehicle().name()).isEqualTo("Plover, loaded");
        assertThat(vehicle().states()).isEmpty();
        assertThat(vehicle().wheelbase()).isNotEqualTo(wheelbase);
    }
}
