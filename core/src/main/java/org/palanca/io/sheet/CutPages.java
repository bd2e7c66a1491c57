package org.palanca.io.sheet;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.palanca.base.words.Message;
import org.palanca.floor.cutting.CutWords;
import org.palanca.floor.cutting.EndCut;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.floor.cutting.PartsCount;
import org.palanca.floor.cutting.PartsWords;
import org.palanca.floor.cutting.PunchMarks;
import org.palanca.floor.cutting.StockPlan;
import org.palanca.floor.cutting.StockWords;
import org.palanca.floor.cutting.ThreadEngagement;
import org.palanca.floor.placing.BoltFit;
import org.palanca.io.csv.LinkCsv;
import org.palanca.study.load.LinkStrength;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.LoadFactors;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.PlugWelds;
import org.palanca.vehicle.hardware.Stock;
import org.palanca.vehicle.hardware.Thread;
import org.palanca.vehicle.hardware.ThreadedShank;

/**
 * The cut sheets of the links: a list of all of them with what lies on the bench, then a page a link. Each says what to saw, drill
 * and punch, how the ends are set, which end faces where, and from which of its lengths it was worked out.
 */
final class CutPages {
    private static final double WIDTH = Page.RIGHT - Page.MARGIN;
    private static final double FOOT = Page.HEIGHT - Page.MARGIN - 52;
    private static final double ROW = 17;
    private static final double STEP = 17;
    private static final double LINE = 14;
    private static final double[] COLUMNS = {0, 48, 190, 300, 390, 470};

    /** Drawn from the pin to the tube where that is not known [m]. */
    private static final double UNKNOWN_REACH = 0.05;

    private static final double EYE_PART = 0.8;

    private final SheetHead head;
    private final List<LinkCut> cuts;
    private final List<String> marks;
    private final Map<String, BoltFit> found = new HashMap<>();
    private final List<LinkStrength> strengths;
    private final List<Page> pages = new ArrayList<>();
    private final String contents;

    @SuppressWarnings("NullAway.Init") // The first is begun before anything is drawn.
    private Page page;

    private double y;

    private CutPages(SheetHead head) {
        this.head = head;
        cuts = LinkCut.list(head.vehicle());
        marks = PunchMarks.of(cuts);
        strengths = LinkStrength.of(head.vehicle(), cuts);
        for (Axle axle : head.vehicle().axles()) {
            BoltFit.of(head.vehicle(), axle.place()).forEach(fit -> found.put(key(axle, fit.link()), fit));
        }
        contents = worked();
    }

    /** All of them; none where the vehicle has no link that is a bar of its own. */
    static List<Page> of(SheetHead head) {
        CutPages all = new CutPages(head);
        if (all.cuts.isEmpty()) {
            return List.of();
        }
        all.list();
        for (int i = 0; i < all.cuts.size(); i++) {
            all.link(all.cuts.get(i), all.marks.get(i));
        }
        return List.copyOf(all.pages);
    }

    private static String key(Axle axle, String link) {
        return axle.place().id() + "/" + link;
    }

    // --- The list ---

    private void list() {
        beginList();
        listHead();
        for (int i = 0; i < cuts.size(); i++) {
            if (room(ROW)) {
                listHead();
            }
            row(cuts.get(i), marks.get(i));
        }
        y += 22;
        List<String> bench =
                PartsWords.of(PartsCount.of(cuts, head.vehicle().build().stock().kerf()), head.words());
        heading(head.text("cutsheet.bench"));
        for (String line : bench) {
            room(2 * LINE);
            page.tick(Page.MARGIN, y, 8, false);
            y = page.paragraph(line, Page.MARGIN + 14, y, 10, false, WIDTH - 14) + 1;
        }
        LoadFactors loads = head.vehicle().build().loads();
        room(5 * LINE);
        y = page.paragraph(
                head.text(
                        "strength.factors",
                        factor(loads.brake()),
                        factor(loads.drive()),
                        factor(loads.corner()),
                        factor(loads.bump()),
                        factor(loads.kerb()),
                        factor(loads.wanted())),
                Page.MARGIN,
                y + 8,
                9.5,
                false,
                WIDTH);
        Stock stock = head.vehicle().build().stock();
        for (StockPlan plan : StockPlan.of(cuts, stock)) {
            y += 14;
            heading(head.text("cutsheet.saw_plan", tube(plan.tube())));
            for (String line : StockWords.of(plan, stock, head.words())) {
                room(4 * LINE);
                y = page.paragraph(line, Page.MARGIN, y, 10, false, WIDTH) + 1;
            }
        }
        head.foot(page, "links");
    }

