package org.palanca.desktop.step;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.desktop.document.Document;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.edit.MountMoves;

/** A mount's three measures as a tape gives them, to be typed: from the axle line towards the vehicle's middle, out and up. */
public final class MountMeasures {
    private final Document document;
    private final Supplier<Words> words;
    private final MeasureField ahead;
    private final MeasureField out;
    private final MeasureField up;
    private final Label aheadName = name();
    private final Label outName = name();
    private final Label upName = name();
    private final List<Label> units = Stream.generate(() -> Labels.of("", "second"))
            .limit(3)
            .peek(unit -> unit.setMinWidth(Region.USE_PREF_SIZE))
            .toList();
    private Optional<MountRef> shown = Optional.empty();

    /** @param prefix starts the fields' ids */
    public MountMeasures(String prefix, Document document, Supplier<Words> words, Consumer<String> complain) {
        this.document = document;
        this.words = words;
        ahead = new MeasureField(Quantity.LENGTH, words, value -> move(value, 0), complain);
        out = new MeasureField(Quantity.LENGTH, words, value -> move(value, 1), complain);
        up = new MeasureField(Quantity.LENGTH, words, value -> move(value, 2), complain);
        ahead.setId(prefix + "-ahead");
        out.setId(prefix + "-out");
        up.setId(prefix + "-up");
    }

    private static Label name() {
        Label label = Labels.of("", "second");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    /** Each measure with its name before it and its unit behind. */
    public List<HBox> pairs() {
        return List.of(
                pair(aheadName, ahead, units.get(0)), pair(outName, out, units.get(1)), pair(upName, up, units.get(2)));
    }

    private static HBox pair(Label label, MeasureField field, Label unit) {
        label.setLabelFor(field);
        HBox pair = new HBox(5, label, field, unit);
        pair.setAlignment(Pos.CENTER_LEFT);
        pair.setMinWidth(Region.USE_PREF_SIZE);
        return pair;
    }

    /** Shows a mount as it stands, in the present units and words; one that is not there is not shown. */
    public void show(MountRef mount) {
        shown = Optional.of(mount).filter(this::there);
        if (shown.isEmpty()) {
            return;
        }
        Words w = words.get();
        Axle axle = axle(mount);
        Vector3D at = axle.position(mount.mount(), document.vehicle().wheelbase());
        aheadName.setText(w.text(axle.place() == AxlePlace.FRONT ? "mount.behind" : "mount.ahead"));
        outName.setText(w.text("mount.out"));
        upName.setText(w.text("mount.up"));
        units.forEach(unit -> unit.setText(w.units().unit(Quantity.LENGTH)));
        ahead.show(inward(axle) * (at.getX() - axle.lineX(document.vehicle().wheelbase())));
        out.show(Math.abs(at.getY()));
        up.show(at.getZ());
    }

    private boolean there(MountRef ref) {
        return document.vehicle()
                .axle(ref.axle())
                .flatMap(axle -> axle.mount(ref.mount()))
                .isPresent();
    }

    private Axle axle(MountRef ref) {
        return document.vehicle().axle(ref.axle()).orElseThrow();
    }

    private static double inward(Axle axle) {
        return -axle.place().outward();
    }

    private void move(double value, int measure) {
        // What was typed for a mount that is gone by now is nobody's.
        shown.filter(this::there).ifPresent(ref -> {
            Axle axle = axle(ref);
            double wheelbase = document.vehicle().wheelbase();
            Vector3D at = axle.position(ref.mount(), wheelbase);
            Vector3D to = switch (measure) {
                case 0 -> new Vector3D(axle.lineX(wheelbase) + inward(axle) * value, at.getY(), at.getZ());
                case 1 -> new Vector3D(at.getX(), Side.of(at.getY()).sign() * value, at.getZ());
                default -> new Vector3D(at.getX(), at.getY(), value);
            };
            Message said = Message.of("change.moved", ref.mount());
            if (!document.change(MountMoves.moveTo(document.vehicle(), ref, to), said, "")) {
                show(ref);
            }
        });
    }
}
