package org.palanca.io.pdf;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.palanca.drawing.Shape;

/** Text and lines on one page, in points from its lower left corner. */
final class SheetCanvas implements AutoCloseable {
    private static final String FONTS = "/org/palanca/fonts/";
    private static final float CIRCLE = 0.5523f;
    private static final float LINK_LINE = 1.4f;
    private static final float MOUNT_RADIUS = 2.2f;

    private final PDPageContentStream stream;
    private final PDFont plain;
    private final PDFont bold;
    private PDFont font;
    private float size;

    SheetCanvas(PDDocument document, PDPage page) throws IOException {
        plain = load(document, "B612-Regular.ttf");
        bold = load(document, "B612-Bold.ttf");
        stream = new PDPageContentStream(document, page);
    }

    private static PDFont load(PDDocument document, String name) throws IOException {
        try (InputStream in = SheetCanvas.class.getResourceAsStream(FONTS + name)) {
            return PDType0Font.load(document, in);
        }
    }

    SheetCanvas plain(float points) {
        font = plain;
        size = points;
        return this;
    }

    SheetCanvas bold(float points) {
        font = bold;
        size = points;
        return this;
    }

    void text(String text, float x, float y) throws IOException {
        write(text, size, x, y);
    }

    private void write(String text, float points, float x, float y) throws IOException {
        stream.beginText();
        stream.setFont(font, points);
        stream.newLineAtOffset(x, y);
        stream.showText(printable(text));
        stream.endText();
    }

    void textRight(String text, float right, float y) throws IOException {
        text(text, right - width(text), y);
    }

    /** Text set smaller where it would not fit. */
    void textWithin(String text, float x, float y, float room) throws IOException {
        write(text, Math.min(size, size * room / Math.max(1, width(text))), x, y);
    }

    void paragraph(String text, float x, float top, float room, float leading) throws IOException {
        StringBuilder line = new StringBuilder();
        float y = top;
        for (String word : text.split(" ")) {
            if (!line.isEmpty() && width(line + " " + word) > room) {
                text(line.toString(), x, y);
                y -= leading;
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        text(line.toString(), x, y);
    }

    private float width(String text) throws IOException {
        return font.getStringWidth(printable(text)) / 1000 * size;
    }

    /** Names come from the user: a letter that the font lacks becomes a question mark instead of a failure. */
    private String printable(String text) {
        StringBuilder out = new StringBuilder();
        text.codePoints().forEach(letter -> {
            String one = Character.toString(letter);
            try {
                font.encode(one);
                out.append(one);
            } catch (IOException | IllegalArgumentException e) {
                out.append('?');
            }
        });
        return out.toString();
    }

    void rule(float from, float to, float y) throws IOException {
        stroke(from, to, y, 0.8f, new float[0]);
    }

    void faintRule(float from, float to, float y) throws IOException {
        stroke(from, to, y, 0.25f, new float[0]);
    }

    void groundLine(float from, float to, float y) throws IOException {
        stroke(from, to, y, 0.6f, new float[0]);
    }

    void centreLine(float from, float to, float y) throws IOException {
        stroke(from, to, y, 0.4f, new float[] {10, 3, 2, 3});
    }

    private void stroke(float from, float to, float y, float width, float[] dash) throws IOException {
        stream.setLineWidth(width);
        stream.setLineDashPattern(dash, 0);
        stream.moveTo(from, y);
        stream.lineTo(to, y);
        stream.stroke();
        stream.setLineDashPattern(new float[0], 0);
    }

    /** Draws shapes whose origin comes to (x, y), {@code scale} points a metre. */
    void scribe(List<Shape> shapes, float x, float y, float scale) throws IOException {
        for (Shape shape : shapes) {
            if (shape instanceof Shape.Path path) {
                stream.setLineWidth(path.role() == Shape.Role.RAIL ? 0.3f : 0.6f);
                for (int i = 0; i < path.points().size(); i++) {
                    float px = x + (float) path.points().get(i).across() * scale;
                    float py = y + (float) path.points().get(i).up() * scale;
                    if (i == 0) {
                        stream.moveTo(px, py);
                    } else {
                        stream.lineTo(px, py);
                    }
                }
                if (path.closed()) {
                    stream.closePath();
                }
                stream.stroke();
            } else if (shape instanceof Shape.Circle circle) {
                stream.setLineWidth(0.6f);
                circle(
                        x + (float) circle.centre().across() * scale,
                        y + (float) circle.centre().up() * scale,
                        (float) circle.radius() * scale);
                stream.stroke();
            } else if (shape instanceof Shape.Bar bar) {
                stream.setLineWidth(LINK_LINE);
                stream.moveTo(
                        x + (float) bar.from().across() * scale,
                        y + (float) bar.from().up() * scale);
                stream.lineTo(
                        x + (float) bar.to().across() * scale,
                        y + (float) bar.to().up() * scale);
                stream.stroke();
            } else if (shape instanceof Shape.MountMark mark) {
                stream.setLineWidth(0.8f);
                stream.setNonStrokingColor(1f, 1f, 1f);
                circle(
                        x + (float) mark.at().across() * scale,
                        y + (float) mark.at().up() * scale,
                        MOUNT_RADIUS);
                stream.fillAndStroke();
                stream.setNonStrokingColor(0f, 0f, 0f);
            }
        }
    }

    private void circle(float x, float y, float r) throws IOException {
        float k = CIRCLE * r;
        stream.moveTo(x + r, y);
        stream.curveTo(x + r, y + k, x + k, y + r, x, y + r);
        stream.curveTo(x - k, y + r, x - r, y + k, x - r, y);
        stream.curveTo(x - r, y - k, x - k, y - r, x, y - r);
        stream.curveTo(x + k, y - r, x + r, y - k, x + r, y);
        stream.closePath();
    }

    @Override
    public void close() throws IOException {
        stream.close();
    }
}
