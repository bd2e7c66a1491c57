package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.print.PrinterJob;
import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.image.ImageView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import javafx.scene.paint.Color;
import javafx.stage.Window;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.palanca.desktop.document.CrashRecovery;
import org.palanca.desktop.document.Settings;
import org.palanca.drawing.Elevation;
import org.palanca.io.json.VehicleFile;
import org.palanca.vehicle.MountRef;

/** What people expect of any program: taking things out of it, dropping things on it, knowing what is saved, and help. */
class ExpectedTest extends WindowTest {
    @Test
    void theBoardGoesOutAsADrawingOrAPicture() throws Exception {
        nextAnswer = folder.resolve("board.svg");
        push(KeyCode.CONTROL, KeyCode.E);
        settle();
        assertThat(Files.readString(nextAnswer)).startsWith("<svg").contains("Rear axle", "FROM BEHIND");
        nextAnswer = folder.resolve("board.pdf");
        push(KeyCode.F4);
        push(KeyCode.CONTROL, KeyCode.E);
        settle();
        try (var pdf = Loader.loadPDF(nextAnswer.toFile())) {
            assertThat(plain(new PDFTextStripper().getText(pdf))).contains("SIDE", "-6 1/2 in left");
        }
        nextAnswer = folder.resolve("board.png");
        push(KeyCode.CONTROL, KeyCode.E);
        settle();
        assertThat(ImageIO.read(nextAnswer.toFile()).getWidth()).isGreaterThan((int) board().getWidth());
        nextAnswer = folder.resolve("board");
        push(KeyCode.CONTROL, KeyCode.E);
        settle();
        assertThat(folder.resolve("board.svg")).as("an ending is put on").isRegularFile();
    }

