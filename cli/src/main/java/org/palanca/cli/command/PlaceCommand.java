package org.palanca.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.cli.print.ReportJson;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.placing.PlacingOrder;
import org.palanca.floor.placing.PlacingSheet;
import org.palanca.io.sheet.Page;
import org.palanca.io.sheet.SheetHead;
import org.palanca.io.sheet.SheetKind;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.PlacingLimits;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.NearestName;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes the sheets that put each mount in its place with a tape. */
@Command(name = "place", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class PlaceCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Mixin
    private JsonOption json;

    @Parameters(index = "1", paramLabel = "PDF|SVG", descriptionKey = "sheet_file")
    private Path sheet;

    @Option(names = "--mount", paramLabel = "NAME", descriptionKey = "mount")
    private @Nullable String mount;

    @Option(names = "--tolerance", paramLabel = "LENGTH", descriptionKey = "tolerance")
    private @Nullable String tolerance;

    @Option(names = "--hole", paramLabel = "LENGTH", descriptionKey = "hole")
    private @Nullable String hole;

    @Option(names = "--bolt", paramLabel = "LENGTH", descriptionKey = "bolt")
    private @Nullable String bolt;

    @Option(names = "--off-floor", descriptionKey = "off_floor")
    private boolean offFloor;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Vehicle vehicle = input.open(spec.commandLine().getErr());
        PlacingLimits limits = limits(vehicle.build().placing());
        List<Page> pages = pages(vehicle, limits);
        List<PlacingSheet> sheets = sheets(vehicle, limits);
        if (json.asked()) {
            ReportJson report = new ReportJson("place", vehicle, input.words());
            ArrayNode files = report.root().putArray("written");
            SheetOutput.write(sheet, pages).forEach(path -> files.add(path.toString()));
            sheets.forEach(one -> report(report.axle(one.mount().axle()), one));
            out.println(report.text());
            return ExitCodes.OK;
        }
        for (Path written : SheetOutput.write(sheet, pages)) {
            out.println(input.words().text("written", written));
        }
        sheets.stream()
                .flatMap(one -> one.level().stream())
                .findFirst()
                .ifPresent(level -> out.println(input.words().text(level)));
        sheets.stream()
                .filter(one -> !one.promises())
                .forEach(one -> out.println(
                        "  ! " + one.mount().mount() + ": " + input.words().text(one.promise())));
        return ExitCodes.OK;
    }

    /** Of the mount that was asked for, or of all with their order. */
    private List<Page> pages(Vehicle vehicle, PlacingLimits limits) throws CommandFailure {
        SheetHead head = input.sheetHead(vehicle);
        List<Page> pages = new ArrayList<>();
        List<String> names = new ArrayList<>();
        for (AxlePlace place : input.axles(vehicle)) {
            List<String> mounts = vehicle.axle(place).orElseThrow().mounts().stream()
                    .map(Mount::name)
                    .toList();
            names.addAll(mounts);
            if (mount == null || mounts.contains(mount)) {
                pages.addAll(SheetKind.placing(head, place, Optional.ofNullable(mount), limits));
            }
        }
        if (mount != null && !names.contains(mount)) {
            throw new CommandFailure(ExitCodes.USAGE, Message.of("no_such_mount", mount, NearestName.of(mount, names)));
        }
        boolean placed = mount == null ? pages.size() > input.axles(vehicle).size() : !pages.isEmpty();
        if (!placed) {
            throw new CommandFailure(ExitCodes.PROBLEMS, Message.of("placing.too_few_marks"));
        }
        return pages;
    }

    /** As the file has them, but for what was asked for. */
    private PlacingLimits limits(PlacingLimits inFile) throws CommandFailure {
        PlacingLimits limits = new PlacingLimits(
                tolerance == null ? inFile.tolerance() : input.length(tolerance),
                hole == null ? inFile.hole() : input.length(hole),
                bolt == null ? inFile.bolt() : input.length(bolt),
                offFloor || inFile.offFloor());
        if (limits.hole() > 0 != limits.bolt() > 0) {
            throw new CommandFailure(ExitCodes.USAGE, Message.of("hole_and_bolt"));
        }
        if (!limits.boltFits()) {
            throw new CommandFailure(
                    ExitCodes.USAGE,
                    Message.of("placing.bolt_too_thick", Message.fine(limits.bolt()), Message.fine(limits.hole())));
        }
        if (limits.left() <= 0) {
            throw new CommandFailure(
                    ExitCodes.USAGE,
                    Message.of(
                            "placing.slop_too_large", Message.fine(limits.slop()), Message.fine(limits.tolerance())));
        }
        return limits;
    }

    /** The sheets that are asked for, in the order of placing. */
    private List<PlacingSheet> sheets(Vehicle vehicle, PlacingLimits limits) throws CommandFailure {
        Adjustment adjustment = Adjustment.of(vehicle.build().survey());
        List<PlacingSheet> sheets = new ArrayList<>();
        for (AxlePlace place : input.axles(vehicle)) {
            for (MountRef ref : PlacingOrder.of(vehicle, adjustment, place).mounts()) {
                if (mount == null || mount.equals(ref.mount())) {
                    PlacingSheet.of(vehicle, adjustment, ref, limits).ifPresent(sheets::add);
                }
            }
        }
        return sheets;
    }

    private static void report(ObjectNode axle, PlacingSheet sheet) {
        ObjectNode node =
                axle.withObjectProperty("mounts").putObject(sheet.mount().mount());
        ReportJson.put(node, "x", sheet.target().getX(), Quantity.LENGTH);
        ReportJson.put(node, "y", sheet.target().getY(), Quantity.LENGTH);
        ReportJson.put(node, "z", sheet.target().getZ(), Quantity.LENGTH);
        ReportJson.put(node, "tolerance", sheet.limits().tolerance(), Quantity.LENGTH);
        ReportJson.put(node, "slop", sheet.limits().slop(), Quantity.LENGTH);
        ReportJson.put(node, "standard_deviation", sheet.deviation(), Quantity.LENGTH);
        ReportJson.put(node, "marks_standard_deviation", sheet.uncertainty(), Quantity.LENGTH);
        node.put("verdict", sheet.promises() ? "promised" : "not_promised");
        tapes(node.putArray("tapes"), sheet.tapes());
        tapes(node.putArray("checks"), sheet.checks());
    }

    private static void tapes(ArrayNode node, List<PlacingSheet.Tape> tapes) {
        for (PlacingSheet.Tape tape : tapes) {
            ObjectNode one = node.addObject();
            one.put("kind", ReportJson.id(tape.reading().kind()));
            one.put("from", tape.reading().from());
            one.put("to", tape.reading().to());
            ReportJson.put(one, "value", tape.reading().values().get(0), Quantity.LENGTH);
            ReportJson.put(one, "allowed", tape.allowed(), Quantity.LENGTH);
        }
    }
}
