package org.palanca.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.drawing.Shape.Role;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.HoseRun;
import org.palanca.study.clearance.PartShape;
import org.palanca.vehicle.FrameRails;
import org.palanca.vehicle.Hose;
import org.palanca.vehicle.HousingBody;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.PartRef;
import org.palanca.vehicle.RailStation;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.DescribedPart;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockSize;

/** Lines and faces of the whole vehicle in space, for a view from any side: what lies behind a face is hidden by it. */
public final class TurnedDrawing implements Scriber {
    private static final int ROUND = 32;

    /** Corners of something thin that is round. */
    private static final int FEW = 10;

    private final Axonometry view;

    /** What a link is across [m]. */
    private final double tube;

    private final List<Line> lines = new ArrayList<>();
    private final List<Face> faces = new ArrayList<>();
    private Optional<PartRef> drawn = Optional.empty();

    /**
     * Strokes in space.
     *
     * @param places from place to place [m], vehicle frame
     * @param of the described part whose outline it is; empty for everything else
     */
    public record Line(Role role, List<Vector3D> places, Optional<PartRef> of) {
        public Line {
            places = List.copyOf(places);
        }
    }

    /** A triangle that hides what lies behind it [m], vehicle frame. */
    public record Face(Vector3D a, Vector3D b, Vector3D c) {}

    private TurnedDrawing(Axonometry view, double tube) {
        this.view = view;
        this.tube = tube;
    }

    /**
     * A vehicle with its axles, each at the pose it is in.
     *
     * @param axles all that is to be drawn; the parts round each come with it
     */
    public static TurnedDrawing of(Vehicle vehicle, List<AxleModel> axles, Axonometry view) {
        TurnedDrawing drawing = new TurnedDrawing(view, vehicle.hardware().tubeDiameter());
        vehicle.rails().ifPresent(rails -> drawing.rails(vehicle, rails));
        for (AxleModel model : axles) {
            drawing.tyres(model);
            if (!model.axle().independent()) {
                drawing.housing(model);
            }
            new BodyDrawing(model, drawing).draw();
            BracketDrawing.draw(model, drawing);
            AxleDrawing.links(model, drawing);
            ShaftDrawing.draw(model, drawing);
            drawing.barrels(model);
            drawing.parts(model);
        }
        return drawing;
    }

    /** The strokes. */
    public List<Line> lines() {
        return List.copyOf(lines);
    }

    /** The faces. */
    public List<Face> faces() {
        return List.copyOf(faces);
    }

    @Override
    public void path(Role role, List<Vector3D> places, boolean closed) {
        List<Vector3D> all = new ArrayList<>(places);
        if (closed) {
            all.add(places.get(0));
        }
        lines.add(new Line(role, all, drawn));
    }

    @Override
    public void bar(Role role, String name, List<Vector3D> middle) {
        Vector3D from = middle.get(0);
        Vector3D to = middle.get(middle.size() - 1);
        if (role == Role.LINK && middle.size() > 2) {
            for (int i = 1; i < middle.size(); i++) {
                sleeve(role, middle.get(i - 1), middle.get(i), tube / 2, FEW);
            }
        } else if (role == Role.LINK && Vector3D.distance(from, to) > tube) {
            cylinder(role, from, to, tube / 2, FEW);
        } else {
            path(role, middle, false);
        }
    }

    @Override
    public void ball(Role role, Vector3D centre, double radius) {
        path(
                role,
                ring(centre, view.right().scalarMultiply(radius), view.upward().scalarMultiply(radius)),
                true);
    }

    // --- Wheels, housing, shocks -------------------------------------------------------------------------------------

    private void tyres(AxleModel model) {
        AxleMotion motion = model.motion();
        double radius = model.axle().tyre().diameter() / 2;
        for (Side side : Side.values()) {
            Vector3D centre = AxleDrawing.wheel(motion, side.sign());
            WheelMotion wheel = motion.wheel(side.sign());
            Vector3D axis = new Vector3D(wheel.axis(0), wheel.axis(1), wheel.axis(2));
            Vector3D half = axis.scalarMultiply(model.axle().tyre().width() / 2);
            cylinder(Role.TYRE, centre.subtract(half), centre.add(half), radius);
            Vector3D[] across = square(axis, radius / 2);
            path(Role.TYRE, ring(centre.add(half), across[0], across[1]), true);
            path(Role.TYRE, ring(centre.subtract(half), across[0], across[1]), true);
        }
    }

