package org.palanca.io.points;

import java.io.IOException;
import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.floor.scan.ScanPoint;
import org.palanca.io.FileFormatException;
import org.palanca.io.dxf.DxfDrawing;

/**
 * Reads points. The unit is the caller's to state, for none of these formats carries one that can be trusted.
 *
 * <ul>
 *   <li>CSV: columns {@code x}, {@code y}, {@code z} and, if there, {@code name}, by their heading, in any order.
 *   <li>DXF: the POINT entities of an ASCII file, named by their layer unless that is 0.
 *   <li>XYZ: three numbers a line; what follows on the line is left out. # starts a comment.
 *   <li>PLY: the vertices of an ASCII or binary little-endian file, format 1.0.
 * </ul>
 */
public final class PointFile {
    private static final int MOST = 5_000_000;
    private static final Map<String, Integer> SIZES = sizes();

    private PointFile() {}

    /**
     * Reads a file by its ending.
     *
     * @param unit one unit of the file [m]
     * @throws FileFormatException naming the line and what is wrong there
     * @throws IOException when it can't be read at all
     */
    public static List<ScanPoint> read(Path file, double unit) throws FileFormatException, IOException {
        byte[] bytes = Files.readAllBytes(file);
        String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
        List<ScanPoint> points;
        if (name.endsWith(".csv")) {
            points = csv(text(bytes), unit);
        } else if (name.endsWith(".dxf")) {
            points = dxf(text(bytes), unit);
        } else if (name.endsWith(".ply")) {
            points = ply(bytes, unit);
        } else if (name.endsWith(".xyz") || name.endsWith(".txt")) {
            points = xyz(text(bytes), unit);
        } else {
            throw new FileFormatException("points.unknown", name);
        }
        if (points.isEmpty()) {
            throw new FileFormatException("points.none", name);
        }
        return points;
    }

    private static String text(byte[] bytes) {
        return new String(bytes, StandardCharsets.UTF_8).replace("\uFEFF", "");
    }

