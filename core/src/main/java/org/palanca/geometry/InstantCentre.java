package org.palanca.geometry;

/**
 * A side-view instant centre in the vehicle's centre plane. Parallel links put it at infinity, which is an ordinary
 * answer and never a huge coordinate.
 */
public sealed interface InstantCentre {
    /** Beyond this distance from the axle [m] the centre counts as lying at infinity: a kilometre. */
    double FARTHEST = 1000;

    /**
     * At a place.
     *
     * @param x forward [m], vehicle frame
     * @param z up [m], vehicle frame
     */
    record Finite(double x, double z) implements InstantCentre {}

    /**
     * At infinity, or as good as.
     *
     * @param slope of the line towards it, rise over forward run
     * @param signedDistance ahead of the axle [m], negative behind; infinite when exactly parallel
     */
    record AtInfinity(double slope, double signedDistance) implements InstantCentre {}
}