    private void housing(AxleModel model) {
        AxleMotion motion = model.motion();
        HousingBody body = HousingBody.of(model.vehicle(), model.axle());
        Vector3D centre = new Vector3D(motion.centreX(), motion.centreY(), motion.centreZ());
        Vector3D along = AxleDrawing.turned(motion, 0, 1, 0);
        Vector3D left = centre.add(body.left(), along);
        Vector3D right = centre.subtract(body.right(), along);
        cylinder(Role.HOUSING, right, left, body.tube().radius());
        double round = body.differential().radius();
        Vector3D middle = centre.add(AxleDrawing.turned(
                motion,
                body.middle().getX(),
                body.middle().getY(),
                body.middle().getZ()));
        ball(Role.HOUSING, middle, round);
        double pinion = model.axle().pinion();
        Vector3D nose =
                AxleDrawing.turned(motion, -model.axle().place().outward() * Math.cos(pinion), 0, Math.sin(pinion));
        line(Role.HOUSING, middle.add(round, nose), middle.add(2 * round, nose));
    }

    private void barrels(AxleModel model) {
        for (Shock shock : model.axle().springing().shocks()) {
            shock.size()
                    .ifPresent(size -> barrel(
                            size, AxleDrawing.mount(model, shock.upper()), AxleDrawing.mount(model, shock.lower())));
        }
    }

    private void barrel(ShockSize size, Vector3D upper, Vector3D lower) {
        Vector3D along = lower.subtract(upper).normalize();
        cylinder(
                Role.SHOCK,
                upper.add(size.eye(), along),
                upper.add(size.collapsed() - size.eye(), along),
                size.widest() / 2);
    }

    /** Both rims, the two lines of its outline, and the faces between. */
    private void cylinder(Role role, Vector3D from, Vector3D to, double radius) {
        cylinder(role, from, to, radius, ROUND);
    }

    private void cylinder(Role role, Vector3D from, Vector3D to, double radius, int corners) {
        for (List<Vector3D> rim : sleeve(role, from, to, radius, corners)) {
            path(role, rim, true);
        }
    }

    /**
     * A cylinder without its rims.
     *
     * @return the rims
     */
    private List<List<Vector3D>> sleeve(Role role, Vector3D from, Vector3D to, double radius, int corners) {
        Vector3D axis = to.subtract(from).normalize();
        Vector3D[] across = square(axis, radius);
        List<Vector3D> near = ring(from, across[0], across[1], corners);
        List<Vector3D> far = ring(to, across[0], across[1], corners);
        Vector3D beside = Vector3D.crossProduct(axis, view.towards());
        if (beside.getNorm() > 1e-6) {
            Vector3D edge = beside.normalize().scalarMultiply(radius);
            line(role, from.add(edge), to.add(edge));
            line(role, from.subtract(edge), to.subtract(edge));
        }
        prism(near, far);
        return List.of(near, far);
    }

    /** Two directions square to an axis and to one another, as long as a radius. */
    private static Vector3D[] square(Vector3D axis, double radius) {
        Vector3D one = axis.orthogonal().scalarMultiply(radius);
        return new Vector3D[] {one, Vector3D.crossProduct(axis, one)};
    }

    private static List<Vector3D> ring(Vector3D centre, Vector3D one, Vector3D other) {
        return ring(centre, one, other, ROUND);
    }

