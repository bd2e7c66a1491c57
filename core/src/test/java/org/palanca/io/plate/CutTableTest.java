package org.palanca.io.plate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.palanca.Examples;
import org.palanca.floor.plate.Brackets;
import org.palanca.floor.plate.Plate;
import org.palanca.floor.plate.PlateList;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.bracket.Seat;
import org.palanca.vehicle.bracket.Way;
import org.palanca.vehicle.hardware.BoltWay;

/** What a table cuts, and what it has to refuse: each mistake is made in a file that was good. */
class CutTableTest {
    private static final CutTable.Bed BED = new CutTable.Bed(1.2, 0.6, 0.0015, 0.003);
    private static final Vehicle VEHICLE =
            Brackets.with(Brackets.tarn(), "lower frame left", Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3)));
    private static final List<Plate> PLATES = PlateList.of(VEHICLE).plates();

    @TempDir
    private Path folder;

    private String good() {
        return PlateDxf.text(PLATES.get(0), PlateUnit.MM);
    }

    private CutTable.Job look(String text) throws IOException {
        Files.writeString(folder.resolve("one.dxf"), text);
        return CutTable.look(folder, PLATES, BED).get(0);
    }

    private static List<String> said(CutTable.Job job) {
        return job.refused().stream().map(Examples.WORDS::text).toList();
    }

    private void refuses(String text, String... words) throws IOException {
        assertThat(said(look(text))).anySatisfy(one -> assertThat(one).contains(words));
    }

    /** Half a kerf outside all round: the area that the torch runs round is the plate's, its length times that, and a ring's corner. */
    @Test
    void aGoodFileIsCutHalfAKerfOff() throws Exception {
        CutTable.Job job = look(good());
        assertThat(said(job)).isEmpty();
        assertThat(job.torches()).hasSize(2);
        CutTable.Torch outer = job.torches().get(1);
        assertThat(outer.hole()).isFalse();
        double half = BED.kerf() / 2;
        double exact = PLATES.get(0).flat().outline().area()
                + PLATES.get(0).flat().outline().length() * half
                + Math.PI * half * half;
        assertThat(area(outer.path())).isCloseTo(exact, within(exact * 1e-4));
        // It pierces outside the plate, and inside the hole.
        assertThat(PLATES.get(0).flat().outline().contains(outer.pierced())).isFalse();
        CutTable.Torch hole = job.torches().get(0);
        assertThat(hole.pierced().getNorm()).isLessThan(inches(0.625) / 2 - half - BED.lead() + 1e-4);
        assertThat(said(look(PlateDxf.text(PLATES.get(0), PlateUnit.INCH)))).isEmpty();
    }

    private static double area(List<Vector2D> ring) {
        double twice = 0;
        for (int i = 0; i < ring.size(); i++) {
            Vector2D a = ring.get(i);
            Vector2D b = ring.get((i + 1) % ring.size());
            twice += a.getX() * b.getY() - b.getX() * a.getY();
        }
        return Math.abs(twice) / 2;
    }

    @Test
    void anOldRevisionIsRefusedAndTheOneThatHoldsNamed() throws Exception {
        Vehicle moved =
                Brackets.with(VEHICLE, "lower frame left", Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3.25)));
        List<Plate> before = PLATES;
        Vehicle out =
                moved.withBuild(moved.build().withIssued(List.of(before.get(0).issued(LocalDate.of(2026, 12, 1)))));
        Files.writeString(folder.resolve("one.dxf"), good());
        List<CutTable.Job> jobs = CutTable.look(folder, PlateList.of(out).plates(), BED);
        assertThat(said(jobs.get(0))).containsExactly("P1 A is old: P1 B holds today.");
    }

    @Test
    void mistakesOfFilesAreRefused() throws Exception {
        refuses(good().replace("  9\r\n$INSUNITS\r\n 70\r\n4\r\n", ""), "doesn’t say its unit");
        refuses(good().replace("\r\n$INSUNITS\r\n 70\r\n4", "\r\n$INSUNITS\r\n 70\r\n1"), "header says inches");
        // The outline's flag that it is closed.
        refuses(good().replaceFirst(" 70\r\n1\r\n", " 70\r\n0\r\n"), "is open by");
        refuses(good().replace("\r\nCUT\r\n", "\r\n0\r\n"), "layer “0”");
        refuses(good().replace("palanca number: P1", "palanca number: P7"), "takes no plate P7");
        refuses(good().replace("palanca count: 4", "palanca count: 2"), "says 2 pieces", "takes 4");
        refuses(good().replace("palanca ", ""), "no title");
        // Cut as a pair of hands before one piece served both.
        refuses(good().replace("palanca hand: both", "palanca hand: left"), "P1-L A is old", "P1 A holds");
        refuses("rubbish\r\nmore\r\n", "Line 1");
    }

    /** Scaled on the way, a hole at the bolt's size less a bit, one corner moved. */
    @Test
    void aDrawingThatWasChangedIsRefused() throws Exception {
        refuses(scaled(1 / 25.4), "times", "should be");
        String hole = String.format(Locale.ROOT, "%.6f", inches(0.625) * 500);
        assertThat(good()).contains(hole);
        refuses(good().replace(hole, "7.000000"), "0.551", "0.563");
        refuses(good().replace(hole, "7.900000"), "changed after it was written");
    }

    /** Every number of an entity times a factor, the header as it was. */
    private String scaled(double factor) {
        StringBuilder out = new StringBuilder();
        String[] lines = good().split("\r\n");
        boolean entities = false;
        for (int i = 0; i + 1 < lines.length; i += 2) {
            String code = lines[i].strip();
            entities |= lines[i + 1].equals("ENTITIES");
            boolean length = entities && (code.equals("10") || code.equals("20") || code.equals("40"));
            out.append(lines[i])
                    .append("\r\n")
                    .append(length ? Double.toString(Double.parseDouble(lines[i + 1]) * factor) : lines[i + 1])
                    .append("\r\n");
        }
        return out.toString();
    }

    /** A name with a break in it would write groups of its own. */
    @Test
    void aNameCantWriteIntoTheFile() throws Exception {
        Bracket named = Brackets.onFace(Bracket.Form.EARS, Way.UP, inches(3)).withMaterial("A36\r\n  0\r\nEOF");
        List<Plate> plates = PlateList.of(Brackets.with(Brackets.tarn(), "lower frame left", named))
                .plates();
        Files.writeString(folder.resolve("one.dxf"), PlateDxf.text(plates.get(0), PlateUnit.MM));
        assertThat(said(CutTable.look(folder, plates, BED).get(0))).isEmpty();
    }

    @Test
    void thereIsNoSheetWithoutAWidthAndNoKerfLessThanNothing() {
        assertThat(BED.possible()).isTrue();
        assertThat(new CutTable.Bed(0, 1, 0, 0).possible()).isFalse();
        assertThat(new CutTable.Bed(1, 1, -0.001, 0).possible()).isFalse();
        assertThat(new CutTable.Bed(1, 1, 1, 0).possible()).isFalse();
    }

    @Test
    void whatIsLargerThanTheSheetIsRefused() throws Exception {
        Files.writeString(folder.resolve("one.dxf"), good());
        CutTable.Bed small = new CutTable.Bed(0.1, 0.05, 0.0015, 0.003);
        assertThat(said(CutTable.look(folder, PLATES, small).get(0)))
                .singleElement()
                .asString()
                .contains("the sheet has");
        // Turned by a right angle it lies on.
        CutTable.Bed turned = new CutTable.Bed(0.06, 0.2, 0.0015, 0.003);
        CutTable.Bed narrow = new CutTable.Bed(0.2, 0.06, 0.0015, 0.003);
        double across = PLATES.get(0).flat().outline().bounds().width();
        assertThat(across).isGreaterThan(0.06);
        assertThat(said(CutTable.look(folder, PLATES, turned).get(0)).size())
                .isEqualTo(said(CutTable.look(folder, PLATES, narrow).get(0)).size());
    }

    /** One hand of a pair, and one of them twice. */
    @Test
    void twoOfOneHandAreRefused() throws Exception {
        Bracket folded = Bracket.PLAIN
                .withForm(Bracket.Form.FOLDED)
                .withSeat(Optional.of(new Seat.Tube(
                        inches(6), BoltWay.ALONG, Math.toRadians(-165), inches(6), OptionalDouble.empty())));
        List<Plate> pair = PlateList.of(Brackets.with(Brackets.tarn(), "lower frame left", folded))
                .plates();
        assertThat(pair).hasSize(2);
        Files.writeString(folder.resolve("left.dxf"), PlateDxf.text(pair.get(0), PlateUnit.MM));
        assertThat(said(CutTable.look(folder, pair, BED).get(0)))
                .singleElement()
                .asString()
                .contains("without its right one");
        Files.writeString(folder.resolve("right.dxf"), PlateDxf.text(pair.get(1), PlateUnit.MM));
        assertThat(CutTable.look(folder, pair, BED))
                .allMatch(job -> job.refused().isEmpty());
        Files.writeString(folder.resolve("again.dxf"), PlateDxf.text(pair.get(0), PlateUnit.MM));
        assertThat(said(CutTable.look(folder, pair, BED).get(0)))
                .singleElement()
                .asString()
                .contains("more than once");
    }
}
