package org.palanca.cli.print;

import java.io.PrintWriter;
import java.util.Optional;
import org.palanca.base.units.Quantity;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Words;
import org.palanca.result.Outcome;
import org.palanca.result.Result;
import org.palanca.result.ResultWords;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Targets;
import org.palanca.vehicle.TargetBand;

/** One axle's results at a pose, a line each: name, value, band wanted, verdict. */
public final class ResultsTable {
    private ResultsTable() {}

    /** Prints the table of a model at its present pose; where it does not close, why. */
    public static void print(AxleModel model, Words words, PrintWriter out) {
        out.println(model.vehicle().name() + " · "
                + words.text("axle." + model.axle().place().id()));
        if (!model.closed()) {
            // One reason holds for all of them.
            out.println("  " + words.text(model.whyOpen().orElseThrow()));
            out.println();
            return;
        }
        for (Result result : model.results()) {
            Outcome outcome = model.outcome(result);
            UnitStyle.Text value = ResultWords.value(result, outcome, words);
            out.printf(
                    "  %-30s %12s %-14s %s%n",
                    ResultWords.name(result, words),
                    value.number(),
                    value.unit(),
                    verdict(model, result, outcome, words));
        }
        out.println();
    }

    private static String verdict(AxleModel model, Result result, Outcome outcome, Words words) {
        if (!(outcome instanceof Outcome.Value value)) {
            return ResultWords.remark(outcome, words);
        }
        Optional<TargetBand> band = Targets.band(model.vehicle(), model.axle(), result);
        if (band.isEmpty() || !Targets.judges(band.get(), model.asked())) {
            return "";
        }
        return words.text("verdict." + band.get().verdict(value.value())) + "  ("
                + range(band.get(), result.quantity(), words) + ")";
    }

    /** A band as text: {@code 75 … 100 %}. */
    public static String range(TargetBand band, Quantity quantity, Words words) {
        UnitStyle units = words.units();
        if (Double.isInfinite(band.high())) {
            return "≥ " + units.text(band.low(), quantity);
        }
        if (Double.isInfinite(band.low())) {
            return "≤ " + units.text(band.high(), quantity);
        }
        return units.format(band.low(), quantity).number() + " … " + units.text(band.high(), quantity);
    }
}
