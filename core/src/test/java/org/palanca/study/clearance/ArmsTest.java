package org.palanca.study.clearance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.palanca.Examples;
import org.palanca.Sprung;
import org.palanca.Starts;
import org.palanca.base.solid.BodyFrame;
import org.palanca.base.solid.Convex;
import org.palanca.base.solid.Gap;
import org.palanca.base.solid.Solid;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Upright;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.layout.StarterSteering;

/** What locates and steers an axle and is no link: compared like everything else, at the place it really takes. */
class ArmsTest {
    private static Vehicle start(SuspensionType type, StarterSteering steering) {
        return Starts.front(Use.TRAIL, inches(106), inches(35), type, steering);
    }

    private static Vehicle moved(Vehicle vehicle, String mount, double ahead, double out, double up) {
        Axle axle = vehicle.axle(AxlePlace.FRONT).orElseThrow();
        Mount old = axle.mount(mount).orElseThrow();
        Placement.Taped taped = (Placement.Taped) old.placement();
        return vehicle.withAxle(axle.withMount(old.withPlacement(
                new Placement.Taped(taped.ahead() + ahead, taped.side(), taped.out() + out, taped.up() + up))));
    }

    private static Clearances clearances(Vehicle vehicle) {
        return new Clearances(new AxleModel(vehicle, AxlePlace.FRONT));
    }

    private static double gap(Clearances clearances, String one, String other) {
        for (int k = 0; k < clearances.pairs().size(); k++) {
            Clearances.Pair pair = clearances.pairs().get(k);
            Set<String> ids = Set.of(
                    clearances.things().get(pair.one()).id().toString(),
                    clearances.things().get(pair.other()).id().toString());
            if (ids.equals(Set.of(one, other))) {
                return clearances.gap(k);
            }
        }
        throw new AssertionError(one + " and " + other + " are not compared");
    }

    /** Which bodies that are no links each layout is drawn with. */
    @ParameterizedTest
    @CsvSource({
        "RADIUS_ARMS, PITMAN, arm left;arm right;pitman;knuckle left;knuckle right;upright left;upright right",
        "WATTS_ON_AXLE, NONE, bellcrank",
        "TORQUE_ARM, NONE, torque arm",
        "LEAF_SPRINGS, RAM, spring left;spring right;shackle of spring left;shackle of spring right;ram;rack;knuckle left;knuckle right;upright left;upright right",
        "STRUT, RACK, strut left;strut right;rack guide;rack;upright left;upright right",
        "SEMI_TRAILING, NONE, knuckle left;knuckle right;upright left;upright right",
        "FIVE_LINK, REVERSING_RELAY, pitman;relay;knuckle left;knuckle right;upright left;upright right",
        "FIVE_LINK, TWO_BOXES, pitman left;pitman right;knuckle left;knuckle right;upright left;upright right",
        "TRAILING_ARMS, NONE, ''",
        "DOUBLE_WISHBONE, NONE, upright left;upright right",
    })
    void everyArmIsDrawn(SuspensionType type, StarterSteering steering, String arms) {
        Set<String> drawn = CollisionBodies.of(new AxleModel(start(type, steering), AxlePlace.FRONT)).stream()
                .filter(thing -> thing.sort() == CollisionId.Sort.ARM)
                .map(CollisionBody::subject)
                .collect(Collectors.toSet());
        assertThat(String.join(";", drawn).isEmpty() ? Set.of("") : drawn).isEqualTo(Set.of(arms.split(";")));
    }

