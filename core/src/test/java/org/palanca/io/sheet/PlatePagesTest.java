package org.palanca.io.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.floor.plate.Brackets;
import org.palanca.floor.plate.Plate;
import org.palanca.floor.plate.PlateCode;
import org.palanca.floor.plate.PlateList;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.bracket.Way;

/** Plates on paper: true size, and a code that a picture of the page can be asked for. */
class PlatePagesTest {
    private static final int DOTS = 200;

    private static Vehicle vehicle(double distance) {
        return Brackets.with(
                Brackets.tarn(), "lower frame left", Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(distance)));
    }

    private static List<Page> pages(Vehicle vehicle) {
        SheetHead head = new SheetHead(vehicle, "a.palanca.json", LocalDate.of(2026, 12, 2), Examples.WORDS);
        return SheetKind.PLATES.pages(head, AxlePlace.REAR, Optional.empty());
    }

    @Test
    void theCodeIsReadFromAPictureOfThePage() throws Exception {
        Vehicle vehicle = vehicle(3);
        Plate plate = PlateList.of(vehicle).plates().get(0);
        try (PDDocument document = Loader.loadPDF(PagePdf.bytes(pages(vehicle)))) {
            BufferedImage picture = new PDFRenderer(document).renderImageWithDPI(1, DOTS);
            int wide = picture.getWidth();
            int high = picture.getHeight();
            int[] pixels = picture.getRGB(0, 0, wide, high, null, 0, wide);
            String text = new QRCodeReader()
                    .decode(new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(wide, high, pixels))))
                    .getText();
            PlateCode code = PlateCode.parse(text).orElseThrow();
            assertThat(code).isEqualTo(PlateCode.of(plate, vehicle));
            assertThat(code.holds(vehicle, PlateList.of(vehicle).plates())).isTrue();
            assertThat(code.holds(vehicle, PlateList.of(vehicle(3.25)).plates()))
                    .isFalse();
        }
        assertThat(PlateCode.parse("https://example.org;1;2;3;4")).isEmpty();
    }

    /** The highest and the lowest of what is drawn thick under the title block are as far apart as the plate is tall. */
    @Test
    void aPlateIsDrawnInTrueSize() {
        Vehicle vehicle = vehicle(3);
        double tall =
                PlateList.of(vehicle).plates().get(0).flat().outline().bounds().height();
        double[] reach = {Double.MAX_VALUE, 0};
        double under = 290;
        for (Ink ink : pages(vehicle).get(1).ink()) {
            if (ink instanceof Ink.Line line && line.width() == 0.8 && Math.min(line.y1(), line.y2()) > under) {
                reach[0] = Math.min(reach[0], Math.min(line.y1(), line.y2()));
                reach[1] = Math.max(reach[1], Math.max(line.y1(), line.y2()));
            }
        }
        assertThat(inches((reach[1] - reach[0]) / 72)).isCloseTo(tall, within(1e-5));
    }

    /** One as tall as two pages: the pages lap over one another, and together they have all of it. */
    @Test
    void aTallPlateGoesOverTwoPages() {
        List<Page> pages = pages(vehicle(8));
        assertThat(pages).hasSize(3);
        for (Page page : pages.subList(1, 3)) {
            assertThat(page.ink().stream().mapToDouble(Ink::lowest).max().orElseThrow())
                    .isLessThan(Page.HEIGHT);
        }
    }
}
