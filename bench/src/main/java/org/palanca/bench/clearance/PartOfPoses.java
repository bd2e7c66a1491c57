package org.palanca.bench.clearance;

import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.ClearanceStudy;
import org.palanca.study.clearance.Clearances;

/** Times a slow way of looking at clearances on a part of the poses of the finest study. */
final class PartOfPoses {
    /** What is done at a pose. */
    interface Look {
        void at(Clearances clearances);
    }

    private PartOfPoses() {}

    /**
     * Goes through the poses in the order of the study, and looks at one in so many.
     *
     * @return what the looks took [ns]
     */
    static long timed(Clearances clearances, int sparse, Look look) {
        long spent = 0;
        int number = 0;
        for (int s = 0; s < ClearanceStudy.STEERS; s++) {
            clearances.model().toRide();
            for (int i = 0; i < ClearanceStudy.FINEST; i++) {
                for (int j = 0; j < ClearanceStudy.FINEST; j++) {
                    number++;
                    if (number % sparse == 0 && clearances.moveTo(pose(clearances.model(), i, j, s))) {
                        long began = System.nanoTime();
                        look.at(clearances);
                        spent += System.nanoTime() - began;
                    }
                }
            }
        }
        return spent;
    }

    private static WheelTravel pose(AxleModel model, int i, int j, int s) {
        double droop = model.axle().travel().droop();
        double whole = droop + model.axle().travel().bump();
        double steps = ClearanceStudy.FINEST - 1.0;
        return new WheelTravel(
                -droop + whole * j / steps, -droop + whole * i / steps, -1 + 2.0 * s / (ClearanceStudy.STEERS - 1));
    }
}
