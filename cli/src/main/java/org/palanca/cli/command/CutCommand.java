package org.palanca.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.cli.print.CutTable;
import org.palanca.cli.print.ReportJson;
import org.palanca.floor.cutting.BentBar;
import org.palanca.floor.cutting.EndCut;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.floor.cutting.PartsCount;
import org.palanca.floor.cutting.StockPlan;
import org.palanca.floor.placing.BoltFit;
import org.palanca.io.csv.LinkCsv;
import org.palanca.io.sheet.Page;
import org.palanca.io.sheet.SheetHead;
import org.palanca.io.sheet.SheetKind;
import org.palanca.study.load.LinkStrength;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.BarPath;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.Thread;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Prints every link as it is cut, how its threads hold, and what has to lie on the bench. */
@Command(name = "cut", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class CutCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Mixin
    private JsonOption json;

    @Option(names = "--csv", descriptionKey = "cut_csv")
    private boolean csv;

    @Option(names = "--sheet", paramLabel = "PDF|SVG", descriptionKey = "sheet_file")
    private @Nullable Path sheet;

    @Override
    public Integer call() throws Exception {
        PrintWriter out = spec.commandLine().getOut();
        Vehicle vehicle = input.open(spec.commandLine().getErr());
        List<LinkCut> cuts = LinkCut.list(vehicle);
        List<Path> written = List.of();
        if (sheet != null) {
            SheetHead head = input.sheetHead(vehicle);
            List<Page> pages = SheetKind.CUT.pages(head, AxlePlace.FRONT, Optional.empty());
            if (pages.isEmpty()) {
                throw new CommandFailure(ExitCodes.USAGE, Message.of("cut_no_links"));
            }
            written = SheetOutput.write(sheet, pages);
        }
        if (json.asked()) {
            ReportJson report = report(vehicle, cuts);
            ArrayNode files = report.root().putArray("written");
            written.forEach(path -> files.add(path.toString()));
            out.println(report.text());
        } else if (csv) {
            LinkCsv.write(cuts, vehicle.build().rules().paint(), out);
        } else {
            CutTable.print(vehicle, cuts, input.words(), out);
            written.forEach(out::println);
        }
        return ExitCodes.OK;
    }

    private ReportJson report(Vehicle vehicle, List<LinkCut> cuts) {
        ReportJson report = new ReportJson("cut", vehicle, input.words());
        ArrayNode links = report.root().putArray("links");
        double paint = vehicle.build().rules().paint();
        List<LinkStrength> strengths = LinkStrength.of(vehicle, cuts);
        for (LinkCut cut : cuts) {
            ObjectNode node = links.addObject();
            node.put("axle", cut.axle().place().id());
            node.put("link", cut.link().name());
            ReportJson.put(node, "pin_to_pin", cut.pinToPin(), Quantity.LENGTH);
            cut.tubeLength().ifPresent(length -> ReportJson.put(node, "tube", length, Quantity.LENGTH));
            cut.computed().ifPresent(length -> ReportJson.put(node, "tube_computed", length, Quantity.LENGTH));
            cut.link()
                    .make()
                    .taped()
                    .ifPresent(taped -> ReportJson.put(node, "tube_taped", taped.length(), Quantity.LENGTH));
            cut.turnsForStep().ifPresent(turns -> node.put("turns_for_a_sixteenth", turns));
            cut.bent().ifPresent(bar -> bent(node.putObject("bent"), cut, bar));
            strengths.stream()
                    .filter(one -> one.cut() == cut)
                    .forEach(one -> strength(report, node.putObject("strength"), one));
            ArrayNode ends = node.putArray("ends");
            cut.ends().forEach(end -> end(ends.addObject(), end));
            ArrayNode missing = node.putArray("missing");
            cut.missing().forEach(one -> report.message(missing.addObject(), one));
            ArrayNode faults = node.putArray("faults");
            cut.faults(paint).forEach(one -> report.message(faults.addObject(), one));
        }
        ArrayNode bolts = report.root().putArray("bolts");
        for (Axle axle : vehicle.axles()) {
            for (BoltFit fit : BoltFit.of(vehicle, axle.place())) {
                ObjectNode node = bolts.addObject();
                node.put("axle", axle.place().id());
                node.put("link", fit.link());
                node.put("verdict", ReportJson.id(fit.verdict()));
                ReportJson.put(node, "made", fit.made(), Quantity.LENGTH);
                ReportJson.put(node, "built", fit.built(), Quantity.LENGTH);
                ReportJson.put(node, "play", fit.play(), Quantity.LENGTH);
                ReportJson.put(node, "standard_deviation", fit.deviation(), Quantity.LENGTH);
                fit.unread().ifPresent(mount -> node.put("not_read", mount));
                fit.turns().ifPresent(turns -> node.put("turns", turns));
            }
        }
        PartsCount count = PartsCount.of(cuts, vehicle.build().stock().kerf());
        ArrayNode tubes = report.root().putArray("tubes");
        count.tubes().forEach((LinkTube tube, Double length) -> {
            ObjectNode node = tubes.addObject();
            ReportJson.put(node, "outside", tube.outside(), Quantity.LENGTH);
            ReportJson.put(node, "wall", tube.wall(), Quantity.LENGTH);
            ReportJson.put(node, "length", length, Quantity.LENGTH);
        });
        ArrayNode plans = report.root().putArray("saw_plans");
        for (StockPlan plan : StockPlan.of(cuts, vehicle.build().stock())) {
            ObjectNode node = plans.addObject();
            ReportJson.put(node, "outside", plan.tube().outside(), Quantity.LENGTH);
            ReportJson.put(node, "wall", plan.tube().wall(), Quantity.LENGTH);
            ReportJson.put(node, "bought", plan.bought(), Quantity.LENGTH);
            ReportJson.put(node, "least", plan.least(), Quantity.LENGTH);
            ArrayNode sawn = node.putArray("sawn");
            for (StockPlan.Sawn one : plan.sawn()) {
                ObjectNode bar = sawn.addObject();
                bar.put("from", one.stock().count().isPresent() ? "rack" : "bought");
                ReportJson.put(bar, "length", one.stock().length(), Quantity.LENGTH);
                ArrayNode names = bar.putArray("pieces");
                one.pieces().forEach(piece -> names.add(piece.name()));
                ReportJson.put(bar, "left", one.left(), Quantity.LENGTH);
            }
            ArrayNode tooLong = node.putArray("too_long");
            plan.tooLong().forEach(tooLong::add);
        }
        ArrayNode pieces = report.root().putArray("pieces");
        for (PartsCount.Piece piece : count.pieces()) {
            ObjectNode node = pieces.addObject();
            node.put("what", ReportJson.id(piece.what()));
            node.put("name", piece.name());
            piece.thread().map(Thread::text).ifPresent(thread -> node.put("thread", thread));
            piece.hand().ifPresent(hand -> node.put("hand", hand.id()));
            node.put("count", piece.count());
            node.put("spare", piece.spare());
        }
        return report;
    }

    private static void strength(ReportJson report, ObjectNode node, LinkStrength strength) {
        ReportJson.put(node, "pushed", strength.load().pushed(), Quantity.FORCE);
        node.put("pushed_by", strength.load().pushedBy().id());
        ReportJson.put(node, "pulled", strength.load().pulled(), Quantity.FORCE);
        node.put("pulled_by", strength.load().pulledBy().id());
        if (strength.cut().tube().yield().isPresent() && strength.cut().path().straight()) {
            ReportJson.put(node, "folds_at", strength.folds(), Quantity.FORCE);
        }
        strength.againstYield().ifPresent(times -> node.put("yield_by_load", times));
        ArrayNode faults = node.putArray("faults");
        strength.faults().forEach(one -> report.message(faults.addObject(), one));
    }

    private static void bent(ObjectNode node, LinkCut cut, BentBar bar) {
        BarPath path = cut.path();
        ArrayNode bends = node.putArray("bends");
        for (int i = 0; i < path.bends(); i++) {
            ObjectNode bend = bends.addObject();
            ReportJson.put(bend, "angle", path.angle(i), Quantity.ANGLE);
            ReportJson.put(bend, "radius", path.bend(i).radius(), Quantity.LENGTH);
            ReportJson.put(bend, "begins_from_pin", path.start(i), Quantity.LENGTH);
        }
        ReportJson.put(node, "offset", bar.offset(), Quantity.LENGTH);
        node.put("times_straight", bar.times());
        bar.pulled().ifPresent(stress -> ReportJson.put(node, "pulled", stress, Quantity.STRESS));
        bar.pushed().stream()
                .filter(Double::isFinite)
                .forEach(stress -> ReportJson.put(node, "pushed", stress, Quantity.STRESS));
        bar.safety().ifPresent(safety -> node.put("yield_by_stress", safety));
    }

    private static void end(ObjectNode node, EndCut end) {
        node.put("mount", end.mount());
        node.put("kind", end.end().kind().id());
        end.set().ifPresent(set -> node.put("engaged_as_set", set.share()));
        end.out().ifPresent(out -> node.put("engaged_out", out.share()));
        end.in().ifPresent(in -> node.put("engaged_in", in.share()));
    }
}
