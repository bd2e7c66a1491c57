package org.palanca.vehicle;

/**
 * What the links are asked to bear, as parts of a weight: common practice, no source. A planning aid, not a standard.
 *
 * @param brake grip in braking: the whole vehicle slows by that many g, each axle with its share
 * @param drive grip under power: the driven axle pushes with that part of the load on it
 * @param corner grip in a bend: the axle's side force by its load, all of it on the outer wheel
 * @param bump a wheel's load in a bump by its load at rest, with its wheel at the top of the travel
 * @param kerb side force on one wheel against a kerb or rock, by its load at rest
 * @param wanted what a link must bear at least by what it is asked to
 */
public record LoadFactors(double brake, double drive, double corner, double bump, double kerb, double wanted) {
    /** 1 g of grip each way, 3 g in a bump, twice the wheel's load from the side, and twice the strength. */
    public static final LoadFactors COMMON = new LoadFactors(1, 1, 1, 3, 2, 2);

    public LoadFactors withBrake(double other) {
        return new LoadFactors(other, drive, corner, bump, kerb, wanted);
    }

    public LoadFactors withDrive(double other) {
        return new LoadFactors(brake, other, corner, bump, kerb, wanted);
    }

    public LoadFactors withCorner(double other) {
        return new LoadFactors(brake, drive, other, bump, kerb, wanted);
    }

    public LoadFactors withBump(double other) {
        return new LoadFactors(brake, drive, corner, other, kerb, wanted);
    }

    public LoadFactors withKerb(double other) {
        return new LoadFactors(brake, drive, corner, bump, other, wanted);
    }

    public LoadFactors withWanted(double other) {
        return new LoadFactors(brake, drive, corner, bump, kerb, other);
    }
}
