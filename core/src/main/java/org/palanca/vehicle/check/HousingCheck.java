package org.palanca.vehicle.check;

import java.util.ArrayList;
import java.util.List;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.PurchasedPart;

/** Looks over what is known of an axle's housing before anything of it is cut. */
public final class HousingCheck {
    private HousingCheck() {}

    /** Whether anything is known of it. */
    public static boolean described(Vehicle vehicle, Axle axle) {
        Housing housing = vehicle.build().housing(axle.place());
        return !housing.sizes().isEmpty() || !housing.parts().isEmpty();
    }

    /** Sizes that contradict one another or the plan, lengths that no tube can have, and parts that don't go together. */
    public static List<Message> faults(Vehicle vehicle, Axle axle) {
        Housing housing = vehicle.build().housing(axle.place());
        List<Message> found = new ArrayList<>(housing.sum().faults());
        found.addAll(HousingAgainstPlan.differences(vehicle, axle));
        found.addAll(PurchasedPart.mismatches(housing.parts()));
        return List.copyOf(found);
    }
}
