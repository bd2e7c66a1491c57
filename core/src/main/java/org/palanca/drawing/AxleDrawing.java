package org.palanca.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.drawing.Shape.Point;
import org.palanca.drawing.Shape.Role;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.BarTurn;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.working.Construction;
import org.palanca.study.clearance.HoseRun;
import org.palanca.study.clearance.PartShape;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.FrameRails;
import org.palanca.vehicle.Hose;
import org.palanca.vehicle.HousingBody;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.RailStation;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.springing.BumpStop;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockSize;
import org.palanca.vehicle.springing.Strap;

/** Lines of one axle, and of the vehicle around it, at the axle's present pose. */
public final class AxleDrawing {
    private final Elevation elevation;
    private final Projected shapes;

    private AxleDrawing(Elevation elevation) {
        this.elevation = elevation;
        shapes = new Projected(elevation);
    }

    /** Tyres, housing, moving parts and links at the model's present pose. */
    public static List<Shape> axle(AxleModel model, Elevation elevation) {
        AxleDrawing drawing = new AxleDrawing(elevation);
        drawing.tyres(model);
        if (!model.axle().independent()) {
            drawing.housing(model);
        }
        new BodyDrawing(model, drawing.shapes).draw();
        BracketDrawing.draw(model, drawing.shapes);
        links(model, drawing.shapes);
        drawing.barrels(model);
        drawing.marks(model);
        return drawing.shapes.shapes();
    }

    /** Parts described around an axle and on it, as they stand at the model's present pose. */
    public static List<Shape> parts(AxleModel model, Elevation elevation) {
        List<Shape> shapes = new ArrayList<>();
        Vehicle vehicle = model.vehicle();
        for (Part part : vehicle.build().surroundings(model.axle().place()).parts()) {
            shapes.addAll(part(model, part, elevation));
        }
        for (Hose hose : vehicle.build().surroundings(model.axle().place()).hoses()) {
            List<Point> points = HoseRun.points(model, hose).stream()
                    .map(at -> new Point(elevation.across(at), elevation.up(at)))
                    .toList();
            shapes.add(new Shape.Path(Role.PART, points, false));
        }
        return shapes;
    }

    /** Outlines of one described part at the model's present pose: one for each convex piece. */
    public static List<Shape.Path> part(AxleModel model, Part part, Elevation elevation) {
        Role role = part.kind() == Part.Kind.SERVICE ? Role.MEASURE : Role.PART;
        List<Shape.Path> outlines = new ArrayList<>();
        for (List<Vector3D> piece : PartShape.pieces(model, part)) {
            List<Point> corners = PartShape.outline(piece.stream()
                            .map(at -> new double[] {elevation.across(at), elevation.up(at)})
                            .toList())
                    .stream()
                    .map(corner -> new Point(corner[0], corner[1]))
                    .toList();
            if (corners.size() > 2) {
                outlines.add(new Shape.Path(role, corners, true));
            }
        }
        return outlines;
    }

    /** Rails, ground and centreline. */
    public static List<Shape> surroundings(Vehicle vehicle, Elevation elevation) {
        AxleDrawing drawing = new AxleDrawing(elevation);
        vehicle.rails().ifPresent(rails -> drawing.rails(vehicle, rails));
        return drawing.shapes.shapes();
    }

    /** Construction lines of a working, as seen in this elevation; points are left to who draws them, with their words. */
    public static List<Shape> construction(List<Construction> lines, Elevation elevation) {
        AxleDrawing drawing = new AxleDrawing(elevation);
        for (Construction part : lines) {
            if (part instanceof Construction.Line line) {
                drawing.line(Role.valueOf(line.kind().name()), line.from(), line.to());
            }
        }
        return drawing.shapes.shapes();
    }

