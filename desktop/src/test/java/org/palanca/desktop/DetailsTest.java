package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import javafx.geometry.Point2D;
import javafx.geometry.VerticalDirection;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextArea;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javax.imageio.ImageIO;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.base.words.Message;
import org.palanca.desktop.board.FloorBoard;
import org.palanca.desktop.board.Grip;
import org.palanca.desktop.board.GripBoard;
import org.palanca.drawing.Elevation;
import org.palanca.study.ride.RideStudy;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Scheme;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.housing.ClockedPart;
import org.palanca.vehicle.springing.Air;
import org.palanca.vehicle.springing.Coils;
import org.palanca.vehicle.springing.Springing;
import org.palanca.vehicle.survey.Cut;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Support;
import org.palanca.vehicle.survey.Survey;
import org.palanca.vehicle.survey.Zone;

/** What every form can do beside the main way through it: things named, held, taken away, and typed one by one. */
class DetailsTest extends WindowTest {
    private static final double LBF_PER_IN = 175.12684;

    private Vehicle vehicle() {
        return window.document().vehicle();
    }

    private Survey survey() {
        return vehicle().build().survey();
    }

    private Springing springing() {
        return vehicle().axle(AxlePlace.REAR).orElseThrow().springing();
    }

    private Coils coils() {
        return (Coils) springing().shocks().get(0).spring().orElseThrow();
    }

    private Air air() {
        return (Air) springing().shocks().get(0).spring().orElseThrow();
    }

    private <T> void choose(String id, T value) {
        onFx(() -> lookup(id).<ComboBox<T>>query().setValue(value));
    }

    private String said() {
        onFx(() -> {});
        return lookup(".floor-side .label").queryAll().stream()
                .map(label -> plain(((Labeled) label).getText()))
                .collect(Collectors.joining("\n"));
    }

    /** Draws a box in the top view, beside a mark. */
    private void drawBox(String kind) {
        onFx(() -> {
            ComboBox<Object> kinds = lookup("#room-kind").query();
            kinds.getItems().stream().filter(one -> one.toString().equals(kind)).forEach(kinds::setValue);
        });
        press("#room-draw");
        Point2D belly = measure().onScreen("crossmember left", Elevation.TOP);
        moveTo(belly.add(-60, 12)).press(MouseButton.PRIMARY);
        moveTo(belly.add(-20, 42)).release(MouseButton.PRIMARY);
        onFx(() -> {});
    }

    @Test
    void aSupportSaysWhatItHoldsUpAndIsTakenAway() {
        step("measure");
        int before = survey().supports().size();
        drawBox("SUPPORT");
        assertThat(survey().supports()).hasSize(before + 1);
        enter("#room-name", "stand under the belly");
        enter("#room-holds", "the transfer case");
        Support drawn = survey().supports().get(before);
        assertThat(drawn.name()).isEqualTo("stand under the belly");
        assertThat(drawn.holds()).isEqualTo("the transfer case");
        assertThat(drawn.room().bottom()).as("it stands on the floor").isZero();
        enter("#room-top", "14 1/2");
        assertThat(survey().supports().get(before).room().top()).isCloseTo(inches(14.5), within(1e-9));
        assertThat(survey().supports().get(before).holds()).isEqualTo("the transfer case");
        enter("#room-name", "   ");
        assertThat(survey().supports().get(before).name())
                .as("a name of blanks is none")
                .isEqualTo("stand under the belly");
        press("#room-remove");
        assertThat(survey().supports()).hasSize(before);
        assertThat(lookup("#room-holds").tryQuery()).isEmpty();
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(survey().supports()).hasSize(before + 1);
    }

