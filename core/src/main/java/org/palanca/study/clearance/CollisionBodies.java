package org.palanca.study.clearance;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.solid.BodyFrame;
import org.palanca.base.solid.Convex;
import org.palanca.base.solid.Gap;
import org.palanca.base.solid.Solid;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.floor.plate.BracketPlan;
import org.palanca.mechanism.axle.AxleMechanism;
import org.palanca.mechanism.axle.JointBolts;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.CollisionId.Sort;
import org.palanca.study.driveline.ShaftRun;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Differential;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.HousingBody;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Upright;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockSize;

/**
 * Everything of an axle that may touch something, made from its description: links with their joints, jam nuts and bracket
 * ears, tyres, shocks, housing, shafts, frame rails, what the user described, and the ground. Sizes that a description does
 * not have are ordinary ones: common practice, no source.
 */
public final class CollisionBodies {
    /** What is fixed to the housing belongs to it; tyres and tubes meet at the hub; shafts and the differential run together. */
    static final String HOUSING = "housing";

    static final String HUB = "hub";
    static final String SHAFTS = "shaft";

    /** Radius of an ordinary drive shaft [m]: 3 in across. */
    private static final double SHAFT = Lengths.inches(1.5);

    /** Radius of an ordinary inner joint at its flange [m]. */
    private static final double FLANGE = Lengths.inches(2);

    /** Radius of an ordinary half-shaft's bar [m]. */
    private static final double HALF_SHAFT = Lengths.inches(0.625);

    /** Radius of a bracket's ear round its bolt [m]. */
    private static final double EAR = Lengths.inches(1.125);

    /** Half the thickness of an ear [m]: 1/4 in plate. */
    private static final double EAR_HALF = Lengths.inches(0.125);

    /** Half the width of a joint that the ears stand round, as a part of the same. */
    private static final double JOINT_HALF = 0.55;

    /** How deep the ground is drawn [m], and how far it runs. */
    private static final double GROUND = 0.5;

    private final Vehicle vehicle;
    private final AxleModel model;
    private final Axle axle;
    private final List<CollisionBody> things = new ArrayList<>();

    /** Mounts whose brackets are made of plates that are told. */
    private final Set<String> brackets = new HashSet<>();

    private CollisionBodies(AxleModel model) {
        this.model = model;
        vehicle = model.vehicle();
        axle = model.axle();
    }

    /** All things of the model's axle and of the frame around it. The model is left at ride. */
    public static List<CollisionBody> of(AxleModel model) {
        model.toRide();
        CollisionBodies all = new CollisionBodies(model);
        all.things.addAll(FrameBodies.of(model));
        all.wheels();
        if (!axleHousingDescribed(model)) {
            all.housing();
        }
        all.brackets();
        all.links();
        all.things.addAll(Arms.of(model));
        all.things.addAll(UprightSolid.of(model));
        all.shocks();
        all.shafts();
        all.ground();
        return all.carried();
    }

    /** What a mount sits in or against carries it, and so belongs to what is bolted there. */
    private List<CollisionBody> carried() {
        Gap gap = new Gap();
        List<CollisionBody> all = new ArrayList<>();
        for (CollisionBody thing : things) {
            if (thing.sort() == Sort.BACK || thing.sort() == Sort.BOLT_ROOM) {
                all.add(thing);
                continue;
            }
            Set<String> belongs = new HashSet<>(thing.belongs());
            for (Mount mount : axle.mounts()) {
                int body = model.bodyIndex(mount.body()).orElseThrow();
                // A ball joint may sit inside a wheel that nobody described the rim of; a bracket of a housing never
                // does.
                boolean inWheel = thing.kind() == Part.Kind.TYRE && mount.body().equals(BodyName.AXLE);
                if (!thing.carrier().equals(carrier(body)) || inWheel) {
                    continue;
                }
                Vector3D at = axle.position(mount.name(), vehicle.wheelbase()).subtract(model.originAtRide(body));
                Solid joint =
                        one(Convex.ball(at, LinkEnd.HEAD * vehicle.hardware().eyeToShank()));
                if (gap.between(thing.solid(), new BodyFrame(), joint, new BodyFrame()) < 0) {
                    // Where a bracket tells what it is welded on, only the joint's head is in its place.
                    belongs.add(brackets.contains(mount.name()) ? head(mount.name()) : mount.name());
                }
            }
            all.add(thing.withBelongs(belongs));
        }
        return List.copyOf(all);
    }

