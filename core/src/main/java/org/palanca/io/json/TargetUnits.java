package org.palanca.io.json;

import org.palanca.units.Quantity;

/** In which unit a target band is written, by the result its key names. */
final class TargetUnits {
    private TargetUnits() {}

    static Quantity quantity(String key) {
        String result = key.substring(key.indexOf('.') + 1);
        if (result.startsWith("anti_") || result.equals("roll_steer")) {
            return Quantity.PERCENT;
        }
        boolean angle = result.endsWith("_angle")
                || result.endsWith("_slope")
                || result.equals("caster")
                || result.equals("axle_steer")
                || result.equals("reaction_line");
        return angle ? Quantity.ANGLE : Quantity.LENGTH;
    }
}
