package org.palanca.study.clearance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.solid.BodyFrame;
import org.palanca.base.solid.Convex;
import org.palanca.base.solid.Gap;
import org.palanca.base.solid.Solid;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.survey.Support;
import org.palanca.vehicle.work.ServiceMoment;

/**
 * Two things that share room where they may not: parts of one body, which no travel ever moves against each other; mounts
 * inside a part; a service room that something stands in at its own moment; a stand with a link through it.
 *
 * @param one in words
 * @param other in words
 * @param depth how deep they are in one another [m]
 * @param rule why they may not
 * @param pose where
 */
public record Overlap(Message one, Message other, double depth, Rule rule, WheelTravel pose) {
    /** Why two things may not share room. */
    public enum Rule {
        /** Both are fixed to one body and not joined. */
        ONE_BODY,
        /** A mount lies in a part that it is not joined to. */
        MOUNT_INSIDE,
        /** The room must be open with the vehicle on its wheels. */
        SERVICE_RIDE,
        /** The room must be open with the frame on stands. */
        SERVICE_STANDS,
        /** The room must be open with the wheels off. */
        SERVICE_WHEELS_OFF,
        /** A stand or strap takes up that room while the vehicle stands on it. */
        SUPPORT;

        private static Rule of(ServiceMoment moment) {
            return switch (moment) {
                case RIDE -> SERVICE_RIDE;
                case STANDS -> SERVICE_STANDS;
                case WHEELS_OFF -> SERVICE_WHEELS_OFF;
            };
        }
    }

    /** Less deep than this two things only touch [m]: 1/64 in. */
    private static final double TOUCH = Lengths.inches(1.0 / 64);

    /** A stand holds what it touches [m]. */
    private static final double HOLDS = Lengths.inches(0.25);

    /** A mount whose middle is deeper than this in a part is in it and not on it [m]. */
    private static final double IN_IT = Lengths.inches(0.5);

    private static final double POINT = 1e-4;

    /** All overlaps of an axle and of what was described for it, the deepest first. Leaves the model at ride. */
    public static List<Overlap> of(AxleModel model, TravelEnvelope envelope) {
        List<Overlap> found = new Search(model, CollisionBodies.of(model)).run(envelope);
        found.sort(Comparator.comparingDouble((Overlap one) -> -one.depth()));
        return List.copyOf(found);
    }

    /** Tells it from the others: the pair and the rule, whatever the depth. */
    public String id() {
        return rule + " " + one.arguments() + " " + other.arguments();
    }

    /** In words: the pair, the depth and the rule. */
    public Message said() {
        return Message.of("overlap." + rule.name().toLowerCase(Locale.ROOT), one, other, Message.length(depth, 0));
    }

    private static final class Search {
        private final AxleModel model;
        private final Axle axle;
        private final List<CollisionBody> things;
        private final Gap gap = new Gap();
        private final Set<String> own = new HashSet<>();

        /** Described rails: brackets are bolted through them and welded into them. */
        private final Set<String> rails = new HashSet<>();

        private final List<Overlap> found = new ArrayList<>();

        Search(AxleModel model, List<CollisionBody> things) {
            this.model = model;
            this.things = things;
            axle = model.axle();
            Surroundings around = model.vehicle().build().surroundings(axle.place());
            around.parts().forEach(part -> own.add(part.name()));
            around.obstacles().forEach(box -> own.add(box.name()));
            FrameBodies.railsAmong(model.vehicle(), around.obstacles()).forEach(box -> rails.add(box.name()));
        }

        List<Overlap> run(TravelEnvelope envelope) {
            model.toRide();
            for (int i = 0; i < things.size(); i++) {
                for (int j = i + 1; j < things.size(); j++) {
                    onOneBody(things.get(i), things.get(j));
                }
            }
            mountsInside();
            supports();
            for (CollisionBody thing : things) {
                boolean asked = own.contains(thing.subject()) || thing.sort() == CollisionId.Sort.BOLT_ROOM;
                if (thing.kind() == Part.Kind.SERVICE && asked) {
                    service(thing, envelope);
                }
            }
            model.toRide();
            return found;
        }

        private void onOneBody(CollisionBody one, CollisionBody other) {
            boolean compared = one.carrier().equals(other.carrier())
                    && one.kind() != Part.Kind.SERVICE
                    && other.kind() != Part.Kind.SERVICE
                    && (one.described() && own.contains(one.subject())
                            || other.described() && own.contains(other.subject()))
                    && solidBody(one)
                    && solidBody(other)
                    && !one.joinedTo(other)
                    && !bracketOnHousing(one, other);
            if (compared) {
                double depth = -room(one, new BodyFrame(), other, new BodyFrame());
                if (depth > TOUCH) {
                    found.add(new Overlap(one.name(), other.name(), depth, Rule.ONE_BODY, WheelTravel.RIDE));
                }
            }
        }

