package org.palanca.io.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.outline.Bounds;
import org.palanca.base.outline.Outline;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.floor.plate.BracketPlan;
import org.palanca.floor.plate.CheckSquare;
import org.palanca.floor.plate.FlatPart;
import org.palanca.floor.plate.FoldLine;
import org.palanca.floor.plate.MarkPlace;
import org.palanca.floor.plate.Opening;
import org.palanca.floor.plate.Plate;
import org.palanca.floor.plate.PlateCode;
import org.palanca.floor.plate.PlateList;
import org.palanca.floor.plate.PlateWords;
import org.palanca.floor.plate.StalePlate;

/**
 * The plates: a list of all of them with what is wrong, then each in true size, over several pages where it is larger than one. A
 * square tells whether the printer kept the size; the code beside it says number, revision, count and shape.
 */
final class PlatePages {
    /** Points on paper by a metre. */
    private static final double TRUE_SIZE = 72 / Lengths.INCH;

    private static final double WIDTH = Page.RIGHT - Page.MARGIN;
    private static final double FOOT = Page.HEIGHT - Page.MARGIN - 52;
    private static final double CODE = 96;
    private static final double ROW = 30;
    private static final double LINE = 13.5;
    private static final double[] COLUMNS = {0, 62, 320, 360, 420};

    /** Room of a tile, and how far the next one begins from it: they lap over one another [m]. */
    private static final double ACROSS = Lengths.inches(7.5);

    private static final double STEP_ACROSS = Lengths.inches(7.25);
    private static final double DOWN = Lengths.inches(5.75);
    private static final double STEP_DOWN = Lengths.inches(5.5);

    /** Chords stray so far from arcs [m]. */
    private static final double STRAY = 1e-5;

    private final SheetHead head;
    private final PlateList list;
    private final List<Page> pages = new ArrayList<>();
    private final String contents;

    @SuppressWarnings("NullAway.Init") // The first is begun before anything is drawn.
    private Page page;

    private double y;

    private PlatePages(SheetHead head) {
        this.head = head;
        list = PlateList.of(head.vehicle());
        StringBuilder all = new StringBuilder();
        list.plates()
                .forEach(plate -> all.append(plate.mark()).append(plate.count()).append(plate.fingerprint()));
        contents = all.toString();
    }

    /** All of them; none where no bracket is described. */
    static List<Page> of(SheetHead head) {
        PlatePages all = new PlatePages(head);
        if (all.list.brackets().isEmpty()) {
            return List.of();
        }
        all.list();
        all.list.plates().forEach(all::plate);
        return List.copyOf(all.pages);
    }

    private void begin(String title, String under) {
        page = new Page(title);
        pages.add(page);
        y = head.judged(page, title, under, contents) + 4;
    }

    // --- The list ---

    private void list() {
        beginList();
        String[] names = {"mark", "plate", "count", "thickness", "size"};
        for (int i = 0; i < names.length; i++) {
            page.text(head.text("platesheet.column." + names[i]), Page.MARGIN + COLUMNS[i], y, SheetHead.SMALL, false);
        }
        page.rule(y + 4);
        y += 4;
        list.plates().forEach(this::row);
        y += 20;
        for (StalePlate stale : StalePlate.of(head.vehicle(), list.plates())) {
            say("! " + head.words().text(stale.said()), true);
        }
        for (BracketPlan plan : list.brackets()) {
            plan.faults().forEach(one -> say("! " + head.words().text(one), true));
            plan.missing()
                    .forEach(one -> say(
                            head.text(
                                    "platesheet.missing",
                                    plan.mount().mount(),
                                    head.words().text(one)),
                            true));
            String name = head.text("axle." + plan.mount().axle().id()) + ", "
                    + plan.mount().mount();
            String bolt = PlateWords.bolt(plan).stream().map(head.words()::text).collect(Collectors.joining(" "));
            if (!bolt.isEmpty()) {
                say(name + ": " + bolt, false);
            }
        }
        head.foot(page, "plates");
    }

    private void beginList() {
        begin(head.vehicle().name() + " – " + head.text("platesheet.title"), head.text("platesheet.under"));
        y += 10;
    }