    @Test
    void resultsAndPictureAreCopied() {
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.C);
        settle();
        Map<String, Object> copied = new java.util.HashMap<>();
        onFx(() -> copied.put("text", Clipboard.getSystemClipboard().getContent(DataFormat.PLAIN_TEXT)));
        List<String> lines = copied.get("text").toString().lines().toList();
        assertThat(lines.get(0)).isEqualTo("Result\tValue\tUnit\tVerdict");
        assertThat(plain(lines.get(1))).startsWith("Anti-squat\t95\t%\t29 % over");
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.P);
        settle();
        onFx(() -> copied.put("picture", Clipboard.getSystemClipboard().hasImage()));
        assertThat(copied.get("picture")).isEqualTo(true);
    }

    /** A sheet is seen before it goes anywhere: every page of it, with what it is printed on. */
    @Test
    void aSheetIsSeenBeforeItIsPrinted() {
        push(KeyCode.CONTROL, KeyCode.P);
        settle();
        assertThat(page()).contains("Placement sheet", "Pages: 1, each 8 1/2 by 11 in");
        eventually(() -> !lookup(node -> node instanceof ImageView).queryAll().isEmpty());
        onFx(() -> {
            ImageView first = lookup(node -> node instanceof ImageView).query();
            Color paper = first.getImage().getPixelReader().getColor(2, 2);
            assertThat(paper).isEqualTo(Color.WHITE);
            assertThat(first.getImage().getWidth() / first.getImage().getHeight())
                    .isCloseTo(8.5 / 11, within(0.01));
        });
        // Where a printer is set up, the system's own dialogue would open.
        if (PrinterJob.lookupPrintServices().length == 0) {
            press("#preview-print");
            eventually(() -> notice().contains("No printer is set up"));
        }
        onFx(() -> lookup("#axle-rear").query().requestFocus());
        push(KeyCode.ESCAPE);
        settle();
        assertThat(lookup("#open-page").query().isVisible()).isFalse();
    }

    /** The line by the name says whether it is saved and when; the title always says what is open. */
    @Test
    void whatIsSavedIsSaid() {
        assertThat(where()).doesNotContain("saved");
        clickOn(mount("upper frame left", Elevation.SIDE));
        push(KeyCode.UP);
        settle();
        assertThat(where()).startsWith("not saved");
        eventually(() -> where().startsWith("not saved, copy of "));
        push(KeyCode.CONTROL, KeyCode.S);
        settle();
        assertThat(where())
                .startsWith("saved "
                        + DateTimeFormatter.ofPattern("HH:", Locale.ROOT).format(LocalTime.now()));
        assertThat(stage.getTitle()).isEqualTo("Tarn 4 – Palanca");
    }

    private String where() {
        return plain(lookup("#where").queryAs(Label.class).getText());
    }

    /** After a crash it says which vehicle, from when, and what was changed; nothing is deleted without a second word. */
    @Test
    void whatACrashLeftIsTold() throws Exception {
        clickOn(mount("upper frame left", Elevation.SIDE));
        push(KeyCode.SHIFT, KeyCode.UP);
        eventually(() -> !copies().isEmpty());
        Path copy = copies().get(0);
        Path left = copy.resolveSibling("999999" + VehicleFile.ENDING);
        Files.copy(copy, left);
        Files.copy(
                copy.resolveSibling(copy.getFileName() + ".origin"),
                left.resolveSibling(left.getFileName() + ".origin"));
        CrashRecovery.Left found = CrashRecovery.left(home()).orElseThrow();
        onFx(() -> window.offerRecovered(found));
        assertThat(notice()).contains("Tarn 4 (from tarn.palanca.json)", "upper frame left is moved by 1 in");
        clickOn("Delete it");
        assertThat(notice()).contains("Nothing brings it back");
        assertThat(left).exists();
        clickOn("Keep it");
        assertThat(left).exists();
        onFx(() -> window.offerRecovered(found));
        clickOn("Delete it");
        clickOn("Delete it");
        assertThat(left).doesNotExist();
    }

    private Path home() {
        return Settings.load().folder();
    }

    private List<Path> copies() {
        File[] all = home().resolve("unsaved").toFile().listFiles((dir, name) -> name.endsWith(VehicleFile.ENDING));
        return all == null
                ? List.of()
                : java.util.Arrays.stream(all).map(File::toPath).toList();
    }

    @Test
    void keysAndLicencesAreReadAndClosedAgain() {
        push(KeyCode.F1);
        settle();
        assertThat(page()).contains("Measure on the drawing", "Turned view", "Arrows");
        push(KeyCode.ESCAPE);
        settle();
        assertThat(lookup("#open-page").query().isVisible()).isFalse();
        onFx(() -> window.read("about"));
        assertThat(page()).contains("Apache License", "OpenJFX", "SIL OPEN FONT LICENSE");
        clickOn("#page-close");
        assertThat(lookup("#open-page").query().isVisible()).isFalse();
    }

    /** The pointer resting on a field, or on its name, tells what the term in it means. */
    @Test
    void termsOfFieldsAreExplained() {
        step("goals");
        section("goals-open-vehicle");
        moveTo("#goal-cg-height");
        eventually(() -> tip().startsWith("Centre of gravity: Where the whole weight acts."));
        moveTo("#goal-wheelbase");
        eventually(() -> tip().startsWith("Wheelbase: "));
        push(KeyCode.SHIFT);
        eventually(() -> tip().isEmpty());
    }

    private static String tip() {
        return Window.getWindows().stream()
                .filter(one -> one instanceof Tooltip && one.isShowing())
                .map(one -> ((Tooltip) one).getText())
                .findFirst()
                .orElse("");
    }

    /** Esc leaves the form of a new vehicle for what was open before it. */
    @Test
    void escapeLeavesTheFormOfANewVehicle() {
        push(KeyCode.CONTROL, KeyCode.N);
        settle();
        assertThat(lookup("#new-vehicle").query().isVisible()).isTrue();
        push(KeyCode.ESCAPE);
        settle();
        assertThat(lookup("#new-vehicle").query().isVisible()).isFalse();
        assertThat(board().isVisible()).isTrue();
    }

    private String page() {
        StringBuilder all = new StringBuilder();
        onFx(() -> lookup("#open-page .label")
                .queryAllAs(Label.class)
                .forEach(label -> all.append(label.getText()).append('\n')));
        return all.toString();
    }

    /** A file that is dropped opens; what is no vehicle is told where it goes. */
    @Test
    void aDroppedFileOpens() throws Exception {
        Path sedge = folder.resolve("sedge.palanca.json");
        copyExample("sedge.palanca.json", sedge);
        onFx(() -> window.files().dropped(List.of(sedge)));
        assertThat(window.document().fileProperty().get()).isEqualTo(sedge);
        onFx(() -> window.files().dropped(List.of(folder.resolve("bracket.stl"))));
        assertThat(notice()).contains("bracket.stl", "imported in Cycle");
        assertThat(window.document().fileProperty().get()).isEqualTo(sedge);
    }

    /** A name given without its ending, or with half of it, gets one ending. */
    @Test
    void aSavedNameHasOneEnding() {
        for (String name : List.of("ridge", "ridge.palanca", "ridge.palanca.json")) {
            nextAnswer = folder.resolve(name);
            push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.S);
            settle();
            assertThat(window.document().fileProperty().get().getFileName().toString())
                    .as(name)
                    .isEqualTo("ridge.palanca.json");
        }
    }

    @Test
    void theNextMountIsOnTheMenu() {
        onFx(() -> window.nextMount(KeyCode.CLOSE_BRACKET));
        MountRef first = window.state().selectionProperty().get();
        onFx(() -> window.nextMount(KeyCode.CLOSE_BRACKET));
        assertThat(window.state().selectionProperty().get()).isNotNull().isNotEqualTo(first);
        onFx(() -> window.nextMount(KeyCode.OPEN_BRACKET));
        assertThat(window.state().selectionProperty().get()).isNotNull().isEqualTo(first);
    }
}
