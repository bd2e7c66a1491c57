package org.palanca.io.sheet;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.palanca.base.units.Quantity;
import org.palanca.floor.bill.BillLine;
import org.palanca.floor.bill.BillOfMaterials;
import org.palanca.vehicle.work.Purchase;

/** The bill of materials: a line a thing with a box to tick, what the rack has taken off, and what could not be counted. */
final class BillPages {
    private static final double WIDTH = Page.RIGHT - Page.MARGIN;
    private static final double FOOT = Page.HEIGHT - Page.MARGIN - 52;
    private static final double ROW = 17;
    private static final double LINE = 13.5;
    private static final double SIZE = 10.5;

    /** Box, to buy, what, taken and spare, in the rack, price, needed by. */
    private static final double[] COLUMNS = {0, 18, 60, 318, 372, 420, 478};

    private final SheetHead head;
    private final BillOfMaterials bill;
    private final List<Page> pages = new ArrayList<>();

    @SuppressWarnings("NullAway.Init") // The first is begun before anything is drawn.
    private Page page;

    private double y;

    private BillPages(SheetHead head) {
        this.head = head;
        bill = BillOfMaterials.of(head.vehicle());
    }

    /** All of them; none where nothing is bought. */
    static List<Page> of(SheetHead head) {
        BillPages all = new BillPages(head);
        if (all.bill.lines().isEmpty()) {
            return List.of();
        }
        all.draw();
        return List.copyOf(all.pages);
    }

    private void draw() {
        begin();
        BillLine.Kind before = bill.lines().get(0).kind();
        heading(before);
        for (BillLine line : bill.lines()) {
            if (line.kind() != before) {
                before = line.kind();
                y += 8;
                room(4 * ROW);
                heading(before);
            }
            room(2 * ROW);
            row(line);
        }
        y += 18;
        say(head.text("bill.mass", head.words().units().text(bill.mass(), Quantity.MASS)), false);
        if (bill.cost() > 0) {
            say(head.text("bill.cost", money(OptionalDouble.of(bill.cost())), Long.toString(bill.unpriced())), true);
        }
        bill.faults().forEach(one -> say("! " + head.words().text(one), true));
        bill.untold().forEach(one -> say("! " + head.words().text(one), true));
        bill.inTheWay().forEach(one -> say(head.words().text(one), false));
        say(head.text("bill.spares"), false);
        say(head.text("bill.not_counted"), false);
        head.foot(page, "bill");
    }

    private void begin() {
        page = new Page(head.vehicle().name() + " – " + head.text("bill.title"));
        pages.add(page);
        StringBuilder contents = new StringBuilder();
        bill.lines().forEach(line -> contents.append(line.item()).append(line.toBuy()));
        y = head.judged(
                        page,
                        head.vehicle().name() + " – " + head.text("bill.title"),
                        head.text("bill.under"),
                        contents.toString())
                + 16;
        String[] names = {"buy", "what", "takes", "rack", "price", "needed_by"};
        for (int i = 0; i < names.length; i++) {
            page.text(head.text("bill.column." + names[i]), Page.MARGIN + COLUMNS[i + 1], y, SheetHead.SMALL, false);
        }
        page.rule(y + 4);
        y += LINE + 4;
    }

    /** Goes on on another page where there is no room for so much more. */
    private void room(double height) {
        if (y + height > FOOT) {
            head.foot(page, "bill");
            begin();
        }
    }

    private void heading(BillLine.Kind kind) {
        page.text(head.text("bill.kind." + kind.id()), Page.MARGIN, y + 2, SIZE, true);
        y += ROW - 2;
    }

    private void row(BillLine line) {
        Purchase own = line.own();
        page.tick(Page.MARGIN, y, 9, line.toBuy() == 0);
        page.text(Integer.toString(line.toBuy()), Page.MARGIN + COLUMNS[1], y, 13, true);
        double under = page.paragraph(
                head.words().text(line.what()), Page.MARGIN + COLUMNS[2], y, SIZE, false, COLUMNS[3] - COLUMNS[2] - 6);
        page.text(
                line.spare() == 0
                        ? Integer.toString(line.count())
                        : head.text("bill.and_spare", Integer.toString(line.count()), Integer.toString(line.spare())),
                Page.MARGIN + COLUMNS[3],
                y,
                SIZE,
                false);
        page.text(own.rack() == 0 ? "" : Integer.toString(own.rack()), Page.MARGIN + COLUMNS[4], y, SIZE, false);
        page.text(money(own.price()), Page.MARGIN + COLUMNS[5], y, SIZE, false);
        page.text(own.neededBy().map(LocalDate::toString).orElse(""), Page.MARGIN + COLUMNS[6], y, SIZE, false);
        // A long name takes more than one line.
        y = Math.max(y, under - SIZE * 1.35);
        page.faintRule(y + 4.5);
        y += ROW;
    }

    private void say(String text, boolean bold) {
        room(3 * LINE);
        y = page.paragraph(text, Page.MARGIN, y, 10, bold, WIDTH) + 2;
    }

    private static String money(OptionalDouble amount) {
        return amount.isPresent() ? String.format(Locale.ROOT, "%.2f", amount.getAsDouble()) : "";
    }
}
