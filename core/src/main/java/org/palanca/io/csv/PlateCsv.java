package org.palanca.io.csv;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.palanca.base.outline.Bounds;
import org.palanca.floor.plate.FlatPart;
import org.palanca.floor.plate.Plate;
import org.palanca.vehicle.MountRef;

/** The plates as they are ordered, a row each: lengths in mm, mass in kg, angles in degrees. */
public final class PlateCsv {
    private PlateCsv() {}

    public static void write(List<Plate> plates, Appendable out) throws IOException {
        CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180);
        printer.printRecord(
                "number",
                "revision",
                "hand",
                "what",
                "mounts",
                "count",
                "thickness_mm",
                "material",
                "width_mm",
                "height_mm",
                "area_mm2",
                "mass_kg",
                "holes_mm",
                "bolts_mm",
                "hole_roles",
                "folds",
                "bevel_deg",
                "fingerprint");
        for (Plate plate : plates) {
            FlatPart flat = plate.flat();
            Bounds bounds = flat.outline().bounds();
            printer.printRecord(
                    plate.number(),
                    plate.revision(),
                    plate.hand().map(side -> side.id()).orElse("both"),
                    flat.what().id(),
                    plate.mounts().stream().map(PlateCsv::mount).collect(Collectors.joining("; ")),
                    plate.count(),
                    millimetres(flat.thickness()),
                    flat.material(),
                    millimetres(bounds.width()),
                    millimetres(bounds.height()),
                    String.format(Locale.ROOT, "%.1f", flat.outline().area() * 1e6),
                    String.format(Locale.ROOT, "%.3f", flat.mass()),
                    flat.openings().stream()
                            .map(hole -> millimetres(hole.diameter()))
                            .collect(Collectors.joining("; ")),
                    flat.openings().stream()
                            .map(hole -> millimetres(hole.bolt()))
                            .collect(Collectors.joining("; ")),
                    flat.openings().stream().map(hole -> hole.role().id()).collect(Collectors.joining("; ")),
                    flat.folds().size(),
                    String.format(Locale.ROOT, "%.2f", Math.toDegrees(flat.bevel())),
                    plate.fingerprint());
        }
        printer.flush();
    }

    private static String mount(MountRef mount) {
        return mount.axle().id() + " " + mount.mount();
    }

    private static String millimetres(double metres) {
        return String.format(Locale.ROOT, "%.3f", metres * 1000);
    }
}