    private void beginList() {
        begin(head.vehicle().name() + " – " + head.text("cutsheet.title"), head.text("cutsheet.under"));
    }

    /** A heading with room for what follows it. */
    private void heading(String text) {
        room(5 * LINE);
        page.text(text, Page.MARGIN, y, 12.5, true);
        y += LINE + 1;
    }

    /** Goes on on another page of the list where there is no room for so much more; whether it did. */
    private boolean room(double height) {
        if (y + height <= FOOT) {
            return false;
        }
        head.foot(page, "links");
        beginList();
        y += 12;
        return true;
    }

    private static String factor(double much) {
        return String.format(Locale.ROOT, "%.1f", much);
    }

    private void begin(String title, String under) {
        page = new Page(title);
        pages.add(page);
        y = head.judged(page, title, under, contents) + 4;
    }

    /** All that the sheets are worked out from: links, ends, bends, and where mounts were found. */
    private String worked() {
        StringBuilder all = new StringBuilder();
        try {
            LinkCsv.write(cuts, head.vehicle().build().rules().paint(), all);
        } catch (IOException e) {
            throw new UncheckedIOException("memory can be written to", e);
        }
        cuts.forEach(cut -> all.append(cut.link().make()));
        all.append(head.vehicle().build().stock()).append(head.vehicle().build().loads());
        strengths.forEach(one -> all.append(one.load()));
        found.values().stream().map(fit -> fit.link() + fit.built()).sorted().forEach(all::append);
        return all.toString();
    }

    private void listHead() {
        y += 8;
        String[] names = {"mark", "link", "tube", "saw", "pins", "from"};
        for (int i = 0; i < names.length; i++) {
            page.text(head.text("cutsheet.column." + names[i]), Page.MARGIN + COLUMNS[i], y, SheetHead.SMALL, false);
        }
        page.rule(y + 4);
        y += 4;
    }

    private void row(LinkCut cut, String mark) {
        double top = y;
        y = top + ROW - 4;
        page.textWithin(mark, Page.MARGIN, y, 11, true, COLUMNS[1] - 6);
        page.textWithin(name(cut), Page.MARGIN + COLUMNS[1], y, 10.5, false, COLUMNS[2] - COLUMNS[1] - 6);
        page.textWithin(tube(cut.tube()), Page.MARGIN + COLUMNS[2], y, 9.5, false, COLUMNS[3] - COLUMNS[2] - 6);
        page.textWithin(saw(cut), Page.MARGIN + COLUMNS[3], y, 11.5, true, COLUMNS[4] - COLUMNS[3] - 6);
        page.textWithin(
                head.length(cut.pinToPin()), Page.MARGIN + COLUMNS[4], y, 10.5, false, COLUMNS[5] - COLUMNS[4] - 6);
        page.textWithin(source(cut), Page.MARGIN + COLUMNS[5], y, 9, false, WIDTH - COLUMNS[5]);
        page.faintRule(top + ROW);
        y = top + ROW;
    }

    private String name(LinkCut cut) {
        return head.text("axle." + cut.axle().place().id()) + ", " + cut.link().name();
    }

    private String tube(LinkTube tube) {
        String size = tube.solid()
                ? head.text("cutsheet.bar", Message.length(tube.outside()))
                : head.text("cutsheet.tube", Message.length(tube.outside()), Message.fine(tube.wall()));
        return tube.material().isEmpty() ? size : size + ", " + tube.material();
    }

    private String saw(LinkCut cut) {
        return cut.makeable() && cut.sawn().isPresent() ? head.length(cut.sawn().getAsDouble()) : "–";
    }