    /** Goes on on another page of the list where there is no room for so much more. */
    private void room(double height) {
        if (y + height > FOOT) {
            head.foot(page, "plates");
            beginList();
        }
    }

    private void say(String text, boolean bold) {
        room(3 * LINE);
        y = page.paragraph(text, Page.MARGIN, y, 10, bold, WIDTH) + 2;
    }

    private void row(Plate plate) {
        room(ROW);
        double base = y + 13;
        FlatPart flat = plate.flat();
        Bounds bounds = flat.outline().bounds();
        page.textWithin(plate.mark(), Page.MARGIN, base, 12, true, COLUMNS[1] - 6);
        page.textWithin(
                PlateWords.goes(plate, head.words()),
                Page.MARGIN + COLUMNS[1],
                base,
                10.5,
                false,
                COLUMNS[2] - COLUMNS[1] - 6);
        page.textWithin(
                PlateWords.work(flat).stream().map(head.words()::text).collect(Collectors.joining("  ")),
                Page.MARGIN + COLUMNS[1],
                base + 12,
                SheetHead.SMALL,
                false,
                WIDTH - COLUMNS[1]);
        page.text(Integer.toString(plate.count()), Page.MARGIN + COLUMNS[2], base, 12, true);
        page.text(head.fine(flat.thickness()), Page.MARGIN + COLUMNS[3], base, 10.5, false);
        page.textWithin(
                head.text("platesheet.by", head.length(bounds.width()), head.length(bounds.height())),
                Page.MARGIN + COLUMNS[4],
                base,
                10.5,
                false,
                WIDTH - COLUMNS[4]);
        y += ROW;
        page.faintRule(y);
    }

    // --- A plate in true size ---

    private void plate(Plate plate) {
        Bounds bounds = plate.flat().outline().bounds();
        int across = tiles(bounds.width(), ACROSS, STEP_ACROSS);
        int down = tiles(bounds.height(), DOWN, STEP_DOWN);
        for (int row = 0; row < down; row++) {
            for (int column = 0; column < across; column++) {
                begin(plate.mark(), PlateWords.goes(plate, head.words()));
                block(plate);
                if (across * down > 1) {
                    page.text(
                            head.text(
                                    "platesheet.tile",
                                    Integer.toString(row + 1),
                                    Integer.toString(down),
                                    Integer.toString(column + 1),
                                    Integer.toString(across),
                                    head.length(STEP_ACROSS),
                                    head.length(STEP_DOWN)),
                            Page.MARGIN,
                            y,
                            9.5,
                            true);
                }
                y += 8;
                Vector2D corner = new Vector2D(
                        bounds.left() + column * STEP_ACROSS - spare(bounds.width(), ACROSS, across),
                        bounds.top() - row * STEP_DOWN + spare(bounds.height(), DOWN, down));
                new Tile(corner).draw(plate);
                head.foot(page, "plates");
            }
        }
    }

    private static int tiles(double size, double room, double step) {
        return size <= room ? 1 : (int) Math.ceil((size - room) / step - 1e-9) + 1;
    }

    /** What is left beside a plate that has room on one page: it is drawn in the middle. */
    private static double spare(double size, double room, int tiles) {
        return tiles > 1 ? 0 : (room - size) / 2;
    }

    /** The square to measure, what the plate is, and its code. */
    private void block(Plate plate) {
        double side = CheckSquare.SIDE * TRUE_SIZE;
        double top = y + 6;
        page.box(Page.MARGIN, top, Page.MARGIN + side, top + side, 0.8);
        double under = page.paragraph(
                head.text("platesheet.square", head.length(CheckSquare.SIDE)),
                Page.MARGIN + 8,
                top + 18,
                9.5,
                true,
                side - 16);
        page.text(head.text("wrap.measured"), Page.MARGIN + 8, under + 12, 9.5, false);
        page.blank(Page.MARGIN + 8, Page.MARGIN + side / 2 - 4, under + 32);
        page.blank(Page.MARGIN + side / 2 + 4, Page.MARGIN + side - 8, under + 32);
        double left = Page.MARGIN + side + 14;
        double room = Page.RIGHT - CODE - 8 - left;
        double line = page.paragraph(head.words().text(PlateWords.cutFrom(plate)), left, top + 10, 11, true, room);
        for (Message work : PlateWords.work(plate.flat())) {
            line = page.paragraph(head.words().text(work), left, line + 1, 10, false, room);
        }
        line = page.paragraph(head.text("platesheet.engrave", plate.mark()), left, line + 1, 10, false, room);
        page.paragraph(head.text("platesheet.edges"), left, line + 1, SheetHead.SMALL, false, room);
        Code.draw(page, PlateCode.of(plate, head.vehicle()).text(), Page.RIGHT - CODE, top, CODE);
        page.textMiddle(plate.fingerprint(), Page.RIGHT - CODE / 2, top + CODE + 9, SheetHead.SMALL, false);
        y = top + side + 14;
    }

