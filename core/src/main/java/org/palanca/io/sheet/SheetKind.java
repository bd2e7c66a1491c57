package org.palanca.io.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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

/** Every sheet there is, for the window and for the command line. A new one is a line here, its pages and its words. */
public enum SheetKind {
    /** Every mount of the vehicle with its three measures. */
    MOUNTS {
        @Override
        public List<Page> pages(SheetHead head, AxlePlace place, Optional<String> mount) {
            return MountPages.of(head);
        }
    },

    /** Every link as it is cut: a list of all, and a page a link. */
    CUT {
        @Override
        public List<Page> pages(SheetHead head, AxlePlace place, Optional<String> mount) {
            return CutPages.of(head);
        }
    },

    /** Every plate of the brackets in true size: a list of all, and a page or more a plate. */
    PLATES {
        @Override
        public List<Page> pages(SheetHead head, AxlePlace place, Optional<String> mount) {
            return PlatePages.of(head);
        }
    },

    /** What has to be bought. */
    BILL {
        @Override
        public List<Page> pages(SheetHead head, AxlePlace place, Optional<String> mount) {
            return BillPages.of(head);
        }
    },

    /** The housing's two pages. */
    HOUSING {
        @Override
        public List<Page> pages(SheetHead head, AxlePlace place, Optional<String> mount) {
            Optional<ShaftOrder> shaft = head.vehicle()
                    .build()
                    .surroundings(place)
                    .driveline()
                    .map(line -> ShaftOrder.of(new AxleModel(head.vehicle(), place), line));
            return HousingPages.of(head, place, shaft);
        }
    },

    /** The order of placing and a page for each mount that can be placed; only the mount's page where one is named. */
    PLACING {
        @Override
        public List<Page> pages(SheetHead head, AxlePlace place, Optional<String> mount) {
            return placing(head, place, mount, head.vehicle().build().placing());
        }
    },

    /** At each of the worst poses what should be left, with blanks for what is found. */
    CYCLE {
        @Override
        public List<Page> pages(SheetHead head, AxlePlace place, Optional<String> mount) {
            return CyclePage.of(head, place);
        }
    };

    /** The name in word keys, commands and proposed file names. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * The sheet's pages; none where it can't be made, as where too few marks are known to place a mount from.
     *
     * @param place the axle it is of, where it is of one
     * @param mount the one mount it is of, where it is of mounts; empty for all
     */
    public abstract List<Page> pages(SheetHead head, AxlePlace place, Optional<String> mount);

    /**
     * Placing sheets with other limits than the vehicle's own.
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

    private static Optional<Page> page(SheetHead head, Adjustment adjustment, MountRef mount, PlacingLimits limits) {
        return PlacingSheet.of(head.vehicle(), adjustment, mount, limits)
                .map(sheet -> PlacingPage.of(
                        head, adjustment, sheet, Effect.within(head.vehicle(), mount, limits.tolerance())));
    }
}