    private static List<ScanPoint> csv(String text, double unit) throws FileFormatException, IOException {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        List<ScanPoint> points = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            for (String column : List.of("x", "y", "z")) {
                if (parser.getHeaderNames().stream().noneMatch(column::equalsIgnoreCase)) {
                    throw new FileFormatException("points.column", column);
                }
            }
            for (CSVRecord line : parser) {
                String at = Long.toString(parser.getCurrentLineNumber());
                Vector3D place =
                        new Vector3D(csvNumber(line, "x", at), csvNumber(line, "y", at), csvNumber(line, "z", at));
                String name = line.isMapped("name") && line.isSet("name") ? line.get("name") : "";
                points.add(new ScanPoint(name, place.scalarMultiply(unit)));
            }
        } catch (IllegalArgumentException e) {
            throw new FileFormatException("points.csv", String.valueOf(e.getMessage()));
        }
        return points;
    }

    private static double csvNumber(CSVRecord line, String column, String at) throws FileFormatException {
        if (!line.isSet(column)) {
            throw new FileFormatException("points.number", at, "");
        }
        return number(line.get(column), at);
    }

    private static double number(String text, String line) throws FileFormatException {
        try {
            double value = Double.parseDouble(text.strip());
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException e) {
            // Said below.
        }
        throw new FileFormatException("points.number", line, text.length() > 30 ? text.substring(0, 30) + "…" : text);
    }

    private static List<ScanPoint> dxf(String text, double unit) throws FileFormatException {
        return DxfDrawing.read(text).points().stream()
                .map(point -> new ScanPoint(
                        point.layer().equals("0") ? "" : point.layer(),
                        new Vector3D(point.x(), point.y(), point.z()).scalarMultiply(unit)))
                .toList();
    }

    private static List<ScanPoint> xyz(String text, double unit) throws FileFormatException {
        List<ScanPoint> points = new ArrayList<>();
        int number = 0;
        for (String line : text.lines().toList()) {
            number++;
            String plain = line.replaceFirst("#.*", "")
                    .replace(',', ' ')
                    .replace(';', ' ')
                    .strip();
            if (plain.isEmpty()) {
                continue;
            }
            String[] fields = plain.split("\\s+");
            if (fields.length < 3) {
                throw new FileFormatException("points.three", Integer.toString(number));
            }
            String at = Integer.toString(number);
            points.add(new ScanPoint(
                    "",
                    new Vector3D(number(fields[0], at), number(fields[1], at), number(fields[2], at))
                            .scalarMultiply(unit)));
        }
        return points;
    }

    private static Map<String, Integer> sizes() {
        Map<String, Integer> sizes = new TreeMap<>();
        for (String one : List.of("char", "uchar", "int8", "uint8")) {
            sizes.put(one, 1);
        }
        for (String two : List.of("short", "ushort", "int16", "uint16")) {
            sizes.put(two, 2);
        }
        for (String four : List.of("int", "uint", "int32", "uint32", "float", "float32")) {
            sizes.put(four, 4);
        }
        for (String eight : List.of("double", "float64")) {
            sizes.put(eight, 8);
        }
        return sizes;
    }

    /** What a PLY header says of its vertices. */
    private record Vertices(boolean binary, int count, List<String> types, List<String> names, int body) {
        int offset(String axis) throws FileFormatException {
            int offset = 0;
            for (int i = 0; i < names.size(); i++) {
                if (names.get(i).equals(axis)) {
                    return offset;
                }
                offset += Objects.requireNonNull(SIZES.get(types.get(i)), types.get(i));
            }
            throw new FileFormatException("points.ply_axis", axis);
        }

        int size() {
            return types.stream().mapToInt(SIZES::get).sum();
        }

        double value(ByteBuffer buffer, int at, String axis) throws FileFormatException {
            String type = types.get(names.indexOf(axis));
            int offset = at + offset(axis);
            return switch (type) {
                case "float", "float32" -> buffer.getFloat(offset);
                case "double", "float64" -> buffer.getDouble(offset);
                case "int", "int32" -> buffer.getInt(offset);
                case "short", "int16" -> buffer.getShort(offset);
                default -> throw new FileFormatException("points.ply_type", type, axis);
            };
        }
    }

    private static List<ScanPoint> ply(byte[] bytes, double unit) throws FileFormatException {
        Vertices vertices = header(bytes);
        for (String axis : List.of("x", "y", "z")) {
            vertices.offset(axis);
        }
        return vertices.binary() ? plyBinary(bytes, vertices, unit) : plyText(bytes, vertices, unit);
    }

    private static Vertices header(byte[] bytes) throws FileFormatException {
        String start = new String(bytes, 0, Math.min(bytes.length, 16_384), StandardCharsets.US_ASCII);
        int end = start.indexOf("end_header");
        if (!start.startsWith("ply") || end < 0) {
            throw new FileFormatException("points.ply_header");
        }
        int body = start.indexOf('\n', end) + 1;
        boolean binary = false;
        int count = 0;
        Optional<String> element = Optional.empty();
        List<String> types = new ArrayList<>();
        List<String> names = new ArrayList<>();
        for (String line : start.substring(0, end).lines().toList()) {
            String[] words = line.strip().split("\\s+");
            if (words[0].equals("format")) {
                binary = words[1].equals("binary_little_endian");
                if (!binary && !words[1].equals("ascii")) {
                    throw new FileFormatException("points.ply_format", words[1]);
                }
            } else if (words[0].equals("element") && words.length > 2) {
                if (element.isEmpty() && !words[1].equals("vertex")) {
                    throw new FileFormatException("points.ply_order", words[1]);
                }
                element = Optional.of(words[1]);
                count = words[1].equals("vertex") ? count(words[2]) : count;
            } else if (words[0].equals("property") && element.equals(Optional.of("vertex"))) {
                if (words.length != 3 || !SIZES.containsKey(words[1])) {
                    throw new FileFormatException("points.ply_property", line.strip());
                }
                types.add(words[1]);
                names.add(words[2]);
            }
        }
        return new Vertices(binary, count, types, names, body);
    }

    private static int count(String word) throws FileFormatException {
        if (!word.matches("\\d{1,9}") || Integer.parseInt(word) > MOST) {
            throw new FileFormatException("points.too_many", word, Integer.toString(MOST));
        }
        return Integer.parseInt(word);
    }

    private static List<ScanPoint> plyBinary(byte[] bytes, Vertices vertices, double unit) throws FileFormatException {
        long needed = vertices.body() + (long) vertices.size() * vertices.count();
        if (needed > bytes.length) {
            long there = (bytes.length - vertices.body()) / Math.max(1, vertices.size());
            throw new FileFormatException("points.short", Integer.toString(vertices.count()), Long.toString(there));
        }
        ByteBuffer buffer = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        List<ScanPoint> points = new ArrayList<>(vertices.count());
        for (int i = 0; i < vertices.count(); i++) {
            int at = vertices.body() + i * vertices.size();
            points.add(new ScanPoint(
                    "",
                    new Vector3D(
                                    vertices.value(buffer, at, "x"),
                                    vertices.value(buffer, at, "y"),
                                    vertices.value(buffer, at, "z"))
                            .scalarMultiply(unit)));
        }
        return points;
    }

    private static List<ScanPoint> plyText(byte[] bytes, Vertices vertices, double unit) throws FileFormatException {
        String all = text(bytes);
        List<String> lines = all.lines().toList();
        int first = lines.indexOf("end_header") + 1;
        List<ScanPoint> points = new ArrayList<>(vertices.count());
        for (int i = 0; i < vertices.count(); i++) {
            if (first + i >= lines.size()) {
                throw new FileFormatException("points.short", Integer.toString(vertices.count()), Integer.toString(i));
            }
            String[] fields = lines.get(first + i).strip().split("\\s+");
            String at = Integer.toString(first + i + 1);
            if (fields.length < vertices.names().size()) {
                throw new FileFormatException("points.three", at);
            }
            points.add(new ScanPoint(
                    "",
                    new Vector3D(
                                    number(fields[vertices.names().indexOf("x")], at),
                                    number(fields[vertices.names().indexOf("y")], at),
                                    number(fields[vertices.names().indexOf("z")], at))
                            .scalarMultiply(unit)));
        }
        return points;
    }
}
