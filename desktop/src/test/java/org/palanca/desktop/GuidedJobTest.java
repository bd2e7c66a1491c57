package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.palanca.drawing.Elevation;

/** The guided job from end to end, as its texts tell it, and left half way. */
class GuidedJobTest extends WindowTest {
    /** Each task is done as it is told, and nothing but doing it brings the next. */
    @Test
    void everyTaskIsDoneAsItIsTold() {
        command("guide");
        at(1, "Start with what it is for");
        type("#goal-mass", "5200");
        at(1, "Start with what it is for");
        type("#goal-mass", "5300");
        at(2, "Press the rear upper left frame mount");
        clickOn(mount("upper frame left", Elevation.SIDE));
        at(3, "Move it up a quarter of an inch");
        for (int i = 0; i < 3; i++) {
            push(KeyCode.UP);
        }
        at(3, "Move it up a quarter of an inch");
        push(KeyCode.UP);
        at(4, "Take that back");
        push(KeyCode.CONTROL, KeyCode.Z);
        at(5, "Press Anti-squat");
        clickOn("#strip-anti_squat");
        at(6, "Let the axle hang");
        push(KeyCode.F4);
        at(7, "The line at the foot proposes one move");
        push(KeyCode.F2);
        eventually(() -> trouble().contains("Move both upper frame mounts"));
        clickOn("#trouble-try");
        at(7, "The line at the foot proposes one move");
        clickOn("#trouble-try");
        at(8, "One reading can’t be right");
        press("#reading-drop-0");
        at(9, "Cycle it");
        eventually(() -> !lookup("#cycle-try-0").queryAll().isEmpty());
        press("#cycle-try-0");
        at(9, "Cycle it");
        press("#trouble-try");
        at(10, "It is heavier than it was");
        section("shocks-open-springs");
        press("#ride-set");
        at(11, "Tack upper frame left");
        enter("#found-1", "77 11/16");
        at(12, "Last, paper");
        clickOn("#place-print");
        settle();
        assertThat(text("#guide-text")).startsWith("That was the order of work");
        clickOn("#guide-leave");
        assertThat(lookup("#guide").query().isVisible()).isFalse();
        assertThat(window.document().undoAvailable().get())
                .as("what was done stays")
                .isTrue();
    }

    /** A task can be skipped, asks where it is done, and all of it can be left at any time. */
    @Test
    void itCanBeSkippedAndLeft() {
        command("guide");
        clickOn("#guide-skip");
        at(2, "Press the rear upper left");
        onFx(() -> window.open("slope"));
        clickOn("#guide-show");
        settle();
        assertThat(window.openStep().get().id()).isEqualTo("links");
        clickOn("#guide-leave");
        assertThat(lookup("#guide").query().isVisible()).isFalse();
        clickOn(mount("upper frame left", Elevation.SIDE));
        assertThat(lookup("#guide").query().isVisible()).isFalse();
    }

    private void command(String id) {
        push(KeyCode.CONTROL, KeyCode.K);
        settle();
        write("guided");
        push(KeyCode.ENTER);
        settle();
        assertThat(lookup("#" + id).query().isVisible()).isTrue();
    }

    private void at(int number, String begins) {
        eventually(() -> text("#guide-count").equals(number + " of 12"));
        assertThat(text("#guide-text")).contains(begins);
    }

    private String text(String id) {
        return lookup(id).query() instanceof Button button
                ? button.getText()
                : plain(lookup(id).queryAs(Label.class).getText());
    }
}
