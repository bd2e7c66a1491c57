package org.palanca.study.state;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.solid.BodyFrame;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.BarTurn;
import org.palanca.mechanism.axle.JointBolts;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.shock.SpringWork;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Differential;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.FrameRails;
import org.palanca.vehicle.Hole;
import org.palanca.vehicle.Hose;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.MassProperties;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.RailStation;
import org.palanca.vehicle.RideState;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.WheelWell;
import org.palanca.vehicle.hardware.LinkMake;
import org.palanca.vehicle.hardware.SetBolts;
import org.palanca.vehicle.springing.TorsionBar;

/**
 * A vehicle as it stands in one of its states, as a vehicle of its own: its links and arms are as long as they were, its
 * axles have gone up or down in the chassis as both wheels do in travel, and the chassis is turned until it stands on its tyres. Every
 * study can be asked of it.
 *
 * <p>Each axle is in the middle again: where a panhard has pulled it to a side, what is on the frame for that axle stands
 * as much to the other. Shapes go where their middle goes and keep their attitude: at an inch in a hundred they are out by
 * half a degree. Bushings and leaves begin unstrained where the state has them. What was measured on the floor stays with the
 * plan.
 */
public final class VehicleInState {
    private final Vehicle plan;
    private final RideState state;
    private final Map<AxlePlace, AxleModel> models = new EnumMap<>(AxlePlace.class);
    private final Map<AxlePlace, Vector3D> centres = new EnumMap<>(AxlePlace.class);
    private final ChassisMove move;
    private final double wheelbase;

    private VehicleInState(Vehicle plan, RideState state) throws StateOutOfReachException {
        this.plan = plan;
        this.state = state;
        for (Axle axle : plan.axles()) {
            models.put(axle.place(), moved(axle.place()));
        }
        for (AxlePlace place : AxlePlace.values()) {
            centres.put(place, centre(place));
        }
        move = ChassisMove.of(at(AxlePlace.FRONT), at(AxlePlace.REAR), height(AxlePlace.FRONT), height(AxlePlace.REAR));
        wheelbase = -move.place(at(AxlePlace.REAR)).getX();
    }

    /**
     * The vehicle in a state.
     *
     * @throws StateOutOfReachException where an axle does not close there
     */
    public static Vehicle of(Vehicle plan, RideState state) throws StateOutOfReachException {
        return new VehicleInState(plan, state).vehicle();
    }

    private AxleModel moved(AxlePlace place) throws StateOutOfReachException {
        AxleModel model = new AxleModel(plan, place);
        double lower = state.standing(place).lower();
        if (!model.moveTo(WheelTravel.both(lower))) {
            throw new StateOutOfReachException(Message.of(
                    "state.out_of_reach", state.name(), Message.of("axle." + place.id()), Message.length(lower)));
        }
        return model;
    }

    /** Middle of an axle in the chassis as it stands in the state [m]; of one that is not described, straight above its place. */
    private Vector3D centre(AxlePlace place) {
        AxleModel model = models.get(place);
        if (model != null) {
            Vector3D left = centre(model, Side.LEFT);
            Vector3D right = centre(model, Side.RIGHT);
            return left.add(right).scalarMultiply(0.5);
        }
        double line = place == AxlePlace.FRONT ? 0 : -plan.wheelbase();
        return new Vector3D(line, 0, radius(place) + state.standing(place).lower());
    }

    private static Vector3D centre(AxleModel model, Side side) {
        return model.motion().wheelCentre(side.sign());
    }

    private Vector3D at(AxlePlace place) {
        Vector3D centre = centres.get(place);
        if (centre == null) {
            throw new IllegalStateException("no centre");
        }
        return centre;
    }

    /** As planned [m]; of an axle that is not described as of the other. */
    private double radius(AxlePlace place) {
        return plan.axle(place).orElse(plan.axles().get(0)).tyre().loadedRadius();
    }

    /** Of the axle's middle above the ground in the state [m]. */
    private double height(AxlePlace place) {
        return state.standing(place).tyre().map(Tyre::loadedRadius).orElse(radius(place));
    }

    private double line(AxlePlace place) {
        return place == AxlePlace.FRONT ? 0 : -wheelbase;
    }

