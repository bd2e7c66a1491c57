package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Point2D;
import javafx.geometry.VerticalDirection;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Lengths;
import org.palanca.desktop.board.Grip;
import org.palanca.desktop.board.GripBoard;
import org.palanca.desktop.step.cycle.CycleBoard;
import org.palanca.desktop.step.cycle.CyclePane;
import org.palanca.desktop.step.shocks.ShockBoard;
import org.palanca.drawing.Elevation;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.MovePatch;
import org.palanca.study.ride.RideStudy;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Differential;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.Hose;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.ShockLayout;
import org.palanca.vehicle.springing.Coils;
import org.palanca.vehicle.springing.Springing;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Box;

/** The steps that cycle the axle, driven in the window on the demo vehicle: its conflict found and solved, then its springs. */
class CycleTest extends WindowTest {
    private Vehicle vehicle() {
        return window.document().vehicle();
    }

    private Axle rear() {
        return vehicle().axle(AxlePlace.REAR).orElseThrow();
    }

    private Springing springing() {
        return rear().springing();
    }

    private Part part(String name) {
        return vehicle().build().surroundings(AxlePlace.REAR).part(name).orElseThrow();
    }

    private boolean shown(String id) {
        return lookup(id).tryQuery().isPresent();
    }

    private String text(String id) {
        onFx(() -> {});
        return plain(lookup(id).queryAs(Labeled.class).getText());
    }

    /** Everything that is said in the column beside the pane. */
    private String side() {
        List<String> all = new ArrayList<>();
        onFx(() -> stage.getScene()
                .getRoot()
                .lookupAll(".floor-side")
                .forEach(column ->
                        column.lookupAll(".label").forEach(label -> all.add(plain(((Labeled) label).getText())))));
        return String.join("\n", all);
    }

    /** The builder's whole loop: what stops it, what would help, do it, look again, until the travel is there. */
    @Test
    void theDemosConflictIsFoundAndSolved() {
        step("cycle");
        eventually(() -> shown("#cycle-try-0"));
        assertThat(label("#cycle-headline"))
                .isEqualTo(
                        "Up travel is 4 5/8 in of 5 1/2 in wanted: the tank guard meets the bracket of upper axle left.");
        assertThat(side()).contains("Moving the tank guard 3/4 in up gives 5 7/16 in");
        eventually(() -> shown("#cycle-progress") && text("#cycle-progress").contains("Press one"));
        assertThat(text("#cycle-tight-0")).contains("tank guard").contains("bracket of upper axle");
        int guard = -1;
        for (int i = 0; shown("#cycle-try-" + i); i++) {
            Node attempt = lookup("#cycle-try-" + i).query();
            if (plain(attempt.getAccessibleText()).contains("tank guard 3/4 in up")) {
                guard = i;
            }
        }
        double before = ((Part.BoxForm) part("tank guard").form()).box().bottom();
        press("#cycle-try-" + guard);
        assertThat(trouble()).startsWith("Moving the tank guard 3/4 in up").endsWith("Dashed: as it was.");
        step("shocks");
        assertThat(trouble()).as("it is not forgotten elsewhere").endsWith("Dashed: as it was.");
        clickOn("#trouble-stop");
        assertThat(((Part.BoxForm) part("tank guard").form()).box().bottom())
                .as("left as it was")
                .isEqualTo(before);
        step("cycle");
        int again = guard;
        eventually(() -> shown("#cycle-try-" + again));
        press("#cycle-try-" + guard);
        clickOn("#trouble-try");
        assertThat(((Part.BoxForm) part("tank guard").form()).box().bottom())
                .isCloseTo(before + inches(0.75), within(1e-9));
        eventually(() -> shown("#cycle-headline") && label("#cycle-headline").contains("Up travel is 5 7/16 in"));
        eventually(() -> shown("#cycle-try-0"));
        press("#cycle-try-0");
        eventually(() -> shown("#cycle-headline") && !label("#cycle-headline").contains("Up travel is 5 7/16"));
        eventually(() -> !lookup("#cycle-headline").query().getStyleClass().contains("limit")
                && !label("#cycle-headline").contains("Cycling"));
        push(KeyCode.CONTROL, KeyCode.Z);
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(((Part.BoxForm) part("tank guard").form()).box().bottom()).isEqualTo(before);
    }

