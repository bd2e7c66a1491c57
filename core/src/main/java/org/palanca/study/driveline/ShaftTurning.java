package org.palanca.study.driveline;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.vehicle.Driveline;

/**
 * How unevenly a shaft turns the pinion, from the angles of its joints in space and how their planes lie to one another. Two
 * joints cancel where their angles are equal, their planes fall together and their yokes are in phase; a twisted axle turns
 * one plane against the other. A double-Cardan joint is taken to turn evenly.
 *
 * @param first angle of the joint at the gearbox [rad]; 0 for a double-Cardan one
 * @param second angle of the joint at the pinion [rad]; 0 where there is none
 * @param planes by how much the second joint's plane is turned from the first one's, about the shaft [rad]
 * @param phase by how much the shaft's two yokes are turned against each other [rad]
 */
public record ShaftTurning(double first, double second, double planes, double phase) {
    private static final int STEPS = 720;

    /** At a pose. */
    public static ShaftTurning of(ShaftRun run, Driveline line) {
        double first = line.joints() == Driveline.Joints.DOUBLE_AT_GEARBOX ? 0 : run.atOutput();
        double second = line.joints() == Driveline.Joints.ONE ? 0 : run.atPinion();
        Vector3D one = Vector3D.crossProduct(run.outputWay(), run.way());
        Vector3D other = Vector3D.crossProduct(run.way(), run.pinionWay());
        boolean straight = one.getNorm() < 1e-9 || other.getNorm() < 1e-9;
        double planes = straight
                ? 0
                : Math.atan2(Vector3D.crossProduct(one, other).dotProduct(run.way()), one.dotProduct(other));
        return new ShaftTurning(first, second, planes, line.phase());
    }

    /** Speed of the pinion for each unit of the gearbox's, the first yoke's pin turned by an angle from square to its plane. */
    public double ratio(double turn) {
        double between = CardanJoint.turned(turn, first);
        double into = between - Math.PI / 2 - planes + phase;
        return CardanJoint.ratio(turn, first) * CardanJoint.ratio(into, second);
    }

    /** Greatest less least speed of the pinion, as a part of the gearbox's. */
    public double fluctuation() {
        double least = Double.POSITIVE_INFINITY;
        double most = 0;
        for (int i = 0; i < STEPS; i++) {
            double ratio = ratio(Math.PI * i / STEPS);
            least = Math.min(least, ratio);
            most = Math.max(most, ratio);
        }
        return most - least;
    }

    /**
     * Angle of a single joint that would turn as unevenly, to second order [rad]: the square of each angle, laid off at twice
     * the angle of its plane, the second against the first.
     */
    public double residual() {
        double a = first * first;
        double b = second * second;
        double turned = 2 * (planes - phase);
        return Math.sqrt(Math.hypot(a - b * Math.cos(turned), b * Math.sin(turned)));
    }
}
