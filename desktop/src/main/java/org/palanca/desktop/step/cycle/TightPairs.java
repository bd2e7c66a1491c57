package org.palanca.desktop.step.cycle;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.palanca.base.words.Message;
import org.palanca.study.clearance.ClearanceStudy;

/** The pairs of a clearance study that are worth a line each. */
final class TightPairs {
    private TightPairs() {}

    /** The tightest first, each pair of names once; what interferes at ride is told apart. */
    static List<ClearanceStudy.Tight> listed(ClearanceStudy study, int most) {
        Set<List<Message>> named = new HashSet<>();
        Set<List<Object>> seen = new HashSet<>();
        return study.tight().stream()
                .filter(one -> !one.atRide() && named.add(one.names()) && seen.add(sideless(one)))
                .limit(most)
                .toList();
    }

    /** Left and right of a mirrored pair count as one where they come as near. */
    private static List<Object> sideless(ClearanceStudy.Tight tight) {
        return List.of(tight.one().id().sideless(), tight.other().id().sideless(), Math.round(tight.room() * 1000));
    }
}
