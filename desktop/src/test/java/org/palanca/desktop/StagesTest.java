package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.base.words.Message;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.MountMoves;

/** The stages of the job at the left, and the sentence at the foot of the step that is open. */
class StagesTest extends WindowTest {
    private static final List<String> STAGES = List.of("design", "floor", "move", "build");

    @Test
    void oneStageIsOpenAndEveryStepIsTwoPressesAway() {
        assertThat(openStages()).containsExactly("design");
        for (String step : steps()) {
            step(step);
            Node button = lookup("#step-" + step).query();
            assertThat(openStages())
                    .as(step)
                    .containsExactly(button.getParent().getId().replace("steps-", ""));
        }
        clickOn("#stage-design");
        onFx(() -> {});
        assertThat(openStages()).containsExactly("design");
        assertThat(window.openStep().get().id())
                .as("a look into another stage leaves the step open")
                .isEqualTo(steps().get(steps().size() - 1));
        assertThat(marked("build")).as("it stays marked on its closed stage").isTrue();
        push(KeyCode.CONTROL, KeyCode.DIGIT9);
        onFx(() -> {});
        assertThat(openStages()).as("keys open the stage as well").containsExactly("move");
        assertThat(marked("build")).isFalse();
    }

    @Test
    void aClosedStageSaysWhatIsWorstInItAndHowManyAreHeldBesides() {
        step("goals");
        eventually(() -> said("move").contains("Cycle: 15 not as wanted"));
        assertThat(said("move")).isEqualTo("Move, Cycle: 15 not as wanted · 1 more held");
        assertThat(said("floor")).isEqualTo("Floor, Measure: look at a reading · 1 more held");
        assertThat(said("build")).isEqualTo("Build, Cut list: held by Links · 1 more held");
        onFx(() -> window.document().replace(Sample.example("sedge.palanca.json"), null, false));
        eventually(() -> said("floor").startsWith("Floor, Axle:"));
        assertThat(said("floor")).isEqualTo("Floor, Axle: 2 not as wanted · 1 more held");
    }

    @Test
    void theFootBelongsToTheStepThatIsOpen() {
        assertThat(trouble()).contains("anti-squat is 129 %");
        step("cycle");
        eventually(() -> trouble().startsWith("Rear axle: Up travel is 4 5/8 in of 5 1/2 in wanted"));
        assertThat(trouble()).endsWith("And 14 more in this step.");
        step("shocks");
        assertThat(trouble())
                .as("nothing of its own, and no word that all is well")
                .isEqualTo("Nothing that Shocks looks at is off. Elsewhere 34 are not as wanted; the stages at the"
                        + " left say where.");
        step("steer");
        assertThat(trouble()).startsWith("Steer has nothing to judge yet.");
        Object before = window.document().vehicle();
        push(KeyCode.CONTROL, KeyCode.ENTER);
        onFx(() -> {});
        assertThat(window.document().vehicle())
                .as("what the links' sentence proposes is not done from elsewhere")
                .isSameAs(before);
        step("links");
        assertThat(trouble()).contains("anti-squat is 129 %");
    }

    @Test
    void whatIsAskedForBeforeItIsFoundIsDoneWhenItIs() {
        Vehicle before = moved(0.006);
        onFx(() -> {
            window.document().replace(before, null, false);
            // Pressed before even the results of this vehicle are there.
            lookup("#trouble-try").queryAs(Button.class).fire();
        });
        eventually(() -> window.document().undoAvailable().get());
        assertThat(at("lower frame left"))
                .as("tried on this vehicle, not on the one before")
                .isEqualTo(before.axle(AxlePlace.REAR).orElseThrow().position("lower frame left", before.wheelbase()));
        push(KeyCode.CONTROL, KeyCode.Z);
        onFx(() -> {});
        assertThat(window.document().vehicle()).isEqualTo(before);
    }

    @Test
    void whatWasAskedForIsNotDoneAfterAnotherChange() {
        Vehicle before = moved(0.018);
        Vehicle changed = before.withName("another name");
        onFx(() -> {
            window.document().replace(before, null, false);
            lookup("#trouble-try").queryAs(Button.class).fire();
            window.document().change(changed, Message.of("change.moved", "a mount"), "");
            window.document().undo();
        });
        eventually(() -> trouble().contains("Move "));
        assertThat(window.document().vehicle()).isEqualTo(before);
        assertThat(window.document().undoAvailable().get()).isFalse();
    }

    @Test
    void theSearchSaysThatItRunsAndCanBeStopped() {
        Vehicle before = moved(0.012);
        Button stop = lookup("#trouble-stop").queryAs(Button.class);
        List<String> said = new CopyOnWriteArrayList<>();
        onFx(() -> {
            // At once: a quick machine has found something before anybody could press.
            stop.visibleProperty().addListener((o, hidden, shown) -> {
                if (shown && said.isEmpty()) {
                    said.add("");
                    Platform.runLater(() -> {
                        said.add(lookup("#trouble-text").queryAs(Label.class).getText());
                        stop.fire();
                    });
                }
            });
            window.document().replace(before, null, false);
        });
        eventually(() -> said.size() > 1);
        assertThat(said.get(1)).endsWith("Looking for one move that helps …");
        assertThat(trouble()).doesNotContain("Looking");
        assertThat(lookup("#trouble-stop").query().isVisible()).isFalse();
        assertThat(window.document().vehicle()).isEqualTo(before);
        clickOn("#trouble-try");
        eventually(() -> window.document().undoAvailable().get());
    }

    @Test
    void aFileOpensOnTheAxleThatWasWorkedOnLast() {
        onFx(() -> window.files().open(tarn));
        assertThat(window.state().axleProperty().get()).isEqualTo(AxlePlace.REAR);
        push(KeyCode.F6);
        onFx(() -> window.files().open(tarn));
        assertThat(window.state().axleProperty().get()).isEqualTo(AxlePlace.FRONT);
        onFx(() -> window.document().replace(Sample.example("sedge.palanca.json"), null, false));
        settle();
        assertThat(window.state().axleProperty().get())
                .as("it has a rear axle only")
                .isEqualTo(AxlePlace.REAR);
    }

    /** The demo vehicle with a mount a little off, so that nothing is known of it yet. */
    private static Vehicle moved(double by) {
        Vehicle demo = Sample.example("tarn-4.palanca.json");
        MountRef mount = new MountRef(AxlePlace.REAR, "lower frame left");
        Vector3D from = demo.axle(AxlePlace.REAR).orElseThrow().position(mount.mount(), demo.wheelbase());
        return MountMoves.moveTo(demo, mount, from.add(new Vector3D(by, 0, 0)));
    }

    private List<String> openStages() {
        return STAGES.stream()
                .filter(stage -> lookup("#steps-" + stage).query().isVisible())
                .toList();
    }

    private boolean marked(String stage) {
        return lookup("#stage-" + stage).query().getPseudoClassStates().contains(PseudoClass.getPseudoClass("in-hand"));
    }

    private String said(String stage) {
        onFx(() -> {});
        return plain(lookup("#stage-" + stage).query().getAccessibleText());
    }
}
