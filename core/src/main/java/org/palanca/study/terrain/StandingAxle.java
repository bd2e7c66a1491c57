package org.palanca.study.terrain;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.Twist;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.shock.SpringWork;
import org.palanca.study.ride.RideStudy;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.LeafSpring;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Weights;

/** One axle of a standing vehicle: its springs, its tyres, and the forces on its two wheels. Wheel 0 is the left one. */
final class StandingAxle {
    /** Springs that stand in where none are described swing the chassis at this frequency [Hz]: common practice, no source. */
    private static final double STAND_IN = 1.4;

    /** A tyre whose loaded radius is the free one is taken to be as stiff as this [N/m]: common practice, no source. */
    private static final double TYRE = 4e5;

    /** Least sag of a tyre that its rate is read off [m]. */
    private static final double LEAST_SAG = 0.001;

    /** What stops a wheel where the plan's travel ends [N/m]. */
    private static final double STOP = 6e5;

    private final AxleModel model;
    private final Axle axle;
    private final SpringWork work;
    private final Weights weights;
    private final double linear;
    private final double tyre;
    private final double radius;
    private final Vector3D centreAtRide;
    private final double[] travel = new double[2];
    private final double[] loads = new double[2];
    private final double[] sag = new double[2];
    private final Vector3D[] patches = new Vector3D[2];
    private final Vector3D[] forces = new Vector3D[2];
    private final Vector3D[] along = new Vector3D[2];
    private Vector3D up = Vector3D.PLUS_K;
    private boolean inboard;

    StandingAxle(Vehicle vehicle, AxlePlace place) {
        model = new AxleModel(vehicle, place);
        axle = model.axle();
        work = new SpringWork(axle);
        weights = Weights.of(vehicle, place);
        double leaf =
                axle.linkage().leaves().stream().mapToDouble(LeafSpring::rate).sum() / 2;
        double turn = 2 * Math.PI * STAND_IN;
        linear = axle.springing().carries() ? 0 : leaf > 0 ? leaf : weights.sprung(1) * turn * turn;
        double free = axle.tyre().diameter() / 2;
        double sunk = free - axle.tyre().loadedRadius();
        tyre = sunk > LEAST_SAG ? weights.both() / 2 * RideStudy.GRAVITY / sunk : TYRE;
        // Whatever the tyre's rate, it stands at its loaded radius under half of the axle's load.
        radius = axle.tyre().loadedRadius() + weights.both() / 2 * RideStudy.GRAVITY / tyre;
        centreAtRide =
                new Vector3D(axle.lineX(vehicle.wheelbase()), 0, axle.tyre().loadedRadius());
    }

    boolean standIn() {
        return linear > 0 && axle.linkage().leaves().isEmpty();
    }

    Weights weights() {
        return weights;
    }

    double unsprung() {
        return weights.unsprung();
    }

    Vector3D centreAtRide() {
        return centreAtRide;
    }

    /** Midway between its wheels now [m], vehicle frame. */
    Vector3D centre() {
        AxleMotion motion = model.motion();
        return new Vector3D(motion.centreX(), motion.centreY(), motion.centreZ());
    }

    /** Moves its wheels and finds where and how hard the ground meets them. */
    boolean moveTo(double left, double right, Attitude attitude, Ground ground) {
        if (!model.moveTo(left, right)) {
            model.toRide();
            return false;
        }
        travel[0] = left;
        travel[1] = right;
        up = attitude.up();
        for (int wheel = 0; wheel < 2; wheel++) {
            WheelMotion at = model.motion().wheel(wheel == 0 ? 1 : -1);
            Vector3D axis = new Vector3D(at.axis(0), at.axis(1), at.axis(2));
            Vector3D middle = new Vector3D(at.centre(0), at.centre(1), at.centre(2));
            double tilt = up.dotProduct(axis);
            double upright = Math.sqrt(1 - tilt * tilt);
            Vector3D down = up.subtract(tilt, axis).scalarMultiply(-1 / upright);
            double rock = ground.rocks().get(Ground.wheel(axle.place(), wheel == 0 ? Side.LEFT : Side.RIGHT));
            double clear = attitude.height(middle) - radius * upright - rock;
            sag[wheel] = Math.max(0, -clear);
            loads[wheel] = tyre * sag[wheel];
            // The patch is where the tyre's middle meets the ground, not under it.
            patches[wheel] = middle.add(Math.max(0, radius - sag[wheel] / upright), down);
        }
        return true;
    }

