package org.palanca.result.catalogue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.mechanism.Mechanism;
import org.palanca.mechanism.axle.AxleMechanism;
import org.palanca.mechanism.axle.CornerArms;
import org.palanca.mechanism.axle.SteeringAxis;
import org.palanca.result.Result;
import org.palanca.result.ResultKind;
import org.palanca.result.attitude.AxleShift;
import org.palanca.result.attitude.AxleSteer;
import org.palanca.result.attitude.CasterAngle;
import org.palanca.result.attitude.PinionAngle;
import org.palanca.result.bind.BushingPush;
import org.palanca.result.corner.ArmCrossing;
import org.palanca.result.corner.CornerCentre;
import org.palanca.result.links.JointMisalignment;
import org.palanca.result.links.LinkEnds;
import org.palanca.result.links.LinkLength;
import org.palanca.result.links.LinkSlope;
import org.palanca.result.links.MountSeparation;
import org.palanca.result.links.PlanAngle;
import org.palanca.result.roll.PatchRollCentre;
import org.palanca.result.roll.RollAxisSlope;
import org.palanca.result.roll.RollCentreHeight;
import org.palanca.result.roll.RollSteer;
import org.palanca.result.roll.WheelRollSteer;
import org.palanca.result.shock.MotionRatio;
import org.palanca.result.shock.MountLine;
import org.palanca.result.shock.ShaftLeft;
import org.palanca.result.shock.ShockLean;
import org.palanca.result.shock.ShockLength;
import org.palanca.result.shock.SpringLoad;
import org.palanca.result.shock.StopGap;
import org.palanca.result.shock.StrapSlack;
import org.palanca.result.side.AntiPercent;
import org.palanca.result.side.InstantCentreResult;
import org.palanca.result.side.LinkCrossing;
import org.palanca.result.side.ReactionLine;
import org.palanca.result.side.WheelAnti;
import org.palanca.result.steer.Ackermann;
import org.palanca.result.steer.BumpSteer;
import org.palanca.result.steer.DragLinkMatch;
import org.palanca.result.steer.SteerRate;
import org.palanca.result.wheel.Camber;
import org.palanca.result.wheel.KingpinAngle;
import org.palanca.result.wheel.KingpinAtGround;
import org.palanca.result.wheel.PatchPlace;
import org.palanca.result.wheel.Toe;
import org.palanca.result.wheel.TrackChange;
import org.palanca.result.wheel.WheelPath;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.Springing;

/** Which results an axle has, in the order a builder reads them. */
public final class ResultCatalogue {
    /** Links whose slope in front view a builder looks at. */
    private static final List<LinkRole> ACROSS = List.of(LinkRole.PANHARD, LinkRole.DRAG_LINK, LinkRole.TIE_ROD);

    private final Vehicle vehicle;
    private final Axle axle;
    private final Mechanism mechanism;
    private final List<Result> results = new ArrayList<>();

    private ResultCatalogue(Vehicle vehicle, Axle axle, Mechanism mechanism) {
        this.vehicle = vehicle;
        this.axle = axle;
        this.mechanism = mechanism;
    }

    /** The results that make sense for this axle: no caster where nothing steers, no pair angle without a pair. */
    public static List<Result> of(Vehicle vehicle, Axle axle, Mechanism mechanism) {
        return new ResultCatalogue(vehicle, axle, mechanism).build();
    }

    private List<Result> build() {
        AxlePlace place = axle.place();
        if (axle.driveShare() > 0) {
            results.add(new AntiPercent(place, AntiPercent.Force.DRIVE));
        }
        if (axle.independent()) {
            corners();
        } else {
            housing();
        }
        steering();
        for (Side side : Side.values()) {
            if (!axle.independent() && SteeringAxis.of(axle, side).isEmpty()) {
                break;
            }
            alignment(side);
        }
        if (!axle.links().isEmpty()) {
            results.add(new JointMisalignment(vehicle, axle));
        }
        springing();
        for (Side side : Side.values()) {
            results.add(new WheelPath(side));
            for (PatchPlace.Coordinate coordinate : PatchPlace.Coordinate.values()) {
                results.add(new PatchPlace(coordinate, side));
            }
        }
        for (LinkRole role : ACROSS) {
            axle.links(role).stream()
                    .filter(this::runsAcross)
                    .forEach(link -> results.add(new LinkSlope(link.name(), ends(link))));
        }
        for (Link link : axle.links()) {
            results.add(new LinkLength(link.name(), ends(link)));
        }
        return List.copyOf(results);
    }

