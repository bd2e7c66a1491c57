package org.palanca.study.steering;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.mechanism.axle.JointBolts;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.links.JointMisalignment;
import org.palanca.result.targets.Targets;
import org.palanca.study.assessment.Assessment;
import org.palanca.study.assessment.Fault;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Wheels;
import org.palanca.vehicle.edit.MountMoves;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkMake;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.StarterVehicle;

/** Steering as a whole, on the roadster whose rack was set low and on starting points. */
class SteeringTest {
    private final Vehicle plover = Examples.vehicle("plover.palanca.json");

    private static Vehicle steered(StarterLayout front, StarterLayout rear) {
        return new StarterVehicle("steered", Use.TRAIL, 2.7, 0.84, Optional.of(front), rear).build();
    }

    private static final StarterLayout FRONT =
            new StarterLayout(SuspensionType.THREE_LINK_PANHARD, StarterSteering.HIGH_STEER);

    /** The rack was set 1 1/8 in low and 5/8 in ahead; height is what bump steer sees, and it is found to the tape. */
    @Test
    void theLowRackIsFoundToASixteenth() {
        PickupAdvice advice =
                PickupAdvice.of(plover, AxlePlace.FRONT, Lengths.INCH / 16).orElseThrow();
        assertThat(advice.by().getZ()).isCloseTo(Lengths.inches(1.125), within(Lengths.inches(1.0 / 8)));
        assertThat(Math.toDegrees(advice.before())).isGreaterThan(2);
        assertThat(Math.toDegrees(advice.then())).isLessThan(0.1);
        assertThat(PickupAdvice.largestToeChange(advice.after(), AxlePlace.FRONT))
                .isEqualTo(advice.then());
        assertThat(PickupAdvice.of(advice.after(), AxlePlace.FRONT, Lengths.INCH / 16)
                        .map(again -> again.by().getNorm())
                        .orElse(0.0))
                .as("moved there, nothing much is left to gain")
                .isLessThan(Lengths.inches(0.2));
    }

    /**
     * A rack put 2 3/4 in low and 2 1/2 in too wide, so that up alone and up with fore and aft leave much steer: in or out has to
     * be tried as well. Each choice tells toe, rod and Ackermann as the moved vehicle has them, and none leaves the room.
     */
    @Test
    void pickupsAreSearchedAllThreeWaysWithinTheRoomThereIs() {
        MountRef inner = new MountRef(AxlePlace.FRONT, "tie rod inner left");
        Vector3D at = plover.axle(AxlePlace.FRONT).orElseThrow().position(inner.mount(), plover.wheelbase());
        Vehicle spoiled =
                MountMoves.moveTo(plover, inner, at.add(new Vector3D(0, Lengths.inches(2.5), Lengths.inches(-1.625))));
        double grid = Lengths.INCH / 16;
        PickupAdvice.Room room = new PickupAdvice.Room(Lengths.inches(3), Lengths.inches(3), Lengths.inches(4));
        List<PickupAdvice> choices = PickupAdvice.choices(spoiled, AxlePlace.FRONT, grid, room);
        assertThat(choices).hasSizeGreaterThanOrEqualTo(2);
        assertThat(choices)
                .anyMatch(choice -> Math.abs(choice.by().getY()) > grid / 2
                        && choice.then() < Math.toRadians(0.1)
                        && choice.before() > Math.toRadians(4));
        PickupAdvice upAlone = PickupAdvice.choices(
                        spoiled, AxlePlace.FRONT, grid, new PickupAdvice.Room(0, 0, Lengths.inches(4)))
                .get(0);
        assertThat(choices.get(0).then()).isLessThan(upAlone.then());
        for (PickupAdvice choice : choices) {
            assertThat(Math.abs(choice.by().getX())).isLessThanOrEqualTo(room.along() + 1e-9);
            assertThat(Math.abs(choice.by().getY())).isLessThanOrEqualTo(room.across() + 1e-9);
            assertThat(Math.abs(choice.by().getZ())).isLessThanOrEqualTo(room.up() + 1e-9);
            Axle after = choice.after().axle(AxlePlace.FRONT).orElseThrow();
            assertThat(choice.rod())
                    .isCloseTo(
                            Vector3D.distance(
                                    after.position("tie rod inner left", plover.wheelbase()),
                                    after.position("tie rod outer left", plover.wheelbase())),
                            within(1e-12));
            assertThat(choice.ackermann().orElseThrow())
                    .isEqualTo(SteerSweep.run(new AxleModel(choice.after(), AxlePlace.FRONT))
                            .fullLeft()
                            .ackermann()
                            .orElseThrow());
            assertThat(PickupAdvice.largestToeChange(choice.after(), AxlePlace.FRONT))
                    .isEqualTo(choice.then());
        }
        // A tenth of a degree on a tyre of 24 in: 24 in x sin 0.1 degrees = 0.042 in, by hand.
        double diameter = plover.axle(AxlePlace.FRONT).orElseThrow().tyre().diameter();
        assertThat(PickupAdvice.atTread(plover, AxlePlace.FRONT, Math.toRadians(0.1)))
                .isCloseTo(diameter * 0.00174533, within(1e-7));
    }

