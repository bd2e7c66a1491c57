package org.palanca.desktop.analysis;

import org.jspecify.annotations.Nullable;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** The axle that was moved last, kept while its vehicle is the same: a pose is soonest found from the one before. */
public final class AxleAtHand {
    private @Nullable AxleModel model;

    /** The axle, wherever it stands. */
    public AxleModel of(Vehicle vehicle, AxlePlace place) {
        if (model == null || model.vehicle() != vehicle || model.axle().place() != place) {
            model = new AxleModel(vehicle, place);
        }
        return model;
    }

    /** The axle moved to a pose, or where that does not close as near to it as it was. */
    public AxleModel at(Vehicle vehicle, AxlePlace place, WheelTravel pose) {
        AxleModel axle = of(vehicle, place);
        axle.moveTo(pose);
        return axle;
    }
}
