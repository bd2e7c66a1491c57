package org.palanca.io.plate;

import java.io.IOException;
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
import java.util.Set;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.palanca.base.geometry.Side;
import org.palanca.base.outline.Bounds;
import org.palanca.base.outline.Corner;
import org.palanca.base.outline.Outline;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.floor.plate.FlatPart;
import org.palanca.floor.plate.Opening;
import org.palanca.floor.plate.Plate;
import org.palanca.io.FileFormatException;
import org.palanca.io.dxf.DxfDrawing;

/**
 * A cut table that cuts nothing: it reads the files of a folder as a shop's table would, with nothing but what stands in them, works
 * out where the torch would go, and refuses what would be cut wrong by what the vehicle takes today.
 */
public final class CutTable {
    private static final Set<String> LAYERS = Set.of(PlateDxf.CUT, PlateDxf.BEND, PlateDxf.MARK);

    /** Files say lengths to this [m]. */
    private static final double SAME = 2e-5;

    /** Chords stray so far from arcs where a torch is drawn [m]. */
    private static final double STRAY = 5e-6;

    private static final double PART = 1e-3;
    private static final GeometryFactory JTS = new GeometryFactory();

    private final List<Plate> plates;
    private final Bed bed;

    private CutTable(List<Plate> plates, Bed bed) {
        this.plates = plates;
        this.bed = bed;
    }

    /**
     * What it cuts on.
     *
     * @param width of the sheet [m]
     * @param height of the sheet [m]
     * @param kerf that the cut takes [m]
     * @param lead from where it pierces to the edge [m]
     */
    public record Bed(double width, double height, double kerf, double lead) {
        /** An ordinary half sheet and a plasma's kerf: common practice, no source. */
        public static final Bed USUAL =
                new Bed(Lengths.inches(48), Lengths.inches(24), Lengths.inches(0.06), Lengths.inches(0.125));

        /** Whether there can be such a one. */
        public boolean possible() {
            return width > 0 && height > 0 && lead >= 0 && kerf >= 0 && kerf < Math.min(width, height);
        }
    }

    /**
     * Once round with the torch.
     *
     * @param hole whether it cuts a hole
     * @param path of the middle of the kerf, closed [m]
     * @param pierced where it begins: off the path by the lead [m]
     */
    public record Torch(boolean hole, List<Vector2D> path, Vector2D pierced) {
        public Torch {
            path = List.copyOf(path);
        }
    }

    /**
     * A file on the table.
     *
     * @param file its name
     * @param mark as its title says; empty text where it says none
     * @param plate of the vehicle that it claims to be; empty where there is none of that number and hand
     * @param drawn outlines as they are in the file [m]
     * @param torches where it would cut, holes first
     * @param refused why it is not cut; empty where it is
     */
    public record Job(
            String file,
            String mark,
            Optional<Plate> plate,
            List<Outline> drawn,
            List<Torch> torches,
            List<Message> refused) {
        public Job {
            drawn = List.copyOf(drawn);
            torches = List.copyOf(torches);
            refused = List.copyOf(refused);
        }

        Job refusedFor(Message more) {
            List<Message> all = new ArrayList<>(refused);
            all.add(more);
            return new Job(file, mark, plate, drawn, torches, all);
        }
    }

    /**
     * Every DXF file of a folder by its name, or the one file that is given.
     *
     * @param plates that the vehicle takes today
     * @throws IOException where the folder can't be read
     */
    public static List<Job> look(Path place, List<Plate> plates, Bed bed) throws IOException {
        CutTable table = new CutTable(plates, bed);
        List<Job> jobs = new ArrayList<>();
        for (Path file : files(place)) {
            jobs.add(table.job(file.getFileName().toString(), Files.readString(file, StandardCharsets.ISO_8859_1)));
        }
        return table.counted(jobs);
    }

