package org.palanca.study.load;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;
import org.palanca.mechanism.axle.AxleMechanism;
import org.palanca.mechanism.solve.MemberForces;
import org.palanca.mechanism.solve.PoseSolver;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LoadFactors;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Weights;
import org.palanca.vehicle.springing.Shock;

/**
 * The most that a link is pushed and pulled along its pins in the load cases of its vehicle.
 *
 * <p>The axle stands still at a pose under forces at its tyres' patches; torque of brakes and drive that the chassis takes acts at
 * the wheels' middles instead. Springs carry the wheels' loads along their lines; where none are described, upward at the wheels'
 * middles. Sway bars and the weight of the axle itself are not counted.
 *
 * @param link its name
 * @param pushed the largest push [N]
 * @param pushedBy in which case
 * @param pulled the largest pull [N]
 * @param pulledBy in which case
 */
public record LinkLoad(String link, double pushed, LoadCase pushedBy, double pulled, LoadCase pulledBy) {
    private static final double GRAVITY = 9.80665;

    /** The larger of push and pull [N]. */
    public double most() {
        return Math.max(pushed, pulled);
    }

    /**
     * All links of an axle, in the order of the file.
     *
     * @return empty where the axle does not reach a case's pose, or does not carry a load
     * @throws IllegalArgumentException when the vehicle has no such axle
     */
    public static Optional<List<LinkLoad>> of(Vehicle vehicle, AxlePlace place, LoadFactors factors) {
        Axle axle = vehicle.axle(place).orElseThrow(() -> new IllegalArgumentException("no " + place.id() + " axle"));
        return new Cases(vehicle, axle, factors).run();
    }

    /**
     * The axial force of every link under forces at the wheels, pushed positive [N]; empty where it does not reach the pose or
     * does not carry them.
     *
     * @param left travel of the left wheel [m]
     * @param right travel of the right one [m]
     * @param leftForce on the left tyre's patch [N], vehicle frame
     * @param rightForce on the right one's
     */
    static Optional<double[]> forces(
            Vehicle vehicle, Axle axle, double left, double right, Vector3D leftForce, Vector3D rightForce) {
        return Standing.of(vehicle, axle, left, right)
                .flatMap(standing -> standing.forces(leftForce, rightForce, false));
    }

    /** An axle at a pose, ready to be loaded. */
    private static final class Standing {
        private final Vehicle vehicle;
        private final Axle axle;
        private final Mechanism mechanism;
        private final Configuration at;
        private final MemberForces members;

        private Standing(Vehicle vehicle, Axle axle, Mechanism mechanism, Configuration at) {
            this.vehicle = vehicle;
            this.axle = axle;
            this.mechanism = mechanism;
            this.at = at;
            members = new MemberForces(mechanism, at);
        }

        static Optional<Standing> of(Vehicle vehicle, Axle axle, double left, double right) {
            Mechanism mechanism = AxleMechanism.of(axle, vehicle.wheelbase());
            PoseSolver solver = PoseSolver.of(mechanism);
            double[] drivers = new double[mechanism.drivers().size()];
            drivers[0] = left;
            drivers[1] = right;
            return solver.moveTo(drivers)
                    ? Optional.of(new Standing(vehicle, axle, mechanism, solver.configuration()))
                    : Optional.empty();
        }

