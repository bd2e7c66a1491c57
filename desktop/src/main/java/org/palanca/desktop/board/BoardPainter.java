package org.palanca.desktop.board;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.document.BoardState;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.ResultWords;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.MovePatch;
import org.palanca.result.working.Construction;
import org.palanca.result.working.Working;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Hole;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Vehicle;

/** Draws one frame of the three elevations. */
final class BoardPainter {
    private static final double HOLE_RADIUS = 3.5;

    private final ShapePainter scribe;
    private final BoardLayout layout;
    private final Analysis analysis;
    private final List<AxleModel> others;
    private final BoardState state;
    private final Words words;
    private final MeasuringTool tool;
    private final AxleModel model;
    private final AxleMotion motion;
    private final CentrePainter centres;
    private final Axle axle;
    private final Vehicle vehicle;
    private Optional<MovePatch> patch = Optional.empty();

    /** @param others the other axles of the vehicle at ride */
    BoardPainter(
            ShapePainter scribe,
            BoardLayout layout,
            Analysis analysis,
            List<AxleModel> others,
            BoardState state,
            Words words,
            MeasuringTool tool) {
        this.tool = tool;
        this.others = others;
        this.scribe = scribe;
        this.layout = layout;
        this.analysis = analysis;
        this.state = state;
        this.words = words;
        model = analysis.model();
        motion = model.motion();
        centres = new CentrePainter(scribe, layout, analysis, words);
        axle = model.axle();
        vehicle = model.vehicle();
    }

    /** Also shades where the selected mount may go. */
    void setPatch(MovePatch found) {
        patch = Optional.of(found);
    }

    /**
     * Draws everything but the pad.
     *
     * @param covered the elevation that something else stands over
     * @param hover the mount under the pointer, or null
     */
    void draw(Optional<Elevation> covered, @Nullable MountRef hover, Optional<AxleModel> baseline) {
        for (Elevation elevation : Elevation.values()) {
            if (covered.filter(elevation::equals).isPresent()) {
                continue;
            }
            Rectangle2D area = layout.area(elevation);
            String name = words.text("board." + elevation.name().toLowerCase(Locale.ROOT));
            String title = layout.alone() ? words.text("board.alone", name) : name;
            scribe.view(area, title, () -> {
                surroundings(elevation, area);
                baseline.ifPresent(before -> scribe.before(layout, elevation, before));
                scribe.shapes(layout, elevation, AxleDrawing.axle(model, elevation), false);
                if (elevation == Elevation.SIDE) {
                    patch.ifPresent(found -> patch(found, area));
                }
                lit(elevation);
                holes(elevation);
                mounts(elevation, hover);
                // Over the mounts: a name that a ring crosses out can't be read.
                if (elevation == Elevation.SIDE) {
                    centres.side(area);
                } else if (elevation == Elevation.REAR) {
                    centres.rear();
                }
                tool.paint(scribe, layout, elevation, axle.lineX(vehicle.wheelbase()));
            });
        }
        hairlines();
        measures();
    }

    private void surroundings(Elevation elevation, Rectangle2D area) {
        scribe.shapes(layout, elevation, AxleDrawing.surroundings(vehicle, elevation), false);
        if (elevation != Elevation.REAR) {
            others.forEach(other -> scribe.shapes(layout, elevation, AxleDrawing.axle(other, elevation), true));
        }
        if (elevation == Elevation.TOP) {
            scribe.pen(scribe.theme.faint(), 1.2, 14, 4, 3, 4);
            double y = layout.y(elevation, 0);
            scribe.line(area.getMinX(), y, area.getMaxX(), y);
        } else {
            ground(elevation, area);
        }
        if (elevation == Elevation.REAR) {
            scribe.pen(scribe.theme.faint(), 1.2, 14, 4, 3, 4);
            double x = layout.x(elevation, 0);
            scribe.line(x, area.getMinY() + 18, x, layout.y(elevation, motion.ground()));
        }
        if (elevation == Elevation.SIDE) {
            travelPath();
        }
    }

    private void ground(Elevation elevation, Rectangle2D area) {
        double y = layout.y(elevation, motion.ground());
        scribe.pen(scribe.theme.second(), 1.4);
        scribe.line(area.getMinX(), y, area.getMaxX(), y);
        scribe.pen(scribe.theme.faint(), 1);
        for (double x = area.getMinX(); x < area.getMaxX(); x += 10) {
            scribe.line(x + 7, y, x, y + 7);
        }
    }

