package org.palanca.cli.print;

import java.io.PrintWriter;
import java.util.List;
import java.util.Optional;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Result;
import org.palanca.result.ResultWords;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.sweep.Sweep;
import org.palanca.result.targets.Targets;

/** For each result its range along a path and its worst pose. */
public final class SweepTable {
    private SweepTable() {}

    /** Prints the table. */
    public static void print(AxleModel model, Sweep sweep, Words words, PrintWriter out) {
        out.println(model.vehicle().name() + " · "
                + words.text("axle." + model.axle().place().id()));
        out.printf(
                "  %-30s %12s %12s %12s   %s%n",
                "", words.text("least"), words.text("most"), words.text("worst"), words.text("worst_at"));
        List<Result> results = sweep.results();
        for (int i = 0; i < results.size(); i++) {
            row(model, sweep, i, words, out);
        }
        out.println();
    }

    private static void row(AxleModel model, Sweep sweep, int index, Words words, PrintWriter out) {
        Result result = sweep.results().get(index);
        Quantity quantity = result.quantity();
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (double value : sweep.curve(index)) {
            least = Math.min(least, Double.isNaN(value) ? least : value);
            most = Math.max(most, Double.isNaN(value) ? most : value);
        }
        Optional<Integer> worst = sweep.worst(index, Targets.band(model.vehicle(), model.axle(), result));
        if (worst.isEmpty()) {
            out.printf("  %-30s %12s%n", ResultWords.name(result, words), "–");
            return;
        }
        WheelTravel pose = sweep.path().at(worst.get());
        out.printf(
                "  %-30s %12s %12s %12s   %s, %s%n",
                ResultWords.name(result, words),
                words.units().text(least, quantity),
                words.units().text(most, quantity),
                words.units().text(sweep.value(worst.get(), index), quantity),
                words.units().text(pose.left(), Quantity.LENGTH),
                words.units().text(pose.right(), Quantity.LENGTH));
    }
}
