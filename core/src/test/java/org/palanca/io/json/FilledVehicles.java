package org.palanca.io.json;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.Examples;
import org.palanca.Sprung;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Targets;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.ClearanceRules;
import org.palanca.vehicle.Differential;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.FrameRails;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.Hole;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LoadFactors;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountReadings;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Note;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.RailSection;
import org.palanca.vehicle.RailStation;
import org.palanca.vehicle.RideState;
import org.palanca.vehicle.Scheme;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.Upright;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Weights;
import org.palanca.vehicle.edit.MountMoves;
import org.palanca.vehicle.edit.ShockLayout;
import org.palanca.vehicle.edit.SpringingMoves;
import org.palanca.vehicle.hardware.BarBend;
import org.palanca.vehicle.hardware.BarShape;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.hardware.Ears;
import org.palanca.vehicle.hardware.Hand;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkMake;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.PlugWelds;
import org.palanca.vehicle.hardware.SetBolts;
import org.palanca.vehicle.hardware.Stock;
import org.palanca.vehicle.hardware.TapedTube;
import org.palanca.vehicle.hardware.Thread;
import org.palanca.vehicle.hardware.ThreadedShank;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.StarterVehicle;
import org.palanca.vehicle.springing.Air;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockSize;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.survey.Instrument;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;
import org.palanca.vehicle.work.StepEntry;

/** Vehicles that between them have something of everything a file can hold. Invented, not a vehicle anyone would build. */
final class FilledVehicles {
    private FilledVehicles() {}

    /** Springs of every kind, shapes of every form, shafts, weights and rules. */
    static Vehicle cycled() {
        Vehicle rockers = railed(Sprung.rockers(), RailSection.Shape.BOX);
        Axle rear = rockers.axle(AxlePlace.REAR).orElseThrow();
        Shock aired = rear.springing().shocks().get(0).withSpring(Optional.of(new Air(0.06, 0.5, 1_250_000, 1.3)));
        List<Shock> shocks = new ArrayList<>(rear.springing().shocks());
        shocks.set(0, aired);
        Vector3D at = new Vector3D(-2.5, 0.25, 0.75);
        List<Part> parts = List.of(
                new Part(
                        "box",
                        BodyName.of("frame"),
                        Part.Kind.FIXED,
                        new Part.BoxForm(new Box(-2, -1, 0, 0.5, 0.5, 0.75))),
                new Part(
                        "line",
                        BodyName.of("knuckle left"),
                        Part.Kind.MOVING,
                        new Part.TubeForm(List.of(at, at.add(Vector3D.PLUS_I)), 0.0125, OptionalDouble.of(0.125))),
                new Part(
                        "plate",
                        BodyName.of("frame"),
                        Part.Kind.SERVICE,
                        new Part.OutlineForm(
                                Axis.UP,
                                List.of(
                                        new Part.OutlineForm.Corner(0, 0),
                                        new Part.OutlineForm.Corner(0.5, 0),
                                        new Part.OutlineForm.Corner(0, 0.5)),
                                1,
                                1.25)),
                new Part(
                        "skin",
                        BodyName.of("frame"),
                        Part.Kind.DRIVELINE,
                        new Part.MeshForm(
                                List.of(at, at.add(Vector3D.PLUS_I), at.add(Vector3D.PLUS_K)),
                                List.of(new Part.MeshForm.Triangle(0, 1, 2)),
                                0.0005)),
                new Part("scan", BodyName.of("frame"), Part.Kind.TYRE, new Part.PointsForm(List.of(at), 0.0025)));
        Surroundings around = Surroundings.NONE
                .withParts(parts)
                .withDifferential(new Differential(
                        at,
                        Quantity.ANGLE.onGrid(0.05),
                        0.25,
                        0.03125,
                        0.125,
                        0.15625,
                        0.125,
                        OptionalDouble.of(0.25),
                        0.0078125))
                .withHalfShafts(new HalfShafts(at, 0.125, Quantity.ANGLE.onGrid(0.375), 0.05))
                .withDriveline(new Driveline(at, 0, 0.25, 0, 0, 0.125)
                        .withJoints(Driveline.Joints.DOUBLE_AT_GEARBOX)
                        .withLimit(Quantity.ANGLE.onGrid(0.5))
                        .withPhase(Quantity.ANGLE.onGrid(0.25)));
        TreeMap<String, Double> joints = new TreeMap<>();
        joints.put("pushrod left", Quantity.ANGLE.onGrid(0.25));
        ClearanceRules rules = new ClearanceRules(
                0.003, 0.006, 0.0065, 0.02, 0.007, 0.0001, 0.0005, Quantity.ANGLE.onGrid(0.4), joints);
        return rockers.withAxle(
                        rear.withWheels(rear.wheels().withUpright(new Upright(0.03125, 0.125, 0.0625, 0.25, 0.03125)))
                                .withSpringing(rear.springing().withShocks(shocks)))
                .withBuild(Build.NONE
                        .with(AxlePlace.REAR, around)
                        .with(AxlePlace.REAR, new Weights(301.5, 298.25, 60))
                        .withRules(rules));
    }

