package org.palanca.desktop.strips;

import java.util.Optional;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Message.Measure;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.result.Outcome;
import org.palanca.result.ResultWords;
import org.palanca.result.targets.Scorecard;
import org.palanca.vehicle.TargetBand;

/** What a strip says in a sentence. */
public final class Verdicts {
    private Verdicts() {}

    /** Verdict, how far out and where. */
    public static String sentence(Analysis.StripValue strip, Words words) {
        if (!(strip.outcome() instanceof Outcome.Value)) {
            return ResultWords.remark(strip.outcome(), words);
        }
        Optional<Scorecard.Mark> mark = strip.mark();
        if (mark.isEmpty()) {
            return words.text("strip.no_band");
        }
        Scorecard.Mark worst = mark.get();
        if (worst.distance() == 0) {
            boolean travel = worst.band().scope() == TargetBand.Scope.TRAVEL;
            return words.text(travel ? "strip.in_band_travel" : "strip.in_band_ride");
        }
        String by = words.text(
                worst.distance() > 0 ? "strip.high_by" : "strip.low_by",
                new Measure(Math.abs(worst.distance()), strip.result().quantity()));
        String where = where(worst, words);
        boolean atRide = worst.travel().left() == 0;
        return atRide ? by + " " + where : by + " " + where + ": " + value(worst, words);
    }

    /** Change from the baseline, signed, or empty when there is none worth showing. */
    public static String change(Analysis.StripValue strip, Words words) {
        if (strip.change().isEmpty()) {
            return "";
        }
        double change = strip.change().get();
        String text = words.units().text(change, strip.result().quantity());
        if (text.matches("[^1-9]*")) {
            return "";
        }
        return words.text("strip.change", (change > 0 ? "+" : "") + text.replace("-", "−"));
    }

    /** Where the worst pose is, in words. */
    public static String where(Scorecard.Mark mark, Words words) {
        double travel = mark.travel().left();
        if (travel == 0) {
            return words.text("strip.at_ride");
        }
        return words.text(travel > 0 ? "strip.at_bump" : "strip.at_droop", Message.length(Math.abs(travel)));
    }

    /** The worst value with its unit. */
    public static String value(Scorecard.Mark mark, Words words) {
        Quantity quantity = mark.result().quantity();
        return words.units().text(mark.value(), quantity).replace("-", "−");
    }
}
