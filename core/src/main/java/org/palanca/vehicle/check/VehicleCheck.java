package org.palanca.vehicle.check;

import static org.palanca.base.words.Message.angle;
import static org.palanca.base.words.Message.length;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.FrameRails;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.RideState;
import org.palanca.vehicle.Rim;
import org.palanca.vehicle.Scheme;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.Upright;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Wheels;

/** Checks a description for what would make results wrong or impossible. */
public final class VehicleCheck {
    /** Shortest wheelbase that is taken for one [m]: under it a digit was lost. */
    public static final double SHORTEST_WHEELBASE = Lengths.inches(40);

    /** Shortest link that is taken for one [m]. */
    public static final double SHORTEST_LINK = Lengths.inches(2);

    /** Two links whose ends all lie within this distance of one line count as lying on it [m]. */
    public static final double ON_ONE_LINE = Lengths.inches(1.0 / 16);

    /** Largest camber or toe at ride [rad]: beyond it a wheel is not set, it is bent. */
    private static final double LARGEST_TILT = Math.toRadians(20);

    /** How far outside the axles a centre of gravity is still only doubtful, in wheelbases. */
    private static final double FARTHEST_OUTSIDE = 0.25;

    private static final int LONGEST_NAME = 200;
    private static final double SHARE_TOLERANCE = 1e-6;

    private final Vehicle vehicle;
    private final List<Finding> findings = new ArrayList<>();

    private VehicleCheck(Vehicle vehicle) {
        this.vehicle = vehicle;
    }

    /** Everything found, in the order of the file. Empty when all is well. */
    public static List<Finding> findings(Vehicle vehicle) {
        VehicleCheck check = new VehicleCheck(vehicle);
        check.whole();
        vehicle.axles().forEach(axle -> check.axle(axle, ""));
        vehicle.schemes().forEach(check::scheme);
        vehicle.states().forEach(check::state);
        vehicle.rails().ifPresent(check::rails);
        check.findings.addAll(BuildCheck.findings(vehicle));
        return List.copyOf(check.findings);
    }

    /** Whether any finding keeps results from being had. */
    public static boolean hasErrors(List<Finding> findings) {
        return findings.stream().anyMatch(finding -> finding.severity() == Finding.Severity.ERROR);
    }

    /** Whether one axle's results can be had, the rest of the description left out: for a search that moves its mounts. */
    public static boolean sound(Vehicle vehicle, AxlePlace place) {
        VehicleCheck check = new VehicleCheck(vehicle);
        vehicle.axle(place).ifPresent(axle -> check.axle(axle, ""));
        return !hasErrors(check.findings);
    }

    private void whole() {
        if (vehicle.wheelbase() < SHORTEST_WHEELBASE) {
            error("/wheelbase_mm", "check.wheelbase_short", length(vehicle.wheelbase()), length(SHORTEST_WHEELBASE));
        }
        double height = vehicle.mass().centreHeight();
        if (height <= 0) {
            error("/mass/centre_of_gravity_height_mm", "check.cg_below_ground", length(height));
        }
        double behind = vehicle.mass().centreBehindFront();
        double outside = Math.max(-behind, behind - vehicle.wheelbase());
        if (outside > FARTHEST_OUTSIDE * vehicle.wheelbase()) {
            error(
                    "/mass/centre_of_gravity_behind_front_axle_mm",
                    "check.cg_far_outside",
                    length(behind),
                    length(vehicle.wheelbase()));
        } else if (behind <= 0 || behind >= vehicle.wheelbase()) {
            findings.add(Finding.warning(
                    "/mass/centre_of_gravity_behind_front_axle_mm",
                    Message.of("check.cg_outside_wheelbase", length(behind), length(vehicle.wheelbase()))));
        }
        int letters = vehicle.name().length();
        if (vehicle.name().isBlank() || letters > LONGEST_NAME) {
            error("/name", "check.name_length", Integer.toString(letters), Integer.toString(LONGEST_NAME));
        }
        positive("/mass/total_kg", "mass", vehicle.mass().mass());
        shares(
                "drive_share",
                vehicle.axles().stream().mapToDouble(Axle::driveShare).sum());
        shares(
                "brake_share",
                vehicle.axles().stream().mapToDouble(Axle::brakeShare).sum());
    }