    /** The same conflict solved by hand: the guard is taken hold of on the board and pushed up until it is out of the way. */
    @Test
    void aPartIsDraggedOutOfTheWay() {
        step("cycle");
        eventually(() -> shown("#cycle-headline") && label("#cycle-headline").contains("the tank guard meets"));
        Part.BoxForm before = (Part.BoxForm) part("tank guard").form();
        CycleBoard board = lookup("#cycle-board").query();
        moveTo(onBoard(board, Grip.part("tank guard")));
        double far = board.pixelsPerMetre();
        for (int i = 0; i < 12; i++) {
            scroll(VerticalDirection.UP);
        }
        assertThat(board.pixelsPerMetre()).as("the wheel brings it closer").isGreaterThan(3 * far);
        Point2D guard = onBoard(board, Grip.part("tank guard"));
        long half = Math.round(board.pixelsPerMetre() * inches(0.5));
        double wanted = 2 * half / board.pixelsPerMetre();
        drag(guard, MouseButton.PRIMARY).moveBy(0, -half).moveBy(0, -half);
        assertThat(board.nearest())
                .as("what is left is told while it is dragged")
                .isPresent();
        assertThat(lookup("#cycle-side").query().isDisabled()
                        || label("#cycle-headline").contains("Up travel is 5"))
                .as("no answer of before is within reach")
                .isTrue();
        drop();
        Part.BoxForm after = (Part.BoxForm) part("tank guard").form();
        double up = after.box().bottom() - before.box().bottom();
        assertThat(up).isCloseTo(wanted, within(inches(0.1)));
        assertThat(up / inches(1.0 / 16)).isCloseTo(Math.rint(up / inches(1.0 / 16)), within(1e-6));
        assertThat(after.box().rear()).isEqualTo(before.box().rear());
        eventually(() -> shown("#cycle-headline") && !label("#cycle-headline").contains("the tank guard meets"));
        assertThat(shown("#part-0-bottom")).as("its row stands out").isTrue();
        push(KeyCode.SHIFT, KeyCode.DOWN);
        push(KeyCode.UP);
        push(KeyCode.UP);
        double nudged = ((Part.BoxForm) part("tank guard").form()).box().bottom();
        assertThat(nudged).isCloseTo(after.box().bottom() - inches(1) + inches(1.0 / 8), within(1e-9));
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(part("tank guard").form()).as("nudges are one step").isEqualTo(after);
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(part("tank guard").form()).as("a drag is one step").isEqualTo(before);
        push(KeyCode.CONTROL, KeyCode.DIGIT0);
        assertThat(board.pixelsPerMetre()).isCloseTo(far, within(1e-9));
    }

    /** While an arrow key is held down its moves come faster than a form can be made anew; let go of, the form says where it is. */
    @Test
    void aHeldArrowKeyMovesAndTheFormFollowsWhenItIsLetGo() {
        step("cycle");
        onFx(() -> lookup("#cycle-pane").queryAs(CyclePane.class).select("tank guard"));
        CycleBoard board = lookup("#cycle-board").query();
        onFx(board::requestFocus);
        double before = guardBottom();
        Node field = lookup("#part-0-bottom").query();
        String written = fieldText("#part-0-bottom");
        press(KeyCode.DOWN);
        eventually(() -> guardBottom() < before);
        assertThat(board.moving()).isTrue();
        assertThat(lookup("#part-0-bottom").<Node>query()).as("the form waits").isSameAs(field);
        release(KeyCode.DOWN);
        eventually(() -> !board.moving());
        assertThat(fieldText("#part-0-bottom")).isNotEqualTo(written);
        assertThat(Lengths.parse(fieldText("#part-0-bottom"), LengthStyle.INCH_SIXTEENTHS))
                .as("the form says where it is now, to the sixteenth it is written in")
                .isCloseTo(guardBottom(), within(inches(1.0 / 32)));
        press(KeyCode.DOWN);
        eventually(board::moving);
        onFx(() -> lookup("#step-cycle").query().requestFocus());
        assertThat(board.moving()).as("the keyboard went elsewhere").isFalse();
        release(KeyCode.DOWN);
    }

    private double guardBottom() {
        return ((Part.BoxForm) part("tank guard").form()).box().bottom();
    }

    /** Mounts move on this board too, and what was taken is let go when it is gone. */
    @Test
    void mountsAreMovedWhereTheAxleIsCycled() {
        step("cycle");
        onFx(() -> lookup("#cycle-board").query().requestFocus());
        push(KeyCode.CLOSE_BRACKET);
        CycleBoard board = lookup("#cycle-board").query();
        assertThat(board.inHand()).contains(Grip.part("tank guard"));
        press("#part-drop-0");
        assertThat(board.inHand()).as("a part that is gone can't be in hand").isEmpty();
        push(KeyCode.CONTROL, KeyCode.Z);
        Grip frame = new Grip.OnMount(new MountRef(AxlePlace.REAR, "lower frame left"));
        Vector3D before = rear().position("lower frame left", vehicle().wheelbase());
        drag(onBoard(board, frame), MouseButton.PRIMARY).moveBy(0, 12).drop();
        assertThat(board.inHand()).contains(frame);
        assertThat(rear().position("lower frame left", vehicle().wheelbase()).getZ())
                .isLessThan(before.getZ() - inches(0.5));
        push(KeyCode.ESCAPE);
        assertThat(board.inHand()).isEmpty();
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(rear().position("lower frame left", vehicle().wheelbase())).isEqualTo(before);
    }