    /** The rear links with an end of every kind, threads of both hands, ears, a bar, and a tube taped on the mock-up. */
    private static Vehicle made(Vehicle vehicle) {
        Axle rear = vehicle.axle(AxlePlace.REAR).orElseThrow();
        List<Link> links = new ArrayList<>(rear.links());
        LinkEnd.Kind[] kinds = LinkEnd.Kind.values();
        for (int i = 0; i < kinds.length; i++) {
            LinkEnd end = new LinkEnd(
                    kinds[i],
                    "as ordered",
                    OptionalDouble.of(0.03),
                    Optional.of(new ThreadedShank(
                            0.0625,
                            Thread.parse(i % 2 == 0 ? "3/4-16" : "M20x1.5"),
                            i % 2 == 0 ? Hand.RIGHT : Hand.LEFT,
                            0.0375,
                            0.005,
                            0.0125,
                            OptionalDouble.of(0.025))),
                    OptionalDouble.of(Quantity.ANGLE.onGrid(0.4)),
                    OptionalDouble.of(0.02),
                    Optional.of(new Ears(0.0225, 0.006, 0.016, 0.0165)),
                    Optional.of(BoltWay.values()[i % BoltWay.values().length]));
            int at = i % links.size();
            LinkMake make = links.get(at).make();
            links.set(
                    at,
                    links.get(at)
                            .withMake(
                                    i < links.size()
                                            ? make.withFrom(Optional.of(end))
                                            : make.withTo(Optional.of(end))));
        }
        LinkMake first = links.get(0).make();
        links.set(
                0,
                links.get(0)
                        .withMake(first.withTube(
                                        Optional.of(new LinkTube(0.05, 0.025, "4130", OptionalDouble.of(460e6))))
                                .withShape(Optional.of(new BarShape(
                                        0.5,
                                        List.of(new BarBend(0.4, -0.05, 0.1), new BarBend(0.5, -0.05, 0.1)),
                                        OptionalDouble.of(20_000))))
                                .withAdjustment(OptionalDouble.of(0.01))
                                .withTaped(Optional.of(new TapedTube(
                                        0.75, Optional.of(new TapedTube.Decision(true, "the frame is bent")))))));
        return vehicle.withAxle(rear.withLinkage(rear.linkage().withLinks(links)));
    }

    /** A survey, a housing, what was found and ticked. */
    static Vehicle fromTheFloor() {
        Vehicle made = made(Examples.tarn());
        Vehicle plugged = made.withHardware(made.hardware().withPlugs(Optional.of(new PlugWelds(0.0125, 0.015, 0.03))));
        Vehicle tarn = railed(plugged, RailSection.Shape.CHANNEL_OUT);
        Build build = tarn.build();
        MountRef mount = new MountRef(AxlePlace.REAR, "upper frame left");
        Reading slope = new Reading(
                ReadingKind.SLOPE,
                "horn left",
                "upper frame left",
                List.of(0.0174532925, -0.01),
                Instrument.ANGLE_FINDER,
                OptionalDouble.of(0.001));
        Mark mark = new Mark("hook", new Vector3D(-1, 0, 0.5), Set.of(Axis.LEFT, Axis.UP), List.of("hook.jpg"));
        Reading plumb = Reading.of(ReadingKind.PLUMB, "hook", "horn left");
        for (Note.Kind kind : Note.Kind.values()) {
            build = build.with(Note.blank(new Note.Subject(kind, Optional.of(AxlePlace.REAR), "one"))
                    .withText("seen"));
        }
        return tarn.withBuild(build.withSurvey(build.survey().with(mark).with(plumb))
                .with(new MountReadings(mount, List.of(slope)))
                .withLoads(new LoadFactors(1.25, 0.75, 1.5, 4, 2.5, 3))
                .withStock(new Stock(
                        0.0025,
                        List.of(
                                new Stock.Bar(new LinkTube(0.05, 0.00625, "4130"), 1.25, OptionalInt.of(2)),
                                new Stock.Bar(new LinkTube(0.05, 0.00625, ""), 6, OptionalInt.empty()))))
                .withLog(List.of(new StepEntry("rear.housing", "housing.bar_in", LocalDate.of(2024, 2, 29), "no bar")))
                .with(new Note(
                        new Note.Subject(Note.Kind.PART, Optional.of(AxlePlace.FRONT), "a pipe"),
                        "to be moved",
                        List.of("pipe.jpg")))
                .with(AxlePlace.FRONT, Housing.empty().withEnds(Housing.Ends.KNUCKLE)));
    }

