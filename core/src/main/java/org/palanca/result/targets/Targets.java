package org.palanca.result.targets;

import static org.palanca.base.units.Lengths.inches;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.mechanism.axle.JointBolts;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Result;
import org.palanca.result.ResultKind;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.TargetBand.Scope;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;

/**
 * Default bands for each use, and the vehicle's own where it has them. No default has a published source: all are common
 * practice, and they say so. Schools differ, which is why every band can be changed.
 */
public final class Targets {
    /** What a band without a source says of itself; also a word key. */
    public static final String COMMON_PRACTICE = "common practice, no source";

    private static final double NO_LIMIT = Double.POSITIVE_INFINITY;
    private static final Map<Use, Map<String, TargetBand>> DEFAULTS = defaults();

    private static final Map<String, TargetBand> CORNERS = corners();

    /** Semi-trailing arms lean and steer their wheels by their nature, and lift the frame under brakes. */
    private static final Map<String, TargetBand> SEMI_TRAILING = Map.of(
            "camber", new TargetBand(Math.toRadians(-5), Math.toRadians(4), Scope.TRAVEL, COMMON_PRACTICE),
            "toe", new TargetBand(Math.toRadians(-1), Math.toRadians(1), Scope.TRAVEL, COMMON_PRACTICE),
            "anti_dive", band(-5, 200));

    /** Whatever the use: 1 in of shaft left at full bump, the strap tight before the shock is out, and little lean. */
    private static final Map<String, TargetBand> SHOCKS = Map.of(
            "shaft_left_up", throughTravel(inches(1), NO_LIMIT),
            "shaft_left_down", throughTravel(0, NO_LIMIT),
            "shock_lean_front", band(Math.toRadians(0), Math.toRadians(20)));

    private static final Set<String> OF_LINKS = Set.of("anti_squat", "roll_centre_height", "roll_steer", "side_shift");

    private Targets() {}

    /** The key a band is filed under: {@code rear.anti_squat}. */
    public static String key(Axle axle, Result result) {
        return axle.place().id() + "." + result.id();
    }

    /** The band that counts for a result: the vehicle's own, else the use's default, else none. */
    public static Optional<TargetBand> band(Vehicle vehicle, Axle axle, Result result) {
        TargetBand own = vehicle.targets().get(key(axle, result));
        return own != null ? Optional.of(own) : defaultBand(vehicle, axle, result);
    }

    /** Whether a band is held against a value at a pose: steering is no fault of toe, and what counts at ride counts there. */
    public static boolean judges(TargetBand band, WheelTravel pose) {
        return band.scope() == Scope.RIDE ? pose.equals(WheelTravel.RIDE) : pose.steer() == 0;
    }

    private static Map<String, TargetBand> defaults(Use use) {
        return DEFAULTS.getOrDefault(use, Map.of());
    }

    /** The default band of the vehicle's use, if it has one for this result of this axle. */
    public static Optional<TargetBand> defaultBand(Vehicle vehicle, Axle axle, Result result) {
        Use use = vehicle.use();
        if (result.kind() == ResultKind.LINK_LENGTH) {
            // The length that trail builders like is that of a live axle's lower links; arms of a corner are shorter.
            boolean lower = !axle.independent()
                    && axle.link(result.subject())
                            .filter(link -> link.role() == LinkRole.LOWER)
                            .isPresent();
            return Optional.ofNullable(lower ? defaults(use).get("lower_link_length") : null);
        }
        String name = result.kind().id();
        if (SHOCKS.containsKey(name)) {
            return Optional.of(SHOCKS.get(name));
        }
        if (result.kind() == ResultKind.JOINT_MISALIGNMENT && axle.independent()) {
            return jointLimit(vehicle, axle);
        }
        if (axle.independent()) {
            // The heights and shares usual for live axles say nothing of independent wheels.
            boolean semi = axle.type() == SuspensionType.SEMI_TRAILING && SEMI_TRAILING.containsKey(name);
            return Optional.ofNullable(semi ? SEMI_TRAILING.get(name) : CORNERS.get(name));
        }
        if ((result.kind() == ResultKind.UPPER_PLAN_ANGLE || result.kind() == ResultKind.LOWER_PLAN_ANGLE)
                && !convergence(axle, vehicle.wheelbase(), result)) {
            return Optional.empty();
        }
        if (axle.type() == SuspensionType.LEAF_SPRINGS && OF_LINKS.contains(name)) {
            // Leaves hold, wind up and shift by their own nature: what link builders aim for says nothing of them.
            return Optional.empty();
        }
        if (name.equals("separation_frame") && meetOnFrame(axle)) {
            // Ladder bars run to one point on the frame: nothing there could be apart.
            return Optional.empty();
        }
        TargetBand placed = defaults(use).get(axle.place().id() + "." + name);
        TargetBand band = placed != null ? placed : defaults(use).get(name);
        // A crank on the frame takes the roll centre along with the frame: over the ground it moves as far as the
        // wheels do.
        // So does the frame end of arms in one piece, on which their anti-squat hangs.
        boolean onFrame = axle.type() == SuspensionType.WATTS_ON_FRAME && name.equals("roll_centre_height")
                || pivotsOnFrame(axle) && name.equals("anti_squat");
        return Optional.ofNullable(band).map(one -> onFrame ? band(one.low(), one.high()) : one);
    }

