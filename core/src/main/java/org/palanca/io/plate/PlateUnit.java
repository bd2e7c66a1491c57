package org.palanca.io.plate;

import java.util.Locale;
import org.palanca.base.units.Lengths;

/** What one unit of a cutting file stands for, as the file says itself. */
public enum PlateUnit {
    MM(0.001, 4),
    INCH(Lengths.INCH, 1);

    private final double metres;
    private final int code;

    PlateUnit(double metres, int code) {
        this.metres = metres;
        this.code = code;
    }

    /** Length of one [m]. */
    public double metres() {
        return metres;
    }

    /** As DXF's $INSUNITS has it. */
    int code() {
        return code;
    }

    /** As it stands in word keys and file names. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