    /** The grid search over all three ways, an inch apart and finer round the best, finds nothing that is much better. */
    @Test
    void noPlaceOnAGridWithinTheRoomSteersMuchLess() {
        MountRef inner = new MountRef(AxlePlace.FRONT, "tie rod inner left");
        Vector3D at = plover.axle(AxlePlace.FRONT).orElseThrow().position(inner.mount(), plover.wheelbase());
        double best = Double.POSITIVE_INFINITY;
        for (int x = -3; x <= 3; x++) {
            for (int y = -3; y <= 3; y++) {
                for (int z = -12; z <= 12; z++) {
                    Vehicle there = MountMoves.moveTo(
                            plover,
                            inner,
                            at.add(new Vector3D(Lengths.inches(x), Lengths.inches(y), Lengths.inches(z / 4.0))));
                    best = Math.min(best, PickupAdvice.largestToeChange(there, AxlePlace.FRONT));
                }
            }
        }
        double mine = PickupAdvice.choices(plover, AxlePlace.FRONT, Lengths.INCH / 16, PickupAdvice.Room.USUAL).stream()
                .mapToDouble(PickupAdvice::then)
                .min()
                .orElseThrow();
        assertThat(mine).isLessThan(best + Math.toRadians(0.05));
    }

    @Test
    void noPickupIsAdvisedWhereThereIsNone() {
        Vehicle tarn = Examples.tarn();
        assertThat(PickupAdvice.of(tarn, AxlePlace.REAR, 0.001)).isEmpty();
        assertThat(PickupAdvice.innerPickup(plover.axle(AxlePlace.FRONT).orElseThrow()))
                .contains("tie rod inner left");
    }

    /**
     * No point near by lets the four wheels slip sideways less: the sum of the squared slips has no slope there, and the circle
     * is that of the tyre whose outer edge is farthest. Headings and patches are read off the axles at lock.
     */
    @Test
    void theTurningPointIsWhereTheWheelsSlipSidewaysLeast() {
        StarterLayout rigid = StarterLayout.of(SuspensionType.TRIANGULATED_UPPERS);
        for (Vehicle vehicle : List.of(plover, steered(FRONT, rigid), steered(FRONT, FRONT))) {
            TurningCircle circle = TurningCircle.toTheLeft(vehicle).orElseThrow();
            double slopeX = 0;
            double slopeY = 0;
            double farthest = 0;
            for (Axle axle : vehicle.axles()) {
                AxleModel model = new AxleModel(vehicle, axle.place());
                model.moveTo(WheelTravel.RIDE.withSteer(axle.place() == AxlePlace.FRONT ? 1 : -1));
                for (int side : new int[] {1, -1}) {
                    WheelMotion wheel = model.motion().wheel(side);
                    double ahead = circle.forwardOfFront() - wheel.patch(0);
                    double out = circle.toTheLeft() - wheel.patch(1);
                    double cos = Math.cos(wheel.steerAngle());
                    double sin = Math.sin(wheel.steerAngle());
                    double slip = ahead * cos + out * sin;
                    slopeX += slip * cos;
                    slopeY += slip * sin;
                    farthest = Math.max(
                            farthest, Math.hypot(ahead, out) + axle.tyre().width() / 2);
                }
            }
            assertThat(slopeX).isCloseTo(0, within(1e-9));
            assertThat(slopeY).isCloseTo(0, within(1e-9));
            assertThat(circle.diameter()).isCloseTo(2 * farthest, within(1e-9));
        }
    }

