package org.palanca.io.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.time.LocalDate;
import java.util.function.IntBinaryOperator;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.shop.FloorSheet;
import org.palanca.units.LengthStyle;
import org.palanca.units.UnitStyle;
import org.palanca.vehicle.Vehicle;

class FloorSheetPdfTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 14);

    private static String text(Vehicle vehicle) throws IOException {
        FloorSheet sheet = FloorSheet.of(vehicle, "some-file.palanca.json", DAY);
        byte[] pdf = FloorSheetPdf.bytes(sheet, Examples.WORDS.with(new UnitStyle(LengthStyle.MILLIMETRES)));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void onePageCarriesEveryMountFileDateRevisionAndCaution() throws IOException {
        for (String example : Examples.FILES) {
            Vehicle vehicle = Examples.vehicle(example);
            String text = text(vehicle);
            assertThat(text)
                    .contains(vehicle.name(), "Revision 1", "2026-03-14", "some-file.palanca.json")
                    .contains("local vehicle codes", "qualified welder");
            FloorSheet sheet = FloorSheet.of(vehicle, "f", DAY);
            for (FloorSheet.Row row : sheet.rows()) {
                assertThat(text)
                        .contains(
                                row.name().replaceAll(" (left|right)$", ""),
                                row.up().text(),
                                row.out().text());
            }
        }
        assertThat(text(Examples.tarn())).contains("34 ahead", "24 3/4", "15 1/2", "both sides");
    }

    @Test
    void roundingIsAtMostHalfASixteenth() {
        FloorSheet sheet = FloorSheet.of(Examples.vehicle("gorse.palanca.json"), "f", DAY);
        sheet.rows().forEach(row -> assertThat(row.largestError()).isCloseTo(0, within(0.0254 / 32 + 1e-12)));
    }

    @Test
    void theMarkChangesWithTheRevisionAndNothingElseOfTheDay() {
        Vehicle tarn = Examples.tarn();
        String mark = FloorSheetPdf.mark(FloorSheet.of(tarn, "a", DAY));
        assertThat(FloorSheetPdf.mark(FloorSheet.of(tarn, "b", DAY.plusDays(3))))
                .isEqualTo(mark);
        assertThat(FloorSheetPdf.mark(FloorSheet.of(tarn.withRevision(2), "a", DAY)))
                .isNotEqualTo(mark);
    }

    @Test
    void aNameInLettersThatTheFontLacksDoesNotBreakTheSheet() throws IOException {
        assertThat(text(Examples.tarn().withName("山 4"))).contains("? 4");
    }

    /** The printed scale is true: rasterised at 144 dots an inch, the tyres stand a wheelbase apart over the scale. */
    @Test
    void theDrawingIsTrueToTheScaleItNames() throws IOException {
        Vehicle tarn = Examples.tarn();
        byte[] pdf = FloorSheetPdf.bytes(FloorSheet.of(tarn, "f", DAY), Examples.WORDS);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document);
            int scale = Integer.parseInt(text.replaceAll("(?s).*1 : (\\d+).*", "$1"));
            var page = new PDFRenderer(document).renderImageWithDPI(0, 144);
            int[] columns = tyreEdges(page::getRGB, page.getWidth(), page.getHeight());
            double drawn = (columns[1] - columns[0]) / 144.0 * 0.0254 * scale;
            assertThat(drawn).isCloseTo(tarn.wheelbase(), within(tarn.wheelbase() * 0.02));
        }
    }

    /** Left edges of the two tyres in the top view: the longest dark columns of the drawing. */
    private static int[] tyreEdges(IntBinaryOperator page, int width, int height) {
        int first = -1;
        int second = -1;
        for (int x = 90; x < width - 90; x++) {
            if (longestDarkRun(page, x, height) > 40) {
                if (first < 0) {
                    first = x;
                } else if (x - first > 250) {
                    second = x;
                    break;
                }
            }
        }
        assertThat(second).as("two tyres are drawn").isPositive();
        return new int[] {first, second};
    }

    private static int longestDarkRun(IntBinaryOperator page, int x, int height) {
        int longest = 0;
        int run = 0;
        for (int y = 350; y < height / 2 + 100; y++) {
            run = (page.applyAsInt(x, y) & 0xff) < 128 ? run + 1 : 0;
            longest = Math.max(longest, run);
        }
        return longest;
    }
}
