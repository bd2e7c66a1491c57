package org.palanca.cli.print;

import java.io.PrintWriter;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.SurveyRemark;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Mark;

/** An adjusted survey as text. */
public final class SurveyTable {
    private SurveyTable() {}

    /** Prints the marks with their standard deviations, then what is to be said of them. */
    public static void print(Adjustment adjustment, Words words, PrintWriter out) {
        out.printf(
                "  %-20s %14s %14s %14s   %s%n",
                "",
                words.text("survey.kind.ahead.short"),
                words.text("survey.kind.offset.short"),
                words.text("survey.kind.height.short"),
                words.text("uncertainty"));
        for (Mark mark : adjustment.survey().marks()) {
            Vector3D at = adjustment.place(mark.name());
            out.printf(
                    "  %-20s %14s %14s %14s   %s%n",
                    mark.name(),
                    words.units().text(at.getX(), Quantity.LENGTH),
                    words.units().text(at.getY(), Quantity.LENGTH),
                    words.units().text(at.getZ(), Quantity.LENGTH),
                    uncertainty(adjustment, mark, words));
        }
        out.println();
        out.println("  "
                + words.text(
                        "survey_fit",
                        Integer.toString(adjustment.survey().readings().size()),
                        Integer.toString(adjustment.redundancy())));
        for (SurveyRemark remark : SurveyRemark.of(adjustment)) {
            out.println("  " + words.text(remark.message()));
        }
        adjustmentIsWell(adjustment, words, out);
    }

    private static void adjustmentIsWell(Adjustment adjustment, Words words, PrintWriter out) {
        boolean well =
                SurveyRemark.of(adjustment).stream().allMatch(remark -> remark.level() == SurveyRemark.Level.ADVICE);
        if (well) {
            out.println("  " + words.text("survey.well_held"));
        }
    }

    private static String uncertainty(Adjustment adjustment, Mark mark, Words words) {
        double uncertainty = adjustment.uncertainty(mark.name());
        if (Double.isInfinite(uncertainty)) {
            StringBuilder free = new StringBuilder(words.text("not_held"));
            for (Axis axis : adjustment.free(mark.name())) {
                free.append(' ').append(words.text("survey.axis." + axis.id()));
            }
            return free.toString();
        }
        return uncertainty == 0 ? words.text("defined") : "± " + words.units().fine(uncertainty);
    }
}
