package org.palanca.io.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Pages as a PDF. */
public final class PagePdf {
    private static final float CIRCLE = 0.5523f;

    private PagePdf() {}

    /**
     * The PDF's bytes.
     *
     * @throws IOException when it can't be put together
     */
    public static byte[] bytes(List<Page> pages) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDFont plain = load(document, Letters.PLAIN);
            PDFont bold = load(document, Letters.BOLD);
            document.getDocumentInformation().setTitle(pages.get(0).title());
            for (Page page : pages) {
                PDPage sheet = new PDPage(PDRectangle.LETTER);
                document.addPage(sheet);
                try (PDPageContentStream stream = new PDPageContentStream(document, sheet)) {
                    for (Ink ink : page.ink()) {
                        ink.drawnBy(new PdfPen(stream, plain, bold));
                    }
                }
            }
            document.save(out);
            return out.toByteArray();
        }
    }

    private static PDFont load(PDDocument document, String name) throws IOException {
        try (InputStream in = PagePdf.class.getResourceAsStream(Letters.FONTS + name)) {
            return PDType0Font.load(document, in);
        }
    }

    private static float up(double y) {
        return (float) (Page.HEIGHT - y);
    }

    /** Writes each thing into a page's contents. */
    private record PdfPen(PDPageContentStream stream, PDFont plain, PDFont bold) implements Ink.Pen<IOException> {
        @Override
        public void text(Ink.Text text) throws IOException {
            stream.beginText();
            stream.setFont(text.bold() ? bold : plain, (float) text.size());
            stream.newLineAtOffset((float) text.x(), up(text.y()));
            stream.showText(text.text());
            stream.endText();
        }

        @Override
        public void line(Ink.Line line) throws IOException {
            stream.setLineWidth((float) line.width());
            stream.setLineDashPattern(line.dash() == 0 ? new float[0] : new float[] {(float) line.dash()}, 0);
            stream.moveTo((float) line.x1(), up(line.y1()));
            stream.lineTo((float) line.x2(), up(line.y2()));
            stream.stroke();
        }

        @Override
        public void block(Ink.Block block) throws IOException {
            stream.addRect(
                    (float) block.x(), up(block.y() + block.height()), (float) block.width(), (float) block.height());
            stream.fill();
        }

        @Override
        public void circle(Ink.Circle circle) throws IOException {
            PagePdf.circle(stream, circle);
        }
    }

    private static void circle(PDPageContentStream stream, Ink.Circle circle) throws IOException {
        float x = (float) circle.x();
        float y = up(circle.y());
        float r = (float) circle.radius();
        float k = CIRCLE * r;
        stream.setLineWidth((float) circle.width());
        stream.setLineDashPattern(new float[0], 0);
        stream.moveTo(x + r, y);
        stream.curveTo(x + r, y + k, x + k, y + r, x, y + r);
        stream.curveTo(x - k, y + r, x - r, y + k, x - r, y);
        stream.curveTo(x - r, y - k, x - k, y - r, x, y - r);
        stream.curveTo(x + k, y - r, x + r, y - k, x + r, y);
        if (circle.filled()) {
            stream.fill();
        } else {
            stream.stroke();
        }
    }
}