    /** A sway bar runs across between its arms; a torsion bar, whose length nothing tells, is said to be looked at by nothing. */
    @Test
    void aSwayBarRunsAcross() {
        Vehicle rockers = Sprung.rockers();
        AxleModel model = new AxleModel(rockers, AxlePlace.REAR);
        Axle axle = model.axle();
        CollisionBody bar = CollisionBodies.of(model).stream()
                .filter(thing -> thing.id().toString().equals("arm:sway bar"))
                .findFirst()
                .orElseThrow();
        Vector3D sum = Vector3D.ZERO;
        for (String pin : List.of("bar pin left", "bar pin right")) {
            for (Joint joint : axle.joints()) {
                if (joint.name().equals(pin)) {
                    for (String mount : joint.mounts()) {
                        sum = sum.add(axle.position(mount, rockers.wheelbase()));
                    }
                }
            }
        }
        Vector3D under = sum.scalarMultiply(0.25).subtract(new Vector3D(0, 0, 0.1));
        // As far out as its outer pins, 0.35 m, and no farther.
        assertThat(bar.solid().reach()).isCloseTo(0.35 + inches(0.5), within(1e-9));
        Solid ball = Solid.of(List.of(Convex.ball(under, 0.01)));
        double found = new Gap().between(bar.solid(), new BodyFrame(), ball, new BodyFrame());
        assertThat(found).isCloseTo(0.1 - 0.01 - inches(0.5), within(1e-9));
        assertThat(CollisionBodies.notDrawn(rockers, axle).stream().map(Examples.WORDS::text))
                .anyMatch(text -> text.startsWith("The torsion bars are compared with nothing"));
    }

    /** What has no mounts to be drawn between is said to be compared with nothing. */
    @Test
    void whatIsNotDrawnIsSaid() {
        String untold = "The brakes at the wheels are compared with nothing until their size is typed: ";
        String brakes = untold + "in Axle, with the uprights.";
        String ofHousing = untold + "in Housing, with what is measured across.";
        assertThat(said(start(SuspensionType.TRAILING_ARMS, StarterSteering.NONE)))
                .containsExactly(
                        "The arms that are welded to the housing are compared with nothing: no mount tells where they meet it. "
                                + "Describe them as parts to have them looked at.",
                        ofHousing);
        assertThat(said(start(SuspensionType.RADIUS_ARMS, StarterSteering.NONE)))
                .containsExactly(ofHousing);
        Vehicle wishbones = start(SuspensionType.DOUBLE_WISHBONE, StarterSteering.NONE);
        assertThat(said(wishbones)).containsExactly(brakes);
        Axle axle = wishbones.axle(AxlePlace.FRONT).orElseThrow();
        Upright braked = new Upright(inches(1), inches(4), inches(3), inches(12), inches(2));
        assertThat(said(wishbones.withAxle(axle.withWheels(axle.wheels().withUpright(braked)))))
                .isEmpty();
    }

    private static List<String> said(Vehicle vehicle) {
        Axle axle = vehicle.axle(AxlePlace.FRONT).orElseThrow();
        return CollisionBodies.notDrawn(vehicle, axle).stream()
                .map(Examples.WORDS::text)
                .toList();
    }

    /**
     * A tie rod level across under a pitman arm level along: the one straight over the other, so the gap is the height between
     * them less both radii.
     */
    @Test
    void aTieRodMeetsThePitmanArm() {
        Vehicle start = start(SuspensionType.FIVE_LINK, StarterSteering.PITMAN);
        Axle axle = start.axle(AxlePlace.FRONT).orElseThrow();
        Vector3D pin = axle.position("pitman axis", start.wheelbase());
        Vector3D end = axle.position("pitman end", start.wheelbase());
        Vector3D rod = axle.position("tie rod left", start.wheelbase());
        // Half way along the arm, 2 1/2 in lower.
        double ahead = (pin.getX() + end.getX()) / 2 - rod.getX();
        Vehicle under = moved(start, "tie rod left", ahead, 0, end.getZ() - inches(2.5) - rod.getZ());
        double tube = start.hardware().tubeDiameter() / 2;
        assertThat(gap(clearances(under), "link:tie rod", "arm:pitman"))
                .isCloseTo(inches(2.5) - tube - inches(0.5), within(1e-6));
    }

