package org.palanca.desktop.board;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.shape.Polygon;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.PartShape;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.edit.DescribedPart;

/** What can be taken hold of on the board of an axle, as it is drawn at its pose. */
public final class Grips {
    /** A mount is taken within this of its centre [px]. */
    private static final double MOUNT = 11;

    /** A part is taken on its face, and this far beside its outline [px]. */
    private static final double BESIDE = 5;

    private final AxleModel model;
    private final List<Grip> all;

    private Grips(AxleModel model, List<Grip> all) {
        this.model = model;
        this.all = all;
    }

    /** Every part and every mount of an axle. */
    public static Grips everything(AxleModel model) {
        AxlePlace place = model.axle().place();
        Stream<Grip> parts =
                DescribedPart.all(model.vehicle(), place).stream().map(part -> new Grip.OnPart(part.ref()));
        Stream<Grip> mounts =
                model.axle().mounts().stream().map(mount -> new Grip.OnMount(new MountRef(place, mount.name())));
        return new Grips(model, Stream.concat(parts, mounts).toList());
    }

    /** Every mount of an axle. */
    public static Grips mounts(AxleModel model) {
        return new Grips(
                model,
                model.axle().mounts().stream()
                        .<Grip>map(mount ->
                                new Grip.OnMount(new MountRef(model.axle().place(), mount.name())))
                        .toList());
    }

    /** What carries and stops an axle, by its mounts. */
    public static Grips springing(AxleModel model) {
        AxlePlace place = model.axle().place();
        return new Grips(
                model,
                model.axle().springing().mounts().stream()
                        .<Grip>map(mount -> new Grip.OnMount(new MountRef(place, mount)))
                        .toList());
    }

    /** Everything there is, parts first. */
    public List<Grip> all() {
        return all;
    }

    /** The axle as it is drawn. */
    public AxleModel model() {
        return model;
    }

    /** What is under a pixel: what is in hand before all, a mount before a part, a small part before a large one. */
    public Optional<Grip> at(BoardLayout layout, double px, double py, Optional<Grip> inHand) {
        Optional<Elevation> elevation = layout.elevation(px, py);
        if (elevation.isEmpty()) {
            return Optional.empty();
        }
        Grip best = null;
        double least = Double.POSITIVE_INFINITY;
        for (Grip grip : all) {
            double rank = grip instanceof Grip.OnMount mount
                    ? rank(layout, elevation.get(), mount, px, py)
                    : rank(layout, elevation.get(), (Grip.OnPart) grip, px, py);
            if (rank < Double.POSITIVE_INFINITY && inHand.filter(grip::equals).isPresent()) {
                return inHand;
            }
            if (rank < least) {
                least = rank;
                best = grip;
            }
        }
        return Optional.ofNullable(best);
    }

    /** Less than nothing, so that it comes before every part; the measured side before its mirror image. */
    private double rank(BoardLayout layout, Elevation elevation, Grip.OnMount grip, double px, double py) {
        Vector3D at = AxleDrawing.mount(model, grip.ref().mount());
        double away =
                Math.hypot(layout.x(elevation, elevation.across(at)) - px, layout.y(elevation, elevation.up(at)) - py);
        boolean mirrored =
                model.axle().mount(grip.ref().mount()).filter(Mount::mirrored).isPresent();
        return away < MOUNT ? away - 2 * MOUNT + (mirrored ? 0.5 : 0) : Double.POSITIVE_INFINITY;
    }

    /** The drawn size of the piece under the pointer [px2]. */
    private double rank(BoardLayout layout, Elevation elevation, Grip.OnPart grip, double px, double py) {
        return outlines(grip, elevation).stream()
                .filter(path -> under(layout, elevation, path, px, py))
                .mapToDouble(path -> size(layout, elevation, path))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** How a part is drawn; empty for one that is not there any more. */
    public List<Shape.Path> outlines(Grip.OnPart grip, Elevation elevation) {
        return DescribedPart.find(model.vehicle(), model.axle().place(), grip.ref())
                .map(part -> AxleDrawing.part(model, part.part(), elevation))
                .orElse(List.of());
    }

    /** Where the middle of something is drawn [m], vehicle frame. */
    public Vector3D middle(Grip grip) {
        if (grip instanceof Grip.OnMount mount) {
            return AxleDrawing.mount(model, mount.ref().mount());
        }
        DescribedPart part = DescribedPart.find(model.vehicle(), model.axle().place(), ((Grip.OnPart) grip).ref())
                .orElseThrow();
        List<Vector3D> piece = PartShape.pieces(model, part.part()).get(0);
        return piece.stream().reduce(Vector3D.ZERO, Vector3D::add).scalarMultiply(1.0 / piece.size());
    }

    private static boolean under(BoardLayout layout, Elevation elevation, Shape.Path path, double px, double py) {
        double[] corners = corners(layout, elevation, path);
        if (new Polygon(corners).contains(px, py)) {
            return true;
        }
        for (int i = 0; i < corners.length; i += 2) {
            int next = (i + 2) % corners.length;
            if (Reach.fromStroke(px, py, corners[i], corners[i + 1], corners[next], corners[next + 1]) < BESIDE) {
                return true;
            }
        }
        return false;
    }

    private static double size(BoardLayout layout, Elevation elevation, Shape.Path path) {
        double[] corners = corners(layout, elevation, path);
        double twice = 0;
        for (int i = 0; i < corners.length; i += 2) {
            int next = (i + 2) % corners.length;
            twice += corners[i] * corners[next + 1] - corners[next] * corners[i + 1];
        }
        return Math.abs(twice) / 2;
    }

    private static double[] corners(BoardLayout layout, Elevation elevation, Shape.Path path) {
        return path.points().stream()
                .flatMap(point -> Stream.of(layout.x(elevation, point), layout.y(elevation, point)))
                .mapToDouble(Double::doubleValue)
                .toArray();
    }
}