    /** A page's piece of a drawing. */
    private final class Tile {
        private final Vector2D corner;
        private final double top = y;

        /**
         * @param corner upper left one, as the drawing has it [m]
         */
        Tile(Vector2D corner) {
            this.corner = corner;
        }

        void draw(Plate plate) {
            FlatPart flat = plate.flat();
            outline(flat.outline());
            for (Opening hole : flat.openings()) {
                outline(hole.outline());
                double arm = hole.length() / 2 + 0.003;
                stroke(
                        hole.centre().subtract(new Vector2D(arm, 0)),
                        hole.centre().add(new Vector2D(arm, 0)),
                        0.3,
                        0);
                stroke(
                        hole.centre().subtract(new Vector2D(0, arm)),
                        hole.centre().add(new Vector2D(0, arm)),
                        0.3,
                        0);
            }
            for (FoldLine fold : flat.folds()) {
                stroke(fold.from(), fold.to(), 0.6, 5);
            }
            Optional<MarkPlace> mark = MarkPlace.of(flat, plate.mark());
            if (mark.isPresent() && inside(mark.get().at())) {
                page.textWithin(
                        plate.mark(),
                        x(mark.get().at()),
                        down(mark.get().at()),
                        mark.get().height() * TRUE_SIZE * 1.35,
                        false,
                        mark.get().height() * MarkPlace.LETTER * plate.mark().length() * TRUE_SIZE);
            }
        }

        private void outline(Outline outline) {
            List<Vector2D> points = outline.points(STRAY);
            for (int i = 0; i < points.size(); i++) {
                stroke(points.get(i), points.get((i + 1) % points.size()), 0.8, 0);
            }
        }

        /** What of a stroke lies on the page. */
        private void stroke(Vector2D from, Vector2D to, double width, double dash) {
            double[] part = {0, 1};
            boolean seen = cut(part, corner.getX() - from.getX(), to.getX() - from.getX(), false)
                    && cut(part, corner.getX() + ACROSS - from.getX(), to.getX() - from.getX(), true)
                    && cut(part, corner.getY() - DOWN - from.getY(), to.getY() - from.getY(), false)
                    && cut(part, corner.getY() - from.getY(), to.getY() - from.getY(), true);
            if (seen) {
                Vector2D along = to.subtract(from);
                Vector2D one = from.add(part[0], along);
                Vector2D other = from.add(part[1], along);
                page.line(x(one), down(one), x(other), down(other), width, dash);
            }
        }

        /** Narrows the part of a stroke to one side of a line (Liang and Barsky's way); whether anything is left. */
        private static boolean cut(double[] part, double edge, double along, boolean upper) {
            if (along == 0) {
                return upper ? edge >= 0 : edge <= 0;
            }
            double at = edge / along;
            if (along > 0 == upper) {
                part[1] = Math.min(part[1], at);
            } else {
                part[0] = Math.max(part[0], at);
            }
            return part[0] < part[1];
        }

        private boolean inside(Vector2D at) {
            return at.getX() >= corner.getX()
                    && at.getX() <= corner.getX() + ACROSS
                    && at.getY() <= corner.getY()
                    && at.getY() >= corner.getY() - DOWN;
        }

        private double x(Vector2D at) {
            return Page.MARGIN + (at.getX() - corner.getX()) * TRUE_SIZE;
        }

        private double down(Vector2D at) {
            return top + (corner.getY() - at.getY()) * TRUE_SIZE;
        }
    }
}
