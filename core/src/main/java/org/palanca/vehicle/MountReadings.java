package org.palanca.vehicle;

import java.util.List;
import org.palanca.vehicle.survey.Reading;

/**
 * What the tape said of a mount after it was tacked.
 *
 * @param mount which
 * @param readings to it from marks of the survey; the mount's name stands for the mount
 */
public record MountReadings(MountRef mount, List<Reading> readings) {
    public MountReadings {
        readings = List.copyOf(readings);
    }

    /** Whether enough is read to place it: three readings at the least. */
    public boolean placed() {
        return readings.size() >= 3;
    }
}
