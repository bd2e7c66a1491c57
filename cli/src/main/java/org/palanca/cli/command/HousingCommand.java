package org.palanca.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.cli.print.ReportJson;
import org.palanca.floor.placing.BenchPlacing;
import org.palanca.floor.placing.BenchWords;
import org.palanca.io.sheet.Page;
import org.palanca.io.sheet.SheetHead;
import org.palanca.io.sheet.SheetKind;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.HousingCheck;
import org.palanca.vehicle.housing.DialReading;
import org.palanca.vehicle.housing.DialWords;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.HousingSize;
import org.palanca.vehicle.housing.HousingSum;
import org.palanca.vehicle.housing.Straightness;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Prints every length of a housing that follows from what is known, and writes its sheet. */
@Command(name = "housing", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class HousingCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Mixin
    private JsonOption json;

    @Option(names = "--sheet", paramLabel = "PDF|SVG", descriptionKey = "sheet_file")
    private @Nullable Path sheet;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Vehicle vehicle = input.open(spec.commandLine().getErr());
        Words words = input.words();
        SheetHead head = input.sheetHead(vehicle);
        if (json.asked()) {
            ReportJson report = new ReportJson("housing", vehicle, words);
            for (AxlePlace place : input.axles(vehicle)) {
                report(report, vehicle, place);
            }
            out.println(report.text());
            return ExitCodes.OK;
        }
        List<Page> pages = new ArrayList<>();
        for (AxlePlace place : input.axles(vehicle)) {
            if (vehicle.build().housings().containsKey(place)) {
                print(vehicle, place, words, out);
                pages.addAll(SheetKind.HOUSING.pages(head, place, Optional.empty()));
            } else {
                out.println(words.text("no_housing", words.text("axle." + place.id())));
            }
        }
        if (sheet != null && !pages.isEmpty()) {
            for (Path written : SheetOutput.write(sheet, pages)) {
                out.println(words.text("written", written));
            }
        }
        return ExitCodes.OK;
    }

    private static void report(ReportJson report, Vehicle vehicle, AxlePlace place) {
        Housing housing = vehicle.build().housing(place);
        HousingSum sum = housing.sum();
        ObjectNode axle = report.axle(place);
        ObjectNode sizes = axle.putObject("sizes");
        for (HousingSize size : HousingSize.values()) {
            if (sum.size(size).isPresent()) {
                ObjectNode node = sizes.putObject(size.id());
                ReportJson.put(node, "value", sum.size(size).getAsDouble(), Quantity.LENGTH);
                node.put("typed", sum.known().containsKey(size));
            }
        }
        report.messages(
                axle, "faults", HousingCheck.faults(vehicle, vehicle.axle(place).orElseThrow()));
        brackets(report, axle, BenchPlacing.of(vehicle, place));
        ArrayNode rounds = axle.putArray("dial_rounds");
        for (Side side : Side.values()) {
            for (DialReading dial : housing.dial(side)) {
                Straightness found = Straightness.of(side, dial);
                ObjectNode node = rounds.addObject();
                node.put("side", side.id());
                node.put("verdict", ReportJson.id(found.verdict(housing.accepted(), housing.seat())));
                ReportJson.put(node, "camber", found.camber(), Quantity.ANGLE);
                ReportJson.put(node, "toe", found.toe(), Quantity.ANGLE);
                ReportJson.put(node, "closing", found.closing(), Quantity.LENGTH);
                report.message(node, DialWords.of(housing, side, dial));
            }
        }
    }

    private static void brackets(ReportJson report, ObjectNode axle, BenchPlacing placing) {
        ArrayNode rows = axle.putArray("brackets");
        for (BenchPlacing.Row row : placing.rows()) {
            ObjectNode node = rows.addObject();
            node.put("mount", row.mount());
            node.put("side", row.side().id());
            ReportJson.put(node, "from_pinion_plane", row.fromPinion(), Quantity.LENGTH);
            row.fromEnd().ifPresent(length -> ReportJson.put(node, "from_end", length, Quantity.LENGTH));
            ReportJson.put(node, "towards_pinion", row.towardsNose(), Quantity.LENGTH);
            ReportJson.put(node, "up", row.up(), Quantity.LENGTH);
            ReportJson.put(node, "clock", row.clock(), Quantity.ANGLE);
            row.padToHole().ifPresent(length -> ReportJson.put(node, "off_tube", length, Quantity.LENGTH));
            ArrayNode bolts = node.putArray("bolts");
            for (BenchPlacing.Bolt bolt : row.bolts()) {
                ObjectNode one = bolts.addObject();
                one.put("link", bolt.link());
                ReportJson.put(one, "tilt", bolt.tilt(), Quantity.ANGLE);
                ReportJson.put(one, "turn", bolt.turn(), Quantity.ANGLE);
            }
        }
        report.messages(axle, "brackets_need", placing.missing());
    }

    private static void print(BenchPlacing placing, Housing housing, Words words, PrintWriter out) {
        if (!placing.missing().isEmpty()) {
            out.println("  "
                    + words.text(
                            "bench_placing.missing",
                            placing.missing().stream().map(words::text).collect(Collectors.joining("; "))));
        }
        if (placing.rows().isEmpty()) {
            return;
        }
        out.println("  " + words.text("bench_placing.at", Message.angle(housing.benchPinion())));
        for (BenchPlacing.Row row : placing.rows()) {
            out.println("  " + row.mount());
            BenchWords.of(row).forEach(one -> out.println("    " + words.text(one)));
        }
        placing.pairs().forEach(pair -> out.println("  " + words.text(BenchWords.of(pair))));
    }

    private static void print(Vehicle vehicle, AxlePlace place, Words words, PrintWriter out) {
        Housing housing = vehicle.build().housing(place);
        out.println(words.text("axle." + place.id()));
        HousingSum sum = housing.sum();
        for (HousingSize size : HousingSize.values()) {
            if (sum.size(size).isPresent()) {
                boolean typed = sum.known().containsKey(size);
                out.printf(
                        "  %-44s %14s  %s%n",
                        words.text(HousingSum.name(size)),
                        words.units().text(sum.size(size).getAsDouble(), Quantity.LENGTH),
                        words.text(typed ? "known" : "follows"));
            }
        }
        for (Message fault : HousingCheck.faults(vehicle, vehicle.axle(place).orElseThrow())) {
            out.println("  ! " + words.text(fault));
        }
        print(BenchPlacing.of(vehicle, place), housing, words, out);
        for (Side side : Side.values()) {
            for (DialReading dial : housing.dial(side)) {
                boolean good = Straightness.of(side, dial).verdict(housing.accepted(), housing.seat())
                        == Straightness.Verdict.GOOD;
                out.println((good ? "    " : "  ! ") + words.text(DialWords.of(housing, side, dial)));
            }
        }
    }
}
