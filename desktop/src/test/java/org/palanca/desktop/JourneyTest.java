package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.base.units.Lengths;
import org.palanca.cli.Main;
import org.palanca.drawing.Elevation;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.ReadingKind;

/** Whole journeys through the real window, as a builder makes them. */
class JourneyTest extends WindowTest {
    private static final String UPPER = "upper frame left";

    private Axle rear() {
        return window.document().vehicle().axle(AxlePlace.REAR).orElseThrow();
    }

    private double commandLine(Path file, String pointer, String... more) throws Exception {
        StringWriter out = new StringWriter();
        String[] arguments = new String[3 + more.length];
        arguments[0] = "solve";
        arguments[1] = file.toString();
        arguments[2] = "--json";
        System.arraycopy(more, 0, arguments, 3, more.length);
        int code = Main.run(arguments, new PrintWriter(out), new PrintWriter(System.err));
        assertThat(code).isZero();
        JsonNode json = new ObjectMapper().readTree(out.toString());
        return json.at("/axles/rear/results/" + pointer + "/value").asDouble();
    }

    /** Drag a mount, read the strips, undo, type 33 5/8, save, reopen, compare with the command line. */
    @Test
    void dragUndoTypeSaveReopenAndCompareWithTheCommandLine() throws Exception {
        assertThat(strip("anti_squat")).isEqualTo("95 %");
        Vehicle before = window.document().vehicle();

        Point2D grip = mount(UPPER, Elevation.SIDE);
        drag(grip, MouseButton.PRIMARY).moveBy(12, -6).moveBy(18, -6).drop();
        assertThat(rear().position(UPPER, before.wheelbase()).getX())
                .as("dragged to the right, which is rearward")
                .isLessThan(before.axle(AxlePlace.REAR)
                        .orElseThrow()
                        .position(UPPER, before.wheelbase())
                        .getX());
        assertThat(rear().position("upper frame right", before.wheelbase()).getX())
                .as("the mirrored side follows")
                .isEqualTo(rear().position(UPPER, before.wheelbase()).getX());
        assertThat(strip("anti_squat")).isNotEqualTo("95 %");

        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(window.document().vehicle())
                .as("one drag is one step of undo")
                .isEqualTo(before);
        assertThat(strip("anti_squat")).isEqualTo("95 %");
        push(KeyCode.CONTROL, KeyCode.Y);
        assertThat(strip("anti_squat")).isNotEqualTo("95 %");

        type("#mount-ahead", "33 5/8");
        assertThat(fieldText("#mount-ahead")).isEqualTo("33 5/8");
        double ahead = rear().position(UPPER, before.wheelbase()).getX() + before.wheelbase();
        assertThat(ahead).isCloseTo(Lengths.inches(33.625), within(1e-9));

        push(KeyCode.CONTROL, KeyCode.S);
        assertThat(window.document().unsaved().get()).isFalse();
        Vehicle saved = window.document().vehicle();
        String antiSquat = strip("anti_squat");
        onFx(() -> window.files().open(tarn));
        assertThat(window.document().vehicle()).isEqualTo(saved);
        assertThat(strip("anti_squat")).isEqualTo(antiSquat);
        assertThat(antiSquat).isEqualTo(Math.round(commandLine(tarn, "anti_squat_percent")) + " %");
        assertThat(strip("roll_centre_height"))
                .isEqualTo(Lengths.nearest(commandLine(tarn, "roll_centre_height_mm") / 1000, 16)
                                .text() + " in");
    }

    /** A new user reads the foot line, tries what it proposes, and the flaw is gone. */
    @Test
    void theDemosFlawIsFoundAndCuredFromTheFootLine() {
        assertThat(trouble()).contains("anti-squat is 129 %", "6 1/2 in droop", "no more than 100 %");
        eventually(() -> trouble().contains("Move both upper frame mounts"));
        assertThat(trouble()).contains("back", "up");
        Vehicle flawed = window.document().vehicle();
        Vehicle baseline = window.document().baselineProperty().get();
        clickOn("#trouble-try");
        assertThat(trouble()).startsWith("Move both upper frame mounts").endsWith("Dashed: as it was.");
        assertThat(window.document().baselineProperty().get())
                .as("what it was is laid under it")
                .isEqualTo(flawed);
        clickOn("#trouble-stop");
        assertThat(window.document().vehicle()).as("left as it was").isEqualTo(flawed);
        assertThat(window.document().baselineProperty().get()).isEqualTo(baseline);
        eventually(() -> trouble().contains("Move both upper frame mounts"));
        clickOn("#trouble-try");
        clickOn("#trouble-try");
        assertThat(window.document().vehicle()).as("taken").isNotEqualTo(flawed);
        assertThat(window.document().baselineProperty().get()).isEqualTo(baseline);
        eventually(() -> trouble().startsWith("Measure: "));
        assertThat(trouble())
                .as("what else is not as it should be is said, what is first in the work first")
                .contains("Most likely wrong: tape horn right to kick right", "more.");
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(trouble()).contains("anti-squat is 129 %");
    }