    private static List<Vector3D> ring(Vector3D centre, Vector3D one, Vector3D other, int corners) {
        List<Vector3D> ring = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * i / corners;
            ring.add(centre.add(Math.cos(angle), one).add(Math.sin(angle), other));
        }
        return ring;
    }

    // --- Rails and parts ---------------------------------------------------------------------------------------------

    private void rails(Vehicle vehicle, FrameRails rails) {
        List<RailStation> line = rails.line(vehicle.wheelbase());
        for (Side side : Side.values()) {
            for (int i = 1; i < line.size(); i++) {
                drawnOut(Role.RAIL, corners(rails, line.get(i - 1), side), corners(rails, line.get(i), side));
            }
        }
    }

    private static List<Vector3D> corners(FrameRails rails, RailStation at, Side side) {
        double outer = side.sign() * at.out();
        double inner = side.sign() * (at.out() - rails.width());
        double top = at.bottom() + rails.depth();
        return List.of(
                new Vector3D(at.ahead(), outer, at.bottom()),
                new Vector3D(at.ahead(), outer, top),
                new Vector3D(at.ahead(), inner, top),
                new Vector3D(at.ahead(), inner, at.bottom()));
    }

    private void parts(AxleModel model) {
        for (DescribedPart part :
                DescribedPart.all(model.vehicle(), model.axle().place())) {
            drawn = Optional.of(part.ref());
            Role role = part.part().kind() == Part.Kind.SERVICE ? Role.MEASURE : Role.PART;
            List<List<Vector3D>> pieces = PartShape.pieces(model, part.part());
            part.part()
                    .form()
                    .match(
                            box -> box(role, pieces.get(0)),
                            tube -> tube(role, pieces, tube.radius()),
                            outline -> outline(role, pieces.get(0)),
                            mesh -> hull(role, pieces.get(0)),
                            points -> hull(role, pieces.get(0)));
            drawn = Optional.empty();
        }
        for (Hose hose :
                model.vehicle().build().surroundings(model.axle().place()).hoses()) {
            path(Role.PART, HoseRun.points(model, hose), false);
        }
    }

    /** Corners in the order of their bits: rear or front, right or left, bottom or top. */
    private boolean box(Role role, List<Vector3D> corners) {
        drawnOut(
                role,
                List.of(corners.get(0), corners.get(2), corners.get(6), corners.get(4)),
                List.of(corners.get(1), corners.get(3), corners.get(7), corners.get(5)));
        return true;
    }

    private boolean tube(Role role, List<List<Vector3D>> pieces, double radius) {
        for (List<Vector3D> piece : pieces) {
            Vector3D from = middle(piece.subList(0, piece.size() / 2));
            Vector3D to = middle(piece.subList(piece.size() / 2, piece.size()));
            if (Vector3D.distance(from, to) < 1e-6) {
                ball(role, from, radius);
            } else {
                cylinder(role, from, to, radius);
            }
        }
        return true;
    }

    /** Corners of the one end and of the other in turn. */
    private boolean outline(Role role, List<Vector3D> corners) {
        List<Vector3D> from = new ArrayList<>();
        List<Vector3D> to = new ArrayList<>();
        for (int i = 0; i < corners.size(); i += 2) {
            from.add(corners.get(i));
            to.add(corners.get(i + 1));
        }
        drawnOut(role, from, to);
        return true;
    }

    /** A thing of many corners by its outline as it is seen, half way between its nearest and its farthest place. */
    private boolean hull(Role role, List<Vector3D> places) {
        double near = places.stream().mapToDouble(view::nearness).average().orElse(0);
        List<Vector3D> outline =
                PartShape.outline(places.stream()
                                .map(at -> new double[] {view.across(at), view.up(at)})
                                .toList())
                        .stream()
                        .map(corner ->
                                new Vector3D(corner[0], view.right(), corner[1], view.upward(), near, view.towards()))
                        .toList();
        if (outline.size() > 2) {
            path(role, outline, true);
            fan(outline);
        }
        return true;
    }

    private static Vector3D middle(List<Vector3D> places) {
        return places.stream().reduce(Vector3D.ZERO, Vector3D::add).scalarMultiply(1.0 / places.size());
    }

    /** Two outlines alike and the lines from corner to corner. */
    private void drawnOut(Role role, List<Vector3D> from, List<Vector3D> to) {
        path(role, from, true);
        path(role, to, true);
        for (int i = 0; i < from.size(); i++) {
            line(role, from.get(i), to.get(i));
        }
        prism(from, to);
    }

    private void prism(List<Vector3D> from, List<Vector3D> to) {
        for (int i = 0; i < from.size(); i++) {
            int next = (i + 1) % from.size();
            faces.add(new Face(from.get(i), from.get(next), to.get(next)));
            faces.add(new Face(from.get(i), to.get(next), to.get(i)));
        }
        if (convex(from)) {
            fan(from);
            fan(to);
        }
    }

    private void fan(List<Vector3D> outline) {
        for (int i = 2; i < outline.size(); i++) {
            faces.add(new Face(outline.get(0), outline.get(i - 1), outline.get(i)));
        }
    }

    /** A fan over an outline with a notch would hide what is seen through the notch. */
    private static boolean convex(List<Vector3D> outline) {
        Vector3D normal = Vector3D.ZERO;
        for (int i = 0; i < outline.size(); i++) {
            Vector3D a = outline.get(i);
            Vector3D b = outline.get((i + 1) % outline.size());
            Vector3D c = outline.get((i + 2) % outline.size());
            Vector3D turn = Vector3D.crossProduct(b.subtract(a), c.subtract(b));
            if (turn.dotProduct(normal) < 0) {
                return false;
            }
            normal = turn;
        }
        return true;
    }
}
