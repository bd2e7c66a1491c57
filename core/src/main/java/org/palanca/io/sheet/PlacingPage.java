package org.palanca.io.sheet;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.base.units.ReadingLimits;
import org.palanca.drawing.Elevation;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.placing.Effect;
import org.palanca.floor.placing.FaceWords;
import org.palanca.floor.placing.PlacingOrder;
import org.palanca.floor.placing.PlacingSheet;
import org.palanca.result.ResultWords;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.work.WorkStep;

/** A mount's placing sheet as a page: the tapes drawn to scale from above and from the side, then the figures, large. */
public final class PlacingPage {
    private static final double DRAWING = 262;
    private static final double ROW = 29;
    private static final int LOSSES = 3;
    private static final double[] COLUMNS = {0, 0.06, 0.5, 0.72, 0.86};

    private final SheetHead head;
    private final Adjustment adjustment;
    private final PlacingSheet sheet;
    private final Page page;

    private PlacingPage(SheetHead head, Adjustment adjustment, PlacingSheet sheet) {
        this.head = head;
        this.adjustment = adjustment;
        this.sheet = sheet;
        page = new Page(sheet.mount().mount());
    }

    /** The page of one mount. */
    public static Page of(SheetHead head, Adjustment adjustment, PlacingSheet sheet, List<Effect> losses) {
        PlacingPage placing = new PlacingPage(head, adjustment, sheet);
        placing.draw(losses);
        return placing.page;
    }

    /** The drawing alone, from the upper left corner, as wide as a page, for showing it elsewhere. */
    public static List<Ink> drawing(SheetHead head, Adjustment adjustment, PlacingSheet sheet) {
        PlacingPage placing = new PlacingPage(head, adjustment, sheet);
        placing.drawings(0, false);
        return placing.page.ink();
    }

    private void draw(List<Effect> losses) {
        String under = head.vehicle().name() + " · "
                + head.text("axle." + sheet.mount().axle().id()) + " · " + head.text("placing.sheet");
        double y = head.draw(page, sheet.mount().mount(), under, sheet.toString());
        y = drawings(y, true) + 22;
        y = table(y);
        y = angles(y + 8);
        loses(y + 6, losses);
        head.foot(page, "arc");
    }

    private double drawings(double top, boolean onPaper) {
        List<Vector3D> places = new ArrayList<>();
        places.add(sheet.target());
        sheet.readings().stream()
                .filter(reading -> reading.kind().between())
                .forEach(reading -> places.add(adjustment.place(reading.from())));
        places.add(new Vector3D(sheet.target().getX(), 0, 0));
        Frame plan = new Frame(Elevation.TOP, places);
        Frame side = new Frame(Elevation.SIDE, places);
        double room = DRAWING - 44;
        double across = Page.RIGHT - Page.MARGIN - 90;
        int scale = Scales.fitting(Math.max(plan.width(), side.width()), across, plan.height() + side.height(), room);
        double points = Scales.points(scale);
        double left = Page.MARGIN + 45;
        plan.at(left, top + 24 + plan.height() * points, points);
        side.at(left, top + 44 + (plan.height() + side.height()) * points, points);
        if (onPaper) {
            page.textRight(
                    head.text("sheet.scale", Integer.toString(scale)), Page.RIGHT, top + 8, SheetHead.SMALL, false);
        }
        page.text(head.text("sheet.top_view"), Page.MARGIN, top + 8, SheetHead.SMALL, true);
        page.text(head.text("sheet.side_view"), Page.MARGIN, top + 36 + plan.height() * points, SheetHead.SMALL, true);
        double centreline = plan.y(Vector3D.ZERO);
        page.line(Page.MARGIN, centreline, Page.RIGHT, centreline, 0.3, 8);
        double ground = side.y(Vector3D.ZERO);
        page.line(Page.MARGIN, ground, Page.RIGHT, ground, 0.8, 0);
        tapes(plan);
        tapes(side);
        double x = side.x(sheet.target());
        page.line(x, ground, x, side.y(sheet.target()), 0.8, 3);
        for (Reading reading : sheet.readings()) {
            if (reading.kind().between()) {
                Vector3D from = adjustment.place(reading.from());
                page.textMiddle(reading.from(), plan.x(from), plan.y(from) - 4, SheetHead.SMALL - 1, false);
            }
        }
        return ground;
    }

    private void tapes(Frame frame) {
        double x = frame.x(sheet.target());
        double y = frame.y(sheet.target());
        int number = 0;
        for (Reading reading : sheet.readings()) {
            number++;
            if (reading.kind().between()) {
                Vector3D from = adjustment.place(reading.from());
                boolean check = number > sheet.tapes().size();
                page.line(frame.x(from), frame.y(from), x, y, check ? 0.4 : 0.9, check ? 4 : 0);
                page.circle(frame.x(from), frame.y(from), 2, 0.6, true);
                page.textMiddle(
                        Integer.toString(number),
                        frame.x(from) + (x - frame.x(from)) * 0.3,
                        frame.y(from) + (y - frame.y(from)) * 0.3 - 2,
                        8,
                        true);
            }
        }
        page.circle(x, y, 5, 1.2, false);
        page.circle(x, y, 1.2, 0.6, true);
    }

    private double column(int index) {
        return Page.MARGIN + COLUMNS[index] * (Page.RIGHT - Page.MARGIN);
    }

