package org.palanca.io.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.placing.Effect;
import org.palanca.floor.placing.PlacingOrder;
import org.palanca.floor.placing.PlacingSheet;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.driveline.ShaftOrder;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.PlacingLimits;

/** The sheets of a job, put together. */
public final class SheetSet {
    private SheetSet() {}

    /** The housing's two pages. */
    public static List<Page> housing(SheetHead head, AxlePlace place) {
        Optional<ShaftOrder> shaft = head.vehicle()
                .build()
                .surroundings(place)
                .driveline()
                .map(line -> ShaftOrder.of(new AxleModel(head.vehicle(), place), line));
        return HousingPages.of(head, place, shaft);
    }

    /**
     * The order of placing and a page for each mount that can be placed; only the mount's page where one is named.
     *
     * @param mount one mount, or empty for all
     * @param limits how far off a mount may come; the slop less than that
     */
    public static List<Page> placing(SheetHead head, AxlePlace place, Optional<String> mount, PlacingLimits limits) {
        Adjustment adjustment = Adjustment.of(head.vehicle().build().survey());
        List<Page> pages = new ArrayList<>();
        if (mount.isPresent()) {
            page(head, adjustment, new MountRef(place, mount.get()), limits).ifPresent(pages::add);
            return pages;
        }
        PlacingOrder order = PlacingOrder.of(head.vehicle(), adjustment, place);
        pages.add(PlacingPage.order(head, order, head.text("axle." + place.id())));
        for (MountRef ref : order.mounts()) {
            page(head, adjustment, ref, limits).ifPresent(pages::add);
        }
        return pages;
    }

    /** Every mount of the vehicle with its three measures. */
    public static List<Page> mounts(SheetHead head) {
        return MountPages.of(head);
    }

    /** The sheet to cycle an axle by: at each of the worst poses what should be left, with blanks for what is found. */
    public static List<Page> cycling(SheetHead head, AxlePlace place) {
        return CyclePage.of(head, place);
    }

    private static Optional<Page> page(SheetHead head, Adjustment adjustment, MountRef mount, PlacingLimits limits) {
        return PlacingSheet.of(head.vehicle(), adjustment, mount, limits)
                .map(sheet -> PlacingPage.of(
                        head, adjustment, sheet, Effect.within(head.vehicle(), mount, limits.tolerance())));
    }
}
