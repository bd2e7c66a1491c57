package org.palanca.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import org.hipparchus.geometry.euclidean.threed.Line;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.Examples.RearAxle;
import org.palanca.base.geometry.InstantCentre;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Vehicle;

/** Results against formulas and constructions worked by hand. The source stands at each check. */
class ClosedFormTest {
    private static final double TEST_RELATIVE = 1e-9;

    private static Vector3D at(double ahead, double out, double up) {
        return new Vector3D(ahead, out, up);
    }

    private static double value(Vehicle vehicle, String id) {
        AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
        Outcome outcome = model.outcome(model.result(id));
        assertThat(outcome).as(id + " " + outcome).isInstanceOf(Outcome.Value.class);
        return outcome.number();
    }

    /** Links parallel in side view at an angle a: anti-squat = 100 tan(a) L / h; Gillespie (1992), ch. 7. */
    @Test
    void parallelLinksGiveTheTangentOfTheirSlope() {
        double rise = 0.09;
        Vehicle vehicle = new RearAxle()
                .wheelbase(2.7, 0.75)
                .pair("upper", LinkRole.UPPER, at(0.6, 0.45, 0.65 + rise * 0.6), at(0, 0.1, 0.65))
                .pair("lower", LinkRole.LOWER, at(0.9, 0.4, 0.35 + rise * 0.9), at(0, 0.5, 0.35))
                .build();
        assertThat(value(vehicle, "anti_squat")).isCloseTo(100 * rise * 2.7 / 0.75, within(100 * TEST_RELATIVE));
        AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
        Outcome ahead = model.outcome(model.result("instant_centre_ahead"));
        assertThat(ahead).isInstanceOf(Outcome.AtInfinity.class);
        assertThat(((Outcome.AtInfinity) ahead).slope()).isCloseTo(rise, within(TEST_RELATIVE));
        assertThat(model.motion().instantCentre()).isInstanceOf(InstantCentre.AtInfinity.class);
    }

    /**
     * Level lowers at 18 in, uppers' separation at the frame three quarters of that at the axle, 39 in links: 156 in to
     * the instant centre, 18/156 for the reaction line, about 37 % at L/h = 3.2. Common practice, no source; the sum is
     * worked by hand.
     */
    @Test
    void separationOfThreeQuartersGivesAboutThirtySevenPercent() {
        double wheelbase = inches(112);
        double height = inches(35);
        Vehicle vehicle = new RearAxle()
                .wheelbase(wheelbase, height)
                .pair("upper", LinkRole.UPPER, at(inches(39), 0.4, inches(25.5)), at(0, 0.1, inches(28)))
                .pair("lower", LinkRole.LOWER, at(inches(39), 0.4, inches(18)), at(0, 0.5, inches(18)))
                .build();
        assertThat(value(vehicle, "instant_centre_ahead")).isCloseTo(inches(156), within(1e-8));
        assertThat(value(vehicle, "anti_squat"))
                .isCloseTo(100 * 18.0 / 156 * 3.2, within(1e-7))
                .isBetween(36.0, 38.0);
    }

    /** A level panhard in the wheel-centre plane puts the roll centre at its height; Milliken (1995), ch. 17. */
    @Test
    void levelPanhardSetsTheRollCentreHeight() {
        Vehicle vehicle = new RearAxle()
                .pair("lower", LinkRole.LOWER, at(0.9, 0.45, 0.4), at(0, 0.45, 0.35))
                .link("upper", LinkRole.UPPER, at(0.8, 0.1, 0.66), at(0, 0.1, 0.64))
                .link("panhard", LinkRole.PANHARD, at(0, 0.5, 0.53), at(0, -0.5, 0.53))
                .build();
        assertThat(value(vehicle, "roll_centre_height")).isCloseTo(0.53, within(1e-9));
    }

    /**
     * Construction by projection for a symmetric triangulated four-link: the roll axis passes through the plan crossing
     * of each pair (worst case on paper: the links' own lines meet there). The side-view instant centre is where the
     * pairs' side projections cross. Milliken and Milliken (1995), ch. 17, named from memory; worked here with lines.
     */
    @Test
    void projectionConstructionAgrees() {
        Vector3D upperFrame = at(0.62, 0.4, 0.63);
        Vector3D upperAxle = at(0.05, 0.12, 0.7);
        Vector3D lowerFrame = at(1.0, 0.25, 0.5);
        Vector3D lowerAxle = at(0, 0.5, 0.38);
        Vehicle vehicle = new RearAxle()
                .pair("upper", LinkRole.UPPER, upperFrame, upperAxle)
                .pair("lower", LinkRole.LOWER, lowerFrame, lowerAxle)
                .build();
        Vector3D uppersMeet = meetsCentrePlane(upperFrame, upperAxle);
        Vector3D lowersMeet = meetsCentrePlane(lowerFrame, lowerAxle);
        double slope = (uppersMeet.getZ() - lowersMeet.getZ()) / (uppersMeet.getX() - lowersMeet.getX());
        double height = uppersMeet.getZ() - slope * uppersMeet.getX();
        assertThat(value(vehicle, "roll_centre_height")).isCloseTo(height, within(1e-9));
        assertThat(Math.tan(value(vehicle, "roll_axis_slope"))).isCloseTo(slope, within(1e-9));
        assertThat(value(vehicle, "roll_steer")).isCloseTo(-100 * slope, within(1e-7));

        Line upper = new Line(flat(upperFrame), flat(upperAxle), 1e-12);
        Line lower = new Line(flat(lowerFrame), flat(lowerAxle), 1e-12);
        Vector3D centre = upper.intersection(lower);
        assertThat(value(vehicle, "instant_centre_ahead")).isCloseTo(centre.getX(), within(1e-8));
        assertThat(value(vehicle, "instant_centre_height")).isCloseTo(centre.getZ(), within(1e-8));
    }

