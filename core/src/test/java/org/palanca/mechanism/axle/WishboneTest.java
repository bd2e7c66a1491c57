package org.palanca.mechanism.axle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.geometry.Side;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.CollisionBody;
import org.palanca.study.clearance.CollisionId;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.edit.MountMoves;
import org.palanca.vehicle.edit.ShockLayout;
import org.palanca.vehicle.edit.SpringingMoves;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterSteering;
import org.palanca.vehicle.layout.StarterVehicle;
import org.palanca.vehicle.springing.ShockSize;

/** Two legs that meet are an arm that carries things: it swings about its pivots with all that is on it. */
class WishboneTest {
    private static final ShockSize SIZE = new ShockSize("", 0.3, 0.4, 0.05, 0.06, 0.025);
    private static final AxlePlace FRONT = AxlePlace.FRONT;

    private final Vehicle bare = new StarterVehicle(
                    "arms",
                    Use.TRACK,
                    2.6,
                    0.66,
                    Optional.of(new StarterLayout(SuspensionType.DOUBLE_WISHBONE, StarterSteering.RACK)),
                    StarterLayout.of(SuspensionType.TRIANGULATED_BOTH))
            .build();
    private final Vehicle sprung = SpringingMoves.addShocks(bare, FRONT, SIZE, ShockLayout.COILOVER);

    private static Axle front(Vehicle vehicle) {
        return vehicle.axle(FRONT).orElseThrow();
    }

    private static Vector3D at(AxleModel model, String mount) {
        int index = model.axle().mountIndex(mount);
        return model.motion().mount(index);
    }

    /** By hand: the mount goes round the line of the pivots by the angle that takes the ball to where it is. */
    @Test
    void aMountOnAnArmSwingsAboutItsPivots() {
        AxleModel model = new AxleModel(sprung, FRONT);
        Vector3D from = at(model, "lower front pivot left");
        Vector3D axis = at(model, "lower rear pivot left").subtract(from).normalize();
        Vector3D ball = square(at(model, "lower ball left").subtract(from), axis);
        Vector3D mount = at(model, "coilover lower left").subtract(from);
        assertThat(model.moveTo(0.07, 0.02, 0.5)).isTrue();
        Vector3D now = square(at(model, "lower ball left").subtract(from), axis);
        double turned = Math.atan2(axis.dotProduct(ball.crossProduct(now)), ball.dotProduct(now));
        Vector3D byHand = new Rotation(axis, turned, RotationConvention.VECTOR_OPERATOR).applyTo(mount);
        assertThat(Math.abs(turned)).isGreaterThan(0.1);
        assertThat(Vector3D.distance(at(model, "coilover lower left").subtract(from), byHand))
                .isLessThan(1e-9);
    }

    private static Vector3D square(Vector3D one, Vector3D axis) {
        return one.subtract(one.dotProduct(axis), axis);
    }

    /** A shock on the lower arm is worked by a part of the travel that one on the upright has whole. */
    @Test
    void aShockOnTheArmMovesLessThanOneOnTheUpright() {
        Vehicle upright =
                MountMoves.onBody(sprung, new MountRef(FRONT, "coilover lower right"), BodyName.knuckle(Side.RIGHT));
        assertThat(front(upright).mount("coilover lower left").orElseThrow().body())
                .isEqualTo(BodyName.KNUCKLE_LEFT);
        double onArm = stroke(sprung);
        double onUpright = stroke(upright);
        assertThat(onArm / onUpright).isBetween(0.5, 0.8);
    }

    private static double stroke(Vehicle vehicle) {
        AxleModel model = new AxleModel(vehicle, FRONT);
        double before = at(model, "coilover upper left").distance(at(model, "coilover lower left"));
        assertThat(model.moveTo(0.03, 0.03)).isTrue();
        return before - at(model, "coilover upper left").distance(at(model, "coilover lower left"));
    }

    /** An outline on an arm goes with it, with no mount on it: in bump it meets a box that is 4 in over it at ride. */
    @Test
    void anOutlineOnAnArmGoesWithItAndMeetsWhatIsInItsWay() {
        Axle axle = front(bare);
        Vector3D middle = axle.position("lower ball left", bare.wheelbase())
                .add(axle.position("lower front pivot left", bare.wheelbase()))
                .scalarMultiply(0.5);
        Part gusset = new Part(
                "gusset", BodyName.LOWER_ARM_LEFT, Part.Kind.MOVING, new Part.PointsForm(List.of(middle), 0.03));
        Part box = new Part(
                "box",
                BodyName.FRAME,
                Part.Kind.FIXED,
                new Part.PointsForm(List.of(middle.add(new Vector3D(0, 0, 0.1))), 0.03));
        Vehicle vehicle = bare.withBuild(Build.NONE.with(FRONT, Surroundings.NONE.withParts(List.of(gusset, box))));
        assertThat(VehicleCheck.findings(vehicle))
                .noneMatch(finding -> finding.place().contains("parts"));
        Clearances clearances = new Clearances(new AxleModel(vehicle, FRONT));
        int pair = pair(clearances, "gusset", "box");
        assertThat(clearances.gap(pair)).isCloseTo(0.04, within(0.005));
        assertThat(clearances.moveTo(new WheelTravel(0.1, 0.1))).isTrue();
        assertThat(clearances.gap(pair)).isNegative();
        // Welded to its legs, it is not compared with them.
        assertThat(clearances.pairs())
                .noneMatch(one -> about(clearances, one, "gusset")
                        && (leg(clearances.things().get(one.one()))
                                || leg(clearances.things().get(one.other()))));
    }

    private static boolean leg(CollisionBody body) {
        return body.id().sort() == CollisionId.Sort.LINK
                && body.subject().startsWith("lower")
                && body.subject().endsWith("left");
    }

    private static boolean about(Clearances clearances, Clearances.Pair pair, String part) {
        return clearances.things().get(pair.one()).subject().equals(part)
                || clearances.things().get(pair.other()).subject().equals(part);
    }

    private static int pair(Clearances clearances, String one, String other) {
        for (int i = 0; i < clearances.pairs().size(); i++) {
            Clearances.Pair pair = clearances.pairs().get(i);
            if (about(clearances, pair, one) && about(clearances, pair, other)) {
                return i;
            }
        }
        throw new AssertionError("not compared");
    }

    @Test
    void anArmThatCanNotCarryIsNamed() {
        says(
                leg("lower front leg left", leg -> leg.withLength(OptionalDouble.of(0.3))),
                "left lower arm",
                "length of its own");
        says(
                leg(
                        "lower rear leg left",
                        leg -> new Link(
                                leg.name(),
                                leg.role(),
                                leg.from(),
                                leg.to(),
                                OptionalDouble.empty(),
                                OptionalDouble.of(1e6),
                                leg.make())),
                "left lower arm",
                "can’t give");
        String first = bare.axle(AxlePlace.REAR).orElseThrow().mounts().get(0).name();
        says(
                MountMoves.onBody(bare, new MountRef(AxlePlace.REAR, first), BodyName.LOWER_ARM_LEFT),
                "left lower arm, which this axle does not have");
    }

    private Vehicle leg(String name, UnaryOperator<Link> how) {
        Axle axle = front(sprung);
        return sprung.withAxle(
                axle.withLinkage(axle.linkage().mapLinks(link -> link.name().equals(name) ? how.apply(link) : link)));
    }

    private static void says(Vehicle vehicle, String... parts) {
        assertThat(VehicleCheck.findings(vehicle))
                .anySatisfy(finding ->
                        assertThat(Examples.WORDS.text(finding.message())).contains(parts));
    }
}
