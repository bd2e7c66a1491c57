package org.palanca.cli.print;

import java.io.PrintWriter;
import java.util.List;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.assessment.SteeringOffer;
import org.palanca.study.steering.AlignmentCard;
import org.palanca.study.steering.JointLimit;
import org.palanca.study.steering.PickupAdvice;
import org.palanca.study.steering.SecondBox;
import org.palanca.study.steering.SteerSweep;
import org.palanca.study.steering.TurningCircle;
import org.palanca.vehicle.Vehicle;

/** Alignment and steering of one axle as text. */
public final class SteerTable {
    private SteerTable() {}

    /** Prints the card at the model's pose, then what the steering does. Leaves the model at ride. */
    public static void print(AxleModel model, WheelTravel pose, Words words, PrintWriter out) {
        Vehicle vehicle = model.vehicle();
        out.println(words.text("axle." + model.axle().place().id()) + ", "
                + words.text("type." + model.axle().type().id()));
        AlignmentCard card = AlignmentCard.of(model, pose);
        out.printf(
                "  %-12s %10s %10s %10s%n", "", words.text("side.left"), words.text("side.right"), words.text("cross"));
        for (AlignmentCard.Row row : card.rows()) {
            out.printf(
                    "  %-12s %10s %10s %10s%n",
                    words.text("row." + row.id()),
                    text(row.left(), row.quantity(), words),
                    text(row.right(), row.quantity(), words),
                    text(row.cross(), row.quantity(), words));
        }
        out.println("  " + words.text("total_toe", Message.angle(card.totalToe()), Message.angle(card.thrust())));
        if (model.axle().steering().isPresent()) {
            SteerSweep.Turn full = SteerSweep.run(model).fullLeft();
            out.println("  " + words.text("locks", Message.angle(full.inner()), Message.angle(full.outer())));
            full.ackermann()
                    .ifPresent(percent -> out.println("  " + words.text("ackermann", Math.round(percent) + " %")));
        }
        TurningCircle.toTheLeft(vehicle)
                .ifPresent(circle -> out.println("  " + words.text("circle", Message.onTheRoad(circle.diameter()))));
        SecondBox.of(model).ifPresent(box -> box.said().forEach(said -> out.println("  " + words.text(said))));
        JointLimit.first(model)
                .ifPresent(joint -> out.println("  "
                        + words.text(
                                "joint_limit",
                                joint.mount(),
                                Message.angle(joint.tilt()),
                                Message.angle(joint.limit()))));
        List<SteeringOffer> offers =
                SteeringOffer.of(vehicle, model.axle().place(), Lengths.INCH / 16, PickupAdvice.Room.USUAL, () -> true);
        if (!offers.isEmpty()) {
            out.println("  " + words.text("pickup"));
            out.println("    " + words.text(offers.get(0).now(vehicle)));
            offers.forEach(offer -> out.println("    " + words.text(offer.said(vehicle))));
        }
        model.toRide();
        model.moveTo(model.axle().travel().bump(), -model.axle().travel().droop());
        model.bindNote().ifPresent(note -> out.println("  " + words.text(note)));
        model.toRide();
    }

    private static String text(double value, Quantity quantity, Words words) {
        return words.units().text(value, quantity);
    }
}
