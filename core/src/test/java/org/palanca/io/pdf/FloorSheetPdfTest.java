package org.palanca.io.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.time.LocalDate;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
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
}