    /** Load on a wheel square to the ground [N]. */
    double load(int wheel) {
        return loads[wheel];
    }

    Vector3D patch(int wheel) {
        return patches[wheel];
    }

    /** Where the forces along the ground act on this axle taken together: between its patches by their loads [m]. */
    Vector3D push() {
        double sum = loads[0] + loads[1];
        double part = sum > 0 ? loads[0] / sum : 0.5;
        return patches[0].scalarMultiply(part).add(1 - part, patches[1]);
    }

    /** Its part in driving, or in braking. */
    double share(boolean driving) {
        return driving ? axle.driveShare() : axle.brakeShare();
    }

    /** Takes a force along the ground and shares it between its wheels by their loads. */
    void hold(Vector3D whole, boolean driving) {
        double sum = loads[0] + loads[1];
        inboard = driving ? axle.traction().inboardDrive() : axle.traction().inboardBrakes();
        for (int wheel = 0; wheel < 2; wheel++) {
            double part = sum > 0 ? loads[wheel] / sum : 0.5;
            along[wheel] = whole.scalarMultiply(part);
            forces[wheel] = along[wheel].add(loads[wheel], up);
        }
    }

    /** What the ground does to a wheel [N], vehicle frame. */
    Vector3D force(int wheel) {
        return forces[wheel];
    }

    /**
     * Work of everything for a unit of one wheel's rise against the chassis [N]: ground, weight of the axle, springs and the
     * ends of the plan's travel. Nothing where it balances.
     */
    double work(int wheel, Vector3D gravity) {
        AxleMotion motion = model.motion();
        int sign = wheel == 0 ? 1 : -1;
        double sum = 0;
        for (int other = 0; other < 2; other++) {
            WheelMotion at = motion.wheel(other == 0 ? 1 : -1);
            Vector3D patch = patches[other];
            sum += loads[other] * up.dotProduct(half(at.heave(), at.roll(), sign, patch));
            Vector3D held = inboard ? new Vector3D(at.centre(0), at.centre(1), at.centre(2)) : patch;
            sum += along[other].dotProduct(half(at.heave(), at.roll(), sign, held));
        }
        Vector3D centre = new Vector3D(motion.centreX(), motion.centreY(), motion.centreZ());
        sum += unsprung() * gravity.dotProduct(half(motion.heave(), motion.roll(), sign, centre));
        return sum - springs(wheel);
    }

    /** How a point of a body moves for a unit of one wheel's rise: half the sum of heave and roll, or of their difference. */
    private static Vector3D half(Twist heave, Twist roll, int sign, Vector3D at) {
        double x = at.getX();
        double y = at.getY();
        double z = at.getZ();
        return new Vector3D(
                (heave.forward(y, z) + sign * roll.forward(y, z)) / 2,
                (heave.left(x, z) + sign * roll.left(x, z)) / 2,
                (heave.up(x, y) + sign * roll.up(x, y)) / 2);
    }

    private double springs(int wheel) {
        double own = linear > 0 ? weights.sprung(wheel == 0 ? 1 : -1) * RideStudy.GRAVITY + linear * travel[wheel] : 0;
        return work.wheel(model.motion(), wheel == 0 ? 1 : -1) + own + STOP * past(travel[wheel]);
    }

    /** How far a travel is past the plan's [m], negative past droop. */
    private double past(double at) {
        return Math.max(0, at - axle.travel().bump())
                + Math.min(0, at + axle.travel().droop());
    }

    /** Energy in its springs, tyres and ends of travel [J]. */
    double energy() {
        double sum = work.energy(model.motion());
        for (int wheel = 0; wheel < 2; wheel++) {
            if (linear > 0) {
                double load = weights.sprung(wheel == 0 ? 1 : -1) * RideStudy.GRAVITY;
                sum += load * travel[wheel] + linear * travel[wheel] * travel[wheel] / 2;
            }
            sum += STOP * past(travel[wheel]) * past(travel[wheel]) / 2;
            sum += tyre * sag[wheel] * sag[wheel] / 2;
        }
        return sum;
    }
}
