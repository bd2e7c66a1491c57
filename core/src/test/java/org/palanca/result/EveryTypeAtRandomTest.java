package org.palanca.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Predicate;
import org.palanca.Draw;
import org.palanca.Drawn;
import org.palanca.Examples;
import org.palanca.Starts;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.LeafSpring;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.MassProperties;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Steering;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Wheels;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;

/** Sane layouts of every type, each mount thrown off at random: it solves, or it says what is in the way. */
class EveryTypeAtRandomTest {
    /** How far a mount is thrown each way [m]. */
    private static final double THROW = 0.02;

    /** One of the layouts that a test is about. */
    private static StarterLayout layout(Draw draw, Predicate<StarterLayout> about) {
        return draw.oneOf(Starts.LAYOUTS.stream().filter(about).toList());
    }

    private static Vehicle thrown(StarterLayout layout, Draw draw, boolean mirrored) {
        Vehicle vehicle = Starts.front(Use.TRAIL, 2.6, 0.8, layout.type(), layout.steering());
        Axle axle = vehicle.axle(AxlePlace.FRONT).orElseThrow();
        Random random = draw.again();
        List<Mount> mounts = new ArrayList<>();
        for (Mount mount : axle.mounts()) {
            if (mount.placement() instanceof Placement.Taped at) {
                mounts.add(mount.withPlacement(new Placement.Taped(
                        at.ahead() + off(random),
                        mirrored ? at.side().opposite() : at.side(),
                        Math.max(0, at.out() + off(random)),
                        at.up() + off(random))));
            } else {
                mounts.add(mount);
            }
        }
        return vehicle.withAxle(axle.withMounts(mounts));
    }

    private static double off(Random random) {
        return (random.nextDouble() - 0.5) * 2 * THROW;
    }

    @Drawn(800)
    void everyLayoutSolvesOrSaysWhatCannot(Draw draw) {
        StarterLayout layout = layout(draw, any -> true);
        AxleModel model = new AxleModel(thrown(layout, draw, false), AxlePlace.FRONT);
        Random random = draw.random();
        double[] values = new double[model.results().size()];
        for (int i = 0; i < 4; i++) {
            double left = (random.nextDouble() - 0.5) * 0.2;
            double right = (random.nextDouble() - 0.5) * 0.2;
            double steer = random.nextDouble() * 2 - 1;
            if (!model.moveTo(left, right, steer)) {
                assertThat(Examples.WORDS.text(model.whyOpen().orElseThrow())).startsWith("Front axle");
                continue;
            }
            model.evaluate(values);
            boolean sound = model.whyUnsound().isEmpty();
            for (int r = 0; r < values.length; r++) {
                Result result = model.results().get(r);
                boolean straight = result.id().equals("ackermann");
                if (!straight && sound) {
                    assertThat(values[r]).as(layout + " " + result.id()).isNotNaN();
                }
            }
            boolean wheelIsOnCarrier = layout.type().independent() || layout.steering() == StarterSteering.NONE;
            if (wheelIsOnCarrier) {
                double risen =
                        model.motion().wheelCentre(1, 2) - model.axle().tyre().loadedRadius();
                assertThat(risen).isCloseTo(left, within(1e-8));
            }
        }
    }

    /** Independent wheels: the left wheel of one is the mirror image of the right wheel of the other. */
    @Drawn(150)
    void mirroredTravelGivesMirroredWheels(Draw draw) {
        StarterLayout layout = layout(draw, any -> any.type().independent());
        AxleModel one = new AxleModel(thrown(layout, draw, false), AxlePlace.FRONT);
        AxleModel other = new AxleModel(thrown(layout, draw, false), AxlePlace.FRONT);
        assertThat(one.moveTo(0.04, -0.05, 0.4)).as("%s closes", layout).isTrue();
        assertThat(other.moveTo(-0.05, 0.04, -0.4)).as("%s closes", layout).isTrue();
        for (String id : List.of("camber", "toe", "bump_steer", "kingpin_caster", "scrub_radius", "swing_arm")) {
            boolean there =
                    one.results().stream().anyMatch(result -> result.id().equals(id + ".left"));
            if (there) {
                double left = one.outcome(one.result(id + ".left")).number();
                double right = other.outcome(other.result(id + ".right")).number();
                assertThat(right).as(layout + " " + id).isCloseTo(left, within(1e-6 * Math.max(1, Math.abs(left))));
            }
        }
        double height = one.outcome(one.result("roll_centre_height")).number();
        double mirrored = other.outcome(other.result("roll_centre_height")).number();
        assertThat(mirrored).isCloseTo(height, within(1e-6 * Math.max(1, Math.abs(height))));
    }

