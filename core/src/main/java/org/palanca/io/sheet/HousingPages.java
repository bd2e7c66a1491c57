package org.palanca.io.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.palanca.base.geometry.Side;
import org.palanca.base.words.Message;
import org.palanca.floor.placing.BenchPlacing;
import org.palanca.floor.placing.BenchWords;
import org.palanca.study.driveline.ShaftOrder;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.housing.ClockedPart;
import org.palanca.vehicle.housing.DialReading;
import org.palanca.vehicle.housing.DialWords;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.HousingSize;
import org.palanca.vehicle.housing.HousingSum;
import org.palanca.vehicle.housing.Straightness;
import org.palanca.vehicle.housing.WeldOrder;
import org.palanca.vehicle.work.WorkStep;

/** The housing sheet: what to cut, drawn to scale with what a tape can reach; clock angles; order; blanks; cautions. */
public final class HousingPages {
    private static final HousingSize[] CUTS = {
        HousingSize.TUBE_DIAMETER,
        HousingSize.TUBE_WALL,
        HousingSize.TUBE_LEFT,
        HousingSize.TUBE_RIGHT,
        HousingSize.TUBE_AND_END_LEFT,
        HousingSize.TUBE_AND_END_RIGHT,
        HousingSize.TUBE_CUT_OFF_LEFT,
        HousingSize.TUBE_CUT_OFF_RIGHT,
        HousingSize.CUT_OFF_LEFT,
        HousingSize.CUT_OFF_RIGHT,
        HousingSize.END_MARK_LEFT,
        HousingSize.END_MARK_RIGHT,
        HousingSize.TUBE_MARK_LEFT,
        HousingSize.TUBE_MARK_RIGHT,
        HousingSize.SHAFT_LEFT,
        HousingSize.SHAFT_RIGHT,
        HousingSize.ENGAGED_LEFT,
        HousingSize.ENGAGED_RIGHT
    };

    /** Empty lines for rounds still to come. */
    private static final int BLANKS = 2;

    /** Room for the name of a bracket, and for each line that is told of it. */
    private static final double BRACKET = 18;

    private static final double BRACKET_LINE = 14;

    /** Room for the rounds of one end. */
    private static final double DIALS = 72;

    private final SheetHead head;
    private final AxlePlace place;
    private final Housing housing;
    private final HousingSum sum;
    private final double pinionRide;

    private HousingPages(SheetHead head, AxlePlace place) {
        this.head = head;
        this.place = place;
        housing = head.vehicle().build().housing(place);
        sum = housing.sum();
        pinionRide = head.vehicle().axle(place).orElseThrow().pinion();
    }

    /** Both pages for an axle. */
    public static List<Page> of(SheetHead head, AxlePlace place, Optional<ShaftOrder> shaft) {
        HousingPages pages = new HousingPages(head, place);
        List<Page> all = new ArrayList<>(List.of(pages.lengths(shaft), pages.order()));
        all.addAll(pages.brackets());
        return List.copyOf(all);
    }

    /** The drawing alone, from the upper left corner, as wide as a page, for showing it elsewhere. */
    public static List<Ink> drawing(SheetHead head, AxlePlace place) {
        Page page = new Page("");
        new HousingPages(head, place).drawing(page, 0, false);
        return page.ink();
    }

    private String under() {
        return String.join(
                " · ",
                head.vehicle().name(),
                head.text("axle." + place.id()),
                head.text("housing.ends." + housing.ends().id()),
                head.text("housing.school." + housing.school().id()));
    }

    private Page lengths(Optional<ShaftOrder> shaft) {
        Page page = new Page(head.text("housing.sheet"));
        double y = head.judged(page, head.text("housing.sheet"), under(), housing.toString());
        for (Message fault : sum.faults()) {
            y = page.paragraph(head.words().text(fault), Page.MARGIN, y + 10, 10, true, Page.RIGHT - Page.MARGIN) - 10;
        }
        drawing(page, y, true);
        y = cuts(page, y + 222);
        y = shaft(page, y + 6, shaft);
        y = clocking(page, y + 6);
        page.paragraph(head.text("housing.mark_line_note"), Page.MARGIN, y + 12, 10, false, Page.RIGHT - Page.MARGIN);
        head.foot(page, "arc");
        return page;
    }

    private double size(HousingSize size) {
        return sum.size(size).orElse(Double.NaN);
    }

