package org.palanca.io.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntBinaryOperator;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.Starts;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Words;
import org.palanca.floor.cutting.MountTable;
import org.palanca.study.assessment.Remedy;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.layout.StarterSteering;

class MountPagesTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 14);

    private static List<Page> pages(Vehicle vehicle) {
        Words words = Examples.WORDS.with(new UnitStyle(LengthStyle.MILLIMETRES));
        return SheetKind.MOUNTS.pages(
                new SheetHead(vehicle, "some-file.palanca.json", DAY, words), AxlePlace.REAR, Optional.empty());
    }

    private static String text(Vehicle vehicle) throws IOException {
        try (PDDocument document = Loader.loadPDF(PagePdf.bytes(pages(vehicle)))) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void everyMountFileDateRevisionAndCautionAreOnIt() throws IOException {
        for (String example : Examples.FILES) {
            Vehicle vehicle = Examples.vehicle(example);
            String text = text(vehicle);
            assertThat(text)
                    .contains(vehicle.name(), "Revision 1", "2026-03-14", "some-file.palanca.json")
                    .contains("local vehicle codes", "qualified welder");
            for (MountTable.Row row : MountTable.of(vehicle).rows()) {
                assertThat(text)
                        .contains(row.plainName(), row.up().text(), row.out().text());
            }
        }
        assertThat(text(Examples.tarn())).contains("34 ahead", "24 3/4", "15 1/2", "both sides");
    }

    /** A sheet of a plan that misses its targets says so at its head; one that keeps them says nothing of it. */
    @Test
    void whatIsOutOfTargetIsOnTheSheet() throws IOException {
        Vehicle tarn = Examples.tarn();
        assertThat(text(tarn).replace('\u00a0', ' '))
                .contains(
                        "Not within target as planned. Rear axle: Anti-squat is 129 % at 6 1/2 in of droop",
                        "And 2 more.");
        Vehicle cured = Remedy.find(tarn, AxlePlace.REAR, "anti_squat", () -> true)
                .orElseThrow()
                .after();
        assertThat(text(cured)).doesNotContain("Not within target");
    }

    /** Read from the floor: no measure is set smaller than 8 points, whatever number of them there is. */
    @Test
    void manyMountsGoOnOnAnotherPage() {
        assertThat(pages(Examples.tarn())).hasSize(1);
        Vehicle many = Starts.front(
                Use.TRAIL, inches(106), inches(35), SuspensionType.FIVE_LINK, StarterSteering.REVERSING_RELAY);
        Axle axle = many.axle(AxlePlace.FRONT).orElseThrow();
        List<Mount> mounts = new ArrayList<>(axle.mounts());
        for (int i = 0; i < 20; i++) {
            Placement at = new Placement.Taped(0.1 * i, Side.LEFT, 0.3, 0.5);
            mounts.add(new Mount("bracket " + i, BodyName.FRAME, at));
        }
        List<Page> pages = pages(many.withAxle(axle.withMounts(mounts)));
        assertThat(pages).hasSize(2);
        List<Ink.Text> texts = new ArrayList<>();
        for (Page page : pages) {
            for (Ink ink : page.ink()) {
                if (ink instanceof Ink.Text text) {
                    texts.add(text);
                    assertThat(text.y()).isBetween(0.0, Page.HEIGHT);
                }
            }
        }
        for (int i = 0; i < 20; i++) {
            String name = "bracket " + i + " (left)";
            assertThat(texts).anyMatch(text -> text.text().equals(name));
        }
        assertThat(texts).filteredOn(Ink.Text::bold).allMatch(text -> text.size() > 7.9);
    }

    @Test
    void roundingIsAtMostHalfASixteenth() {
        MountTable table = MountTable.of(Examples.vehicle("gorse.palanca.json"));
        assertThat(table.largestError()).isCloseTo(0, within(0.0254 / 32 + 1e-12));
    }

    @Test
    void theMarkChangesWithTheRevisionAndNothingElseOfTheDay() throws IOException {
        Vehicle tarn = Examples.tarn();
        String mark = mark(tarn, "a", DAY);
        assertThat(mark(tarn, "b", DAY.plusDays(3))).isEqualTo(mark);
        assertThat(mark(tarn.withRevision(2), "a", DAY)).isNotEqualTo(mark);
    }

    private static String mark(Vehicle vehicle, String file, LocalDate day) throws IOException {
        List<Page> pages = SheetKind.MOUNTS.pages(
                new SheetHead(vehicle, file, day, Examples.WORDS), AxlePlace.REAR, Optional.empty());
        try (PDDocument document = Loader.loadPDF(PagePdf.bytes(pages))) {
            String printed = new PDFTextStripper().getText(document).replaceAll("(?s).*Mark ([0-9a-f]{8}).*", "$1");
            assertThat(pages.get(0).mark()).isEqualTo(printed);
            return printed;
        }
    }

    @Test
    void aNameInLettersThatTheFontLacksDoesNotBreakTheSheet() throws IOException {
        assertThat(text(Examples.tarn().withName("山 4"))).contains("? 4");
    }

    /** The printed scale is true: rasterised at 144 dots an inch, the tyres stand a wheelbase apart over the scale. */
    @Test
    void theDrawingIsTrueToTheScaleItNames() throws IOException {
        Vehicle tarn = Examples.tarn();
        byte[] pdf = PagePdf.bytes(SheetKind.MOUNTS.pages(
                new SheetHead(tarn, "f", DAY, Examples.WORDS), AxlePlace.REAR, Optional.empty()));
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
