package org.palanca.io.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.palanca.base.words.Message;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.CollisionBodies;
import org.palanca.study.limits.CycleWords;
import org.palanca.study.limits.Limits;
import org.palanca.study.limits.NearAtPose;
import org.palanca.study.limits.TravelEnd;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.AxlePlace;

/** The sheet to cycle an axle by: the worst poses, what should be left of room at each, and blanks for what is found. */
final class CyclePage {
    /** Pairs listed at a pose. */
    private static final int PAIRS = 4;

    private static final double ROW = 15;
    private static final double PLAN = Page.RIGHT - 200;
    private static final double FOUND = Page.RIGHT - 110;

    private final SheetHead head;
    private final AxlePlace place;
    private final List<Page> pages = new ArrayList<>();

    @SuppressWarnings("NullAway.Init") // The first is begun before anything is drawn.
    private Page page;

    private double y;

    private CyclePage(SheetHead head, AxlePlace place) {
        this.head = head;
        this.place = place;
    }

    static List<Page> of(SheetHead head, AxlePlace place) {
        return new CyclePage(head, place).draw();
    }

    private List<Page> draw() {
        Clearances clearances = new Clearances(new AxleModel(head.vehicle(), place));
        Limits limits = new Limits(clearances);
        List<TravelEnd> ends = TravelEnd.all(limits);
        next();
        for (TravelEnd end : ends) {
            y = page.paragraph(
                    head.words().text(CycleWords.end(end)),
                    Page.MARGIN,
                    y,
                    10,
                    !end.asWanted(),
                    Page.RIGHT - Page.MARGIN);
        }
        for (Message what : CollisionBodies.notDrawn(
                clearances.model().vehicle(), clearances.model().axle())) {
            y = page.paragraph(head.words().text(what), Page.MARGIN, y, 10, false, Page.RIGHT - Page.MARGIN);
        }
        y += 6;
        for (WorstPose pose : limits.envelope().worst()) {
            pose(pose, clearances);
        }
        head.foot(page, "springs");
        return pages;
    }

    private void next() {
        if (page != null) {
            head.foot(page, "springs");
        }
        page = new Page(head.text("cycle.sheet_title"));
        pages.add(page);
        String under = head.vehicle().name() + " · " + head.text("axle." + place.id()) + " · "
                + head.text("cycle.sheet_under");
        y = head.judged(
                        page,
                        head.text("cycle.sheet_title"),
                        under,
                        head.vehicle().toString())
                + 14;
    }

    private void pose(WorstPose pose, Clearances clearances) {
        Optional<List<NearAtPose>> near = NearAtPose.of(clearances, pose.pose(), PAIRS);
        double wanted = 34 + ROW * (near.map(List::size).orElse(0) + 1);
        if (y + wanted > Page.HEIGHT - Page.MARGIN - 40) {
            next();
        }
        page.tick(Page.MARGIN, y + 2, 9, true);
        page.textWithin(
                head.text("cycle.worst." + pose.id()) + "   (" + head.words().text(CycleWords.pose(pose.pose())) + "; "
                        + head.words().text(CycleWords.bounds(pose)) + ")",
                Page.MARGIN + 16,
                y,
                12.5,
                true,
                Page.RIGHT - Page.MARGIN - 20);
        y += ROW - 1;
        page.textRight(head.text("cycle.sheet_plan"), PLAN + 42, y, SheetHead.SMALL, false);
        page.text(head.text("cycle.sheet_found"), FOUND, y, SheetHead.SMALL, false);
        if (near.isEmpty()) {
            page.text(head.text("cycle.sheet_open"), Page.MARGIN + 16, y, 10, true);
        }
        for (NearAtPose one : near.orElse(List.of())) {
            y += ROW;
            Clearances.Pair pair = clearances.pairs().get(one.pair());
            String name = head.text(
                    "cycle.sheet_pair",
                    clearances.things().get(pair.one()).name(),
                    clearances.things().get(pair.other()).name());
            page.textWithin(name, Page.MARGIN + 16, y, 10, false, PLAN - Page.MARGIN - 30);
            page.textRight(head.length(one.room()), PLAN + 42, y, 11, one.room() < pair.wanted());
            page.blank(FOUND, Page.RIGHT, y + 1);
        }
        y += ROW;
        page.text(head.text("cycle.sheet_other"), Page.MARGIN + 16, y, 10, false);
        page.blank(Page.MARGIN + 90, PLAN - 20, y + 1);
        page.blank(FOUND, Page.RIGHT, y + 1);
        y += ROW + 6;
        page.faintRule(y - 12);
    }
}
