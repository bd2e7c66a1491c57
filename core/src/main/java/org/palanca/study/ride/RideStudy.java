package org.palanca.study.ride;

import java.util.ArrayList;
import java.util.List;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.shock.MountLine;
import org.palanca.result.shock.SpringWork;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.LeafSpring;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Weights;
import org.palanca.vehicle.springing.Shock;

/**
 * An axle on its springs, both wheels going up and down together.
 *
 * @param weights what its wheels carry
 * @param curve from full droop to full bump
 * @param ride at ride
 * @param rollStiffness moment that turns the axle against the chassis, a unit of angle [N m/rad]
 * @param shocks each shock at bump, ride and droop
 */
public record RideStudy(Weights weights, List<At> curve, At ride, double rollStiffness, List<ShockAt> shocks) {
    /** Standard gravity [m/s2]. */
    public static final double GRAVITY = 9.80665;

    private static final int POSES = 41;

    /** Half of the step that rates are taken over [m]: loads are exact, only their change is a difference. */
    private static final double STEP = 0.0005;

    /** Lengths that differ by less are one [m]. */
    private static final double SAME = 1e-6;

    /** Coils this near to solid are solid [m]. */
    private static final double SHUT = 1e-4;

    public RideStudy {
        curve = List.copyOf(curve);
        shocks = List.copyOf(shocks);
    }

    /**
     * The springs at a travel of both wheels.
     *
     * @param travel [m], bump positive
     * @param left load on the left wheel [N]
     * @param right load on the right wheel [N]
     * @param rate of both wheels together, halved [N/m]: k MR^2 + F dMR/dz in the sum over all springs
     */
    public record At(double travel, double left, double right, double rate) {
        /** Natural frequency of a mass on one wheel's springs [Hz]: sqrt(k / m) / 2 pi; NaN where the rate is negative. */
        public double frequency(double mass) {
            return Math.sqrt(rate / mass) / (2 * Math.PI);
        }
    }

    /**
     * A shock at ride and where it is shortest and longest of all worst poses.
     *
     * @param ride length at ride [m]
     * @param bump least length [m]
     * @param shortestAt at which worst pose
     * @param droop greatest length [m]
     * @param longestAt at which worst pose
     */
    public record ShockAt(
            Shock shock, double ride, double bump, WorstPose shortestAt, double droop, WorstPose longestAt) {
        /** Of its spring at ride [N]. */
        public double forceRide() {
            return shock.force(ride);
        }

        /** Of its spring at its least length [N]. */
        public double forceBump() {
            return shock.force(bump);
        }

        /** Of its spring at its greatest length [N]. */
        public double forceDroop() {
            return shock.force(droop);
        }

        /**
         * Whether a coil binds within the travel. The wheel rises no further than the coils let it, so at their end they
         * are shut, not past it.
         */
        public boolean bound() {
            double in = shock.travelFromExtended(bump);
            return shock.coils()
                    .filter(coils -> coils.squeezed(in) > coils.room() - SHUT)
                    .isPresent();
        }

        /** Whether a coil leaves its seat within the travel. */
        public boolean loose() {
            double out = shock.travelFromExtended(droop);
            return shock.coils().filter(coils -> coils.squeezed(out) < -SAME).isPresent();
        }

        /** Share of the stroke that is up travel at ride, 0 to 1; NaN where its size is not known. */
        public double upShare() {
            return shock.size()
                    .map(size -> (ride - size.collapsed()) / size.stroke())
                    .orElse(Double.NaN);
        }
    }

    /** Works an axle out. */
    public static RideStudy of(Vehicle vehicle, AxlePlace place) {
        return of(new AxleModel(vehicle, place));
    }

    /** Works an axle out and leaves the model at ride. */
    public static RideStudy of(AxleModel model) {
        Axle axle = model.axle();
        Weights weights = Weights.of(model.vehicle(), axle.place());
        SpringWork work = new SpringWork(axle);
        List<At> curve = new ArrayList<>();
        double droop = axle.travel().droop();
        double whole = droop + axle.travel().bump();
        model.toRide();
        for (int i = 0; i < POSES; i++) {
            curve.add(at(model, work, weights, -droop + whole * i / (POSES - 1)));
        }
        curve.removeIf(one -> Double.isNaN(one.left()));
        model.toRide();
        return new RideStudy(weights, curve, at(model, work, weights, 0), rollStiffness(model, work), shocks(model));
    }

