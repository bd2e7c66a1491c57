package org.palanca.desktop.step.shocks;

import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Weights;

/** What each wheel of an axle carries: typed, or taken from scales. */
final class WeightsForm {
    private final ShocksPane pane;
    private final ScaleRow scales;

    WeightsForm(ShocksPane pane) {
        this.pane = pane;
        scales = new ScaleRow(pane.wordsSupplier(), pane.complaints(), this::weighed);
    }

    /** Makes labels anew, for other words or units. */
    void relabel() {
        scales.relabel();
    }

    /** Hangs up the scales. */
    void dispose() {
        scales.stop();
    }

    private void weights(UnaryOperator<Weights> how) {
        Weights now = Weights.of(pane.vehicle(), pane.place());
        pane.change(
                build -> build.with(pane.place(), how.apply(now)),
                "weights",
                pane.words().text("axle." + pane.place().id()));
    }

    /** Takes what four scales show. */
    private void weighed(double[] pads) {
        int at = pane.place() == AxlePlace.FRONT ? 0 : 2;
        weights(w -> new Weights(
                pads[at], pads[at + 1], Math.min(w.unsprung(), 0.9 * 2 * Math.min(pads[at], pads[at + 1]))));
    }

    Node row(Words w) {
        FlowPane row = ShocksPane.row();
        Weights now = Weights.of(pane.vehicle(), pane.place());
        pane.field(
                row,
                "weight-left",
                "shocks.weight_left",
                Quantity.MASS,
                now.left(),
                v -> weights(x -> new Weights(v, x.right(), x.unsprung())));
        pane.field(
                row,
                "weight-right",
                "shocks.weight_right",
                Quantity.MASS,
                now.right(),
                v -> weights(x -> new Weights(x.left(), v, x.unsprung())));
        pane.field(
                row,
                "weight-unsprung",
                "shocks.unsprung",
                Quantity.MASS,
                now.unsprung(),
                v -> weights(x -> new Weights(x.left(), x.right(), v)));
        scales.show(pane.vehicle());
        row.getChildren().add(scales);
        return row;
    }
}
