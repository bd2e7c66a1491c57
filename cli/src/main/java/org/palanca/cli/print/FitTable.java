package org.palanca.cli.print;

import java.io.PrintWriter;
import java.util.List;
import org.palanca.base.words.Verdict;
import org.palanca.base.words.Words;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.study.fit.FitWords;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** How an axle fits, as text. */
public final class FitTable {
    private FitTable() {}

    /** Prints a sentence a line; an exclamation mark stands before what is not as wanted. */
    public static void print(Vehicle vehicle, AxlePlace place, Words words, PrintWriter out) {
        out.println(words.text("axle." + place.id()));
        List<Verdict> said =
                FitWords.of(vehicle, place, Adjustment.of(vehicle.build().survey()));
        for (Verdict one : said) {
            out.println((one.good() ? "    " : "  ! ") + words.text(one.message()));
        }
        if (said.isEmpty()) {
            out.println("    " + words.text("fit.nothing"));
        }
    }
}