    /** From which of its lengths the tube follows. */
    private String source(LinkCut cut) {
        if (cut.undecided()) {
            return head.text("cutsheet.from.undecided");
        }
        boolean taped = cut.tubeLength().isPresent()
                && cut.link().make().taped().isPresent()
                && Math.abs(cut.tubeLength().getAsDouble()
                                - cut.link().make().taped().get().length())
                        < 1e-9;
        if (taped) {
            return head.text("cutsheet.from.taped");
        }
        return head.text(cut.computed().isPresent() ? "cutsheet.from.plan" : "cutsheet.from.unknown");
    }

    // --- A link ---

    private void link(LinkCut cut, String mark) {
        begin(name(cut), head.text("cutsheet.punch", mark));
        y = drawing(page, cut, y + 10);
        y = sizes(page, cut, y);
        double half = WIDTH / 2 - 8;
        double left = end(page, cut, cut.from(), true, Page.MARGIN, y, half);
        double right = end(page, cut, cut.to(), false, Page.MARGIN + WIDTH / 2 + 8, y, half);
        y = Math.max(left, right) + 4;
        page.rule(y - 8);
        List<String> wrong = new ArrayList<>();
        if (!cut.missing().isEmpty()) {
            wrong.add(head.text(
                    "cut.missing",
                    cut.missing().stream().map(one -> head.words().text(one)).collect(Collectors.joining("; "))));
        }
        cut.faults(head.vehicle().build().rules().paint())
                .forEach(fault -> wrong.add("! " + head.words().text(fault)));
        for (String one : wrong) {
            y = page.paragraph(one, Page.MARGIN, y + 6, 10.5, true, WIDTH) - 3;
        }
        for (LinkStrength strength : strengths) {
            if (strength.cut() == cut) {
                for (Message fault : strength.faults()) {
                    y = page.paragraph("! " + head.words().text(fault), Page.MARGIN, y + 6, 10.5, true, WIDTH) - 3;
                }
                String told = strength.told().stream()
                        .map(one -> head.words().text(one))
                        .collect(Collectors.joining(" "));
                y = page.paragraph(told, Page.MARGIN, y + 6, 9.5, false, WIDTH) - 3;
            }
        }
        for (Message bend : CutWords.bends(cut)) {
            y = page.paragraph(head.words().text(bend), Page.MARGIN, y + 6, 11, false, WIDTH) - 3;
        }
        Optional<Message> turns = CutWords.turns(cut);
        if (turns.isPresent()) {
            y = page.paragraph(head.words().text(turns.get()), Page.MARGIN, y + 6, 10.5, false, WIDTH) - 3;
        }
        y = asFound(page, cut, y);
        List<String> steps = steps(cut, mark);
        if (y + 12 + STEP * steps.size() > FOOT) {
            head.foot(page, "links");
            begin(name(cut), head.text("cutsheet.punch", mark));
            y += 6;
        }
        work(page, steps, y + 14);
        head.foot(page, "links");
        for (EndCut end : cut.ends()) {
            end.cope(cut.tube().outside())
                    .ifPresent(cope -> pages.addAll(
                            WrapPages.of(head, cope, head.text("wrap.title", mark, end.mount()), contents)));
        }
    }

    /** What the mounts were found to be, and that the tube is not yet cut to that, or is. */
    private double asFound(Page page, LinkCut cut, double y) {
        Optional<BoltFit> fit =
                Optional.ofNullable(found.get(key(cut.axle(), cut.link().name())));
        if (fit.isEmpty()) {
            return page.paragraph(head.text("cutsheet.not_read"), Page.MARGIN, y + 6, 10, false, WIDTH) - 3;
        }
        return page.paragraph(head.words().text(fit.get().said()), Page.MARGIN, y + 6, 10.5, true, WIDTH) - 3;
    }