    @Test
    void zonesAreDrawnByTheirRuleAndACutGoesWithAScheme() {
        step("measure");
        int zones = survey().zones().size();
        drawBox("MAY_BEND");
        assertThat(survey().zones()).hasSize(zones + 1);
        assertThat(survey().zones().get(zones).rule()).isEqualTo(Zone.Rule.MAY_BEND);
        enter("#room-name", "heat shield");
        enter("#room-left", "10");
        assertThat(survey().zones().get(zones).name()).isEqualTo("heat shield");
        assertThat(survey().zones().get(zones).rule()).isEqualTo(Zone.Rule.MAY_BEND);
        press("#room-remove");
        assertThat(survey().zones()).hasSize(zones);
        onFx(() -> window.document()
                .change(
                        vehicle()
                                .withSchemes(List.of(new Scheme(
                                        "lower rails",
                                        "",
                                        List.of(vehicle().axle(AxlePlace.REAR).orElseThrow())))),
                        Message.of("change.scheme_added", "lower rails"),
                        ""));
        int cuts = survey().cuts().size();
        drawBox("CUT");
        choose("#room-scheme", "lower rails");
        Cut cut = survey().cuts().get(cuts);
        assertThat(cut.scheme()).isEqualTo("lower rails");
        assertThat(cut.done()).isFalse();
        press("#room-done");
        assertThat(survey().cuts().get(cuts).done()).isTrue();
        assertThat(lookup("#room-done").queryAs(Button.class).getText()).contains("not cut yet");
        press("#room-done");
        assertThat(survey().cuts().get(cuts)).isEqualTo(cut);
        // A mark in it that was never taped from what stays: it can't be called cut.
        Vector3D inside = new Vector3D(
                (cut.room().rear() + cut.room().front()) / 2,
                (cut.room().right() + cut.room().left()) / 2,
                (cut.room().bottom() + cut.room().top()) / 2);
        Survey lost = survey().with(Mark.at("inner gusset", inside));
        onFx(() -> window.document()
                .change(vehicle().withBuild(vehicle().build().withSurvey(lost)), Message.of("change.work"), ""));
        press("#room-done");
        assertThat(trouble()).contains("takes mark inner gusset", "Take the three measures");
        assertThat(survey().cuts().get(cuts).done()).isFalse();
        push(KeyCode.CONTROL, KeyCode.Z);
        choose("#room-scheme", "the plan");
        assertThat(survey().cuts().get(cuts).scheme()).isEmpty();
    }

    /** Marks keep pictures; one that is gone or is none is said and stays listed. */
    @Test
    void aMarkKeepsItsPictures() throws Exception {
        step("measure");
        onFx(() -> measure().select("horn right", "kick right"));
        Path picture = folder.resolve("horn.png");
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
        nextAnswer = picture;
        press("#photo-horn-right");
        assertThat(survey().mark("horn right").orElseThrow().photos()).containsExactly(picture.toString());
        assertThat(lookup(node -> node instanceof ImageView).queryAll()).isNotEmpty();
        Path text = folder.resolve("notes.png");
        Files.writeString(text, "no picture");
        nextAnswer = text;
        press("#photo-horn-right");
        assertThat(said()).contains("can’t be shown");
        Files.delete(picture);
        onFx(() -> window.open("axle"));
        step("measure");
        assertThat(said()).contains("horn.png is not there any more");
        nextAnswer = folder.resolve("none.csv");
        press("#import-points");
        eventually(() -> trouble().contains("none.csv") && !trouble().contains("…"));
        nextAnswer = null;
        press("#import-points");
        assertThat(survey().mark("horn right").orElseThrow().photos()).hasSize(2);
    }

    /** Three coils in series, each typed; their rate before the first ring is the hand's 1 / (1/a + 1/b + 1/c). */
    @Test
    void threeCoilsAreTypedOneByOne() {
        step("shocks");
        section("shocks-open-springs");
        while (coils().coils().size() > 1) {
            press("#coil-drop");
        }
        press("#coil-add");
        press("#coil-add");
        assertThat(coils().coils()).hasSize(3);
        assertThat(lookup("#coil-add").tryQuery()).as("three is the most").isEmpty();
        String[][] typed = {{"100", "10", "3"}, {"200", "8", "2 1/2"}, {"400", "14", "5"}};
        for (int i = 0; i < 3; i++) {
            enter("#coil-" + i + "-rate", typed[i][0]);
            enter("#coil-" + i + "-free", typed[i][1]);
            enter("#coil-" + i + "-solid", typed[i][2]);
        }
        enter("#coil-0-stop", "3");
        enter("#coil-1-stop", "4");
        assertThat(coils().coils())
                .extracting(coil -> Math.rint(coil.free() / inches(1.0 / 16)) / 16)
                .containsExactly(10.0, 8.0, 14.0);
        assertThat(coils().rate(inches(1) - coils().preload()) / LBF_PER_IN)
                .as("1/100 + 1/200 + 1/400")
                .isCloseTo(1 / (0.01 + 0.005 + 0.0025), within(0.01));
        // The softest rests on its ring after 3 in, when the three have given 3 (1 + 1/2 + 1/4) = 5 1/4 in.
        assertThat(coils().rate(inches(5.5) - coils().preload()) / LBF_PER_IN)
                .as("1/200 + 1/400")
                .isCloseTo(1 / (0.005 + 0.0025), within(0.01));
        enter("#coil-2-rate", "-400");
        assertThat(trouble()).isNotBlank();
        assertThat(coils().coils().get(2).rate() / LBF_PER_IN).isCloseTo(400, within(0.01));
        press("#coil-drop");
        assertThat(coils().coils()).hasSize(2);
        assertThat(coils().coils().get(0).rate() / LBF_PER_IN)
                .as("the upper went")
                .isCloseTo(200, within(0.01));
    }