    private static List<Path> files(Path place) throws IOException {
        if (!Files.isDirectory(place)) {
            return List.of(place);
        }
        try (Stream<Path> all = Files.list(place)) {
            return all.filter(file -> file.getFileName()
                            .toString()
                            .toLowerCase(Locale.ROOT)
                            .endsWith(".dxf"))
                    .sorted()
                    .toList();
        }
    }

    // --- One file ---

    private Job job(String name, String text) {
        DxfDrawing drawing;
        try {
            drawing = DxfDrawing.read(text);
        } catch (FileFormatException e) {
            return new Job(name, "", Optional.empty(), List.of(), List.of(), List.of(e.told()));
        }
        List<Message> refused = new ArrayList<>();
        Map<String, String> title = title(drawing);
        Optional<Plate> plate = plate(title);
        double unit = unit(drawing, title, refused);
        List<Outline> drawn = outlines(drawing, unit, refused);
        if (drawn.isEmpty()) {
            refused.add(Message.of("table.nothing"));
            return new Job(name, mark(title), plate, drawn, List.of(), refused);
        }
        judge(title, plate, drawn, refused);
        List<Torch> torches = torches(drawn, refused);
        return new Job(name, mark(title), plate, drawn, torches, refused);
    }

    private static Map<String, String> title(DxfDrawing drawing) {
        Map<String, String> title = new HashMap<>();
        for (String comment : drawing.comments()) {
            int colon = comment.indexOf(": ");
            if (comment.startsWith(PlateDxf.TITLE) && colon > 0) {
                title.putIfAbsent(comment.substring(PlateDxf.TITLE.length(), colon), comment.substring(colon + 2));
            }
        }
        return title;
    }

    private static String mark(Map<String, String> title) {
        String hand = side(title).map(side -> side == Side.LEFT ? "-L" : "-R").orElse("");
        return title.containsKey("number") ? title.get("number") + hand + " " + title.getOrDefault("revision", "") : "";
    }

    private static Optional<Side> side(Map<String, String> title) {
        return Arrays.stream(Side.values())
                .filter(side -> side.id().equals(title.get("hand")))
                .findFirst();
    }

    private Optional<Plate> plate(Map<String, String> title) {
        return plates.stream()
                .filter(plate -> plate.number().equals(title.get("number"))
                        && plate.hand().equals(side(title)))
                .findFirst();
    }

    /** What a unit of it stands for [m]: a table that has to guess cuts 25 times too large. */
    private static double unit(DxfDrawing drawing, Map<String, String> title, List<Message> refused) {
        String code = drawing.header().getOrDefault("$INSUNITS", "");
        for (PlateUnit unit : PlateUnit.values()) {
            if (code.equals(Integer.toString(unit.code()))) {
                if (title.containsKey("units") && !unit.id().equals(title.get("units"))) {
                    refused.add(Message.of("table.two_units", Message.of("unit." + unit.id()), title.get("units")));
                }
                return unit.metres();
            }
        }
        refused.add(Message.of("table.no_unit"));
        return PlateUnit.MM.metres();
    }

    private static List<Outline> outlines(DxfDrawing drawing, double unit, List<Message> refused) {
        List<Outline> drawn = new ArrayList<>();
        for (DxfDrawing.Polyline line : drawing.polylines()) {
            if (!LAYERS.contains(line.layer())) {
                refused.add(Message.of("table.layer", line.layer()));
            } else if (line.layer().equals(PlateDxf.CUT)) {
                if (line.corners().size() < 2 || !line.closed()) {
                    refused.add(Message.of("table.open", Message.fine(gap(line, unit))));
                } else {
                    drawn.add(outline(line, unit));
                }
            }
        }
        for (DxfDrawing.Circle circle : drawing.circles()) {
            if (circle.layer().equals(PlateDxf.CUT)) {
                drawn.add(Outline.circle(circle.centre().scalarMultiply(unit), circle.radius() * unit));
            } else if (!LAYERS.contains(circle.layer())) {
                refused.add(Message.of("table.layer", circle.layer()));
            }
        }
        drawing.others().stream().distinct().forEach(other -> refused.add(Message.of("table.other", other)));
        return drawn;
    }

