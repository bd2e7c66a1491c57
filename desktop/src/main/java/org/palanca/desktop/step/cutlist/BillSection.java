package org.palanca.desktop.step.cutlist;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.floor.bill.BillOfMaterials;
import org.palanca.io.FileFormatException;
import org.palanca.io.csv.BillCsv;
import org.palanca.io.sheet.SheetKind;
import org.palanca.vehicle.work.Purchase;

/** What has to be bought: how much of it is known, the list on paper, and a table that goes out and comes back filled in. */
final class BillSection {
    private final CutListPane pane;

    BillSection(CutListPane pane) {
        this.pane = pane;
    }

    List<Node> rows(BillOfMaterials bill) {
        Words w = pane.words();
        List<Node> rows = new ArrayList<>();
        rows.add(Labels.of(w.text("make.to_buy"), "form-title"));
        long open = bill.lines().stream().filter(line -> line.toBuy() > 0).count();
        Label count = Labels.sentence(
                w.text(
                        "make.bill_lines",
                        Long.toString(open),
                        Integer.toString(bill.lines().size())),
                "working-why");
        count.setId("bill-count");
        rows.add(count);
        if (bill.cost() > 0) {
            rows.add(Labels.sentence(
                    w.text(
                            "bill.cost",
                            String.format(Locale.ROOT, "%.2f", bill.cost()),
                            Long.toString(bill.unpriced())),
                    "working-why"));
        }
        List<Message> wrong = new ArrayList<>(bill.faults());
        wrong.addAll(bill.untold());
        wrong.forEach(one -> rows.add(Labels.sentence(w.text(one), "limit")));
        bill.inTheWay().forEach(one -> rows.add(Labels.sentence(w.text(one), "second")));
        FlowPane buttons = new FlowPane(
                6,
                6,
                Labels.button(
                        "bill-sheet",
                        w.text("make.bill"),
                        () -> pane.context().sheet(SheetKind.BILL, Optional.empty())),
                Labels.button("bill-csv", w.text("make.bill_csv"), this::write),
                Labels.button("bill-csv-in", w.text("make.bill_in"), this::read));
        rows.add(buttons);
        rows.add(Labels.sentence(w.text("make.bill_why"), "second"));
        return rows;
    }

    /** Of this moment: the list beside may be a moment behind. */
    private void write() {
        pane.writeTable("bill", out -> BillCsv.write(BillOfMaterials.of(pane.vehicle()), pane.words(), out));
    }

    /** What the table says takes the place of what was known: its blanks as well. */
    private void read() {
        Words w = pane.words();
        pane.context().files().toOpen(w.text("file_window.rack")).ifPresent(path -> {
            try {
                List<Purchase> read = BillCsv.read(Files.readString(path, StandardCharsets.UTF_8));
                pane.change(build -> build.withPurchases(read), "purchases");
            } catch (FileFormatException e) {
                pane.complain(path.getFileName() + ": " + w.text(e.told()));
            } catch (IOException e) {
                pane.complain(w.text("cutlist.csv_unread", path.getFileName().toString()));
            }
        });
    }
}
