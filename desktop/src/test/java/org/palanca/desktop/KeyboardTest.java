package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.stage.WindowEvent;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Lengths;
import org.palanca.drawing.Elevation;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Use;

/** Everything by keys alone, and what the views and menus do. */
class KeyboardTest extends WindowTest {
    @Test
    void aMountIsChosenAndMovedByKeys() {
        push(KeyCode.CONTROL, KeyCode.D);
        push(KeyCode.CLOSE_BRACKET);
        assertThat(window.state().selectionProperty().get())
                .isEqualTo(new MountRef(AxlePlace.REAR, "upper frame left"));
        Vector3D before = at("upper frame left");
        push(KeyCode.RIGHT);
        assertThat(before.getX() - at("upper frame left").getX())
                .as("to the right is rearward")
                .isCloseTo(Lengths.INCH / 16, within(1e-9));
        push(KeyCode.SHIFT, KeyCode.UP);
        assertThat(at("upper frame left").getZ() - before.getZ()).isCloseTo(Lengths.INCH, within(1e-9));
        push(KeyCode.CLOSE_BRACKET);
        push(KeyCode.OPEN_BRACKET);
        assertThat(window.state().selectionProperty().get().mount()).isEqualTo("upper frame left");
        push(KeyCode.ESCAPE);
        assertThat(window.state().selectionProperty().get()).isNull();
    }

    @Test
    void functionKeysPoseTheAxleAndSwitchIt() {
        push(KeyCode.F3);
        WheelTravel bump = window.state().poseProperty().get();
        assertThat(bump.left()).isEqualTo(bump.right()).isCloseTo(Lengths.inches(5.5), within(1e-9));
        push(KeyCode.F4);
        assertThat(strip("anti_squat")).isEqualTo("129 %");
        push(KeyCode.F6);
        assertThat(window.state().axleProperty().get()).isEqualTo(AxlePlace.FRONT);
        assertThat(window.state().poseProperty().get())
                .as("another axle starts at ride")
                .isEqualTo(WheelTravel.RIDE);
        assertThat(strip("caster")).isEqualTo("6.0°");
        eventually(() -> trouble().startsWith("Measure: "));
        assertThat(trouble()).contains("tape horn right to kick right", "more.");
    }

    @Test
    void playbackCyclesTheAxleUntilItIsStopped() {
        push(KeyCode.F9);
        eventually(() -> !window.state().poseProperty().get().equals(WheelTravel.RIDE));
        push(KeyCode.F9);
        onFx(() -> {});
        WheelTravel stopped = window.state().poseProperty().get();
        onFx(() -> {});
        assertThat(window.state().poseProperty().get()).isEqualTo(stopped);
        push(KeyCode.F2);
        assertThat(window.state().poseProperty().get()).isEqualTo(WheelTravel.RIDE);
    }

    @Test
    void unitsGoRoundAndEveryNumberFollows() {
        clickOn(mount("upper frame left", Elevation.SIDE));
        assertThat(strip("roll_centre_height")).isEqualTo("28 5/8 in");
        push(KeyCode.CONTROL, KeyCode.U);
        assertThat(window.words().units().length()).isEqualTo(LengthStyle.INCH_THIRTY_SECONDS);
        push(KeyCode.CONTROL, KeyCode.U);
        push(KeyCode.CONTROL, KeyCode.U);
        assertThat(strip("roll_centre_height")).endsWith(" mm");
        assertThat(fieldText("#mount-ahead")).isEqualTo("863.6");
        type("#mount-ahead", "850");
        assertThat(at("upper frame left").getX() + window.document().vehicle().wheelbase())
                .isCloseTo(0.85, within(1e-9));
        type("#mount-ahead", "33 5/8 in");
        assertThat(fieldText("#mount-ahead")).isEqualTo("854.1");
    }

    @Test
    void theThemeChangesAndLasts() {
        assertThat(stage.getScene().getRoot().getStyleClass()).contains("blue");
        push(KeyCode.CONTROL, KeyCode.T);
        assertThat(stage.getScene().getRoot().getStyleClass()).contains("card").doesNotContain("blue");
        assertThat(org.palanca.desktop.document.Settings.load().theme())
                .isEqualTo(org.palanca.desktop.theme.Theme.CARD);
    }

    @Test
    void theBoardZoomsAndShowsEverythingAgain() {
        double before = pixelsPerMetre();
        moveTo(mount("lower frame left", Elevation.SIDE));
        scroll(3, javafx.geometry.VerticalDirection.UP);
        onFx(() -> {});
        assertThat(pixelsPerMetre()).isNotEqualTo(before);
        push(KeyCode.CONTROL, KeyCode.DIGIT0);
        assertThat(pixelsPerMetre()).isCloseTo(before, within(1e-9));
    }

