package org.palanca.desktop.step.place;

import java.util.HashMap;
import java.util.Map;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;
import org.palanca.floor.placing.Effect;
import org.palanca.floor.placing.MountAsBuilt;
import org.palanca.vehicle.MountReadings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Survey;

/** How far off mounts were found, kept while the survey is the same: adjusting it for each of them takes a frame. */
final class KnownOffs {
    private final Map<FoundAgainst, OptionalDouble> offs = new HashMap<>();
    private @Nullable Survey in;

    /** What was found, and where the plan has it. */
    private record FoundAgainst(MountReadings found, Vector3D planned) {}

    /** How far off a mount was found [m]; empty while too little is read to place it. */
    synchronized OptionalDouble of(Vehicle vehicle, MountReadings found) {
        if (vehicle.build().survey() != in) {
            in = vehicle.build().survey();
            offs.clear();
        }
        FoundAgainst key = new FoundAgainst(found, Effect.position(vehicle, found.mount()));
        return offs.computeIfAbsent(key, any -> MountAsBuilt.off(vehicle, found));
    }
}
