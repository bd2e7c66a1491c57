package org.palanca.study.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.mechanism.axle.BarTurn;
import org.palanca.mechanism.axle.JointBolts;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.links.JointMisalignment;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.BarBend;
import org.palanca.vehicle.hardware.BarShape;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkMake;

/** A bent bar is where it is bent to, in every way that its ends let it lie. */
class BarSolidTest {
    private static final String LINK = "lower left";

    /** Half of the demo's tube of 2 in [m]. */
    private static final double TUBE = 0.0254;

    /** Up by 3 in, in the middle of a bar of 42 in. */
    private static final BarShape UP = new BarShape(
            0, List.of(new BarBend(0.35, 0.0762, 0.15), new BarBend(0.70, 0.0762, 0.15)), OptionalDouble.empty());

    private static Vehicle made(UnaryOperator<LinkMake> how) {
        Vehicle tarn = Examples.tarn();
        Axle rear = tarn.axle(AxlePlace.REAR).orElseThrow();
        return tarn.withAxle(rear.withLinkage(rear.linkage()
                .mapLinks(link -> link.name().equals(LINK) ? link.withMake(how.apply(link.make())) : link)));
    }

    private static LinkEnd bushing() {
        return LinkEnd.of(LinkEnd.Kind.BUSHING).withReach(OptionalDouble.of(0.03));
    }

    private static LinkMake bushed(LinkMake make) {
        return make.withFrom(Optional.of(bushing())).withTo(Optional.of(bushing()));
    }

    private static Link link(Vehicle vehicle) {
        return vehicle.axle(AxlePlace.REAR).orElseThrow().link(LINK).orElseThrow();
    }

    private static Vector3D middle(Vehicle vehicle) {
        Axle rear = vehicle.axle(AxlePlace.REAR).orElseThrow();
        return rear.position(link(vehicle).from(), vehicle.wheelbase())
                .add(rear.position(link(vehicle).to(), vehicle.wheelbase()))
                .scalarMultiply(0.5);
    }

    /** Least room at ride between the link's tube and a ball of 1 in that is fixed to the frame. */
    private static double room(Vehicle vehicle, Vector3D ball) {
        Part part = new Part("ball", BodyName.FRAME, Part.Kind.FIXED, new Part.PointsForm(List.of(ball), 0.0254));
        AxleModel model = new AxleModel(
                vehicle.withBuild(Build.NONE.with(AxlePlace.REAR, Surroundings.NONE.withParts(List.of(part)))),
                AxlePlace.REAR);
        Clearances clearances = new Clearances(model);
        for (int i = 0; i < clearances.pairs().size(); i++) {
            CollisionBody one =
                    clearances.things().get(clearances.pairs().get(i).one());
            CollisionBody other =
                    clearances.things().get(clearances.pairs().get(i).other());
            boolean tube = one.id().equals(CollisionId.Sort.LINK.of(LINK))
                    || other.id().equals(CollisionId.Sort.LINK.of(LINK));
            if (tube && (one.described() || other.described())) {
                return clearances.gap(i) + 0;
            }
        }
        throw new AssertionError("not compared");
    }

    /**
     * By hand: a ball on the line of the pins is in a straight bar, and under one that is bent up by 3 in it has what is left
     * between tube and ball, less what bushings give.
     */
    @Test
    void aBentBarIsWhereItIsBentTo() {
        Vehicle straight = made(BarSolidTest::bushed);
        Vehicle bent = made(make -> bushed(make).withShape(Optional.of(UP)));
        Vector3D ball = middle(straight);
        double give = 0.0762 - TUBE - 0.0254 - room(bent, ball);
        assertThat(room(straight, ball)).isNegative();
        assertThat(give).as("what bushings give").isBetween(-1e-9, 0.005);
        Vector3D under = ball.subtract(new Vector3D(0, 0, 0.0762));
        Vehicle down = made(make -> bushed(make).withShape(Optional.of(UP.withTurned(Math.PI))));
        assertThat(room(down, under)).isNegative();
        assertThat(room(bent, under)).isPositive();
    }

    /** Between two balls it turns over: 25 degrees swing its middle by 3 in x sin 25 to either side, where a ball stands then. */
    @Test
    void betweenTwoBallsItIsWhereverItCanTurnOverTo() {
        Vehicle loose = made(make -> make.withShape(Optional.of(UP)));
        Vehicle held = made(make -> bushed(make).withShape(Optional.of(UP)));
        Axle rear = loose.axle(AxlePlace.REAR).orElseThrow();
        BarTurn turn = BarTurn.of(loose, rear, link(loose)).orElseThrow();
        double limit = JointBolts.of(rear, loose.wheelbase()).ends().stream()
                .filter(end -> end.link().equals(LINK))
                .mapToDouble(end -> end.limit(loose, rear))
                .min()
                .orElseThrow();
        assertThat(turn.free(loose, rear, 1)).isCloseTo(limit, within(Math.toRadians(1)));
        assertThat(turn.free(loose, rear, -1)).isCloseTo(limit, within(Math.toRadians(1)));
        assertThat(BarTurn.of(held, held.axle(AxlePlace.REAR).orElseThrow(), link(held))
                        .orElseThrow()
                        .free(held, rear, 1))
                .isZero();
        Vector3D out = turn.out();
        Vector3D beside = Vector3D.crossProduct(turn.along(), out);
        for (int side = -1; side <= 1; side += 2) {
            Vector3D there = middle(loose)
                    .add(new Vector3D(0.0762 * Math.cos(limit), out, side * 0.0762 * Math.sin(limit), beside))
                    .add(new Vector3D(side * 0.045, beside));
            assertThat(room(loose, there)).isNegative();
            assertThat(room(held, there)).isPositive();
        }
    }