    private static At at(AxleModel model, SpringWork work, Weights weights, double travel) {
        double above = both(model, work, travel + STEP);
        double below = both(model, work, travel - STEP);
        if (!model.moveTo(WheelTravel.both(travel))) {
            model.toRide();
            return new At(travel, Double.NaN, Double.NaN, Double.NaN);
        }
        double leaf = leafRate(model.axle());
        double leafLoad = leaf > 0 ? weights.sprung(1) * GRAVITY + leaf * travel : 0;
        double otherLeafLoad = leaf > 0 ? weights.sprung(-1) * GRAVITY + leaf * travel : 0;
        return new At(
                travel,
                work.wheel(model.motion(), 1) + leafLoad,
                work.wheel(model.motion(), -1) + otherLeafLoad,
                (above - below) / (4 * STEP) + leaf);
    }

    private static double both(AxleModel model, SpringWork work, double travel) {
        return model.moveTo(WheelTravel.both(travel)) ? work.heave(model.motion()) : Double.NaN;
    }

    /** Leaf springs carry as they locate: a leaf's own rate at its seat, taken to stand at ride under its share of weight. */
    private static double leafRate(Axle axle) {
        return axle.linkage().leaves().stream().mapToDouble(LeafSpring::rate).sum() / 2;
    }

    /** Half the track times the change of half the difference of loads, for wheels going apart by the track's angle. */
    private static double rollStiffness(AxleModel model, SpringWork work) {
        double track = model.axle().track();
        double apart = roll(model, work, STEP) - roll(model, work, -STEP);
        model.toRide();
        double leaf = leafRate(model.axle());
        double seat = model.axle().linkage().leaves().isEmpty()
                ? 0
                : Math.abs(model.axle()
                        .position(
                                model.axle().linkage().leaves().get(0).seat(),
                                model.vehicle().wheelbase())
                        .getY());
        return apart / (2 * STEP) * track * track / 4 + 2 * leaf * seat * seat;
    }

    /** Work for each unit of left up, right down, with both wheels off ride the other way about. */
    private static double roll(AxleModel model, SpringWork work, double by) {
        return model.moveTo(by, -by) ? work.roll(model.motion()) : Double.NaN;
    }

    private static List<ShockAt> shocks(AxleModel model) {
        Axle axle = model.axle();
        List<ShockAt> all = new ArrayList<>();
        if (axle.springing().shocks().isEmpty()) {
            return all;
        }
        List<WorstPose> worst = new TravelEnvelope(model).worst();
        for (Shock shock : axle.springing().shocks()) {
            MountLine line = MountLine.of(axle, shock.upper(), shock.lower());
            model.toRide();
            double ride = line.length(model.motion());
            double bump = Double.POSITIVE_INFINITY;
            double droop = 0;
            WorstPose shortestAt = worst.get(0);
            WorstPose longestAt = worst.get(0);
            for (WorstPose pose : worst) {
                double length = length(model, line, pose.pose());
                if (length < bump - SAME) {
                    bump = length;
                    shortestAt = pose;
                }
                if (length > droop + SAME) {
                    droop = length;
                    longestAt = pose;
                }
            }
            all.add(new ShockAt(shock, ride, bump, shortestAt, droop, longestAt));
        }
        model.toRide();
        return all;
    }

    /** Led there from ride; where it does not close, as far as it goes. */
    private static double length(AxleModel model, MountLine line, WheelTravel pose) {
        model.toRide();
        for (int i = 1; i <= 10; i++) {
            double part = i / 10.0;
            if (!model.moveTo(part * pose.left(), part * pose.right(), part * pose.steer())) {
                break;
            }
        }
        return line.length(model.motion());
    }

    /** Load that the springs should put on a wheel at ride [N]; {@code side} +1 left, -1 right. */
    public double wanted(int side) {
        return weights.sprung(side) * GRAVITY;
    }

    /** Ride frequency at ride [Hz], on the mean of both wheels' sprung masses. */
    public double frequency() {
        return ride.frequency((weights.both() - weights.unsprung()) / 2);
    }

    /** Wheel rate of both wheels in roll that gives the roll stiffness [N/m]. */
    public double rollRate(double track) {
        return 2 * rollStiffness / (track * track);
    }
}
