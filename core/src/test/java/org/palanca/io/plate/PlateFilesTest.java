package org.palanca.io.plate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javax.swing.JComponent;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.palanca.floor.plate.Brackets;
import org.palanca.floor.plate.Opening;
import org.palanca.floor.plate.Plate;
import org.palanca.floor.plate.PlateList;
import org.palanca.io.csv.PlateCsv;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.bracket.Way;

/** The files of plates, read back by programs that are not ours. */
class PlateFilesTest {
    /** Debian's own Python, for which the test command installs python3-ezdxf. */
    private static final String PYTHON = "/usr/bin/python3";

    private static final double HUNDREDTH = 0.01;

    @TempDir
    private Path folder;

    /** Ears round the axle tube, a bracket of three pieces with tabs, and a folded one. */
    static List<Plate> plates() {
        Vehicle vehicle = Brackets.tarn();
        vehicle = Brackets.with(vehicle, "lower axle left", Bracket.PLAIN);
        vehicle = Brackets.with(
                vehicle,
                "upper frame left",
                Brackets.onFace(Bracket.Form.CLEVIS, Way.UP, inches(3.5)).withLocating(true));
        vehicle = Brackets.with(vehicle, "lower frame left", Brackets.onFace(Bracket.Form.FOLDED, Way.UP, inches(3.5)));
        return PlateList.of(vehicle).plates();
    }

    @Test
    void anIndependentReaderFindsAreasHolesAndFoldsInTheDxf() throws Exception {
        List<Plate> plates = plates();
        assertThat(plates.stream().map(Plate::mark)).contains("P1 A").hasSizeGreaterThan(3);
        for (PlateUnit unit : PlateUnit.values()) {
            List<JsonNode> read = read(plates, unit);
            for (int i = 0; i < plates.size(); i++) {
                Plate plate = plates.get(i);
                JsonNode found = read.get(i);
                double scale = unit.metres() * 1000;
                assertThat(found.path("errors")).as(found.toString()).isEmpty();
                assertThat(found.path("version").asText()).isEqualTo("AC1009");
                assertThat(found.path("units").asInt()).isEqualTo(unit == PlateUnit.MM ? 4 : 1);
                JsonNode outline = found.path("outlines").get(0);
                assertThat(outline.path("layer").asText()).isEqualTo("CUT");
                assertThat(outline.path("closed").asBoolean()).isTrue();
                double area = plate.flat().outline().area() * 1e6;
                // A hundredth of a millimetre all round.
                assertThat(outline.path("area").asDouble() * scale * scale)
                        .as(plate.mark())
                        .isCloseTo(
                                area, within(HUNDREDTH * plate.flat().outline().length() * 1000));
                holes(plate, found, scale);
                assertThat(found.path("bends")).hasSize(plate.flat().folds().size());
                assertThat(found.path("marks").get(0).path("text").asText()).isEqualTo(plate.mark());
                assertThat(found.path("marks").get(0).path("layer").asText()).isEqualTo("MARK");
            }
        }
    }

    private static void holes(Plate plate, JsonNode found, double scale) {
        assertThat(found.path("holes")).hasSize(plate.flat().openings().size());
        for (int k = 0; k < plate.flat().openings().size(); k++) {
            Opening hole = plate.flat().openings().get(k);
            JsonNode circle = found.path("holes").get(k);
            assertThat(circle.path("x").asDouble() * scale)
                    .isCloseTo(hole.centre().getX() * 1000, within(HUNDREDTH));
            assertThat(circle.path("y").asDouble() * scale)
                    .isCloseTo(hole.centre().getY() * 1000, within(HUNDREDTH));
            assertThat(circle.path("radius").asDouble() * 2 * scale)
                    .isCloseTo(hole.diameter() * 1000, within(HUNDREDTH));
        }
    }

