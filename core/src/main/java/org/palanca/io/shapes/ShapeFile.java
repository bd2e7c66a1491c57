package org.palanca.io.shapes;

import de.javagl.obj.Obj;
import de.javagl.obj.ObjReader;
import de.javagl.obj.ObjUtils;
import java.io.IOException;
import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.outline.Outline;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.floor.scan.ScanPoint;
import org.palanca.io.FileFormatException;
import org.palanca.io.dxf.DxfDrawing;
import org.palanca.io.points.PointFile;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.check.PartCheck;
import org.palanca.vehicle.survey.Axis;

/**
 * Reads a shape by its file's ending: OBJ and STL (ASCII or binary) as skins, DXF (a closed POLYLINE or LWPOLYLINE of an ASCII
 * file) as an outline to be drawn out along the vehicle's left, XYZ, PLY and CSV as points. None of these formats carries a
 * unit that can be trusted: it is the caller's to state, and a size that no vehicle part has is said.
 */
public final class ShapeFile {
    private static final long LARGEST = 512L << 20;
    private static final int STL_HEADER = 84;
    private static final int STL_TRIANGLE = 50;

    /** Larger than this no part of a vehicle is [m], smaller than that none either. */
    private static final double TOO_LARGE = 12;

    private static final double TOO_SMALL = 0.01;

    /** How thick an outline is drawn out at first [m]: 1/4 in plate. */
    private static final double PLATE = Lengths.inches(0.25);

    /** Chords stray so far from arcs [m]. */
    private static final double STRAY = 2e-4;

    private ShapeFile() {}

    /** What one unit of a file stands for. */
    public enum Unit {
        MM(0.001),
        INCH(Lengths.INCH),
        M(1);

        private final double metres;

        Unit(double metres) {
            this.metres = metres;
        }

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        public double metres() {
            return metres;
        }
    }

    /**
     * A shape as read.
     *
     * @param notes what the user should know of it: thinned out, does not close, looks to be in another unit
     */
    public record Read(Part.Form form, List<Message> notes) {
        public Read {
            notes = List.copyOf(notes);
        }
    }

    /**
     * Reads a file.
     *
     * @param unit what one unit of it stands for
     * @throws FileFormatException naming what is wrong with its contents
     * @throws IOException when it can't be read at all
     */
    public static Read read(Path file, Unit unit) throws IOException, FileFormatException {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (Files.size(file) > LARGEST) {
            throw bad("shape.too_large", file.getFileName());
        }
        if (name.endsWith(".obj")) {
            return mesh(obj(file, unit.metres()), unit, file);
        }
        if (name.endsWith(".stl")) {
            return mesh(stl(file, unit.metres()), unit, file);
        }
        if (name.endsWith(".dxf")) {
            return outline(file, unit);
        }
        return points(file, unit);
    }

    private static FileFormatException bad(String key, Object... arguments) {
        Object[] texts = new Object[arguments.length];
        for (int i = 0; i < texts.length; i++) {
            texts[i] = arguments[i] instanceof Message ? arguments[i] : arguments[i].toString();
        }
        return new FileFormatException(Message.of(key, texts));
    }

    private record Skin(List<Vector3D> vertices, List<Part.MeshForm.Triangle> triangles) {}

    private static Read mesh(Skin skin, Unit unit, Path file) throws FileFormatException {
        if (skin.triangles().isEmpty()) {
            throw bad("shape.no_triangles", file.getFileName());
        }
        List<Message> notes = new ArrayList<>();
        size(skin.vertices(), unit).ifPresent(notes::add);
        Part.MeshForm form = MeshThinning.mesh(skin.vertices(), skin.triangles());
        if (form.off() > 0) {
            notes.add(Message.of(
                    "shape.thinned",
                    Integer.toString(skin.triangles().size()),
                    Integer.toString(form.triangles().size()),
                    Message.fine(form.off())));
        }
        Part probe = new Part(file.getFileName().toString(), BodyName.FRAME, Part.Kind.FIXED, form);
        PartCheck.doubt(probe).ifPresent(notes::add);
        return new Read(form, notes);
    }

    private static Skin obj(Path file, double scale) throws IOException, FileFormatException {
        Obj obj;
        try {
            obj = ObjUtils.triangulate(
                    ObjReader.read(new StringReader(Files.readString(file, StandardCharsets.UTF_8))));
        } catch (IndexOutOfBoundsException | IllegalArgumentException e) {
            throw bad("shape.bad_obj", file.getFileName(), String.valueOf(e.getMessage()));
        }
        List<Vector3D> vertices = new ArrayList<>();
        for (int i = 0; i < obj.getNumVertices(); i++) {
            vertices.add(new Vector3D(
                            obj.getVertex(i).getX(),
                            obj.getVertex(i).getY(),
                            obj.getVertex(i).getZ())
                    .scalarMultiply(scale));
        }
        List<Part.MeshForm.Triangle> triangles = new ArrayList<>();
        for (int i = 0; i < obj.getNumFaces(); i++) {
            int[] corner = new int[3];
            for (int k = 0; k < 3; k++) {
                corner[k] = obj.getFace(i).getVertexIndex(k);
                if (corner[k] < 0 || corner[k] >= vertices.size()) {
                    throw bad("shape.bad_obj", file.getFileName(), "face " + (i + 1));
                }
            }
            triangles.add(new Part.MeshForm.Triangle(corner[0], corner[1], corner[2]));
        }
        return new Skin(vertices, triangles);
    }

