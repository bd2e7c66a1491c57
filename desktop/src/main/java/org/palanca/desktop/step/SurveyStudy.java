package org.palanca.desktop.step;

import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.Label;
import javafx.util.Duration;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.LatestTask;
import org.palanca.vehicle.survey.Survey;

/**
 * What a step works out from the survey: at once where that is small, so that what is typed is answered without a flicker;
 * beside the window where adjusting it takes longer than anybody would wait for it.
 */
public final class SurveyStudy {
    /** So many readings are adjusted, with all that is to be said of them, before anybody notices. */
    public static final int AT_ONCE = 150;

    private final LatestTask task;

    /** @param name of the thread beside the window */
    public SurveyStudy(String name) {
        task = LatestTask.live(name, Duration.ONE);
    }

    /**
     * Works something out; what was asked before is dropped.
     *
     * @param survey that it has to adjust
     * @param then takes it, before this returns where the survey is small
     * @param waiting told where it does not come before this returns
     */
    public <T> void ask(Survey survey, Supplier<T> work, Consumer<T> then, Runnable waiting) {
        if (survey.readings().size() <= AT_ONCE) {
            task.drop();
            then.accept(work.get());
        } else {
            waiting.run();
            task.ask(goOn -> work.get(), then);
        }
    }

    /** What is said until it is there. */
    public static Label waiting(Survey survey, Words words) {
        return Labels.sentence(
                words.text(
                        "survey.adjusting", Integer.toString(survey.readings().size())),
                "side-headline");
    }

    /** Ends for good. */
    public void dispose() {
        task.dispose();
    }
}