    /** A shock's mount is dragged: what is left of its shaft follows in the same moment, and its patch is of that shock. */
    @Test
    void aShocksMountIsDraggedAndItsShaftFollows() {
        step("shocks");
        ShockBoard board = lookup("#shock-board").query();
        Grip upper = new Grip.OnMount(new MountRef(AxlePlace.REAR, "shock upper right"));
        String before = side();
        assertThat(before).contains(" in of shaft left at full bump");
        Point2D pixel = board.localToScreen(board.pixel(upper, Elevation.REAR));
        double height =
                rear().position("shock upper right", vehicle().wheelbase()).getZ();
        drag(pixel, MouseButton.PRIMARY).moveBy(0, 4).moveBy(0, 4);
        double lowered = height
                - rear().position("shock upper right", vehicle().wheelbase()).getZ();
        assertThat(lowered).isCloseTo(8 / board.pixelsPerMetre(), within(inches(0.2)));
        assertThat(board.inHand()).contains(upper);
        assertThat(side()).as("while the button is still down").isNotEqualTo(before);
        RideStudy study = RideStudy.of(vehicle(), AxlePlace.REAR);
        RideStudy.ShockAt left = study.shocks().get(0);
        assertThat(left.bump() - left.shock().size().orElseThrow().collapsed())
                .as("the left follows the right, and both are home before their stops")
                .isCloseTo(0, within(1e-4));
        drop();
        push(KeyCode.SHIFT, KeyCode.UP);
        assertThat(rear().position("shock upper right", vehicle().wheelbase()).getZ())
                .isCloseTo(height - lowered + inches(1), within(1e-9));
        push(KeyCode.CONTROL, KeyCode.Z);
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(rear().position("shock upper right", vehicle().wheelbase()).getZ())
                .isEqualTo(height);
        assertThat(side()).isEqualTo(before);
        moveTo(board.localToScreen(board.pixel(upper, Elevation.REAR)));
        press("#shock-drop");
        assertThat(springing().shocks()).isEmpty();
        assertThat(board.inHand())
                .as("what is gone is neither held nor under the pointer")
                .isEmpty();
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(springing().shocks()).isNotEmpty();
    }

    private static Point2D onBoard(GripBoard board, Grip grip) {
        return board.localToScreen(board.pixel(grip, Elevation.SIDE));
    }

    /** One wheel on its stop, the other hanging, is one key away from anywhere; the tight places go to their poses. */
    @Test
    void theWorstPosesAreOneKeyAway() {
        step("cycle");
        eventually(() -> shown("#cycle-left-up"));
        onFx(() -> window.open("cycle"));
        push(KeyCode.ALT, KeyCode.DIGIT3);
        WheelTravel worst = new TravelEnvelope(new AxleModel(vehicle(), AxlePlace.REAR))
                .worst(WorstPose.Way.LEFT_UP)
                .pose();
        assertThat(window.state().poseProperty().get()).isEqualTo(worst);
        assertThat(worst.left()).isGreaterThan(inches(7));
        press("#cycle-right-up");
        assertThat(window.state().poseProperty().get().left()).isNegative();
        eventually(() -> shown("#cycle-tight-0"));
        press("#cycle-tight-0");
        assertThat(window.state().poseProperty().get()).isNotEqualTo(WheelTravel.RIDE);
        press("#cycle-ride");
        assertThat(window.state().poseProperty().get().left()).isZero();
    }

