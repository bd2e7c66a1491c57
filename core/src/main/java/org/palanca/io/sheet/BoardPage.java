package org.palanca.io.sheet;

import java.util.ArrayList;
import java.util.List;
import org.palanca.base.units.Lengths;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.ShaftDrawing;
import org.palanca.drawing.Shape;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.limits.CycleWords;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** The board on paper: an axle with what stands round it from the side, from behind and from above, lined up and to one scale. */
public final class BoardPage {
    private static final double GAP = 16;
    private static final double TITLE = 12;
    private static final double FOOT = Page.HEIGHT - Page.MARGIN - 40;
    private static final double WIDTH = Page.RIGHT - Page.MARGIN;

    private BoardPage() {}

    /**
     * Draws it.
     *
     * @param pose where the axle stands
     */
    public static Page of(SheetHead head, AxlePlace place, WheelTravel pose) {
        Vehicle vehicle = head.vehicle();
        AxleModel model = new AxleModel(vehicle, place);
        model.moveTo(pose);
        String axle = head.text("axle." + place.id());
        Page page = new Page(vehicle.name() + " – " + axle);
        double top = head.judged(
                        page,
                        vehicle.name() + " – " + axle,
                        head.words().text(CycleWords.pose(pose)),
                        place.id() + pose + vehicle)
                + GAP;
        List<Shape> side = shapes(model, Elevation.SIDE);
        List<Shape> rear = shapes(model, Elevation.REAR);
        List<Shape> plan = shapes(model, Elevation.TOP);
        Extent s = Extent.of(side);
        Extent r = Extent.of(rear);
        Extent p = Extent.of(plan);
        double left = Math.min(s.left(), p.left());
        double run = Math.max(s.right(), p.right()) - left;
        double low = Math.min(0, Math.min(s.bottom(), r.bottom()));
        double tall = Math.max(s.top(), r.top()) - low;
        double points =
                Math.min((WIDTH - GAP) / (run + r.width()), (FOOT - top - GAP - 2 * TITLE) / (tall + p.height()));
        double x = Page.MARGIN - left * points;
        double ground = top + TITLE + (tall + low) * points;
        ShapeInk.draw(page, side, x, ground, points);
        double behind = Page.MARGIN + run * points + GAP - r.left() * points;
        ShapeInk.draw(page, rear, behind, ground, points);
        page.line(Page.MARGIN, ground, Page.RIGHT, ground, 0.6, 0);
        double middle = ground - low * points + GAP + TITLE + p.top() * points;
        ShapeInk.draw(page, plan, x, middle, points);
        page.line(Page.MARGIN, middle, Page.MARGIN + run * points, middle, 0.4, 6);
        page.text(head.text("sheet.side_view"), Page.MARGIN, top, 9, false);
        page.text(head.text("sheet.rear_view"), Page.MARGIN + run * points + GAP, top, 9, false);
        page.text(head.text("sheet.top_view"), Page.MARGIN, middle - p.top() * points - 4, 9, false);
        long ratio = Math.round(72 / Lengths.INCH / points);
        head.foot(page, "arc");
        page.textRight(head.text("sheet.scale", Long.toString(ratio)), Page.RIGHT, top, 9, false);
        return page;
    }

    /** The axle with its own surroundings. */
    private static List<Shape> shapes(AxleModel model, Elevation elevation) {
        List<Shape> shapes = new ArrayList<>(AxleDrawing.parts(model, elevation));
        shapes.addAll(AxleDrawing.axle(model, elevation));
        shapes.addAll(ShaftDrawing.of(model, elevation));
        for (Axle axle : model.vehicle().axles()) {
            if (elevation != Elevation.REAR && axle.place() != model.axle().place()) {
                shapes.addAll(AxleDrawing.axle(new AxleModel(model.vehicle(), axle.place()), elevation));
            }
        }
        shapes.addAll(AxleDrawing.surroundings(model.vehicle(), elevation));
        return shapes;
    }
}