    /** What is read off a live axle's housing and its links. */
    private void housing() {
        AxlePlace place = axle.place();
        results.add(new RollCentreHeight(RollCentreHeight.Above.GROUND));
        results.add(new RollSteer());
        bind();
        results.add(new PinionAngle());
        if (axle.caster().isPresent()) {
            results.add(new CasterAngle());
        }
        List<LinkEnds> uppers = pair(LinkRole.UPPER);
        List<LinkEnds> lowers = pair(LinkRole.LOWER);
        if (axle.brakeShare() > 0) {
            results.add(new AntiPercent(place, AntiPercent.Force.BRAKE));
        }
        results.add(new InstantCentreResult(InstantCentreResult.Coordinate.AHEAD));
        results.add(new InstantCentreResult(InstantCentreResult.Coordinate.HEIGHT));
        results.add(new ReactionLine());
        results.add(new RollAxisSlope());
        results.add(new RollCentreHeight(RollCentreHeight.Above.CHASSIS_DATUM));
        results.add(new AxleShift(AxleShift.Direction.SIDEWAYS));
        results.add(new AxleShift(AxleShift.Direction.WHEELBASE));
        results.add(new AxleSteer());
        if (!uppers.isEmpty() && !lowers.isEmpty()) {
            results.add(new LinkCrossing(LinkCrossing.Coordinate.AHEAD, uppers, lowers));
            results.add(new LinkCrossing(LinkCrossing.Coordinate.HEIGHT, uppers, lowers));
            results.add(new MountSeparation(MountSeparation.End.FRAME, uppers, lowers));
            results.add(new MountSeparation(MountSeparation.End.AXLE, uppers, lowers));
        }
    }

    /** What is read off two independent wheels together. */
    private void corners() {
        results.add(new PatchRollCentre(PatchRollCentre.Coordinate.HEIGHT));
        results.add(new Camber(Side.LEFT));
        results.add(new BumpSteer(Side.LEFT));
        if (axle.brakeShare() > 0) {
            results.add(new AntiPercent(axle.place(), AntiPercent.Force.BRAKE));
        }
        results.add(new WheelRollSteer(ResultKind.ROLL_STEER));
        results.add(new TrackChange());
        results.add(new PatchRollCentre(PatchRollCentre.Coordinate.OFFSET));
        results.add(new PatchRollCentre(PatchRollCentre.Coordinate.CHASSIS_HEIGHT));
        for (Side side : Side.values()) {
            for (CornerCentre.Coordinate coordinate : CornerCentre.Coordinate.values()) {
                results.add(new CornerCentre(coordinate, side));
            }
        }
        results.add(new AxleShift(AxleShift.Direction.WHEELBASE));
        for (Side side : Side.values()) {
            CornerArms arms = CornerArms.of(axle, side);
            if (arms.upper().isPresent() && arms.lower().isPresent()) {
                for (ArmCrossing.Coordinate coordinate : ArmCrossing.Coordinate.values()) {
                    results.add(new ArmCrossing(
                            coordinate, arms.upper().get(), arms.lower().get(), side));
                }
            }
            if (axle.driveShare() > 0) {
                results.add(new WheelAnti(axle.place(), AntiPercent.Force.DRIVE, side));
            }
            if (axle.brakeShare() > 0) {
                results.add(new WheelAnti(axle.place(), AntiPercent.Force.BRAKE, side));
            }
        }
    }

    private void alignment(Side side) {
        if (side == Side.RIGHT || !axle.independent()) {
            results.add(new Camber(side));
            results.add(new BumpSteer(side));
        }
        results.add(new Toe(Toe.Sense.TOE_IN, side));
        SteeringAxis.of(axle, side).ifPresent(axis -> {
            results.add(new KingpinAngle(KingpinAngle.View.SIDE, axis, side));
            results.add(new KingpinAngle(KingpinAngle.View.FRONT, axis, side));
            results.add(new KingpinAtGround(KingpinAtGround.Direction.SCRUB, axis, side));
            results.add(new KingpinAtGround(KingpinAtGround.Direction.TRAIL, axis, side));
        });
    }

