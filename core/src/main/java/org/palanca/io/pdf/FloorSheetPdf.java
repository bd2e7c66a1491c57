package org.palanca.io.pdf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.result.AxleModel;
import org.palanca.shop.FloorSheet;
import org.palanca.units.LengthStyle;
import org.palanca.units.Lengths;
import org.palanca.units.RoundedLength;
import org.palanca.units.UnitStyle;
import org.palanca.vehicle.Axle;
import org.palanca.words.Words;

/**
 * The placement sheet as one page, letter size, to be read from the floor: vehicle drawn to scale, every mount with its
 * three measures, file, date, revision, a mark that changes with the contents, and the caution.
 */
public final class FloorSheetPdf {
    private static final PDRectangle SIZE = PDRectangle.LETTER;
    private static final float MARGIN = 36;
    private static final float WIDTH = SIZE.getWidth() - 2 * MARGIN;
    private static final float DRAWING_HEIGHT = 250;
    private static final float LARGEST_ROW = 27;
    private static final float TABLE_FOOT = 100;
    private static final float[] COLUMNS = {0, 0.44f, 0.7f, 0.86f};
    private static final int MARK_LENGTH = 8;

    private final FloorSheet sheet;
    private final Words words;
    private final SheetCanvas canvas;

    private FloorSheetPdf(FloorSheet sheet, Words words, SheetCanvas canvas) {
        this.sheet = sheet;
        this.words = words;
        this.canvas = canvas;
    }

