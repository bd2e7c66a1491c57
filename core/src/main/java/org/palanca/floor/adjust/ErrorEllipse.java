package org.palanca.floor.adjust;

/**
 * How a mark may lie about its place in one plane: one standard deviation along its longest and shortest directions.
 *
 * @param major half the long axis [m]
 * @param minor half the short axis [m]
 * @param turn of the long axis from the plane's first axis towards its second [rad]
 */
public record ErrorEllipse(double major, double minor, double turn) {
    /** From the variances and the covariance [m2]. */
    static ErrorEllipse of(double across, double both, double up) {
        double middle = (across + up) / 2;
        double reach = Math.hypot((across - up) / 2, both);
        return new ErrorEllipse(
                Math.sqrt(Math.max(0, middle + reach)),
                Math.sqrt(Math.max(0, middle - reach)),
                Math.atan2(2 * both, across - up) / 2);
    }
}
