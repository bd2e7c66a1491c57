package org.palanca.desktop.step.measure;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.util.Duration;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.LatestTask;
import org.palanca.desktop.step.SurveyStudy;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.SurveyRemark;
import org.palanca.vehicle.survey.Survey;

/** Adjusts the survey: a small one at once, a large one beside the window, saying how far it is, until it is stopped. */
final class SurveyWork {
    private final LatestTask task = LatestTask.live("survey", Duration.ONE);
    private final Supplier<Words> words;
    private final Runnable changed;
    private final Label said = Labels.sentence("", "side-headline");
    private Optional<Survey> stopped = Optional.empty();
    private Optional<Survey> asked = Optional.empty();

    /** @param changed told when work was stopped or taken up again */
    SurveyWork(Supplier<Words> words, Runnable changed) {
        this.words = words;
        this.changed = changed;
        said.setId("survey-working");
    }

    /** An adjustment with what is to be said of it. */
    record Adjusted(Adjustment adjustment, List<SurveyRemark> remarks) {
        static Adjusted of(Adjustment adjustment) {
            return new Adjusted(adjustment, SurveyRemark.of(adjustment));
        }
    }

    /** @param then takes it, before this returns where the survey is small or was adjusted lately */
    void ask(Survey survey, Consumer<Adjusted> then) {
        if (stopped.filter(survey::equals).isPresent()) {
            return;
        }
        stopped = Optional.empty();
        if (survey.readings().size() <= SurveyStudy.AT_ONCE) {
            task.drop();
            asked = Optional.empty();
            then.accept(Adjusted.of(Adjustment.of(survey)));
            return;
        }
        if (asked.filter(survey::equals).isPresent()) {
            return;
        }
        asked = Optional.of(survey);
        int readings = survey.readings().size();
        AtomicInteger steps = new AtomicInteger();
        say(readings, 1);
        task.ask(
                goOn -> Adjustment.of(survey, () -> {
                            int step = steps.incrementAndGet();
                            Platform.runLater(() -> say(readings, step));
                            return goOn.getAsBoolean();
                        })
                        .map(Adjusted::of),
                found -> {
                    asked = Optional.empty();
                    found.ifPresent(then);
                },
                this::stop);
    }

    private void say(int readings, int step) {
        said.setText(words.get().text("measure.adjusting", Integer.toString(readings), Integer.toString(step)));
    }

    /** What stands in the place of the remarks while there is work, or where it was stopped; nothing else. */
    List<Node> told() {
        Words w = words.get();
        if (asked.isPresent()) {
            return List.of(said, Labels.button("survey-stop", w.text("measure.stop_adjusting"), this::stop));
        }
        return stopped.isPresent()
                ? List.of(
                        Labels.sentence(w.text("measure.not_adjusted"), "side-headline"),
                        Labels.button("survey-go-on", w.text("measure.adjust"), this::goOn))
                : List.of();
    }

    private void stop() {
        task.drop();
        stopped = asked;
        asked = Optional.empty();
        changed.run();
    }

    private void goOn() {
        stopped = Optional.empty();
        changed.run();
    }

    void dispose() {
        task.dispose();
    }
}