    /** A tyre turned on its lock reaches in to a leaf spring: an eighth narrower is an eighth freer. */
    @Test
    void aTyreOnItsLockMeetsALeafSpring() {
        Vehicle start = start(SuspensionType.LEAF_SPRINGS, StarterSteering.RAM);
        Clearances before = clearances(start);
        assertThat(gap(before, "tyre:left", "arm:spring left")).isPositive();
        double straight = gap(before, "tyre:left", "arm:spring left");
        assertThat(before.moveTo(new WheelTravel(0, 0, 1))).isTrue();
        double oneLock = gap(before, "tyre:left", "arm:spring left");
        assertThat(before.moveTo(new WheelTravel(0, 0, -1))).isTrue();
        double otherLock = gap(before, "tyre:left", "arm:spring left");
        assertThat(Math.min(oneLock, otherLock)).isLessThan(straight - inches(1));

        // Straight ahead the spring lies along the tyre: its flat side is half its width nearer than its middle.
        Axle axle = start.axle(AxlePlace.FRONT).orElseThrow();
        double face = (axle.track() - axle.tyre().width()) / 2;
        double middle = axle.position("spring seat left", start.wheelbase()).getY();
        assertThat(straight).isCloseTo(face - middle - inches(1.25), within(inches(1.0 / 32)));
    }

    /** A spring stays flat in bump: what passes over its leaves is as far off as its thickness leaves it. */
    @Test
    void aLeafSpringStaysFlat() {
        Clearances leaf = clearances(start(SuspensionType.LEAF_SPRINGS, StarterSteering.NONE));
        for (double travel : new double[] {0, 0.07, -0.07}) {
            assertThat(leaf.moveTo(WheelTravel.both(travel))).isTrue();
            Vector3D across = axisAcross(leaf);
            assertThat(across.getZ()).isCloseTo(0, within(1e-12));
            assertThat(Math.abs(across.getY())).isGreaterThan(0.99);
        }
    }

    private static Vector3D axisAcross(Clearances clearances) {
        CollisionBody spring = clearances.things().stream()
                .filter(thing -> thing.id().toString().equals("arm:spring left"))
                .findFirst()
                .orElseThrow();
        BodyFrame place = new BodyFrame();
        spring.carrier().locate(clearances.model(), place);
        return place.at(Vector3D.PLUS_J).subtract(place.at(Vector3D.ZERO));
    }

    /** A radius arm that stands too far out is met by the tyre on its lock. */
    @Test
    void aTyreOnItsLockMeetsARadiusArm() {
        Vehicle wide = start(SuspensionType.RADIUS_ARMS, StarterSteering.PITMAN);
        for (String mount : List.of("arm pivot left", "arm front bushing left", "arm rear bushing left")) {
            wide = moved(wide, mount, 0, inches(7), 0);
        }
        Clearances clearances = clearances(wide);
        double straight = gap(clearances, "tyre:left", "arm:arm left");
        assertThat(straight).isPositive();
        double least = straight;
        for (int lock = -1; lock <= 1; lock += 2) {
            assertThat(clearances.moveTo(new WheelTravel(0, 0, lock))).isTrue();
            least = Math.min(least, gap(clearances, "tyre:left", "arm:arm left"));
        }
        assertThat(least).isNegative();
    }

    /** A bracket of the housing inside a wheel is in the wheel, though the two never move against each other. */
    @Test
    void aBracketInAWheelIsNamedAtRide() {
        Vehicle start = start(SuspensionType.FIVE_LINK, StarterSteering.NONE);
        assertThat(inWheel(start)).isFalse();
        assertThat(inWheel(moved(start, "lower axle left", 0, inches(12), 0))).isTrue();
    }

    private static boolean inWheel(Vehicle vehicle) {
        Clearances clearances = clearances(vehicle);
        for (int k = 0; k < clearances.pairs().size(); k++) {
            Clearances.Pair pair = clearances.pairs().get(k);
            String ids = "" + clearances.things().get(pair.one()).id()
                    + clearances.things().get(pair.other()).id();
            if (clearances.atRide(k) && ids.contains("tyre:left") && ids.contains("lower")) {
                return true;
            }
        }
        return false;
    }
}
