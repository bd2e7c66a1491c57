package org.palanca.desktop.step.steer;

import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.study.steering.AlignmentCard;

/** The alignment card: camber, caster, kingpin inclination and toe of both wheels beside one another. */
final class AlignmentView {
    private AlignmentView() {}

    /** The card of an axle at its pose. */
    static Node of(AlignmentCard shown, Words w) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("card-grid");
        grid.setHgap(12);
        grid.setVgap(6);
        String[] heads = {"", "side.left", "side.right", "steer.cross"};
        for (int column = 1; column < heads.length; column++) {
            Label head = Labels.sentence(w.text(heads[column]), "second");
            head.getStyleClass().add("narrow-head");
            grid.add(head, column, 0);
        }
        int row = 1;
        for (AlignmentCard.Row line : shown.rows()) {
            grid.add(Labels.sentence(w.text("steer.row." + line.id()), "second"), 0, row);
            grid.add(number(line.left(), line.quantity(), w), 1, row);
            grid.add(number(line.right(), line.quantity(), w), 2, row);
            grid.add(number(line.cross(), line.quantity(), w), 3, row);
            row++;
        }
        grid.add(Labels.sentence(w.text("steer.total_toe"), "second"), 0, row);
        grid.add(number(shown.totalToe(), Quantity.ANGLE, w), 1, row);
        row++;
        grid.add(Labels.sentence(w.text("steer.thrust"), "second"), 0, row);
        grid.add(number(shown.thrust(), Quantity.ANGLE, w), 1, row);
        Label title = Labels.of(w.text("steer.card_title"), "form-title");
        Label where = Labels.of(poseText(shown.pose(), w), "second");
        return new VBox(6, title, where, grid);
    }

    static String poseText(WheelTravel pose, Words w) {
        if (pose.equals(WheelTravel.RIDE)) {
            return w.text("top.ride");
        }
        String steered = pose.steer() == 0
                ? w.text("steer.straight")
                : w.text(pose.steer() > 0 ? "pad.steer_left" : "pad.steer_right", percent(Math.abs(pose.steer())));
        return w.text("steer.pose", signed(pose.left(), w), signed(pose.right(), w), steered);
    }

    private static String signed(double travel, Words w) {
        String text = w.units().text(travel, Quantity.LENGTH).replace("-", "−");
        return travel > 0 ? "+" + text : text;
    }

    static String percent(double part) {
        return (Math.round(part * 100) + " %").replace("-", "−");
    }

    private static Label number(double value, Quantity quantity, Words w) {
        Label label = Labels.of(w.units().text(value, quantity).replace("-", "−"), "card-number");
        label.setAlignment(Pos.BASELINE_RIGHT);
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }
}
