package org.palanca.cli.print;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.assessment.SteeringOffer;
import org.palanca.study.steering.AlignmentCard;
import org.palanca.study.steering.JointLimit;
import org.palanca.study.steering.PickupAdvice;
import org.palanca.study.steering.SecondBox;
import org.palanca.study.steering.SteerSweep;
import org.palanca.study.steering.TurningCircle;

/** How an axle is aligned and steers, for programs. */
public final class SteerJson {
    private SteerJson() {}

    /** Writes the alignment at a pose, lock to lock at ride, the turning circle, the tightest joint, and where pickups belong. */
    public static void write(ReportJson report, ObjectNode axle, AxleModel model, WheelTravel at) {
        ReportJson.pose(axle.putObject("pose"), at);
        AlignmentCard card = AlignmentCard.of(model, at);
        ObjectNode rows = axle.putObject("alignment");
        for (AlignmentCard.Row row : card.rows()) {
            ObjectNode node = rows.putObject(row.id());
            ReportJson.put(node, "left", row.left(), row.quantity());
            ReportJson.put(node, "right", row.right(), row.quantity());
            ReportJson.put(node, "cross", row.cross(), row.quantity());
        }
        ReportJson.put(axle, "total_toe", card.totalToe(), Quantity.ANGLE);
        ReportJson.put(axle, "thrust", card.thrust(), Quantity.ANGLE);
        if (model.axle().steering().isPresent()) {
            ArrayNode turns = axle.putArray("lock_to_lock");
            for (SteerSweep.Turn turn : SteerSweep.run(model).turns()) {
                ObjectNode node = turns.addObject();
                node.put("steer", turn.steer());
                ReportJson.put(node, "left", turn.left(), Quantity.ANGLE);
                ReportJson.put(node, "right", turn.right(), Quantity.ANGLE);
                node.put("inside", turn.inside().id());
                turn.ackermann().ifPresent(percent -> ReportJson.put(node, "ackermann", percent, Quantity.PERCENT));
            }
        }
        TurningCircle.toTheLeft(model.vehicle())
                .ifPresent(circle -> ReportJson.put(axle, "turning_circle", circle.diameter(), Quantity.LENGTH));
        SecondBox.of(model).ifPresent(box -> {
            ObjectNode node = axle.putObject("second_box");
            node.put("joint", box.joint());
            ReportJson.put(node, "at_left_lock", box.atLeft(), Quantity.ANGLE);
            ReportJson.put(node, "at_right_lock", box.atRight(), Quantity.ANGLE);
            ReportJson.put(node, "first_lock", box.first(), Quantity.ANGLE);
            ReportJson.put(node, "turned_by_travel", box.follows(), Quantity.ANGLE);
            ReportJson.pose(node.putObject("pose"), box.pose());
        });
        JointLimit.first(model).ifPresent(joint -> {
            ObjectNode node = axle.putObject("tightest_joint");
            node.put("mount", joint.mount());
            ReportJson.put(node, "tilt", joint.tilt(), Quantity.ANGLE);
            ReportJson.put(node, "limit", joint.limit(), Quantity.ANGLE);
            ReportJson.pose(node.putObject("pose"), joint.pose());
        });
        pickups(report, axle.putArray("pickups"), model);
    }

    private static void pickups(ReportJson report, ArrayNode pickups, AxleModel model) {
        for (SteeringOffer offer : SteeringOffer.of(
                model.vehicle(), model.axle().place(), Lengths.INCH / 16, PickupAdvice.Room.USUAL, () -> true)) {
            PickupAdvice choice = offer.choice();
            ObjectNode node = pickups.addObject();
            node.put("mount", choice.mount().mount());
            ReportJson.put(node, "x_by", choice.by().getX(), Quantity.LENGTH);
            ReportJson.put(node, "y_by", choice.by().getY(), Quantity.LENGTH);
            ReportJson.put(node, "z_by", choice.by().getZ(), Quantity.LENGTH);
            ReportJson.put(node, "largest_toe_change_before", choice.before(), Quantity.ANGLE);
            ReportJson.put(node, "largest_toe_change_then", choice.then(), Quantity.ANGLE);
            ReportJson.put(node, "tie_rod_before", choice.rodBefore(), Quantity.LENGTH);
            ReportJson.put(node, "tie_rod_then", choice.rod(), Quantity.LENGTH);
            choice.ackermannBefore()
                    .ifPresent(percent -> ReportJson.put(node, "ackermann_before", percent, Quantity.PERCENT));
            choice.ackermann().ifPresent(percent -> ReportJson.put(node, "ackermann_then", percent, Quantity.PERCENT));
            node.put("verdict", offer.worse().isEmpty() ? "harmless" : "makes_worse");
            report.faults(node, "worse", offer.worse());
        }
    }
}