    private static Skin stl(Path file, double scale) throws IOException, FileFormatException {
        byte[] bytes = Files.readAllBytes(file);
        if (bytes.length >= STL_HEADER) {
            ByteBuffer buffer = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
            long count = Integer.toUnsignedLong(buffer.getInt(STL_HEADER - 4));
            if (STL_HEADER + count * STL_TRIANGLE == bytes.length) {
                return binary(buffer, (int) count, scale);
            }
        }
        String text = new String(bytes, StandardCharsets.UTF_8);
        if (!text.stripLeading().startsWith("solid")) {
            throw bad("shape.cut_stl", file.getFileName());
        }
        return ascii(text, file, scale);
    }

    private static Skin binary(ByteBuffer buffer, int count, double scale) {
        List<Vector3D> vertices = new ArrayList<>();
        List<Part.MeshForm.Triangle> triangles = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int at = STL_HEADER + i * STL_TRIANGLE + 12;
            for (int k = 0; k < 3; k++) {
                vertices.add(new Vector3D(
                                buffer.getFloat(at + 12 * k),
                                buffer.getFloat(at + 12 * k + 4),
                                buffer.getFloat(at + 12 * k + 8))
                        .scalarMultiply(scale));
            }
            triangles.add(new Part.MeshForm.Triangle(3 * i, 3 * i + 1, 3 * i + 2));
        }
        return new Skin(vertices, triangles);
    }

    private static Skin ascii(String text, Path file, double scale) throws FileFormatException {
        List<Vector3D> vertices = new ArrayList<>();
        List<Part.MeshForm.Triangle> triangles = new ArrayList<>();
        int line = 0;
        for (String raw : text.split("\n")) {
            line++;
            String[] words = raw.strip().split("\\s+");
            if (!words[0].equals("vertex")) {
                continue;
            }
            try {
                vertices.add(new Vector3D(
                                Double.parseDouble(words[1]),
                                Double.parseDouble(words[2]),
                                Double.parseDouble(words[3]))
                        .scalarMultiply(scale));
            } catch (NumberFormatException | ArrayIndexOutOfBoundsException e) {
                throw bad("shape.bad_line", file.getFileName(), Integer.toString(line), raw.strip());
            }
        }
        for (int i = 0; i + 2 < vertices.size(); i += 3) {
            triangles.add(new Part.MeshForm.Triangle(i, i + 1, i + 2));
        }
        return new Skin(vertices, triangles);
    }

    private static Read points(Path file, Unit unit) throws IOException, FileFormatException {
        List<Vector3D> places = PointFile.read(file, unit.metres()).stream()
                .map(ScanPoint::place)
                .toList();
        List<Message> notes = new ArrayList<>();
        size(places, unit).ifPresent(notes::add);
        Part.PointsForm form = MeshThinning.points(places);
        notes.add(Message.of(
                "shape.points",
                Integer.toString(places.size()),
                Integer.toString(form.points().size()),
                Message.fine(form.radius())));
        return new Read(form, notes);
    }

    /** A size that no part of a vehicle has, and the unit that would make it one. */
    private static Optional<Message> size(List<Vector3D> places, Unit unit) {
        double size = 0;
        for (int k = 0; k < 3; k++) {
            int axis = k;
            double low =
                    places.stream().mapToDouble(at -> at.toArray()[axis]).min().orElse(0);
            double high =
                    places.stream().mapToDouble(at -> at.toArray()[axis]).max().orElse(0);
            size = Math.max(size, high - low);
        }
        if (size >= TOO_SMALL && size <= TOO_LARGE) {
            return Optional.empty();
        }
        for (Unit other : Unit.values()) {
            double then = size / unit.metres() * other.metres();
            if (then >= 4 * TOO_SMALL && then <= TOO_LARGE / 2) {
                return Optional.of(Message.of(
                        "shape.wrong_unit",
                        Message.length(size),
                        Message.of("unit." + unit.id()),
                        Message.of("unit." + other.id()),
                        Message.length(then)));
            }
        }
        return Optional.of(Message.of("shape.odd_size", Message.length(size)));
    }

    /** The polyline of a DXF file that encloses most, in the side view: its x forward, its y up. */
    private static Read outline(Path file, Unit unit) throws IOException, FileFormatException {
        Outline best = DxfDrawing.read(Files.readString(file, StandardCharsets.ISO_8859_1)).polylines().stream()
                .filter(line -> line.corners().size() > 2)
                .map(line -> new Outline(line.corners()))
                .max(Comparator.comparingDouble(line -> Math.abs(line.area())))
                .orElseThrow(() -> bad("shape.no_outline", file.getFileName()));
        List<Part.OutlineForm.Corner> corners = new ArrayList<>();
        List<Vector3D> places = new ArrayList<>();
        for (Vector2D at : best.points(STRAY / unit.metres())) {
            double x = Quantity.LENGTH.onGrid(at.getX() * unit.metres());
            double y = Quantity.LENGTH.onGrid(at.getY() * unit.metres());
            corners.add(new Part.OutlineForm.Corner(x, y));
            places.add(new Vector3D(x, 0, y));
        }
        if (corners.get(0).equals(corners.get(corners.size() - 1))) {
            corners.remove(corners.size() - 1);
        }
        List<Message> notes = new ArrayList<>();
        size(places, unit).ifPresent(notes::add);
        Part.OutlineForm form = new Part.OutlineForm(Axis.LEFT, corners, -PLATE / 2, PLATE / 2);
        Part probe = new Part(file.getFileName().toString(), BodyName.FRAME, Part.Kind.FIXED, form);
        Optional<Message> fault = PartCheck.fault(probe, List.of());
        if (fault.isPresent()) {
            throw new FileFormatException(fault.get());
        }
        return new Read(form, notes);
    }
}
