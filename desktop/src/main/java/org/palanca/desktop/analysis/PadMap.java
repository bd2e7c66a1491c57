package org.palanca.desktop.analysis;

import org.palanca.desktop.control.SecondCore;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.sweep.BandMap;
import org.palanca.result.targets.Targets;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/**
 * What the travel pad shows of one result at one steering.
 *
 * @param vehicle as it was then
 * @param place which axle
 * @param result its id
 * @param steer part of the lock
 * @param map where it lies in its band
 */
public record PadMap(Vehicle vehicle, AxlePlace place, String result, double steer, BandMap map) {
    /** Poses along each edge. */
    public static final int SIZE = 41;

    /** @param other a second model of the same axle */
    static PadMap of(AxleModel model, AxleModel other, String resultId, double steer) {
        Result result = model.result(resultId);
        BandMap map = BandMap.of(
                model,
                other,
                steer,
                result,
                Targets.band(model.vehicle(), model.axle(), result),
                SIZE,
                SecondCore.now());
        return new PadMap(model.vehicle(), model.axle().place(), resultId, steer, map);
    }

    boolean of(Vehicle other, AxlePlace axle, String resultId, double part) {
        return vehicle == other && place == axle && result.equals(resultId) && steer == part;
    }
}
