package org.palanca.io.points;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.palanca.Examples;
import org.palanca.floor.scan.ScanPoint;
import org.palanca.io.FileFormatException;

class PointFileTest {
    private static final double MM = 0.001;

    @TempDir
    private Path folder;

    private List<ScanPoint> read(String name, String text) throws Exception {
        return PointFile.read(Files.writeString(folder.resolve(name), text), MM);
    }

    private static void isAt(ScanPoint point, double x, double y, double z) {
        assertThat(Vector3D.distance(point.place(), new Vector3D(x, y, z))).isLessThan(1e-6);
    }

    @Test
    void csvByItsHeadings() throws Exception {
        List<ScanPoint> points = read("a.csv", "\uFEFFName,Y,X,Z,colour\nhorn left,430,-230,622,blue\n,1,2,3,\n");
        assertThat(points.get(0).name()).isEqualTo("horn left");
        isAt(points.get(0), -0.23, 0.43, 0.622);
        isAt(points.get(1), 0.002, 0.001, 0.003);
    }

    @Test
    void dxfPointsWithTheirLayers() throws Exception {
        String dxf = "  0\nSECTION\n  2\nENTITIES\n  0\nLINE\n  8\nrail\n 10\n1\n 20\n2\n 30\n3\n"
                + "  0\nPOINT\n  8\nkick right\n 10\n-2240.0\n 20\n-431.8\n 30\n640.0\n"
                + "  0\nPOINT\n  8\n0\n 62\n7\n 10\n1\n 20\n2\n  0\nENDSEC\n  0\nEOF\n";
        List<ScanPoint> points = read("a.dxf", dxf);
        assertThat(points).hasSize(2);
        assertThat(points.get(0).name()).isEqualTo("kick right");
        isAt(points.get(0), -2.24, -0.4318, 0.64);
        isAt(points.get(1), 0.001, 0.002, 0);
    }

    @Test
    void xyzWithWhateverParts() throws Exception {
        List<ScanPoint> points = read("a.xyz", "# scan\n1 2 3\n\n4,5,6,200,200,200\n7;8;9\n");
        assertThat(points).hasSize(3);
        isAt(points.get(1), 0.004, 0.005, 0.006);
    }

    @Test
    void plyInBothForms() throws Exception {
        String header = "element vertex 2\nproperty uchar red\nproperty float x\nproperty float y\nproperty double z\n"
                + "element face 1\nproperty list uchar int vertex_indices\nend_header\n";
        List<ScanPoint> text = read("a.ply", "ply\nformat ascii 1.0\n" + header + "9 1 2 3\n9 4.5 5 6\n3 0 1 0\n");
        isAt(text.get(1), 0.0045, 0.005, 0.006);

        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(("ply\nformat binary_little_endian 1.0\n" + header).getBytes(StandardCharsets.US_ASCII));
        for (int i = 0; i < 2; i++) {
            out.write(ByteBuffer.allocate(17)
                    .order(ByteOrder.LITTLE_ENDIAN)
                    .put((byte) 9)
                    .putFloat(1 + 3.5f * i)
                    .putFloat(2 + 3 * i)
                    .putDouble(3 + 3 * i)
                    .array());
        }
        Path file = Files.write(folder.resolve("b.ply"), out.toByteArray());
        assertThat(PointFile.read(file, MM)).isEqualTo(text);

        byte[] cut = java.util.Arrays.copyOf(out.toByteArray(), out.size() - 3);
        assertThat(said("cut.ply", cut)).contains("promises 2 points, but only 1");
    }

    private String said(String name, byte[] bytes) throws IOException {
        Path file = Files.write(folder.resolve(name), bytes);
        FileFormatException bad = catchThrowableOfType(FileFormatException.class, () -> PointFile.read(file, MM));
        assertThat(bad).as("the file is refused").isNotNull();
        return Examples.WORDS.text(bad.told());
    }

    @ParameterizedTest
    @CsvSource({
        "a.csv, 'x,y\n1,2\n', no column “z”",
        "a.csv, 'x,y,z\n1,2,three\n', Line 2: “three” is not a number",
        "a.csv, 'x,y,z\n1,2\n', is not a number",
        "a.csv, '', no column",
        "a.xyz, '1 2\n', Line 1: three numbers",
        "a.xyz, '1 2 NaN\n', is not a number",
        "a.xyz, '\n', holds no points",
        "a.dxf, 'AutoBinary\n1\n', a group code is wanted",
        "a.ply, 'solid x\n', does not start as a PLY",
        "a.ply, 'ply\nformat binary_big_endian 1.0\nend_header\n', can’t be read; ascii",
        "a.ply, 'ply\nformat ascii 1.0\nelement vertex 99999999\nend_header\n', more than the",
        "a.ply, 'ply\nformat ascii 1.0\nelement vertex 1\nproperty float x\nend_header\n1\n', The vertices have no y",
        "a.ply, 'ply\nformat ascii 1.0\nelement vertex 1\nproperty list uchar int x\nend_header\n', can’t be read",
        "a.stp, 'x', is not a kind of points file"
    })
    void whatIsWrongIsNamedWithItsLine(String name, String text, String said) throws IOException {
        assertThat(said(name, text.getBytes(StandardCharsets.UTF_8))).contains(said);
    }

    @Test
    void unitsAreTheCallers() throws Exception {
        Path file = Files.writeString(folder.resolve("inches.xyz"), "10 0 0\n");
        assertThat(PointFile.read(file, 0.0254).get(0).place().getX()).isCloseTo(0.254, within(1e-12));
    }
}