    private static double gap(DxfDrawing.Polyline line, double unit) {
        return line.corners().isEmpty()
                ? 0
                : unit
                        * Vector2D.distance(
                                line.corners().get(0).at(),
                                line.corners().get(line.corners().size() - 1).at());
    }

    /** Counter-clockwise, as ours are. */
    private static Outline outline(DxfDrawing.Polyline line, double unit) {
        Outline read = new Outline(line.corners().stream()
                .map(corner -> new Corner(corner.at().scalarMultiply(unit), corner.bulge()))
                .toList());
        return read.area() < 0 ? turned(read) : read;
    }

    private static Outline turned(Outline outline) {
        List<Corner> corners = outline.corners();
        List<Corner> all = new ArrayList<>();
        for (int i = corners.size() - 1; i >= 0; i--) {
            int next = (i + 1) % corners.size();
            all.add(new Corner(corners.get(next).at(), -corners.get(i).bulge()));
        }
        return new Outline(all);
    }

    // --- What would be cut wrong ---

    private void judge(Map<String, String> title, Optional<Plate> known, List<Outline> drawn, List<Message> refused) {
        if (!title.containsKey("number")) {
            refused.add(Message.of("table.no_title"));
            return;
        }
        if (known.isEmpty()) {
            refused.add(plates.stream()
                    .filter(plate -> plate.number().equals(title.get("number")))
                    .findFirst()
                    .map(plate -> Message.of("table.old", mark(title), plate.mark()))
                    .orElseGet(() -> Message.of("table.unknown", mark(title))));
            return;
        }
        Plate plate = known.get();
        boolean today = plate.fingerprint().equals(title.get("fingerprint"));
        if (!today || !plate.revision().equals(title.get("revision"))) {
            refused.add(Message.of("table.old", mark(title), plate.mark()));
        }
        if (!Integer.toString(plate.count()).equals(title.get("count"))) {
            refused.add(Message.of(
                    "table.count", title.getOrDefault("count", "?"), plate.mark(), Integer.toString(plate.count())));
        }
        if (today) {
            shape(plate.flat(), drawn, refused);
        }
        for (Opening hole : plate.flat().openings()) {
            double least = drawn.stream()
                    .filter(one -> one.contains(hole.centre()))
                    .mapToDouble(
                            one -> Math.min(one.bounds().width(), one.bounds().height()))
                    .min()
                    .orElse(0);
            if (least < hole.bolt() - SAME) {
                refused.add(Message.of("table.hole", Message.fine(least), Message.fine(hole.bolt())));
            }
        }
    }

    /** Whether the drawing is that which its fingerprint was taken of. */
    private static void shape(FlatPart flat, List<Outline> drawn, List<Message> refused) {
        Outline outer = outer(drawn);
        Bounds here = outer.bounds();
        Bounds wanted = flat.outline().bounds();
        double across = here.width() / wanted.width();
        double up = here.height() / wanted.height();
        if (Math.abs(across - 1) > PART || Math.abs(up - 1) > PART) {
            refused.add(Message.of(
                    "table.scale",
                    Message.length(here.width()),
                    Message.length(here.height()),
                    Message.length(wanted.width()),
                    Message.length(wanted.height()),
                    String.format(Locale.ROOT, "%.2f", across)));
            return;
        }
        boolean same = outer.congruent(flat.outline(), SAME)
                && drawn.size() == flat.openings().size() + 1;
        for (Opening hole : flat.openings()) {
            same &= drawn.stream().anyMatch(one -> sameHole(one, hole));
        }
        if (!same) {
            refused.add(Message.of("table.shape"));
        }
    }

    private static boolean sameHole(Outline drawn, Opening hole) {
        Bounds here = drawn.bounds();
        Bounds there = hole.outline().bounds();
        return Math.abs(here.left() - there.left()) < SAME
                && Math.abs(here.right() - there.right()) < SAME
                && Math.abs(here.bottom() - there.bottom()) < SAME
                && Math.abs(here.top() - there.top()) < SAME;
    }