    @Test
    void anAirSpringIsTypedAndGoneBackFrom() {
        step("shocks");
        section("shocks-open-springs");
        RideStudy coiled = RideStudy.of(vehicle(), AxlePlace.REAR);
        press("#spring-air");
        assertThat(RideStudy.of(vehicle(), AxlePlace.REAR).ride().left())
                .as("pumped to the weight")
                .isCloseTo(coiled.wanted(1), within(1.0));
        double pressure = air().pressure();
        enter("#air-pressure", "150");
        assertThat(air().pressure()).isCloseTo(150 * 6894.757, within(1.0)).isNotEqualTo(pressure);
        enter("#air-diameter", "2 1/8");
        enter("#air-column", "16");
        enter("#air-exponent", "1.2");
        assertThat(air().diameter()).isCloseTo(inches(2.125), within(1e-9));
        assertThat(air().column()).isCloseTo(inches(16), within(1e-9));
        assertThat(air().exponent()).isEqualTo(1.2);
        // Boyle: with the exponent at 1 the absolute pressure doubles where the column is halved.
        enter("#air-exponent", "1");
        assertThat(air().pressure(inches(8)) + Air.ATMOSPHERE)
                .isCloseTo(2 * (air().pressure() + Air.ATMOSPHERE), within(1.0));
        enter("#air-exponent", "-1");
        assertThat(trouble()).isNotBlank();
        assertThat(air().exponent()).isEqualTo(1);
        press("#spring-coils");
        assertThat(RideStudy.of(vehicle(), AxlePlace.REAR).ride().left()).isCloseTo(coiled.wanted(1), within(1.0));
        assertThat(coils().coils()).isNotEmpty();
    }

    /** Tabs are clocked at ride and on the bench: what the angle finder says differs by how the pinion lies there. */
    @Test
    void tabsAreClockedOnTheBench() {
        step("housing");
        int before = vehicle().build().housing(AxlePlace.REAR).clocked().size();
        section("housing-open-clocking");
        press("#clocked-add");
        assertThat(vehicle().build().housing(AxlePlace.REAR).clocked())
                .as("without a name none is added")
                .hasSize(before);
        enter("#clocked-name", "truss top");
        choose("#clocked-kind", ClockedPart.Kind.LINK_TAB);
        press("#clocked-add");
        enter("#clocked-truss-top", "12");
        ClockedPart tab = vehicle().build().housing(AxlePlace.REAR).clocked().get(before);
        assertThat(tab.name()).isEqualTo("truss top");
        assertThat(tab.atRide()).isCloseTo(Math.toRadians(12), within(1e-9));
        enter("#housing-bench-pinion", "0");
        String level = label("#bench-truss-top");
        enter("#housing-bench-pinion", "5");
        assertThat(label("#bench-truss-top"))
                .as("with the pinion at its ride angle the bench reads as at ride")
                .isEqualTo("12.0°")
                .isNotEqualTo(level);
        assertThat(level).as("turned down by the pinion's 5").isIn("7.0°", "17.0°");
    }

    @Test
    void aSideIsUnlinkedFromItsImageAndLinkedAgain() {
        step("links");
        MountRef image = new MountRef(AxlePlace.REAR, "upper frame right");
        onFx(() -> window.state().selectionProperty().set(image));
        assertThat(placement(image)).isInstanceOf(Placement.MirrorOf.class);
        press("#mount-mirror");
        assertThat(placement(image)).isNotInstanceOf(Placement.MirrorOf.class);
        enter("#mount-up", "30");
        assertThat(height(image)).isCloseTo(inches(30), within(1e-9));
        MountRef master = new MountRef(AxlePlace.REAR, "upper frame left");
        assertThat(height(master)).isNotCloseTo(inches(30), within(1e-3));
        onFx(() -> window.state().selectionProperty().set(master));
        press("#mount-mirror");
        assertThat(placement(image)).as("linked from the other side").isInstanceOf(Placement.MirrorOf.class);
        assertThat(height(image)).isEqualTo(height(master));
        press("#mount-mirror");
        assertThat(placement(image)).as("and unlinked from there too").isNotInstanceOf(Placement.MirrorOf.class);
    }

