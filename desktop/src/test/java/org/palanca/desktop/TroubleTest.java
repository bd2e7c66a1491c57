package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.WindowEvent;
import org.junit.jupiter.api.Test;
import org.palanca.base.words.Message;
import org.palanca.desktop.document.CrashRecovery;
import org.palanca.desktop.document.Settings;
import org.palanca.drawing.Elevation;
import org.palanca.io.json.VehicleFile;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.MountMoves;

/** Bad input and bad luck in the window: each told in words, and nothing the user made is lost. */
class TroubleTest extends WindowTest {
    private void change() {
        clickOn(mount("upper frame left", Elevation.SIDE));
        push(KeyCode.UP);
    }

    @Test
    void textThatIsNoLengthStaysAsTypedAndIsExplained() {
        Vehicle before = window.document().vehicle();
        clickOn(mount("upper frame left", Elevation.SIDE));
        type("#mount-up", "24 3");
        assertThat(trouble()).contains("Understood “24”, then “3”");
        assertThat(fieldText("#mount-up")).isEqualTo("24 3");
        assertThat(window.document().vehicle()).isEqualTo(before);
        push(KeyCode.ESCAPE);
        assertThat(fieldText("#mount-up")).isEqualTo("24 3/4");
    }

    @Test
    void aGoalThatCannotBeIsRefusedWithTheReason() {
        step("goals");
        section("goals-open-vehicle");
        type("#goal-wheelbase", "10");
        assertThat(trouble()).contains("wheelbase is 10 in");
        type("#goal-cg-height", "-3");
        assertThat(trouble()).contains("must be above it");
        assertThat(window.document().unsaved().get()).isFalse();
        type("#goal-cg-height", "31");
        assertThat(window.document().vehicle().mass().centreHeight()).isEqualTo(31 * 0.0254);
    }

    /** Dragged onto its own axle end a link would have no length: such a file could be saved but never opened. */
    @Test
    void aMountCannotBeDraggedToWhereItsLinkHasNoLength() throws Exception {
        Vehicle before = window.document().vehicle();
        Point2D frame = mount("upper frame left", Elevation.TOP);
        onFx(() -> window.document()
                .change(
                        MountMoves.moveTo(
                                before,
                                new MountRef(AxlePlace.REAR, "upper frame left"),
                                before.axle(AxlePlace.REAR)
                                        .orElseThrow()
                                        .position("upper axle left", before.wheelbase())),
                        Message.of("change.moved", "upper frame left"),
                        "drag"));
        assertThat(window.document().vehicle()).isEqualTo(before);
        assertThat(trouble()).contains("upper left", "no room for joints");
        drag(frame, MouseButton.PRIMARY).moveBy(40, 0).drop();
        assertThat(window.document().vehicle()).isNotEqualTo(before);
        assertThat(trouble()).doesNotContain("no room for joints");
        push(KeyCode.CONTROL, KeyCode.S);
        assertThat(VehicleFile.open(tarn).vehicle()).isEqualTo(window.document().vehicle());
    }

    @Test
    void aBrokenFileIsNamedAndTheOpenVehicleStays() throws Exception {
        Path broken = folder.resolve("broken.palanca.json");
        Files.writeString(broken, Files.readString(tarn).replace("\"mass\"", "\"masse\""));
        onFx(() -> window.files().open(broken));
        assertThat(notice()).contains("broken.palanca.json", "“masse” is not known", "Line ");
        assertThat(window.document().vehicle().name()).isEqualTo("Tarn 4");
        assertThat(window.document().file()).contains(tarn);
    }

    @Test
    void aSaveThatFailsKeepsTheWorkAndTheOldFile() throws Exception {
        String old = Files.readString(tarn);
        change();
        Vehicle work = window.document().vehicle();
        // The file's place is taken by a folder: the same for root, whom permissions do not stop.
        Path kept = folder.resolve("kept.json");
        Files.move(tarn, kept);
        Files.createDirectory(tarn);
        push(KeyCode.CONTROL, KeyCode.S);
        assertThat(notice()).contains("is a folder");
        assertThat(window.document().vehicle()).isEqualTo(work);
        assertThat(window.document().unsaved().get()).isTrue();
        assertThat(kept).hasContent(old);
        nextAnswer = folder.resolve("elsewhere.palanca.json");
        clickOn("Save as…");
        assertThat(VehicleFile.open(nextAnswer).vehicle()).isEqualTo(work);
    }