    private static Outline outer(List<Outline> drawn) {
        return drawn.stream()
                .reduce((one, other) -> one.area() >= other.area() ? one : other)
                .orElseThrow();
    }

    /** Every pair of hands has both, and nothing lies there twice. */
    private List<Job> counted(List<Job> jobs) {
        List<Job> all = new ArrayList<>();
        for (Job job : jobs) {
            Job told = job;
            if (job.plate().isPresent()) {
                Plate plate = job.plate().get();
                long alike = jobs.stream()
                        .filter(other -> other.plate().filter(plate::equals).isPresent())
                        .count();
                boolean paired = plate.hand().isEmpty()
                        || jobs.stream()
                                .anyMatch(other -> other.plate()
                                        .filter(one -> one.number().equals(plate.number())
                                                && !one.hand().equals(plate.hand()))
                                        .isPresent());
                if (alike > 1) {
                    told = told.refusedFor(Message.of("table.twice", plate.mark()));
                }
                if (!paired) {
                    told = told.refusedFor(Message.of(
                            "table.one_hand",
                            plate.mark(),
                            Message.of("side."
                                    + plate.hand().orElseThrow().opposite().id())));
                }
            }
            all.add(told);
        }
        return List.copyOf(all);
    }

    // --- Where the torch goes ---

    private List<Torch> torches(List<Outline> drawn, List<Message> refused) {
        Outline outer = outer(drawn);
        List<Torch> torches = new ArrayList<>();
        for (Outline one : drawn) {
            if (one != outer) {
                Optional<Torch> torch = torch(one, true);
                if (torch.isEmpty()) {
                    Bounds bounds = one.bounds();
                    refused.add(Message.of(
                            "table.small", Message.fine(bounds.width()), Message.fine(bed.kerf() + bed.lead())));
                }
                torch.ifPresent(torches::add);
            }
        }
        torch(outer, false).ifPresent(torches::add);
        Bounds bounds = Bounds.of(torches.stream()
                .flatMap(torch -> Stream.concat(torch.path().stream(), Stream.of(torch.pierced())))
                .toList());
        double across = bounds.width() + bed.kerf();
        double up = bounds.height() + bed.kerf();
        boolean lies = across <= bed.width() && up <= bed.height() || up <= bed.width() && across <= bed.height();
        if (!lies) {
            refused.add(Message.of(
                    "table.outside",
                    Message.length(across),
                    Message.length(up),
                    Message.length(bed.width()),
                    Message.length(bed.height())));
        }
        return torches;
    }

    /** Half a kerf outside, or inside a hole; empty where nothing is left of that, or there is no room to pierce. */
    private Optional<Torch> torch(Outline outline, boolean hole) {
        Polygon plain = polygon(outline);
        Geometry off = plain.buffer((hole ? -1 : 1) * bed.kerf() / 2, 90);
        if (off.isEmpty() || !(off instanceof Polygon path)) {
            return Optional.empty();
        }
        List<Vector2D> places = Arrays.stream(path.getExteriorRing().getCoordinates())
                .map(at -> new Vector2D(at.x, at.y))
                .toList();
        Vector2D begin = places.get(0);
        Vector2D along = places.get(1).subtract(begin).normalize();
        Vector2D left = new Vector2D(-along.getY(), along.getX());
        for (int side = -1; side <= 1; side += 2) {
            Vector2D pierced = begin.add(side * bed.lead(), left);
            boolean inside = path.contains(JTS.createPoint(new Coordinate(pierced.getX(), pierced.getY())));
            if (inside == hole) {
                return Optional.of(new Torch(hole, places.subList(0, places.size() - 1), pierced));
            }
        }
        return Optional.empty();
    }

    private static Polygon polygon(Outline outline) {
        List<Coordinate> ring = new ArrayList<>();
        outline.points(STRAY).forEach(at -> ring.add(new Coordinate(at.getX(), at.getY())));
        ring.add(ring.get(0).copy());
        return JTS.createPolygon(ring.toArray(Coordinate[]::new));
    }
}
