package org.palanca.reference;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.RotationOrder;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.MultivariateJacobianFunction;
import org.hipparchus.util.Pair;

/**
 * A live axle worked out a second time, sharing no code with what it checks: the example file read as plain JSON, the
 * pose as three coordinates and three Cardan angles found by Hipparchus' Levenberg-Marquardt optimiser on differences,
 * every rate by differences of such poses (central, with Richardson's extrapolation). Millimetres throughout.
 */
public final class ReferenceAxle {
    private static final double STEP = 0.4;

    private final JsonNode vehicle;
    private final JsonNode axle;
    private final String place;
    private final Vector3D centre;
    private final List<Vector3D> frameEnds = new ArrayList<>();
    private final List<Vector3D> axleEnds = new ArrayList<>();
    private final List<Double> lengths = new ArrayList<>();

    /** Reads one axle of an example. */
    public ReferenceAxle(String example, String place) {
        this(example(example), place);
    }

    private static JsonNode example(String name) {
        try (InputStream in = ReferenceAxle.class.getResourceAsStream("/org/palanca/examples/" + name)) {
            return new ObjectMapper().readTree(in);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Takes one axle of a vehicle file's tree. */
    public ReferenceAxle(JsonNode vehicle, String place) {
        this.vehicle = vehicle;
        this.place = place;
        axle = vehicle.path("axles").path(place);
        centre = new Vector3D(
                lineX(), 0, axle.path("tyre").path("loaded_radius_mm").asDouble());
        for (JsonNode link : axle.path("links")) {
            Vector3D from = mount(link.path("from").asText());
            Vector3D to = mount(link.path("to").asText());
            frameEnds.add(from);
            axleEnds.add(to);
            lengths.add(from.distance(to));
        }
    }

    private double lineX() {
        return place.equals("front") ? 0 : -vehicle.path("wheelbase_mm").asDouble();
    }

    private Vector3D mount(String name) {
        JsonNode mount = axle.path("mounts").path(name);
        if (mount.has("mirror_of")) {
            Vector3D other = mount(mount.path("mirror_of").asText());
            return new Vector3D(other.getX(), -other.getY(), other.getZ());
        }
        double ahead = mount.has("ahead_mm")
                ? mount.path("ahead_mm").asDouble()
                : -mount.path("behind_mm").asDouble();
        double side = mount.path("side").asText().equals("left") ? 1 : -1;
        return new Vector3D(
                lineX() + ahead,
                side * mount.path("out_mm").asDouble(),
                mount.path("up_mm").asDouble());
    }

    /** A pose: where the centre is, and how the housing is turned. */
    public record Pose(Vector3D centre, Rotation turn, Vector3D design) {
        Vector3D carry(Vector3D atDesign) {
            return centre.add(turn.applyTo(atDesign.subtract(design)));
        }

        Vector3D backToDesign(Vector3D now) {
            return design.add(turn.applyInverseTo(now.subtract(centre)));
        }
    }

    private Pose pose(double[] p) {
        Rotation turn = new Rotation(RotationOrder.XYZ, RotationConvention.VECTOR_OPERATOR, p[3], p[4], p[5]);
        return new Pose(new Vector3D(p[0], p[1], p[2]), turn, centre);
    }

    private double[] residuals(double[] p, double left, double right) {
        Pose pose = pose(p);
        double[] out = new double[lengths.size() + 2];
        for (int i = 0; i < lengths.size(); i++) {
            out[i] = pose.carry(axleEnds.get(i)).distance(frameEnds.get(i)) - lengths.get(i);
        }
        double half = axle.path("track_mm").asDouble() / 2;
        double wheelLeft = pose.carry(centre.add(new Vector3D(0, half, 0))).getZ();
        double wheelRight = pose.carry(centre.add(new Vector3D(0, -half, 0))).getZ();
        out[lengths.size()] = wheelLeft - centre.getZ() - left;
        out[lengths.size() + 1] = wheelRight - centre.getZ() - right;
        return out;
    }

    /** The pose at left and right travel [mm]. */
    public Pose solve(double left, double right) {
        double[] start = {centre.getX(), centre.getY(), centre.getZ() + (left + right) / 2, 0, 0, 0};
        MultivariateJacobianFunction model = point -> {
            double[] p = point.toArray();
            double[] at = residuals(p, left, right);
            Array2DRowRealMatrix jacobian = new Array2DRowRealMatrix(at.length, 6);
            for (int j = 0; j < 6; j++) {
                double h = j < 3 ? 1e-3 : 1e-6;
                double[] plus = p.clone();
                double[] minus = p.clone();
                plus[j] += h;
                minus[j] -= h;
                double[] above = residuals(plus, left, right);
                double[] below = residuals(minus, left, right);
                for (int i = 0; i < at.length; i++) {
                    jacobian.setEntry(i, j, (above[i] - below[i]) / (2 * h));
                }
            }
            return new Pair<RealVector, org.hipparchus.linear.RealMatrix>(new ArrayRealVector(at, false), jacobian);
        };
        LeastSquaresOptimizer.Optimum found = new LevenbergMarquardtOptimizer()
                .withCostRelativeTolerance(1e-15)
                .withParameterRelativeTolerance(1e-15)
                .optimize(new LeastSquaresBuilder()
                        .start(start)
                        .model(model)
                        .target(new double[lengths.size() + 2])
                        .maxEvaluations(500)
                        .maxIterations(500)
                        .checker((iteration, before, after) -> after.getRMS() < 1e-12)
                        .build());
        if (found.getRMS() > 1e-9) {
            throw new IllegalStateException("reference did not close: " + found.getRMS());
        }
        return pose(found.getPoint().toArray());
    }

    /** Velocity of the housing's point now at a place, per mm of travel, in a mode (heave 1, 1 or roll 1, -1). */
    private Vector3D velocity(Vector3D now, double left, double right, double modeRight) {
        Vector3D coarse = difference(now, left, right, modeRight, STEP);
        Vector3D fine = difference(now, left, right, modeRight, STEP / 2);
        return fine.scalarMultiply(4.0 / 3).subtract(coarse.scalarMultiply(1.0 / 3));
    }

    private Vector3D difference(Vector3D now, double left, double right, double modeRight, double h) {
        Vector3D body = solve(left, right).backToDesign(now);
        Vector3D after = solve(left + h, right + modeRight * h).carry(body);
        Vector3D before = solve(left - h, right - modeRight * h).carry(body);
        return after.subtract(before).scalarMultiply(1 / (2 * h));
    }

    /** Middle of the two lowest points of the wheels, each found as the lowest point of a circle. */
    private Vector3D patch(Pose pose) {
        double r = axle.path("tyre").path("loaded_radius_mm").asDouble();
        Vector3D axis = pose.turn().applyTo(Vector3D.PLUS_J);
        Vector3D down = Vector3D.MINUS_K.subtract(axis.scalarMultiply(Vector3D.MINUS_K.dotProduct(axis)));
        return pose.centre().add(down.normalize().scalarMultiply(r));
    }

    /** Side-view instant centre [mm]: the point of the plane y = 0 where an affine fit of velocities is zero. */
    public Vector3D instantCentre(double left, double right) {
        Vector3D a = new Vector3D(lineX(), 0, 300);
        Vector3D va = velocity(a, left, right, 1);
        Vector3D vb = velocity(a.add(new Vector3D(200, 0, 0)), left, right, 1);
        Vector3D vc = velocity(a.add(new Vector3D(0, 0, 200)), left, right, 1);
        double xx = (vb.getX() - va.getX()) / 200;
        double zx = (vb.getZ() - va.getZ()) / 200;
        double xz = (vc.getX() - va.getX()) / 200;
        double zz = (vc.getZ() - va.getZ()) / 200;
        double det = xx * zz - xz * zx;
        double dx = (-va.getX() * zz + va.getZ() * xz) / det;
        double dz = (-va.getZ() * xx + va.getX() * zx) / det;
        return new Vector3D(a.getX() + dx, 0, a.getZ() + dz);
    }

    /** Slope of the reaction line from the patch. */
    public double reactionSlope(double left, double right) {
        Vector3D v = velocity(patch(solve(left, right)), left, right, 1);
        return -v.getX() / v.getZ();
    }

    /** Anti-squat or anti-lift under drive [%], by the definition in terms of the reaction line. */
    public double antiDrive(double left, double right) {
        double sign = place.equals("rear") ? 1 : -1;
        double height = vehicle.path("mass").path("centre_of_gravity_height_mm").asDouble();
        return sign
                * 100
                * axle.path("drive_share").asDouble()
                * reactionSlope(left, right)
                * vehicle.path("wheelbase_mm").asDouble()
                / height;
    }

    /** Roll centre above the ground [mm]: where the sideways velocity vanishes, by the secant of two heights. */
    public double rollCentreHeight(double left, double right) {
        Pose pose = solve(left, right);
        Vector3D low = pose.centre();
        Vector3D high = low.add(new Vector3D(0, 0, 300));
        double vLow = velocity(low, left, right, -1).getY();
        double vHigh = velocity(high, left, right, -1).getY();
        return low.getZ() + 300 * vLow / (vLow - vHigh) - patch(pose).getZ();
    }

    /** Yaw per unit roll of the roll mode. */
    public double yawPerRoll(double left, double right) {
        Vector3D c = solve(left, right).centre();
        Vector3D v0 = velocity(c, left, right, -1);
        Vector3D vx = velocity(c.add(new Vector3D(500, 0, 0)), left, right, -1).subtract(v0);
        Vector3D vz = velocity(c.add(new Vector3D(0, 0, 500)), left, right, -1).subtract(v0);
        return vx.getY() / -vz.getY();
    }

    /**
     * How fast the axle's line turns in plan against how fast it tilts in front view, in the roll mode: the line itself moved a
     * little on by its velocity, and the two angles read off it.
     */
    public double steerPerRoll(double left, double right) {
        Pose pose = solve(left, right);
        Vector3D c = pose.centre();
        Vector3D line = pose.turn().applyTo(Vector3D.PLUS_J);
        Vector3D moves = velocity(c.add(line.scalarMultiply(500)), left, right, -1)
                .subtract(velocity(c, left, right, -1))
                .scalarMultiply(1 / 500.0);
        double step = 0.02;
        Vector3D on = line.add(step, moves);
        Vector3D back = line.subtract(step, moves);
        double turns = Math.atan2(-on.getX(), on.getY()) - Math.atan2(-back.getX(), back.getY());
        double tilts = Math.atan2(on.getZ(), Math.hypot(on.getX(), on.getY()))
                - Math.atan2(back.getZ(), Math.hypot(back.getX(), back.getY()));
        return turns / tilts;
    }

    /** Rise of the pinion's axis over its run in plan. */
    public double pinionSlope(double left, double right) {
        double pinion = Math.toRadians(axle.path("pinion_deg").asDouble());
        double inward = place.equals("rear") ? 1 : -1;
        Vector3D nose = solve(left, right).turn().applyTo(new Vector3D(inward * Math.cos(pinion), 0, Math.sin(pinion)));
        return nose.getZ() / Math.hypot(nose.getX(), nose.getY());
    }

    /** Caster at a pose [rad]. */
    public double caster(double left, double right) {
        double caster = Math.toRadians(axle.path("caster_deg").asDouble());
        Vector3D top = solve(left, right).turn().applyTo(new Vector3D(-Math.sin(caster), 0, Math.cos(caster)));
        return Math.atan2(-top.getX(), top.getZ());
    }
}
