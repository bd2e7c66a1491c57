package org.palanca.desktop.app;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.palanca.base.words.Words;
import org.palanca.desktop.step.Step;
import org.palanca.study.assessment.Assessment;
import org.palanca.study.assessment.Fault;
import org.palanca.vehicle.AxlePlace;

/**
 * What the foot says while a step is open that judges something: its own worst fault, of the axle that is shown before the
 * other; what is wrong elsewhere is only counted, since the list of steps says where.
 *
 * @param mark one or two words before it
 * @param text the sentence
 * @param wrong whether something of the step is not as wanted
 */
record JobSentence(String mark, String text, boolean wrong) {
    /** What a step judges; empty for those that judge nothing, and for the links, which have a sentence of their own. */
    static Optional<Fault.Job> job(Step step) {
        return Arrays.stream(Fault.Job.values())
                .filter(job -> job != Fault.Job.LINKS && Assessment.id(job).equals(step.id()))
                .findFirst();
    }

    /** While the studies run. */
    static JobSentence looking(Step step, Words w) {
        return new JobSentence(w.text("trouble.wait"), w.text("trouble.step_looking", w.text(step.key())), false);
    }

    /** Where the studies could not be run. */
    static JobSentence failed(Words w) {
        return new JobSentence(w.text("trouble.wait"), w.text("trouble.step_failed"), true);
    }

    /** Once everything was looked at. */
    static JobSentence of(Step step, Fault.Job job, AxlePlace shown, Assessment found, Words w) {
        List<Fault> here = found.of(job).stream()
                .sorted(Comparator.comparing((Fault fault) -> elsewhere(fault, shown))
                        .thenComparing(Fault::amount, Comparator.reverseOrder()))
                .toList();
        if (!here.isEmpty()) {
            String said = w.text(here.get(0).said());
            String worst = here.get(0)
                    .axle()
                    .map(axle -> w.text("trouble.at_axle", w.text("axle." + axle.id()), said))
                    .orElse(said);
            int more = here.size() - 1;
            return new JobSentence(
                    w.text("trouble.here"),
                    more == 0 ? worst : worst + " " + w.text("trouble.more_here", Integer.toString(more)),
                    true);
        }
        String name = w.text(step.key());
        String others = found.good()
                ? ""
                : " " + w.text("trouble.others", Integer.toString(found.faults().size()));
        return found.looked().contains(job)
                ? new JobSentence(w.text("trouble.clean"), w.text("trouble.step_clean", name) + others, false)
                : new JobSentence(w.text("trouble.nothing"), w.text("trouble.step_nothing", name) + others, false);
    }

    private static boolean elsewhere(Fault fault, AxlePlace shown) {
        return fault.axle().isPresent() && fault.axle().get() != shown;
    }
}