    /** Whether an axle turns about one place of the frame on each side. */
    private static boolean pivotsOnFrame(Axle axle) {
        return axle.type() == SuspensionType.TRAILING_ARMS
                || axle.type() == SuspensionType.RADIUS_ARMS
                || axle.type() == SuspensionType.LADDER_BARS;
    }

    /**
     * Whether an axle asks a pair of links to converge: only where they hold it sideways, with no bar, Watts linkage, arms or
     * leaves to do so. Then one pair at 40 degrees is enough, and the one that converges more answers for it.
     */
    private static boolean convergence(Axle axle, double wheelbase, Result result) {
        boolean other =
                axle.links(LinkRole.PANHARD).size() + axle.links(LinkRole.WATTS).size() > 0
                        || !axle.linkage().leaves().isEmpty();
        double uppers = planAngle(axle, wheelbase, LinkRole.UPPER);
        double lowers = planAngle(axle, wheelbase, LinkRole.LOWER);
        boolean upperAnswers = uppers >= lowers;
        return !other && upperAnswers == (result.kind() == ResultKind.UPPER_PLAN_ANGLE);
    }

    /** Included angle of a pair as seen from above, at ride [rad]; less than nothing where there is no pair. */
    private static double planAngle(Axle axle, double wheelbase, LinkRole role) {
        List<Link> pair = axle.links(role);
        if (pair.size() != 2) {
            return -1;
        }
        double[] lean = new double[2];
        for (int i = 0; i < lean.length; i++) {
            Vector3D run = axle.position(pair.get(i).to(), wheelbase)
                    .subtract(axle.position(pair.get(i).from(), wheelbase));
            lean[i] = Math.atan(run.getY() / run.getX());
        }
        return Math.abs(lean[0] - lean[1]);
    }

    /** Whether an upper and a lower link are bolted to the frame at one mount. */
    private static boolean meetOnFrame(Axle axle) {
        Set<String> lowers = new HashSet<>();
        axle.links(LinkRole.LOWER).forEach(link -> lowers.addAll(List.of(link.from(), link.to())));
        return axle.links(LinkRole.UPPER).stream()
                .flatMap(link -> Stream.of(link.from(), link.to()))
                .anyMatch(mount -> lowers.contains(mount)
                        && axle.mount(mount).filter(Mount::onFrame).isPresent());
    }

    private static Map<Use, Map<String, TargetBand>> defaults() {
        Map<Use, Map<String, TargetBand>> all = new HashMap<>();
        all.put(Use.TRAIL, trail());
        all.put(Use.TRACK, track());
        all.put(Use.DRAG, drag());
        all.put(Use.STREET, street());
        return all;
    }

    /** 75 to 100 % anti-squat, 40 degrees between a converging pair, mount separations and link lengths: one trail school. */
    private static Map<String, TargetBand> trail() {
        Map<String, TargetBand> bands = new HashMap<>();
        bands.put("anti_squat", throughTravel(75, 100));
        bands.put("roll_centre_height", throughTravel(inches(18), inches(30)));
        bands.put("roll_steer", band(-3, 8));
        bands.put("rear.pinion_angle", degrees(0, 8));
        bands.put("caster", degrees(3, 9));
        bands.put("upper_plan_angle", degrees(40, 180));
        bands.put("lower_plan_angle", degrees(40, 180));
        bands.put("separation_frame", band(inches(5.5), inches(9)));
        bands.put("separation_axle", band(inches(8), inches(12)));
        bands.put("lower_link_length", band(inches(30), inches(45)));
        steered(bands);
        bands.put("side_shift", throughTravel(inches(-0.75), inches(0.75)));
        return bands;
    }

