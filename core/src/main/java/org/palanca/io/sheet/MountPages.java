package org.palanca.io.sheet;

import java.util.ArrayList;
import java.util.List;
import org.palanca.base.units.LengthStyle;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.RoundedLength;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Words;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.drawing.Shape;
import org.palanca.floor.cutting.MountTable;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;

/**
 * Every mount with its three measures, to be read from the floor: the vehicle drawn to scale, then a table an axle. One page
 * where the rows have room on it, else as many as they need. Its lengths are always inches to the nearest 1/16.
 */
final class MountPages {
    private static final double DRAWING_HEIGHT = 250;
    private static final double LARGEST_ROW = 27;

    /** Rows lower than this can't be read from the floor: they go on on another page. */
    private static final double SMALLEST_ROW = 12.5;

    private static final double FOOT = Page.HEIGHT - Page.MARGIN - 66;
    private static final double WIDTH = Page.RIGHT - Page.MARGIN;
    private static final double[] COLUMNS = {0, 0.44 * WIDTH, 0.7 * WIDTH, 0.86 * WIDTH};

    private final SheetHead head;
    private final MountTable table;
    private final List<Page> pages = new ArrayList<>();

    @SuppressWarnings("NullAway.Init") // The first is begun before anything is drawn.
    private Page page;

    private double y;
    private double row;

    private MountPages(SheetHead head) {
        Words inches = head.words().with(new UnitStyle(LengthStyle.INCH_SIXTEENTHS));
        this.head = new SheetHead(head.vehicle(), head.fileName(), head.date(), inches);
        table = MountTable.of(head.vehicle());
    }

    static List<Page> of(SheetHead head) {
        return new MountPages(head).draw();
    }

    private List<Page> draw() {
        next();
        drawing();
        int lines = table.rows().size() + 2 * head.vehicle().axles().size();
        row = Math.max(SMALLEST_ROW, Math.min(LARGEST_ROW, (FOOT - y) / Math.max(1, lines)));
        head.vehicle().axles().forEach(this::axle);
        foot();
        return pages;
    }

    private void next() {
        if (page != null) {
            foot();
        }
        page = new Page(head.text("sheet.title"));
        pages.add(page);
        y = head.judged(page, head.vehicle().name() + " – " + head.text("sheet.title"), "", table.contents());
    }

    /** Side over top, the same across the page, as large as there is room for. */
    private void drawing() {
        List<AxleModel> models = head.vehicle().axles().stream()
                .map(axle -> new AxleModel(head.vehicle(), axle.place()))
                .toList();
        List<Shape> side = shapes(models, Elevation.SIDE);
        List<Shape> plan = shapes(models, Elevation.TOP);
        Extent sideExtent = Extent.of(side);
        Extent planExtent = Extent.of(plan);
        double across = Math.max(sideExtent.width(), planExtent.width());
        double points = Math.min(WIDTH / across, (DRAWING_HEIGHT - 24) / (sideExtent.height() + planExtent.height()));
        double left =
                Page.MARGIN + (WIDTH - across * points) / 2 - Math.min(sideExtent.left(), planExtent.left()) * points;
        double sideBase = y + 10 + sideExtent.top() * points;
        ShapeInk.draw(page, side, left, sideBase, points);
        page.line(Page.MARGIN, sideBase, Page.RIGHT, sideBase, 0.6, 0);
        double planTop = sideBase - sideExtent.bottom() * points + 14;
        double planBase = planTop + planExtent.top() * points;
        ShapeInk.draw(page, plan, left, planBase, points);
        page.line(Page.MARGIN, planBase, Page.RIGHT, planBase, 0.4, 6);
        page.text(head.text("sheet.side_view"), Page.MARGIN, y + 9, 9, false);
        page.text(head.text("sheet.top_view"), Page.MARGIN, planTop + 8, 9, false);
        long ratio = Math.round(72 / Lengths.INCH / points);
        page.textRight(head.text("sheet.scale", Long.toString(ratio)), Page.RIGHT, y + 9, 9, false);
        y += DRAWING_HEIGHT;
    }

    private static List<Shape> shapes(List<AxleModel> models, Elevation elevation) {
        List<Shape> shapes =
                new ArrayList<>(AxleDrawing.surroundings(models.get(0).vehicle(), elevation));
        models.forEach(model -> shapes.addAll(AxleDrawing.axle(model, elevation)));
        return shapes;
    }

    private void axle(Axle axle) {
        heading(axle);
        for (MountTable.Row mount : table.rows()) {
            if (mount.axle().place() == axle.place()) {
                if (y + row > FOOT) {
                    next();
                    heading(axle);
                }
                mount(mount);
            }
        }
        y += row * 0.6;
    }

    private void heading(Axle axle) {
        if (y + 2 * row > FOOT) {
            next();
        }
        y += row;
        double size = row * 0.68;
        page.text(head.text("axle." + axle.place().id()), Page.MARGIN, y, size, true);
        page.text(head.text("sheet.fore_aft"), Page.MARGIN + COLUMNS[1], y, size * 0.8, false);
        page.text(head.text("sheet.out"), Page.MARGIN + COLUMNS[2], y, size * 0.8, false);
        page.text(head.text("sheet.up"), Page.MARGIN + COLUMNS[3], y, size * 0.8, false);
        page.rule(y + row * 0.25);
    }

    private void mount(MountTable.Row mount) {
        y += row;
        double size = row * 0.68;
        page.textWithin(name(mount), Page.MARGIN, y, size, false, COLUMNS[1] - 6);
        page.text(foreAft(mount.ahead()), Page.MARGIN + COLUMNS[1], y, size, true);
        page.text(mount.out().text(), Page.MARGIN + COLUMNS[2], y, size, true);
        page.text(mount.up().text(), Page.MARGIN + COLUMNS[3], y, size, true);
        page.faintRule(y + row * 0.25);
    }

    private String name(MountTable.Row mount) {
        return mount.mirrorName().isEmpty()
                ? mount.name() + " (" + head.text("side." + mount.side().id()) + ")"
                : mount.plainName() + " (" + head.text("sheet.both_sides") + ")";
    }

    private String foreAft(RoundedLength ahead) {
        if (ahead.metres() == 0) {
            return head.text("sheet.on_line");
        }
        String size = ahead.text().replace("-", "");
        return head.text(ahead.metres() > 0 ? "sheet.ahead_value" : "sheet.behind_value", size);
    }

    private void foot() {
        String rounding = Lengths.format(table.largestError(), LengthStyle.INCH_DECIMAL);
        page.text(head.text("sheet.from"), Page.MARGIN, FOOT + 10, SheetHead.SMALL, false);
        page.text(head.text("sheet.rounding", rounding + " in"), Page.MARGIN, FOOT + 21, SheetHead.SMALL, false);
        head.foot(page, "arc");
    }
}