    /** One axle steers: a bicycle model puts the point on the other axle's line, the mean steer says how far out. */
    @Test
    void turningCircleOfOneSteeredAxleIsThatOfABicycle() {
        Vehicle vehicle = steered(FRONT, StarterLayout.of(SuspensionType.TRIANGULATED_UPPERS));
        TurningCircle circle = TurningCircle.toTheLeft(vehicle).orElseThrow();
        double radius = vehicle.wheelbase() / Math.tan(meanLock(vehicle, AxlePlace.FRONT, 1));
        assertThat(circle.toTheLeft()).isCloseTo(radius, withinPercentage(5));
        assertThat(circle.forwardOfFront()).isCloseTo(-vehicle.wheelbase(), withinPercentage(5));
    }

    /** Both ends steered: the point lies where the normals of both mean headings cross. */
    @Test
    void rearSteeringBringsTheTurningPointBetweenTheAxles() {
        Vehicle vehicle = steered(FRONT, FRONT);
        TurningCircle both = TurningCircle.toTheLeft(vehicle).orElseThrow();
        double front = Math.tan(meanLock(vehicle, AxlePlace.FRONT, 1));
        double rear = Math.tan(-meanLock(vehicle, AxlePlace.REAR, -1));
        double out = vehicle.wheelbase() / (front + rear);
        assertThat(both.toTheLeft()).isCloseTo(out, within(0.1));
        assertThat(both.forwardOfFront()).isCloseTo(-out * front, within(0.1));
        TurningCircle one = TurningCircle.toTheLeft(
                        steered(FRONT, StarterLayout.of(SuspensionType.TRIANGULATED_UPPERS)))
                .orElseThrow();
        assertThat(both.diameter()).isLessThan(one.diameter());
        assertThat(TurningCircle.toTheLeft(Examples.tarn())).isEmpty();
    }

    private static double meanLock(Vehicle vehicle, AxlePlace place, double steer) {
        AxleModel model = new AxleModel(vehicle, place);
        model.moveTo(WheelTravel.RIDE.withSteer(steer));
        return (model.motion().wheel(1).steerAngle() + model.motion().wheel(-1).steerAngle()) / 2;
    }

    @Test
    void aSweepGoesFromLockToLockAndNeedsSomethingToSteer() {
        SteerSweep sweep = SteerSweep.run(new AxleModel(plover, AxlePlace.FRONT));
        assertThat(sweep.turns()).hasSize(SteerSweep.STEPS);
        for (int i = 1; i < sweep.turns().size(); i++) {
            assertThat(sweep.turns().get(i).left())
                    .isGreaterThan(sweep.turns().get(i - 1).left());
        }
        assertThat(sweep.turns().get(SteerSweep.STEPS / 2).ackermann()).isEmpty();
        assertThatThrownBy(() -> SteerSweep.run(new AxleModel(plover, AxlePlace.REAR)))
                .hasMessageContaining("ackermann");
    }

    /** Static settings come back on the card with their signs on both sides, and cancel in the thrust angle. */
    @Test
    void theCardShowsWhatWasSet() {
        Axle front = plover.axle(AxlePlace.FRONT).orElseThrow();
        Wheels set = front.wheels().standing(Math.toRadians(-1.5), Math.toRadians(0.2));
        AxleModel model = new AxleModel(plover.withAxle(front.withWheels(set)), AxlePlace.FRONT);
        AlignmentCard card = AlignmentCard.of(model, WheelTravel.RIDE);
        AlignmentCard.Row camber = card.rows().get(0);
        assertThat(camber.left()).isCloseTo(Math.toRadians(-1.5), within(1e-9));
        assertThat(camber.right()).isCloseTo(Math.toRadians(-1.5), within(1e-9));
        assertThat(camber.cross()).isCloseTo(0, within(1e-9));
        assertThat(card.totalToe()).isCloseTo(Math.toRadians(0.4), within(1e-9));
        assertThat(card.thrust()).isCloseTo(0, within(1e-9));
        assertThat(card.rows()).extracting(AlignmentCard.Row::id).contains("kingpin_caster", "kingpin_inclination");
        model.moveTo(0.04, -0.04, 0.5);
        AlignmentCard turned = AlignmentCard.of(model, new WheelTravel(0.04, -0.04, 0.5));
        assertThat(turned.thrust()).isGreaterThan(Math.toRadians(10));
        assertThat(turned.rows().get(0).cross()).isNotCloseTo(0, within(Math.toRadians(0.5)));
    }

