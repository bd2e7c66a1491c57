package org.palanca.desktop.step.measure;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.geometry.SidedName;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Words;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Mark;

/** Names a new mark, and says by which of its coordinates it is defined. */
final class NewMarkRow extends FlowPane {
    /** Where a new mark is taken to be to begin with [m]: out from the middle, and up. */
    private static final double FIRST_OUT = 0.45;

    private static final double FIRST_HEIGHT = Lengths.inches(24);

    private final TextField name = new TextField();
    private final CheckBox onFloor = new CheckBox();
    private final CheckBox onString = new CheckBox();
    private final Button make = new Button();

    /** @param entered does something with what was typed */
    NewMarkRow(Runnable entered) {
        super(8, 6);
        name.setId("new-mark");
        name.setPrefColumnCount(12);
        name.setOnAction(event -> entered.run());
        onFloor.setId("mark-on-floor");
        onString.setId("mark-on-string");
        make.setId("make-mark");
        make.setOnAction(event -> entered.run());
        for (Region part : new Region[] {make, onFloor, onString}) {
            part.setMinWidth(USE_PREF_SIZE);
        }
        setRowValignment(VPos.CENTER);
        getStyleClass().add("floor-entry");
        getChildren().setAll(name, onFloor, onString, make);
    }

    void relabel(Words w) {
        name.setPromptText(w.text("measure.new_mark"));
        onFloor.setText(w.text("measure.on_floor"));
        onString.setText(w.text("measure.on_string"));
        make.setText(w.text("measure.make_mark"));
    }

    /** What is typed, without blanks round it. */
    String typed() {
        return name.getText().strip();
    }

    void clear() {
        name.clear();
    }

    /** Has a mark named, beginning with what it is called elsewhere. */
    void propose(String proposed) {
        name.setText(proposed);
        name.requestFocus();
    }

    /**
     * The mark that is described.
     *
     * @param place where it was pressed on the drawing, if it was
     * @param behind where it is taken to be along the vehicle otherwise [m]
     */
    Mark mark(Optional<Vector3D> place, double behind) {
        double left = SidedName.of(typed()).side().orElse(Side.LEFT).sign() * FIRST_OUT;
        Vector3D near = place.orElse(new Vector3D(behind, left, FIRST_HEIGHT));
        Set<Axis> defined = EnumSet.noneOf(Axis.class);
        if (onFloor.isSelected()) {
            near = new Vector3D(near.getX(), near.getY(), 0);
            defined.add(Axis.UP);
        }
        if (onString.isSelected()) {
            near = new Vector3D(near.getX(), 0, near.getZ());
            defined.add(Axis.LEFT);
        }
        return new Mark(typed(), near, defined);
    }

    /** A place pressed from above has no height, one pressed from the side none across. */
    static Vector3D pressed(boolean fromAbove, Vector3D place) {
        return fromAbove
                ? new Vector3D(place.getX(), place.getY(), FIRST_HEIGHT)
                : new Vector3D(place.getX(), 0, place.getZ());
    }
}
