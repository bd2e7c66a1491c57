package org.palanca.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.concurrent.Callable;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.cli.print.ReportJson;
import org.palanca.cli.print.SurveyTable;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.SurveyRemark;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Mark;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Prints where every mark is, how sure that is, and which reading to doubt. */
@Command(name = "survey", mixinStandardHelpOptions = true, resourceBundle = "org.palanca.cli.cli")
public final class SurveyCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private VehicleOptions input;

    @Mixin
    private JsonOption json;

    @Override
    public Integer call() throws Exception {
        Vehicle vehicle = input.open(spec.commandLine().getErr());
        Adjustment adjustment = Adjustment.of(vehicle.build().survey());
        if (json.asked()) {
            spec.commandLine().getOut().println(report(vehicle, adjustment).text());
            return ExitCodes.OK;
        }
        SurveyTable.print(adjustment, input.words(), spec.commandLine().getOut());
        return ExitCodes.OK;
    }

    private ReportJson report(Vehicle vehicle, Adjustment adjustment) {
        ReportJson report = new ReportJson("survey", vehicle, input.words());
        ObjectNode root = report.root();
        root.put("readings", adjustment.survey().readings().size());
        root.put("redundancy", adjustment.redundancy());
        ArrayNode marks = root.putArray("marks");
        for (Mark mark : adjustment.survey().marks()) {
            ObjectNode node = marks.addObject();
            node.put("name", mark.name());
            Vector3D at = adjustment.place(mark.name());
            ReportJson.put(node, "x", at.getX(), Quantity.LENGTH);
            ReportJson.put(node, "y", at.getY(), Quantity.LENGTH);
            ReportJson.put(node, "z", at.getZ(), Quantity.LENGTH);
            ReportJson.put(node, "standard_deviation", adjustment.uncertainty(mark.name()), Quantity.LENGTH);
            ArrayNode free = node.putArray("not_held");
            for (Axis axis : adjustment.free(mark.name())) {
                free.add(axis.id());
            }
        }
        ArrayNode remarks = root.putArray("remarks");
        for (SurveyRemark remark : SurveyRemark.of(adjustment)) {
            ObjectNode node = remarks.addObject();
            node.put("level", ReportJson.id(remark.level()));
            remark.marks().forEach(node.putArray("marks")::add);
            report.message(node, remark.message());
            remark.fix().ifPresent(fix -> report.message(node.putObject("fix"), fix.said()));
        }
        return report;
    }
}