    private void rails(Vehicle vehicle, FrameRails rails) {
        List<RailStation> line = rails.line(vehicle.wheelbase());
        for (Side side : Side.values()) {
            if (elevation == Elevation.REAR) {
                RailStation end = line.get(line.size() - 1);
                double outer = side.sign() * end.out();
                double inner = side.sign() * (end.out() - rails.width());
                box(
                        Role.RAIL,
                        new Vector3D(end.ahead(), inner, end.bottom()),
                        new Vector3D(end.ahead(), outer, end.bottom() + rails.depth()));
                continue;
            }
            List<Point> outline = new ArrayList<>();
            for (RailStation one : line) {
                outline.add(point(new Vector3D(one.ahead(), side.sign() * one.out(), one.bottom())));
            }
            for (int i = line.size() - 1; i >= 0; i--) {
                RailStation one = line.get(i);
                // Seen from the side the upper edge, from above the inner one.
                outline.add(point(new Vector3D(
                        one.ahead(),
                        side.sign() * (one.out() - (elevation == Elevation.TOP ? rails.width() : 0)),
                        one.bottom() + (elevation == Elevation.SIDE ? rails.depth() : 0))));
            }
            shapes.add(new Shape.Path(Role.RAIL, outline, true));
        }
    }

    private void tyres(AxleModel model) {
        AxleMotion motion = model.motion();
        Axle axle = model.axle();
        double radius = axle.tyre().diameter() / 2;
        for (int side : new int[] {1, -1}) {
            Vector3D centre = wheel(motion, side);
            if (elevation == Elevation.SIDE) {
                if (side == 1) {
                    shapes.add(new Shape.Circle(Role.TYRE, point(centre), radius));
                    shapes.add(new Shape.Circle(Role.TYRE, point(centre), radius * 0.5));
                }
                continue;
            }
            WheelMotion wheel = motion.wheel(side);
            Vector3D axis = new Vector3D(wheel.axis(0), wheel.axis(1), wheel.axis(2));
            Vector3D half = axis.scalarMultiply(axle.tyre().width() / 2);
            Vector3D forward = Vector3D.crossProduct(axis, Vector3D.PLUS_K).normalize();
            Vector3D reach = elevation == Elevation.TOP
                    ? forward.scalarMultiply(radius)
                    : Vector3D.crossProduct(forward, axis).scalarMultiply(radius);
            shapes.add(new Shape.Path(
                    Role.TYRE,
                    List.of(
                            point(centre.add(half).add(reach)),
                            point(centre.add(half).subtract(reach)),
                            point(centre.subtract(half).subtract(reach)),
                            point(centre.subtract(half).add(reach))),
                    true));
        }
    }

    private void housing(AxleModel model) {
        AxleMotion motion = model.motion();
        HousingBody body = HousingBody.of(model.vehicle(), model.axle());
        Vector3D centre = new Vector3D(motion.centreX(), motion.centreY(), motion.centreZ());
        Vector3D middle = centre.add(turned(
                motion,
                body.middle().getX(),
                body.middle().getY(),
                body.middle().getZ()));
        double round = body.differential().radius();
        double tube = body.tube().radius();
        if (elevation == Elevation.SIDE) {
            shapes.add(new Shape.Circle(Role.HOUSING, point(centre), tube));
        }
        shapes.add(new Shape.Circle(Role.HOUSING, point(middle), round));
        double pinion = model.axle().pinion();
        Vector3D nose = turned(motion, -model.axle().place().outward() * Math.cos(pinion), 0, Math.sin(pinion));
        if (elevation != Elevation.REAR) {
            line(Role.HOUSING, middle.add(round, nose), middle.add(2 * round, nose));
        }
        if (elevation == Elevation.SIDE) {
            return;
        }
        Vector3D thick = elevation == Elevation.TOP ? turned(motion, tube, 0, 0) : turned(motion, 0, 0, tube);
        Vector3D along = turned(motion, 0, 1, 0);
        for (Side side : Side.values()) {
            Vector3D start = centre.add(body.middle().getY() + side.sign() * round, along);
            Vector3D end = centre.add(side.sign() * body.end(side), along);
            line(Role.HOUSING, start.add(thick), end.add(thick));
            line(Role.HOUSING, start.subtract(thick), end.subtract(thick));
        }
    }