    @Test
    void theCheckSheetIsPrintedWithBlanks() throws Exception {
        step("cycle");
        nextAnswer = folder.resolve("cycle.pdf");
        press("#cycle-sheet");
        press("#preview-save");
        try (var document = Loader.loadPDF(nextAnswer.toFile())) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text).contains("Cycle the axle").contains("left up, right hanging");
        }
    }

    /** A part is added, measured, put on the axle, imported from a file; a file in the wrong unit is noticed. */
    @Test
    void partsAreDescribedAndImported() throws Exception {
        step("cycle");
        pickAdding();
        enter("#part-name", "skid plate");
        press("#part-add-box");
        int index = vehicle().build().surroundings(AxlePlace.REAR).parts().size() - 1;
        enter("#part-" + index + "-bottom", "12 1/2");
        assertThat(((Part.BoxForm) part("skid plate").form()).box().bottom()).isCloseTo(inches(12.5), within(1e-9));
        onFx(() -> lookup("#part-body-" + index).<ComboBox<BodyName>>query().setValue(BodyName.AXLE));
        assertThat(part("skid plate").body()).isEqualTo(BodyName.of("axle"));
        nextAnswer = folder.resolve("lump.stl");
        Files.writeString(nextAnswer, "solid x\nvertex 0 0 0\nvertex 3 0 0\nvertex 0 3 0\nendsolid\n");
        pickAdding();
        enter("#part-name", "lump");
        onFx(() -> lookup("#part-unit")
                .<ComboBox<Object>>query()
                .getSelectionModel()
                .select(2));
        press("#part-import");
        assertThat(part("lump").form()).isInstanceOf(Part.MeshForm.class);
        assertThat(trouble()).contains("does not close");
        nextAnswer = folder.resolve("far.stl");
        Files.writeString(nextAnswer, "solid x\nvertex 0 0 0\nvertex 3000 0 0\nvertex 0 300 0\nendsolid\n");
        pickAdding();
        press("#part-import");
        assertThat(trouble()).contains("if its unit is metres: no part is. In millimetres");
        nextAnswer = folder.resolve("broken.obj");
        Files.writeString(nextAnswer, "f 1 2 3\n");
        int parts = vehicle().build().surroundings(AxlePlace.REAR).parts().size();
        press("#part-import");
        assertThat(trouble()).contains("broken.obj");
        assertThat(vehicle().build().surroundings(AxlePlace.REAR).parts()).hasSize(parts);
        pickAdding();
        enter("#part-name", "brake line");
        press("#part-add-tube");
        int line = vehicle().build().surroundings(AxlePlace.REAR).parts().size() - 1;
        enter("#part-" + line + "-points", "4, 10, 30; -2, 10, 30; -2, 16, 30");
        assertThat(((Part.TubeForm) part("brake line").form()).points()).hasSize(3);
        enter("#part-" + line + "-bend", "8");
        enter("#part-" + line + "-points", "4, 10, 30; -1, 10, 30; -1, 16, 30");
        assertThat(trouble()).contains("“brake line” can’t bend at point 2: 90.0° with a radius of 8 in");
        enter("#part-" + line + "-points", "4, 10");
        assertThat(trouble()).contains("is no point");
        pickInCycle("Least clearances");
        enter("#rule-paint", "-1");
        assertThat(trouble()).contains("must not be less than 0");
        enter("#rule-paint", "0.1 mm");
        assertThat(vehicle().build().rules().paint()).isCloseTo(0.0001, within(1e-9));
    }

    /** A tape reads no negative lengths: the sides of a box are told by the side of the centreline that they are on. */
    @Test
    void aBoxIsTapedFromTheCentreline() {
        step("cycle");
        pickAdding();
        enter("#part-name", "muffler");
        press("#part-add-box");
        String field = "#part-"
                + (vehicle().build().surroundings(AxlePlace.REAR).parts().size() - 1) + "-";
        enter(field + "right", "20");
        enter(field + "left", "-12");
        Box box = ((Part.BoxForm) part("muffler").form()).box();
        assertThat(new double[] {box.right(), box.left()})
                .containsExactly(new double[] {-inches(20), -inches(12)}, within(1e-9));
        assertThat(fieldText(field + "left")).isEqualTo("12");
        assertThat(fieldText(field + "right")).isEqualTo("20");
        assertThat(inspected()).contains("out from the centreline, on the right");
        enter(field + "left", "14");
        assertThat(((Part.BoxForm) part("muffler").form()).box().left()).isCloseTo(-inches(14), within(1e-9));
        assertThat(((Part.BoxForm) part("muffler").form()).box().right()).isCloseTo(-inches(20), within(1e-9));
    }

    /** Only the fields of what is picked are there: a part's, a mount's, or none. */
    @Test
    void onlyWhatIsPickedHasFields() {
        step("cycle");
        assertThat(lookup("#part-0-bottom").tryQuery()).isEmpty();
        CycleBoard board = lookup("#cycle-board").query();
        Grip guard = Grip.part("tank guard");
        clickOn(onBoard(board, guard));
        assertThat(board.inHand()).contains(guard);
        assertThat(lookup("#part-0-bottom").tryQuery()).isPresent();
        assertThat(lookup("#part-1-bottom").tryQuery()).isEmpty();
        Grip mount = new Grip.OnMount(new MountRef(AxlePlace.REAR, "lower frame left"));
        onFx(() -> board.take(Optional.of(mount)));
        assertThat(lookup("#part-0-bottom").tryQuery()).isEmpty();
        double up = rear().position("lower frame left", vehicle().wheelbase()).getZ();
        enter("#cycle-mount-up", "20");
        assertThat(rear().position("lower frame left", vehicle().wheelbase()).getZ())
                .isCloseTo(inches(20), within(1e-9))
                .isNotCloseTo(up, within(1e-3));
        onFx(() -> board.take(Optional.empty()));
        assertThat(lookup("#cycle-mount-up").tryQuery()).isEmpty();
    }

    private String inspected() {
        return lookup(".label").queryAllAs(Label.class).stream()
                .map(Label::getText)
                .collect(Collectors.joining("; "));
    }

    /** A plate is drawn by its corners, turned another way, and what is no plate is refused. */
    @Test
    void anOutlineIsDrawnByItsCorners() {
        step("cycle");
        pickAdding();
        enter("#part-name", "gusset");
        press("#part-add-outline");
        int index = vehicle().build().surroundings(AxlePlace.REAR).parts().size() - 1;
        String field = "#part-" + index + "-";
        enter(field + "corners", "-16, 20; -6, 20; -6, 26; -16, 22");
        enter(field + "from", "10");
        Part.OutlineForm plate = (Part.OutlineForm) part("gusset").form();
        assertThat(plate.outline()).hasSize(4);
        assertThat(plate.to() - plate.from()).isCloseTo(inches(0.25), within(1e-9));
        enter(field + "corners", "-16, 20; -6, 20");
        assertThat(trouble()).contains("three corners or more");
        enter(field + "corners", "-16, 20; -6, 26; -6, 20; -16, 26");
        assertThat(trouble()).contains("gusset").contains("crosses");
        assertThat(((Part.OutlineForm) part("gusset").form()).outline()).isEqualTo(plate.outline());
        onFx(() -> lookup(field + "along").<ComboBox<Axis>>query().setValue(Axis.UP));
        Part.OutlineForm turned = (Part.OutlineForm) part("gusset").form();
        assertThat(turned.from()).isCloseTo(inches(20), within(1e-9));
        assertThat(turned.to()).isCloseTo(inches(26), within(1e-9));
        assertThat(turned.outline()).hasSize(4);
    }

    /** Joints of one link that tilt less than the others end the travel by themselves; emptied, they are as the others. */
    @Test
    void theJointsOfOneLinkAreTheirOwn() {
        step("cycle");
        pickInCycle("Least clearances");
        onFx(() -> lookup("#rule-link").<ComboBox<String>>query().setValue("upper left"));
        enter("#rule-link-joint", "0.5");
        assertThat(vehicle().build().rules().joint("upper left")).isCloseTo(Math.toRadians(0.5), within(1e-9));
        eventually(() -> side().contains("joint at upper"));
        enter("#rule-link-joint", "-3");
        assertThat(trouble()).contains("must allow some misalignment");
        enter("#rule-link-joint", "");
        assertThat(vehicle().build().rules().joints()).isEmpty();
    }

    /** A hose that is too short for the droop is told of, ends it, and a longer one is tried and taken. */
    @Test
    void aHoseFollowsTheAxle() {
        step("cycle");
        int before = hoses().size();
        pickAdding();
        enter("#part-name", "breather");
        press("#hose-add");
        assertThat(hoses()).hasSize(before + 1);
        String row = "#hose-" + before;
        enter(row + "-from", "0, 4, 28");
        enter(row + "-to", "0, 4, 20");
        enter(row + "-length", "10");
        enter(row + "-bend", "0");
        Hose breather = hoses().get(before);
        assertThat(Vector3D.distance(breather.from().at(), breather.to().at())).isCloseTo(inches(8), within(1e-9));
        eventually(() -> side().contains("hose breather is pulled"));
        assertThat(label("#cycle-headline")).isNotBlank();
        enter(row + "-length", "20");
        eventually(() -> shown("#cycle-progress")
                && text("#cycle-progress").contains("Press one")
                && !side().contains("hose breather is pulled"));
        enter(row + "-to", "0, 4");
        assertThat(trouble()).contains("is no point");
        onFx(() -> lookup(row + "-to-body").<ComboBox<BodyName>>query().setValue(BodyName.of("frame")));
        assertThat(hoses().get(before).to().body()).isEqualTo(BodyName.of("frame"));
        press("#hose-drop-" + before);
        assertThat(hoses()).hasSize(before);
    }

    private void pickAdding() {
        pickInCycle("Add a part or a hose");
    }

    /** Picks from the list of what is there, as a hand would that can't see it on the drawing. */
    private void pickInCycle(String name) {
        onFx(() -> {
            ComboBox<Object> list = lookup("#cycle-pick").query();
            list.setValue(list.getItems().stream()
                    .filter(one -> list.getConverter().toString(one).equals(name))
                    .findFirst()
                    .orElseThrow());
        });
    }

    private List<Hose> hoses() {
        return vehicle().build().surroundings(AxlePlace.REAR).hoses();
    }

    /** Springs put wrong are said, set to the weight, suggested anew; the mount goes where the split is. */
    @Test
    void springsAreSetToTheWeight() {
        step("shocks");
        assertThat(label("#shocks-headline")).startsWith("Shaft is left at both ends");
        assertThat(side()).contains("let go hard. Stands under frame and axle");
        section("shocks-open-springs");
        enter("#spring-preload", "3");
        assertThat(label("#shocks-headline")).contains("it will stand high");
        press("#ride-set");
        assertThat(label("#shocks-headline")).startsWith("Shaft is left at both ends");
        enter("#wanted-frequency", "1.6");
        press("#spring-suggest");
        RideStudy study = RideStudy.of(vehicle(), AxlePlace.REAR);
        assertThat(study.frequency()).isCloseTo(1.6, within(0.12));
        assertThat(study.ride().left()).isCloseTo(study.wanted(1), within(1.0));
        assertThat(((Coils) springing().shocks().get(0).spring().orElseThrow()).coils())
                .hasSize(2);
        section("shocks-open-shock");
        enter("#wanted-split", "40");
        press("#split-set");
        assertThat(RideStudy.of(vehicle(), AxlePlace.REAR).shocks().get(0).upShare())
                .isCloseTo(0.4, within(1e-6));
        assertThat(label("#shocks-headline")).contains("is bottomed at full bump before a bump stop is solid");
        section("shocks-open-springs");
        press("#spring-air");
        assertThat(side()).contains("exponent 1.30");
        section("shocks-open-stops");
        enter("#stop-forces", "100, 300, 900, 4000");
        assertThat(springing().stops().get(0).forces())
                .hasSize(4)
                .first()
                .satisfies(force -> assertThat(force).isCloseTo(100 * 4.4482216, within(0.01)));
        enter("#stop-forces", "100, 90");
        assertThat(trouble()).isNotBlank();
        enter("#stop-forces", "100, heavy");
        assertThat(trouble()).contains("heavy");
        section("shocks-open-straps");
        enter("#strap-length", "8");
        press("#strap-set");
        assertThat(springing().straps().get(0).length()).isGreaterThan(inches(8));
    }

    /** Pressing a place of the patch puts the upper mounts there; shaft is left at both ends, and the springs are set anew. */
    @Test
    void theUpperMountGoesWhereItsPatchIsPressed() {
        step("shocks");
        String upper = springing().shocks().get(0).upper();
        Vector3D before = rear().position(upper, vehicle().wheelbase());
        Node patch = lookup("#shock-patch").query();
        eventually(() ->
                patch.getAccessibleText() != null && patch.getAccessibleText().contains("may go here"));
        // Four of its quarter inches ahead of the mount, which stands in the middle of the square under the title.
        double edge = patch.getLayoutBounds().getWidth() - 20;
        double ahead = 4 * edge / (2 * MovePatch.REACH + 1);
        clickOn(patch.localToScreen(10 + edge / 2 - ahead, 29 + edge / 2));
        Vector3D after = rear().position(upper, vehicle().wheelbase());
        assertThat(after.getX() - before.getX()).isCloseTo(inches(1), within(inches(0.07)));
        assertThat(after.getZ()).isCloseTo(before.getZ(), within(inches(0.07)));
        // Leaned over it springs the axle less; set to the weight anew, all is as wanted.
        assertThat(label("#shocks-headline")).contains("it will sit low");
        section("shocks-open-springs");
        press("#ride-set");
        assertThat(label("#shocks-headline")).startsWith("Shaft is left at both ends");
        push(KeyCode.CONTROL, KeyCode.Z);
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(rear().position(upper, vehicle().wheelbase())).isEqualTo(before);
    }

    /** Corner weights come from four scales that stream; ride height is set from them. */
    @Test
    void weightsComeFromTheScales() {
        step("shocks");
        section("shocks-open-weights");
        press("#scale-try");
        eventually(() -> shown("#scale-take")
                && lookup("#scale-take").query().isVisible()
                && text("#scale-shows").chars().filter(c -> c == '·').count() == 3
                && !text("#scale-shows").contains("–"));
        // It is taken once the scales stand still.
        eventually(() -> {
            press("#scale-take");
            return !vehicle().build().weights().isEmpty();
        });
        assertThat(vehicle().build().weights().get(AxlePlace.REAR).left())
                .isGreaterThan(vehicle().build().weights().get(AxlePlace.REAR).right());
        section("shocks-open-springs");
        press("#ride-set");
        RideStudy study = RideStudy.of(vehicle(), AxlePlace.REAR);
        assertThat(study.ride().left() + study.ride().right())
                .isCloseTo(study.wanted(1) + study.wanted(-1), within(1.0));
    }

    @Test
    void aCatalogueGoesOutAndComesIn() throws Exception {
        step("shocks");
        nextAnswer = folder.resolve("shocks.csv");
        section("shocks-open-shock");
        press("#shock-csv-out");
        String table = Files.readString(nextAnswer);
        assertThat(table).startsWith("model,collapsed_mm").contains("12 in coilover, 2.5 in body");
        Files.writeString(nextAnswer, "model,collapsed_in,extended_in,body_in\nour own,18,32.5,2.5\n");
        press("#shock-csv-in");
        onFx(() -> lookup("#shock-model").<ComboBox<String>>query().setValue("our own"));
        assertThat(springing().shocks().get(1).size().orElseThrow().extended()).isCloseTo(inches(32.5), within(1e-9));
        Files.writeString(nextAnswer, "model,collapsed_in,extended_in,body_in\nour own,18,12,2.5\n");
        press("#shock-csv-in");
        assertThat(trouble()).contains("it has no stroke");
    }

    /** An axle without shocks gets a pair, stops and straps, and stands on them. */
    @Test
    void shocksAreHungOnAnAxleThatHasNone() throws Exception {
        Path sedge = folder.resolve("sedge.palanca.json");
        copyExample("sedge.palanca.json", sedge);
        onFx(() -> window.files().open(sedge));
        step("shocks");
        ShockBoard board = lookup("#shock-board").query();
        onFx(board::requestFocus);
        push(KeyCode.CLOSE_BRACKET);
        assertThat(board.inHand())
                .as("where nothing hangs there is nothing to take")
                .isEmpty();
        assertThat(label("#shocks-headline")).startsWith("No shocks yet");
        press("#shock-add");
        section("shocks-open-bars");
        press("#sway-add");
        section("shocks-open-straps");
        press("#strap-add");
        section("shocks-open-stops");
        press("#stop-add");
        enter("#stop-force", "3000");
        assertThat(springing().stops().get(1).forces().get(3)).isCloseTo(3000 * 4.4482216, within(0.01));
        section("shocks-open-springs");
        press("#spring-suggest");
        assertThat(springing().stops()).hasSize(2);
        assertThat(springing().straps()).hasSize(2);
        assertThat(springing().swayBars()).hasSize(1);
        RideStudy study = RideStudy.of(vehicle(), AxlePlace.REAR);
        assertThat(study.ride().left()).isCloseTo(study.wanted(1), within(1.0));
    }

    /** Every way of springing an axle can be hung on it, carries it, and comes off again without a trace. */
    @Test
    void everyLayoutIsHungAndTakenOff() throws Exception {
        Path sedge = folder.resolve("sedge.palanca.json");
        copyExample("sedge.palanca.json", sedge);
        onFx(() -> window.files().open(sedge));
        step("shocks");
        Vehicle bare = vehicle();
        for (ShockLayout layout : ShockLayout.values()) {
            onFx(() -> lookup("#shock-layout").<ComboBox<ShockLayout>>query().setValue(layout));
            press("#shock-add");
            section("shocks-open-springs");
            if (layout != ShockLayout.SHOCK) {
                RideStudy study = RideStudy.of(vehicle(), AxlePlace.REAR);
                assertThat(study.ride().left()).as("%s", layout).isCloseTo(study.wanted(1), within(1.0));
                enter("#wanted-frequency", layout.ordinal() % 2 == 0 ? "1.5" : "1.7");
                double reached = RideStudy.of(vehicle(), AxlePlace.REAR).frequency();
                assertThat(reached).as("%s", layout).isBetween(1.3, 2.1);
            } else {
                assertThat(springing().carries()).isFalse();
            }
            section("shocks-open-shock");
            press("#shock-drop");
            assertThat(vehicle().axles()).as("%s", layout).isEqualTo(bare.axles());
        }
    }

    @Test
    void thePinionIsTurnedAsItsSchoolWants() {
        step("shaft");
        assertThat(label("#shaft-headline")).contains("Turns unevenly");
        press("#shaft-turn");
        assertThat(rear().pinion()).isCloseTo(Math.toRadians(3), within(1e-6));
        assertThat(label("#shaft-headline")).startsWith("No joint binds");
        onFx(() -> lookup("#shaft-joints")
                .<ComboBox<Driveline.Joints>>query()
                .setValue(Driveline.Joints.DOUBLE_AT_GEARBOX));
        assertThat(side()).contains("double joint at the gearbox the school is pointing at it");
        section("shaft-open-shaft");
        enter("#shaft-limit", "6");
        assertThat(label("#shaft-headline")).contains("A joint binds");
        press("#shaft-pose-droop");
        assertThat(window.state().poseProperty().get())
                .isEqualTo(WheelTravel.both(-rear().travel().droop()));
        section("shaft-open-pinion");
        enter("#shaft-drop", "2");
        assertThat(vehicle()
                        .build()
                        .surroundings(AxlePlace.REAR)
                        .driveline()
                        .orElseThrow()
                        .drop())
                .isCloseTo(inches(2), within(1e-9));
        push(KeyCode.F6);
        assertThat(window.state().axleProperty().get()).isEqualTo(AxlePlace.FRONT);
        assertThat(label("#shaft-headline")).contains("Nothing known yet of the shaft");
    }

    /** The half-shafts of independent wheels: an ordinary start until one measure is typed, then their own; what binds is said. */
    @Test
    void halfShaftsAreDescribed() throws Exception {
        Path plover = folder.resolve("plover.palanca.json");
        copyExample("plover.palanca.json", plover);
        onFx(() -> window.files().open(plover));
        onFx(() -> window.state().axleProperty().set(AxlePlace.REAR));
        step("shaft");
        assertThat(label("#shaft-headline")).startsWith("Nothing known yet of the half-shafts");
        assertThat(lookup("#half-shaft-board").query().isVisible()).isTrue();
        assertThat(lookup("#shaft-trade").query().isVisible()).isFalse();
        section("shaft-open-half");
        enter("#shaft-inner-left", "7");
        HalfShafts shafts =
                vehicle().build().surroundings(AxlePlace.REAR).halfShafts().orElseThrow();
        assertThat(shafts.inner().getY()).isCloseTo(inches(7), within(1e-9));
        assertThat(label("#shaft-headline")).startsWith("No joint binds");
        enter("#shaft-half-limit", "3");
        assertThat(label("#shaft-headline")).contains("Each half-shaft: a joint binds");
        press("#shaft-pose-left-up");
        assertThat(window.state().poseProperty().get().left()).isPositive();
        enter("#shaft-inner-ahead", "1/2");
        assertThat(vehicle()
                        .build()
                        .surroundings(AxlePlace.REAR)
                        .halfShafts()
                        .orElseThrow()
                        .inner()
                        .getX())
                .isCloseTo(-vehicle().wheelbase() + inches(0.5), within(1e-9));
        push(KeyCode.CONTROL, KeyCode.Z);
        push(KeyCode.CONTROL, KeyCode.Z);
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(vehicle().build().surroundings(AxlePlace.REAR).halfShafts()).isEmpty();
    }

    /** A differential off the middle: the shafts are told each for itself, and the drive shaft beside them stands still. */
    @Test
    void aDifferentialHangsInTheFrame() throws Exception {
        Path plover = folder.resolve("plover.palanca.json");
        copyExample("plover.palanca.json", plover);
        onFx(() -> window.files().open(plover));
        onFx(() -> window.state().axleProperty().set(AxlePlace.REAR));
        step("shaft");
        section("shaft-open-half");
        press("#shaft-take-half");
        section("shaft-open-differential");
        enter("#shaft-middle-left", "2");
        Differential hung =
                vehicle().build().surroundings(AxlePlace.REAR).differential().orElseThrow();
        assertThat(hung.middle().getY()).isCloseTo(inches(2), within(1e-9));
        assertThat(hung.left()).as("as the half-shafts had it").isCloseTo(inches(6), within(1e-9));
        assertThat(texts()).anyMatch(text -> text.startsWith("Left half-shaft:"));
        enter("#shaft-hung-ears", "7 1/2");
        enter("#shaft-hung-plate", "1/4");
        assertThat(texts()).anyMatch(text -> text.contains("8 in over its plates"));
        press("#shaft-access-fill");
        assertThat(vehicle()
                        .build()
                        .surroundings(AxlePlace.REAR)
                        .part("fill plug")
                        .orElseThrow()
                        .kind())
                .isEqualTo(Part.Kind.SERVICE);
        assertThat(lookup("#shaft-access-fill").queryAll()).isEmpty();
        enter("#shaft-hung-nose", "-3");
        assertThat(trouble()).contains("nose");
        section("shaft-open-shaft");
        press("#shaft-take");
        assertThat(lookup("#shaft-board").query().isVisible()).isTrue();
        assertThat(texts()).anyMatch(text -> text.startsWith("The drive shaft"));
    }

    /** Turning the housing of a steered axle costs caster: both on one picture, and turned by the button, degree for degree. */
    @Test
    void turningASteeredHousingCostsCaster() {
        step("shaft");
        push(KeyCode.F6);
        Axle front = vehicle().axle(AxlePlace.FRONT).orElseThrow();
        assertThat(lookup("#shaft-trade").query().getAccessibleText()).isEqualTo("Turning the housing, with caster");
        section("shaft-open-shaft");
        press("#shaft-take");
        assertThat(vehicle().build().surroundings(AxlePlace.FRONT).driveline()).isPresent();
        press("#shaft-turn");
        Axle turned = vehicle().axle(AxlePlace.FRONT).orElseThrow();
        assertThat(turned.pinion()).isNotEqualTo(front.pinion());
        assertThat(turned.pinion() + turned.caster().orElseThrow())
                .isCloseTo(front.pinion() + front.caster().orElseThrow(), within(1e-6));
        assertThat(side()).doesNotContain("! Pinion");
    }

    /** Dragged past where it tips it says so, and standing level again it carries what it carried; a hung wheel is named. */
    @Test
    void theSlopeIsDraggedPastWhereItTips() {
        step("slope");
        String level = side();
        onFx(() -> lookup("#slope-across").queryAs(Slider.class).setValue(50));
        eventually(() -> side().contains("No pose holds here"));
        onFx(() -> lookup("#slope-across").queryAs(Slider.class).setValue(20));
        eventually(() -> side().contains("to the right against the ground") && !side().contains("No pose holds"));
        press("#slope-level");
        eventually(() -> loads(side()).equals(loads(level)));
        enter("#slope-rock-front-left", "16");
        enter("#slope-rock-rear-right", "16");
        eventually(() -> side().contains("wheel is off the ground"));
        press("#slope-level");
        eventually(() -> loads(side()).equals(loads(level)));
    }

    private static String loads(String said) {
        return said.lines()
                .filter(line -> line.startsWith("Front "))
                .findFirst()
                .orElse("none");
    }

    /** A slope is dragged by keys and a rock put under a wheel: loads, results and tip angles follow. */
    @Test
    void theVehicleStandsOnASlope() {
        step("slope");
        assertThat(label("#slope-headline")).contains("0.0° nose uphill");
        String level = side();
        onFx(() -> lookup("#slope-climb").query().requestFocus());
        for (int i = 0; i < 10; i++) {
            push(KeyCode.RIGHT);
        }
        assertThat(lookup("#slope-climb").queryAs(Slider.class).getValue()).isCloseTo(10, within(1e-9));
        assertThat(label("#slope-headline")).contains("10.0° nose uphill");
        assertThat(side()).isNotEqualTo(level).contains("F h / L =").contains("Anti-squat");
        enter("#slope-rock-rear-left", "8");
        eventually(() -> side().contains("leans"));
        eventually(() -> side().contains("it tips at"));
        press("#slope-level");
        assertThat(label("#slope-headline")).contains("0.0° nose uphill");
    }

    /** Every example goes through the four steps, both axles. */
    @Test
    void everyExampleCanBeCycled() throws Exception {
        for (String file : List.of("sedge", "gorse", "plover", "wain", "marram")) {
            Path copy = folder.resolve(file + ".palanca.json");
            copyExample(file + ".palanca.json", copy);
            onFx(() -> window.files().open(copy));
            for (int i = 0; i < 2; i++) {
                for (String step : List.of("cycle", "shocks", "shaft", "slope")) {
                    onFx(() -> window.open(step));
                    assertThat(Optional.ofNullable(trouble()))
                            .as("%s %s", file, step)
                            .isPresent();
                    assertThat(side()).as("%s %s", file, step).isNotBlank();
                }
                push(KeyCode.F6);
            }
        }
        assertThat(lookup("#step-cutlist").queryAs(Button.class)).isNotNull();
    }
}