    /** The same by keyboard alone: what is proposed is tried, taken, and the next that is wrong is said. */
    @Test
    void theDemosFlawIsCuredByKeyboardAlone() {
        Vehicle flawed = window.document().vehicle();
        push(KeyCode.CONTROL, KeyCode.ENTER);
        eventually(() -> trouble().endsWith("Dashed: as it was."));
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(window.document().vehicle()).isEqualTo(flawed);
        eventually(() -> trouble().contains("Move both upper frame mounts"));
        push(KeyCode.CONTROL, KeyCode.ENTER);
        eventually(() -> trouble().endsWith("Dashed: as it was."));
        push(KeyCode.CONTROL, KeyCode.ENTER);
        eventually(() -> trouble().startsWith("Measure: "));
        assertThat(strip("anti_squat")).isNotBlank();
        assertThat(window.document().vehicle()).isNotEqualTo(flawed);
        assertThat(window.document().baselineProperty().get()).isEqualTo(flawed);
    }

    @Test
    void theTravelPadMovesTheAxleAndEveryStripWithIt() throws Exception {
        Bounds square = pad();
        Point2D droop = new Point2D(square.getMinX() + 1, square.getMaxY() - 1);
        clickOn(droop);
        WheelTravel pose = window.state().poseProperty().get();
        assertThat(pose.left()).isEqualTo(pose.right()).isLessThan(-0.15);
        String inInches = pose.left() / 0.0254 + " in";
        assertThat(strip("anti_squat"))
                .isEqualTo(Math.round(commandLine(tarn, "anti_squat_percent", "--bump", inInches)) + " %");
        push(KeyCode.F2);
        assertThat(strip("anti_squat")).isEqualTo("95 %");
        push(KeyCode.F5);
        assertThat(window.state().poseProperty().get().left()).isPositive();
        assertThat(window.state().poseProperty().get().right()).isNegative();
    }

    @Test
    void theWorkingOpensWithThisVehiclesNumbersAndItsBandCanBeChanged() {
        clickOn("#strip-anti_squat");
        assertThat(lookup(".formula").queryAll()).isNotEmpty();
        assertThat(lookup(".formula-numbers").queryAllAs(javafx.scene.control.Label.class))
                .anySatisfy(label -> assertThat(plain(label.getText())).contains("106 in", "29 1/2 in", "95 %"));
        interact(() -> lookup("#band-high").query().requestFocus());
        onFx(() -> lookup("#band-high")
                .queryAs(javafx.scene.control.TextField.class)
                .setText("140"));
        push(KeyCode.ENTER);
        assertThat(window.document().vehicle().targets()).containsKey("rear.anti_squat");
        push(KeyCode.ESCAPE);
        interact(() -> window.state().litProperty().set(null));
        assertThat(trouble()).doesNotContain("anti-squat");
    }

    @Test
    void aBaselineIsPinnedAndChangesAreShownAgainstIt() {
        clickOn("#pin");
        clickOn(mount(UPPER, Elevation.SIDE));
        push(KeyCode.UP);
        push(KeyCode.UP);
        double raised = rear().position(UPPER, 2.6924).getZ();
        assertThat(raised).isCloseTo(Lengths.inches(24.875), within(1e-9));
        assertThat(lookup("#strip-anti_squat .strip-change")
                        .queryAs(javafx.scene.control.Label.class)
                        .getText())
                .contains("−", "on baseline");
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(rear().position(UPPER, 2.6924).getZ())
                .as("nudges in a row are one step")
                .isCloseTo(Lengths.inches(24.75), within(1e-9));
    }

    @Test
    void sidesUnlinkAndThenMoveAlone() {
        clickOn(mount(UPPER, Elevation.TOP));
        clickOn("#mount-mirror");
        type("#mount-up", "25 1/2");
        assertThat(rear().position("upper frame right", 2.6924).getZ()).isCloseTo(Lengths.inches(24.75), within(1e-9));
        assertThat(rear().position(UPPER, 2.6924).getZ()).isCloseTo(Lengths.inches(25.5), within(1e-9));
    }

    @Test
    void anAxleMountIsDraggedWhereItIsDrawnAlsoWhenTheAxleIsTwisted() {
        onFx(() -> window.state().poseProperty().set(new WheelTravel(0.1, -0.1)));
        Point2D before = mount("lower axle left", Elevation.REAR);
        drag(before, MouseButton.PRIMARY).moveBy(14, 9).drop();
        Point2D after = mount("lower axle left", Elevation.REAR);
        assertThat(after.getX() - before.getX()).isCloseTo(14, within(5.0));
        assertThat(after.getY() - before.getY()).isCloseTo(9, within(5.0));
    }

