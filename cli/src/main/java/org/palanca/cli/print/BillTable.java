package org.palanca.cli.print;

import java.io.PrintWriter;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.floor.bill.BillLine;
import org.palanca.floor.bill.BillOfMaterials;

/** The bill of materials as text. */
public final class BillTable {
    private BillTable() {}

    public static void print(BillOfMaterials bill, Words words, PrintWriter out) {
        BillLine.@Nullable Kind before = null;
        for (BillLine line : bill.lines()) {
            if (line.kind() != before) {
                before = line.kind();
                out.println(words.text("bill.kind." + before.id()));
            }
            String takes = line.spare() == 0
                    ? Integer.toString(line.count())
                    : words.text("bill.and_spare", Integer.toString(line.count()), Integer.toString(line.spare()));
            StringBuilder text = new StringBuilder(String.format(
                    Locale.ROOT,
                    "%6d  %s (%s %s)",
                    line.toBuy(),
                    words.text(line.what()),
                    words.text("bill.column.takes"),
                    takes));
            if (line.own().rack() > 0) {
                text.append(String.format(
                        Locale.ROOT,
                        ", %s %d",
                        words.text("bill.column.rack"),
                        line.own().rack()));
            }
            line.cost().ifPresent(cost -> text.append(String.format(Locale.ROOT, ", %.2f", cost)));
            line.own()
                    .neededBy()
                    .ifPresent(day -> text.append(", ")
                            .append(words.text("bill.column.needed_by"))
                            .append(' ')
                            .append(day));
            out.println(text);
        }
        out.println(words.text("bill.mass", words.units().text(bill.mass(), Quantity.MASS)));
        if (bill.cost() > 0) {
            out.println(words.text(
                    "bill.cost", String.format(Locale.ROOT, "%.2f", bill.cost()), Long.toString(bill.unpriced())));
        }
        bill.faults().forEach(one -> out.println("! " + words.text(one)));
        bill.untold().forEach(one -> out.println("! " + words.text(one)));
        bill.inTheWay().forEach(one -> out.println(words.text(one)));
        out.println(words.text("bill.spares"));
        out.println(words.text("bill.not_counted"));
    }
}