    /** The middle line of a link where it is now. */
    private static List<Vector3D> middle(AxleModel model, Link link) {
        Vector3D from = mount(model, link.from());
        Optional<BarTurn> bent = BarTurn.of(model.vehicle(), model.axle(), link);
        if (bent.isEmpty()) {
            return List.of(from, mount(model, link.to()));
        }
        Rotation since = bent.get().since(model.motion());
        Vector3D along = since.applyTo(bent.get().along());
        Vector3D out = since.applyTo(bent.get().out());
        return model.axle().path(link, model.vehicle().wheelbase()).points(0, 0).stream()
                .map(at -> from.add(new Vector3D(at.getX(), along, at.getY(), out)))
                .toList();
    }

    /** Links, shocks, straps and stops, each from mount to mount. */
    static void links(AxleModel model, Scriber scriber) {
        Axle axle = model.axle();
        for (Link link : axle.links()) {
            scriber.bar(Role.LINK, link.name(), middle(model, link));
        }
        for (Shock shock : axle.springing().shocks()) {
            scriber.bar(Role.SHOCK, shock.name(), mount(model, shock.upper()), mount(model, shock.lower()));
        }
        for (Strap strap : axle.springing().straps()) {
            scriber.line(Role.MEASURE, mount(model, strap.from()), mount(model, strap.to()));
        }
        for (BumpStop stop : axle.springing().stops()) {
            stop(stop, mount(model, stop.from()), mount(model, stop.to()), scriber);
        }
    }

    private void marks(AxleModel model) {
        for (Mount mount : model.axle().mounts()) {
            shapes.add(
                    new Shape.MountMark(Role.LINK, mount.name(), !mount.onFrame(), point(mount(model, mount.name()))));
        }
    }

    private void barrels(AxleModel model) {
        for (Shock shock : model.axle().springing().shocks()) {
            shock.size().ifPresent(size -> barrel(size, mount(model, shock.upper()), mount(model, shock.lower())));
        }
    }

    /** The body of a shock, as long as it is pushed home, below its upper mount. */
    private void barrel(ShockSize size, Vector3D upper, Vector3D lower) {
        Vector3D along = lower.subtract(upper).normalize();
        Point from = point(upper.add(size.eye(), along));
        Point to = point(upper.add(size.collapsed() - size.eye(), along));
        double dx = to.across() - from.across();
        double dy = to.up() - from.up();
        double run = Math.hypot(dx, dy);
        if (run < 1e-6) {
            return;
        }
        double half = size.widest() / 2;
        double x = -dy / run * half;
        double y = dx / run * half;
        shapes.add(new Shape.Path(
                Role.SHOCK,
                List.of(
                        new Point(from.across() + x, from.up() + y),
                        new Point(to.across() + x, to.up() + y),
                        new Point(to.across() - x, to.up() - y),
                        new Point(from.across() - x, from.up() - y)),
                true));
    }

    /** A stop from the mount it is fixed to, as high as it stands now. */
    private static void stop(BumpStop stop, Vector3D from, Vector3D to, Scriber scriber) {
        double apart = Vector3D.distance(from, to);
        Vector3D along = to.subtract(from).normalize();
        Vector3D end = from.add(Math.max(stop.collapsed(), Math.min(stop.free(), apart)), along);
        scriber.bar(Role.SHOCK, stop.name(), from, end);
    }

    /** Where a mount is at the model's present pose [m], vehicle frame. */
    public static Vector3D mount(AxleModel model, String name) {
        for (int i = 0; i < model.axle().mounts().size(); i++) {
            if (model.axle().mounts().get(i).name().equals(name)) {
                AxleMotion motion = model.motion();
                return motion.mount(i);
            }
        }
        throw new IllegalArgumentException("no mount \"" + name + "\"");
    }

    private void box(Role role, Vector3D one, Vector3D other) {
        Point a = point(one);
        Point b = point(other);
        shapes.add(new Shape.Path(
                role, List.of(a, new Point(b.across(), a.up()), b, new Point(a.across(), b.up())), true));
    }

    private void line(Role role, Vector3D from, Vector3D to) {
        shapes.line(role, from, to);
    }

    private Point point(Vector3D place) {
        return shapes.point(place);
    }

    static Vector3D wheel(AxleMotion motion, int side) {
        return motion.wheelCentre(side);
    }

    static Vector3D turned(AxleMotion motion, double x, double y, double z) {
        return new Vector3D(motion.turned(0, x, y, z), motion.turned(1, x, y, z), motion.turned(2, x, y, z));
    }
}