        /**
         * @param atMiddle whether what is along the vehicle acts at the wheels' middles
         */
        Optional<double[]> forces(Vector3D left, Vector3D right, boolean atMiddle) {
            double[] loads = new double[mechanism.unknowns()];
            for (Side side : Side.values()) {
                Vector3D force = side == Side.LEFT ? left : right;
                int body =
                        mechanism.bodyIndex(AxleMechanism.wheelBody(axle, side).id());
                Vector3D middle = place(body, axle.wheelCentre(vehicle.wheelbase(), side));
                // At rest the patch is straight below; a wheel that leans a few degrees moves it little.
                Vector3D patch = middle.subtract(new Vector3D(0, 0, axle.tyre().loadedRadius()));
                Vector3D along = new Vector3D(force.getX(), 0, 0);
                add(loads, body, force.subtract(along), patch);
                add(loads, body, along, atMiddle ? middle : patch);
            }
            double[] forces = members.under(loads);
            List<Shock> carrying = axle.springing().shocks().stream()
                    .filter(shock -> shock.spring().isPresent())
                    .toList();
            double[] springs = carrying.isEmpty() ? loads : sprung(loads, forces, carrying);
            double[] all = carrying.isEmpty() ? forces : members.under(springs);
            if (!members.balance(all, springs)) {
                return Optional.empty();
            }
            double[] links = new double[axle.links().size()];
            for (int i = 0; i < links.length; i++) {
                links[i] = all[members.ofMember(axle.links().get(i).name())];
            }
            return Optional.of(links);
        }

        /** The loads with those of the springs, so that nothing is left for the drivers to hold; each side's share it alike. */
        private double[] sprung(double[] loads, double[] forces, List<Shock> carrying) {
            double[][] each = new double[2][loads.length];
            for (Shock shock : carrying) {
                Vector3D upper = place(shock.upper());
                Vector3D lower = place(shock.lower());
                Vector3D down = lower.subtract(upper).normalize();
                int side = upper.getY() >= 0 ? 0 : 1;
                add(each[side], body(shock.lower()), down, lower);
                add(each[side], body(shock.upper()), down.negate(), upper);
            }
            double[] byLeft = members.under(each[0]);
            double[] byRight = members.under(each[1]);
            int one = members.ofDriver(0);
            int other = members.ofDriver(1);
            // Cramer's rule for two springs and two drivers.
            double det = byLeft[one] * byRight[other] - byRight[one] * byLeft[other];
            double left = (-forces[one] * byRight[other] + byRight[one] * forces[other]) / det;
            double right = (-byLeft[one] * forces[other] + forces[one] * byLeft[other]) / det;
            double[] all = loads.clone();
            for (int i = 0; i < all.length; i++) {
                all[i] += left * each[0][i] + right * each[1][i];
            }
            return all;
        }

        private int body(String mount) {
            return mechanism.bodyIndex(
                    axle.mount(mount).map(Mount::body).map(BodyName::id).orElseThrow());
        }

        private Vector3D place(String mount) {
            return place(body(mount), axle.position(mount, vehicle.wheelbase()));
        }

        /** Where a point of a body is now that is given at ride. */
        private Vector3D place(int body, Vector3D atRide) {
            if (body < 0) {
                return atRide;
            }
            double[] local =
                    atRide.subtract(mechanism.bodies().get(body).origin()).toArray();
            double[] now = new double[6];
            at.locate(body, local, now);
            return new Vector3D(now[0], now[1], now[2]);
        }

        private void add(double[] loads, int body, Vector3D force, Vector3D point) {
            if (body < 0) {
                return;
            }
            Vector3D origin = new Vector3D(at.origin(body, 0), at.origin(body, 1), at.origin(body, 2));
            Vector3D moment = Vector3D.crossProduct(point.subtract(origin), force);
            double[] wrench = {force.getX(), force.getY(), force.getZ(), moment.getX(), moment.getY(), moment.getZ()};
            for (int i = 0; i < 6; i++) {
                loads[6 * body + i] += wrench[i];
            }
        }
    }

    /** The cases one after another, and the worst of each link. */
    private static final class Cases {
        private final Vehicle vehicle;
        private final Axle axle;
        private final LoadFactors factors;
        private final double left;
        private final double right;
        private final double[] pushed;
        private final double[] pulled;
        private final LoadCase[] pushedBy;
        private final LoadCase[] pulledBy;

        Cases(Vehicle vehicle, Axle axle, LoadFactors factors) {
            this.vehicle = vehicle;
            this.axle = axle;
            this.factors = factors;
            Weights weights = Weights.of(vehicle, axle.place());
            left = weights.left() * GRAVITY;
            right = weights.right() * GRAVITY;
            int links = axle.links().size();
            pushed = new double[links];
            pulled = new double[links];
            pushedBy = new LoadCase[links];
            pulledBy = new LoadCase[links];
        }

