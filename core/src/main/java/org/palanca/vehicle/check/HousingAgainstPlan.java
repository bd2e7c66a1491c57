package org.palanca.vehicle.check;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.housing.HousingSize;
import org.palanca.vehicle.housing.HousingSum;

/** Whether a housing's sizes are those of the axle that is planned. */
public final class HousingAgainstPlan {
    /** Sizes that differ by less were rounded [m]. */
    private static final double ROUNDED = Lengths.inches(1.0 / 16);

    private HousingAgainstPlan() {}

    /** Every size in which the two differ, in words; empty where nothing is known of the housing. */
    public static List<Message> differences(Vehicle vehicle, Axle axle) {
        List<Message> found = new ArrayList<>();
        HousingSum sum = vehicle.build().housing(axle.place()).sum();
        compare(sum, HousingSize.TRACK, axle.track(), found);
        compare(sum, HousingSize.TYRE_WIDTH, axle.tyre().width(), found);
        vehicle.build()
                .surroundings(axle.place())
                .driveline()
                .ifPresent(line -> compare(sum, HousingSize.PINION_OFFSET, line.offset(), found));
        if (!axle.independent()) {
            sum.size(HousingSize.TUBE_DIAMETER).ifPresent(diameter -> inTheTube(vehicle, axle, diameter, found));
        }
        return found;
    }

    /** Holes of brackets on the axle that no bolt can be put through: inside its tube. */
    private static void inTheTube(Vehicle vehicle, Axle axle, double diameter, List<Message> found) {
        for (Mount mount : axle.mounts()) {
            Vector3D at = axle.position(mount.name(), vehicle.wheelbase());
            double inside = diameter / 2
                    - Math.hypot(
                            at.getX() - axle.lineX(vehicle.wheelbase()),
                            at.getZ() - axle.tyre().loadedRadius());
            if (mount.body().equals(BodyName.AXLE) && inside > ROUNDED) {
                found.add(Message.of("housing.hole_in_tube", mount.name(), Message.length(inside)));
            }
        }
    }

    private static void compare(HousingSum sum, HousingSize size, double planned, List<Message> found) {
        sum.size(size).stream()
                .filter(metres -> Math.abs(metres - planned) > ROUNDED)
                .forEach(metres -> found.add(Message.of(
                        "housing.plan_differs",
                        Message.of(HousingSum.name(size)),
                        Message.length(metres),
                        Message.length(planned))));
    }
}