    private Vehicle vehicle() {
        Vehicle next = plan.withWheelbase(Quantity.LENGTH.onGrid(wheelbase)).withStates(List.of());
        for (Axle axle : plan.axles()) {
            next = next.withAxle(axle(axle));
        }
        Build build = plan.build().withoutFloor();
        for (Map.Entry<AxlePlace, Surroundings> round :
                plan.build().surroundings().entrySet()) {
            build = build.with(round.getKey(), around(round.getKey(), round.getValue()));
        }
        Vector3D mass = move.place(
                new Vector3D(-plan.mass().centreBehindFront(), 0, plan.mass().centreHeight()));
        return next.withBuild(build)
                .withSchemes(List.of())
                .withName(plan.name() + ", " + state.name())
                .withMass(new MassProperties(plan.mass().mass(), grid(-mass.getX()), grid(mass.getZ())))
                .withRails(plan.rails().map(this::rails));
    }

    // --- Axles ---

    private Axle axle(Axle axle) {
        AxleModel model = models.get(axle.place());
        if (model == null) {
            throw new IllegalStateException("no model");
        }
        double lower = state.standing(axle.place()).lower();
        double pinion = pinion(axle, model);
        double turned = -axle.place().outward() * (pinion - axle.pinion());
        List<Mount> mounts = new ArrayList<>();
        for (Mount mount : axle.mounts()) {
            mounts.add(mount(axle, model, mount));
        }
        Axle next = axle.withLinkage(axle.linkage().withMounts(mounts).mapLinks(link -> kept(axle, model, link)))
                .withTravel(new Travel(
                        Math.max(0, grid(axle.travel().bump() - lower)),
                        Math.max(0, grid(axle.travel().droop() + lower))))
                .withAngles(
                        Quantity.ANGLE.onGrid(pinion),
                        axle.caster().isPresent()
                                ? OptionalDouble.of(
                                        Quantity.ANGLE.onGrid(axle.caster().getAsDouble() + turned))
                                : axle.caster());
        next = next.withSpringing(axle.springing()
                .withTorsionBars(axle.springing().torsionBars().stream()
                        .map(bar -> twisted(axle, model, bar))
                        .toList()));
        Tyre tyre = state.standing(axle.place()).tyre().orElse(axle.tyre());
        next = next.withWheels(next.wheels().withTyre(tyre));
        return axle.independent() ? standing(next, model) : next;
    }

    /** Wheels of an independent axle lean and toe as they go up and down, and stand farther apart or nearer. */
    private Axle standing(Axle axle, AxleModel model) {
        WheelMotion left = model.motion().wheel(Side.LEFT.sign());
        Vector3D axis = move.direction(new Vector3D(left.axis(0), left.axis(1), left.axis(2)));
        double track =
                centre(model, Side.LEFT).getY() - centre(model, Side.RIGHT).getY();
        double camber = -Math.asin(axis.getZ());
        double toe = Math.atan2(axis.getX(), axis.getY());
        return axle.withWheels(axle.wheels()
                .withTrack(grid(track))
                .standing(Quantity.ANGLE.onGrid(camber), Quantity.ANGLE.onGrid(toe)));
    }

    /** A link with its bolts as they were set, and a bent one turned as its pins have turned it. */
    private Link kept(Axle axle, AxleModel model, Link link) {
        int first = 2 * axle.links().indexOf(link);
        List<JointBolts.End> ends = JointBolts.of(axle, plan.wheelbase()).ends();
        SetBolts bolts = new SetBolts(
                bolt(model, first), set(ends.get(first)), bolt(model, first + 1), set(ends.get(first + 1)));
        LinkMake make = link.make().withBolts(Optional.of(bolts));
        Optional<BarTurn> bent = BarTurn.of(plan, axle, link);
        if (bent.isPresent()) {
            Rotation since = bent.get().since(model.motion());
            Vector3D along = move.direction(since.applyTo(bent.get().along()));
            Vector3D out = move.direction(since.applyTo(bent.get().out()));
            make = make.withShape(make.shape().map(shape -> {
                Vector3D zero = shape.withTurned(0).out(along);
                double turned = Math.atan2(along.dotProduct(zero.crossProduct(out)), zero.dotProduct(out));
                return shape.withTurned(Quantity.ANGLE.onGrid(turned));
            }));
        }
        return link.withMake(make);
    }