    /** Who describes a part of the driveline on the housing has described the housing. */
    private static boolean axleHousingDescribed(AxleModel model) {
        return model.axle().independent()
                || model.vehicle().build().surroundings(model.axle().place()).parts().stream()
                        .anyMatch(part -> part.body().equals(BodyName.AXLE) && part.kind() == Part.Kind.DRIVELINE);
    }

    /** What of an axle is compared with nothing unless it is described, in words: no mount tells its shape. */
    public static List<Message> notDrawn(Vehicle vehicle, Axle axle) {
        List<Message> all = new ArrayList<>(Arms.notDrawn(axle));
        boolean braked = axle.wheels().upright().filter(Upright::braked).isPresent()
                || !axle.independent() && HousingBody.of(vehicle, axle).brake().isPresent();
        boolean inboard = axle.independent() && axle.traction().inboardBrakes();
        if (!braked && !inboard) {
            boolean onKnuckle = axle.hasBody(BodyName.knuckle(Side.LEFT));
            all.add(Message.of(onKnuckle ? "thing.not_drawn.brakes" : "thing.not_drawn.brakes_of_housing"));
        }
        return all;
    }

    private void add(CollisionId id, Message name, Part.Kind kind, Carrier carrier, Solid solid, String... belongs) {
        things.add(new CollisionBody(id, name, kind, carrier, solid, Set.of(belongs)));
    }

    private static Solid one(Convex piece) {
        return Solid.of(List.of(piece));
    }

    static Carrier carrier(int body) {
        return body < 0 ? new Carrier.Frame() : new Carrier.Moving(body);
    }

    private void wheels() {
        for (Side side : Side.values()) {
            int body = model.bodyIndex(AxleMechanism.wheelBody(axle, side)).orElseThrow();
            Vector3D centre = axle.wheelCentre(vehicle.wheelbase(), side);
            Vector3D axis = new Vector3D(
                    model.motion().wheel(side.sign()).axis(0),
                    model.motion().wheel(side.sign()).axis(1),
                    model.motion().wheel(side.sign()).axis(2));
            add(
                    Sort.TYRE.of(side),
                    Message.of("thing.tyre." + side.id()),
                    Part.Kind.TYRE,
                    carrier(body),
                    WheelSolid.of(axle, centre.subtract(model.originAtRide(body)), axis, side),
                    HUB);
        }
    }

    /** The tube, the differential with its pinion's nose, and brakes at the ends. */
    private void housing() {
        Carrier carrier = carrier(model.bodyIndex(BodyName.AXLE).orElseThrow());
        HousingBody body = HousingBody.of(vehicle, axle);
        add(
                Sort.HOUSING.of("tube"),
                body.tube().named("thing.axle_tube"),
                Part.Kind.DRIVELINE,
                carrier,
                one(Convex.capsule(
                        new Vector3D(0, -body.right(), 0),
                        new Vector3D(0, body.left(), 0),
                        body.tube().radius())),
                HOUSING,
                HUB);
        List<Convex> middle = new ArrayList<>();
        middle.add(Convex.ball(body.middle(), body.differential().radius()));
        body.pinionJoint()
                .ifPresent(joint -> middle.add(Convex.capsule(
                        new Vector3D(0, joint.getY(), body.middle().getZ()),
                        joint,
                        Math.min(HousingBody.NOSE, body.differential().radius()))));
        add(
                Sort.HOUSING.of("differential"),
                body.differential().named("thing.differential"),
                Part.Kind.DRIVELINE,
                carrier,
                Solid.of(middle),
                HOUSING,
                SHAFTS);
        body.brake().ifPresent(brake -> brakes(body, brake));
    }

    /** They turn with the wheels: where those are steered, with the knuckles. */
    private void brakes(HousingBody body, HousingBody.Brake brake) {
        Vector3D middle =
                new Vector3D(axle.lineX(vehicle.wheelbase()), 0, axle.tyre().loadedRadius());
        for (Side side : Side.values()) {
            int wheel = model.bodyIndex(AxleMechanism.wheelBody(axle, side)).orElseThrow();
            double half = brake.width() / 2;
            Vector3D at = middle.add(new Vector3D(0, side.sign() * (body.end(side) + half), 0))
                    .subtract(model.originAtRide(wheel));
            double shoulder = Math.min(half, brake.diameter() / 2) / 4;
            add(
                    Sort.HOUSING.of("brake " + side.id()),
                    Message.of("thing.brake." + side.id()),
                    Part.Kind.DRIVELINE,
                    carrier(wheel),
                    one(Convex.wheel(at, Vector3D.PLUS_J, brake.diameter() / 2, half, shoulder)),
                    HOUSING,
                    HUB);
        }
    }

