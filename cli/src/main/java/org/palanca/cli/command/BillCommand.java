package org.palanca.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.cli.print.BillTable;
import org.palanca.cli.print.ReportJson;
import org.palanca.floor.bill.BillLine;
import org.palanca.floor.bill.BillOfMaterials;
import org.palanca.io.FileFormatException;
import org.palanca.io.csv.BillCsv;
import org.palanca.io.json.VehicleFile;
import org.palanca.io.sheet.Page;
import org.palanca.io.sheet.SheetKind;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Prints what has to be bought, and takes over what lies in the rack and what things cost. */
@Command(name = "bill", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class BillCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Mixin
    private JsonOption json;

    @Option(names = "--csv", descriptionKey = "bill_csv")
    private boolean csv;

    @Option(names = "--sheet", paramLabel = "PDF|SVG", descriptionKey = "sheet_file")
    private @Nullable Path sheet;

    @Option(names = "--take", paramLabel = "CSV", descriptionKey = "bill_take")
    private @Nullable Path take;

    @Option(names = "--save", paramLabel = "FILE", descriptionKey = "bill_save")
    private @Nullable Path save;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Words words = input.words();
        Vehicle vehicle = taken(input.open(spec.commandLine().getErr()));
        BillOfMaterials bill = BillOfMaterials.of(vehicle);
        List<Path> written = new ArrayList<>();
        if (sheet != null) {
            List<Page> pages = SheetKind.BILL.pages(input.sheetHead(vehicle), AxlePlace.FRONT, Optional.empty());
            if (pages.isEmpty()) {
                throw new CommandFailure(ExitCodes.USAGE, Message.of("bill_none"));
            }
            written.addAll(SheetOutput.write(sheet, pages));
        }
        if (save != null) {
            VehicleFile.save(save, vehicle);
            written.add(save);
        }
        if (json.asked()) {
            ReportJson report = report(vehicle, bill, words);
            ArrayNode files = report.root().putArray("written");
            written.forEach(path -> files.add(path.toString()));
            out.println(report.text());
        } else if (csv) {
            BillCsv.write(bill, words, out);
        } else {
            BillTable.print(bill, words, out);
            written.forEach(path -> out.println(words.text("written", path)));
        }
        return ExitCodes.OK;
    }

    /** With what a table says of the rack and of prices, where there is one. */
    private Vehicle taken(Vehicle vehicle) throws CommandFailure, IOException {
        if (take == null) {
            return vehicle;
        }
        if (!Files.isReadable(take)) {
            throw new CommandFailure(ExitCodes.FILE, Message.of("table_missing", take));
        }
        try {
            String text = Files.readString(take, StandardCharsets.UTF_8);
            return vehicle.withBuild(vehicle.build().withPurchases(BillCsv.read(text)));
        } catch (FileFormatException e) {
            throw new CommandFailure(ExitCodes.FILE, e.told());
        } catch (MalformedInputException e) {
            throw new CommandFailure(ExitCodes.FILE, Message.of("bill_text", take));
        }
    }

    private static ReportJson report(Vehicle vehicle, BillOfMaterials bill, Words words) {
        ReportJson report = new ReportJson("bill", vehicle, words);
        ArrayNode lines = report.root().putArray("lines");
        for (BillLine line : bill.lines()) {
            ObjectNode node = lines.addObject();
            node.put("item", line.item());
            node.put("kind", line.kind().id());
            report.message(node.putObject("what"), line.what());
            node.put("takes", line.count());
            node.put("spare", line.spare());
            node.put("rack", line.own().rack());
            node.put("to_buy", line.toBuy());
            line.own().price().ifPresent(price -> node.put("price", price));
            line.own().neededBy().ifPresent(day -> node.put("needed_by", day.toString()));
            line.own().keepsUntil().ifPresent(day -> node.put("keeps_until", day.toString()));
            line.mass().ifPresent(mass -> node.put("mass_kg", mass));
        }
        ArrayNode untold = report.root().putArray("not_counted");
        bill.untold().forEach(one -> report.message(untold.addObject(), one));
        ArrayNode faults = report.root().putArray("faults");
        bill.faults().forEach(one -> report.message(faults.addObject(), one));
        ArrayNode idle = report.root().putArray("idle");
        bill.idle().forEach(one -> idle.addObject().put("item", one.item()).put("rack", one.rack()));
        return report;
    }
}
