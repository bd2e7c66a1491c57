package org.palanca.study.driveline;

/**
 * One Cardan (Hooke's) joint. With the driving yoke's pin turned by t from square to the plane of the two shafts, the driven
 * yoke has turned by t' with tan t' = cos(beta) tan t: textbooks of the theory of machines; SAE AE-7, Universal Joint and
 * Driveshaft Design Manual, named from memory. Angles in radians.
 */
public final class CardanJoint {
    private CardanJoint() {}

    /** How far the driven yoke has turned, in the same turn as the driving one. */
    public static double turned(double driving, double angle) {
        double driven = Math.atan2(Math.cos(angle) * Math.sin(driving), Math.cos(driving));
        return driven + 2 * Math.PI * Math.rint((driving - driven) / (2 * Math.PI));
    }

    /** Speed of the driven yoke for each unit of the driving one's: between cos(beta) and 1 / cos(beta). */
    public static double ratio(double driving, double angle) {
        double sine = Math.sin(angle) * Math.sin(driving);
        return Math.cos(angle) / (1 - sine * sine);
    }

    /** Greatest less least speed of the driven yoke, as a part of the driving one's: 1 / cos(beta) - cos(beta). */
    public static double fluctuation(double angle) {
        return 1 / Math.cos(angle) - Math.cos(angle);
    }
}
