package org.palanca.io.plate;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.triangulate.polygon.ConstrainedDelaunayTriangulator;
import org.palanca.base.outline.Outline;
import org.palanca.floor.plate.FlatPart;
import org.palanca.floor.plate.Opening;

/** A plate as a solid for a trial in plastic: binary STL in millimetres, lying flat. A folded one is written before it is folded. */
public final class PlateStl {
    /** Chords stray so far from arcs [m]. */
    private static final double STRAY = 2e-5;

    private static final int HEADER = 80;
    private static final int TRIANGLE = 50;
    private static final GeometryFactory JTS = new GeometryFactory();

    private PlateStl() {}

    /** The file. */
    public static byte[] bytes(FlatPart part) {
        List<double[][]> triangles = new ArrayList<>();
        LinearRing[] holes = part.openings().stream()
                .map(Opening::outline)
                .map(PlateStl::ring)
                .toArray(LinearRing[]::new);
        Geometry faces = ConstrainedDelaunayTriangulator.triangulate(JTS.createPolygon(ring(part.outline()), holes));
        double top = part.thickness();
        for (int i = 0; i < faces.getNumGeometries(); i++) {
            Coordinate[] at = faces.getGeometryN(i).getCoordinates();
            boolean left = turnsLeft(at);
            Coordinate second = left ? at[1] : at[2];
            Coordinate third = left ? at[2] : at[1];
            triangles.add(new double[][] {up(at[0], top), up(second, top), up(third, top)});
            triangles.add(new double[][] {up(at[0], 0), up(third, 0), up(second, 0)});
        }
        wall(part.outline(), true, top, triangles);
        part.openings().forEach(hole -> wall(hole.outline(), false, top, triangles));
        return written(triangles);
    }

    private static boolean turnsLeft(Coordinate[] at) {
        return (at[1].x - at[0].x) * (at[2].y - at[0].y) > (at[1].y - at[0].y) * (at[2].x - at[0].x);
    }

    private static LinearRing ring(Outline outline) {
        List<Coordinate> ring = new ArrayList<>();
        outline.points(STRAY).forEach(at -> ring.add(new Coordinate(at.getX(), at.getY())));
        ring.add(ring.get(0).copy());
        return JTS.createLinearRing(ring.toArray(Coordinate[]::new));
    }

    private static double[] up(Coordinate at, double height) {
        return new double[] {at.x, at.y, height};
    }

    private static double[] up(Vector2D at, double height) {
        return new double[] {at.getX(), at.getY(), height};
    }

    /** Its outside to the right of the outline, which runs to the left, or to the left in a hole. */
    private static void wall(Outline outline, boolean outside, double top, List<double[][]> triangles) {
        List<Vector2D> points = outline.points(STRAY);
        for (int i = 0; i < points.size(); i++) {
            Vector2D one = points.get(i);
            Vector2D other = points.get((i + 1) % points.size());
            Vector2D from = outside ? one : other;
            Vector2D to = outside ? other : one;
            triangles.add(new double[][] {up(from, 0), up(to, 0), up(to, top)});
            triangles.add(new double[][] {up(from, 0), up(to, top), up(from, top)});
        }
    }

    private static byte[] written(List<double[][]> triangles) {
        ByteBuffer out =
                ByteBuffer.allocate(HEADER + 4 + TRIANGLE * triangles.size()).order(ByteOrder.LITTLE_ENDIAN);
        out.put("millimetres".getBytes(StandardCharsets.US_ASCII));
        out.position(HEADER);
        out.putInt(triangles.size());
        for (double[][] triangle : triangles) {
            for (int i = 0; i < 3; i++) {
                out.putFloat(0); // The corners' order says which way it faces; readers work the normal out of it.
            }
            for (double[] at : triangle) {
                for (double value : at) {
                    out.putFloat((float) (value * 1000));
                }
            }
            out.putShort((short) 0);
        }
        return out.array();
    }
}
