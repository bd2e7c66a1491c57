package org.palanca.io.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.floor.cutting.PunchMarks;
import org.palanca.floor.cutting.TubeCope;
import org.palanca.io.csv.LinkCsv;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkMake;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.PlugWelds;
import org.palanca.vehicle.hardware.TapedTube;

/** The cut sheets of the links, on paper and as a table, of the demo vehicle made in other ways. */
class CutPagesTest {
    private final Vehicle tarn = Examples.tarn();

    private static List<Page> pages(Vehicle vehicle) {
        SheetHead head = new SheetHead(vehicle, "some.palanca.json", LocalDate.of(2026, 3, 14), Examples.WORDS);
        return SheetKind.CUT.pages(head, AxlePlace.REAR, Optional.empty());
    }

    private static String text(Page page) {
        return page.ink().stream()
                .filter(Ink.Text.class::isInstance)
                .map(ink -> ((Ink.Text) ink).text())
                .collect(Collectors.joining(" "));
    }

    /** The page of a link. */
    private static String page(Vehicle vehicle, String title) {
        return pages(vehicle).stream()
                .filter(page -> page.title().equals(title))
                .map(CutPagesTest::text)
                .findFirst()
                .orElseThrow();
    }

    private Vehicle made(String link, UnaryOperator<LinkMake> how) {
        Axle rear = tarn.axle(AxlePlace.REAR).orElseThrow();
        List<Link> links = rear.links().stream()
                .map(one -> one.name().equals(link) ? one.withMake(how.apply(one.make())) : one)
                .toList();
        return tarn.withAxle(rear.withLinkage(rear.linkage().withLinks(links)));
    }

    private Vehicle plugged(PlugWelds plugs) {
        return tarn.withHardware(tarn.hardware().withPlugs(Optional.of(plugs)));
    }

    /** A list with every link, a page for each; what is punched tells them apart. */
    @Test
    void everyLinkHasARowAPageAndAPunchMark() {
        List<Page> pages = pages(tarn);
        List<LinkCut> cuts = LinkCut.list(tarn);
        assertThat(pages).hasSize(cuts.size() + 1);
        List<String> marks = PunchMarks.of(cuts);
        assertThat(marks).contains("R-LL", "R-UR", "F-P").doesNotHaveDuplicates();
        String list = text(pages.get(0));
        for (int i = 0; i < cuts.size(); i++) {
            assertThat(list).contains(marks.get(i));
            assertThat(text(pages.get(i + 1))).contains("Punch " + marks.get(i));
        }
        // Two links whose letters agree are told apart by a number.
        List<LinkCut> twice = new ArrayList<>(cuts);
        twice.addAll(cuts);
        assertThat(PunchMarks.of(twice)).doesNotHaveDuplicates().contains("R-LL2");
    }

    /** By hand: 42.04 in from pin to pin less 1 3/8 in of eye, 1 3/4 in showing and 1/4 in of shoulder at either end is 35 5/16 in. */
    @Test
    void aPageSaysWhatToSawHowTheEndsAreSetAndWhichFacesWhere() {
        String page = page(tarn, "Rear axle, lower left");
        assertThat(page)
                .contains("35 5/16 in", "2 in × 0.250 in wall", "the plan’s mounts")
                .contains("Over the inserts’ shoulders 35 13/16 in")
                .contains("Left end: lower frame left (frame)", "Right end: lower axle left (axle)")
                .contains("right-hand", "left-hand", "1 3/4 in of thread showing")
                .contains("83 % as set", "No plug welds", "were not read back");
    }

    @Test
    void plugHolesComeBeforeTheInsertAndTheSecondDrillingIsTurned() {
        String page = page(plugged(PlugWelds.COMMON), "Rear axle, lower left");
        assertThat(page)
                .contains(
                        "Before the insert: drill 1/2 in through both walls, 1/2 in from the cut; turn by 90°, drill again")
                .contains("1 in from the cut")
                .doesNotContain("No plug welds");
        int drill = page.indexOf("Drill the plug holes");
        int insert = page.indexOf("Inserts to their shoulders");
        assertThat(drill).isPositive().isLessThan(insert);
    }