    /** Every type with every steering that suits it behind radius arms, one mount with another hole in a scheme. */
    static List<Vehicle> ofEveryType() {
        List<Vehicle> all = new ArrayList<>();
        for (SuspensionType type : SuspensionType.values()) {
            for (StarterSteering steering : StarterSteering.values()) {
                if (steering.suits(type)) {
                    all.add(of(new StarterLayout(type, steering)));
                }
            }
        }
        return all;
    }

    /** Wishbones that carry what springs them. */
    static Vehicle onArms() {
        Vehicle bare = of(StarterLayout.of(SuspensionType.DOUBLE_WISHBONE));
        ShockSize size = new ShockSize("on arms", 0.3, 0.4, 0.05, 0.06, 0.025);
        Vehicle sprung = SpringingMoves.addSwayBar(
                SpringingMoves.addShocks(bare, AxlePlace.REAR, size, ShockLayout.PUSHROD), AxlePlace.REAR);
        Vehicle arms = MountMoves.onBody(
                sprung, new MountRef(AxlePlace.REAR, "pushrod outer right"), BodyName.upperArm(Side.RIGHT));
        Axle rear = arms.axle(AxlePlace.REAR).orElseThrow();
        Link set = rear.links()
                .get(0)
                .withMake(LinkMake.USUAL.withBolts(Optional.of(
                        new SetBolts(new Vector3D(0, 0.6, 0.8), Quantity.ANGLE.onGrid(0.1), Vector3D.PLUS_K, 0))));
        Tyre other = new Tyre(0.8, 0.375, 0.25);
        FrameRails rails = arms.rails()
                .orElseThrow()
                .withSection(Optional.of(new RailSection(RailSection.Shape.CHANNEL_IN, 0.0078125)))
                .withStations(List.of(new RailStation(0.5, 0.5, 0.375), new RailStation(-3, 0.625, 0.5)));
        return arms.withAxle(rear.withLink(set))
                .withRails(Optional.of(rails))
                .withStates(List.of(
                        new RideState(
                                "loaded",
                                "two aboard",
                                RideState.Standing.PLAN.withLower(0.03125),
                                RideState.Standing.PLAN),
                        new RideState(
                                "tall",
                                "",
                                RideState.Standing.PLAN,
                                new RideState.Standing(-0.125, Optional.of(other)))));
    }

    private static Vehicle of(StarterLayout rearLayout) {
        Vehicle vehicle = new StarterVehicle(
                        "all",
                        Use.STREET,
                        2.5,
                        0.75,
                        Optional.of(StarterLayout.of(SuspensionType.RADIUS_ARMS)),
                        rearLayout)
                .build();
        Axle rear = vehicle.axle(AxlePlace.REAR).orElseThrow();
        Mount holed = rear.mounts().get(0);
        Hole hole = new Hole("lower hole", new Placement.Taped(0.25, Side.LEFT, 0.375, 0.5));
        Axle other = rear.withMount(new Mount(holed.name(), holed.body(), holed.placement(), List.of(hole)));
        return banded(vehicle).withSchemes(List.of(new Scheme("another hole", "one down", List.of(other))));
    }

    private static Vehicle railed(Vehicle vehicle, RailSection.Shape shape) {
        FrameRails rails = new FrameRails(0.5, 0.5, 0.5, 0.625, 0.5, 0.0625);
        return vehicle.withRails(Optional.of(rails.withSection(Optional.of(new RailSection(shape, 0.0078125)))));
    }

    /** A range for every result of the rear axle, at ride and through the travel in turn. */
    private static Vehicle banded(Vehicle vehicle) {
        Vehicle banded = vehicle;
        AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
        TargetBand.Scope scope = TargetBand.Scope.RIDE;
        for (Result result : model.results()) {
            TargetBand band = new TargetBand(
                    result.quantity().onGrid(0.25), result.quantity().onGrid(0.5), scope, "test");
            banded = banded.withTarget(Targets.key(model.axle(), result), Optional.of(band));
            scope = scope == TargetBand.Scope.RIDE ? TargetBand.Scope.TRAVEL : TargetBand.Scope.RIDE;
        }
        return banded;
    }
}