    private void steering() {
        if (axle.steering().isEmpty()) {
            return;
        }
        Optional<SteeringAxis> left = SteeringAxis.of(axle, Side.LEFT);
        Optional<SteeringAxis> right = SteeringAxis.of(axle, Side.RIGHT);
        boolean known = left.isPresent() && right.isPresent();
        results.add(known ? new Ackermann(left.get(), right.get()) : new Ackermann());
        results.add(new SteerRate(
                axle.linkage().joint(axle.steering().get().joint()).orElseThrow() instanceof Joint.Hinge));
        results.add(new Toe(Toe.Sense.STEER, Side.LEFT));
        results.add(new Toe(Toe.Sense.STEER, Side.RIGHT));
        if (!axle.independent()) {
            results.add(new WheelRollSteer(ResultKind.HELD_ROLL_STEER));
        }
        List<Link> drags =
                axle.links(LinkRole.DRAG_LINK).stream().filter(this::runsAcross).toList();
        List<Link> panhards = axle.links(LinkRole.PANHARD);
        if (drags.size() == 1 && panhards.size() == 1) {
            LinkEnds drag = ends(drags.get(0));
            LinkEnds panhard = ends(panhards.get(0));
            results.add(new DragLinkMatch(DragLinkMatch.Of.SLOPE, drag, panhard));
            results.add(new DragLinkMatch(DragLinkMatch.Of.LENGTH, drag, panhard));
        }
    }

    /** What is read off shocks, stops and straps. */
    private void springing() {
        Springing springing = axle.springing();
        for (Shock shock : springing.shocks()) {
            MountLine line = MountLine.of(axle, shock.upper(), shock.lower());
            results.add(new ShockLength(shock.name(), line));
            shock.size().ifPresent(size -> {
                results.add(new ShaftLeft(ShaftLeft.End.COLLAPSED, shock.name(), size, line));
                results.add(new ShaftLeft(ShaftLeft.End.EXTENDED, shock.name(), size, line));
            });
            for (MotionRatio.In in : MotionRatio.In.values()) {
                results.add(new MotionRatio(in, shock.name(), line));
            }
            for (ShockLean.View view : ShockLean.View.values()) {
                results.add(new ShockLean(view, shock.name(), line));
            }
        }
        springing.stops().forEach(stop -> results.add(new StopGap(stop, MountLine.of(axle, stop.from(), stop.to()))));
        springing
                .straps()
                .forEach(strap -> results.add(new StrapSlack(strap, MountLine.of(axle, strap.from(), strap.to()))));
        if (springing.carries()) {
            for (Side side : Side.values()) {
                results.add(new SpringLoad(axle, side));
            }
        }
    }

    private void bind() {
        List<Integer> giving = AxleMechanism.bushings(mechanism);
        if (!giving.isEmpty()) {
            results.add(new BushingPush(BushingPush.As.DISTANCE, mechanism, giving));
            results.add(new BushingPush(BushingPush.As.FORCE, mechanism, giving));
        }
    }

    private List<LinkEnds> pair(LinkRole role) {
        List<LinkEnds> links = axle.links(role).stream().map(this::ends).toList();
        if (links.size() == 2) {
            results.add(new PlanAngle(role, links.get(0), links.get(1)));
        }
        return links;
    }

    /** A link's ends, the frame end first whichever way it was written. */
    /** A drag link along the vehicle has no slope in front view that anybody looks at, and no panhard to match. */
    private boolean runsAcross(Link link) {
        Vector3D run =
                axle.position(link.to(), vehicle.wheelbase()).subtract(axle.position(link.from(), vehicle.wheelbase()));
        return Math.abs(run.getY()) > Math.abs(run.getX());
    }

    private LinkEnds ends(Link link) {
        int from = axle.mountIndex(link.from());
        int to = axle.mountIndex(link.to());
        return axle.mounts().get(to).onFrame() ? new LinkEnds(to, from) : new LinkEnds(from, to);
    }
}
