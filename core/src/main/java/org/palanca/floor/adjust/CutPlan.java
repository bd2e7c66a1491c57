package org.palanca.floor.adjust;

import java.util.ArrayList;
import java.util.List;
import org.palanca.vehicle.survey.Cut;
import org.palanca.vehicle.survey.Support;
import org.palanca.vehicle.survey.Survey;
import org.palanca.vehicle.survey.Zone;

/**
 * What a scheme takes off the vehicle, and what it takes with it. The plan itself is the scheme without a name; its cuts
 * count for every scheme.
 *
 * @param cuts what goes
 * @param volume how much room is cleared, counted once for each cut [m3]
 * @param forbidden cuts that reach into a zone that must not be cut
 * @param unzoned cuts of which no zone says that they may be made
 * @param marks marks that go, with their replacement
 * @param supports supports that lose their room
 */
public record CutPlan(
        List<Cut> cuts,
        double volume,
        List<In> forbidden,
        List<Cut> unzoned,
        List<DatumLife> marks,
        List<Loses> supports) {
    /** A cut in a zone, and how much of the zone goes [m3]. */
    public record In(Cut cut, Zone zone, double volume) {}

    /** A cut that needs the room of a support. */
    public record Loses(Cut cut, Support support) {}

    /** What a scheme removes; empty text for the plan itself. */
    public static CutPlan of(Adjustment adjustment, String scheme) {
        Survey survey = adjustment.survey();
        List<Cut> cuts = survey.cuts().stream()
                .filter(cut -> cut.scheme().isEmpty() || cut.scheme().equals(scheme))
                .toList();
        List<In> forbidden = new ArrayList<>();
        List<Cut> unzoned = new ArrayList<>();
        List<Loses> supports = new ArrayList<>();
        for (Cut cut : cuts) {
            for (Zone zone : survey.zones()) {
                if (zone.rule() != Zone.Rule.MAY_CUT && cut.room().overlaps(zone.room())) {
                    forbidden.add(
                            new In(cut, zone, cut.room().shared(zone.room()).volume()));
                }
            }
            boolean allowed =
                    survey.zones().stream().anyMatch(zone -> cut.room().overlaps(zone.room()));
            if (!allowed && !survey.zones().isEmpty()) {
                unzoned.add(cut);
            }
            survey.supports().stream()
                    .filter(support -> !cut.done() && cut.room().overlaps(support.room()))
                    .forEach(support -> supports.add(new Loses(cut, support)));
        }
        double volume = cuts.stream().mapToDouble(cut -> cut.room().volume()).sum();
        return new CutPlan(
                cuts,
                volume,
                List.copyOf(forbidden),
                List.copyOf(unzoned),
                DatumLife.of(adjustment).stream()
                        .filter(life -> cuts.contains(life.cut()))
                        .toList(),
                List.copyOf(supports));
    }
}
