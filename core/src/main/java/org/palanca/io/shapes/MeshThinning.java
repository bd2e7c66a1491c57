package org.palanca.io.shapes;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.Part;

/**
 * Thins a mesh or a scan out by a grid: all corners in one of its cells become one, at their mean. No corner moves farther
 * than a cell's diagonal, and what it may be off is kept with the shape (Rossignac and Borrel, 1993, from memory).
 */
final class MeshThinning {
    /** A skin of more triangles than this is thinned out: it must fit into a vehicle file and be searched in a frame. */
    static final int MOST_TRIANGLES = 8000;

    static final int MOST_POINTS = 8000;

    /** First grid tried [m]; each further one is coarser by the root of two. */
    private static final double FINEST = Lengths.inches(1.0 / 32);

    private MeshThinning() {}

    /** The mesh on a grid just coarse enough; as it is where it is small enough. */
    static Part.MeshForm mesh(List<Vector3D> vertices, List<Part.MeshForm.Triangle> triangles) {
        if (triangles.size() <= MOST_TRIANGLES) {
            return joined(vertices, triangles);
        }
        double cell = FINEST;
        Part.MeshForm thin = thin(vertices, triangles, cell);
        while (thin.triangles().size() > MOST_TRIANGLES) {
            cell *= Math.sqrt(2);
            thin = thin(vertices, triangles, cell);
        }
        return thin;
    }

    /** Corners at one place made one, so that edges are seen to be shared. */
    private static Part.MeshForm joined(List<Vector3D> vertices, List<Part.MeshForm.Triangle> triangles) {
        Map<Vector3D, Integer> places = new HashMap<>();
        List<Vector3D> kept = new ArrayList<>();
        int[] now = new int[vertices.size()];
        for (int i = 0; i < now.length; i++) {
            Vector3D at = onGrid(vertices.get(i));
            Integer known = places.putIfAbsent(at, kept.size());
            now[i] = known != null ? known : kept.size();
            if (known == null) {
                kept.add(at);
            }
        }
        return new Part.MeshForm(kept, renamed(triangles, now), 0);
    }

    private static List<Part.MeshForm.Triangle> renamed(List<Part.MeshForm.Triangle> triangles, int[] now) {
        Set<Part.MeshForm.Triangle> kept = new LinkedHashSet<>();
        for (Part.MeshForm.Triangle t : triangles) {
            int a = now[t.a()];
            int b = now[t.b()];
            int c = now[t.c()];
            if (a != b && b != c && c != a) {
                kept.add(new Part.MeshForm.Triangle(a, b, c));
            }
        }
        return List.copyOf(kept);
    }

    private record Cell(long x, long y, long z) {
        static Cell of(Vector3D at, double size) {
            return new Cell((long) Math.floor(at.getX() / size), (long) Math.floor(at.getY() / size), (long)
                    Math.floor(at.getZ() / size));
        }
    }

    private static Part.MeshForm thin(List<Vector3D> vertices, List<Part.MeshForm.Triangle> triangles, double size) {
        Map<Cell, Integer> cells = new HashMap<>();
        List<Vector3D> sums = new ArrayList<>();
        List<Integer> counts = new ArrayList<>();
        int[] now = new int[vertices.size()];
        for (int i = 0; i < now.length; i++) {
            int index = cells.computeIfAbsent(Cell.of(vertices.get(i), size), any -> {
                sums.add(Vector3D.ZERO);
                counts.add(0);
                return sums.size() - 1;
            });
            sums.set(index, sums.get(index).add(vertices.get(i)));
            counts.set(index, counts.get(index) + 1);
            now[i] = index;
        }
        List<Vector3D> means = new ArrayList<>();
        for (int i = 0; i < sums.size(); i++) {
            means.add(onGrid(sums.get(i).scalarMultiply(1.0 / counts.get(i))));
        }
        double off = 0;
        for (int i = 0; i < now.length; i++) {
            off = Math.max(off, Vector3D.distance(vertices.get(i), means.get(now[i])));
        }
        return new Part.MeshForm(means, renamed(triangles, now), Quantity.LENGTH.onGrid(off));
    }

    /** Points on a grid, each with a ball that closes the gaps to the next. */
    static Part.PointsForm points(List<Vector3D> points) {
        double cell = FINEST;
        List<Vector3D> thin = cells(points, cell);
        while (thin.size() > MOST_POINTS) {
            cell *= Math.sqrt(2);
            thin = cells(points, cell);
        }
        return new Part.PointsForm(thin, Quantity.LENGTH.onGrid(Math.max(Lengths.inches(1.0 / 8), cell)));
    }

    private static List<Vector3D> cells(List<Vector3D> points, double size) {
        Map<Cell, Vector3D> cells = new HashMap<>();
        for (Vector3D point : points) {
            cells.putIfAbsent(Cell.of(point, size), onGrid(point));
        }
        return new ArrayList<>(cells.values());
    }

    private static Vector3D onGrid(Vector3D at) {
        return new Vector3D(
                Quantity.LENGTH.onGrid(at.getX()),
                Quantity.LENGTH.onGrid(at.getY()),
                Quantity.LENGTH.onGrid(at.getZ()));
    }
}