    private double table(double top) {
        double y = top + 6;
        page.text(head.text("placing.from_mark"), column(1), y, SheetHead.SMALL, false);
        page.text(head.text("placing.reads"), column(2), y, SheetHead.SMALL, false);
        page.text(head.text("placing.allowed"), column(3), y, SheetHead.SMALL, false);
        page.text(head.text("placing.found"), column(4), y, SheetHead.SMALL, false);
        page.rule(y + 3);
        int number = 0;
        for (PlacingSheet.Tape tape : sheet.tapes()) {
            y += ROW;
            row(++number, tape, y, 17);
        }
        page.rule(y + 6);
        for (PlacingSheet.Tape tape : sheet.checks()) {
            y += ROW;
            row(++number, tape, y, 13);
        }
        return y + 6;
    }

    private void row(int number, PlacingSheet.Tape tape, double y, double size) {
        Reading reading = tape.reading();
        boolean check = number > sheet.tapes().size();
        String from = reading.kind().between()
                ? head.text(check ? "placing.check_from" : "placing.tape_from", reading.from())
                : head.text("placing.height");
        page.text(Integer.toString(number), column(0), y, size, true);
        page.textWithin(from, column(1), y, size, false, column(2) - column(1) - 8);
        ReadingLimits limits = head.limits(reading.value(), tape.allowed());
        String must = limits.number() + " " + head.words().units().unit(Quantity.LENGTH);
        page.textWithin(must, column(2), y, size * 1.2, true, column(3) - column(2) - 6);
        page.textWithin(limits.margin(), column(3), y, size * 0.75, false, column(4) - column(3) - 6);
        page.blank(column(4), Page.RIGHT, y + 2);
    }

    private double angles(double top) {
        double y = top + 4;
        for (PlacingSheet.Face face : sheet.faces()) {
            y += 14;
            String text = head.words().text(FaceWords.of(face));
            y = page.paragraph(text, Page.MARGIN, y, 11, false, Page.RIGHT - Page.MARGIN) - 15;
        }
        return y + 8;
    }

    private void loses(double top, List<Effect> losses) {
        double y = top + 8;
        page.text(head.text("placing.loses", head.length(sheet.limits().tolerance())), Page.MARGIN, y, 10, true);
        for (Effect effect : losses.stream().limit(LOSSES).toList()) {
            y += 13;
            String key = effect.leavesBand() ? "placing.loss_out" : "placing.loss";
            page.textWithin(
                    head.text(
                            key,
                            ResultWords.name(effect.result(), head.words()),
                            head.words()
                                    .units()
                                    .text(effect.planned(), effect.result().quantity()),
                            head.words()
                                    .units()
                                    .text(effect.there(), effect.result().quantity())),
                    Page.MARGIN + 10,
                    y,
                    10,
                    false,
                    Page.RIGHT - Page.MARGIN - 10);
        }
        y += 15;
        String slop = sheet.limits().slop() > 0
                ? head.text(
                        "placing.slop",
                        head.fine(2 * sheet.limits().slop()),
                        head.fine(sheet.limits().slop()))
                : head.text("placing.no_slop");
        y = page.paragraph(slop, Page.MARGIN, y, 10, false, Page.RIGHT - Page.MARGIN);
        y = page.paragraph(
                head.text("placing.deviation", head.fine(sheet.deviation())),
                Page.MARGIN,
                y,
                10,
                false,
                Page.RIGHT - Page.MARGIN);
        y = page.paragraph(
                head.words().text(sheet.promise()), Page.MARGIN, y, 10, !sheet.promises(), Page.RIGHT - Page.MARGIN);
        if (sheet.level().isPresent()) {
            page.paragraph(head.words().text(sheet.level().get()), Page.MARGIN, y, 10, true, Page.RIGHT - Page.MARGIN);
        }
    }

    /** The steps of an axle's placing, numbered, with squares to tick. */
    public static Page order(SheetHead head, PlacingOrder order, String axle) {
        Page page = new Page(head.text("placing.order"));
        StringBuilder contents = new StringBuilder();
        order.mounts().forEach(mount -> contents.append(mount.mount()).append('|'));
        double y = head.judged(
                page, head.text("placing.order"), head.vehicle().name() + " · " + axle, contents.toString());
        List<WorkStep> steps = order.steps();
        double row = Math.min(24, (Page.HEIGHT - y - 150) / steps.size());
        for (int i = 0; i < steps.size(); i++) {
            y += row;
            WorkStep step = steps.get(i);
            page.tick(Page.MARGIN, y, 10, step.hold());
            page.textWithin(
                    (i + 1) + ".  " + head.text("step." + step.name(), step.subject()),
                    Page.MARGIN + 20,
                    y,
                    Math.min(12, row * 0.62),
                    step.hold(),
                    Page.RIGHT - Page.MARGIN - 20);
        }
        remarks(head, page, order, y + 20);
        head.foot(page, "arc");
        return page;
    }

    /** What the steps have to mind: a support that a mount takes over, a reading that something hides. */
    private static void remarks(SheetHead head, Page page, PlacingOrder order, double from) {
        double y = page.paragraph(
                head.text("work.holds_explained"), Page.MARGIN, from, 10, false, Page.RIGHT - Page.MARGIN);
        for (PlacingOrder.Taken taken : order.taken()) {
            y = page.paragraph(
                    head.text(
                            "placing.support",
                            taken.mount(),
                            taken.support().name(),
                            taken.support().holds()),
                    Page.MARGIN,
                    y,
                    10,
                    true,
                    Page.RIGHT - Page.MARGIN);
        }
        for (PlacingOrder.Hidden hidden : order.hidden()) {
            y = page.paragraph(
                    head.text("placing.hidden", hidden.by(), hidden.reading().from(), hidden.behind()),
                    Page.MARGIN,
                    y,
                    10,
                    false,
                    Page.RIGHT - Page.MARGIN);
        }
    }
}
