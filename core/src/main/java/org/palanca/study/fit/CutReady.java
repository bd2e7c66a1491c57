package org.palanca.study.fit;

import java.util.ArrayList;
import java.util.List;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.DatumLife;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Cut;

/** What must be written down before a planned cut is made: marks that go with it, and the centreline of an axle near it. */
public final class CutReady {
    /** An axle this near to a cut loses what tells where it was [m]: 24 in, common practice, no source. */
    private static final double NEAR = Lengths.inches(24);

    private CutReady() {}

    /** What is missing before a cut may be called made, most pressing first; empty where nothing is. */
    public static List<Message> missing(Vehicle vehicle, Adjustment adjustment, Cut cut) {
        List<Message> missing = new ArrayList<>();
        for (DatumLife life : DatumLife.unread(adjustment, cut)) {
            missing.add(Message.of(
                    life.again().possible() ? "cut.mark_unread" : "cut.mark_lost",
                    cut.name(),
                    life.mark().name()));
        }
        missing.addAll(axles(vehicle, adjustment, cut));
        return missing;
    }

    /** Axles near a cut whose centreline no marks hold. */
    public static List<Message> axles(Vehicle vehicle, Adjustment adjustment, Cut cut) {
        List<Message> missing = new ArrayList<>();
        for (Axle axle : vehicle.axles()) {
            double line = axle.lineX(vehicle.wheelbase());
            boolean near = line > cut.room().rear() - NEAR && line < cut.room().front() + NEAR;
            Surroundings around = vehicle.build().surroundings(axle.place());
            if (near && !(held(adjustment, around.leftEnd()) && held(adjustment, around.rightEnd()))) {
                missing.add(Message.of(
                        "cut.axle_unmarked",
                        cut.name(),
                        Message.of("axle." + axle.place().id())));
            }
        }
        return missing;
    }

    private static boolean held(Adjustment adjustment, String mark) {
        return adjustment.survey().mark(mark).isPresent()
                && adjustment.free(mark).isEmpty();
    }
}