    /** From behind, so that left is left: casting, tubes, ends, wheel faces, and the dimensions in chains. */
    private void drawing(Page page, double top, boolean onPaper) {
        double halfLeft = size(HousingSize.HALF_LEFT);
        double halfRight = size(HousingSize.HALF_RIGHT);
        if (Double.isNaN(halfLeft) || Double.isNaN(halfRight) || halfLeft <= 0 || halfRight <= 0) {
            page.text(head.text("housing.too_little"), Page.MARGIN, top + 24, 12, false);
            return;
        }
        double stackLeft = sum.size(HousingSize.STACK_LEFT).orElse(0);
        double stackRight = sum.size(HousingSize.STACK_RIGHT).orElse(0);
        double all = stackLeft + halfLeft + halfRight + stackRight;
        double room = Page.RIGHT - Page.MARGIN - 8;
        int scale = Scales.fitting(all, room, 0.5, 190);
        double points = Scales.points(scale);
        double pinion = (Page.MARGIN + Page.RIGHT) / 2 + (stackLeft + halfLeft - halfRight - stackRight) / 2 * points;
        double axis = top + 76;
        if (onPaper) {
            // On a screen it is as large as there is room for.
            page.textRight(
                    head.text("sheet.scale", Integer.toString(scale)), Page.RIGHT, top + 8, SheetHead.SMALL, false);
        }
        page.text(head.text("housing.from_behind"), Page.MARGIN, top + 8, SheetHead.SMALL, true);
        page.line(Page.MARGIN, axis, Page.RIGHT, axis, 0.3, 8);
        page.circle(pinion, axis, 0.14 * points, 0.9, false);
        page.circle(pinion, axis, 0.03 * points, 0.9, false);
        page.line(pinion, axis - 0.2 * points, pinion, axis + 0.2 * points, 0.3, 4);
        for (Side side : Side.values()) {
            half(page, side, pinion, axis, points);
        }
        double bottom = axis + 0.2 * points + 12;
        double left = pinion - halfLeft * points;
        double right = pinion + halfRight * points;
        dimension(page, left, pinion, bottom, HousingSize.HALF_LEFT);
        dimension(page, pinion, right, bottom, HousingSize.HALF_RIGHT);
        dimension(page, left, right, bottom + 16, HousingSize.ENDS);
        dimension(page, left - stackLeft * points, right + stackRight * points, bottom + 32, HousingSize.WHEEL_FACES);
        for (double x : new double[] {left, pinion, right}) {
            page.witness(x, axis + 12, bottom + 19);
        }
        page.witness(left - stackLeft * points, axis + 8, bottom + 35);
        page.witness(right + stackRight * points, axis + 8, bottom + 35);
        page.text(head.text("housing.reach_note"), Page.MARGIN, bottom + 48, SheetHead.SMALL, false);
    }

    private void half(Page page, Side side, double pinion, double axis, double points) {
        double out = -side.sign();
        double half = size(HousingSize.valueOf("HALF" + suffix(side)));
        double stop = sum.size(HousingSize.valueOf("STOP" + suffix(side))).orElse(0.14);
        double enters = sum.size(HousingSize.valueOf("ENTERS" + suffix(side))).orElse(0);
        double end = sum.size(HousingSize.valueOf("END" + suffix(side))).orElse(0);
        double stack = sum.size(HousingSize.valueOf("STACK" + suffix(side))).orElse(0);
        double tube = 0.038 * points;
        double from = pinion + out * (stop + enters) * points;
        double to = pinion + out * (half - end) * points;
        double face = pinion + out * half * points;
        page.line(from, axis - tube, to, axis - tube, 0.9, 0);
        page.line(from, axis + tube, to, axis + tube, 0.9, 0);
        page.line(from, axis - 1.5 * tube, from, axis + 1.5 * tube, 0.9, 0);
        page.line(pinion + out * 0.13 * points, axis - 1.5 * tube, from, axis - 1.5 * tube, 0.9, 0);
        page.line(pinion + out * 0.13 * points, axis + 1.5 * tube, from, axis + 1.5 * tube, 0.9, 0);
        // The tube inside the casting, down to its stop.
        double rests = pinion + out * stop * points;
        page.line(from, axis - tube, rests, axis - tube, 0.4, 2);
        page.line(from, axis + tube, rests, axis + tube, 0.4, 2);
        page.line(rests, axis - tube, rests, axis + tube, 0.4, 2);
        page.box(Math.min(to, face), axis - 1.8 * tube, Math.max(to, face), axis + 1.8 * tube, 0.9);
        double wheel = face + out * stack * points;
        page.line(wheel, axis - 2.4 * tube, wheel, axis + 2.4 * tube, 1.4, 0);
        double y = axis - 3.2 * tube - 4;
        dimension(page, Math.min(from, to), Math.max(from, to), y, HousingSize.valueOf("BARE" + suffix(side)));
        dimension(
                page,
                Math.min(rests, face),
                Math.max(rests, face),
                y - 14,
                HousingSize.valueOf("TUBE_AND_END" + suffix(side)));
    }

