package org.palanca.io.csv;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.palanca.base.units.Quantity;
import org.palanca.io.FileFormatException;
import org.palanca.vehicle.hardware.Hand;
import org.palanca.vehicle.hardware.HardwareCatalogue;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.Thread;
import org.palanca.vehicle.hardware.ThreadedShank;

/**
 * Ends of links and tubes as a table. Columns by their heading, in any order: {@code what} ({@code rod_end}, {@code cup},
 * {@code bushing}, {@code ball_stud}, {@code clevis} or {@code tube}) and {@code name}; of an end {@code thread},
 * {@code reach_mm}, {@code shank_mm}, {@code insert_thread_mm}, {@code shoulder_mm}, {@code jam_nut_mm},
 * {@code misalignment_deg}, {@code width_mm}; of a tube {@code outside_mm}, {@code wall_mm}, {@code material},
 * {@code yield_mpa}. A heading may end in {@code _in} instead, or in {@code _ksi}.
 */
public final class HardwareCsv {
    private static final String TUBE = "tube";
    private static final String WANTED =
            "what, name, thread, reach_mm, shank_mm, insert_thread_mm, outside_mm, wall_mm";
    private static final double SMALLEST = 1e-5;

    private HardwareCsv() {}

    /** What ships: generic ends and tubes in sizes that are common, of no maker (common practice, no source). */
    public static HardwareCatalogue generic() {
        try (InputStream in = HardwareCsv.class.getResourceAsStream("hardware.csv")) {
            if (in == null) {
                throw new IllegalStateException("hardware.csv is not shipped");
            }
            return read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FileFormatException e) {
            throw new IllegalStateException("hardware.csv", e);
        }
    }

    /**
     * Reads a table.
     *
     * @throws FileFormatException naming the line, the column and what is wrong
     */
    public static HardwareCatalogue read(String text) throws FileFormatException {
        List<LinkEnd> ends = new ArrayList<>();
        List<HardwareCatalogue.NamedTube> tubes = new ArrayList<>();
        for (CsvTable.Line line : CsvTable.read(text, "what", WANTED)) {
            String name = line.text("name");
            if (name.isEmpty()) {
                throw new FileFormatException("hardware.no_name", line.at());
            }
            if (line.text("what").equalsIgnoreCase(TUBE)) {
                tubes.add(new HardwareCatalogue.NamedTube(name, tube(line)));
            } else {
                ends.add(end(line, name));
            }
        }
        if (ends.isEmpty() && tubes.isEmpty()) {
            throw new FileFormatException("hardware.none");
        }
        return new HardwareCatalogue(ends, tubes);
    }

    private static LinkTube tube(CsvTable.Line line) throws FileFormatException {
        double outside = line.needed("outside", SMALLEST);
        double wall = line.needed("wall", SMALLEST);
        if (wall > outside / 2 + 1e-9) {
            throw new FileFormatException("hardware.wall", line.at(), line.text("name"));
        }
        return new LinkTube(outside, wall, line.text("material"), line.stress("yield"));
    }

    private static LinkEnd end(CsvTable.Line line, String name) throws FileFormatException {
        LinkEnd.Kind kind = kind(line);
        return new LinkEnd(
                kind,
                name,
                line.length("reach", 0),
                kind.threaded() ? shank(line) : Optional.empty(),
                line.lean("misalignment_deg"),
                line.length("width", SMALLEST),
                Optional.empty(),
                Optional.empty());
    }

    private static LinkEnd.Kind kind(CsvTable.Line line) throws FileFormatException {
        for (LinkEnd.Kind kind : LinkEnd.Kind.values()) {
            if (kind.id().equals(line.text("what").toLowerCase(Locale.ROOT))) {
                return kind;
            }
        }
        throw new FileFormatException("hardware.what", line.at(), line.text("what"));
    }

    private static Optional<ThreadedShank> shank(CsvTable.Line line) throws FileFormatException {
        if (line.length("shank", SMALLEST).isEmpty()) {
            return Optional.empty();
        }
        String stamped = line.text("thread");
        Optional<Thread> thread = Thread.parse(stamped).filter(Thread::cuttable);
        if (thread.isEmpty() && !stamped.isEmpty()) {
            throw new FileFormatException("hardware.thread", line.at(), stamped);
        }
        ThreadedShank shank = new ThreadedShank(
                line.needed("shank", SMALLEST),
                thread,
                Hand.RIGHT,
                line.needed("insert_thread", SMALLEST),
                line.length("shoulder", 0).orElse(0),
                line.length("jam_nut", 0).orElse(0),
                OptionalDouble.empty());
        return Optional.of(shank.withSet(OptionalDouble.of(Quantity.LENGTH.onGrid(shank.middleExposed()))));
    }
}
