package org.palanca.desktop.step.shocks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.study.ride.RideHeight;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.springing.Air;
import org.palanca.vehicle.springing.Coil;
import org.palanca.vehicle.springing.Coils;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.Spring;
import org.palanca.vehicle.springing.Springing;

/** The springs of an axle's shocks: coils singly or up to three on one another, or air; both sides alike. */
final class SpringsForm {
    private final ShocksPane pane;

    SpringsForm(ShocksPane pane) {
        this.pane = pane;
    }

    Node rows(Words w, Shock first) {
        VBox rows = new VBox(6);
        Spring spring = first.spring().orElseThrow();
        spring.visit(
                coils -> coilFields(rows, w, first, coils),
                air -> rows.getChildren().add(airFields(w, air)));
        return rows;
    }

    private void coilFields(VBox rows, Words w, Shock first, Coils coils) {
        for (int i = 0; i < coils.coils().size(); i++) {
            rows.getChildren().add(coil(i, coils.coils().get(i), coils.coils().size()));
        }
        FlowPane row = ShocksPane.row();
        rows.getChildren().add(row);
        pane.field(
                row,
                "spring-preload",
                "shocks.preload",
                Quantity.LENGTH,
                coils.preload(),
                v -> coils(c -> c.withPreload(v)));
        if (coils.coils().size() < 3) {
            row.getChildren().add(Labels.button("coil-add", w.text("shocks.coil_add"), this::addCoil));
        }
        if (coils.coils().size() > 1) {
            row.getChildren()
                    .add(Labels.button(
                            "coil-drop",
                            w.text("shocks.coil_drop"),
                            () -> coils(c ->
                                    new Coils(c.coils().subList(1, c.coils().size()), c.preload()))));
        }
        if (first.size().isPresent()) {
            row.getChildren().add(Labels.button("spring-air", w.text("shocks.to_air"), this::toAir));
        }
    }

    private Node airFields(Words w, Air air) {
        FlowPane row = ShocksPane.row();
        pane.field(
                row,
                "air-pressure",
                "shocks.pressure",
                Quantity.PRESSURE,
                air.pressure(),
                v -> air(a -> a.withPressure(v)));
        pane.field(
                row,
                "air-diameter",
                "shocks.air_diameter",
                Quantity.LENGTH,
                air.diameter(),
                v -> air(a -> new Air(v, a.column(), a.pressure(), a.exponent())));
        pane.field(
                row,
                "air-column",
                "shocks.air_column",
                Quantity.LENGTH,
                air.column(),
                v -> air(a -> new Air(a.diameter(), v, a.pressure(), a.exponent())));
        pane.field(
                row,
                "air-exponent",
                "shocks.air_exponent",
                Quantity.RATIO,
                air.exponent(),
                v -> air(a -> new Air(a.diameter(), a.column(), a.pressure(), v)));
        row.getChildren().add(Labels.button("spring-coils", w.text("shocks.to_coils"), pane::suggest));
        return row;
    }

    private Node coil(int index, Coil coil, int of) {
        String name = of == 1 ? "one" : index == 0 ? "upper" : index == of - 1 ? "lower" : "middle";
        String id = "coil-" + index + "-";
        FlowPane group = ShocksPane.row();
        pane.field(
                group,
                id + "rate",
                "shocks.rate",
                Quantity.RATE,
                coil.rate(),
                v -> coil(index, c -> new Coil(v, c.free(), c.solid(), c.stop())));
        pane.field(
                group,
                id + "free",
                "shocks.free",
                Quantity.LENGTH,
                coil.free(),
                v -> coil(index, c -> new Coil(c.rate(), v, c.solid(), c.stop())));
        pane.field(
                group,
                id + "solid",
                "shocks.solid",
                Quantity.LENGTH,
                coil.solid(),
                v -> coil(index, c -> new Coil(c.rate(), c.free(), v, c.stop())));
        if (of > 1 && index < of - 1) {
            pane.field(
                    group,
                    id + "stop",
                    "shocks.crossover",
                    Quantity.LENGTH,
                    coil.stop().orElse(coil.room()),
                    v -> coil(index, c -> new Coil(c.rate(), c.free(), c.solid(), OptionalDouble.of(v))));
        }
        return new VBox(2, Labels.of(pane.words().text("shocks.coil." + name), "form-title"), group);
    }

    private void coils(UnaryOperator<Coils> how) {
        pane.spring(
                "shocks.springs",
                s -> s.mapShocks(shock ->
                        shock.withSpring(shock.spring().map(one -> one.match(how::apply, air -> air)))));
    }

    private void coil(int index, UnaryOperator<Coil> how) {
        coils(coils -> {
            List<Coil> next = new ArrayList<>(coils.coils());
            next.set(index, how.apply(next.get(index)));
            return new Coils(next, coils.preload());
        });
    }

    private void addCoil() {
        coils(coils -> {
            List<Coil> next = new ArrayList<>(coils.coils());
            Coil lower = next.get(0);
            next.add(
                    0,
                    new Coil(
                            lower.rate() * 0.6,
                            Lengths.inches(12),
                            Lengths.inches(4.25),
                            OptionalDouble.of(Lengths.inches(4))));
            return new Coils(next, coils.preload());
        });
    }

    private void air(UnaryOperator<Air> how) {
        pane.spring(
                "shocks.springs",
                s -> s.mapShocks(shock ->
                        shock.withSpring(shock.spring().map(one -> one.match(coils -> coils, how::apply)))));
    }

    /** Air in the place of the coils, pumped so that it carries the weight. */
    private void toAir() {
        Springing next = pane.springing()
                .mapShocks(shock -> shock.spring().isPresent() && shock.size().isPresent()
                        ? shock.withSpring(Optional.of(Air.ordinary(shock.size().get())))
                        : shock);
        Vehicle aired = pane.vehicle().withAxle(pane.axle().withSpringing(next));
        pane.plan("shocks.to_air", RideHeight.set(aired, pane.place()).orElse(aired));
    }
}
