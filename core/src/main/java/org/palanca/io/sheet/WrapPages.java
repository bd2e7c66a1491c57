package org.palanca.io.sheet;

import java.util.ArrayList;
import java.util.List;
import org.palanca.base.units.Lengths;
import org.palanca.floor.cutting.TubeCope;

/**
 * The wrap of a cope in true size: what is unrolled off the tube's skin, to be cut out, laid round the tube and scribed along. A wrap
 * wider than a page goes on on the next; a square tells whether the printer kept the size.
 */
final class WrapPages {
    /** Points on paper by a metre. */
    private static final double TRUE_SIZE = 72 / Lengths.INCH;

    /** From the longest place of the cut to the straight edge, besides the depth [m]. */
    private static final double BAND = Lengths.inches(1);

    /** What one end of the wrap laps over the other [m]. */
    private static final double LAP = Lengths.inches(0.5);

    private static final double SQUARE = Lengths.inches(2);

    /** Foot of the check square; the wrap ends above it [points]. */
    private static final double FOOT = Page.HEIGHT - Page.MARGIN - 56;

    private static final double LOWEST = FOOT - SQUARE * TRUE_SIZE;

    /** Room across a page, less than that so that pages lap over one another by a quarter of an inch [m]. */
    private static final double ACROSS = Lengths.inches(7.25);

    private static final double STEP = Lengths.inches(7);

    private static final int POINTS = 360;

    private WrapPages() {}

    /**
     * The pages of one end.
     *
     * @param title what is cut, and at which end
     */
    static List<Page> of(SheetHead head, TubeCope cope, String title, String contents) {
        double round = 2 * Math.PI * cope.tube();
        int count = (int) Math.ceil((round + LAP) / STEP - 1e-9);
        List<Page> pages = new ArrayList<>();
        for (int i = 0; i < Math.max(1, count); i++) {
            Page page = new Page(title);
            String under = head.text(
                    "wrap.under",
                    head.length(2 * cope.tube()),
                    head.length(2 * cope.other()),
                    head.angle(cope.angle()));
            double y = head.draw(page, title, under, contents + cope);
            y = page.paragraph(
                    head.text("wrap.how", head.fine(cope.depth() + BAND)),
                    Page.MARGIN,
                    y + 12,
                    10,
                    false,
                    Page.RIGHT - Page.MARGIN);
            if (count > 1) {
                y = page.paragraph(
                        head.text("wrap.tiles", Integer.toString(i + 1), Integer.toString(count), head.length(STEP)),
                        Page.MARGIN,
                        y,
                        10,
                        true,
                        Page.RIGHT - Page.MARGIN);
            }
            if (y + 26 + (cope.depth() + BAND) * TRUE_SIZE + 30 > LOWEST) {
                page.paragraph(
                        head.text("wrap.too_tall", head.length(cope.depth())),
                        Page.MARGIN,
                        y + 20,
                        12,
                        true,
                        Page.RIGHT - Page.MARGIN);
                head.foot(page, "links");
                return List.of(page);
            }
            wrap(head, page, cope, i * STEP, y + 26);
            square(head, page);
            head.foot(page, "links");
            pages.add(page);
        }
        return pages;
    }

    /** What of the wrap is on a page that begins so far round the tube [m]. */
    private static void wrap(SheetHead head, Page page, TubeCope cope, double from, double top) {
        double round = 2 * Math.PI * cope.tube();
        double nearest = cope.nearest();
        double base = top + (cope.depth() + BAND) * TRUE_SIZE;
        for (int i = 0; i < POINTS; i++) {
            double one = round * i / POINTS;
            double other = round * (i + 1) / POINTS;
            if (one >= from - 1e-9 && other <= from + ACROSS + 1e-9) {
                page.line(
                        x(one - from),
                        top + (cope.along(one / cope.tube()) - nearest) * TRUE_SIZE,
                        x(other - from),
                        top + (cope.along(other / cope.tube()) - nearest) * TRUE_SIZE,
                        1.1,
                        0);
            }
        }
        double end = Math.min(from + ACROSS, round + LAP);
        page.line(x(0), base, x(end - from), base, 1.1, 0);
        for (double edge : new double[] {0, round, round + LAP}) {
            if (edge >= from - 1e-9 && edge <= from + ACROSS + 1e-9) {
                double cut = edge > round ? 0 : cope.along(edge / cope.tube()) - nearest;
                page.line(x(edge - from), top + cut * TRUE_SIZE, x(edge - from), base, 0.8, edge > round ? 4 : 0);
            }
        }
        for (int quarter = 0; quarter <= 4; quarter++) {
            double at = round * quarter / 4;
            if (at >= from - 1e-9 && at <= from + ACROSS - Lengths.inches(0.25)) {
                page.line(x(at - from), top - 8, x(at - from), base + 8, 0.3, 3);
                String name = head.text("wrap.at", Integer.toString(quarter * 90 % 360));
                String side = quarter % 2 == 0 ? head.text("wrap.bolt") : head.text("wrap.side");
                page.text(name, x(at - from) + 2, base + 12, SheetHead.SMALL, true);
                page.text(side, x(at - from) + 2, base + 22, SheetHead.SMALL, false);
            }
        }
    }

    private static double x(double metres) {
        return Page.MARGIN + metres * TRUE_SIZE;
    }

    private static void square(SheetHead head, Page page) {
        double side = SQUARE * TRUE_SIZE;
        double bottom = FOOT;
        page.box(Page.MARGIN, bottom - side, Page.MARGIN + side, bottom, 0.8);
        page.paragraph(
                head.text("wrap.square", head.length(SQUARE)),
                Page.MARGIN + side + 14,
                bottom - side + 14,
                10.5,
                true,
                Page.RIGHT - Page.MARGIN - side - 14);
        page.text(head.text("wrap.measured"), Page.MARGIN + side + 14, bottom - 30, 10, false);
        page.blank(Page.MARGIN + side + 120, Page.MARGIN + side + 200, bottom - 29);
        page.blank(Page.MARGIN + side + 220, Page.MARGIN + side + 300, bottom - 29);
    }
}