    /** The way the wheel's centre takes from droop to bump, and the tyre at both ends. */
    private void travelPath() {
        List<Vector3D> path = analysis.centrePath();
        if (path.size() < 2) {
            return;
        }
        scribe.pen(scribe.theme.faint(), 1, 3, 4);
        double r = axle.tyre().diameter() / 2 * layout.scale();
        for (Vector3D end : List.of(path.get(0), path.get(path.size() - 1))) {
            scribe.g.strokeOval(sideX(end) - r, sideY(end) - r, 2 * r, 2 * r);
        }
        scribe.pen(scribe.theme.second(), 1.2);
        for (int i = 1; i < path.size(); i++) {
            scribe.line(sideX(path.get(i - 1)), sideY(path.get(i - 1)), sideX(path.get(i)), sideY(path.get(i)));
        }
    }

    /** Dots where the result stays in band, drawn as a layout is dusted; and what it is for, in words. */
    private void patch(MovePatch found, Rectangle2D area) {
        double cell = found.step() * layout.scale();
        scribe.g.setFill(scribe.theme.hand().deriveColor(0, 1, 1, 0.30));
        for (int i = 0; i < found.within().length; i++) {
            for (int j = 0; j < found.within()[i].length; j++) {
                if (found.within()[i][j]) {
                    Vector3D place = found.centre()
                            .add(new Vector3D(
                                    (j - MovePatch.REACH) * found.step(), 0, (i - MovePatch.REACH) * found.step()));
                    scribe.g.fillRect(sideX(place) - cell / 2, sideY(place) - cell / 2, cell + 0.5, cell + 0.5);
                }
            }
        }
        double half = (MovePatch.REACH + 0.5) * cell;
        scribe.pen(scribe.theme.hand(), 0.8, 2, 3);
        scribe.g.strokeRect(sideX(found.centre()) - half, sideY(found.centre()) - half, 2 * half, 2 * half);
        String name = ResultWords.name(model.result(found.result()), words);
        scribe.text(
                words.text(found.any() ? "board.patch" : "board.patch_none", name),
                area.getMaxX() - 4,
                area.getMinY() + 9 * scribe.size,
                TextAlignment.RIGHT,
                scribe.theme.hand(),
                false,
                13);
    }

    private double sideX(Vector3D place) {
        return layout.x(Elevation.SIDE, Elevation.SIDE.across(place));
    }

    private double sideY(Vector3D place) {
        return layout.y(Elevation.SIDE, Elevation.SIDE.up(place));
    }

    /** The construction of the result whose working is open. */
    private void lit(Elevation elevation) {
        String id = state.litProperty().get();
        if (id == null || analysis.strip(id).isEmpty()) {
            return;
        }
        Optional<Working> working = model.working(model.result(id));
        working.ifPresent(shown -> {
            List<Construction> seen = shown.constructions().stream()
                    .filter(part -> shows(elevation, part))
                    .toList();
            scribe.shapes(layout, elevation, AxleDrawing.construction(seen, elevation), false);
            for (Construction part : seen) {
                if (part instanceof Construction.Point point) {
                    scribe.centre(
                            layout.x(elevation, elevation.across(point.at())),
                            layout.y(elevation, elevation.up(point.at())),
                            scribe.theme.hand());
                }
            }
        });
    }

    /** Side-view constructions say nothing from above or behind, where they would only cover the centreline. */
    private static boolean shows(Elevation elevation, Construction part) {
        if (elevation == Elevation.SIDE) {
            return true;
        }
        if (part instanceof Construction.Line line) {
            return line.kind() == Construction.Kind.MEASURE || line.kind() == Construction.Kind.EXTENSION;
        }
        boolean rollCentre = ((Construction.Point) part).label().equals("point.roll_centre");
        return rollCentre && elevation == Elevation.REAR;
    }

    private void mounts(Elevation elevation, @Nullable MountRef hover) {
        MountRef selected = selection();
        Optional<String> follows = selected == null ? Optional.empty() : partner(selected.mount());
        for (Mount mount : axle.mounts()) {
            Vector3D at = AxleDrawing.mount(model, mount.name());
            double x = layout.x(elevation, elevation.across(at));
            double y = layout.y(elevation, elevation.up(at));
            boolean held = selected != null && selected.mount().equals(mount.name());
            boolean under = hover != null && hover.mount().equals(mount.name());
            scribe.mount(x, y, held || under ? scribe.theme.hand() : scribe.theme.line());
            if (held) {
                scribe.ring(x, y, false);
            } else if (follows.filter(mount.name()::equals).isPresent()) {
                scribe.ring(x, y, true);
            }
        }
    }

