package org.palanca.desktop.step.housing;

import java.util.List;
import java.util.Optional;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.StepContext;
import org.palanca.desktop.step.StepPane;
import org.palanca.desktop.step.StepState;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.study.assessment.Assessment;
import org.palanca.study.assessment.Fault;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.WeldOrder;
import org.palanca.vehicle.work.WorkOrder;
import org.palanca.vehicle.work.WorkStep;

/** A housing built or narrowed. */
public final class HousingStep implements Step {
    @Override
    public String id() {
        return "housing";
    }

    @Override
    public StepPane pane(StepContext context) {
        return new HousingPane(context);
    }

    @Override
    public Optional<StepState> state(VehicleReview review) {
        return review.assessment()
                .flatMap(found -> review.vehicle().axles().stream()
                        .map(axle -> of(review.vehicle(), axle.place(), found))
                        .reduce(StepState::weightier));
    }

    private static StepState of(Vehicle vehicle, AxlePlace place, Assessment found) {
        Housing housing = vehicle.build().housing(place);
        if (housing.sizes().isEmpty()) {
            return StepState.nothing("rail.housing_none");
        }
        if (found.of(Fault.Job.HOUSING).stream().anyMatch(fault -> fault.axle().equals(Optional.of(place)))) {
            return StepState.held("rail.housing_fault");
        }
        WorkOrder order = new WorkOrder(
                place.id() + ".housing", WeldOrder.of(housing), vehicle.build().log());
        List<WorkStep> steps = order.steps();
        long done = steps.stream().filter(step -> order.entry(step).isPresent()).count();
        return StepState.free("rail.housing", Long.toString(done), Integer.toString(steps.size()));
    }
}