    /** A ball's stud turns in its socket when the wheel is steered: a full lock of more than 25 degrees tilts none by 4. */
    @Test
    void steeringTurnsAStudAndTiltsNoJoint() {
        Axle axle = plover.axle(AxlePlace.FRONT).orElseThrow();
        AxleModel model = new AxleModel(plover, AxlePlace.FRONT);
        JointBolts bolts = JointBolts.of(axle, plover.wheelbase());
        JointMisalignment tilts = new JointMisalignment(plover, axle);
        model.toRide();
        for (double steer : new double[] {1, -1}) {
            assertThat(model.moveTo(WheelTravel.RIDE.withSteer(steer))).isTrue();
            assertThat(Math.abs(model.motion().wheel(1).steerAngle())).isGreaterThan(Math.toRadians(25));
            for (int end = 0; end < bolts.ends().size(); end++) {
                assertThat(tilts.tilt(model.motion(), end)).isLessThan(Math.toRadians(4));
            }
        }
    }

    /** The wheel on the side that is turned to is the inner one, also where it turns less; at the rear the sides change. */
    @Test
    void theInnerWheelIsOnTheSideThatIsTurnedTo() {
        SteerSweep front = SteerSweep.run(new AxleModel(plover, AxlePlace.FRONT));
        assertThat(front.fullLeft().inner()).isEqualTo(Math.abs(front.fullLeft().left()));
        assertThat(front.fullRight().inner())
                .isEqualTo(Math.abs(front.fullRight().right()));
        SteerSweep.Turn parallel = new SteerSweep.Turn(1, 0.5, 0.6, Side.LEFT, Optional.empty());
        assertThat(parallel.inner()).isEqualTo(0.5);
        assertThat(parallel.outer()).isEqualTo(0.6);
        SteerSweep rear = SteerSweep.run(new AxleModel(steered(FRONT, FRONT), AxlePlace.REAR));
        assertThat(rear.fullLeft().left()).as("wheels point left").isPositive();
        assertThat(rear.fullLeft().inside()).isEqualTo(Side.RIGHT);
    }

    @Test
    void theTightestJointIsAtACornerOfTheEnvelope() {
        AxleModel model = new AxleModel(plover, AxlePlace.FRONT);
        JointLimit limit = JointLimit.first(model).orElseThrow();
        assertThat(Math.abs(limit.pose().steer())).isEqualTo(1);
        assertThat(limit.tilt()).isBetween(Math.toRadians(10), Math.toRadians(20));
        model.moveTo(limit.pose());
        double there = model.outcome(model.result("joint_misalignment")).number();
        assertThat(there).isCloseTo(limit.tilt(), within(1e-9));
        Vehicle leaves =
                steered(StarterLayout.of(SuspensionType.LEAF_SPRINGS), StarterLayout.of(SuspensionType.LEAF_SPRINGS));
        assertThat(JointLimit.first(new AxleModel(leaves, AxlePlace.REAR))).isEmpty();
    }