    private Vector3D bolt(AxleModel model, int end) {
        return onGrid(move.direction(model.motion().bolt(end)));
    }

    private static double set(JointBolts.End end) {
        return Quantity.ANGLE.onGrid(end.set());
    }

    /** A torsion bar that has been twisted or let go by as much as its lever has turned. */
    private static TorsionBar twisted(Axle axle, AxleModel model, TorsionBar bar) {
        for (int i = 0; i < axle.joints().size(); i++) {
            if (axle.joints().get(i).name().equals(bar.joint())) {
                double twist = SpringWork.twist(model.motion(), i, bar);
                return new TorsionBar(bar.name(), bar.joint(), bar.rate(), Quantity.ANGLE.onGrid(twist));
            }
        }
        return bar;
    }

    /** Nose up against the level [rad]. */
    private double pinion(Axle axle, AxleModel model) {
        double towards = -axle.place().outward();
        Vector3D nose = new Vector3D(towards * Math.cos(axle.pinion()), 0, Math.sin(axle.pinion()));
        Vector3D inChassis = axle.independent()
                ? nose
                : new Vector3D(
                        model.motion().turned(0, nose.getX(), nose.getY(), nose.getZ()),
                        model.motion().turned(1, nose.getX(), nose.getY(), nose.getZ()),
                        model.motion().turned(2, nose.getX(), nose.getY(), nose.getZ()));
        Vector3D now = move.direction(inChassis);
        return Math.atan2(now.getZ(), towards * now.getX());
    }

    private Mount mount(Axle axle, AxleModel model, Mount mount) {
        Vector3D now = now(axle, model, mount.name());
        List<Hole> holes = new ArrayList<>();
        Vector3D before = axle.position(mount.name(), plan.wheelbase());
        for (Hole hole : mount.holes()) {
            Vector3D off = axle.position(hole, plan.wheelbase()).subtract(before);
            holes.add(new Hole(hole.name(), taped(axle.place(), now.add(turned(model, mount.body(), off)))));
        }
        return mount.withPlacement(taped(axle.place(), now)).withHoles(holes);
    }

    private Vector3D now(Axle axle, AxleModel model, String mount) {
        int index = axle.mountIndex(mount);
        Vector3D inChassis = model.motion().mount(index);
        return centred(axle.place(), move.place(inChassis));
    }

    /** With the axle in the middle again. */
    private Vector3D centred(AxlePlace place, Vector3D at) {
        return at.subtract(new Vector3D(0, at(place).getY(), 0));
    }

    private Vector3D turned(AxleModel model, BodyName body, Vector3D off) {
        OptionalInt index = model.bodyIndex(body);
        if (index.isEmpty() || index.getAsInt() < 0) {
            return move.direction(off);
        }
        BodyFrame frame = new BodyFrame();
        model.locate(index.getAsInt(), frame);
        return move.direction(frame.at(off).subtract(frame.at(Vector3D.ZERO)));
    }

    private Placement taped(AxlePlace place, Vector3D at) {
        return new Placement.Taped(
                grid(at.getX() - line(place)), Side.of(at.getY()), grid(Math.abs(at.getY())), grid(at.getZ()));
    }

    // --- What is round them ---

    private FrameRails rails(FrameRails rails) {
        double back = -plan.wheelbase();
        double bottomFront = move.place(
                        new Vector3D(0, 0, rails.at(0, plan.wheelbase()).bottom()))
                .getZ();
        double bottomRear = move.place(
                        new Vector3D(back, 0, rails.at(back, plan.wheelbase()).bottom()))
                .getZ();
        double front =
                move.place(new Vector3D(rails.front(), 0, rails.bottom())).getX();
        double rear =
                move.place(new Vector3D(back - rails.rear(), 0, rails.bottom())).getX();
        List<RailStation> stations = new ArrayList<>();
        for (RailStation one : rails.stations()) {
            Vector3D now = move.place(new Vector3D(one.ahead(), 0, one.bottom()));
            stations.add(new RailStation(grid(now.getX()), grid(now.getZ()), one.out()));
        }
        return rails.withEnds(grid(front), grid(-wheelbase - rear))
                .withHeights(grid(bottomFront), grid(bottomFront + rails.depth()), grid(bottomFront - bottomRear))
                .withStations(stations);
    }