        Optional<List<LinkLoad>> run() {
            Optional<Standing> ride = Standing.of(vehicle, axle, 0, 0);
            double up = axle.travel().bump();
            Optional<Standing> both = Standing.of(vehicle, axle, up, up);
            Optional<Standing> one = Standing.of(vehicle, axle, up, 0);
            Optional<Standing> other = Standing.of(vehicle, axle, 0, up);
            if (ride.isEmpty() || both.isEmpty() || one.isEmpty() || other.isEmpty()) {
                return Optional.empty();
            }
            boolean carried = brake(ride.get()) && drive(ride.get()) && corner(ride.get()) && kerb(ride.get());
            Vector3D leftUp = up(factors.bump() * left);
            Vector3D rightUp = up(factors.bump() * right);
            carried = carried
                    && take(LoadCase.BUMP, both.get(), leftUp, rightUp, false)
                    && take(LoadCase.BUMP, one.get(), leftUp, up(right), false)
                    && take(LoadCase.BUMP, other.get(), up(left), rightUp, false);
            return carried ? Optional.of(worst()) : Optional.empty();
        }

        private boolean brake(Standing ride) {
            double mass = vehicle.mass().mass();
            double slows = mass * GRAVITY * factors.brake();
            double moved = slows * vehicle.mass().centreHeight() / vehicle.wheelbase();
            double load = Math.max(0, left + right + (axle.place() == AxlePlace.FRONT ? moved : -moved));
            double part = load / (left + right);
            double back = slows * axle.brakeShare() / (left + right);
            return take(
                    LoadCase.BRAKE,
                    ride,
                    new Vector3D(-back * left, 0, part * left),
                    new Vector3D(-back * right, 0, part * right),
                    axle.traction().inboardBrakes());
        }

        private boolean drive(Standing ride) {
            boolean carried = true;
            for (int way = -1; way <= 1 && axle.driveShare() > 0; way += 2) {
                double push = way * factors.drive();
                carried &= take(
                        LoadCase.DRIVE,
                        ride,
                        new Vector3D(push * left, 0, left),
                        new Vector3D(push * right, 0, right),
                        axle.traction().inboardDrive());
            }
            return carried;
        }

        private boolean corner(Standing ride) {
            double load = left + right;
            double side = factors.corner() * load;
            return take(LoadCase.CORNER, ride, Vector3D.ZERO, new Vector3D(0, side, load), false)
                    && take(LoadCase.CORNER, ride, new Vector3D(0, -side, load), Vector3D.ZERO, false);
        }

        private boolean kerb(Standing ride) {
            return take(LoadCase.KERB, ride, new Vector3D(0, -factors.kerb() * left, left), up(right), false)
                    && take(LoadCase.KERB, ride, up(left), new Vector3D(0, factors.kerb() * right, right), false);
        }

        private static Vector3D up(double force) {
            return new Vector3D(0, 0, force);
        }

        private boolean take(LoadCase by, Standing standing, Vector3D one, Vector3D other, boolean atMiddle) {
            Optional<double[]> forces = standing.forces(one, other, atMiddle);
            if (forces.isEmpty()) {
                return false;
            }
            for (int i = 0; i < pushed.length; i++) {
                double force = forces.get()[i];
                if (force > pushed[i] || pushedBy[i] == null) {
                    pushed[i] = Math.max(pushed[i], force);
                    pushedBy[i] = by;
                }
                if (-force > pulled[i] || pulledBy[i] == null) {
                    pulled[i] = Math.max(pulled[i], -force);
                    pulledBy[i] = by;
                }
            }
            return true;
        }

        private List<LinkLoad> worst() {
            List<LinkLoad> all = new ArrayList<>();
            for (int i = 0; i < pushed.length; i++) {
                Link link = axle.links().get(i);
                all.add(new LinkLoad(link.name(), pushed[i], pushedBy[i], pulled[i], pulledBy[i]));
            }
            return List.copyOf(all);
        }
    }
}
