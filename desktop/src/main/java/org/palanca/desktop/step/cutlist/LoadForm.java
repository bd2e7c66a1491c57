package org.palanca.desktop.step.cutlist;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.regex.Pattern;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.step.FormFields;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.study.load.LinkStrength;
import org.palanca.vehicle.LoadFactors;
import org.palanca.vehicle.Vehicle;

/** What the link that is picked is asked to bear and what it bears, and the factors that are asked of all. */
final class LoadForm {
    private static final Pattern NUMBER = Pattern.compile("\\d{1,3}(\\.\\d{1,4})?");

    private final CutListPane pane;
    private final FormFields fields;

    LoadForm(CutListPane pane, FormFields fields) {
        this.pane = pane;
        this.fields = fields;
    }

    List<Node> rows(LinkCut cut) {
        Words w = pane.words();
        LoadFactors now = pane.vehicle().build().loads();
        List<Node> rows = new ArrayList<>();
        Optional<LinkStrength> strength =
                LinkStrength.of(pane.vehicle(), List.of(cut)).stream().findFirst();
        if (strength.isEmpty()) {
            rows.add(Labels.sentence(w.text("strength.untold"), "limit"));
        }
        strength.ifPresent(one -> {
            one.faults().forEach(fault -> rows.add(Labels.sentence(w.text(fault), "limit")));
            List<Message> told = one.told();
            for (int i = 0; i < told.size(); i++) {
                Node line = Labels.sentence(w.text(told.get(i)), "working-why");
                line.setId("strength-" + i);
                rows.add(line);
            }
        });
        FlowPane row = fields.row();
        factor(row, "brake", now.brake(), now::withBrake);
        factor(row, "drive", now.drive(), now::withDrive);
        factor(row, "corner", now.corner(), now::withCorner);
        factor(row, "bump", now.bump(), now::withBump);
        factor(row, "kerb", now.kerb(), now::withKerb);
        factor(row, "wanted", now.wanted(), now::withWanted);
        rows.add(row);
        rows.add(Labels.sentence(w.text("strength.caution"), "second"));
        return rows;
    }

    private void factor(FlowPane row, String name, double now, DoubleFunction<LoadFactors> next) {
        TextField field = new TextField(plain(now));
        field.setId("load-" + name);
        field.setPrefColumnCount(5);
        field.setOnAction(event -> {
            String typed = field.getText().strip();
            if (NUMBER.matcher(typed).matches()) {
                pane.complain("");
                set(next.apply(Double.parseDouble(typed)));
            } else {
                pane.complain(pane.words().text("load.no_number", typed));
                field.setText(plain(now));
            }
        });
        row.getChildren().add(Labels.over(pane.words().text("load.factor." + name), field));
    }

    private static String plain(double factor) {
        return BigDecimal.valueOf(factor).stripTrailingZeros().toPlainString();
    }

    private void set(LoadFactors loads) {
        Vehicle vehicle = pane.vehicle();
        boolean done = pane.document()
                .change(vehicle.withBuild(vehicle.build().withLoads(loads)), Message.of("change.loads"), "");
        if (!done) {
            pane.refresh();
        }
    }
}
