package org.palanca.desktop.board;

import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.InstantCentre;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Vehicle;

/** Draws the centres that an axle moves about at its pose: the instant centre in side view, the roll centre from behind. */
final class CentrePainter {
    private final ShapePainter scribe;
    private final BoardLayout layout;
    private final Analysis analysis;
    private final Words words;
    private final AxleModel model;
    private final AxleMotion motion;
    private final Axle axle;
    private final Vehicle vehicle;

    CentrePainter(ShapePainter scribe, BoardLayout layout, Analysis analysis, Words words) {
        this.scribe = scribe;
        this.layout = layout;
        this.analysis = analysis;
        this.words = words;
        model = analysis.model();
        motion = model.motion();
        axle = model.axle();
        vehicle = model.vehicle();
    }

    /** Link lines drawn on to the instant centre, and the reaction line, as a builder would scribe them. */
    void side(Rectangle2D area) {
        if (!motion.heaveExists()) {
            return;
        }
        InstantCentre centre = motion.instantCentre();
        if (centre instanceof InstantCentre.Finite at) {
            Vector3D place = new Vector3D(at.x(), 0, at.z());
            double x = sideX(place);
            double y = sideY(place);
            scribe.pen(scribe.theme.second(), 1, 9, 4, 2, 4);
            for (LinkRole role : new LinkRole[] {LinkRole.UPPER, LinkRole.LOWER}) {
                axle.links(role).stream().findFirst().ifPresent(link -> {
                    Vector3D from = AxleDrawing.mount(model, link.from());
                    scribe.line(sideX(from), sideY(from), x, y);
                });
            }
            reaction(x, y);
            instantCentre(area, x, y);
        } else if (centre instanceof InstantCentre.AtInfinity far) {
            double x = area.getMinX() + (axle.place() == AxlePlace.REAR ? 8 : area.getWidth() - 8);
            scribe.text(
                    words.text("board.parallel", Message.angle(Math.atan(far.slope()))),
                    x,
                    layout.y(Elevation.SIDE, motion.centreZ()) - 30,
                    axle.place() == AxlePlace.REAR ? TextAlignment.LEFT : TextAlignment.RIGHT,
                    scribe.theme.hand(),
                    false,
                    13);
        }
    }

    private void reaction(double x, double y) {
        double patchX = layout.x(Elevation.SIDE, -motion.patchX());
        double patchY = layout.y(Elevation.SIDE, motion.ground());
        scribe.pen(scribe.theme.hand(), 1.8);
        scribe.line(patchX, patchY, x, y);
        double share = axle.driveShare();
        if (share > 0) {
            double slope = vehicle.mass().centreHeight() / (share * vehicle.wheelbase());
            double inward = -axle.place().outward();
            double room = inward > 0
                    ? patchX - layout.side().getMinX()
                    : layout.side().getMaxX() - patchX;
            double run = Math.max(60, room - 44 * scribe.size);
            double endX = patchX - inward * run;
            double endY = patchY - slope * run;
            scribe.pen(scribe.theme.second(), 1, 2, 4);
            scribe.line(patchX, patchY, endX, endY);
            scribe.plated(
                    "100 %",
                    endX - inward * 4,
                    endY + 14 * scribe.size,
                    inward > 0 ? TextAlignment.RIGHT : TextAlignment.LEFT,
                    scribe.theme.second(),
                    false,
                    12);
        }
    }

    private void instantCentre(Rectangle2D area, double x, double y) {
        String label = words.text("point.instant_centre");
        var ahead = analysis.strip("instant_centre_ahead")
                .map(strip -> Math.abs(strip.outcome().number()));
        String far =
                ahead.map(value -> words.units().text(value, Quantity.LENGTH)).orElse("");
        boolean inside = area.contains(x, y);
        if (inside) {
            scribe.centre(x, y, scribe.theme.hand());
            boolean nearLeft = x - area.getMinX() < 130;
            scribe.plated(
                    label + " " + far,
                    nearLeft ? x - 4 : x + 4,
                    y - 20,
                    nearLeft ? TextAlignment.LEFT : TextAlignment.RIGHT,
                    scribe.theme.hand(),
                    false,
                    13);
            return;
        }
        double edge = x < area.getMinX() ? area.getMinX() + 6 : Math.min(x, area.getMaxX() - 6);
        double patchX = layout.x(Elevation.SIDE, -motion.patchX());
        double patchY = layout.y(Elevation.SIDE, motion.ground());
        double at = patchY + (y - patchY) * (edge - patchX) / (x - patchX);
        double row = Math.max(area.getMinY() + 30, Math.min(area.getMaxY() - 12, at - 14));
        boolean left = x < area.getMinX();
        scribe.plated(
                (left ? "‹ " : "") + label + " " + far + (left ? "" : " ›"),
                edge,
                row,
                left ? TextAlignment.LEFT : TextAlignment.RIGHT,
                scribe.theme.hand(),
                false,
                13);
    }

    /** The roll centre; of independent wheels with the two normals that cross there. */
    void rear() {
        Optional<Vector3D> centre = axle.independent() ? cornersCentre() : housingCentre();
        if (centre.isEmpty()) {
            return;
        }
        double x = layout.x(Elevation.REAR, -centre.get().getY());
        double y = layout.y(Elevation.REAR, centre.get().getZ());
        Color hand = scribe.theme.hand();
        if (axle.independent()) {
            scribe.pen(scribe.theme.second(), 1, 9, 4, 2, 4);
            for (int side = 1; side >= -1; side -= 2) {
                double patchX = layout.x(Elevation.REAR, -motion.wheel(side).patch(1));
                scribe.line(patchX, layout.y(Elevation.REAR, motion.wheel(side).patch(2)), x, y);
            }
        }
        scribe.pen(hand, 1.8);
        scribe.g.strokePolygon(new double[] {x - 8, x + 8, x}, new double[] {y + 6, y + 6, y - 8}, 3);
        scribe.plated(words.text("point.roll_centre"), x + 14, y - 14, TextAlignment.LEFT, hand, false, 13);
    }

    private Optional<Vector3D> housingCentre() {
        if (!motion.rollExists()) {
            return Optional.empty();
        }
        double z = motion.centreZ()
                + motion.roll().left(motion.centreX(), motion.centreZ())
                        / motion.roll().roll();
        return Optional.of(new Vector3D(motion.centreX(), 0, z));
    }

    private Optional<Vector3D> cornersCentre() {
        double height = number("roll_centre_height_chassis");
        double offset = number("roll_centre_offset");
        return Double.isFinite(height) && Double.isFinite(offset)
                ? Optional.of(new Vector3D(motion.centreX(), offset, height))
                : Optional.empty();
    }

    private double number(String result) {
        return analysis.strip(result).map(strip -> strip.outcome().number()).orElse(Double.NaN);
    }

    private double sideX(Vector3D place) {
        return layout.x(Elevation.SIDE, Elevation.SIDE.across(place));
    }

    private double sideY(Vector3D place) {
        return layout.y(Elevation.SIDE, Elevation.SIDE.up(place));
    }
}