    /** A bar goes with its bolts: both bushings are on the frame's own axis and the axle's, which rolls with the wheels. */
    @Test
    void itTurnsWithItsBoltsAndStaysBetweenItsPins() {
        Vehicle bent = made(make -> bushed(make).withShape(Optional.of(UP)));
        AxleModel model = new AxleModel(bent, AxlePlace.REAR);
        BarTurn turn = BarTurn.of(bent, model.axle(), link(bent)).orElseThrow();
        assertThat(turn.since(model.motion()).getAngle()).isCloseTo(0, within(1e-9));
        assertThat(model.moveTo(new WheelTravel(0.08, -0.08))).isTrue();
        Vector3D from = at(model, link(bent).from());
        Vector3D to = at(model, link(bent).to());
        Vector3D line = turn.since(model.motion()).applyTo(turn.along());
        assertThat(Vector3D.distance(line, to.subtract(from).normalize())).isCloseTo(0, within(1e-12));
        // The frame's bolt stays across; the axle's leans with the axle: the bar between leans by half of that.
        Vector3D beside = turn.since(model.motion()).applyTo(Vector3D.crossProduct(turn.along(), turn.out()));
        double axle = Math.asin(model.motion().turned(2, 0, 1, 0));
        assertThat(Math.abs(axle)).isGreaterThan(Math.toRadians(4));
        assertThat(Math.abs(Math.asin(beside.getZ()))).isCloseTo(Math.abs(axle) / 2, within(Math.toRadians(1)));
    }

    private static Vector3D at(AxleModel model, String mount) {
        int index = model.axle().mountIndex(mount);
        return model.motion().mount(index);
    }

    /** By hand: bent towards its bolt, an end stands off by its bend's slope, atan(3 / 13.78); squarely bent it does not. */
    @Test
    void anEndThatIsBentTowardsItsBoltTiltsItsJoint() {
        double slope = Math.atan2(0.0762, 0.35);
        for (double turned : new double[] {0, Math.PI / 2}) {
            LinkEnd end = LinkEnd.of(LinkEnd.Kind.CUP).withBolt(Optional.of(BoltWay.ACROSS));
            Vehicle bent = made(
                    make -> make.withShape(Optional.of(UP.withTurned(turned))).withFrom(Optional.of(end)));
            Axle rear = bent.axle(AxlePlace.REAR).orElseThrow();
            Vehicle straight = made(make -> make.withFrom(Optional.of(end)));
            double tilt = tilt(bent, rear);
            double before = tilt(straight, straight.axle(AxlePlace.REAR).orElseThrow());
            assertThat(Math.abs(tilt - before))
                    .isCloseTo(turned == 0 ? 0 : slope, within(Math.toRadians(turned == 0 ? 0.6 : 0.2)));
        }
    }

    private static double tilt(Vehicle vehicle, Axle axle) {
        List<JointBolts.End> ends = JointBolts.of(axle, vehicle.wheelbase()).ends();
        AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
        for (int i = 0; i < ends.size(); i++) {
            if (ends.get(i).link().equals(LINK) && ends.get(i).first()) {
                return new JointMisalignment(vehicle, axle).tilt(model.motion(), i);
            }
        }
        throw new AssertionError("no such end");
    }

    /** A leg of a wishbone is welded to the other: bent or not, it can't turn over, whatever its ends are. */
    @Test
    void aLegOfAWishboneDoesNotTurnOver() {
        Vehicle plover = Examples.vehicle("plover.palanca.json");
        Axle front = plover.axle(AxlePlace.FRONT).orElseThrow();
        Link leg = front.links().stream().filter(front::welded).findFirst().orElseThrow();
        double middle = front.pinToPin(leg, plover.wheelbase()) / 2;
        Link bent = leg.withMake(LinkMake.USUAL.withShape(
                Optional.of(new BarShape(0, List.of(new BarBend(middle, 0.02, 0.1)), OptionalDouble.empty()))));
        Axle made = front.withLink(bent);
        BarTurn turn = BarTurn.of(plover.withAxle(made), made, bent).orElseThrow();
        assertThat(turn.held()).isTrue();
        assertThat(turn.free(plover, made, 1)).isZero();
    }
}
