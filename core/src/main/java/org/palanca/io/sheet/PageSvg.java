package org.palanca.io.sheet;

import java.util.Locale;

/** A page as SVG, its size in millimetres, so that it prints to scale. The letters' width is stated, whatever font is there. */
public final class PageSvg {
    private static final double MILLIMETRES = 25.4 / 72;

    private PageSvg() {}

    /** The document. */
    public static String text(Page page) {
        StringBuilder out = new StringBuilder();
        put(
                out,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.3fmm\" height=\"%.3fmm\" viewBox=\"0 0 %.0f %.0f\">",
                Page.WIDTH * MILLIMETRES,
                Page.HEIGHT * MILLIMETRES,
                Page.WIDTH,
                Page.HEIGHT);
        put(out, "<title>%s</title>", escaped(page.title()));
        put(out, "<rect width=\"%.0f\" height=\"%.0f\" fill=\"#fff\"/>", Page.WIDTH, Page.HEIGHT);
        SvgPen pen = new SvgPen(out);
        page.ink().forEach(ink -> ink.drawnBy(pen));
        return out.append("</svg>\n").toString();
    }

    /** Writes each thing as an element. */
    private record SvgPen(StringBuilder out) implements Ink.Pen<RuntimeException> {
        @Override
        public void text(Ink.Text text) {
            if (text.text().isEmpty()) {
                return;
            }
            put(
                    out,
                    "<text x=\"%.3f\" y=\"%.3f\" font-family=\"B612, sans-serif\" font-size=\"%.3f\"%s textLength=\"%.3f\""
                            + " lengthAdjust=\"spacingAndGlyphs\">%s</text>",
                    text.x(),
                    text.y(),
                    text.size(),
                    text.bold() ? " font-weight=\"bold\"" : "",
                    Letters.width(text.text(), text.size(), text.bold()),
                    escaped(text.text()));
        }

        @Override
        public void line(Ink.Line line) {
            put(
                    out,
                    "<line x1=\"%.3f\" y1=\"%.3f\" x2=\"%.3f\" y2=\"%.3f\" stroke=\"#000\" stroke-width=\"%.3f\"%s/>",
                    line.x1(),
                    line.y1(),
                    line.x2(),
                    line.y2(),
                    line.width(),
                    line.dash() == 0 ? "" : String.format(Locale.ROOT, " stroke-dasharray=\"%.3f\"", line.dash()));
        }

        @Override
        public void block(Ink.Block block) {
            put(
                    out,
                    "<rect x=\"%.3f\" y=\"%.3f\" width=\"%.3f\" height=\"%.3f\"/>",
                    block.x(),
                    block.y(),
                    block.width(),
                    block.height());
        }

        @Override
        public void circle(Ink.Circle circle) {
            put(
                    out,
                    "<circle cx=\"%.3f\" cy=\"%.3f\" r=\"%.3f\" stroke=\"#000\" stroke-width=\"%.3f\" fill=\"%s\"/>",
                    circle.x(),
                    circle.y(),
                    circle.radius(),
                    circle.width(),
                    circle.filled() ? "#000" : "none");
        }
    }

    private static void put(StringBuilder out, String format, Object... arguments) {
        out.append(String.format(Locale.ROOT, format, arguments)).append('\n');
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
