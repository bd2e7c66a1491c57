package org.palanca.desktop.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.words.Message;
import org.palanca.desktop.Sample;
import org.palanca.desktop.theme.Theme;
import org.palanca.io.json.VehicleFile;
import org.palanca.io.json.VehicleFileException;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.ClearanceRules;
import org.palanca.vehicle.Vehicle;

class DocumentTest {
    @TempDir
    private Path folder;

    private final Vehicle tarn = Sample.tarn();
    private final Document document = new Document(tarn);

    @AfterEach
    void forgetTheHome() {
        System.clearProperty(Settings.HOME_PROPERTY);
    }

    private void rename(String name, String gesture) {
        document.change(document.vehicle().withName(name), Message.of("change.name"), gesture);
    }

    @Test
    void oneChangeCanBeTakenBackAtOnceAndDoneAgain() {
        assertThat(document.undoAvailable().get()).isFalse();
        rename("A", "");
        assertThat(document.undoAvailable().get()).isTrue();
        assertThat(document.unsaved().get()).isTrue();
        document.undo();
        assertThat(document.vehicle()).isEqualTo(tarn);
        assertThat(document.undoAvailable().get()).isFalse();
        assertThat(document.unsaved().get()).as("back to what the file holds").isFalse();
        document.redo();
        assertThat(document.vehicle().name()).isEqualTo("A");
        assertThat(document.redoAvailable().get()).isFalse();
    }

    @Test
    void aGestureIsOneStepAndTheNextOneAnother() {
        rename("A", "drag 1");
        rename("B", "drag 1");
        document.endGesture();
        rename("C", "drag 2");
        document.undo();
        assertThat(document.vehicle().name()).isEqualTo("B");
        document.undo();
        assertThat(document.vehicle()).isEqualTo(tarn);
    }

    @Test
    void aChangeThatChangesNothingIsNoStep() {
        rename("Tarn 4", "");
        assertThat(document.undoAvailable().get()).isFalse();
    }

    /** What no file could hold is refused when it is typed, in the trade's words where the trade has some. */
    @Test
    void whatCouldNotBeOpenedAgainIsRefusedWithTheTradesReasonFirst() {
        List<Message> refused = new ArrayList<>();
        document.setOnRefused(refused::add);
        Axle rear = tarn.axle(AxlePlace.REAR).orElseThrow();
        Axle overdriven = rear.withTraction(rear.traction().withShares(1.3, 0.4));
        assertThat(document.change(tarn.withAxle(overdriven), Message.of("change.goals"), ""))
                .isFalse();
        assertThat(Sample.WORDS.text(refused.get(0))).contains("from 0 to 100 %");
        // Nothing but the file's own form has anything against a room of no size that a tyre wants of nothing below.
        ClearanceRules common = ClearanceRules.COMMON;
        ClearanceRules negative = new ClearanceRules(
                common.worst(),
                common.fixed(),
                common.moving(),
                -1,
                common.driveline(),
                0,
                0,
                common.joint(),
                common.joints());
        Vehicle wrong = tarn.withBuild(tarn.build().withRules(negative));
        assertThat(document.change(wrong, Message.of("change.rules"), "")).isFalse();
        assertThat(refused).hasSize(2);
        assertThat(document.vehicle()).isSameAs(tarn);
        assertThat(document.undoAvailable().get()).isFalse();
        Path file = folder.resolve("wrong" + VehicleFile.ENDING);
        assertThatThrownBy(() -> {
                    VehicleFile.save(file, wrong);
                    VehicleFile.open(file);
                })
                .as("and rightly so")
                .isInstanceOf(VehicleFileException.class);
    }

    @Test
    void savingKeepsTheHistoryAndKnowsTheFile() throws Exception {
        Path file = folder.resolve("a" + VehicleFile.ENDING);
        rename("A", "");
        document.save(file);
        assertThat(document.unsaved().get()).isFalse();
        assertThat(document.file()).contains(file);
        document.undo();
        assertThat(document.unsaved().get()).isTrue();
        assertThat(VehicleFile.open(file).vehicle().name()).isEqualTo("A");
    }

    @Test
    void aSaveThatFailsChangesNothingHere() {
        rename("A", "");
        assertThatThrownBy(() -> document.save(folder.resolve("no/such/a.json")))
                .isInstanceOf(VehicleFileException.class);
        assertThat(document.unsaved().get()).isTrue();
        assertThat(document.file()).isEmpty();
        assertThat(document.vehicle().name()).isEqualTo("A");
    }

    @Test
    void aFileOfANewerVersionHasNoPlaceToBeSavedOver() throws Exception {
        Path newer = folder.resolve("newer.json");
        document.replace(tarn, newer, true);
        assertThat(document.file()).isEmpty();
        document.save(folder.resolve("mine.json"));
        assertThat(document.file()).contains(folder.resolve("mine.json"));
    }

    @Test
    void rescuedWorkIsUnsavedButKnowsItsFile() {
        Path original = folder.resolve("original.json");
        document.restore(tarn.withName("Rescued"), original);
        assertThat(document.unsaved().get()).isTrue();
        assertThat(document.file()).contains(original);
        assertThat(document.undoAvailable().get()).isFalse();
    }

    @Test
    void settingsLastAndBrokenOnesCostOnlyThemselves() throws Exception {
        System.setProperty(Settings.HOME_PROPERTY, folder.resolve("home").toString());
        Settings first = Settings.load();
        first.setTheme(Theme.CARD);
        first.setLengths(LengthStyle.MILLIMETRES);
        first.setTextSize(125);
        Path file = Files.createFile(folder.resolve("recent.json"));
        first.addRecent(file);
        first.addRecent(folder.resolve("gone.json"));
        Settings again = Settings.load();
        assertThat(again.theme()).isEqualTo(Theme.CARD);
        assertThat(again.lengths()).isEqualTo(LengthStyle.MILLIMETRES);
        assertThat(again.textSize()).isEqualTo(125);
        assertThat(again.recent()).containsExactly(file);
        Files.writeString(folder.resolve("home/settings.json"), "{\"theme\": \"PINK\"");
        Settings fresh = Settings.load();
        assertThat(fresh.theme()).isEqualTo(Theme.BLUE);
        assertThat(fresh.textSize()).isEqualTo(100);
    }
}
