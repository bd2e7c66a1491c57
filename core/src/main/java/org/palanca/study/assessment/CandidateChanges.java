package org.palanca.study.assessment;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.study.clearance.CollisionId;
import org.palanca.study.driveline.PinionAdvice;
import org.palanca.study.limits.Limit;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.ClearanceRules;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.Hose;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.DescribedPart;
import org.palanca.vehicle.edit.MountMoves;
import org.palanca.vehicle.springing.BumpStop;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.Springing;

/** What a builder would try against a limit: changes to try, none of them held against anything yet. */
final class CandidateChanges {
    private static final double[] SMALL = {Lengths.inches(3.0 / 8), Lengths.inches(3.0 / 4)};
    private static final double[] LARGE = {Lengths.inches(0.5), Lengths.inches(1.125)};
    private static final double[] LONGER = {Lengths.inches(0.5), Lengths.inches(1)};

    /** Directions a thing may be moved in, with their words. */
    private enum Way {
        UP(Vector3D.PLUS_K),
        DOWN(Vector3D.MINUS_K),
        FORWARD(Vector3D.PLUS_I),
        BACK(Vector3D.MINUS_I),
        LEFT(Vector3D.PLUS_J),
        RIGHT(Vector3D.MINUS_J);

        private final Vector3D unit;

        Way(Vector3D unit) {
            this.unit = unit;
        }

        Message word() {
            return Message.of("way." + name().toLowerCase(Locale.ROOT));
        }
    }

    /** A change to try. */
    record Idea(Message what, double size, Vehicle after) {}

    private final Vehicle vehicle;
    private final AxlePlace place;
    private final Axle axle;
    private final Build build;
    private final Surroundings around;
    private final List<Idea> ideas = new ArrayList<>();

    CandidateChanges(Vehicle vehicle, AxlePlace place) {
        this.vehicle = vehicle;
        this.place = place;
        axle = vehicle.axle(place).orElseThrow();
        build = vehicle.build();
        around = build.surroundings(place);
    }

    List<Idea> against(Limit limit) {
        String name = limit.subject();
        switch (limit.kind()) {
            case TOUCH -> {
                limit.touching().forEach(this::body);
            }
            case SHOCK_COLLAPSED -> shockMount(name, Way.UP);
            case SHOCK_EXTENDED -> shockMount(name, Way.DOWN);
            case STOP -> stop(name);
            case STRAP -> strap(name);
            case HOSE_TIGHT -> hose(name, 1);
            case HOSE_KINKED -> hose(name, -1);
            case COIL_BIND -> preload(name, -1);
            case SPRING_LOOSE -> preload(name, 1);
            case U_JOINT -> pinion();
            case SLIP -> slip();
            case JOINT -> joint(name);
            case BUSHING -> {
                // What holds the axle against this motion is its type: no small move mends it.
            }
            // A mount farther from its other end makes a longer member, nearer a shorter one.
            case OPEN ->
                axle.link(name).ifPresent(link -> mount(link.from(), Message.of("thing.mount", link.from()), LARGE));
        }
        return ideas;
    }

    private void body(CollisionId id) {
        String name = id.subject();
        switch (id.sort()) {
            case PART, OBSTACLE ->
                id.part()
                        .flatMap(part -> DescribedPart.find(vehicle, place, part))
                        .ifPresent(this::described);
            case LINK, JOINT -> axle.link(name).ifPresent(this::link);
            case EARS, BACK, BOLT_ROOM -> mount(name, Message.of("thing.mount", name), LARGE);
            case SHOCK ->
                axle.springing().shock(name).ifPresent(shock -> {
                    mount(shock.upper(), Message.of("thing.mount", shock.upper()), SMALL);
                    mount(shock.lower(), Message.of("thing.mount", shock.lower()), SMALL);
                });
            case ARM, TYRE, HOUSING, SHAFT, RAIL, GROUND -> {
                // Stay where they are: an arm goes where its pivots do, and those belong to its type.
            }
        }
    }

    /** Only what may be put somewhere else: an engine, a tank or a bought bracket stays. */
    private void described(DescribedPart thing) {
        if (thing.obstacle() || !thing.part().movable()) {
            return;
        }
        for (Way way : Way.values()) {
            for (double by : SMALL) {
                idea(
                        Message.of("thing.part", thing.part().name()),
                        by,
                        way,
                        thing.moved(vehicle, way.unit.scalarMultiply(by)));
            }
        }
    }

    /** Each end by itself, and the whole bar. */
    private void link(Link link) {
        mount(link.from(), Message.of("thing.mount", link.from()), LARGE);
        mount(link.to(), Message.of("thing.mount", link.to()), LARGE);
        if (!canMove(link.from()) || !canMove(link.to())) {
            return;
        }
        for (Way way : List.of(Way.UP, Way.DOWN, Way.FORWARD, Way.BACK)) {
            for (double by : LARGE) {
                Vehicle one = moved(vehicle, link.from(), way, by);
                idea(Message.of("thing.link", link.name()), by, way, moved(one, link.to(), way, by));
            }
        }
    }

    private void mount(String mount, Message name, double[] steps) {
        if (!canMove(mount)) {
            return;
        }
        for (Way way : Way.values()) {
            for (double by : steps) {
                idea(name, by, way, moved(vehicle, mount, way, by));
            }
        }
    }

