package org.palanca.base.geometry;

/**
 * A side-view instant centre in the vehicle's centre plane. Parallel links put it at infinity, which is an ordinary
 * answer and never a huge coordinate.
 */
public sealed interface InstantCentre {
    /**
     * Beyond this many wheelbases from the wheels a centre counts as lying at infinity: about a kilometre. Stated in
     * wheelbases so that a model drawn at another size gives the same answer.
     */
    double FARTHEST_WHEELBASES = 400;

    /**
     * Whether a centre counts as lying at infinity.
     *
     * @param away its distance from the wheels [m], of either sign; not a number where lines coincide
     * @param wheelbase of the vehicle [m]
     */
    static boolean atInfinity(double away, double wheelbase) {
        return !(Math.abs(away) <= FARTHEST_WHEELBASES * wheelbase);
    }

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
