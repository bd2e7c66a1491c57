package org.palanca.fit;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.survey.Box;

/**
 * A tyre as a plain cylinder, shoulders not rounded, so that what it clears a real tyre clears too. Distances are good to a
 * tenth of a millimetre.
 *
 * @param centre of the wheel [m], vehicle frame
 * @param axis of the wheel, of length 1
 * @param radius standing free [m]
 * @param width [m]
 */
record TyreShape(Vector3D centre, Vector3D axis, double radius, double width) {
    /** Rounds of walking from the one to the other and back. */
    private static final int ROUNDS = 400;

    /** Places tried round the upper half of a shoulder. */
    private static final int ROUND = 60;

    /** Closer than this they count as touching [m]. */
    private static final double TOUCHING = 1e-6;

    /** How far it reaches from its centre in a direction of length 1 [m]: R sqrt(1 - c^2) + w/2 |c|, c = axis . direction. */
    double reach(Vector3D direction) {
        double c = axis.dotProduct(direction);
        return radius * Math.sqrt(Math.max(0, 1 - c * c)) + width / 2 * Math.abs(c);
    }

    /**
     * How far its upper half reaches from its centre in a level direction of length 1 [m]: the part that stands in a well,
     * whose walls end about where the wheel's middle is. Tried round both shoulders.
     */
    double reachAbove(Vector3D direction) {
        Vector3D ahead = axis.crossProduct(Vector3D.PLUS_K).normalize();
        Vector3D up = ahead.crossProduct(axis);
        double most = Double.NEGATIVE_INFINITY;
        for (int side = -1; side <= 1; side += 2) {
            for (int i = 0; i <= ROUND; i++) {
                double turn = Math.PI * i / ROUND;
                Vector3D shoulder = axis.scalarMultiply(side * width / 2)
                        .add(radius * Math.cos(turn), ahead)
                        .add(radius * Math.sin(turn), up);
                most = Math.max(most, shoulder.dotProduct(direction));
            }
        }
        return most;
    }

    /** Nearest of its points to a place. */
    private Vector3D nearest(Vector3D place) {
        Vector3D from = place.subtract(centre);
        double along = from.dotProduct(axis);
        Vector3D out = from.subtract(along, axis);
        double far = out.getNorm();
        double kept = Math.max(-width / 2, Math.min(width / 2, along));
        Vector3D radial = far <= radius ? out : out.scalarMultiply(radius / far);
        return centre.add(kept, axis).add(radial);
    }

    /** Least distance to a box [m], 0 where they touch: from the one to the nearest of the other and back until it rests. */
    double distance(Box box) {
        Vector3D at = box.middle();
        double before = Double.MAX_VALUE;
        for (int i = 0; i < ROUNDS; i++) {
            Vector3D mine = nearest(at);
            at = new Vector3D(
                    Math.max(box.rear(), Math.min(box.front(), mine.getX())),
                    Math.max(box.right(), Math.min(box.left(), mine.getY())),
                    Math.max(box.bottom(), Math.min(box.top(), mine.getZ())));
            double now = Vector3D.distance(mine, at);
            if (now < TOUCHING) {
                return 0;
            }
            if (before - now < TOUCHING * 1e-3) {
                return now;
            }
            before = now;
        }
        return before;
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
        return new TyreShape(centre.add(by), axis, radius, width);
    }
}
