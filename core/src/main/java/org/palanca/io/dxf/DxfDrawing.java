package org.palanca.io.dxf;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.outline.Corner;
import org.palanca.io.FileFormatException;

/**
 * What an ASCII DXF file has: pairs of lines, a group code and its value. Numbers are in the file's own unit.
 *
 * @param header values of its header by their names, such as {@code $INSUNITS}
 * @param comments in their order
 * @param polylines of POLYLINE with its vertices, of LWPOLYLINE, and of LINE as one open stroke
 * @param circles whole ones
 * @param points of POINT
 * @param others what else there is, by its name: nothing of it is read
 */
public record DxfDrawing(
        Map<String, String> header,
        List<String> comments,
        List<Polyline> polylines,
        List<Circle> circles,
        List<Point> points,
        List<String> others) {
    private static final int LONGEST = 30;

    /** Closed or open, with arcs by their bulges. */
    public record Polyline(String layer, boolean closed, List<Corner> corners) {}

    /** A whole circle. */
    public record Circle(String layer, Vector2D centre, double radius) {}

    /** A place in space. */
    public record Point(String layer, double x, double y, double z) {}

    /**
     * Reads a file's text.
     *
     * @throws FileFormatException where a group code or a number is none; the line is said
     */
    public static DxfDrawing read(String text) throws FileFormatException {
        return new Reader(text).read();
    }

    /** As it may stand in a sentence, whatever is in the file. */
    private static String shown(String text) {
        String plain = text.replaceAll("\\p{Cntrl}", "·");
        return plain.length() > LONGEST ? plain.substring(0, LONGEST) + "…" : plain;
    }

    /** One entity's groups. */
    private static final class Entity {
        private final String type;
        private final List<Group> groups = new ArrayList<>();

        Entity(String type) {
            this.type = type;
        }

        Optional<Group> group(int code) {
            return groups.stream().filter(one -> one.code == code).findFirst();
        }

        String layer() {
            return group(8).map(Group::value).orElse("0");
        }

        double number(int code, double otherwise) throws FileFormatException {
            Optional<Group> found = group(code);
            return found.isPresent() ? found.get().number() : otherwise;
        }

        Vector2D place(int code) throws FileFormatException {
            return new Vector2D(number(code, 0), number(code + 10, 0));
        }

        boolean flag(int bit) throws FileFormatException {
            return ((int) number(70, 0) & bit) != 0;
        }
    }

    private record Group(int code, String value, int line) {
        double number() throws FileFormatException {
            try {
                return Double.parseDouble(value);
            } catch (NumberFormatException e) {
                throw new FileFormatException("points.number", Integer.toString(line), shown(value));
            }
        }
    }

    private static final class Reader {
        private final List<String> lines;
        private final Map<String, String> header = new HashMap<>();
        private final List<String> comments = new ArrayList<>();
        private final List<Polyline> polylines = new ArrayList<>();
        private final List<Circle> circles = new ArrayList<>();
        private final List<Point> points = new ArrayList<>();
        private final List<String> others = new ArrayList<>();
        private String section = "";

        /** The polyline whose vertices come. */
        private Optional<Entity> open = Optional.empty();

        private final List<Corner> vertices = new ArrayList<>();

        Reader(String text) {
            lines = text.lines().toList();
        }

        DxfDrawing read() throws FileFormatException {
            Entity entity = new Entity("");
            String variable = "";
            for (int i = 0; i + 1 < lines.size(); i += 2) {
                String code = lines.get(i).strip();
                String value = lines.get(i + 1).strip();
                if (!code.matches("-?\\d{1,5}")) {
                    throw new FileFormatException("points.dxf_code", Integer.toString(i + 1), shown(code));
                }
                Group group = new Group(Integer.parseInt(code), value, i + 2);
                switch (group.code) {
                    case 999 -> comments.add(value);
                    case 0 -> {
                        done(entity);
                        entity = new Entity(value);
                    }
                    case 9 -> variable = value;
                    default -> {
                        if (section.equals("HEADER")) {
                            header.putIfAbsent(variable, value);
                        }
                        if (entity.type.equals("SECTION") && group.code == 2) {
                            section = value;
                        }
                        entity.groups.add(group);
                    }
                }
            }
            done(entity);
            endPolyline();
            return new DxfDrawing(header, comments, polylines, circles, points, others);
        }

        private void done(Entity entity) throws FileFormatException {
            // What stands in a block is drawn where it is inserted, and files without sections have entities alone.
            boolean drawn = section.equals("ENTITIES") || section.isEmpty();
            if (!drawn && !entity.type.equals("SEQEND")) {
                return;
            }
            switch (entity.type) {
                case "POLYLINE" -> {
                    endPolyline();
                    open = Optional.of(entity);
                }
                case "VERTEX" -> vertices.add(new Corner(entity.place(10), entity.number(42, 0)));
                case "SEQEND" -> endPolyline();
                case "LWPOLYLINE" -> polylines.add(new Polyline(entity.layer(), entity.flag(1), corners(entity)));
                case "LINE" ->
                    polylines.add(new Polyline(
                            entity.layer(),
                            false,
                            List.of(new Corner(entity.place(10), 0), new Corner(entity.place(11), 0))));
                case "CIRCLE" -> circles.add(new Circle(entity.layer(), entity.place(10), entity.number(40, 0)));
                case "POINT" ->
                    points.add(new Point(
                            entity.layer(), entity.number(10, 0), entity.number(20, 0), entity.number(30, 0)));
                case "", "SECTION", "ENDSEC", "EOF", "TEXT", "MTEXT" -> {
                    // Nothing that is cut.
                }
                default -> others.add(entity.type);
            }
        }

        private void endPolyline() throws FileFormatException {
            if (open.isPresent()) {
                Entity entity = open.get();
                polylines.add(new Polyline(entity.layer(), entity.flag(1), List.copyOf(vertices)));
            }
            open = Optional.empty();
            vertices.clear();
        }

        /** Of an LWPOLYLINE, whose groups come in turn for each of its corners. */
        private static List<Corner> corners(Entity entity) throws FileFormatException {
            List<Corner> corners = new ArrayList<>();
            double x = Double.NaN;
            double y = Double.NaN;
            double bulge = 0;
            for (Group group : entity.groups) {
                switch (group.code) {
                    case 10 -> {
                        if (!Double.isNaN(y)) {
                            corners.add(new Corner(new Vector2D(x, y), bulge));
                        }
                        x = group.number();
                        y = Double.NaN;
                        bulge = 0;
                    }
                    case 20 -> y = group.number();
                    case 42 -> bulge = group.number();
                    default -> {
                        // Width and the rest say nothing of the place.
                    }
                }
            }
            if (!Double.isNaN(y)) {
                corners.add(new Corner(new Vector2D(x, y), bulge));
            }
            return corners;
        }
    }
}
