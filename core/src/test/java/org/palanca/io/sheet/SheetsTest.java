package org.palanca.io.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Words;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.placing.Effect;
import org.palanca.floor.placing.PlacingOrder;
import org.palanca.floor.placing.PlacingSheet;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.driveline.ShaftOrder;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.PlacingLimits;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.HousingSize;

class SheetsTest {
    private static final int DPI = 144;
    private static final double PIXEL = 0.0254 / DPI;

    private final Vehicle tarn = Examples.vehicle("tarn-4.palanca.json");
    private final Adjustment adjustment = Adjustment.of(tarn.build().survey());

    private SheetHead head(Vehicle vehicle, Words words) {
        return new SheetHead(vehicle, "some-file.palanca.json", LocalDate.of(2026, 3, 14), words);
    }

    private PlacingSheet placing() {
        return PlacingSheet.of(tarn, adjustment, new MountRef(AxlePlace.REAR, "upper frame left"), PlacingLimits.COMMON)
                .orElseThrow();
    }

    private Page placingPage(Words words) {
        PlacingSheet sheet = placing();
        return PlacingPage.of(
                head(tarn, words),
                adjustment,
                sheet,
                Effect.within(tarn, sheet.mount(), sheet.limits().tolerance()));
    }

    private List<Page> housingPages(Vehicle vehicle) {
        ShaftOrder shaft = ShaftOrder.of(
                new AxleModel(vehicle, AxlePlace.REAR),
                vehicle.build().surroundings(AxlePlace.REAR).driveline().orElseThrow());
        return HousingPages.of(head(vehicle, Examples.WORDS), AxlePlace.REAR, Optional.of(shaft));
    }

