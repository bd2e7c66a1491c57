package org.palanca.bench.clearance;

import com.bulletphysics.collision.narrowphase.DiscreteCollisionDetectorInterface.ClosestPointInput;
import com.bulletphysics.collision.narrowphase.GjkEpaPenetrationDepthSolver;
import com.bulletphysics.collision.narrowphase.GjkPairDetector;
import com.bulletphysics.collision.narrowphase.PointCollector;
import com.bulletphysics.collision.narrowphase.VoronoiSimplexSolver;
import com.bulletphysics.collision.shapes.ConvexShape;
import javax.vecmath.Vector3f;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.solid.BodyFrame;

/** The distance of two convex shapes by a collision library, in single precision. */
final class LibraryDistance {
    private final ClosestPointInput input = new ClosestPointInput();
    private final GjkPairDetector detector = new GjkPairDetector();
    private final VoronoiSimplexSolver simplex = new VoronoiSimplexSolver();
    private final GjkEpaPenetrationDepthSolver depth = new GjkEpaPenetrationDepthSolver();

    LibraryDistance() {
        input.init();
    }

    /** Where the first shape is: the middle of it in its body's frame, and where that is. */
    void placeFirst(BodyFrame place, Vector3D middle) {
        place(input.transformA, place, middle);
    }

    /** Where the second is. */
    void placeSecond(BodyFrame place, Vector3D middle) {
        place(input.transformB, place, middle);
    }

    /** The distance [m]; one that is larger than enough need not be worked out. */
    float of(ConvexShape first, ConvexShape second, float enough) {
        input.maximumDistanceSquared = enough * enough;
        detector.init(first, second, simplex, depth);
        PointCollector found = new PointCollector();
        detector.getClosestPoints(input, found, null);
        return found.hasResult ? found.distance : enough;
    }

    private static void place(com.bulletphysics.linearmath.Transform into, BodyFrame place, Vector3D middle) {
        Vector3D origin = place.at(Vector3D.ZERO);
        into.origin.set(vector(place.at(middle)));
        into.basis.setColumn(0, vector(place.at(Vector3D.PLUS_I).subtract(origin)));
        into.basis.setColumn(1, vector(place.at(Vector3D.PLUS_J).subtract(origin)));
        into.basis.setColumn(2, vector(place.at(Vector3D.PLUS_K).subtract(origin)));
    }

    static Vector3f vector(Vector3D v) {
        return new Vector3f((float) v.getX(), (float) v.getY(), (float) v.getZ());
    }
}