    /** Holes that leave no metal, run into one another, miss the insert or are too wide are refused on the sheet. */
    @Test
    void plugHolesThatCannotHoldAreRefused() {
        assertThat(page(plugged(new PlugWelds(inches(0.5), inches(0.375), inches(1))), "Rear axle, lower left"))
                .contains("! Only 3/8 in from the tube’s end to the middle of the first plug hole");
        assertThat(page(plugged(new PlugWelds(inches(0.5), inches(0.5), inches(0.75))), "Rear axle, lower left"))
                .contains("! The second plug hole is 1/4 in beyond the first");
        assertThat(page(plugged(new PlugWelds(inches(0.5), inches(0.5), inches(1.375))), "Rear axle, lower left"))
                .contains("! The second plug hole reaches 1 5/8 in into the tube, past the insert’s 1 1/2 in");
        assertThat(new PlugWelds(inches(1.25), inches(1.25), inches(2.5)).fault(inches(2), inches(4)))
                .isPresent();
        assertThat(PlugWelds.COMMON.fault(inches(2), inches(1.5))).isEmpty();
    }

    /** By hand, a triangle of 3, 4 and 5: a tube 2 in across on a sleeve 2 1/2 in across: 1.25 - 0.75 is 1/2 in deep, at both ends. */
    @Test
    void aTubeBetweenSleevesIsSawnLongerByItsCopes() {
        LinkEnd sleeve = LinkEnd.of(LinkEnd.Kind.BUSHING).withReach(OptionalDouble.of(inches(1.25)));
        Vehicle vehicle =
                made("lower left", make -> make.withFrom(Optional.of(sleeve)).withTo(Optional.of(sleeve)));
        LinkCut cut = LinkCut.list(vehicle).stream()
                .filter(one -> one.axle().place() == AxlePlace.REAR
                        && one.link().name().equals("lower left"))
                .findFirst()
                .orElseThrow();
        assertThat(cut.from().beyond(inches(2))).isCloseTo(inches(0.5), within(1e-5));
        assertThat(cut.tubeLength().orElseThrow()).isCloseTo(cut.pinToPin() - inches(2.5), within(1e-9));
        assertThat(cut.sawn().orElseThrow() - cut.tubeLength().orElseThrow()).isCloseTo(inches(1), within(1e-5));
        assertThat(page(vehicle, "Rear axle, lower left"))
                .contains("Cope to a sleeve 2 1/2 in across at 90.0°, 0.500 in deep")
                .contains("40 9/16 in")
                .doesNotContain("Inserts to their shoulders");

        LinkEnd narrow = LinkEnd.of(LinkEnd.Kind.BUSHING).withReach(OptionalDouble.of(inches(0.875)));
        assertThat(page(made("lower left", make -> make.withFrom(Optional.of(narrow))), "Rear axle, lower left"))
                .contains("! lower frame left: no cope of a tube 2 in across closes round its sleeve of 1 3/4 in at ");
    }

    /**
     * The wrap in true size, measured back from the PDF's own picture at 150 dots an inch: of a tube 1 1/2 in across the straight
     * edge is pi x 1 1/2 + 1/2 in long with its lap, the square 2 in; it fits on one page. Of a tube 3 in across it takes two.
     */
    @Test
    void theWrapIsInTrueSize() throws IOException {
        LinkEnd sleeve = LinkEnd.of(LinkEnd.Kind.BUSHING).withReach(OptionalDouble.of(inches(1.75)));
        UnaryOperator<LinkMake> thin = make ->
                make.withFrom(Optional.of(sleeve)).withTube(Optional.of(new LinkTube(inches(1.5), inches(0.12), "")));
        List<Page> wraps = pages(made("lower left", thin)).stream()
                .filter(page -> page.title().equals("Wrap of R-LL, end at lower frame left"))
                .toList();
        assertThat(wraps).hasSize(1);
        BufferedImage picture;
        try (PDDocument pdf = Loader.loadPDF(PagePdf.bytes(wraps))) {
            picture = new PDFRenderer(pdf).renderImageWithDPI(0, 150);
        }
        assertThat(longestRun(picture) / 150.0).isCloseTo(Math.PI * 1.5 + 0.5, within(0.02));
        UnaryOperator<LinkMake> wide = make ->
                make.withFrom(Optional.of(sleeve)).withTube(Optional.of(new LinkTube(inches(3), inches(0.12), "")));
        assertThat(pages(made("lower left", wide)).stream()
                        .filter(page -> page.title().startsWith("Wrap of R-LL")))
                .hasSize(2);
    }