    /** The other holes of brackets, small and empty; only where they stand as they are measured. */
    private void holes(Elevation elevation) {
        boolean ride = analysis.pose().equals(WheelTravel.RIDE);
        scribe.pen(scribe.theme.second(), 1.2);
        for (Mount mount : axle.mounts()) {
            for (Hole hole : mount.holes()) {
                if (ride || mount.onFrame()) {
                    Vector3D at = axle.position(hole, vehicle.wheelbase());
                    double x = layout.x(elevation, elevation.across(at));
                    double y = layout.y(elevation, elevation.up(at));
                    scribe.g.strokeOval(x - HOLE_RADIUS, y - HOLE_RADIUS, 2 * HOLE_RADIUS, 2 * HOLE_RADIUS);
                }
            }
        }
    }

    private @Nullable MountRef selection() {
        MountRef selected = state.selectionProperty().get();
        boolean here = selected != null
                && selected.axle() == axle.place()
                && axle.mount(selected.mount()).isPresent();
        return here ? selected : null;
    }

    /** The mount on the other side that moves along. */
    private Optional<String> partner(String mount) {
        if (axle.mount(mount).orElseThrow().placement() instanceof Placement.MirrorOf mirror) {
            return Optional.of(mirror.mount());
        }
        return axle.mirrorImage(mount).map(Mount::name);
    }

    /** One hairline through the mount in hand, through all three elevations. */
    private void hairlines() {
        MountRef selected = selection();
        if (selected == null) {
            return;
        }
        Vector3D at = AxleDrawing.mount(model, selected.mount());
        scribe.pen(scribe.theme.hand(), 0.6);
        double x = layout.x(Elevation.SIDE, Elevation.SIDE.across(at));
        if (x > layout.side().getMinX() && x < layout.side().getMaxX()) {
            scribe.line(
                    x,
                    layout.side().getMinY() + 20,
                    x,
                    Math.max(layout.side().getMaxY(), layout.top().getMaxY()));
        }
        double y = layout.y(Elevation.SIDE, at.getZ());
        if (y > layout.side().getMinY() && y < layout.side().getMaxY()) {
            scribe.line(
                    layout.side().getMinX(),
                    y,
                    Math.max(layout.side().getMaxX(), layout.rear().getMaxX()),
                    y);
        }
    }

    /** The tape's three measures of the mount in hand, where a tape would be laid. */
    private void measures() {
        MountRef selected = selection();
        if (selected == null) {
            return;
        }
        boolean moved = !analysis.pose().equals(WheelTravel.RIDE);
        if (moved && !axle.mount(selected.mount()).orElseThrow().onFrame()) {
            return;
        }
        Vector3D at = axle.position(selected.mount(), vehicle.wheelbase());
        double line = axle.lineX(vehicle.wheelbase());
        Words w = words;
        double x = layout.x(Elevation.SIDE, -at.getX());
        double lineX = layout.x(Elevation.SIDE, -line);
        double below = Math.min(layout.side().getMaxY() - 10, layout.y(Elevation.SIDE, 0) + 18 * scribe.size);
        if (Math.abs(x - lineX) > 3) {
            scribe.dimensionAcross(
                    x,
                    lineX,
                    below,
                    w.units()
                            .format(Math.abs(at.getX() - line), Quantity.LENGTH)
                            .number());
        }
        double rearX = layout.x(Elevation.REAR, -at.getY());
        scribe.dimensionUp(
                rearX + Math.signum(rearX - layout.x(Elevation.REAR, 0)) * 26,
                layout.y(Elevation.REAR, 0),
                layout.y(Elevation.REAR, at.getZ()),
                w.units().format(at.getZ(), Quantity.LENGTH).number());
        double centre = layout.x(Elevation.REAR, 0);
        if (Math.abs(rearX - centre) > 3) {
            scribe.dimensionAcross(
                    rearX,
                    centre,
                    layout.y(Elevation.REAR, at.getZ()) - 46 * scribe.size,
                    w.units().format(Math.abs(at.getY()), Quantity.LENGTH).number());
        }
    }

    /** Name of a result for a caption. */
    static String caption(Analysis.StripValue strip, Words words) {
        return ResultWords.name(strip.result(), words);
    }
}