    private static Map<String, TargetBand> track() {
        Map<String, TargetBand> bands = road();
        bands.put("anti_squat", throughTravel(20, 60));
        bands.put("roll_centre_height", throughTravel(inches(6), inches(13)));
        bands.put("roll_steer", band(-2, 5));
        bands.put("side_shift", throughTravel(inches(-0.1875), inches(0.1875)));
        return bands;
    }

    private static Map<String, TargetBand> drag() {
        Map<String, TargetBand> bands = road();
        bands.put("anti_squat", throughTravel(100, 160));
        bands.put("roll_centre_height", throughTravel(inches(8), inches(18)));
        bands.put("roll_steer", band(-3, 5));
        return bands;
    }

    private static Map<String, TargetBand> street() {
        Map<String, TargetBand> bands = road();
        bands.put("anti_squat", throughTravel(40, 90));
        bands.put("roll_centre_height", throughTravel(inches(8), inches(18)));
        bands.put("roll_steer", band(-2, 6));
        bands.put("side_shift", throughTravel(inches(-0.25), inches(0.25)));
        return bands;
    }

    /** Of independent wheels, whatever the use; half a degree of toe through the whole travel is felt as wandering. */
    private static Map<String, TargetBand> corners() {
        Map<String, TargetBand> bands = new HashMap<>();
        bands.put("roll_centre_height", band(inches(-1), inches(8)));
        bands.put("camber", new TargetBand(Math.toRadians(-4), Math.toRadians(1), Scope.TRAVEL, COMMON_PRACTICE));
        bands.put("toe", new TargetBand(Math.toRadians(-0.35), Math.toRadians(0.5), Scope.TRAVEL, COMMON_PRACTICE));
        bands.put("kingpin_caster", degrees(2, 9));
        bands.put("scrub_radius", band(inches(-1), inches(4.5)));
        bands.put("anti_dive", band(-5, 50));
        return bands;
    }

    /**
     * What the joints may tilt, where all of them may tilt alike. Where some may tilt less than others the largest tilt says
     * nothing of them: cycling the axle holds each against its own limit.
     */
    private static Optional<TargetBand> jointLimit(Vehicle vehicle, Axle axle) {
        double[] limits = JointBolts.of(axle, vehicle.wheelbase()).ends().stream()
                .mapToDouble(end -> end.limit(vehicle, axle))
                .distinct()
                .toArray();
        return limits.length == 1
                ? Optional.of(new TargetBand(0, limits[0], Scope.TRAVEL, COMMON_PRACTICE))
                : Optional.empty();
    }

    private static Map<String, TargetBand> road() {
        Map<String, TargetBand> bands = new HashMap<>();
        bands.put("rear.pinion_angle", degrees(-4, 4));
        bands.put("caster", degrees(3, 8));
        bands.put("upper_plan_angle", degrees(40, 180));
        bands.put("lower_plan_angle", degrees(40, 180));
        steered(bands);
        return bands;
    }

    /** A steered live axle: caster of its kingpins, and a drag link that follows the panhard. */
    private static void steered(Map<String, TargetBand> bands) {
        bands.put("kingpin_caster", degrees(3, 9));
        bands.put("held_roll_steer", band(-10, 15));
        bands.put(
                "drag_link_slope_gap",
                new TargetBand(Math.toRadians(-2), Math.toRadians(2), Scope.RIDE, COMMON_PRACTICE));
        bands.put("bushing_push", band(0, inches(0.125)));
    }

    private static TargetBand band(double low, double high) {
        return new TargetBand(low, high, Scope.RIDE, COMMON_PRACTICE);
    }

    private static TargetBand throughTravel(double low, double high) {
        return new TargetBand(low, high, Scope.TRAVEL, COMMON_PRACTICE);
    }

    private static TargetBand degrees(double low, double high) {
        return band(Math.toRadians(low), high >= 180 ? NO_LIMIT : Math.toRadians(high));
    }
}
