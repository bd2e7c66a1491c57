package org.palanca.desktop.step.shaft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.BiFunction;
import javafx.scene.layout.FlowPane;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Differential;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.work.ServiceMoment;

/** The fields of a differential that hangs in the frame: its place, its pinion, its flanges, and what it is hung by. */
final class DifferentialForm {
    /** Radius of the room that a hand with a wrench needs [m]: common practice, no source. */
    private static final double ACCESS = Lengths.inches(2);

    private final ShaftPane pane;

    DifferentialForm(ShaftPane pane) {
        this.pane = pane;
    }

    /** Shows what is known of it, or an ordinary one where the half-shafts come together. */
    void fill(Optional<Differential> known) {
        Differential now = known.orElseGet(this::usual);
        FlowPane row = pane.row("differential");
        for (Axis axis : Axis.values()) {
            pane.place(row, "middle_" + axis.id(), axis, now.middle(), to -> set(now.withMiddle(to)));
        }
        field(row, "hung_pinion", Quantity.ANGLE, now, now.pinion(), Differential::withPinion);
        field(row, "hung_nose", Quantity.LENGTH, now, now.nose(), Differential::withNose);
        field(row, "hung_drop", Quantity.LENGTH, now, now.drop(), Differential::withDrop);
        field(row, "hung_left", Quantity.LENGTH, now, now.left(), Differential::withLeft);
        field(row, "hung_right", Quantity.LENGTH, now, now.right(), Differential::withRight);
        field(row, "hung_radius", Quantity.LENGTH, now, now.radius(), Differential::withRadius);
        MeasureField ears = field(
                row, "hung_ears", Quantity.LENGTH, now, 0, (one, typed) -> one.withEars(OptionalDouble.of(typed)));
        ears.setOnCleared(() -> set(now.withEars(OptionalDouble.empty())));
        if (now.ears().isPresent()) {
            ears.show(now.ears().getAsDouble());
        } else {
            ears.showNone(pane.words().text("cutlist.not_known"));
        }
        field(row, "hung_plate", Quantity.LENGTH, now, now.plate(), Differential::withPlate);
        access("fill", now, new Vector3D(pane.place().outward() * (now.radius() + ACCESS), 0, 0), row);
        access("breather", now, new Vector3D(0, 0, now.radius() + ACCESS), row);
        if (known.isEmpty()) {
            row.getChildren()
                    .add(Labels.button("shaft-take-differential", pane.words().text("shaft.take"), () -> set(now)));
        }
    }

    /** A button that keeps room where hand and wrench have to get at the differential, as long as there is none. */
    private void access(String what, Differential now, Vector3D off, FlowPane row) {
        Words w = pane.words();
        String name = w.text("shaft.access." + what);
        if (pane.around().part(name).isPresent()) {
            return;
        }
        row.getChildren().add(Labels.button("shaft-access-" + what, w.text("shaft.access", name), () -> {
            Vector3D at = now.middle().add(off);
            Vector3D onGrid = new Vector3D(
                    Quantity.LENGTH.onGrid(at.getX()),
                    Quantity.LENGTH.onGrid(at.getY()),
                    Quantity.LENGTH.onGrid(at.getZ()));
            List<Part> parts = new ArrayList<>(pane.around().parts());
            parts.add(new Part(
                    name,
                    BodyName.FRAME,
                    Part.Kind.SERVICE,
                    new Part.TubeForm(List.of(onGrid), ACCESS, OptionalDouble.empty()),
                    Set.of("differential"),
                    Optional.empty(),
                    ServiceMoment.RIDE));
            pane.set(pane.around().withParts(parts));
        }));
    }

    /** The half-shafts may have said where it is, in the middle. */
    private Differential usual() {
        Differential usual = Differential.usual(pane.axle(), pane.wheelbase());
        return pane.around()
                .halfShafts()
                .map(shafts -> usual.withMiddle(new Vector3D(
                                shafts.inner().getX(), 0, shafts.inner().getZ()))
                        .withLeft(Math.abs(shafts.inner().getY()))
                        .withRight(Math.abs(shafts.inner().getY())))
                .orElse(usual);
    }

    private void set(Differential next) {
        pane.set(pane.around().withDifferential(next));
    }

    private MeasureField field(
            FlowPane row,
            String name,
            Quantity quantity,
            Differential now,
            double value,
            BiFunction<Differential, Double, Differential> with) {
        MeasureField field = new MeasureField(
                quantity, pane.wordsSupplier(), typed -> set(with.apply(now, typed)), pane.complaints());
        field.setId("shaft-" + name.replace('_', '-'));
        field.show(value);
        row.getChildren()
                .add(Labels.over(pane.words().text("shaft.field." + name), field, quantity, pane.wordsSupplier()));
        return field;
    }
}