    private static String suffix(Side side) {
        return "_" + side.name().toUpperCase(Locale.ROOT);
    }

    private void dimension(Page page, double from, double to, double y, HousingSize size) {
        sum.size(size).ifPresent(metres -> page.dimension(from, to, y, head.length(metres), 9));
    }

    private double cuts(Page page, double top) {
        double middle = (Page.MARGIN + Page.RIGHT) / 2;
        double y = top;
        page.rule(y - 18);
        for (int i = 0; i < CUTS.length; i++) {
            // A pair of which nothing is known is not asked for.
            int first = i - i % 2;
            if (sum.size(CUTS[first]).isEmpty() && sum.size(CUTS[first + 1]).isEmpty()) {
                continue;
            }
            boolean left = i % 2 == 0;
            HousingSize size = CUTS[i];
            double x = left ? Page.MARGIN : middle + 6;
            double end = left ? middle - 6 : Page.RIGHT;
            String value = sum.size(size).isPresent() ? head.length(size(size)) : "–";
            page.textWithin(head.text(HousingSum.name(size)), x, y, 11, false, 145);
            page.textRight(value, end - 52, y, 15, true);
            page.blank(end - 46, end, y + 2);
            if (!left) {
                page.faintRule(y + 6);
                y += 23;
            }
        }
        return y - 8;
    }

    private double shaft(Page page, double top, Optional<ShaftOrder> shaft) {
        if (shaft.isEmpty()) {
            return top;
        }
        ShaftOrder order = shaft.get();
        String key = order.spare() < 0 ? "housing.drive_shaft_short" : "housing.drive_shaft";
        return page.paragraph(
                head.text(
                        key,
                        head.length(order.ride().length()),
                        head.length(order.plunge()),
                        head.length(order.slip()),
                        head.length(Math.max(0, order.outAtRide())),
                        head.length(Math.abs(order.spare()))),
                Page.MARGIN,
                top + 8,
                11,
                false,
                Page.RIGHT - Page.MARGIN);
    }

    private double clocking(Page page, double top) {
        double y = top + 6;
        double[] x = {Page.MARGIN, Page.MARGIN + 210, Page.MARGIN + 320, Page.MARGIN + 456};
        page.text(head.text("housing.clocking"), x[0], y, 11, true);
        page.text(head.text("housing.at_ride"), x[1], y, SheetHead.SMALL, false);
        page.text(head.text("housing.on_bench", head.angle(housing.benchPinion())), x[2], y, SheetHead.SMALL, false);
        page.text(head.text("placing.found"), x[3], y, SheetHead.SMALL, false);
        page.rule(y + 4);
        y += 18;
        page.text(head.text("housing.pinion"), x[0], y, 11, false);
        page.text(head.angle(pinionRide), x[1], y, 13, true);
        page.text(head.angle(housing.benchPinion()), x[2], y, 13, true);
        page.blank(x[3], Page.RIGHT, y + 2);
        double row = Math.min(18, 150.0 / Math.max(1, housing.clocked().size()));
        for (ClockedPart part : housing.clocked()) {
            y += row;
            page.textWithin(
                    part.name() + " – "
                            + head.text("housing.kind." + part.kind().id()),
                    x[0],
                    y,
                    Math.min(11, row * 0.62),
                    false,
                    200);
            double size = Math.min(13, row * 0.75);
            page.text(head.angle(part.atRide()), x[1], y, size, true);
            page.text(head.angle(part.reading(pinionRide, housing.benchPinion())), x[2], y, size, true);
            page.blank(x[3], Page.RIGHT, y + 2);
        }
        return y + 8;
    }

