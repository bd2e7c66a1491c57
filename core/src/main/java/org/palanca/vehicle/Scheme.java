package org.palanca.vehicle;

import java.util.List;

/**
 * Another way the same vehicle may stand: a second suspension to compare, a lowering block that comes later, another
 * width, or a sister vehicle that takes the same part.
 *
 * @param name unique within its vehicle
 * @param note what differs and why, kept as typed
 * @param axles the axles that differ, whole
 */
public record Scheme(String name, String note, List<Axle> axles) {
    public Scheme {
        axles = List.copyOf(axles);
    }
}