    /** To scale along; the tube's thickness too. Eyes, jam nuts, inserts, plug holes and the three lengths. */
    private double drawing(Page page, LinkCut cut, double top) {
        double eyes = reach(cut.from()) + reach(cut.to());
        double along = cut.path().length();
        double scale = (WIDTH - 12) / (along + eyes * EYE_PART + 0.02);
        double half = Math.max(7, Math.min(26, cut.tube().outside() / 2 * scale));
        double y = top + half + 14;
        double from = Page.MARGIN + 6 + reach(cut.from()) * EYE_PART * scale;
        double to = from + along * scale;
        double left = from + tubeReach(cut.from()) * scale;
        double right = to - tubeReach(cut.to()) * scale;
        page.box(left, y - half, right, y + half, 1);
        end(page, cut, cut.from(), from, left, 1, y, half, scale);
        end(page, cut, cut.to(), to, right, -1, y, half, scale);
        for (int i = 0; i < cut.path().bends(); i++) {
            double at = from + cut.path().start(i) * scale;
            page.line(at, y - half - 4, at, y + half + 4, 0.6, 3);
            page.text(Integer.toString(i + 1), at + 2, y - half - 4, SheetHead.SMALL, true);
        }
        double below = y + half + 18;
        page.witness(left, y + half, below + 3).witness(right, y + half, below + 3);
        page.dimension(
                left,
                right,
                below,
                head.text("cutsheet.tube_is", lengthOf(cut.tubeLength().orElse(Double.NaN))),
                12);
        below += 17;
        page.witness(from, y, below + 3).witness(to, y, below + 3);
        String pins = cut.path().straight() ? "cutsheet.pins_are" : "cutsheet.pins_along";
        page.dimension(from, to, below, head.text(pins, head.length(along)), 10);
        return below + 16;
    }

    private String lengthOf(double metres) {
        return Double.isNaN(metres) ? "–" : head.length(Math.max(0, metres));
    }

    private static double reach(EndCut end) {
        return end.end().reach().orElse(UNKNOWN_REACH);
    }

    private static double tubeReach(EndCut end) {
        return end.tubeReach().orElse(UNKNOWN_REACH);
    }

    private void end(
            Page page, LinkCut cut, EndCut end, double pin, double tube, int way, double y, double half, double scale) {
        page.circle(pin, y, Math.max(4, reach(end) * EYE_PART * scale), 0.8, false);
        page.circle(pin, y, 1.6, 0.8, true);
        Optional<ThreadedShank> shank = end.shank();
        if (shank.isEmpty()) {
            return;
        }
        double shoulder = shank.get().insertShoulder() * scale * way;
        double nut = shank.get().jamNut() * scale * way;
        double face = tube - shoulder;
        box(page, face, face + shoulder, y, half * 0.6);
        box(page, face - nut, face, y, half * 0.5);
        page.line(pin + way * 4, y - 2, face - nut, y - 2, 0.6, 0);
        page.line(pin + way * 4, y + 2, face - nut, y + 2, 0.6, 0);
        double deep = tube + way * end.insertDepth() * scale;
        page.line(deep, y - half, deep, y + half, 0.6, 4);
        cut.plugs().ifPresent(plugs -> {
            double first = tube + way * plugs.first() * scale;
            double second = tube + way * plugs.second() * scale;
            double radius = Math.max(1.5, plugs.hole() / 2 * scale);
            page.circle(first, y, radius, 0.8, false);
            // Turned by 90 degrees: seen on edge, above and below.
            page.line(second - radius, y - half, second + radius, y - half, 2.2, 0);
            page.line(second - radius, y + half, second + radius, y + half, 2.2, 0);
        });
    }

    private static void box(Page page, double one, double other, double y, double half) {
        page.box(Math.min(one, other), y - half, Math.max(one, other), y + half, 0.7);
    }

    /** What is sawn, big, and what it is sawn from. */
    private double sizes(Page page, LinkCut cut, double top) {
        double y = top + 20;
        page.text(head.text("cutsheet.saw"), Page.MARGIN, y, 11, false);
        page.text(saw(cut), Page.MARGIN + 62, y, 22, true);
        page.textWithin(
                head.text("cutsheet.of", tube(cut.tube())) + " · " + source(cut),
                Page.MARGIN + 190,
                y,
                11,
                false,
                WIDTH - 190);
        y += 15;
        List<String> lines = new ArrayList<>();
        if (cut.path().straight()) {
            lines.add(head.text("cutsheet.pin_to_pin", head.length(cut.pinToPin())));
        } else {
            lines.add(head.text("cutsheet.pin_to_pin_bent", head.length(cut.pinToPin())));
        }
        if (cut.overShoulders().isPresent()
                && cut.ends().stream().anyMatch(one -> one.shank().isPresent())) {
            lines.add(head.text(
                    "cutsheet.over_shoulders", head.length(cut.overShoulders().getAsDouble())));
        }
        return page.paragraph(String.join("   ", lines), Page.MARGIN, y, 10.5, false, WIDTH) + 6;
    }

