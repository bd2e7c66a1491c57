package org.palanca.floor.plate;

import org.palanca.base.units.Lengths;
import org.palanca.vehicle.bracket.HoleClass;
import org.palanca.vehicle.hardware.Ears;

/**
 * The bolt that goes through two ears and what is between them: its length, and whether its threads stay out of the planes that are
 * sheared. Hexagon bolts of inches have threads over two diameters and a quarter of an inch (ASME B18.2.1, up to 6 in), metric
 * ones over two diameters and 6 mm (ISO 4014, up to 125 mm); a nut is seven eighths of the diameter high; washers are a tenth of an
 * inch thick: all from memory.
 *
 * @param grip both ears and what is between them [m]
 * @param length of the bolt, under its head, as it is sold [m]
 * @param plain of that without a thread [m]
 * @param washers under the nut, besides the one under the head
 */
public record BoltChoice(double grip, double length, double plain, int washers) {
    private static final double WASHER = Lengths.inches(0.1);
    private static final double NUT = 0.875;

    /** Threads that stand out of the nut, in diameters: two or so of them. */
    private static final double OUT = 0.15;

    private static final int MOST_WASHERS = 4;

    /** For ears as they are described. */
    public static BoltChoice of(Ears ears) {
        double grip = ears.gap() + 2 * ears.thickness();
        // The far ear's near face is the last plane that is sheared.
        double sheared = WASHER + ears.thickness() + ears.gap();
        double step = HoleClass.inch(ears.bolt()) ? Lengths.inches(0.25) : 0.005;
        double thread = HoleClass.inch(ears.bolt()) ? 2 * ears.bolt() + Lengths.inches(0.25) : 2 * ears.bolt() + 0.006;
        double least = grip + 2 * WASHER + (NUT + OUT) * ears.bolt();
        double length = step * Math.ceil(Math.max(least, sheared + thread) / step - 1e-6);
        double plain = Math.max(0, length - thread);
        // The nut must not run onto the plain part.
        int washers = 1;
        while (WASHER + grip + washers * WASHER < plain && washers < MOST_WASHERS) {
            washers++;
        }
        return new BoltChoice(grip, length, plain, washers);
    }
}
