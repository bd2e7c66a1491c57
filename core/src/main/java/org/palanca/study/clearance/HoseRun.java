package org.palanca.study.clearance;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.solid.BodyFrame;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Hose;

/**
 * A hose at the model's present pose. How far its fittings stand apart is exact. How it hangs between them depends on how it
 * is twisted and clipped; the arc of a circle of its length is the gentlest way there is: from a chord c and a length L its
 * radius R follows from c = 2 R sin(L / 2 R). A hose whose gentlest way is too tight kinks however it is laid.
 */
public final class HoseRun {
    private static final int POINTS = 16;

    /** Above this a hose of 1 m bows less than 1/2 mm, and the angle of its arc is lost in rounding not far on. */
    private static final double NEARLY_STRAIGHT = 0.999999;

    private HoseRun() {}

    /** Straight from fitting to fitting [m]. */
    public static double apart(AxleModel model, Hose hose) {
        return Vector3D.distance(at(model, hose.from()), at(model, hose.to()));
    }

    /** Radius of the gentlest way that a hose of a length lies over a chord [m]; infinite where it is straight. */
    public static double gentlest(double length, double chord) {
        double part = Math.max(0, chord) / length;
        if (part >= NEARLY_STRAIGHT) {
            return Double.POSITIVE_INFINITY;
        }
        return length / (2 * halfTurn(part));
    }

    /** Half the angle of the arc of which the chord is such a part: sin(x) / x = part. */
    private static double halfTurn(double part) {
        if (part < 1e-9) {
            return Math.PI;
        }
        return new BracketingNthOrderBrentSolver(1e-12, 5).solve(200, x -> Math.sin(x) - part * x, 1e-6, Math.PI);
    }

    /** Points along it [m], vehicle frame, hanging down in its gentlest way; straight where it is pulled. */
    public static List<Vector3D> points(AxleModel model, Hose hose) {
        Vector3D from = at(model, hose.from());
        Vector3D to = at(model, hose.to());
        Vector3D chord = to.subtract(from);
        double part = chord.getNorm() / hose.length();
        if (part >= NEARLY_STRAIGHT || part < 1e-9) {
            return List.of(from, to);
        }
        Vector3D along = chord.normalize();
        Vector3D down = Vector3D.MINUS_K.subtract(along.scalarMultiply(along.dotProduct(Vector3D.MINUS_K)));
        Vector3D hang = down.getNorm() > 1e-6 ? down.normalize() : along.orthogonal();
        double half = halfTurn(part);
        double radius = hose.length() / (2 * half);
        Vector3D middle = from.add(0.5, chord).add(-radius * Math.cos(half), hang);
        List<Vector3D> points = new ArrayList<>();
        for (int i = 0; i <= POINTS; i++) {
            double turn = -half + 2 * half * i / POINTS;
            points.add(middle.add(radius * Math.sin(turn), along).add(radius * Math.cos(turn), hang));
        }
        return points;
    }

    private static Vector3D at(AxleModel model, Hose.End end) {
        int body = model.bodyIndex(end.body()).orElse(-1);
        if (body < 0) {
            return end.at();
        }
        BodyFrame place = new BodyFrame();
        model.locate(body, place);
        return place.at(end.at().subtract(model.originAtRide(body)));
    }
}