        /** What has a body of its own shape: not ears, which are welded to it, and no tyre that is drawn filled. */
        private boolean solidBody(CollisionBody thing) {
            boolean filled =
                    thing.kind() == Part.Kind.TYRE && axle.wheels().rim().isEmpty();
            boolean bracket = thing.sort() == CollisionId.Sort.EARS || thing.sort() == CollisionId.Sort.BACK;
            return !bracket && !filled;
        }

        /** Brackets and trusses of the shop's own are welded round the housing. */
        private static boolean bracketOnHousing(CollisionBody one, CollisionBody other) {
            boolean housing = one.sort() == CollisionId.Sort.HOUSING || other.sort() == CollisionId.Sort.HOUSING;
            return housing && (one.kind() == Part.Kind.MOVING || other.kind() == Part.Kind.MOVING);
        }

        /** A mount on a part's face is welded to it; one well inside it is in something that is not there to be welded to. */
        private void mountsInside() {
            for (Mount mount : axle.mounts()) {
                int body = model.bodyIndex(mount.body()).orElseThrow();
                Vector3D at =
                        axle.position(mount.name(), model.vehicle().wheelbase()).subtract(model.originAtRide(body));
                Solid point = Solid.of(List.of(Convex.ball(at, POINT)));
                for (CollisionBody thing : things) {
                    boolean asked = thing.described()
                            && thing.kind() != Part.Kind.SERVICE
                            && own.contains(thing.subject())
                            && thing.carrier().equals(CollisionBodies.carrier(body))
                            && !thing.joined().contains(mount.name())
                            && !rails.contains(thing.subject());
                    if (asked) {
                        double depth = -gap.between(point, new BodyFrame(), thing.solid(), new BodyFrame());
                        if (depth > IN_IT) {
                            found.add(new Overlap(
                                    Message.of("thing.mount", mount.name()),
                                    thing.name(),
                                    depth,
                                    Rule.MOUNT_INSIDE,
                                    WheelTravel.RIDE));
                        }
                    }
                }
            }
        }

        private void service(CollisionBody room, TravelEnvelope envelope) {
            Rule rule = Rule.of(room.moment());
            WheelTravel pose = rule == Rule.SERVICE_RIDE
                    ? WheelTravel.RIDE
                    : envelope.worst(WorstPose.Way.DROOP).pose();
            model.toRide();
            if (!model.placeAt(pose)) {
                return;
            }
            for (CollisionBody thing : things) {
                boolean there = thing != room
                        && thing.kind() != Part.Kind.SERVICE
                        && !(thing.carrier() instanceof Carrier.Ground)
                        && !(rule == Rule.SERVICE_WHEELS_OFF && thing.kind() == Part.Kind.TYRE)
                        && !room.joinedTo(thing)
                        && !room.belongsWith(thing);
                if (there) {
                    double depth = -room(room, place(room), thing, place(thing));
                    if (depth > TOUCH) {
                        found.add(new Overlap(room.name(), thing.name(), depth, rule, pose));
                    }
                }
            }
        }

        private void supports() {
            for (Support support : model.vehicle().build().survey().supports()) {
                Box box = support.room();
                Solid solid = Solid.of(List.of(Convex.box(
                        new Vector3D(box.rear(), box.right(), box.bottom()),
                        new Vector3D(box.front(), box.left(), box.top()))));
                for (CollisionBody thing : things) {
                    boolean held = thing.subject().equals(support.holds())
                            || thing.sort() == CollisionId.Sort.RAIL
                            || thing.sort() == CollisionId.Sort.HOUSING
                            || thing.described();
                    boolean asked = thing.kind() != Part.Kind.SERVICE && !(thing.carrier() instanceof Carrier.Ground);
                    if (asked) {
                        double depth = -gap.between(solid, new BodyFrame(), thing.solid(), place(thing));
                        if (depth > (held ? HOLDS : TOUCH)) {
                            found.add(new Overlap(
                                    Message.of("thing.support", support.name()),
                                    thing.name(),
                                    depth,
                                    Rule.SUPPORT,
                                    WheelTravel.RIDE));
                        }
                    }
                }
            }
        }

        private BodyFrame place(CollisionBody thing) {
            BodyFrame place = new BodyFrame();
            thing.carrier().locate(model, place);
            return place;
        }

        private double room(CollisionBody one, BodyFrame onePlace, CollisionBody other, BodyFrame otherPlace) {
            return gap.between(one.solid(), onePlace, other.solid(), otherPlace);
        }
    }
}
