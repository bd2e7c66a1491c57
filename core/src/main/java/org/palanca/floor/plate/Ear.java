package org.palanca.floor.plate;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.outline.Corner;
import org.palanca.base.outline.Edge;
import org.palanca.base.outline.Outline;

/**
 * An ear in its plane: the bolt's middle is the origin, y runs away from what it is welded on.
 *
 * @param outline round it [m]
 * @param web index of the edge that a back stands on or is folded up from; -1 where there is no back
 * @param off how far its middle stands off the bolt's middle, the bolt's way positive [m]
 */
record Ear(Outline outline, int web, double off) {
    private static final double SAME = 1e-6;

    /** The edge that a back stands on or is folded up from. */
    Edge webEdge() {
        return outline.edges().get(web);
    }

    /** The same with a notch in the middle of that edge. */
    Ear notched(double wide, double deep) {
        Edge edge = webEdge();
        Vector2D along = along(edge);
        Vector2D inward = inward(edge);
        Vector2D left = middle(edge).subtract(wide / 2, along);
        Vector2D right = middle(edge).add(wide / 2, along);
        List<Corner> corners = new ArrayList<>(outline.corners());
        corners.remove(web);
        corners.addAll(
                web,
                List.of(
                        new Corner(edge.from(), 0),
                        new Corner(left, 0),
                        new Corner(left.add(deep, inward), 0),
                        new Corner(right.add(deep, inward), 0),
                        new Corner(right, 0)));
        return new Ear(new Outline(corners), web, off);
    }

    static Vector2D middle(Edge edge) {
        return edge.from().add(0.5, edge.to().subtract(edge.from()));
    }

    static Vector2D along(Edge edge) {
        return edge.to().subtract(edge.from()).normalize();
    }

    /** Into the outline, which lies to the left of its edges. */
    static Vector2D inward(Edge edge) {
        Vector2D along = along(edge);
        return new Vector2D(-along.getY(), along.getX());
    }

    /** The straight edge of an outline between two places; -1 where it has none. */
    static int edge(Outline outline, Vector2D from, Vector2D to) {
        List<Edge> edges = outline.edges();
        for (int i = 0; i < edges.size(); i++) {
            if (Vector2D.distance(edges.get(i).from(), from) < SAME
                    && Vector2D.distance(edges.get(i).to(), to) < SAME) {
                return i;
            }
        }
        return -1;
    }
}