    private List<JsonNode> read(List<Plate> plates, PlateUnit unit) throws Exception {
        Path script = folder.resolve("read_dxf.py");
        try (var in = PlateFilesTest.class.getResourceAsStream("read_dxf.py")) {
            Files.write(script, in.readAllBytes());
        }
        List<String> command = new ArrayList<>(List.of(PYTHON, script.toString()));
        for (Plate plate : plates) {
            Path file = folder.resolve(unit.id() + plate.fileStem() + ".dxf");
            Files.writeString(file, PlateDxf.text(plate, unit));
            command.add(file.toString());
        }
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String text = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor())
                .as("needs Debian's python3-ezdxf: " + text)
                .isZero();
        List<JsonNode> read = new ArrayList<>();
        for (String line : text.lines().toList()) {
            read.add(new ObjectMapper().readTree(line));
        }
        return read;
    }

    /** Every wall and face of a solid that closes adds up to its volume (divergence theorem), and each edge is met by two. */
    @Test
    void theSolidOfAPlateClosesAndHasItsVolume() {
        for (Plate plate : plates()) {
            ByteBuffer stl = ByteBuffer.wrap(PlateStl.bytes(plate.flat())).order(ByteOrder.LITTLE_ENDIAN);
            stl.position(80);
            int triangles = stl.getInt();
            double volume = 0;
            Map<String, Integer> edges = new HashMap<>();
            for (int i = 0; i < triangles; i++) {
                stl.position(84 + 50 * i + 12);
                double[][] at = new double[3][3];
                for (double[] corner : at) {
                    for (int k = 0; k < 3; k++) {
                        corner[k] = stl.getFloat();
                    }
                }
                volume += (at[0][0] * (at[1][1] * at[2][2] - at[1][2] * at[2][1])
                                - at[0][1] * (at[1][0] * at[2][2] - at[1][2] * at[2][0])
                                + at[0][2] * (at[1][0] * at[2][1] - at[1][1] * at[2][0]))
                        / 6;
                for (int k = 0; k < 3; k++) {
                    String from = Arrays.toString(at[k]);
                    String to = Arrays.toString(at[(k + 1) % 3]);
                    edges.merge(from + to, 1, Integer::sum);
                    edges.merge(to + from, -1, Integer::sum);
                }
            }
            assertThat(edges.values()).as(plate.mark()).allMatch(count -> count == 0);
            double holes = plate.flat().openings().stream()
                    .mapToDouble(hole -> hole.outline().area())
                    .sum();
            double exact =
                    (plate.flat().outline().area() - holes) * plate.flat().thickness() * 1e9;
            assertThat(volume).as(plate.mark()).isCloseTo(exact, within(exact * 1e-3));
        }
    }

    /** Drawn by JSVG, a general SVG library, at 10 dots a millimetre: the ink that closes the cut is where it belongs. */
    @Test
    void anIndependentRendererDrawsTheSvgInTrueSize() {
        Plate plate = plates().get(0);
        String text = PlateSvg.text(plate)
                .replace("fill=\"none\" stroke=\"#000\" stroke-width=\"0.1\"", "fill=\"#000\" fill-rule=\"evenodd\"");
        var document = new SVGLoader()
                .load(
                        new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)),
                        null,
                        LoaderContext.createDefault());
        assertThat(document).isNotNull();
        var bounds = plate.flat().outline().bounds();
        int dots = 10;
        int wide = (int) Math.ceil((bounds.width() * 1000 + 10) * dots);
        int high = (int) Math.ceil((bounds.height() * 1000 + 10) * dots);
        BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_INT_ARGB);
        var g = image.createGraphics();
        // Pixels of the size that the document itself says it has.
        double size = document.size().width;
        g.setTransform(AffineTransform.getScaleInstance(wide / size, wide / size));
        document.render((JComponent) null, g);
        g.dispose();
        long inked = 0;
        for (int x = 0; x < wide; x++) {
            for (int y = 0; y < high; y++) {
                inked += image.getRGB(x, y) >>> 24 > 127 ? 1 : 0;
            }
        }
        double area = plate.flat().outline().area() * 1e6;
        assertThat(inked / (double) (dots * dots)).isCloseTo(area, within(area * 0.003));
        assertThat(text).contains(String.format(Locale.ROOT, "width=\"%.4fmm\"", bounds.width() * 1000 + 10));
    }

    @Test
    void theTableHasARowAPlate() throws Exception {
        List<Plate> plates = plates();
        StringBuilder out = new StringBuilder();
        PlateCsv.write(plates, out);
        List<CSVRecord> rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(out.toString()))
                .getRecords();
        assertThat(rows).hasSameSizeAs(plates);
        assertThat(rows.get(0).get("thickness_mm")).isEqualTo("6.350");
        assertThat(rows.get(0).get("holes_mm")).isEqualTo("15.875");
        assertThat(rows.get(0).get("count")).isEqualTo("4");
        assertThat(Optional.of(rows.get(0).get("fingerprint")))
                .contains(plates.get(0).fingerprint());
    }
}