    private static String text(List<Page> pages) throws IOException {
        try (PDDocument document = Loader.loadPDF(PagePdf.bytes(pages))) {
            assertThat(document.getNumberOfPages()).isEqualTo(pages.size());
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void thePlacingSheetNamesMarksReadingsErrorsAnglesAndLosses() throws IOException {
        String text = text(List.of(placingPage(Examples.WORDS)));
        assertThat(text)
                .contains("upper frame left", "Rear axle", "Revision 1", "2026-03-14", "some-file.palanca.json")
                .contains("height over the floor", "24 3/4 in", "± ", "Bracket for upper left", "in plan")
                .contains("the design loses at most", "Anti-squat", "one standard deviation")
                .contains("local vehicle codes", "qualified welder");
        placing().readings().stream()
                .filter(reading -> reading.kind().between())
                .forEach(reading -> assertThat(text).contains("from " + reading.from()));
    }

    @Test
    void metricSheetsAreMetricThroughout() throws IOException {
        Words metric = Examples.WORDS.with(new UnitStyle(LengthStyle.MILLIMETRES));
        assertThat(text(List.of(placingPage(metric)))).contains("628.7 mm").doesNotContain(" in ±");
    }

    @Test
    void theHousingSheetCarriesCutsAnglesOrderBlanksAndCautions() throws IOException {
        assertThat(text(housingPages(tarn)))
                .contains("left tube 20 9/16 in", "right tube 20 15/16 in", "between", "62 in", "56 5/8 in")
                .contains("Drive shaft", "upper link tabs", "on the bench", "Mark line")
                .contains("The bar turns by hand", "Dial, left end", "local vehicle codes");
    }

    @Test
    void aHousingOfWhichNothingIsKnownIsNoFailure() throws IOException {
        Vehicle empty = tarn.withBuild(tarn.build().with(AxlePlace.REAR, Housing.empty()));
        assertThat(text(HousingPages.of(head(empty, Examples.WORDS), AxlePlace.REAR, Optional.empty())))
                .contains("Too little is known to draw it");
    }

    @Test
    void theOrderListsEveryMountWithItsHold() throws IOException {
        PlacingOrder order = PlacingOrder.of(tarn, adjustment, AxlePlace.REAR);
        String text = text(List.of(PlacingPage.order(head(tarn, Examples.WORDS), order, "Rear axle")));
        order.mounts().forEach(mount -> assertThat(text).contains("Set and tack " + mount.mount()));
    }

    /** As printed: the two wheel faces, the heaviest upright strokes, stand as far apart as the scale says. */
    @Test
    void theHousingIsDrawnTrueToScaleInPdfAndSvg() throws IOException {
        Page page = housingPages(tarn).get(0);
        double wanted = tarn.build()
                .housing(AxlePlace.REAR)
                .sum()
                .size(HousingSize.WHEEL_FACES)
                .orElseThrow();
        BufferedImage pdf = pdf(page);
        BufferedImage svg = svg(page);
        int scale = scale(page);
        for (BufferedImage image : List.of(pdf, svg)) {
            int[] edges = outermostUprights(image, 170, 420, 80);
            assertThat((edges[1] - edges[0]) * PIXEL * scale).isCloseTo(wanted, within(3 * PIXEL * scale));
        }
        assertThat(difference(pdf, svg)).isLessThan(0.03);
    }

    /** As printed: the mount stands as far above the ground line as its height over the scale. */
    @Test
    void thePlacingSheetIsDrawnTrueToScale() throws IOException {
        Page page = placingPage(Examples.WORDS);
        int scale = scale(page);
        Ink.Line height = page.ink().stream()
                .filter(ink -> ink instanceof Ink.Line line && line.dash() == 3)
                .map(Ink.Line.class::cast)
                .findFirst()
                .orElseThrow();
        int x = (int) Math.round(height.x1() * DPI / 72);
        int ground = (int) Math.round(height.y1() * DPI / 72);
        int mount = (int) Math.round(height.y2() * DPI / 72);
        for (BufferedImage image : List.of(pdf(page), svg(page))) {
            assertThat(dark(image, x + 60, ground - 2, ground + 2)).isTrue();
            assertThat(dark(image, x, mount - 2, mount + 2)).isTrue();
        }
        assertThat((ground - mount) * PIXEL * scale)
                .isCloseTo(placing().target().getZ(), within(2 * PIXEL * scale));
    }

    @Test
    void aNameInLettersThatTheFontLacksDoesNotBreakASheet() throws IOException {
        Vehicle other = tarn.withName("山 <4> & co");
        Page page = PlacingPage.of(head(other, Examples.WORDS), adjustment, placing(), List.of());
        assertThat(text(List.of(page))).contains("? <4> & co");
        assertThat(svg(page)).isNotNull();
    }

    private static int scale(Page page) {
        return page.ink().stream()
                .filter(ink -> ink instanceof Ink.Text text && text.text().contains("1 : "))
                .map(ink -> Integer.parseInt(((Ink.Text) ink).text().replaceAll(".*1 : ", "")))
                .findFirst()
                .orElseThrow();
    }

    private static BufferedImage pdf(Page page) throws IOException {
        try (PDDocument document = Loader.loadPDF(PagePdf.bytes(List.of(page)))) {
            return new PDFRenderer(document).renderImageWithDPI(0, DPI);
        }
    }

    private static BufferedImage svg(Page page) {
        byte[] bytes = PageSvg.text(page).getBytes(StandardCharsets.UTF_8);
        SVGDocument document =
                new SVGLoader().load(new ByteArrayInputStream(bytes), null, LoaderContext.createDefault());
        assertThat(document).isNotNull();
        int width = (int) Math.round(Page.WIDTH / 72 * DPI);
        int height = (int) Math.round(Page.HEIGHT / 72 * DPI);
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        document.render(null, graphics, new ViewBox(width, height));
        graphics.dispose();
        return image;
    }

    private static boolean dark(BufferedImage image, int x, int top, int bottom) {
        for (int y = top; y <= bottom; y++) {
            if ((image.getRGB(x, y) & 0xff) < 160) {
                return true;
            }
        }
        return false;
    }

    /** Left- and rightmost columns with an unbroken dark stroke of at least so many pixels. */
    private static int[] outermostUprights(BufferedImage image, int top, int bottom, int atLeast) {
        int first = -1;
        int last = -1;
        for (int x = 0; x < image.getWidth(); x++) {
            int run = 0;
            for (int y = top; y < bottom && run < atLeast; y++) {
                run = (image.getRGB(x, y) & 0xff) < 100 ? run + 1 : 0;
            }
            if (run >= atLeast) {
                first = first < 0 ? x : first;
                last = x;
            }
        }
        assertThat(first).as("two wheel faces are drawn").isPositive().isLessThan(last);
        return new int[] {first, last};
    }

    /** Part of the coarse squares of the two pictures of which one is blank and the other is not. */
    private static double difference(BufferedImage one, BufferedImage other) {
        int square = 24;
        int differ = 0;
        int all = 0;
        for (int x = 0; x + square < one.getWidth(); x += square) {
            for (int y = 0; y + square < one.getHeight(); y += square) {
                differ += Math.abs(ink(one, x, y, square) - ink(other, x, y, square)) > 0.15 ? 1 : 0;
                all++;
            }
        }
        return (double) differ / all;
    }

    private static double ink(BufferedImage image, int left, int top, int square) {
        int dark = 0;
        for (int x = left; x < left + square; x++) {
            for (int y = top; y < top + square; y++) {
                dark += (image.getRGB(x, y) & 0xff) < 128 ? 1 : 0;
            }
        }
        return (double) dark / square / square;
    }

    /** The sheet to cycle by names each worst pose, what should be left there, and leaves a blank for each. */
    @Test
    void theSheetToCycleByHasABlankForEachClearance() throws IOException {
        List<Page> pages = SheetKind.CYCLE.pages(head(tarn, Examples.WORDS), AxlePlace.REAR, Optional.empty());
        String text = text(pages);
        assertThat(text)
                .contains("Up travel is 4 5/8 in of 5 1/2 in wanted")
                .contains("full bump")
                .contains("left up, right hanging")
                .contains("right up, left hanging")
                .contains("tank guard to bracket of upper axle");
        long blanks = pages.stream()
                .flatMap(page -> page.ink().stream())
                .filter(ink -> ink instanceof Ink.Line line
                        && line.y1() == line.y2()
                        && line.x2() == Page.RIGHT
                        && line.x1() > Page.WIDTH / 2)
                .count();
        assertThat(blanks).isGreaterThanOrEqualTo(4 * 4);
        for (Page page : pages) {
            for (Ink ink : page.ink()) {
                if (ink instanceof Ink.Text words) {
                    assertThat(words.y()).isBetween(0.0, Page.HEIGHT);
                }
            }
        }
    }

    /** Whoever cuts, places or cycles by a sheet must know what of the plan is not as wanted, and the board has the caution too. */
    @Test
    void everySheetSaysWhatMissesItsTarget() throws IOException {
        SheetHead head = head(tarn, Examples.WORDS);
        for (Page page : List.of(
                HousingPages.of(head, AxlePlace.REAR, Optional.empty()).get(0),
                PlacingPage.order(head, PlacingOrder.of(tarn, adjustment, AxlePlace.REAR), "Rear axle"),
                BoardPage.of(head, AxlePlace.REAR, WheelTravel.RIDE))) {
            String text = text(List.of(page));
            assertThat(text).contains("Not within target as planned. Rear axle: Anti-squat", "And 2 more.");
            assertThat(text).contains("Planning aid only");
        }
    }
}
