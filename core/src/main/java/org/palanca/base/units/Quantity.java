package org.palanca.base.units;

/** What a number measures, and the unit it is held in. Decides the unit in files and on screen. */
public enum Quantity {
    /** Metres inside, millimetres in files, inches or millimetres on screen. */
    LENGTH("mm", 1000),
    /** Radians inside, degrees in files and on screen. */
    ANGLE("deg", 180 / Math.PI),
    /** Held as it is read: 75 means 75 %. */
    PERCENT("percent", 1),
    /** A number without a unit, such as a slope or a share. */
    RATIO("ratio", 1),
    /** Metres per metre of wheel travel: the speed of a point in a motion of unit rate. */
    PER_TRAVEL("per_travel", 1),
    /** Radians per metre of wheel travel. */
    TURN_PER_TRAVEL("rad_per_m", 1),
    /** Kilograms. */
    MASS("kg", 1),
    /** Newtons inside and in files, pounds-force or newtons on screen. */
    FORCE("n", 1),
    /** Newtons per metre inside, newtons per millimetre in files, pounds-force per inch on screen. */
    RATE("n_per_mm", 0.001),
    /** Newton metres per radian inside, per degree in files and on screen; pound-feet per degree beside inches. */
    TWIST_RATE("nm_per_deg", Math.PI / 180),
    /** Pascals over the atmosphere inside, kilopascals in files, psi or kPa on screen. */
    PRESSURE("kpa", 0.001),
    /** Pascals inside, megapascals in files, thousand pounds-force on the square inch or megapascals on screen. */
    STRESS("mpa", 1e-6),
    /** Hertz. */
    FREQUENCY("hz", 1);

    /** Files keep six decimals. */
    private static final double FILE_GRID = 1e6;

    private final String fileUnit;
    private final double fileFactor;

    Quantity(String fileUnit, double fileFactor) {
        this.fileUnit = fileUnit;
        this.fileFactor = fileFactor;
    }

    /** The unit's name as it ends a key in files and in the command line's JSON. */
    public String fileUnit() {
        return fileUnit;
    }

    /** A number held inside [SI], in the file's unit. */
    public double toFile(double value) {
        return value * fileFactor;
    }

    /** A number from a file, as held inside [SI]. */
    public double fromFile(double value) {
        return value / fileFactor;
    }

    /**
     * A number held inside [SI] on the grid that files keep, by the very steps that writing and reading it takes, so that it
     * comes back from a file to the last bit.
     */
    public double onGrid(double value) {
        return fromFile(Math.round(toFile(value) * FILE_GRID) / FILE_GRID);
    }
}