    /** A bolt that lies along its link leaves no cut length, and that is said; one at 30 degrees a wrap too tall for a page. */
    @Test
    void aSleeveThatLiesAlongTheTubeIsNotCoped() {
        LinkEnd sleeve = LinkEnd.of(LinkEnd.Kind.BUSHING)
                .withReach(OptionalDouble.of(inches(1.75)))
                .withBolt(Optional.of(BoltWay.ALONG));
        String page = page(made("lower left", make -> make.withFrom(Optional.of(sleeve))), "Rear axle, lower left");
        assertThat(page)
                .contains("Saw to –", "at lower frame left, how the tube meets its sleeve: the bolt lies at 1")
                .doesNotContain("∞", "Infinity");
        TubeCope slanting = new TubeCope(inches(2.5), inches(2.6), Math.toRadians(30), 0);
        SheetHead head = new SheetHead(tarn, "some.palanca.json", LocalDate.of(2026, 3, 14), Examples.WORDS);
        List<Page> wraps = WrapPages.of(head, slanting, "a wrap", "");
        assertThat(wraps).hasSize(1);
        assertThat(text(wraps.get(0))).contains("its wrap is taller than the page and is not drawn");
    }

    /** The longest level stroke that is no rule of the page's head or foot [dots]: those are as wide as the page's text. */
    private static int longestRun(BufferedImage picture) {
        int text = (int) (7.2 * 150);
        int longest = 0;
        for (int y = 0; y < picture.getHeight(); y++) {
            int run = 0;
            for (int x = 0; x < picture.getWidth(); x++) {
                if ((picture.getRGB(x, y) & 0xff) < 160) {
                    run++;
                    continue;
                }
                longest = run > longest && run < text ? run : longest;
                run = 0;
            }
        }
        return longest;
    }

    /** What nobody has decided is not sawn. */
    @Test
    void anUndecidedLengthIsNotPrinted() {
        Vehicle vehicle =
                made("lower left", make -> make.withTaped(Optional.of(new TapedTube(inches(35), Optional.empty()))));
        String page = page(vehicle, "Rear axle, lower left");
        assertThat(page)
                .contains("undecided: taped or plan", "! Taped 35 in, computed 35 5/16 in")
                .contains("Saw to –");
        TapedTube decided = new TapedTube(inches(35), Optional.of(new TapedTube.Decision(true, "mock-up")));
        assertThat(page(made("lower left", make -> make.withTaped(Optional.of(decided))), "Rear axle, lower left"))
                .contains("Saw to 35 in", "the length taped");
    }

    /** Whoever holds an old sheet sees it by its mark. */
    @Test
    void theMarkChangesWithWhatIsCut() {
        String before = pages(tarn).get(1).mark();
        assertThat(pages(tarn).get(1).mark()).isEqualTo(before);
        assertThat(pages(plugged(PlugWelds.COMMON)).get(1).mark()).isNotEqualTo(before);
    }

    @Test
    void theTableHasTheSameLengths() throws IOException {
        StringBuilder out = new StringBuilder();
        Vehicle vehicle = plugged(PlugWelds.COMMON);
        List<LinkCut> cuts = LinkCut.list(vehicle);
        LinkCsv.write(cuts, 0, out);
        List<CSVRecord> rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(out.toString()))
                .getRecords();
        assertThat(rows).hasSize(cuts.size());
        CSVRecord row = rows.stream()
                .filter(one -> one.get("punch").equals("R-LL"))
                .findFirst()
                .orElseThrow();
        // By hand in mm: sqrt(41^2 + 8^2 + 4.75^2) in is 1067.88 mm, the tube 6 3/4 in shorter.
        assertThat(Double.parseDouble(row.get("pin_to_pin_mm"))).isCloseTo(1067.88, within(0.01));
        assertThat(Double.parseDouble(row.get("saw_mm"))).isCloseTo(1067.88 - 171.45, within(0.01));
        assertThat(row.get("left_hand")).isEqualTo("right");
        assertThat(row.get("right_hand")).isEqualTo("left");
        assertThat(Double.parseDouble(row.get("left_plug_second_mm"))).isCloseTo(25.4, within(1e-9));
        assertThat(Double.parseDouble(row.get("left_engaged_set"))).isCloseTo(1.25 / 1.5, within(0.001));
    }
}
