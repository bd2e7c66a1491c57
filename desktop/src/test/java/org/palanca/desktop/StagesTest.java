package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.palanca.vehicle.AxlePlace;

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
            assertThat(button.isFocused() || button.getParent().isVisible()).isTrue();
        }
        clickOn("#stage-design");
        onFx(() -> {});
        assertThat(openStages()).containsExactly("design");
        assertThat(window.openStep().get().id())
                .as("a look into another stage leaves the step open")
                .isEqualTo("cutlist");
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
        assertThat(said("build")).isEqualTo("Build, Cut list: held by Links");
        onFx(() -> window.document().replace(Sample.example("sedge.palanca.json"), null, false));
        eventually(() -> said("floor").equals("Floor, Place: held by Measure"));
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
                .isEqualTo("Nothing that Shocks looks at is off. Elsewhere 26 are not as wanted; the stages at the"
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
