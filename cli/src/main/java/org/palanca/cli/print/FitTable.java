package org.palanca.cli.print;

import java.io.PrintWriter;
import java.util.List;
import org.palanca.fit.FitWords;
import org.palanca.survey.adjust.Adjustment;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.words.Said;
import org.palanca.words.Words;

/** How an axle fits, as text. */
public final class FitTable {
    private FitTable() {}

    /** Prints a sentence a line; an exclamation mark stands before what is not as wanted. */
    public static void print(Vehicle vehicle, AxlePlace place, Words words, PrintWriter out) {
        out.println(words.text("axle." + place.id()));
        List<Said> said =
                FitWords.of(vehicle, place, Adjustment.of(vehicle.build().survey()));
        for (Said one : said) {
            out.println((one.good() ? "    " : "  ! ") + words.text(one.message()));
        }
        if (said.isEmpty()) {
            out.println("    " + words.text("fit.nothing"));
        }
    }
}
