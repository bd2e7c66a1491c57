package org.palanca.desktop.step.shocks;

import java.util.Arrays;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.palanca.base.units.MeasureFormatException;
import org.palanca.base.units.Quantity;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.study.ride.ShockPlacing;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.SpringingMoves;
import org.palanca.vehicle.springing.BumpStop;
import org.palanca.vehicle.springing.Strap;
import org.palanca.vehicle.springing.SwayBar;
import org.palanca.vehicle.springing.TorsionBar;

/** What ends the travel and what holds it in roll: stops, straps, sway and torsion bars; both sides alike. */
final class EndsForm {
    private final ShocksPane pane;

    EndsForm(ShocksPane pane) {
        this.pane = pane;
    }

    Node stops(Words w) {
        FlowPane row = ShocksPane.row();
        stops(row, w);
        return row;
    }

    Node straps(Words w) {
        FlowPane row = ShocksPane.row();
        straps(row, w);
        return row;
    }

    private void stops(FlowPane row, Words w) {
        List<BumpStop> stops = pane.springing().stops();
        if (stops.isEmpty()) {
            action(
                    row,
                    "stop-add",
                    "shocks.stop_add",
                    w,
                    () -> stopsAtBump(SpringingMoves.addStops(vehicle(), place())));
            return;
        }
        stopField(
                row,
                "free",
                BumpStop::free,
                (s, v) -> new BumpStop(s.name(), s.from(), s.to(), v, s.collapsed(), s.forces()));
        stopField(
                row,
                "collapsed",
                BumpStop::collapsed,
                (s, v) -> new BumpStop(s.name(), s.from(), s.to(), s.free(), v, s.forces()));
        List<Double> forces = stops.get(0).forces();
        pane.field(
                row,
                "stop-force",
                "shocks.stop_force",
                Quantity.FORCE,
                forces.get(forces.size() - 1),
                v -> pane.spring(
                        "shocks.ends",
                        s -> s.withStops(s.stops().stream()
                                .map(stop -> stop.withLastForce(v))
                                .toList())));
        curve(row, w, forces);
        action(row, "stop-set", "shocks.stop_set", w, () -> stopsAtBump(vehicle()));
    }

    private Vehicle stopsAtBump(Vehicle with) {
        return ShockPlacing.stopsAt(with, place(), pane.axle().travel().bump());
    }

    private void straps(FlowPane row, Words w) {
        List<Strap> straps = pane.springing().straps();
        if (straps.isEmpty()) {
            action(
                    row,
                    "strap-add",
                    "shocks.strap_add",
                    w,
                    () -> strapsAtDroop(SpringingMoves.addStraps(vehicle(), place())));
            return;
        }
        pane.field(
                row,
                "strap-length",
                "shocks.strap_length",
                Quantity.LENGTH,
                straps.get(0).length(),
                v -> pane.spring(
                        "shocks.strap_length",
                        s -> s.withStraps(s.straps().stream()
                                .map(strap -> strap.withLength(v))
                                .toList())));
        action(row, "strap-set", "shocks.strap_set", w, () -> strapsAtDroop(vehicle()));
    }

    private Vehicle strapsAtDroop(Vehicle with) {
        return ShockPlacing.strapsAt(with, place(), pane.axle().travel().droop());
    }

    /** A button that puts another vehicle in the place of this one. */
    private void action(FlowPane row, String id, String key, Words w, Supplier<Vehicle> made) {
        row.getChildren().add(Labels.button(id, w.text(key), () -> pane.plan(key, made.get())));
    }

    private Vehicle vehicle() {
        return pane.vehicle();
    }

    private AxlePlace place() {
        return pane.place();
    }

    /** A stop's whole curve as one line of text: what it pushes at equal steps until it is solid. */
    private void curve(FlowPane row, Words w, List<Double> forces) {
        UnitStyle units = w.units();
        TextField curve = new TextField(forces.stream()
                .map(force -> units.format(force, Quantity.FORCE).number())
                .collect(Collectors.joining(", ")));
        curve.setId("stop-forces");
        curve.setPrefColumnCount(16);
        curve.setOnAction(event -> {
            try {
                List<Double> next = Arrays.stream(curve.getText().split(","))
                        .map(one -> Quantity.FORCE.onGrid(units.parse(one, Quantity.FORCE)))
                        .toList();
                pane.spring(
                        "shocks.ends",
                        s -> s.withStops(s.stops().stream()
                                .map(stop -> new BumpStop(
                                        stop.name(), stop.from(), stop.to(), stop.free(), stop.collapsed(), next))
                                .toList()));
            } catch (MeasureFormatException e) {
                pane.complain(w.text(e));
            }
        });
        row.getChildren().add(Labels.over(w.text("shocks.stop_curve", units.unit(Quantity.FORCE)), curve));
    }

    private void stopField(
            FlowPane row, String name, ToDoubleFunction<BumpStop> get, BiFunction<BumpStop, Double, BumpStop> with) {
        pane.field(
                row,
                "stop-" + name,
                "shocks.stop_" + name,
                Quantity.LENGTH,
                get.applyAsDouble(pane.springing().stops().get(0)),
                v -> pane.spring(
                        "shocks.ends",
                        s -> s.withStops(s.stops().stream()
                                .map(stop -> with.apply(stop, v))
                                .toList())));
    }

    Node swayBars(Words w) {
        FlowPane row = ShocksPane.row();
        for (SwayBar bar : pane.springing().swayBars()) {
            pane.field(
                    row,
                    "sway-" + bar.name(),
                    "shocks.sway",
                    Quantity.TWIST_RATE,
                    bar.rate(),
                    v -> pane.spring(
                            "shocks.sway",
                            s -> s.withSwayBars(s.swayBars().stream()
                                    .map(one -> new SwayBar(one.name(), one.left(), one.right(), v))
                                    .toList())));
        }
        if (pane.springing().swayBars().isEmpty()) {
            row.getChildren()
                    .add(Labels.button(
                            "sway-add",
                            w.text("shocks.sway_add"),
                            () -> pane.plan(
                                    "shocks.sway_add", SpringingMoves.addSwayBar(pane.vehicle(), pane.place()))));
        }
        return row;
    }

    /** The rates of torsion bars that spring it; nothing where there are none. */
    Node torsionBars() {
        FlowPane row = ShocksPane.row();
        for (TorsionBar bar : pane.springing().torsionBars()) {
            pane.field(
                    row,
                    "torsion-" + bar.name(),
                    "shocks.torsion",
                    Quantity.TWIST_RATE,
                    bar.rate(),
                    v -> pane.spring(
                            "shocks.torsion",
                            s -> s.withTorsionBars(s.torsionBars().stream()
                                    .map(one -> new TorsionBar(one.name(), one.joint(), v, one.windUp()))
                                    .toList())));
        }
        return row;
    }
}