    private static Vector3D meetsCentrePlane(Vector3D a, Vector3D b) {
        double times = a.getY() / (a.getY() - b.getY());
        return a.add(b.subtract(a).scalarMultiply(times));
    }

    private static Vector3D flat(Vector3D v) {
        return new Vector3D(v.getX(), 0, v.getZ());
    }

    /** A rear roll axis that runs nose down is roll understeer: the convention of the definitions, by a worked number. */
    @Test
    void noseDownRollAxisIsUndersteer() {
        AxleModel model = new AxleModel(Examples.tarn(), AxlePlace.REAR);
        double slope = model.outcome(model.result("roll_axis_slope")).number();
        double steer = model.outcome(model.result("roll_steer")).number();
        assertThat(slope).isNegative();
        assertThat(steer).isPositive();
        // Left turn: the body rolls left side up by 3 degrees, so the axle rolls by -3; it must then point left.
        double axleRoll = Math.toRadians(-3);
        WheelTravel travel = WheelTravel.RIDE.plusRoll(axleRoll, model.axle().track());
        assertThat(model.moveTo(travel)).isTrue();
        double yaw = model.outcome(model.result("axle_steer")).number();
        assertThat(yaw).isPositive().isCloseTo(Math.tan(slope) * axleRoll, within(2e-3));
    }

    /** Mirror the vehicle and the pose: every result mirrors. */
    @Test
    void mirroredVehicleGivesMirroredResults() {
        Vector3D[] f = {at(0.7, 0.42, 0.66), at(0.72, -0.36, 0.64), at(0.95, 0.4, 0.5), at(0.9, -0.44, 0.48)};
        Vector3D[] a = {at(0.05, 0.1, 0.7), at(0.04, -0.15, 0.69), at(0, 0.5, 0.38), at(0.02, -0.48, 0.37)};
        RearAxle straight = new RearAxle();
        RearAxle mirrored = new RearAxle();
        String[] names = {"upper one", "upper two", "lower one", "lower two"};
        for (int i = 0; i < 4; i++) {
            LinkRole role = i < 2 ? LinkRole.UPPER : LinkRole.LOWER;
            straight.link(names[i], role, f[i], a[i]);
            mirrored.link(names[i], role, RearAxle.across(f[i]), RearAxle.across(a[i]));
        }
        AxleModel one = new AxleModel(straight.build(), AxlePlace.REAR);
        AxleModel other = new AxleModel(mirrored.build(), AxlePlace.REAR);
        assertThat(one.moveTo(0.05, -0.07)).isTrue();
        assertThat(other.moveTo(-0.07, 0.05)).isTrue();
        for (Result result : one.results()) {
            boolean odd = result.id().equals("side_shift") || result.id().equals("axle_steer");
            double expected = one.outcome(result).number() * (odd ? -1 : 1);
            assertThat(other.outcome(other.result(Examples.across(result.id()))).number())
                    .as(result.id())
                    .isCloseTo(expected, within(1e-9 * Math.max(1, Math.abs(expected))));
        }
    }

    /** A shorter upper link turned in without moving its bracket changes caster and pinion at ride, by degrees. */
    @Test
    void turningAnUpperLinkInTurnsTheAxle() {
        Vehicle tarn = Examples.tarn();
        AxleModel before = new AxleModel(tarn, AxlePlace.FRONT);
        var upper = before.axle().link("upper").orElseThrow();
        double length = before.outcome(before.result("link_length.upper")).number();
        Vehicle turned = tarn.withAxle(
                before.axle().withLink(upper.withLength(java.util.OptionalDouble.of(length - inches(0.5)))));
        AxleModel after = new AxleModel(turned, AxlePlace.FRONT);
        double caster = after.outcome(after.result("caster")).number()
                - before.outcome(before.result("caster")).number();
        // About the length change over the separation at the axle: 1/2 in over 9 1/2 in is 3 degrees.
        assertThat(Math.toDegrees(Math.abs(caster))).isBetween(2.0, 4.0);
        assertThat(after.outcome(after.result("link_length.upper")).number())
                .isCloseTo(length - inches(0.5), within(1e-9));
    }

    @Test
    void everyResultOfEveryExampleHasANumber() {
        for (String file : Examples.FILES) {
            Vehicle vehicle = Examples.vehicle(file);
            vehicle.axles().forEach(axle -> {
                AxleModel model = new AxleModel(vehicle, axle.place());
                model.moveTo(0, 0, 0.5);
                for (Result result : model.results()) {
                    assertThat(model.outcome(result).number())
                            .as(file + " " + result.id())
                            .isNotNaN();
                    assertThat(result.quantity()).isIn((Object[]) Quantity.values());
                }
            });
        }
    }
}