    /**
     * A stud that is known to stand upright: its joint is tilted at ride already, by the tie rod's slope; by hand the arc sine of
     * its rise over its length. And the joint that may tilt least is told, though others tilt more.
     */
    @Test
    void aRealStudAndAJointsOwnLimitCount() {
        Axle front = plover.axle(AxlePlace.FRONT).orElseThrow();
        LinkEnd stud = LinkEnd.of(LinkEnd.Kind.BALL_STUD)
                .withBolt(Optional.of(BoltWay.UPRIGHT))
                .withMisalignment(OptionalDouble.of(Math.toRadians(4)));
        Axle described = front.withLinkage(front.linkage()
                .mapLinks(link -> link.name().equals("tie rod left")
                        ? link.withMake(LinkMake.USUAL.withTo(Optional.of(stud)))
                        : link));
        Vehicle vehicle = plover.withAxle(described);
        Link rod = described.link("tie rod left").orElseThrow();
        Vector3D run = described
                .position(rod.to(), vehicle.wheelbase())
                .subtract(described.position(rod.from(), vehicle.wheelbase()));
        JointBolts bolts = JointBolts.of(described, vehicle.wheelbase());
        AxleModel model = new AxleModel(vehicle, AxlePlace.FRONT);
        JointMisalignment tilts = new JointMisalignment(vehicle, described);
        for (int end = 0; end < bolts.ends().size(); end++) {
            JointBolts.End joint = bolts.ends().get(end);
            boolean real = joint.link().equals(rod.name()) && !joint.first();
            double byHand = real ? Math.abs(Math.asin(run.getZ() / run.getNorm())) : 0;
            assertThat(tilts.tilt(model.motion(), end)).as(joint.link()).isCloseTo(byHand, within(1e-9));
            assertThat(joint.limit(vehicle, described)).isCloseTo(Math.toRadians(real ? 4 : 25), within(1e-12));
        }
        Result tilt = model.result("joint_misalignment");
        assertThat(Targets.defaultBand(plover, front, tilt).orElseThrow().high())
                .isCloseTo(Math.toRadians(25), within(1e-12));
        assertThat(Targets.defaultBand(vehicle, described, tilt))
                .as("the largest tilt says nothing of a joint that may tilt less than others")
                .isEmpty();
        JointLimit nearest = JointLimit.first(model).orElseThrow();
        assertThat(nearest.mount()).isEqualTo(rod.to());
        assertThat(nearest.limit()).isCloseTo(Math.toRadians(4), within(1e-12));
        Vehicle typed = vehicle.withBuild(vehicle.build()
                .withRules(vehicle.build().rules().withJoint("tie rod left", OptionalDouble.of(Math.toRadians(30)))));
        assertThat(bolts.ends().stream()
                        .filter(end -> end.link().equals(rod.name()))
                        .map(end -> end.limit(typed, described)))
                .as("what is typed for the link counts before what its maker says")
                .allSatisfy(limit -> assertThat(limit).isCloseTo(Math.toRadians(30), within(1e-12)));
    }

    /** One link too many, and no tie rod: neither toe is a number, and neither is none. */
    @Test
    void toeOfAnAxleThatIsBlockedOrLooseCanNotBeTold() {
        Vehicle roadster = Examples.vehicle("plover.palanca.json");
        Axle front = roadster.axle(AxlePlace.FRONT).orElseThrow();
        assertThat(PickupAdvice.toeChange(roadster, AxlePlace.FRONT).orElseThrow())
                .isEqualTo(PickupAdvice.largestToeChange(roadster, AxlePlace.FRONT))
                .isPositive();
        List<Link> blocked = new ArrayList<>(front.links());
        blocked.add(new Link("brace left", LinkRole.UPPER, "lower front pivot left", "upper ball left"));
        List<Link> loose = new ArrayList<>(front.links());
        loose.removeIf(link -> link.name().equals("tie rod left"));
        for (List<Link> links : List.of(blocked, loose)) {
            Vehicle vehicle =
                    roadster.withAxle(front.withLinkage(front.linkage().withLinks(links)));
            assertThat(PickupAdvice.toeChange(vehicle, AxlePlace.FRONT)).isEmpty();
            assertThat(Assessment.of(vehicle, () -> true).orElseThrow().faults().stream()
                            .filter(fault -> fault.step() == Fault.Job.STEER)
                            .map(fault -> Examples.WORDS.text(fault.said())))
                    .containsExactly(
                            "Toe can’t be told: the axle does not go through its travel, or does not hold its wheels.");
        }
    }

    private static Vehicle twoBoxes() {
        return steered(
                new StarterLayout(SuspensionType.LEAF_SPRINGS, StarterSteering.TWO_BOXES),
                StarterLayout.of(SuspensionType.TRIANGULATED_UPPERS));
    }