    private void shares(String key, double sum) {
        boolean complete = vehicle.axles().size() == 2;
        if (sum > 1 + SHARE_TOLERANCE || complete && sum < 1 - SHARE_TOLERANCE) {
            findings.add(Finding.warning("/axles", Message.of("check.shares", key, percent(sum))));
        }
    }

    private static String percent(double share) {
        return Math.round(share * 100) + " %";
    }

    private void scheme(Scheme scheme) {
        String at = "/schemes/" + scheme.name();
        for (Axle axle : scheme.axles()) {
            if (vehicle.axle(axle.place()).isEmpty()) {
                error(at, "check.scheme_axle", scheme.name(), axle.place().id());
            }
            axle(axle, at);
        }
    }

    private void rails(FrameRails rails) {
        positive("/frame_rails/top_mm", "rail_depth", rails.depth());
        positive("/frame_rails/width_mm", "rail_width", rails.width());
        rails.section().ifPresent(section -> {
            positive("/frame_rails/section/wall_mm", "rail_wall", section.wall());
            double most = Math.min(rails.width(), rails.depth()) / 2;
            if (section.wall() > most) {
                error("/frame_rails/section/wall_mm", "check.rail_wall", length(section.wall()), length(most));
            }
        });
        for (int i = 1; i < rails.stations().size(); i++) {
            double before = rails.stations().get(i - 1).ahead();
            double here = rails.stations().get(i).ahead();
            if (!(here < before)) {
                error(
                        "/frame_rails/stations/" + i + "/ahead_mm",
                        "check.rail_order",
                        Integer.toString(i + 1),
                        length(here),
                        length(before));
            }
        }
    }

    private void state(RideState state) {
        for (AxlePlace place : AxlePlace.values()) {
            state.standing(place)
                    .tyre()
                    .ifPresent(tyre -> tyre(tyre, "/states/" + state.name() + "/" + place.id() + "/tyre"));
        }
    }

    private void tyre(Tyre tyre, String at) {
        positive(at + "/diameter_mm", "tyre_diameter", tyre.diameter());
        positive(at + "/loaded_radius_mm", "loaded_radius", tyre.loadedRadius());
        positive(at + "/width_mm", "tyre_width", tyre.width());
    }

    private void axle(Axle axle, String under) {
        String at = under + "/axles/" + axle.place().id();
        if (axle.tyre().loadedRadius() > axle.tyre().diameter() / 2 * (1 + SHARE_TOLERANCE)) {
            error(
                    at + "/tyre/loaded_radius_mm",
                    "check.loaded_radius",
                    length(axle.tyre().loadedRadius()),
                    length(axle.tyre().diameter() / 2));
        }
        sizes(axle, at);
        Set<String> broken = new HashSet<>();
        for (Mount mount : axle.mounts()) {
            mirrorFault(axle, mount).ifPresent(message -> {
                broken.add(mount.name());
                findings.add(Finding.error(at + "/mounts/" + mount.name() + "/mirror_of", message));
            });
            if (mount.placement() instanceof Placement.MirrorOf mirror
                    && mount.bracket().isPresent()) {
                findings.add(Finding.warning(
                        at + "/mounts/" + mount.name() + "/bracket",
                        Message.of("check.bracket_of_mirror", mount.name(), mirror.mount())));
            }
        }
        findings.addAll(WishboneCheck.of(
                axle,
                vehicle.wheelbase(),
                vehicle.build().surroundings(axle.place()).bodies(),
                at,
                broken));
        Set<String> used = new HashSet<>();
        List<Link> sound = new ArrayList<>();
        for (Link link : axle.links()) {
            used.add(link.from());
            used.add(link.to());
            findings.addAll(LinkMakeCheck.of(link, at + "/links/" + link.name()));
            if (link(axle, link, at + "/links/" + link.name(), broken)) {
                sound.add(link);
                findings.addAll(BarShapeCheck.of(
                        link,
                        axle.path(link, vehicle.wheelbase()),
                        vehicle.hardware().tube(link),
                        at + "/links/" + link.name()));
            }
        }
        used.addAll(JointCheck.of(axle, vehicle.wheelbase(), at, broken, findings));
        used.addAll(SpringingCheck.of(axle, vehicle.wheelbase(), at + "/springing", broken, findings));
        for (Mount mount : axle.mounts()) {
            if (!used.contains(mount.name())) {
                findings.add(Finding.warning(
                        at + "/mounts/" + mount.name(), Message.of("check.mount_unused", mount.name())));
            }
        }
        linksOnOneLine(axle, sound, at);
    }