    /** A number or a note typed last is work too, though nobody pressed Enter. */
    @Test
    void whatIsTypedAndNotYetEnteredIsSavedToo() throws Exception {
        step("goals");
        section("goals-open-vehicle");
        typeOnly("#goal-cg-height", "31");
        push(KeyCode.CONTROL, KeyCode.S);
        assertThat(VehicleFile.open(tarn).vehicle().mass().centreHeight()).isEqualTo(31 * 0.0254);
        section("goals-open-comments");
        typeOnly("#goal-comments", "weighed with a full tank");
        push(KeyCode.CONTROL, KeyCode.S);
        assertThat(VehicleFile.open(tarn).vehicle().comments()).isEqualTo("weighed with a full tank");
        assertThat(lookup("#goal-comments").query().isFocused())
                .as("typing goes on where it was")
                .isTrue();
        write(", spare wheel off");
        push(KeyCode.CONTROL, KeyCode.S);
        assertThat(VehicleFile.open(tarn).vehicle().comments()).isEqualTo("weighed with a full tank, spare wheel off");
        section("goals-open-vehicle");
        typeOnly("#goal-name", "Tarn");
        push(KeyCode.CONTROL, KeyCode.S);
        write(" 5");
        push(KeyCode.CONTROL, KeyCode.S);
        assertThat(VehicleFile.open(tarn).vehicle().name()).isEqualTo("Tarn 5");
        typeOnly("#goal-cg-height", "32");
        onFx(() -> stage.fireEvent(new WindowEvent(stage, WindowEvent.WINDOW_CLOSE_REQUEST)));
        assertThat(stage.isShowing()).isTrue();
        assertThat(notice()).contains("changes that no file holds");
        clickOn("Save");
        assertThat(VehicleFile.open(tarn).vehicle().mass().centreHeight()).isEqualTo(32 * 0.0254);
    }

    private void typeOnly(String field, String text) {
        onFx(() -> {
            TextInputControl control = lookup(field).query();
            control.requestFocus();
            control.selectAll();
        });
        write(text);
    }

    @Test
    void openingAnotherVehicleAsksAboutUnsavedWork() throws Exception {
        Path other = folder.resolve("sedge.palanca.json");
        copyExample("sedge.palanca.json", other);
        change();
        Vehicle work = window.document().vehicle();
        onFx(() -> window.files().open(other));
        assertThat(notice()).contains("changes that no file holds");
        clickOn("Keep working");
        assertThat(window.document().vehicle()).isEqualTo(work);
        onFx(() -> window.files().open(other));
        clickOn("Save");
        assertThat(window.document().vehicle().name()).isEqualTo("Sedge");
        assertThat(VehicleFile.open(tarn).vehicle()).isEqualTo(work);
        assertThat(strip("anti_squat")).isEqualTo("51 %");
    }

    @Test
    void aNewerVersionsFileIsOpenReadOnlyAndNeverSavedOver() throws Exception {
        String newer = Files.readString(tarn).replace("\"version\": 2", "\"version\": 9, \"later\": 1");
        Files.writeString(tarn, newer);
        onFx(() -> window.files().open(tarn));
        assertThat(notice()).contains("newer version", "read-only");
        change();
        nextAnswer = folder.resolve("copy.palanca.json");
        push(KeyCode.CONTROL, KeyCode.S);
        assertThat(tarn).hasContent(newer);
        assertThat(nextAnswer).exists();
    }

    @Test
    void unsavedWorkIsCopiedAndACrashedWindowsWorkIsFound() throws Exception {
        Path home = Path.of(System.getProperty(Settings.HOME_PROPERTY));
        change();
        Vehicle work = window.document().vehicle();
        Path own = home.resolve("unsaved").resolve(ProcessHandle.current().pid() + VehicleFile.ENDING);
        eventually(() -> Files.exists(own));
        assertThat(CrashRecovery.left(home)).as("this window still runs").isEmpty();
        // The same copy, as a process that is gone would have left it.
        Path crashed = own.resolveSibling("999999999" + VehicleFile.ENDING);
        Files.copy(own, crashed);
        Files.writeString(crashed.resolveSibling(crashed.getFileName() + ".origin"), tarn.toString());
        Optional<CrashRecovery.Left> left = CrashRecovery.left(home);
        assertThat(left).isPresent();
        assertThat(left.get().vehicle()).isEqualTo(work);
        assertThat(left.get().original()).contains(tarn);
        push(KeyCode.CONTROL, KeyCode.S);
        eventually(() -> !Files.exists(own));
    }
}
