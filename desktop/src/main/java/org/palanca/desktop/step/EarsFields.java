package org.palanca.desktop.step;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.layout.FlowPane;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.bracket.HoleClass;
import org.palanca.vehicle.hardware.Ears;

/** The fields of the ears of a bracket: what is between them, how thick they are, the bolt and its hole. */
public final class EarsFields {
    /** Ears where none are described yet: 1/4 in plate, a 5/8 in bolt in a hole of 11/16 in; common practice, no source. */
    public static final Ears FIRST = new Ears(inches(0.875), inches(0.25), inches(0.625), inches(0.6875));

    private static final double SAME = 2e-5;

    private EarsFields() {}

    /**
     * A row of them.
     *
     * @param prefix starts the ids of the fields
     * @param suffix ends them
     */
    public static FlowPane row(FormFields fields, String prefix, String suffix, Ears ears, Consumer<Ears> changed) {
        FlowPane row = fields.row();
        fields.length(
                row,
                prefix + "-gap" + suffix,
                "cutlist.gap",
                ears.gap(),
                value -> changed.accept(new Ears(value, ears.thickness(), ears.bolt(), ears.hole())));
        fields.length(
                row,
                prefix + "-ear" + suffix,
                "cutlist.ear",
                ears.thickness(),
                value -> changed.accept(new Ears(ears.gap(), value, ears.bolt(), ears.hole())));
        fields.length(
                row,
                prefix + "-bolt" + suffix,
                "cutlist.bolt",
                ears.bolt(),
                // The hole stays one of its class.
                value -> changed.accept(new Ears(
                        ears.gap(),
                        ears.thickness(),
                        value,
                        of(ears).map(known -> hole(known, value)).orElse(ears.hole()))));
        fields.length(
                row,
                prefix + "-hole" + suffix,
                "cutlist.hole",
                ears.hole(),
                value -> changed.accept(new Ears(ears.gap(), ears.thickness(), ears.bolt(), value)));
        List<Optional<HoleClass>> classes = new ArrayList<>();
        Arrays.stream(HoleClass.values()).map(Optional::of).forEach(classes::add);
        if (of(ears).isEmpty()) {
            classes.add(Optional.empty());
        }
        row.getChildren()
                .add(fields.choice(
                        prefix + "-class" + suffix,
                        "brackets.hole_class",
                        classes,
                        of(ears),
                        one -> "hole." + one.map(HoleClass::id).orElse("own"),
                        one -> one.ifPresent(known -> changed.accept(
                                new Ears(ears.gap(), ears.thickness(), ears.bolt(), hole(known, ears.bolt()))))));
        return row;
    }

    private static double inches(double inches) {
        return Quantity.LENGTH.onGrid(Lengths.inches(inches));
    }

    private static double hole(HoleClass known, double bolt) {
        return Quantity.LENGTH.onGrid(known.hole(bolt));
    }

    /** The class that a hole is of; empty where it is as large as somebody said. */
    private static Optional<HoleClass> of(Ears ears) {
        return Arrays.stream(HoleClass.values())
                .filter(one -> Math.abs(one.hole(ears.bolt()) - ears.hole()) < SAME)
                .findFirst();
    }
}
