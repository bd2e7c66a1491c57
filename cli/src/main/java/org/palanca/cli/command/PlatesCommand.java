package org.palanca.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.cli.print.PlateTable;
import org.palanca.cli.print.ReportJson;
import org.palanca.floor.plate.BracketPlan;
import org.palanca.floor.plate.Plate;
import org.palanca.floor.plate.PlateCode;
import org.palanca.floor.plate.PlateList;
import org.palanca.floor.plate.StalePlate;
import org.palanca.io.SafeFile;
import org.palanca.io.csv.PlateCsv;
import org.palanca.io.plate.PlateDxf;
import org.palanca.io.plate.PlateStl;
import org.palanca.io.plate.PlateSvg;
import org.palanca.io.plate.PlateUnit;
import org.palanca.io.sheet.Page;
import org.palanca.io.sheet.SheetHead;
import org.palanca.io.sheet.SheetKind;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Prints the plates of every bracket, and writes them for whoever cuts them. */
@Command(name = "plates", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class PlatesCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Mixin
    private JsonOption json;

    @Option(names = "--csv", descriptionKey = "plates_csv")
    private boolean csv;

    @Option(names = "--sheet", paramLabel = "PDF|SVG", descriptionKey = "sheet_file")
    private @Nullable Path sheet;

    @Option(names = "--dxf", paramLabel = "FOLDER", descriptionKey = "plates_dxf")
    private @Nullable Path dxf;

    @Option(names = "--svg", paramLabel = "FOLDER", descriptionKey = "plates_svg")
    private @Nullable Path svg;

    @Option(names = "--stl", paramLabel = "FOLDER", descriptionKey = "plates_stl")
    private @Nullable Path stl;

    @Option(names = "--code", paramLabel = "TEXT", descriptionKey = "plates_code")
    private @Nullable String code;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Vehicle vehicle = input.open(spec.commandLine().getErr());
        PlateList list = PlateList.of(vehicle);
        if (code != null) {
            PlateCode page = PlateCode.parse(code)
                    .orElseThrow(() -> new CommandFailure(ExitCodes.USAGE, Message.of("plates_no_code")));
            out.println(input.words().text(page.said(vehicle, list.plates())));
            return page.holds(vehicle, list.plates()) ? ExitCodes.OK : ExitCodes.PROBLEMS;
        }
        List<Path> written = written(vehicle, list);
        if (json.asked()) {
            out.println(report(vehicle, list, written).text());
        } else if (csv) {
            PlateCsv.write(list.plates(), out);
        } else {
            PlateTable.print(vehicle, list, input.words(), out);
            written.forEach(path -> out.println(input.words().text("written", path)));
        }
        return ExitCodes.OK;
    }

    private List<Path> written(Vehicle vehicle, PlateList list) throws CommandFailure, IOException {
        List<Path> written = new ArrayList<>();
        boolean asked = sheet != null || dxf != null || svg != null || stl != null;
        if (asked && list.plates().isEmpty()) {
            throw new CommandFailure(ExitCodes.USAGE, Message.of("plates_none"));
        }
        if (sheet != null) {
            SheetHead head = input.sheetHead(vehicle);
            List<Page> pages = SheetKind.PLATES.pages(head, AxlePlace.FRONT, Optional.empty());
            written.addAll(SheetOutput.write(sheet, pages));
        }
        PlateUnit unit = input.lengthStyle() == LengthStyle.MILLIMETRES ? PlateUnit.MM : PlateUnit.INCH;
        for (Plate plate : list.plates()) {
            write(dxf, plate, ".dxf", PlateDxf.text(plate, unit).getBytes(StandardCharsets.ISO_8859_1), written);
            write(svg, plate, ".svg", PlateSvg.text(plate).getBytes(StandardCharsets.UTF_8), written);
            write(stl, plate, ".stl", PlateStl.bytes(plate.flat()), written);
        }
        return written;
    }

    private static void write(@Nullable Path folder, Plate plate, String ending, byte[] contents, List<Path> written)
            throws CommandFailure, IOException {
        if (folder == null) {
            return;
        }
        Path file = folder.resolve(plate.fileStem() + ending);
        if (!Files.isDirectory(folder)) {
            throw new CommandFailure(ExitCodes.FILE, Message.of("file.folder_missing", file));
        }
        SafeFile.write(file, contents);
        written.add(file);
    }

    private ReportJson report(Vehicle vehicle, PlateList list, List<Path> written) {
        ReportJson report = new ReportJson("plates", vehicle, input.words());
        ArrayNode plates = report.root().putArray("plates");
        for (Plate plate : list.plates()) {
            ObjectNode node = plates.addObject();
            node.put("number", plate.number());
            node.put("revision", plate.revision());
            node.put("hand", plate.hand().map(side -> side.id()).orElse("both"));
            node.put("what", plate.flat().what().id());
            node.put("count", plate.count());
            node.put("fingerprint", plate.fingerprint());
            ReportJson.put(node, "thickness", plate.flat().thickness(), Quantity.LENGTH);
            ReportJson.put(node, "mass", plate.flat().mass(), Quantity.MASS);
            ArrayNode mounts = node.putArray("mounts");
            plate.mounts().forEach(mount -> mounts.add(mount.axle().id() + " " + mount.mount()));
        }
        ArrayNode brackets = report.root().putArray("brackets");
        for (BracketPlan plan : list.brackets()) {
            ObjectNode node = brackets.addObject();
            node.put("axle", plan.mount().axle().id());
            node.put("mount", plan.mount().mount());
            node.put("makeable", plan.makeable());
            messages(report, node.putArray("missing"), plan.missing());
            messages(report, node.putArray("faults"), plan.faults());
            messages(report, node.putArray("notes"), plan.notes());
        }
        messages(
                report,
                report.root().putArray("stale"),
                StalePlate.of(vehicle, list.plates()).stream()
                        .map(StalePlate::said)
                        .toList());
        ArrayNode files = report.root().putArray("written");
        written.forEach(path -> files.add(path.toString()));
        return report;
    }

    private static void messages(ReportJson report, ArrayNode into, List<Message> messages) {
        messages.forEach(one -> report.message(into.addObject(), one));
    }
}