    @Test
    void aVehicleStartsFromALayout() {
        onFx(window::startNew);
        clickOn("#new-use-street");
        assertThat(lookup("#new-tyre")
                        .queryAs(javafx.scene.control.TextField.class)
                        .getText())
                .as("a tyre that was not typed follows the use")
                .startsWith("26 1/2");
        clickOn("#new-use-trail");
        type("#new-wheelbase", "8' 8");
        type("#new-tyre", "twelve");
        clickOn("#new-start");
        assertThat(window.document().vehicle().name())
                .as("bad text starts nothing")
                .isEqualTo("Tarn 4");
        type("#new-tyre", "33");
        clickOn("#new-type-triangulated_both");
        clickOn("#new-start");
        assertThat(window.document().vehicle().wheelbase()).isCloseTo(Lengths.inches(104), within(1e-9));
        assertThat(strip("anti_squat")).endsWith("%");
        nextAnswer = folder.resolve("mine");
        push(KeyCode.CONTROL, KeyCode.S);
        assertThat(folder.resolve("mine.palanca.json")).exists();
    }

    @Test
    void makeListsTheLinksAndWritesTheSheet() throws Exception {
        step("cutlist");
        assertThat(lookup(".link-card").queryAll()).hasSize(8);
        assertThat(lookup("#tube-rear-lower-left")
                        .queryAs(org.palanca.desktop.control.FractionText.class)
                        .plain())
                .isEqualTo("35 5/16 in");
        nextAnswer = folder.resolve("sheet.pdf");
        clickOn("#make-placement");
        clickOn("#preview-save");
        assertThat(Files.readAllBytes(nextAnswer)).startsWith("%PDF".getBytes());
        assertThat(notice()).contains("Written", "mark");
        nextAnswer = folder.resolve("cut.pdf");
        clickOn("#make-sheet");
        clickOn("#preview-save");
        try (PDDocument cut = Loader.loadPDF(nextAnswer.toFile())) {
            assertThat(cut.getNumberOfPages()).as("a list, and a page a link").isEqualTo(9);
            assertThat(new PDFTextStripper().getText(cut)).contains("R-LL", "35 5/16 in");
        }
    }

    @Test
    void commandsAreFoundByAFewLetters() {
        push(KeyCode.CONTROL, KeyCode.K);
        write("other ax");
        push(KeyCode.ENTER);
        assertThat(window.state().axleProperty().get()).isEqualTo(AxlePlace.FRONT);
        assertThat(strip("caster")).isEqualTo("6.0°");
    }

    /** From nothing to paper: a vehicle is started, six marks are taped from a centreline, and a mount's sheet is printed. */
    @Test
    void aVehicleGoesFromNothingToAPrintedSheet() throws Exception {
        onFx(window::startNew);
        type("#new-name", "Shed");
        clickOn("#new-start");
        step("measure");
        assertThat(label("#survey-headline")).startsWith("Start with two marks");
        Map<String, Vector3D> truth = new LinkedHashMap<>();
        truth.put("string front", new Vector3D(0, 0, 0));
        truth.put("string rear", new Vector3D(-3.6, 0, 0));
        truth.put("horn left", new Vector3D(-0.2, 0.42, 0.55));
        truth.put("horn right", new Vector3D(-0.2, -0.42, 0.55));
        truth.put("tail left", new Vector3D(-3.4, 0.45, 0.7));
        truth.put("tail right", new Vector3D(-3.4, -0.45, 0.7));
        for (Map.Entry<String, Vector3D> one : truth.entrySet()) {
            boolean string = one.getKey().startsWith("string");
            onFx(() -> {
                lookup("#mark-on-floor").queryAs(CheckBox.class).setSelected(string);
                lookup("#mark-on-string").queryAs(CheckBox.class).setSelected(string);
                lookup("#new-mark").queryAs(TextField.class).setText(one.getKey());
            });
            press("#make-mark");
        }
        reading(ReadingKind.AHEAD, "string front", "", 0);
        for (String held : truth.keySet()) {
            if (!held.startsWith("string")) {
                reading(ReadingKind.HEIGHT, held, "", truth.get(held).getZ());
            }
            for (String from : truth.keySet()) {
                if (from.compareTo(held) < 0) {
                    reading(ReadingKind.DISTANCE, from, held, Vector3D.distance(truth.get(from), truth.get(held)));
                }
            }
        }
        assertThat(label("#survey-headline"))
                .as("all six are held; what holds them fore and aft is read once")
                .isEqualTo("No other reading checks this one: string front ahead of the front axle line."
                        + " A blunder in it would not show.");
        step("place");
        assertThat(label("#place-headline")).startsWith("Set upper frame left by tapes 1 to 4");
        nextAnswer = folder.resolve("shed.pdf");
        press("#place-print");
        press("#preview-save");
        try (PDDocument document = Loader.loadPDF(nextAnswer.toFile())) {
            assertThat(new PDFTextStripper().getText(document)).contains("Shed", "horn left");
        }
    }

    private void reading(ReadingKind kind, String from, String to, double value) {
        onFx(() -> lookup("#measure-kind").<ComboBox<ReadingKind>>query().setValue(kind));
        onFx(() -> measure().select(from, to.isEmpty() ? null : to));
        type("#measure-value", Lengths.format(value, window.words().units().length()));
    }
}
