package org.palanca.cli.print;

import java.io.PrintWriter;
import java.util.List;
import java.util.stream.Collectors;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.floor.cutting.CutWords;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.floor.cutting.PartsCount;
import org.palanca.floor.cutting.PartsWords;
import org.palanca.floor.cutting.StockPlan;
import org.palanca.floor.cutting.StockWords;
import org.palanca.floor.placing.BoltFit;
import org.palanca.study.assessment.StraightBarOffer;
import org.palanca.study.load.LinkStrength;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.Stock;

/** The links to cut as text. */
public final class CutTable {
    private CutTable() {}

    /** Prints each link with its lengths, what is to be said of it, and what has to lie on the bench. */
    public static void print(Vehicle vehicle, List<LinkCut> cuts, Words words, PrintWriter out) {
        if (cuts.isEmpty()) {
            out.println("  " + words.text("cut_none"));
        }
        List<LinkStrength> strengths = LinkStrength.of(vehicle, cuts);
        for (LinkCut cut : cuts) {
            String tube = cut.tubeLength().isPresent()
                    ? words.units().text(Math.max(0, cut.tubeLength().getAsDouble()), Quantity.LENGTH)
                    : words.text("cut_unknown");
            out.println(words.text(
                    "cut_line",
                    words.text("axle." + cut.axle().place().id()),
                    cut.link().name(),
                    words.units().text(cut.pinToPin(), Quantity.LENGTH),
                    tube));
            if (!cut.missing().isEmpty()) {
                out.println("  "
                        + words.text(
                                "cut.missing",
                                cut.missing().stream().map(words::text).collect(Collectors.joining("; "))));
            }
            CutWords.bends(cut).forEach(one -> out.println("  " + words.text(one)));
            CutWords.told(vehicle, cut).forEach(one -> out.println("  " + words.text(one)));
            if (cut.bent().isPresent()) {
                StraightBarOffer.of(vehicle, cut.axle().place(), cut.link().name(), Lengths.INCH / 16, () -> true)
                        .ifPresent(offer -> out.println("  " + words.text(offer.said(vehicle))));
            }
            strengths.stream().filter(one -> one.cut() == cut).forEach(one -> {
                one.told().forEach(said -> out.println("  " + words.text(said)));
                one.faults().forEach(said -> out.println("  ! " + words.text(said)));
            });
            cut.faults(vehicle.build().rules().paint()).forEach(one -> out.println("  ! " + words.text(one)));
        }
        for (Axle axle : vehicle.axles()) {
            BoltFit.of(vehicle, axle.place())
                    .forEach(fit -> out.println(
                            "  " + (fit.verdict() == BoltFit.Verdict.FORCED ? "! " : "") + words.text(fit.said())));
        }
        out.println();
        PartsWords.of(PartsCount.of(cuts, vehicle.build().stock().kerf()), words)
                .forEach(line -> out.println("  " + line));
        Stock stock = vehicle.build().stock();
        for (StockPlan plan : StockPlan.of(cuts, stock)) {
            out.println();
            StockWords.of(plan, stock, words).forEach(line -> out.println("  " + line));
        }
    }
}
