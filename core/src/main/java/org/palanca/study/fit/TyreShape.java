package org.palanca.study.fit;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.solid.BodyFrame;
import org.palanca.base.solid.Convex;
import org.palanca.base.solid.Gap;
import org.palanca.base.solid.Solid;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.survey.Box;

/**
 * A tyre with the same rounded shoulders as it has when the axle is cycled, so that both steps tell the same room.
 *
 * @param centre of the wheel [m], vehicle frame
 * @param axis of the wheel, of length 1
 * @param tyre its sizes, standing free
 */
record TyreShape(Vector3D centre, Vector3D axis, Tyre tyre) {
    /** Places tried round the upper half of a shoulder. */
    private static final int ROUND = 60;

    /** Nothing here turns or moves: everything is where it is. */
    private static final BodyFrame HERE = new BodyFrame();

    private double radius() {
        return tyre.diameter() / 2;
    }

    /** Half the width of what the shoulders are rolled round [m]. */
    private double halfCore() {
        return tyre.width() / 2 - tyre.shoulder();
    }

    /** How far it reaches from its centre in a direction of length 1 [m]: r sqrt(1 - c^2) + h |c| + s, c = axis . direction. */
    double reach(Vector3D direction) {
        double c = axis.dotProduct(direction);
        double core = radius() - tyre.shoulder();
        return core * Math.sqrt(Math.max(0, 1 - c * c)) + halfCore() * Math.abs(c) + tyre.shoulder();
    }

    /**
     * How far its upper half reaches from its centre in a level direction of length 1 [m]: the part that stands in a well,
     * whose walls end about where the wheel's middle is. Tried round both shoulders.
     */
    double reachAbove(Vector3D direction) {
        Vector3D ahead = axis.crossProduct(Vector3D.PLUS_K).normalize();
        Vector3D up = ahead.crossProduct(axis);
        double core = radius() - tyre.shoulder();
        double most = Double.NEGATIVE_INFINITY;
        for (int side = -1; side <= 1; side += 2) {
            for (int i = 0; i <= ROUND; i++) {
                double turn = Math.PI * i / ROUND;
                Vector3D shoulder = axis.scalarMultiply(side * halfCore())
                        .add(core * Math.cos(turn), ahead)
                        .add(core * Math.sin(turn), up);
                most = Math.max(most, shoulder.dotProduct(direction));
            }
        }
        return most + tyre.shoulder();
    }

    /** Least distance to a box [m], 0 where they touch. */
    double distance(Box box) {
        Solid mine = Solid.of(List.of(Convex.wheel(centre, axis, radius(), tyre.width() / 2, tyre.shoulder())));
        Solid other = Solid.of(List.of(Convex.box(
                new Vector3D(box.rear(), box.right(), box.bottom()),
                new Vector3D(box.front(), box.left(), box.top()))));
        return Math.max(0, new Gap().between(mine, HERE, other, HERE));
    }

    /** Whether they touch; told at once where even the boxes round them don't. */
    boolean touches(Box box) {
        Vector3D reach = new Vector3D(reach(Vector3D.PLUS_I), reach(Vector3D.PLUS_J), reach(Vector3D.PLUS_K));
        boolean apart = centre.getX() + reach.getX() < box.rear()
                || centre.getX() - reach.getX() > box.front()
                || centre.getY() + reach.getY() < box.right()
                || centre.getY() - reach.getY() > box.left()
                || centre.getZ() + reach.getZ() < box.bottom()
                || centre.getZ() - reach.getZ() > box.top();
        return !apart && distance(box) <= 0;
    }

    TyreShape moved(Vector3D by) {
        return new TyreShape(centre.add(by), axis, tyre);
    }
}
