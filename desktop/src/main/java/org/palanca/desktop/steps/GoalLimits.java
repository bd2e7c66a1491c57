package org.palanca.desktop.steps;

import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Vehicle;

/** Limits that the vehicle file's schema sets and a typed number could break. */
final class GoalLimits {
    private GoalLimits() {}

    /** Word key of the limit that is broken, or the empty text. */
    static String broken(Vehicle vehicle) {
        if (vehicle.mass().mass() <= 0) {
            return "goals.must_be_positive";
        }
        for (Axle axle : vehicle.axles()) {
            if (axle.tyre().diameter() <= 0
                    || axle.tyre().loadedRadius() <= 0
                    || axle.tyre().width() <= 0
                    || axle.track() <= 0) {
                return "goals.must_be_positive";
            }
            if (axle.travel().bump() < 0 || axle.travel().droop() < 0) {
                return "goals.must_not_be_negative";
            }
            if (outside(axle.driveShare()) || outside(axle.brakeShare())) {
                return "goals.share_range";
            }
            if (Math.abs(axle.pinion()) > Math.PI / 2 || Math.abs(axle.caster().orElse(0)) > Math.PI / 2) {
                return "goals.angle_range";
            }
        }
        return "";
    }

    private static boolean outside(double share) {
        return share < 0 || share > 1;
    }
}
