package org.palanca.cli.print;

import java.io.PrintWriter;
import java.util.stream.Collectors;
import org.palanca.base.words.Words;
import org.palanca.floor.plate.BracketPlan;
import org.palanca.floor.plate.Plate;
import org.palanca.floor.plate.PlateList;
import org.palanca.floor.plate.PlateWords;
import org.palanca.floor.plate.StalePlate;
import org.palanca.vehicle.Vehicle;

/** The plates of brackets as text. */
public final class PlateTable {
    private PlateTable() {}

    /** Prints each plate with its work, then each bracket with its bolt and what is wrong or missing. */
    public static void print(Vehicle vehicle, PlateList list, Words words, PrintWriter out) {
        if (list.brackets().isEmpty()) {
            out.println("  " + words.text("plates_no_bracket"));
        }
        for (Plate plate : list.plates()) {
            out.println(plate.mark() + "  " + PlateWords.goes(plate, words));
            out.println("  " + words.text(PlateWords.cutFrom(plate)));
            PlateWords.work(plate.flat()).forEach(one -> out.println("  " + words.text(one)));
        }
        for (BracketPlan plan : list.brackets()) {
            out.println(words.text("axle." + plan.mount().axle().id()) + ", "
                    + plan.mount().mount() + ": "
                    + words.text("bracket.form." + plan.bracket().form().id()));
            if (!plan.missing().isEmpty()) {
                out.println("  "
                        + words.text(
                                "cut.missing",
                                plan.missing().stream().map(words::text).collect(Collectors.joining("; "))));
            }
            plan.faults().forEach(one -> out.println("  ! " + words.text(one)));
            PlateWords.bolt(plan).forEach(one -> out.println("  " + words.text(one)));
            plan.notes().forEach(one -> out.println("  " + words.text(one)));
        }
        StalePlate.of(vehicle, list.plates()).forEach(one -> out.println("! " + words.text(one.said())));
    }
}