    /** One end in a column of its own. */
    private double end(Page page, LinkCut cut, EndCut end, boolean first, double x, double top, double room) {
        String body = head.text(
                "body." + cut.axle().mount(end.mount()).orElseThrow().body().id());
        double y = top + 12;
        page.textWithin(
                head.text(first ? "cutsheet.end_left" : "cutsheet.end_right", end.mount(), body), x, y, 12, true, room);
        List<String> lines = new ArrayList<>();
        String kind = end.end().name().isEmpty()
                ? head.text("end." + end.end().kind().id())
                : end.end().name();
        lines.add(kind);
        end.shank().ifPresent(shank -> {
            lines.add(head.text(
                    "cutsheet.thread",
                    shank.thread().map(Thread::text).orElseGet(() -> head.text("bench.thread_unknown")),
                    head.text("hand." + shank.hand().id())));
            lines.add(head.text("cutsheet.set", head.length(shank.exposed()), head.length(shank.jamNut())));
            lines.add(head.text(
                    "cutsheet.engaged",
                    share(end.set().orElseThrow()),
                    head.length(end.adjustment()),
                    share(end.in().orElseThrow()),
                    share(end.out().orElseThrow())));
            lines.add(cut.plugs().map(this::drilled).orElseGet(() -> head.text("cutsheet.no_plugs")));
        });
        end.cope(cut.tube().outside())
                .ifPresent(cope -> lines.add(head.text(
                        "cutsheet.cope",
                        head.length(2 * cope.other()),
                        head.angle(cope.angle()),
                        head.fine(cope.depth()))));
        y += 3;
        for (String line : lines) {
            y = page.paragraph(line, x, y + 12, 10, false, room) - 12;
        }
        return y + 14;
    }

    private String drilled(PlugWelds plugs) {
        return head.text(
                "cutsheet.plugs", head.length(plugs.hole()), head.length(plugs.first()), head.length(plugs.second()));
    }

    private static String share(ThreadEngagement engagement) {
        return Math.round(engagement.share() * 100) + " %";
    }

    /** The order of work. */
    private List<String> steps(LinkCut cut, String mark) {
        List<String> steps = new ArrayList<>(List.of(head.text("cutsheet.step.saw")));
        boolean threaded = cut.ends().stream().anyMatch(end -> end.shank().isPresent());
        if (cut.ends().stream().anyMatch(EndCut::coped)) {
            steps.add(head.text("cutsheet.step.cope"));
        }
        if (threaded && cut.plugs().isPresent()) {
            steps.add(head.text("cutsheet.step.drill"));
        }
        if (!cut.path().straight()) {
            steps.add(head.text("cutsheet.step.bend"));
        }
        steps.add(head.text("cutsheet.step.punch", mark));
        if (threaded) {
            steps.add(head.text("cutsheet.step.inserts"));
        }
        steps.add(head.text("cutsheet.step.check", head.length(cut.pinToPin())));
        return steps;
    }

    /** Squares to tick, and blanks for what the first and the last came to. */
    private static void work(Page page, List<String> steps, double top) {
        double y = top;
        for (int i = 0; i < steps.size(); i++) {
            page.tick(Page.MARGIN, y, 9, i == steps.size() - 1);
            page.textWithin(
                    String.format(Locale.ROOT, "%d  %s", i + 1, steps.get(i)),
                    Page.MARGIN + 16,
                    y,
                    10.5,
                    false,
                    WIDTH - 130);
            if (i == 0 || i == steps.size() - 1) {
                page.blank(Page.RIGHT - 100, Page.RIGHT, y + 1);
            }
            y += STEP;
        }
    }
}
