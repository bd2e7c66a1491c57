package org.palanca.io.plate;

import java.util.List;
import java.util.Locale;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.outline.Bounds;
import org.palanca.base.outline.Edge;
import org.palanca.base.outline.Outline;
import org.palanca.floor.plate.FoldLine;
import org.palanca.floor.plate.MarkPlace;
import org.palanca.floor.plate.Opening;
import org.palanca.floor.plate.Plate;

/**
 * A plate as SVG in true size, in millimetres: groups {@code cut}, {@code bend} and {@code mark}. Arcs are arcs; one unit of the
 * drawing is a millimetre.
 */
public final class PlateSvg {
    /** Round the plate [m]. */
    private static final double MARGIN = 0.005;

    private final StringBuilder out = new StringBuilder();
    private final Bounds bounds;

    private PlateSvg(Bounds bounds) {
        this.bounds = bounds;
    }

    /** The document. */
    public static String text(Plate plate) {
        PlateSvg svg = new PlateSvg(plate.flat().outline().bounds());
        svg.draw(plate);
        return svg.out.toString();
    }

    private void draw(Plate plate) {
        String width = millimetres(bounds.width() + 2 * MARGIN);
        String height = millimetres(bounds.height() + 2 * MARGIN);
        out.append("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"")
                .append(width)
                .append("mm\" height=\"")
                .append(height)
                .append("mm\" viewBox=\"0 0 ")
                .append(width)
                .append(' ')
                .append(height)
                .append("\">\n<title>")
                .append(escaped(plate.mark() + " " + plate.part()))
                .append("</title>\n<desc>")
                .append(escaped("fingerprint " + plate.fingerprint() + ", count " + plate.count() + ", thickness "
                        + millimetres(plate.flat().thickness()) + " mm, "
                        + plate.flat().material()))
                .append("</desc>\n<g id=\"cut\" fill=\"none\" stroke=\"#000\" stroke-width=\"0.1\">\n");
        path(plate.flat().outline());
        for (Opening hole : plate.flat().openings()) {
            if (hole.role() == Opening.Role.SLOT) {
                path(hole.outline());
            } else {
                out.append("<circle cx=\"")
                        .append(x(hole.centre()))
                        .append("\" cy=\"")
                        .append(y(hole.centre()))
                        .append("\" r=\"")
                        .append(millimetres(hole.diameter() / 2))
                        .append("\"/>\n");
            }
        }
        out.append("</g>\n<g id=\"bend\" stroke=\"#000\" stroke-width=\"0.1\" stroke-dasharray=\"4 1.5\">\n");
        for (FoldLine fold : plate.flat().folds()) {
            out.append("<line x1=\"")
                    .append(x(fold.from()))
                    .append("\" y1=\"")
                    .append(y(fold.from()))
                    .append("\" x2=\"")
                    .append(x(fold.to()))
                    .append("\" y2=\"")
                    .append(y(fold.to()))
                    .append("\"/>\n");
        }
        out.append("</g>\n<g id=\"mark\">\n");
        MarkPlace.of(plate.flat(), plate.mark())
                .ifPresent(at -> out.append("<text x=\"")
                        .append(x(at.at()))
                        .append("\" y=\"")
                        .append(y(at.at()))
                        .append("\" font-family=\"monospace\" font-size=\"")
                        .append(millimetres(at.height()))
                        .append("\" textLength=\"")
                        .append(millimetres(
                                at.height() * MarkPlace.LETTER * plate.mark().length()))
                        .append("\">")
                        .append(escaped(plate.mark()))
                        .append("</text>\n"));
        out.append("</g>\n</svg>\n");
    }

    private void path(Outline outline) {
        List<Edge> edges = outline.edges();
        out.append("<path d=\"M ")
                .append(x(edges.get(0).from()))
                .append(' ')
                .append(y(edges.get(0).from()));
        for (Edge edge : edges) {
            if (edge.straight()) {
                out.append(" L ");
            } else {
                // Up is down in SVG, so what turns to the left turns to the right; an arc goes the positive way where
                // its flag is 1.
                String radius = millimetres(edge.radius());
                out.append(" A ")
                        .append(radius)
                        .append(' ')
                        .append(radius)
                        .append(" 0 ")
                        .append(Math.abs(edge.sweep()) > Math.PI ? '1' : '0')
                        .append(' ')
                        .append(edge.bulge() > 0 ? '0' : '1')
                        .append(' ');
            }
            out.append(x(edge.to())).append(' ').append(y(edge.to()));
        }
        out.append(" Z\"/>\n");
    }

    private String x(Vector2D at) {
        return millimetres(at.getX() - bounds.left() + MARGIN);
    }

    private String y(Vector2D at) {
        return millimetres(bounds.top() - at.getY() + MARGIN);
    }

    private static String millimetres(double metres) {
        return String.format(Locale.ROOT, "%.4f", metres * 1000 + 0.0);
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
