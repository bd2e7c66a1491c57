package org.palanca.desktop.step.cutlist;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.step.FormFields;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.Stock;

/** What there is of the tube of the link that is picked: how many of which length in the rack, and the lengths that are sold. */
final class StockForm {
    /** A length in the rack to begin with [m]. */
    private static final double OFFCUT = Lengths.inches(48);

    private static final int MOST = 1000;

    private final CutListPane pane;
    private final FormFields fields;

    StockForm(CutListPane pane, FormFields fields) {
        this.pane = pane;
        this.fields = fields;
    }

    List<Node> rows(LinkCut cut) {
        Words w = pane.words();
        Stock stock = pane.vehicle().build().stock();
        List<Node> rows = new ArrayList<>();
        rows.add(Labels.sentence(w.text("stock.how"), "second"));
        for (int i = 0; i < stock.bars().size(); i++) {
            if (stock.bars().get(i).fits(cut.tube())) {
                rows.add(bar(stock, i));
            }
        }
        FlowPane add = new FlowPane(6, 6);
        add.getChildren()
                .addAll(
                        Labels.button(
                                "stock-add-rack",
                                w.text("stock.add_rack"),
                                () -> set(stock.with(new Stock.Bar(cut.tube(), OFFCUT, OptionalInt.of(1))))),
                        Labels.button(
                                "stock-add-sold",
                                w.text("stock.add_sold"),
                                () -> set(stock.with(new Stock.Bar(cut.tube(), Stock.SOLD, OptionalInt.empty())))));
        rows.add(add);
        FlowPane saw = fields.row();
        fields.length(saw, "stock-kerf", "stock.kerf", stock.kerf(), typed -> set(stock.withKerf(typed)));
        rows.add(saw);
        return rows;
    }

    private Node bar(Stock stock, int index) {
        Words w = pane.words();
        Stock.Bar bar = stock.bars().get(index);
        FlowPane row = fields.row();
        row.setRowValignment(VPos.BOTTOM);
        fields.length(
                row,
                "stock-length-" + index,
                bar.count().isPresent() ? "stock.length" : "stock.length_sold",
                bar.length(),
                typed -> replace(stock, index, new Stock.Bar(bar.tube(), typed, bar.count())));
        if (bar.count().isPresent()) {
            TextField count = new TextField(Integer.toString(bar.count().getAsInt()));
            count.setId("stock-count-" + index);
            count.setPrefColumnCount(4);
            count.setOnAction(event -> count(stock, index, count.getText().strip()));
            row.getChildren().add(Labels.over(w.text("stock.count"), count));
        }
        row.getChildren().add(Labels.button("stock-drop-" + index, w.text("stock.drop"), () -> {
            List<Stock.Bar> left = new ArrayList<>(stock.bars());
            left.remove(index);
            set(stock.withBars(left));
        }));
        return new VBox(4, row);
    }

    private void count(Stock stock, int index, String typed) {
        Stock.Bar bar = stock.bars().get(index);
        if (!typed.matches("\\d{1,4}") || Integer.parseInt(typed) > MOST) {
            pane.complain(pane.words().text("stock.count_wrong", typed, Integer.toString(MOST)));
            pane.refresh();
            return;
        }
        pane.complain("");
        replace(stock, index, new Stock.Bar(bar.tube(), bar.length(), OptionalInt.of(Integer.parseInt(typed))));
    }

    private void replace(Stock stock, int index, Stock.Bar bar) {
        List<Stock.Bar> next = new ArrayList<>(stock.bars());
        next.set(index, bar);
        set(stock.withBars(next));
    }

    private void set(Stock stock) {
        Vehicle vehicle = pane.vehicle();
        boolean done = pane.document()
                .change(vehicle.withBuild(vehicle.build().withStock(stock)), Message.of("change.stock"), "");
        if (!done) {
            pane.refresh();
        }
    }
}
