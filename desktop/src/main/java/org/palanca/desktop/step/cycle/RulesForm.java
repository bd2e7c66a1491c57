package org.palanca.desktop.step.cycle;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.MeasureField;
import org.palanca.vehicle.ClearanceRules;
import org.palanca.vehicle.Link;

/** How much room must stay, what paint takes and bushings give of it, and how far joints may tilt. */
final class RulesForm {
    private final CyclePane pane;
    private String link = "";

    RulesForm(CyclePane pane) {
        this.pane = pane;
    }

    Node row() {
        Words w = pane.words();
        FlowPane row = new FlowPane(10, 4);
        ClearanceRules now = rulesNow();
        rule(row, w, "worst", now.worst(), ClearanceRules::withWorst);
        rule(row, w, "fixed", now.fixed(), ClearanceRules::withFixed);
        rule(row, w, "moving", now.moving(), ClearanceRules::withMoving);
        rule(row, w, "tyre", now.tyre(), ClearanceRules::withTyre);
        rule(row, w, "driveline", now.driveline(), ClearanceRules::withDriveline);
        rule(row, w, "paint", now.paint(), ClearanceRules::withPaint);
        rule(row, w, "bushing", now.bushing(), ClearanceRules::withBushing);
        MeasureField joint = new MeasureField(
                Quantity.ANGLE,
                pane::words,
                value -> set(w.text("cycle.rule.joint"), rulesNow().withJoint(value)),
                pane::complain);
        joint.setId("rule-joint");
        joint.show(now.joint());
        row.getChildren().add(Labels.over(w.text("cycle.rule.joint"), joint, Quantity.ANGLE, pane::words));
        links(row, w);
        return row;
    }

    /** One link's joints that tilt further than the others, or less far. */
    private void links(FlowPane row, Words w) {
        List<String> names = pane.axleNow().links().stream().map(Link::name).toList();
        if (names.isEmpty()) {
            return;
        }
        if (!names.contains(link)) {
            link = names.get(0);
        }
        ComboBox<String> links = new ComboBox<>();
        links.setId("rule-link");
        links.getItems().setAll(names);
        links.setValue(link);
        MeasureField tilts = new MeasureField(
                Quantity.ANGLE,
                pane::words,
                value -> set(link, rulesNow().withJoint(link, OptionalDouble.of(value))),
                pane::complain);
        tilts.setId("rule-link-joint");
        tilts.setOnCleared(() -> set(link, rulesNow().withJoint(link, OptionalDouble.empty())));
        show(tilts, w);
        links.setOnAction(event -> {
            link = links.getValue();
            show(tilts, w);
        });
        row.getChildren()
                .addAll(
                        Labels.over(w.text("cycle.rule.link"), links),
                        Labels.over(w.text("cycle.rule.link_joint"), tilts, Quantity.ANGLE, pane::words));
    }

    private void show(MeasureField tilts, Words w) {
        Double own = rulesNow().joints().get(link);
        if (own == null) {
            tilts.showNone(w.text("cycle.rule.as_others"));
        } else {
            tilts.show(own);
        }
    }

    private ClearanceRules rulesNow() {
        return pane.build().rules();
    }

    private void rule(
            FlowPane row, Words w, String name, double now, BiFunction<ClearanceRules, Double, ClearanceRules> with) {
        MeasureField field = new MeasureField(
                Quantity.LENGTH,
                pane::words,
                value -> set(w.text("cycle.rule." + name), with.apply(rulesNow(), value)),
                pane::complain);
        field.fine().setId("rule-" + name);
        field.show(now);
        row.getChildren().add(Labels.over(w.text("cycle.rule." + name), field, Quantity.LENGTH, pane::words));
    }

    private void set(String name, ClearanceRules rules) {
        boolean sound = rules.joint() > 0
                && rules.joints().values().stream().allMatch(angle -> angle > 0)
                && Math.min(Math.min(rules.worst(), rules.fixed()), Math.min(rules.paint(), rules.bushing())) >= 0
                && Math.min(rules.moving(), Math.min(rules.tyre(), rules.driveline())) >= 0;
        if (!sound) {
            pane.complain(pane.words().text("cycle.rule_negative", name));
            return;
        }
        pane.change(build -> build.withRules(rules), "part", name);
    }
}