    private boolean canMove(String mount) {
        return axle.mount(mount).filter(Mount::canMove).isPresent();
    }

    private Vehicle moved(Vehicle from, String mount, Way way, double by) {
        Vector3D to = axle.position(mount, vehicle.wheelbase()).add(by, way.unit);
        return MountMoves.moveTo(from, new MountRef(place, mount), to);
    }

    /** Both sides alike, whether or not the one follows the other: both are home at once. */
    private void shockMount(String name, Way way) {
        axle.springing().shock(name).filter(shock -> canMove(shock.upper())).ifPresent(shock -> {
            for (double by : LONGER) {
                Vehicle after = moved(vehicle, shock.upper(), way, by);
                for (Shock other : axle.springing().shocks()) {
                    boolean still = after.axle(place)
                            .orElseThrow()
                            .position(other.upper(), vehicle.wheelbase())
                            .equals(axle.position(other.upper(), vehicle.wheelbase()));
                    after = still ? moved(after, other.upper(), way, by) : after;
                }
                idea(Message.of("thing.mount", shock.upper()), by, way, after);
            }
        });
    }

    private void idea(Message name, double by, Way way, Vehicle after) {
        ideas.add(new Idea(Message.of("gain.move", name, Message.length(by), way.word()), by, after));
    }

    private void springing(String key, String name, double by, Springing after) {
        ideas.add(new Idea(Message.of(key, name, Message.length(by)), by, vehicle.withAxle(axle.withSpringing(after))));
    }

    /** Both sides alike: what ends the travel on one side does on the other too. */
    private void stop(String name) {
        for (double by : LONGER) {
            List<BumpStop> stops = axle.springing().stops().stream()
                    .map(stop -> stop.collapsed() <= by
                            ? stop
                            : new BumpStop(
                                    stop.name(),
                                    stop.from(),
                                    stop.to(),
                                    stop.free() - by,
                                    stop.collapsed() - by,
                                    stop.forces()))
                    .toList();
            springing("gain.stop", name, by, axle.springing().withStops(stops));
        }
    }

    private void strap(String name) {
        for (double by : LONGER) {
            springing(
                    "gain.strap",
                    name,
                    by,
                    axle.springing()
                            .withStraps(axle.springing().straps().stream()
                                    .map(strap -> strap.withLength(strap.length() + by))
                                    .toList()));
        }
    }

    /** A kinked hose lies better with more room too, but what a shop has on the shelf is a longer or a shorter one. */
    private void hose(String name, int first) {
        for (int sign : new int[] {first, -first}) {
            for (double by : LONGER) {
                List<Hose> hoses = around.hoses().stream()
                        .map(hose -> hose.name().equals(name)
                                ? hose.withLength(Math.max(by, hose.length() + sign * by))
                                : hose)
                        .toList();
                ideas.add(new Idea(
                        Message.of(sign > 0 ? "gain.hose_longer" : "gain.hose_shorter", name, Message.length(by)),
                        by,
                        vehicle.withBuild(build.with(place, around.withHoses(hoses)))));
            }
        }
    }

    private void preload(String name, int sign) {
        for (double by : LONGER) {
            Springing after = axle.springing()
                    .mapShocks(shock -> shock.withSpring(shock.spring()
                            .map(spring -> spring.match(
                                    coils -> coils.withPreload(coils.preload() + sign * by), air -> air))));
            springing(sign > 0 ? "gain.preload_more" : "gain.preload_less", name, by, after);
        }
    }

    private void pinion() {
        around.driveline().ifPresent(line -> {
            for (int degrees : new int[] {-4, -2, 2, 4}) {
                double pinion = axle.pinion() + Math.toRadians(degrees);
                ideas.add(new Idea(
                        Message.of("gain.pinion", Message.angle(pinion)),
                        Math.abs(Math.toRadians(degrees)),
                        PinionAdvice.turned(vehicle, place, pinion)));
            }
            if (line.joints() == Driveline.Joints.TWO) {
                ideas.add(new Idea(
                        Message.of("gain.double_joint"),
                        1,
                        vehicle.withBuild(build.with(
                                place, around.withDriveline(line.withJoints(Driveline.Joints.DOUBLE_AT_GEARBOX))))));
            }
        });
    }

    private void slip() {
        around.driveline().ifPresent(line -> {
            for (double by : LONGER) {
                ideas.add(new Idea(
                        Message.of("gain.slip", Message.length(by)),
                        by,
                        vehicle.withBuild(build.with(place, around.withDriveline(line.withSlip(line.slip() + by))))));
            }
        });
    }

    /** Where the mount's link has joints of its own, those; else all that are alike. */
    private void joint(String mount) {
        ClearanceRules rules = build.rules();
        Optional<String> own = axle.links().stream()
                .filter(link -> link.from().equals(mount) || link.to().equals(mount))
                .map(Link::name)
                .filter(rules.joints()::containsKey)
                .findFirst();
        double more = own.map(rules::joint).orElse(rules.joint()) + Math.toRadians(5);
        ClearanceRules after =
                own.map(link -> rules.withJoint(link, OptionalDouble.of(more))).orElseGet(() -> rules.withJoint(more));
        ideas.add(new Idea(
                Message.of("gain.joint", mount, Message.angle(more)), more, vehicle.withBuild(build.withRules(after))));
    }
}
