package org.palanca.study.assessment;

import java.util.ArrayList;
import java.util.List;
import org.palanca.base.words.Verdict;
import org.palanca.study.clearance.DifferentialRoom;
import org.palanca.study.driveline.ShaftWords;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** All that is said of an axle's shafts and of the differential between them. */
public final class ShaftVerdicts {
    private ShaftVerdicts() {}

    /** How they run, bend and slide, and what room a differential has over it; empty where none are described. */
    public static List<Verdict> of(Vehicle vehicle, AxlePlace place) {
        List<Verdict> all = new ArrayList<>(ShaftWords.of(vehicle, place));
        all.addAll(DifferentialRoom.of(vehicle, place));
        return all;
    }
}