    private Surroundings around(AxlePlace place, Surroundings old) {
        Surroundings next = old.withEnds("", "")
                .withObstacles(old.obstacles().stream()
                        .map(one -> new Obstacle(
                                one.name(),
                                one.room()
                                        .moved(by(
                                                place,
                                                BodyName.FRAME,
                                                one.room().middle()))))
                        .toList())
                .withParts(old.parts().stream().map(part -> part(place, part)).toList())
                .withHoses(old.hoses().stream()
                        .map(hose -> hose.withEnds(end(place, hose.from()), end(place, hose.to())))
                        .toList());
        Optional<WheelWell> well = old.well();
        if (well.isPresent()) {
            next = next.withWell(well(place, well.get()));
        }
        if (old.driveline().isPresent()) {
            Driveline shaft = old.driveline().get();
            Vector3D out =
                    move.direction(new Vector3D(-Math.cos(shaft.outputAngle()), 0, -Math.sin(shaft.outputAngle())));
            next = next.withDriveline(shaft.withOutput(onGrid(move.place(shaft.output())))
                    .withOutputAngle(Quantity.ANGLE.onGrid(Math.atan2(-out.getZ(), -out.getX()))));
        }
        if (old.halfShafts().isPresent()) {
            next = next.withHalfShafts(old.halfShafts()
                    .get()
                    .withInner(onGrid(move.place(old.halfShafts().get().inner()))));
        }
        if (old.differential().isPresent()) {
            Differential hung = old.differential().get();
            Vector3D nose = move.direction(hung.pinionWay(place));
            next = next.withDifferential(hung.withMiddle(onGrid(move.place(hung.middle())))
                    .withPinion(Quantity.ANGLE.onGrid(Math.atan2(nose.getZ(), -place.outward() * nose.getX()))));
        }
        return next;
    }

    private Part part(AxlePlace place, Part part) {
        return part.withForm(
                part.form().moved(by(place, part.body(), part.form().middle())));
    }

    /** How far something goes whose middle is there in the plan [m]. */
    private Vector3D by(AxlePlace place, BodyName body, Vector3D middle) {
        return onGrid(carried(place, body, middle).subtract(middle));
    }

    /** Where a place on a body stands in the state [m]. */
    private Vector3D carried(AxlePlace place, BodyName body, Vector3D at) {
        AxleModel model = models.get(place);
        OptionalInt index = model == null ? OptionalInt.empty() : model.bodyIndex(body);
        if (model == null || index.isEmpty() || index.getAsInt() < 0) {
            return move.place(at);
        }
        BodyFrame frame = new BodyFrame();
        model.locate(index.getAsInt(), frame);
        return centred(place, move.place(frame.at(at.subtract(model.originAtRide(index.getAsInt())))));
    }

    private Hose.End end(AxlePlace place, Hose.End end) {
        return new Hose.End(end.body(), onGrid(carried(place, end.body(), end.at())));
    }

    /** The well is of the chassis: its edges stand otherwise to the axle, and its top nearer the ground. */
    private WheelWell well(AxlePlace place, WheelWell well) {
        double line = place == AxlePlace.FRONT ? 0 : -plan.wheelbase();
        double[] edges = Stream.of(well.rearEdge(), well.frontEdge())
                .mapToDouble(edge ->
                        move.place(new Vector3D(line + edge, 0, radius(place))).getX() - line(place))
                .toArray();
        return new WheelWell(
                grid(edges[0]),
                grid(edges[1]),
                grid(move.place(new Vector3D(line, 0, well.top())).getZ()),
                well.inner(),
                well.outer(),
                well.wanted());
    }

    private static Vector3D onGrid(Vector3D at) {
        return new Vector3D(grid(at.getX()), grid(at.getY()), grid(at.getZ()));
    }

    private static double grid(double length) {
        return Quantity.LENGTH.onGrid(length);
    }
}