    /** Moving the whole vehicle's wheelbase about moves a rear axle bodily and changes nothing else. */
    @Drawn(150)
    void whereTheAxleIsDoesNotMatter(Draw draw) {
        StarterLayout layout = layout(draw, any -> true);
        Vehicle vehicle = thrown(layout, draw, false);
        Axle front = vehicle.axle(AxlePlace.FRONT).orElseThrow();
        AxleModel here = new AxleModel(vehicle, AxlePlace.FRONT);
        Axle rear = new Axle(
                AxlePlace.REAR,
                front.wheels(),
                front.travel(),
                front.traction(),
                front.pinion(),
                front.caster(),
                front.linkage());
        AxleModel there = new AxleModel(vehicle.withAxle(rear), AxlePlace.REAR);
        assertThat(here.moveTo(0.03, -0.04, 0.3)).as("%s closes", layout).isTrue();
        assertThat(there.moveTo(0.03, -0.04, 0.3)).as("%s closes", layout).isTrue();
        for (int component = 0; component < 3; component++) {
            double shift = component == 0 ? vehicle.wheelbase() : 0;
            assertThat(there.motion().wheelCentre(1, component) + shift)
                    .isCloseTo(here.motion().wheelCentre(1, component), within(1e-7));
        }
    }

    /** Live axles: thrown off the other way about, twisted the other way about, they do the same the other way about. */
    @Drawn(150)
    void mirroredLiveAxlesGiveMirroredResults(Draw draw) {
        StarterLayout layout = layout(draw, any -> !any.type().independent() && any.steering() == StarterSteering.NONE);
        AxleModel one = new AxleModel(thrown(layout, draw, false), AxlePlace.FRONT);
        AxleModel other = new AxleModel(thrown(layout, draw, true), AxlePlace.FRONT);
        assertThat(one.moveTo(0.04, -0.05)).as("%s closes", layout).isTrue();
        assertThat(other.moveTo(-0.05, 0.04)).as("%s closes", layout).isTrue();
        for (Result result : one.results()) {
            boolean odd = result.id().equals("side_shift") || result.id().equals("axle_steer");
            double expected = one.outcome(result).number() * (odd ? -1 : 1);
            double found =
                    other.outcome(other.result(Examples.across(result.id()))).number();
            if (Double.isFinite(expected) && Math.abs(expected) < 1e3) {
                assertThat(found)
                        .as(layout + " " + result.id())
                        .isCloseTo(expected, within(1e-4 * Math.max(1, Math.abs(expected))));
            }
        }
    }

    /** A vehicle drawn half as large again: lengths half as long again, angles and percents the same. */
    @Drawn(300)
    void whatALengthIsMeasuredInDoesNotMatter(Draw draw) {
        // A clamp's grip is a bushing's own size and does not grow with the vehicle.
        StarterLayout layout = layout(draw, any -> any.type() != SuspensionType.RADIUS_ARMS);
        double times = 1.5;
        Vehicle vehicle = thrown(layout, draw, false);
        AxleModel one = new AxleModel(vehicle, AxlePlace.FRONT);
        AxleModel other = new AxleModel(larger(vehicle, times), AxlePlace.FRONT);
        assertThat(one.moveTo(0.03, -0.02, 0.2)).as("%s closes", layout).isTrue();
        assertThat(other.moveTo(0.03 * times, -0.02 * times, 0.2))
                .as("%s closes", layout)
                .isTrue();
        for (Result result : one.results()) {
            double factor = switch (result.quantity()) {
                case LENGTH, FORCE -> times;
                case TURN_PER_TRAVEL -> 1 / times;
                default -> 1;
            };
            double expected = factor * one.outcome(result).number();
            double found = other.outcome(other.result(result.id())).number();
            if (Double.isFinite(expected) && Math.abs(expected) < 1e3) {
                assertThat(found)
                        .as(layout + " " + result.id())
                        .isCloseTo(expected, within(1e-4 * Math.max(1, Math.abs(expected))));
            }
        }
    }

    private static Vehicle larger(Vehicle vehicle, double times) {
        Axle axle = vehicle.axle(AxlePlace.FRONT).orElseThrow();
        List<Mount> mounts = new ArrayList<>();
        for (Mount mount : axle.mounts()) {
            mounts.add(
                    mount.placement() instanceof Placement.Taped at
                            ? mount.withPlacement(new Placement.Taped(
                                    times * at.ahead(), at.side(), times * at.out(), times * at.up()))
                            : mount);
        }
        Linkage linkage = axle.linkage();
        List<LeafSpring> leaves = linkage.leaves().stream()
                .map(leaf -> new LeafSpring(
                        leaf.name(),
                        leaf.fixedEye(),
                        leaf.seat(),
                        leaf.shackleEye(),
                        leaf.shacklePivot(),
                        times * leaf.clamp(),
                        leaf.rate(),
                        leaf.sideRate()))
                .toList();
        boolean guided = linkage.steering()
                .flatMap(steering -> linkage.joint(steering.joint()))
                .filter(Joint.Guide.class::isInstance)
                .isPresent();
        Linkage scaled = new Linkage(
                linkage.type(),
                mounts,
                linkage.links(),
                linkage.joints(),
                leaves,
                linkage.steering()
                        .map(steering -> new Steering(steering.joint(), (guided ? times : 1) * steering.lock())));
        Tyre tyre = axle.tyre();
        Wheels wheels = Wheels.upright(
                new Tyre(times * tyre.diameter(), times * tyre.loadedRadius(), times * tyre.width()),
                times * axle.track());
        MassProperties mass = vehicle.mass();
        return vehicle.withWheelbase(times * vehicle.wheelbase())
                .withMass(
                        new MassProperties(mass.mass(), times * mass.centreBehindFront(), times * mass.centreHeight()))
                .withAxle(axle.withLinkage(scaled).withWheels(wheels));
    }
}