    @Test
    void theStepsShareTheVehicleAndSayTheirState() {
        push(KeyCode.CONTROL, KeyCode.DIGIT1);
        assertThat(window.openStep().get().id()).isEqualTo("goals");
        clickOn("#use-street");
        assertThat(window.document().vehicle().use()).isEqualTo(Use.STREET);
        assertThat(railText("#step-goals")).contains("Street");
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(window.document().vehicle().use()).isEqualTo(Use.TRAIL);
        assertThat(railText("#step-links")).contains("3 out of target");
        assertThat(railText("#step-cutlist")).contains("held by Links");
        push(KeyCode.CONTROL, KeyCode.DIGIT9);
        assertThat(window.openStep().get().id()).isEqualTo("cycle");
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.DIGIT4);
        assertThat(window.openStep().get().id()).isEqualTo("cutlist");
        clickOn("#make-revision");
        assertThat(window.document().vehicle().revision()).isEqualTo(2);
        assertThat(lookup("#make-revision").queryAs(Button.class).getText()).contains("now 2");
        assertThat(label("#bench-3")).startsWith("9 × jam nut").contains("right-hand", "one to spare");
    }

    @Test
    void whatTheListSaysOfTheVehicleBeforeTheChangeIsFaintUntilTheStudiesHaveSeenTheNewOne() {
        eventually(() -> !faint("#step-cycle"));
        push(KeyCode.CONTROL, KeyCode.DIGIT1);
        clickOn("#use-street");
        eventually(() -> faint("#step-cycle"));
        assertThat(faint("#step-goals"))
                .as("what is known without the studies is of the new vehicle")
                .isFalse();
        assertThat(lookup("#step-cycle").query().getAccessibleText())
                .as("an old state is not read out")
                .isEqualTo("Cycle");
        eventually(() -> !faint("#step-cycle"));
        assertThat(railText("#step-cycle")).startsWith("Cycle, ");
    }

    private boolean faint(String id) {
        return lookup(id).query().getPseudoClassStates().contains(PseudoClass.getPseudoClass("stale"));
    }

    /** Enter takes what is focused; arrows move the mount from wherever the keyboard is; Esc leaves a form for the drawing. */
    @Test
    void keysDoWhatPeopleExpectOfThem() {
        clickOn(mount("upper frame left", Elevation.SIDE));
        double height = at("upper frame left").getZ();
        onFx(() -> lookup("#strip-anti_squat").query().requestFocus());
        push(KeyCode.UP);
        settle();
        assertThat(at("upper frame left").getZ() - height).isCloseTo(Lengths.inches(1.0 / 16), within(1e-9));
        onFx(() -> lookup("#mount-up").query().requestFocus());
        push(KeyCode.ESCAPE);
        settle();
        assertThat(stage.getScene().getFocusOwner().getId()).isEqualTo("board");
        onFx(() -> lookup("#pad-droop").query().requestFocus());
        push(KeyCode.ENTER);
        settle();
        assertThat(window.state().poseProperty().get().left()).isNegative();
        step("cycle");
        onFx(() -> lookup("#cycle-ride").query().requestFocus());
        push(KeyCode.ENTER);
        assertThat(window.state().poseProperty().get().left()).isZero();
    }

    private String railText(String id) {
        onFx(() -> {});
        return lookup(id).query().getAccessibleText();
    }

    @Test
    void goalsAreTypedAsTheTradeWritesThem() {
        step("goals");
        section("goals-open-vehicle");
        type("#goal-wheelbase", "9'");
        assertThat(window.document().vehicle().wheelbase()).isCloseTo(Lengths.inches(108), within(1e-9));
        assertThat(at("upper frame left").getX() + window.document().vehicle().wheelbase())
                .as("mounts stay where the tape put them from their own axle")
                .isCloseTo(Lengths.inches(34), within(1e-9));
        section("goals-open-rear");
        type("#goal-rear-drive", "100");
        assertThat(trouble()).isNotBlank();
        assertThat(window.document()
                        .vehicle()
                        .axle(AxlePlace.REAR)
                        .orElseThrow()
                        .driveShare())
                .isEqualTo(1);
        type("#goal-rear-drive", "130");
        assertThat(trouble()).contains("from 0 to 100 %");
    }

    @Test
    void theWindowAsksBeforeItClosesOnUnsavedWork() {
        clickOn(mount("upper frame left", Elevation.SIDE));
        push(KeyCode.UP);
        onFx(() -> stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        assertThat(stage.isShowing()).isTrue();
        assertThat(notice()).contains("changes that no file holds");
        clickOn("Keep working");
        assertThat(notice()).isEmpty();
    }

    @Test
    void thePadsButtonsAndTheTopBarDoWhatTheySay() {
        clickOn("#pad-droop");
        assertThat(strip("anti_squat")).isEqualTo("129 %");
        clickOn("#pad-ride");
        clickOn("#axle-front");
        assertThat(window.state().axleProperty().get()).isEqualTo(AxlePlace.FRONT);
        clickOn("#axle-rear");
        clickOn(mount("upper frame left", Elevation.SIDE));
        push(KeyCode.DOWN);
        Node undo = lookup("#undo").query();
        assertThat(undo.isDisabled()).isFalse();
        clickOn("#undo");
        assertThat(undo.isDisabled()).isTrue();
        assertThat(lookup("#redo").query().isDisabled()).isFalse();
    }
}