    private Placement placement(MountRef ref) {
        return vehicle()
                .axle(ref.axle())
                .orElseThrow()
                .mount(ref.mount())
                .orElseThrow()
                .placement();
    }

    private double height(MountRef ref) {
        return vehicle()
                .axle(ref.axle())
                .orElseThrow()
                .position(ref.mount(), vehicle().wheelbase())
                .getZ();
    }

    @Test
    void whatIsWeighedAndNotedInTheGoalsIsKept() {
        step("goals");
        section("goals-open-vehicle");
        enter("#goal-mass", "5100");
        enter("#goal-cg-behind", "50 1/4");
        enter("#goal-cg-height", "30");
        assertThat(vehicle().mass().mass()).isCloseTo(5100 * 0.45359237, within(1e-3));
        assertThat(vehicle().mass().centreBehindFront()).isCloseTo(inches(50.25), within(1e-9));
        assertThat(vehicle().mass().centreHeight()).isCloseTo(inches(30), within(1e-9));
        section("goals-open-comments");
        onFx(() -> {
            TextArea notes = lookup("#goal-comments").query();
            notes.requestFocus();
            notes.setText("Weighed with the spare on.");
        });
        section("goals-open-rear");
        assertThat(vehicle().comments()).isEqualTo("Weighed with the spare on.");
        for (String field : List.of("#goal-rear-tyre-width", "#goal-rear-loaded", "#goal-rear-droop")) {
            String was = fieldText(field);
            enter(field, "-3");
            assertThat(trouble()).as(field).isNotBlank();
            assertThat(fieldText(field)).as("%s shows what is", field).isEqualTo(was);
        }
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(vehicle().comments()).isNotEqualTo("Weighed with the spare on.");
    }

    /** Every drawn board comes closer under the wheel, is pulled along by either button, and shows everything again. */
    @Test
    void boardsZoomPanAndShowEverythingAgain() {
        for (String step : List.of("cycle", "shocks")) {
            step(step);
            GripBoard board = lookup("#" + (step.equals("cycle") ? "cycle" : "shock") + "-board")
                    .query();
            Grip upper = new Grip.OnMount(new MountRef(AxlePlace.REAR, "shock upper left"));
            Point2D fit = board.pixel(upper, Elevation.SIDE);
            double far = board.pixelsPerMetre();
            moveTo(board.localToScreen(fit));
            scroll(3, VerticalDirection.UP);
            assertThat(board.pixelsPerMetre()).as("%s", step).isGreaterThan(1.3 * far);
            assertThat(board.pixel(upper, Elevation.SIDE).distance(fit))
                    .as("what the pointer is on stays under it")
                    .isLessThan(2);
            Point2D sky = board.localToScreen(new Point2D(30, 40));
            for (MouseButton button : List.of(MouseButton.SECONDARY, MouseButton.PRIMARY)) {
                Point2D before = board.pixel(upper, Elevation.SIDE);
                drag(sky, button).moveBy(12, 7).drop();
                assertThat(board.pixel(upper, Elevation.SIDE).subtract(before))
                        .as("%s with %s", step, button)
                        .satisfies(by -> assertThat(by.getX()).isCloseTo(12, within(2.0)))
                        .satisfies(by -> assertThat(by.getY()).isCloseTo(7, within(2.0)));
            }
            doubleClickOn(sky);
            assertThat(board.pixelsPerMetre()).as("the side alone").isGreaterThan(1.2 * far);
            push(KeyCode.CONTROL, KeyCode.L);
            assertThat(board.pixelsPerMetre()).isCloseTo(far, within(1e-9));
            assertThat(board.pixel(upper, Elevation.SIDE)).isEqualTo(fit);
            assertThat(window.document().undoAvailable().get())
                    .as("looking changes nothing")
                    .isFalse();
        }
        step("axle");
        FloorBoard axle = lookup("#fit-board").query();
        double far = axle.pixelsPerMetre();
        moveTo(axle);
        scroll(5, VerticalDirection.UP);
        assertThat(axle.pixelsPerMetre()).isGreaterThan(1.5 * far);
        push(KeyCode.CONTROL, KeyCode.DIGIT0);
        assertThat(axle.pixelsPerMetre()).isCloseTo(far, within(1e-9));
    }
}