    private void links() {
        for (Link link : axle.links()) {
            BarSolid bar = BarSolid.of(model, link);
            link(Sort.LINK.of(link.name()), Message.of("thing.link", link.name()), bar, bar.tube(), belongs(link));
            for (boolean first : new boolean[] {true, false}) {
                String mount = first ? link.from() : link.to();
                Set<String> belongs = belongs(link);
                belongs.add(head(mount));
                link(
                        CollisionId.joint(link.name(), first),
                        Message.of("thing.joint", mount),
                        bar,
                        bar.joint(first),
                        belongs);
            }
        }
        JointBolts bolts = JointBolts.of(axle, vehicle.wheelbase());
        for (JointBolts.End end : bolts.ends()) {
            ears(end);
        }
    }

    private void link(CollisionId id, Message name, BarSolid bar, Solid solid, Set<String> belongs) {
        things.add(new CollisionBody(id, name, Part.Kind.MOVING, bar.carrier(), solid, belongs));
    }

    private static Set<String> belongs(Link link) {
        return new HashSet<>(Set.of(link.from(), link.to(), link.name()));
    }

    /** What the head of a joint belongs to, and not its link. */
    private static String head(String mount) {
        return "head at " + mount;
    }

    private void brackets() {
        for (BracketPlan plan : BracketPlan.of(vehicle, axle)) {
            BracketBodies bodies = BracketBodies.of(model, plan);
            if (!bodies.all().isEmpty()) {
                brackets.add(plan.mount().mount());
                things.addAll(bodies.all());
            }
        }
    }

    /** The ears of a bracket: as described, or else round the joint. */
    private void ears(JointBolts.End end) {
        String mount = axle.mounts().get(end.mount()).name();
        Link link = axle.link(end.link()).orElseThrow();
        LinkEnd made = vehicle.hardware().end(link, end.first());
        double half = made.ears()
                .map(Ears::gap)
                .or(() -> made.width().isPresent() ? Optional.of(made.width().getAsDouble()) : Optional.empty())
                .map(across -> across / 2)
                .orElse(JOINT_HALF * BarSolid.reach(vehicle.hardware(), link, end.first()));
        double thick = made.ears().map(ears -> ears.thickness() / 2).orElse(EAR_HALF);
        int body = model.bodyIndex(axle.mounts().get(end.mount()).body()).orElseThrow();
        Vector3D at = axle.position(mount, vehicle.wheelbase()).subtract(model.originAtRide(body));
        List<Convex> pair = new ArrayList<>();
        for (int side = -1; side <= 1; side += 2) {
            Vector3D middle = at.add(side * (half + thick), end.direction());
            pair.add(Convex.wheel(middle, end.direction(), EAR, thick, thick / 2));
        }
        // Two links on one bolt share its ears.
        boolean there = things.stream().anyMatch(thing -> thing.id().equals(Sort.EARS.of(mount)));
        if (!there) {
            add(
                    Sort.EARS.of(mount),
                    Message.of("thing.ears", mount),
                    body < 0 ? Part.Kind.FIXED : Part.Kind.MOVING,
                    carrier(body),
                    Solid.of(pair),
                    mount);
        }
    }

    private void shocks() {
        for (Shock shock : axle.springing().shocks()) {
            if (shock.size().isPresent()) {
                shock(shock, shock.size().get());
            }
        }
    }

    /** Body and coil hang on the upper mount; a coil covers the lower half too, else only the shaft is there. */
    private void shock(Shock shock, ShockSize size) {
        boolean coiled = size.coil() > size.body();
        double eye = Math.max(size.eye(), size.body()) / 2;
        double half = Math.max(eye, size.collapsed() / 2 - eye);
        Message name = Message.of("thing.shock", shock.name());
        Convex upper = Convex.wheel(
                new Vector3D(eye + half, 0, 0), Vector3D.PLUS_I, size.widest() / 2, half, Lengths.inches(0.0625));
        add(
                Sort.SHOCK.of(shock.name()),
                name,
                Part.Kind.MOVING,
                between(shock.upper(), shock.lower()),
                one(upper),
                shock.upper(),
                shock.lower(),
                shock.name());
        Convex lower = coiled
                ? Convex.wheel(
                        new Vector3D(eye + half, 0, 0), Vector3D.PLUS_I, size.coil() / 2, half, Lengths.inches(0.0625))
                : Convex.capsule(new Vector3D(eye, 0, 0), new Vector3D(size.collapsed() - eye, 0, 0), size.body() / 6);
        add(
                Sort.SHOCK.of(shock.name()),
                name,
                Part.Kind.MOVING,
                between(shock.lower(), shock.upper()),
                one(lower),
                shock.upper(),
                shock.lower(),
                shock.name());
    }

