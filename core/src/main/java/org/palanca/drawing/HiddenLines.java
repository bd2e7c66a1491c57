package org.palanca.drawing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.vehicle.PartRef;

/**
 * Which strokes of a turned drawing lie behind its faces. The faces are entered into a field of cells that keeps the nearest in
 * each, as a depth buffer does (Catmull, 1974, named from memory), and the strokes are held against it piece by piece.
 */
public final class HiddenLines {
    /** A stroke on a face is not behind it, though the field is coarse [m]. */
    private static final double ON_FACE = 0.02;

    private static final int MOST_CELLS = 400;

    private final Axonometry view;
    private final double cell;
    private final double left;
    private final double low;
    private final int wide;
    private final int high;
    private final double[] nearest;

    /**
     * A stroke, or a part of one, as it is seen.
     *
     * @param hidden whether a face stands before it
     * @param of the described part whose outline it is
     */
    public record Seen(Shape.Path path, boolean hidden, Optional<PartRef> of) {}

    private HiddenLines(List<TurnedDrawing.Face> faces, Axonometry view, double fineness) {
        this.view = view;
        double[] range = {
            Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        for (TurnedDrawing.Face face : faces) {
            widen(range, face.a());
            widen(range, face.b());
            widen(range, face.c());
        }
        boolean any = range[0] <= range[1];
        double span = any ? Math.max(range[1] - range[0], range[3] - range[2]) : 1;
        cell = Math.max(fineness, span / MOST_CELLS);
        left = any ? range[0] : 0;
        low = any ? range[2] : 0;
        wide = any ? (int) Math.ceil((range[1] - left) / cell) + 1 : 1;
        high = any ? (int) Math.ceil((range[3] - low) / cell) + 1 : 1;
        nearest = new double[wide * high];
        Arrays.fill(nearest, Double.NEGATIVE_INFINITY);
        faces.forEach(this::enter);
    }

    /**
     * All strokes of a drawing as they are seen, the hidden parts told apart.
     *
     * @param fineness length below which hidden and seen need not be told apart [m]
     */
    public static List<Seen> of(TurnedDrawing drawing, Axonometry view, double fineness) {
        return of(drawing.lines(), drawing.faces(), view, fineness);
    }

    static List<Seen> of(
            List<TurnedDrawing.Line> lines, List<TurnedDrawing.Face> faces, Axonometry view, double fineness) {
        HiddenLines field = new HiddenLines(faces, view, fineness);
        List<Seen> all = new ArrayList<>();
        lines.forEach(line -> field.split(line, all));
        return all;
    }

    private void widen(double[] range, Vector3D place) {
        double across = view.across(place);
        double up = view.up(place);
        range[0] = Math.min(range[0], across);
        range[1] = Math.max(range[1], across);
        range[2] = Math.min(range[2], up);
        range[3] = Math.max(range[3], up);
    }

    /** Enters a face: in each cell whose middle it covers, how near it is there. */
    private void enter(TurnedDrawing.Face face) {
        double ax = view.across(face.a());
        double ay = view.up(face.a());
        double bx = view.across(face.b()) - ax;
        double by = view.up(face.b()) - ay;
        double cx = view.across(face.c()) - ax;
        double cy = view.up(face.c()) - ay;
        double det = bx * cy - by * cx;
        if (Math.abs(det) < 1e-12) {
            return;
        }
        double near = view.nearness(face.a());
        double nearB = view.nearness(face.b()) - near;
        double nearC = view.nearness(face.c()) - near;
        int i0 = column(ax + Math.min(0, Math.min(bx, cx)));
        int i1 = column(ax + Math.max(0, Math.max(bx, cx)));
        int j0 = row(ay + Math.min(0, Math.min(by, cy)));
        int j1 = row(ay + Math.max(0, Math.max(by, cy)));
        for (int j = j0; j <= j1; j++) {
            double y = low + (j + 0.5) * cell - ay;
            for (int i = i0; i <= i1; i++) {
                double x = left + (i + 0.5) * cell - ax;
                double b = (x * cy - y * cx) / det;
                double c = (bx * y - by * x) / det;
                if (b >= 0 && c >= 0 && b + c <= 1) {
                    int at = j * wide + i;
                    nearest[at] = Math.max(nearest[at], near + b * nearB + c * nearC);
                }
            }
        }
    }

    private int column(double across) {
        return Math.max(0, Math.min(wide - 1, (int) Math.floor((across - left) / cell)));
    }

    private int row(double up) {
        return Math.max(0, Math.min(high - 1, (int) Math.floor((up - low) / cell)));
    }

    private boolean hidden(double across, double up, double near) {
        // At the edge of something round its faces fall away steeply: only what all cells about it hide is hidden.
        int i = (int) Math.floor((across - left) / cell);
        int j = (int) Math.floor((up - low) / cell);
        if (i < 1 || j < 1 || i >= wide - 1 || j >= high - 1) {
            return false;
        }
        for (int row = j - 1; row <= j + 1; row++) {
            for (int column = i - 1; column <= i + 1; column++) {
                if (nearest[row * wide + column] <= near + ON_FACE) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Cuts a stroke where it goes behind a face and where it comes out again. */
    private void split(TurnedDrawing.Line line, List<Seen> into) {
        List<Shape.Point> run = new ArrayList<>();
        boolean runHidden = false;
        for (int k = 1; k < line.places().size(); k++) {
            Vector3D from = line.places().get(k - 1);
            Vector3D to = line.places().get(k);
            double x = view.across(from);
            double y = view.up(from);
            double near = view.nearness(from);
            double dx = view.across(to) - x;
            double dy = view.up(to) - y;
            double dn = view.nearness(to) - near;
            int pieces = (int) Math.max(1, Math.ceil(Math.hypot(dx, dy) / cell));
            for (int i = 0; i < pieces; i++) {
                double middle = (i + 0.5) / pieces;
                boolean here = hidden(x + middle * dx, y + middle * dy, near + middle * dn);
                double start = (double) i / pieces;
                if (run.isEmpty() || here != runHidden) {
                    Shape.Point at = new Shape.Point(x + start * dx, y + start * dy);
                    if (!run.isEmpty()) {
                        run.add(at);
                        into.add(new Seen(new Shape.Path(line.role(), run, false), runHidden, line.of()));
                    }
                    run = new ArrayList<>(List.of(at));
                    runHidden = here;
                }
            }
            run.add(new Shape.Point(x + dx, y + dy));
        }
        if (run.size() > 1) {
            into.add(new Seen(new Shape.Path(line.role(), run, false), runHidden, line.of()));
        }
    }
}
