package org.palanca.desktop.step.measure;

import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.words.Words;
import org.palanca.desktop.board.BoardLayout;
import org.palanca.desktop.board.FloorBoard;
import org.palanca.desktop.board.ShapePainter;
import org.palanca.drawing.Elevation;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.survey.Cut;
import org.palanca.vehicle.survey.Support;
import org.palanca.vehicle.survey.Survey;
import org.palanca.vehicle.survey.Zone;

/** Draws what a survey says of metal: what must never be cut, what is to be cut, what holds things up meanwhile. */
final class ZonePainter {
    private final ShapePainter scribe;
    private final BoardLayout board;
    private final Survey survey;
    private final Words words;

    ZonePainter(ShapePainter scribe, BoardLayout board, Survey survey, Words words) {
        this.scribe = scribe;
        this.board = board;
        this.survey = survey;
        this.words = words;
    }

    void draw(Elevation elevation) {
        for (Zone zone : survey.zones()) {
            double[] dash = switch (zone.rule()) {
                case NEVER_CUT -> new double[0];
                case MAY_BEND -> new double[] {9, 4};
                case MAY_CUT -> new double[] {3, 4};
            };
            Color colour = zone.rule() == Zone.Rule.NEVER_CUT
                    ? scribe.theme().second()
                    : scribe.theme().edge();
            room(elevation, zone.room(), colour, dash);
            if (elevation == Elevation.TOP) {
                rule(zone);
            }
        }
        for (Support support : survey.supports()) {
            room(elevation, support.room(), scribe.theme().second(), 2, 3);
            if (elevation == Elevation.SIDE) {
                Vector3D middle = support.room().middle();
                scribe.platedWhereFree(
                        support.name(),
                        board.x(elevation, elevation.across(middle)),
                        board.y(elevation, support.room().bottom()) - 9 * scribe.size(),
                        TextAlignment.CENTER,
                        scribe.theme().second(),
                        false,
                        12);
            }
        }
        for (Cut cut : survey.cuts()) {
            room(elevation, cut.room(), scribe.theme().limit(), 6, 3);
            cross(elevation, cut.room());
        }
    }

    private void room(Elevation elevation, Box room, Color colour, double... dash) {
        scribe.pen(colour, 1.3, dash);
        scribe.path(board, elevation, FloorBoard.box(room, elevation));
    }

    private void cross(Elevation elevation, Box room) {
        Vector3D low = new Vector3D(room.rear(), room.right(), room.bottom());
        Vector3D high = new Vector3D(room.front(), room.left(), room.top());
        double x1 = board.x(elevation, elevation.across(low));
        double x2 = board.x(elevation, elevation.across(high));
        double y1 = board.y(elevation, elevation.up(low));
        double y2 = board.y(elevation, elevation.up(high));
        scribe.line(x1, y1, x2, y2);
        scribe.line(x1, y2, x2, y1);
    }

    /** What may be done to a zone, where there is room to say it. */
    private void rule(Zone zone) {
        String text = words.text("survey.rule." + zone.rule().id());
        double wide = (zone.room().front() - zone.room().rear()) * board.scale();
        if (wide > scribe.width(text, false, 12) + 10) {
            Vector3D middle = zone.room().middle();
            scribe.platedWhereFree(
                    text,
                    board.x(Elevation.TOP, Elevation.TOP.across(middle)),
                    board.y(Elevation.TOP, -zone.room().left() / 2),
                    TextAlignment.CENTER,
                    scribe.theme().second(),
                    false,
                    12);
        }
    }
}