    /**
     * Lays the sheet out. Its lengths are always inches to the nearest 1/16, whatever the words' units are.
     *
     * @throws IOException when the bundled fonts cannot be read
     */
    public static byte[] bytes(FloorSheet sheet, Words words) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDPage page = new PDPage(SIZE);
            document.addPage(page);
            document.getDocumentInformation().setTitle(sheet.vehicle().name());
            Words inches = words.with(new UnitStyle(LengthStyle.INCH_SIXTEENTHS));
            try (SheetCanvas canvas = new SheetCanvas(document, page)) {
                new FloorSheetPdf(sheet, inches, canvas).draw();
            }
            document.save(out);
            return out.toByteArray();
        }
    }

    /** Eight letters that change when any measure, the name or the revision does. */
    public static String mark(FloorSheet sheet) {
        StringBuilder contents = new StringBuilder()
                .append(sheet.vehicle().name())
                .append(sheet.vehicle().revision());
        for (FloorSheet.Row row : sheet.rows()) {
            contents.append(row.name())
                    .append(row.ahead().text())
                    .append(row.side())
                    .append(row.out().text())
                    .append(row.up().text());
        }
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256")
                    .digest(contents.toString().getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest).substring(0, MARK_LENGTH);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    private void draw() throws IOException {
        float y = SIZE.getHeight() - MARGIN - 20;
        canvas.bold(24).text(sheet.vehicle().name() + " – " + words.text("sheet.title"), MARGIN, y);
        y -= 20;
        canvas.plain(11)
                .text(
                        String.join(
                                "   ",
                                words.text(
                                        "sheet.revision",
                                        Integer.toString(sheet.vehicle().revision())),
                                words.text("sheet.date", sheet.date().toString()),
                                words.text("sheet.mark", mark(sheet)),
                                words.text("sheet.file", sheet.fileName())),
                        MARGIN,
                        y);
        y -= 14;
        drawing(y);
        y -= DRAWING_HEIGHT + 8;
        for (Axle axle : sheet.vehicle().axles()) {
            y = table(axle, y);
        }
        foot();
    }

    private void drawing(float top) throws IOException {
        List<AxleModel> models = new ArrayList<>();
        sheet.vehicle().axles().forEach(axle -> models.add(new AxleModel(sheet.vehicle(), axle.place())));
        List<Shape> side = shapes(models, Elevation.SIDE);
        List<Shape> plan = shapes(models, Elevation.TOP);
        Extent sideExtent = Extent.of(side);
        Extent planExtent = Extent.of(plan);
        double across = Math.max(sideExtent.width(), planExtent.width());
        double up = sideExtent.height() + planExtent.height();
        float scale = (float) Math.min(WIDTH / across, (DRAWING_HEIGHT - 24) / up);
        float left = MARGIN
                + (float) (WIDTH - across * scale) / 2
                - (float) (Math.min(sideExtent.left(), planExtent.left()) * scale);
        float sideBase = top - 6 - (float) (sideExtent.top() * scale);
        canvas.scribe(side, left, sideBase, scale);
        canvas.groundLine(MARGIN, MARGIN + WIDTH, sideBase);
        float planBase = sideBase + (float) (sideExtent.bottom() * scale) - 14 - (float) (planExtent.top() * scale);
        canvas.scribe(plan, left, planBase, scale);
        canvas.centreLine(MARGIN, MARGIN + WIDTH, planBase);
        canvas.plain(9).text(words.text("sheet.side_view"), MARGIN, top - 8);
        canvas.text(words.text("sheet.top_view"), MARGIN, planBase + (float) (planExtent.top() * scale) - 8);
        long ratio = Math.round(72 / 0.0254 / scale);
        canvas.textRight(words.text("sheet.scale", Long.toString(ratio)), MARGIN + WIDTH, top - 8);
    }

    private static List<Shape> shapes(List<AxleModel> models, Elevation elevation) {
        List<Shape> shapes =
                new ArrayList<>(AxleDrawing.surroundings(models.get(0).vehicle(), elevation));
        models.forEach(model -> shapes.addAll(AxleDrawing.axle(model, elevation)));
        return shapes;
    }

    private float rowHeight() {
        float room = SIZE.getHeight() - MARGIN - 54 - DRAWING_HEIGHT - 8 - TABLE_FOOT;
        int lines = sheet.rows().size() + 2 * sheet.vehicle().axles().size();
        return Math.min(LARGEST_ROW, room / Math.max(1, lines));
    }

    private float table(Axle axle, float top) throws IOException {
        float row = rowHeight();
        float size = row * 0.68f;
        float y = top - row;
        canvas.bold(size).text(words.text("axle." + axle.place().id()), MARGIN, y);
        canvas.plain(size * 0.8f);
        canvas.text(words.text("sheet.fore_aft"), MARGIN + COLUMNS[1] * WIDTH, y);
        canvas.text(words.text("sheet.out"), MARGIN + COLUMNS[2] * WIDTH, y);
        canvas.text(words.text("sheet.up"), MARGIN + COLUMNS[3] * WIDTH, y);
        canvas.rule(MARGIN, MARGIN + WIDTH, y - row * 0.25f);
        for (FloorSheet.Row mount : sheet.rows()) {
            if (mount.axle() == axle) {
                y -= row;
                mountRow(mount, y, size);
                canvas.faintRule(MARGIN, MARGIN + WIDTH, y - row * 0.25f);
            }
        }
        return y - row * 0.6f;
    }

    private void mountRow(FloorSheet.Row mount, float y, float size) throws IOException {
        canvas.plain(size).textWithin(name(mount), MARGIN, y, COLUMNS[1] * WIDTH - 6);
        canvas.bold(size).text(foreAft(mount.ahead()), MARGIN + COLUMNS[1] * WIDTH, y);
        canvas.text(mount.out().text(), MARGIN + COLUMNS[2] * WIDTH, y);
        canvas.text(mount.up().text(), MARGIN + COLUMNS[3] * WIDTH, y);
    }

    private String name(FloorSheet.Row mount) {
        if (mount.mirrorName().isEmpty()) {
            return mount.name() + " (" + words.text("side." + mount.side().id()) + ")";
        }
        String plain = mount.name().replaceAll(" (left|right)$", "");
        return plain + " (" + words.text("sheet.both_sides") + ")";
    }

    private String foreAft(RoundedLength ahead) {
        if (ahead.metres() == 0) {
            return words.text("sheet.on_line");
        }
        String size = ahead.text().replace("-", "");
        return words.text(ahead.metres() > 0 ? "sheet.ahead_value" : "sheet.behind_value", size);
    }

    private void foot() throws IOException {
        double error = sheet.rows().stream()
                .mapToDouble(FloorSheet.Row::largestError)
                .max()
                .orElse(0);
        canvas.plain(9);
        canvas.text(words.text("sheet.from"), MARGIN, TABLE_FOOT - 8);
        String rounding = Lengths.format(error, LengthStyle.INCH_DECIMAL);
        canvas.text(words.text("sheet.rounding", rounding + " in"), MARGIN, TABLE_FOOT - 21);
        canvas.bold(9).paragraph(words.text("sheet.caution"), MARGIN, TABLE_FOOT - 38, WIDTH, 12);
    }
}
