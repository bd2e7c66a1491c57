package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.palanca.drawing.Elevation;
import org.palanca.io.json.VehicleFile;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Note;

/** What is written down about a mount, a step, a mark, a step of work; with pictures; found again in the file. */
class NotesTest extends WindowTest {
    private static final Note.Subject MOUNT =
            new Note.Subject(Note.Kind.MOUNT, Optional.of(AxlePlace.REAR), "upper frame left");

    /** By keys alone: a mount in hand, the note, its text, back to the board, and one undo takes all of it back. */
    @Test
    void aNoteIsWrittenAboutTheMountInHand() throws Exception {
        clickOn(mount("upper frame left", Elevation.SIDE));
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.N);
        settle();
        assertThat(said()).contains("Note: upper frame left, Rear axle");
        write("tab cracked");
        settle();
        assertThat(note(MOUNT).text()).isEqualTo("tab cracked");
        Path picture = folder.resolve("tab.png");
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
        nextAnswer = picture;
        press("#note-photo");
        assertThat(note(MOUNT).photos()).containsExactly(picture.toString());
        push(KeyCode.ESCAPE);
        settle();
        assertThat(lookup("#open-page").query().isVisible()).isFalse();
        assertThat(((Labeled) lookup("#notes").query()).getText()).isEqualTo("Notes: 1");
        push(KeyCode.CONTROL, KeyCode.S);
        settle();
        assertThat(VehicleFile.open(tarn).vehicle().build().note(MOUNT).text()).isEqualTo("tab cracked");
        push(KeyCode.CONTROL, KeyCode.Z);
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(window.document().vehicle().build().notes())
                .as("one step for the picture, one for the typing")
                .isEmpty();
    }

    /** With nothing in hand it is about the step; other notes are listed with their first words, and opened from there. */
    @Test
    void stepsAndStepsOfWorkAreWrittenAboutToo() {
        step("goals");
        press("#notes");
        onFx(() -> text().setText("weighed with a full tank"));
        push(KeyCode.ESCAPE);
        step("housing");
        press("#note-housing-bar-in");
        assertThat(said()).contains("Other notes of this vehicle", "Goals, Rear axle", "weighed with a full");
        onFx(() -> text().setText("bar borrowed"));
        press("#note-0");
        assertThat(text().getText()).isEqualTo("weighed with a full tank");
        onFx(() -> text().setText("   "));
        assertThat(window.document().vehicle().build().notes())
                .as("an empty note is none")
                .singleElement()
                .satisfies(note -> assertThat(note.about().name()).isEqualTo("rear.housing housing.bar_in"));
        push(KeyCode.ESCAPE);
        step("measure");
        onFx(() -> measure().select("horn right", "kick right"));
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.N);
        settle();
        assertThat(said()).contains("Note: horn right");
    }

    /** A file takes 10,000 letters of a note: more can't be typed, so that no file is written that can't be read. */
    @Test
    void aNoteIsNoLongerThanAFileTakes() throws Exception {
        step("goals");
        press("#notes");
        onFx(() -> text().setText("a".repeat(10_000)));
        onFx(() -> text().appendText("b"));
        push(KeyCode.CONTROL, KeyCode.S);
        settle();
        assertThat(VehicleFile.open(tarn).vehicle().build().notes().get(0).text())
                .hasSize(10_000);
    }

    private Note note(Note.Subject about) {
        return window.document().vehicle().build().note(about);
    }

    private TextArea text() {
        return lookup("#note-text").query();
    }

    private String said() {
        StringBuilder all = new StringBuilder();
        for (String kind : List.of("#open-page .label", "#open-page .button")) {
            onFx(() -> lookup(kind)
                    .queryAllAs(Labeled.class)
                    .forEach(one -> all.append(one.getText()).append('\n')));
        }
        return all.toString();
    }
}
