package org.palanca.desktop.app;

import java.util.List;
import org.palanca.desktop.step.Stage;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.axle.AxleStep;
import org.palanca.desktop.step.bracket.BracketsStep;
import org.palanca.desktop.step.compare.CompareStep;
import org.palanca.desktop.step.cutlist.CutListStep;
import org.palanca.desktop.step.cycle.CycleStep;
import org.palanca.desktop.step.goals.GoalsStep;
import org.palanca.desktop.step.housing.HousingStep;
import org.palanca.desktop.step.links.LinksStep;
import org.palanca.desktop.step.measure.MeasureStep;
import org.palanca.desktop.step.place.PlaceStep;
import org.palanca.desktop.step.shaft.ShaftStep;
import org.palanca.desktop.step.shocks.ShocksStep;
import org.palanca.desktop.step.slope.SlopeStep;
import org.palanca.desktop.step.steer.SteerStep;

/** The steps of the job, in their order. The one place that names them all. */
final class Steps {
    /** The step that shows the board. */
    static final Step BOARD = new LinksStep();

    /** The step that cycles the axle. */
    static final Step CYCLE = new CycleStep();

    /** Where they are done, in the order of work. */
    static final List<Stage> STAGES = List.of(
            new Stage("design", List.of(new GoalsStep(), BOARD, new SteerStep(), new CompareStep())),
            new Stage("floor", List.of(new MeasureStep(), new AxleStep(), new HousingStep(), new PlaceStep())),
            new Stage("move", List.of(CYCLE, new ShocksStep(), new ShaftStep(), new SlopeStep())),
            new Stage("build", List.of(new CutListStep(), new BracketsStep())));

    static final List<Step> ALL =
            STAGES.stream().flatMap(stage -> stage.steps().stream()).toList();

    private Steps() {}

    /**
     * A step by its id.
     *
     * @throws IllegalArgumentException naming the steps there are
     */
    static Step step(String id) {
        return ALL.stream()
                .filter(step -> step.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no step \"" + id + "\"; there are "
                        + ALL.stream().map(Step::id).toList()));
    }
}
