package org.palanca.io.shapes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.palanca.Examples;
import org.palanca.base.solid.BodyFrame;
import org.palanca.base.solid.Convex;
import org.palanca.base.solid.Gap;
import org.palanca.base.solid.Solid;
import org.palanca.io.FileFormatException;
import org.palanca.study.clearance.PartSolid;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.check.PartCheck;

/** Shapes from files, whole, holed, huge, cut off and in the wrong unit. */
class ShapeFileTest {
    @TempDir
    private Path folder;

    private Path write(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    private static String said(ShapeFile.Read read) {
        return String.join("\n", read.notes().stream().map(Examples.WORDS::text).toList());
    }

    private static FileFormatException refused(Path file) {
        FileFormatException bad =
                catchThrowableOfType(FileFormatException.class, () -> ShapeFile.read(file, ShapeFile.Unit.MM));
        assertThat(bad).as("%s is refused", file.getFileName()).isNotNull();
        return bad;
    }

    private static final String CUBE = """
            v 0 0 0
            v 100 0 0
            v 100 100 0
            v 0 100 0
            v 0 0 100
            v 100 0 100
            v 100 100 100
            v 0 100 100
            f 4 3 2 1
            f 5 6 7 8
            f 1 2 6 5
            f 2 3 7 6
            f 3 4 8 7
            """;

    @Test
    void anObjMeshIsReadInItsUnitAndClosesOrNot() throws Exception {
        ShapeFile.Read whole = ShapeFile.read(write("cube.obj", CUBE + "f 4 1 5 8\n"), ShapeFile.Unit.MM);
        Part.MeshForm mesh = (Part.MeshForm) whole.form();
        assertThat(mesh.vertices()).hasSize(8);
        assertThat(mesh.triangles()).hasSize(12);
        assertThat(mesh.vertices()).contains(new Vector3D(0.1, 0.1, 0.1));
        assertThat(whole.notes()).isEmpty();
        ShapeFile.Read open = ShapeFile.read(write("open.obj", CUBE), ShapeFile.Unit.MM);
        assertThat(said(open)).contains("does not close: 4 open edges");
        assertThat(PartCheck.openEdges((Part.MeshForm) open.form())).hasSize(4);
    }

    @Test
    void aMeshInTheWrongUnitIsNoticed() throws Exception {
        ShapeFile.Read metres = ShapeFile.read(write("cube.obj", CUBE + "f 4 1 5 8\n"), ShapeFile.Unit.M);
        assertThat(said(metres)).contains("if its unit is metres: no part is. In millimetres it would be 3 15/16 in");
        Path inch = write("small.xyz", "0 0 0\n0.004 0 0\n0 0.004 0.001\n");
        assertThat(said(ShapeFile.read(inch, ShapeFile.Unit.M))).contains("no part of a vehicle is");
    }

    @Test
    void stlIsReadInBothItsForms() throws Exception {
        String ascii = "solid tri\nfacet normal 0 0 1\nouter loop\nvertex 0 0 0\nvertex 50 0 0\nvertex 0 50 0\n"
                + "endloop\nendfacet\nendsolid\n";
        Part.MeshForm one = (Part.MeshForm)
                ShapeFile.read(write("a.stl", ascii), ShapeFile.Unit.MM).form();
        ByteBuffer buffer = ByteBuffer.allocate(84 + 50).order(ByteOrder.LITTLE_ENDIAN);
        buffer.putInt(80, 1);
        float[] numbers = {0, 0, 1, 0, 0, 0, 50, 0, 0, 0, 50, 0};
        for (int i = 0; i < numbers.length; i++) {
            buffer.putFloat(84 + 4 * i, numbers[i]);
        }
        Path binary = Files.write(folder.resolve("b.stl"), buffer.array());
        Part.MeshForm other =
                (Part.MeshForm) ShapeFile.read(binary, ShapeFile.Unit.MM).form();
        assertThat(other.vertices()).isEqualTo(one.vertices());
        assertThat(other.triangles()).isEqualTo(one.triangles());
        Path cut = Files.write(folder.resolve("c.stl"), Arrays.copyOf(buffer.array(), 100));
        assertThat(Examples.WORDS.text(refused(cut).told())).contains("was cut off");
        Path letters = write("d.stl", ascii.replace("50 0 0", "fifty 0 0"));
        assertThat(Examples.WORDS.text(refused(letters).told()))
                .contains("line 5: three numbers wanted after “vertex”, found “vertex fifty 0 0”");
    }

    /** A ball of nearly a million triangles is thinned out by so much as is said, and stays so near to what it was. */
    @Test
    void aMillionTrianglesAreThinnedOutAndTheLossIsKept() throws Exception {
        int rings = 480;
        ByteBuffer buffer = ByteBuffer.allocate(84 + 50 * 4 * rings * rings).order(ByteOrder.LITTLE_ENDIAN);
        int count = 0;
        for (int i = 0; i < rings; i++) {
            for (int j = 0; j < 2 * rings; j++) {
                int[][] corners = {{0, 0, 1, 0, 1, 1}, {0, 0, 1, 1, 0, 1}};
                for (int[] c : corners) {
                    int at = 84 + 50 * count + 12;
                    for (int k = 0; k < 3; k++) {
                        double down = Math.PI * (i + c[2 * k]) / rings;
                        double round = Math.PI * (j + c[2 * k + 1]) / rings;
                        buffer.putFloat(at + 12 * k, (float) (200 * Math.sin(down) * Math.cos(round)));
                        buffer.putFloat(at + 12 * k + 4, (float) (200 * Math.sin(down) * Math.sin(round)));
                        buffer.putFloat(at + 12 * k + 8, (float) (200 * Math.cos(down)));
                    }
                    count++;
                }
            }
        }
        buffer.putInt(80, count);
        ShapeFile.Read read =
                ShapeFile.read(Files.write(folder.resolve("ball.stl"), buffer.array()), ShapeFile.Unit.MM);
        Part.MeshForm mesh = (Part.MeshForm) read.form();
        assertThat(count).isGreaterThan(900_000);
        assertThat(mesh.triangles()).hasSizeLessThanOrEqualTo(MeshThinning.MOST_TRIANGLES);
        assertThat(said(read)).contains("Thinned out from " + count);
        Solid ball = PartSolid.of(mesh, Vector3D.ZERO);
        Solid probe = Solid.of(List.of(Convex.ball(new Vector3D(0.31, 0.02, 0.05), 0.01)));
        double gap = new Gap().between(ball, new BodyFrame(), probe, new BodyFrame());
        double exact = new Vector3D(0.31, 0.02, 0.05).getNorm() - 0.2 - 0.01;
        assertThat(gap).as("never more room than there is").isLessThan(exact + 1e-6);
        assertThat(gap).isCloseTo(exact, within(2.5 * mesh.off()));
    }

    @Test
    void aDxfOutlineIsDrawnOutAndACrossedOneRefused() throws Exception {
        Path good = write("plate.dxf", dxf(new double[][] {{0, 0}, {120, 0}, {120, 80}, {60, 40}, {0, 80}}));
        Part.OutlineForm form =
                (Part.OutlineForm) ShapeFile.read(good, ShapeFile.Unit.MM).form();
        assertThat(form.outline()).hasSize(5);
        assertThat(form.to() - form.from()).isCloseTo(0.00635, within(1e-9));
        Path crossed = write("bow.dxf", dxf(new double[][] {{0, 0}, {100, 100}, {100, 0}, {0, 100}}));
        assertThat(Examples.WORDS.text(refused(crossed).told())).contains("crosses itself");
        assertThat(Examples.WORDS.text(refused(write("none.dxf", "0\nEOF\n")).told()))
                .contains("no polyline of three corners");
    }

    private static String dxf(double[][] corners) {
        StringBuilder text = new StringBuilder("0\nSECTION\n2\nENTITIES\n0\nPOLYLINE\n8\n0\n66\n1\n70\n1\n");
        for (double[] corner : corners) {
            text.append("0\nVERTEX\n8\n0\n10\n")
                    .append(corner[0])
                    .append("\n20\n")
                    .append(corner[1])
                    .append('\n');
        }
        return text.append("0\nSEQEND\n0\nENDSEC\n0\nEOF\n").toString();
    }

    @Test
    void pointsOfAScanBecomeBalls() throws Exception {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < 40_000; i++) {
            text.append(i % 200).append(' ').append(i / 200).append(" 0\n");
        }
        ShapeFile.Read read = ShapeFile.read(write("scan.xyz", text.toString()), ShapeFile.Unit.MM);
        Part.PointsForm form = (Part.PointsForm) read.form();
        assertThat(form.points()).hasSizeBetween(500, MeshThinning.MOST_POINTS);
        assertThat(said(read)).contains("40000 points, " + form.points().size() + " kept");
        assertThat(Examples.WORDS.text(refused(write("bad.obj", "f 1 2 9\n")).told()))
                .contains("OBJ");
        assertThat(Examples.WORDS.text(refused(write("shape.step", "x")).told()))
                .contains("not a kind of points file");
    }
}