    private Page order() {
        Page page = new Page(head.text("housing.sheet_order"));
        double y = head.judged(page, head.text("housing.sheet_order"), under(), housing.toString());
        List<WorkStep> steps = WeldOrder.of(housing);
        for (int i = 0; i < steps.size(); i++) {
            y += 16.5;
            WorkStep step = steps.get(i);
            page.tick(Page.MARGIN, y, 10, step.hold());
            page.textWithin(
                    (i + 1) + ".  " + head.text("step." + step.name(), step.subject()),
                    Page.MARGIN + 20,
                    y,
                    11,
                    step.hold(),
                    Page.RIGHT - Page.MARGIN - 20);
        }
        y = page.paragraph(head.text("work.holds_explained"), Page.MARGIN, y + 20, 10, false, Page.RIGHT - Page.MARGIN);
        y = page.paragraph(
                head.text("housing.school_note." + housing.school().id()),
                Page.MARGIN,
                y + 2,
                10,
                false,
                Page.RIGHT - Page.MARGIN);
        for (Side side : Side.values()) {
            y = dials(page, side, y + 8);
        }
        head.foot(page, "arc");
        return page;
    }

    /** Where each bracket goes while the housing lies on the bench, with a blank for what was read. */
    private List<Page> brackets() {
        BenchPlacing placing = BenchPlacing.of(head.vehicle(), place);
        List<Page> pages = new ArrayList<>();
        double y = Page.HEIGHT;
        for (BenchPlacing.Row row : placing.rows()) {
            List<Message> said = BenchWords.of(row);
            double needs = BRACKET + BRACKET_LINE * said.size();
            if (y + needs > Page.HEIGHT - Page.MARGIN - 48) {
                Page page = new Page(head.text("bench_placing.title"));
                pages.add(page);
                y = head.judged(page, head.text("bench_placing.title"), under(), placing.toString());
                y = page.paragraph(
                        head.text("bench_placing.at", head.angle(housing.benchPinion())),
                        Page.MARGIN,
                        y + 12,
                        10,
                        false,
                        Page.RIGHT - Page.MARGIN);
                head.foot(page, "arc");
            }
            Page page = pages.get(pages.size() - 1);
            page.tick(Page.MARGIN, y + 14, 10, false);
            page.text(row.mount(), Page.MARGIN + 20, y + 14, 12, true);
            double line = y + 14;
            for (Message one : said) {
                line += BRACKET_LINE;
                page.textWithin(head.words().text(one), Page.MARGIN + 20, line, 10, false, 380);
                page.blank(Page.RIGHT - 110, Page.RIGHT, line + 2);
            }
            y += needs;
        }
        if (!pages.isEmpty()) {
            Page last = pages.get(pages.size() - 1);
            for (BenchPlacing.Pair pair : placing.pairs()) {
                y += BRACKET_LINE;
                last.textWithin(
                        head.words().text(BenchWords.of(pair)), Page.MARGIN, y, 10, true, Page.RIGHT - Page.MARGIN);
            }
        }
        return pages;
    }

    private double dials(Page page, Side side, double top) {
        double y = top + 4;
        double[] x = {Page.MARGIN, 150, 215, 280, 345, 410};
        page.text(head.text("housing.dial." + side.id()), x[0], y, 11, true);
        String[] hours = {"12", "3", "6", "9"};
        for (int i = 0; i < hours.length; i++) {
            page.text(hours[i], x[i + 1], y, 11, true);
        }
        page.text(head.text("housing.dial_bead"), x[5], y, SheetHead.SMALL, false);
        page.rule(y + 3);
        List<DialReading> rounds = new ArrayList<>(housing.dial(side));
        int rows = rounds.size() + BLANKS;
        double row = Math.min(17, DIALS / rows);
        for (int i = 0; i < rows; i++) {
            y += row;
            if (i < rounds.size()) {
                round(page, side, rounds.get(i), x, y);
            }
            page.faintRule(y + 3);
        }
        return y + 10;
    }

    private void round(Page page, Side side, DialReading dial, double[] x, double y) {
        String stage = head.text("housing.stage." + dial.stage().name().toLowerCase(Locale.ROOT));
        page.textWithin(stage, x[0], y, 10, false, x[1] - x[0] - 6);
        double[] values = {dial.twelve(), dial.three(), dial.six(), dial.nine()};
        for (int i = 0; i < values.length; i++) {
            page.text(String.format(Locale.ROOT, "%.3f", values[i] / 0.0254), x[i + 1], y, 10, false);
        }
        Straightness found = Straightness.of(side, dial);
        Straightness.Verdict verdict = found.verdict(housing.accepted(), housing.seat());
        String said = switch (verdict) {
            case GOOD -> head.text("housing.dial_good");
            case BEAD -> head.text("housing.dial_bead_at", DialWords.oClock(found.beadAt()));
            case OPEN -> head.text("housing.dial_open");
        };
        page.text(said, x[5], y, 10, verdict != Straightness.Verdict.GOOD);
    }
}
