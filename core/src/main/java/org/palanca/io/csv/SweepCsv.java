package org.palanca.io.csv;

import java.io.IOException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Result;
import org.palanca.result.sweep.Sweep;

/** A sweep as a table: left and right travel, then every result, the unit in each column's name. */
public final class SweepCsv {
    private SweepCsv() {}

    /** Writes the table. Cells are empty where there is no answer, {@code inf} or {@code -inf} at infinity. */
    public static void write(Sweep sweep, Appendable out) throws IOException {
        CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180);
        printer.print("left_travel_mm");
        printer.print("right_travel_mm");
        for (Result result : sweep.results()) {
            printer.print(result.id() + "_" + result.quantity().fileUnit());
        }
        printer.println();
        for (int pose = 0; pose < sweep.poses(); pose++) {
            WheelTravel travel = sweep.path().at(pose);
            printer.print(travel.left() * 1000);
            printer.print(travel.right() * 1000);
            for (int i = 0; i < sweep.results().size(); i++) {
                printer.print(cell(sweep.results().get(i).quantity().toFile(sweep.value(pose, i))));
            }
            printer.println();
        }
        printer.flush();
    }

    private static String cell(double value) {
        if (Double.isNaN(value)) {
            return "";
        }
        if (Double.isInfinite(value)) {
            return value > 0 ? "inf" : "-inf";
        }
        return Double.toString(value);
    }
}