    /** The limits that the file's schema sets: what breaks them could be saved but not opened again. */
    private void sizes(Axle axle, String at) {
        tyre(axle.tyre(), at + "/tyre");
        axle.wheels().rim().ifPresent(rim -> rim(rim, axle.tyre(), at + "/rim"));
        axle.wheels().upright().ifPresent(upright -> upright(upright, axle.wheels(), at));
        positive(at + "/track_mm", "track", axle.track());
        notNegative(at + "/travel/bump_mm", "bump", axle.travel().bump());
        notNegative(at + "/travel/droop_mm", "droop", axle.travel().droop());
        share(at + "/drive_share", "drive_share", axle.driveShare());
        share(at + "/brake_share", "brake_share", axle.brakeShare());
        rightAngle(at + "/pinion_deg", "pinion", axle.pinion());
        rightAngle(at + "/caster_deg", "caster", axle.caster().orElse(0));
        tilt(at + "/camber_deg", "camber", axle.wheels().camber());
        tilt(at + "/toe_deg", "toe", axle.wheels().toe());
    }

    private void rim(Rim rim, Tyre tyre, String at) {
        positive(at + "/diameter_mm", "rim_diameter", rim.diameter());
        positive(at + "/width_mm", "rim_width", rim.width());
        positive(at + "/backspacing_mm", "backspacing", rim.backspacing());
        if (rim.diameter() >= tyre.diameter()) {
            error(
                    at + "/diameter_mm",
                    "check.rim_tall",
                    new Message.Measure(rim.diameter(), Quantity.LENGTH),
                    new Message.Measure(tyre.diameter(), Quantity.LENGTH));
        }
        if (rim.backspacing() > rim.width() + 2 * Rim.FLANGE) {
            error(
                    at + "/backspacing_mm",
                    "check.rim_deep",
                    new Message.Measure(rim.backspacing(), Quantity.LENGTH),
                    new Message.Measure(rim.width(), Quantity.LENGTH));
        }
    }

    private void upright(Upright upright, Wheels wheels, String axle) {
        String at = axle + "/upright";
        positive(at + "/thickness_mm", "upright_thickness", upright.thickness());
        positive(at + "/hub_diameter_mm", "hub_diameter", upright.hubDiameter());
        positive(at + "/hub_width_mm", "hub_width", upright.hubWidth());
        notNegative(at + "/brake_diameter_mm", "brake_diameter", upright.brakeDiameter());
        notNegative(at + "/brake_width_mm", "brake_width", upright.brakeWidth());
        if (upright.brakeDiameter() > 0 != upright.brakeWidth() > 0) {
            findings.add(Finding.warning(at, Message.of("check.brake_half_known")));
        }
        double brake = upright.braked() ? upright.brakeDiameter() : 0;
        wheels.rim().filter(rim -> brake > rim.diameter() - 2 * Rim.WELL).ifPresent(rim -> {
            Message.Measure across = new Message.Measure(brake, Quantity.LENGTH);
            Message.Measure seats = new Message.Measure(rim.diameter(), Quantity.LENGTH);
            if (brake >= rim.diameter()) {
                error(at + "/brake_diameter_mm", "check.brake_in_rim", across, seats);
            } else {
                findings.add(
                        Finding.warning(at + "/brake_diameter_mm", Message.of("check.brake_near_rim", across, seats)));
            }
        });
    }

    private void positive(String place, String size, double value) {
        if (!(value > 0)) {
            error(place, "check.must_be_positive", Message.of("size." + size));
        }
    }

    private void notNegative(String place, String size, double value) {
        if (!(value >= 0)) {
            error(place, "check.must_not_be_negative", Message.of("size." + size));
        }
    }