    /**
     * The second box's arm by the general optimiser's own arithmetic: with the knuckle where the solver has it, the arm turns
     * until its end is the drag link's length from the knuckle's end, found on the circle about the arm's pin.
     */
    @Test
    void theSecondBoxTurnsAsItsDragLinkSays() {
        Vehicle vehicle = twoBoxes();
        AxleModel model = new AxleModel(vehicle, AxlePlace.FRONT);
        SecondBox box = SecondBox.of(model).orElseThrow();
        assertThat(box.joint()).isEqualTo("pitman right");
        Axle axle = model.axle();
        double wheelbase = vehicle.wheelbase();
        Vector3D axis = axle.position("pitman axis right", wheelbase);
        Vector3D along = axle.position("pitman axis inner right", wheelbase)
                .subtract(axis)
                .normalize();
        Vector3D end = axle.position("pitman end right", wheelbase);
        double length = Vector3D.distance(end, axle.position("drag link knuckle right", wheelbase));
        for (double steer : new double[] {1, -1}) {
            model.toRide();
            assertThat(model.moveTo(WheelTravel.RIDE.withSteer(steer))).isTrue();
            Vector3D knuckle = model.motion().mount(axle.mountIndex("drag link knuckle right"));
            double expected = new BracketingNthOrderBrentSolver(1e-12, 5)
                    .solve(
                            200,
                            angle -> Vector3D.distance(
                                            axis.add(new Rotation(along, angle, RotationConvention.VECTOR_OPERATOR)
                                                    .applyTo(end.subtract(axis))),
                                            knuckle)
                                    - length,
                            -1.2,
                            1.2,
                            0);
            assertThat(steer > 0 ? box.atLeft() : box.atRight()).isCloseTo(expected, within(1e-8));
        }
    }

    /** Two arms that are each other's mirror image: what one does at left lock the other does at right lock, and both follow the travel. */
    @Test
    void theSecondBoxIsHeldAgainstTheFirst() {
        SecondBox box = SecondBox.of(new AxleModel(twoBoxes(), AxlePlace.FRONT)).orElseThrow();
        assertThat(box.first())
                .isEqualTo(twoBoxes()
                        .axle(AxlePlace.FRONT)
                        .orElseThrow()
                        .steering()
                        .orElseThrow()
                        .lock());
        assertThat(Math.toDegrees(box.follows())).isBetween(0.1, 20.0);
        SecondBox farther = new SecondBox(
                "pitman right",
                Math.toRadians(30),
                Math.toRadians(-34),
                Math.toRadians(32),
                Math.toRadians(1.5),
                new WheelTravel(0.05, -0.05, 0));
        assertThat(farther.said().stream().map(Examples.WORDS::text))
                .containsExactly(
                        "The arm of the second box, “pitman right”, turns 30.0° to left lock and 34.0° to right lock, the first "
                                + "only 32.0°: with two boxes alike the second meets its own stop before the wheels are at lock. "
                                + "Limit the first, or make the second arm longer.",
                        "With the first box held still the travel turns the second one up to 1.5°, at 1 15/16 in left, "
                                + "-1 15/16 in right. It must be free to follow, as a box fed by the same pressure is; joined "
                                + "to the first by a shaft, or with a valve of its own, the two would work against each other.");
        assertThat(SecondBox.of(new AxleModel(plover, AxlePlace.FRONT))).isEmpty();
    }

    /** A drag link along the vehicle has nothing to do with the panhard's slope, and no slope in front view. */
    @Test
    void aDragLinkAlongTheVehicleIsNotHeldAgainstThePanhard() {
        Vehicle along = steered(
                new StarterLayout(SuspensionType.THREE_LINK_PANHARD, StarterSteering.TWO_BOXES),
                StarterLayout.of(SuspensionType.TRIANGULATED_UPPERS));
        assertThat(new AxleModel(along, AxlePlace.FRONT).results().stream().map(Result::id))
                .noneMatch(id -> id.startsWith("drag_link_") || id.contains("slope") && id.contains("drag link"))
                .anyMatch(id -> id.contains("slope") && id.contains("panhard"));
    }
}