    private void shafts() {
        Surroundings around = vehicle.build().surroundings(axle.place());
        around.driveline().ifPresent(this::shaft);
        if (axle.independent()) {
            around.halfShafts().ifPresent(this::halfShafts);
            around.differential().ifPresent(this::differential);
        }
    }

    /** Its housing, and its nose out to the pinion's joint. */
    private void differential(Differential hung) {
        List<Convex> pieces = new ArrayList<>();
        pieces.add(Convex.ball(hung.middle(), hung.radius()));
        // Round ends would reach past the joints' middles.
        double flange = Math.min(FLANGE, hung.radius());
        pieces.add(Convex.capsule(
                hung.middle().add(new Vector3D(0, Math.max(0, hung.left() - flange), 0)),
                hung.middle().subtract(new Vector3D(0, Math.max(0, hung.right() - flange), 0)),
                flange));
        pieces.add(Convex.capsule(
                hung.middle(), hung.pinionJoint(axle.place()), Math.min(HousingBody.NOSE, hung.radius())));
        add(
                Sort.HOUSING.of("differential"),
                Message.of("thing.differential"),
                Part.Kind.DRIVELINE,
                new Carrier.Frame(),
                Solid.of(pieces),
                HOUSING,
                SHAFTS);
    }

    private void shaft(Driveline line) {
        Vector3D pinion = ShaftRun.at(model, line).pinion();
        Carrier.Anchor atPinion = new Carrier.Anchor.Still(pinion);
        if (!axle.independent()) {
            int body = model.bodyIndex(BodyName.AXLE).orElseThrow();
            atPinion = new Carrier.Anchor.On(body, pinion.subtract(model.originAtRide(body)));
        }
        Carrier carrier = new Carrier.Between(new Carrier.Anchor.Still(line.output()), atPinion);
        double length = Vector3D.distance(line.output(), pinion);
        add(
                Sort.SHAFT.of("drive"),
                Message.of("thing.drive_shaft"),
                Part.Kind.DRIVELINE,
                carrier,
                one(Convex.capsule(new Vector3D(SHAFT, 0, 0), new Vector3D(length - SHAFT, 0, 0), SHAFT)),
                SHAFTS,
                HOUSING);
    }

    private void halfShafts(HalfShafts shafts) {
        for (Side side : Side.values()) {
            int body = model.bodyIndex(AxleMechanism.wheelBody(axle, side)).orElseThrow();
            Vector3D inner = vehicle.build().surroundings(axle.place()).inner(shafts, side);
            Vector3D outer = axle.wheelCentre(vehicle.wheelbase(), side)
                    .subtract(new Vector3D(0, side.sign() * shafts.inset(), 0));
            Carrier carrier = new Carrier.Between(
                    new Carrier.Anchor.Still(inner),
                    new Carrier.Anchor.On(body, outer.subtract(model.originAtRide(body))));
            double length = Vector3D.distance(inner, outer);
            add(
                    Sort.SHAFT.of(side),
                    Message.of("thing.half_shaft." + side.id()),
                    Part.Kind.DRIVELINE,
                    carrier,
                    one(Convex.capsule(
                            new Vector3D(HALF_SHAFT, 0, 0), new Vector3D(length - HALF_SHAFT, 0, 0), HALF_SHAFT)),
                    SHAFTS,
                    HOUSING,
                    HUB);
        }
    }

    /** What the tyres stand on, under everything else. */
    private void ground() {
        double line = axle.lineX(vehicle.wheelbase());
        double reach = vehicle.wheelbase();
        Convex slab = Convex.box(new Vector3D(line - reach, -reach, -GROUND), new Vector3D(line + reach, reach, 0));
        things.add(new CollisionBody(
                Sort.GROUND.of(""),
                Message.of("thing.ground"),
                Part.Kind.FIXED,
                new Carrier.Ground(),
                one(slab),
                Set.of("ground")));
    }

    private Carrier between(String from, String to) {
        return new Carrier.Between(
                new Carrier.Anchor.AtMount(axle.mountIndex(from)), new Carrier.Anchor.AtMount(axle.mountIndex(to)));
    }

    /** The part a thing is made from, where the user described it. */
    public static Optional<Part> part(Vehicle vehicle, AxlePlace place, CollisionBody thing) {
        return thing.sort() == Sort.PART ? vehicle.build().surroundings(place).part(thing.subject()) : Optional.empty();
    }
}