    private void share(String place, String size, double value) {
        if (!(value >= 0 && value <= 1)) {
            error(place, "check.share_range", Message.of("size." + size), percent(value));
        }
    }

    private void rightAngle(String place, String size, double value) {
        if (!(Math.abs(value) <= Math.PI / 2)) {
            error(place, "check.angle_range", Message.of("size." + size), angle(value));
        }
    }

    private void tilt(String place, String size, double value) {
        if (!(Math.abs(value) <= LARGEST_TILT)) {
            error(place, "check.tilt_range", Message.of("size." + size), angle(value), angle(LARGEST_TILT));
        }
    }

    private Optional<Message> mirrorFault(Axle axle, Mount mount) {
        if (!(mount.placement() instanceof Placement.MirrorOf mirror)) {
            return Optional.empty();
        }
        Optional<Mount> master = axle.mount(mirror.mount());
        if (master.isEmpty()) {
            return Optional.of(
                    Message.of("check.mirror_missing", mount.name(), mirror.mount(), nearest(axle, mirror.mount())));
        }
        if (master.get().mirrored()) {
            return Optional.of(Message.of("check.mirror_of_mirror", mount.name(), mirror.mount()));
        }
        if (!master.get().body().mirrored().equals(mount.body())) {
            return Optional.of(Message.of(
                    "check.mirror_other_body",
                    mount.name(),
                    mount.body(),
                    mirror.mount(),
                    master.get().body()));
        }
        return Optional.empty();
    }

    /** Checks one link; true when its ends can be placed. */
    private boolean link(Axle axle, Link link, String at, Set<String> broken) {
        boolean placed = end(axle, link, link.from(), at + "/from", broken);
        placed &= end(axle, link, link.to(), at + "/to", broken);
        if (!placed) {
            return false;
        }
        if (axle.mount(link.from())
                .orElseThrow()
                .body()
                .equals(axle.mount(link.to()).orElseThrow().body())) {
            error(
                    at,
                    "check.link_one_body",
                    link.name(),
                    axle.mount(link.from()).orElseThrow().body());
            return false;
        }
        double apart = Vector3D.distance(position(axle, link.from()), position(axle, link.to()));
        if (apart < SHORTEST_LINK) {
            error(at, "check.link_short", link.name(), length(apart), length(SHORTEST_LINK));
            return false;
        }
        return true;
    }

    private boolean end(Axle axle, Link link, String mount, String at, Set<String> broken) {
        if (axle.mount(mount).isEmpty()) {
            error(at, "check.mount_missing", link.name(), mount, axle.place().id(), nearest(axle, mount));
            return false;
        }
        return !broken.contains(mount);
    }

    private void linksOnOneLine(Axle axle, List<Link> links, String at) {
        for (int i = 0; i < links.size(); i++) {
            for (int j = i + 1; j < links.size(); j++) {
                Link one = links.get(i);
                Link other = links.get(j);
                if (!bodies(axle, one).equals(bodies(axle, other))) {
                    continue;
                }
                double off = Math.max(
                        offLine(axle, one, position(axle, other.from())),
                        offLine(axle, one, position(axle, other.to())));
                if (off < ON_ONE_LINE) {
                    error(
                            at + "/links/" + other.name(),
                            "check.links_on_one_line",
                            one.name(),
                            other.name(),
                            length(off));
                }
            }
        }
    }

    private static Set<BodyName> bodies(Axle axle, Link link) {
        return Set.of(
                axle.mount(link.from()).orElseThrow().body(),
                axle.mount(link.to()).orElseThrow().body());
    }

    private double offLine(Axle axle, Link link, Vector3D point) {
        Vector3D start = position(axle, link.from());
        Vector3D along = position(axle, link.to()).subtract(start).normalize();
        return Vector3D.crossProduct(along, point.subtract(start)).getNorm();
    }

    private Vector3D position(Axle axle, String mount) {
        return axle.position(mount, vehicle.wheelbase());
    }

    private void error(String place, String key, Object... arguments) {
        findings.add(Finding.error(place, Message.of(key, arguments)));
    }

    private static String nearest(Axle axle, String name) {
        return NearestName.of(name, axle.mounts().stream().map(Mount::name).toList());
    }
}
