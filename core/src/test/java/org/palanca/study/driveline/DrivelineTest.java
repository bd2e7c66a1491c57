package org.palanca.study.driveline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.base.geometry.Side;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.assessment.ShaftVerdicts;
import org.palanca.study.clearance.DifferentialRoom;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Differential;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.work.ServiceMoment;

/** Joints against the published closed form and against yokes and crosses turned in space. */
class DrivelineTest {
    private static final double H = 1e-6;

    /** tan(out) = tan(in) / cos(beta) or cos(beta), by where the turn is counted from: SAE AE-7 and Shigley, from memory. */
    @Test
    void oneJointKeepsThePublishedForm() {
        double beta = Math.toRadians(20);
        for (double turn = 0.05; turn < 6.2; turn += 0.3) {
            double out = CardanJoint.turned(turn, beta);
            assertThat(Math.tan(out)).isCloseTo(Math.cos(beta) * Math.tan(turn), within(1e-9));
            double slope = (CardanJoint.turned(turn + H, beta) - CardanJoint.turned(turn - H, beta)) / (2 * H);
            assertThat(CardanJoint.ratio(turn, beta)).isCloseTo(slope, within(1e-6));
        }
        assertThat(CardanJoint.ratio(0, beta)).isCloseTo(Math.cos(beta), within(1e-12));
        assertThat(CardanJoint.ratio(Math.PI / 2, beta)).isCloseTo(1 / Math.cos(beta), within(1e-12));
        // At 20 degrees the table value is 12.4 %: 1 / 0.9397 - 0.9397.
        assertThat(CardanJoint.fluctuation(beta)).isCloseTo(0.1245, within(1e-4));
    }

    /**
     * Two crosses in space: each carries a pin of the yoke before and a pin of the yoke after, square to one another. The
     * turning of each yoke is found from that alone.
     */
    @Test
    void twoJointsTurnAsTheirCrossesDo() {
        Vector3D out = new Vector3D(1, 0, 0);
        Vector3D shaft = new Vector3D(Math.cos(0.3), Math.sin(0.3) * 0.8, Math.sin(0.3) * 0.6).normalize();
        Vector3D into = new Vector3D(0.95, -0.1, 0.25).normalize();
        for (double phase : new double[] {0, 0.4}) {
            ShaftTurning turning = turning(out, shaft, into, phase);
            double least = Double.MAX_VALUE;
            double most = 0;
            for (double turn = 0; turn < Math.PI; turn += Math.PI / 720) {
                double ratio =
                        (crosses(out, shaft, into, phase, turn + 1e-5) - crosses(out, shaft, into, phase, turn - 1e-5))
                                / 2e-5;
                least = Math.min(least, ratio);
                most = Math.max(most, ratio);
            }
            assertThat(turning.fluctuation()).isCloseTo(most - least, within(1e-4));
        }
    }

    private static ShaftTurning turning(Vector3D out, Vector3D shaft, Vector3D into, double phase) {
        ShaftRun run =
                new ShaftRun(shaft, 1, Vector3D.angle(out, shaft), Vector3D.angle(shaft, into), 0, out, shaft, into);
        Driveline line = new Driveline(Vector3D.ZERO, 0, 0, 0, 0, 0).withPhase(phase);
        return ShaftTurning.of(run, line);
    }

    /** How far the last yoke has turned when the first has turned by an angle. */
    private static double crosses(Vector3D out, Vector3D shaft, Vector3D into, double phase, double turn) {
        Vector3D pin =
                turned(out, turn).applyTo(Vector3D.crossProduct(out, shaft).normalize());
        Vector3D afterFirst = square(shaft, pin);
        Vector3D beforeSecond = turned(shaft, phase).applyTo(afterFirst);
        Vector3D last = square(into, beforeSecond);
        Vector3D zero = Vector3D.crossProduct(out, shaft).normalize();
        Vector3D reference = zero.subtract(zero.dotProduct(into), into).normalize();
        double angle = Math.atan2(Vector3D.crossProduct(reference, last).dotProduct(into), reference.dotProduct(last));
        // Pins have no ends: half turns are the same.
        double guess = turn;
        return angle + Math.PI * Math.rint((guess - angle) / Math.PI);
    }

    private static Rotation turned(Vector3D axis, double angle) {
        return new Rotation(axis, angle, RotationConvention.VECTOR_OPERATOR);
    }

    /** The pin of a yoke on a shaft that is square to the cross's other pin. */
    private static Vector3D square(Vector3D shaft, Vector3D pin) {
        return Vector3D.crossProduct(pin, shaft).normalize();
    }

    @Test
    void equalAnglesInOnePlaneCancel() {
        Vector3D out = new Vector3D(1, 0, 0);
        Vector3D shaft = new Vector3D(Math.cos(0.2), 0, -Math.sin(0.2));
        assertThat(turning(out, shaft, out, 0).fluctuation()).isLessThan(1e-9);
        assertThat(turning(out, shaft, out, 0).residual()).isLessThan(1e-6);
        // Yokes a quarter turn out of phase add instead: beta sqrt 2.
        assertThat(turning(out, shaft, out, Math.PI / 2).residual()).isCloseTo(0.2 * Math.sqrt(2), within(1e-6));
        assertThat(turning(out, shaft, out, Math.PI / 2).fluctuation())
                .isCloseTo(2 * CardanJoint.fluctuation(0.2), within(2e-3));
    }

    /** To second order a train turns as unevenly as one joint of the residual angle. */
    @Test
    void theResidualAngleTellsTheFluctuationOfSmallAngles() {
        Vector3D out = new Vector3D(1, 0, 0);
        Vector3D shaft = new Vector3D(1, 0.08, -0.1).normalize();
        Vector3D into = new Vector3D(1, -0.03, 0.04).normalize();
        ShaftTurning turning = turning(out, shaft, into, 0);
        assertThat(turning.fluctuation())
                .isCloseTo(CardanJoint.fluctuation(turning.residual()), within(0.03 * turning.fluctuation()));
    }

    @Test
    void pinionsPointAsTheirSchoolWants() {
        Vehicle tarn = Examples.tarn();
        Driveline line = tarn.build().surroundings(AxlePlace.REAR).driveline().orElseThrow();
        PinionAdvice parallel = PinionAdvice.of(tarn, AxlePlace.REAR, line);
        // Parallel to a gearbox's shaft that drops 3 degrees rearward is a nose up by 3 degrees.
        assertThat(parallel.wanted().orElseThrow()).isCloseTo(Math.toRadians(3), within(1e-6));
        Driveline twin = line.withJoints(Driveline.Joints.DOUBLE_AT_GEARBOX);
        PinionAdvice pointing = PinionAdvice.of(tarn, AxlePlace.REAR, twin);
        Vehicle turned =
                PinionAdvice.turned(tarn, AxlePlace.REAR, pointing.wanted().orElseThrow());
        ShaftRun run = ShaftRun.at(new AxleModel(turned, AxlePlace.REAR), twin);
        Vector3D side = new Vector3D(run.way().getX(), 0, run.way().getZ());
        assertThat(Vector3D.angle(side, run.pinionWay())).isLessThan(1e-6);
    }

    /** Raising the front pinion takes caster away degree for degree: a rule of the trade, common practice, no source. */
    @Test
    void casterIsPaidForPinionDegreeForDegree() {
        Vehicle tarn = Examples.tarn();
        Vehicle up = PinionAdvice.turned(
                tarn, AxlePlace.FRONT, tarn.axle(AxlePlace.FRONT).orElseThrow().pinion() + Math.toRadians(2));
        double before = caster(tarn);
        assertThat(caster(up)).isCloseTo(before - Math.toRadians(2), within(1e-12));
    }

    private static double caster(Vehicle vehicle) {
        return vehicle.axle(AxlePlace.FRONT).orElseThrow().caster().orElseThrow();
    }

    @Test
    void theStudyFindsTheWorstPoseAndATwistedAxleNoLongerCancels() {
        Vehicle tarn = Examples.tarn();
        ShaftStudy study = ShaftStudy.of(tarn, AxlePlace.REAR).orElseThrow();
        assertThat(study.at()).hasSize(5);
        for (ShaftStudy.At at : study.at()) {
            assertThat(study.worst().left(study.line())).isLessThanOrEqualTo(at.left(study.line()) + 1e-9);
        }
        assertThat(study.worst().pose().heave()).isNegative();
        Vehicle parallel = PinionAdvice.turned(tarn, AxlePlace.REAR, Math.toRadians(3));
        ShaftStudy even = ShaftStudy.of(parallel, AxlePlace.REAR).orElseThrow();
        assertThat(even.ride().turning().residual()).isLessThan(Math.toRadians(1.5));
        assertThat(even.at().get(3).turning().residual())
                .isGreaterThan(even.ride().turning().residual());
    }

    /** A half-shaft between joints at one height stands straight at ride and slides by its run's change. */
    @Test
    void halfShaftsBendAndSlideWithTheirWheels() {
        Vehicle plover = Examples.vehicle("plover.palanca.json");
        AxlePlace place = AxlePlace.REAR;
        double height = plover.axle(place).orElseThrow().tyre().loadedRadius();
        double line = plover.axle(place).orElseThrow().lineX(plover.wheelbase());
        HalfShafts shafts = new HalfShafts(new Vector3D(line, 0.15, height), 0.12, Math.toRadians(22), 0.05);
        Surroundings around = plover.build().surroundings(place).withHalfShafts(shafts);
        Vehicle driven = plover.withBuild(plover.build().with(place, around));
        AxleModel model = new AxleModel(driven, place);
        HalfShaftStudy.Shaft ride = HalfShaftStudy.at(model, shafts, Side.LEFT);
        assertThat(ride.inner()).isLessThan(Math.toRadians(1));
        model.moveTo(WheelTravel.both(0.05));
        HalfShaftStudy.Shaft up = HalfShaftStudy.at(model, shafts, Side.LEFT);
        assertThat(up.inner()).isCloseTo(Math.asin(0.05 / up.length()), within(Math.toRadians(1.5)));
        HalfShaftStudy study = HalfShaftStudy.of(driven, place).orElseThrow();
        assertThat(study.left().inner()).isGreaterThanOrEqualTo(up.inner());
        assertThat(study.left().plunge()).isPositive();
        List<BentJoint> joints = BentJoint.of(model, shafts);
        assertThat(joints).hasSize(4).noneMatch(BentJoint::binds);
        model.moveTo(WheelTravel.both(0.05));
        HalfShafts stiff = new HalfShafts(shafts.inner(), shafts.inset(), up.inner() / 2, shafts.plunge());
        assertThat(BentJoint.of(model, stiff).get(0).binds()).isTrue();
    }

    /** A double-Cardan joint shares its angle between two crosses, so it takes twice what one does. */
    @Test
    void aDoubleJointTakesTwiceTheAngle() {
        Vehicle tarn = Examples.tarn();
        Driveline line = tarn.build().surroundings(AxlePlace.REAR).driveline().orElseThrow();
        AxleModel model = new AxleModel(tarn, AxlePlace.REAR);
        double bent = ShaftRun.at(model, line).atOutput();
        Driveline tight = line.withLimit(0.6 * bent);
        assertThat(BentJoint.of(model, tight).get(0).binds()).isTrue();
        assertThat(BentJoint.of(model, tight.withJoints(Driveline.Joints.DOUBLE_AT_GEARBOX))
                        .get(0)
                        .binds())
                .isFalse();
        assertThat(BentJoint.of(model, tight.withJoints(Driveline.Joints.ONE))).hasSize(1);
    }

    private static Vehicle hung(Differential differential, UnaryOperator<Surroundings> how) {
        Vehicle plover = Examples.vehicle("plover.palanca.json");
        HalfShafts shafts = new HalfShafts(Vector3D.ZERO, 0.12, Math.toRadians(22), 0.05);
        Surroundings around = plover.build()
                .surroundings(AxlePlace.REAR)
                .withHalfShafts(shafts)
                .withDifferential(differential);
        return plover.withRails(Optional.empty()).withBuild(plover.build().with(AxlePlace.REAR, how.apply(around)));
    }

    /** 2 in to the left of the middle, as high as the wheels, inner joints 5 in out of it each way. */
    private static Differential offset() {
        Vehicle plover = Examples.vehicle("plover.palanca.json");
        double height = plover.axle(AxlePlace.REAR).orElseThrow().tyre().loadedRadius();
        double line = plover.axle(AxlePlace.REAR).orElseThrow().lineX(plover.wheelbase());
        return new Differential(
                new Vector3D(line, inches(2), height),
                Math.toRadians(-3),
                inches(10),
                inches(1.5),
                inches(5),
                inches(5),
                inches(4.5),
                OptionalDouble.of(inches(7)),
                inches(0.25));
    }

    /** By hand: an offset of 2 in makes the left shaft 4 in shorter than the right one, and bends and slides it more. */
    @Test
    void anOffsetDifferentialMakesTheHalfShaftsUnlike() {
        Vehicle driven = hung(offset(), around -> around);
        HalfShaftStudy study = HalfShaftStudy.of(driven, AxlePlace.REAR).orElseThrow();
        assertThat(study.right().ride() - study.left().ride()).isCloseTo(inches(4), within(1e-5));
        assertThat(study.left().inner()).isGreaterThan(study.right().inner());
        assertThat(study.left().order())
                .isCloseTo((study.left().shortest() + study.left().longest()) / 2, within(1e-12));
        assertThat(ShaftVerdicts.of(driven, AxlePlace.REAR).stream().map(one -> Examples.WORDS.text(one.message())))
                .anyMatch(text -> text.startsWith("Left half-shaft is"))
                .anyMatch(text -> text.startsWith("Right half-shaft is"))
                .anyMatch(text -> text.contains("the subframe is 7 1/2 in over its plates"));
    }

    /** By hand: nose down by 3 degrees, 10 in ahead, its line 1 1/2 in under the flanges. It stands still while the wheels move. */
    @Test
    void theShaftToAHungDifferentialStandsStill() {
        Differential hung = offset();
        Vector3D joint = hung.pinionJoint(AxlePlace.REAR);
        assertThat(joint.getX() - hung.middle().getX())
                .isCloseTo(
                        inches(10) * Math.cos(Math.toRadians(3)) - inches(1.5) * Math.sin(Math.toRadians(3)),
                        within(1e-9));
        assertThat(joint.getZ() - hung.middle().getZ())
                .isCloseTo(
                        -inches(10) * Math.sin(Math.toRadians(3)) - inches(1.5) * Math.cos(Math.toRadians(3)),
                        within(1e-9));
        Driveline line =
                new Driveline(joint.add(new Vector3D(0.9, 0, 0)), Math.toRadians(3), inches(12), 0, 0, inches(3));
        Vehicle driven = hung(hung, around -> around.withDriveline(line));
        AxleModel model = new AxleModel(driven, AxlePlace.REAR);
        ShaftRun ride = ShaftRun.at(model, line);
        assertThat(Vector3D.distance(ride.pinion(), joint)).isCloseTo(0, within(1e-12));
        assertThat(Math.toDegrees(ride.atPinion())).isCloseTo(3, within(1e-6));
        model.moveTo(WheelTravel.both(0.05));
        assertThat(ShaftRun.at(model, line).length()).isEqualTo(ride.length());
        assertThat(ShaftVerdicts.of(driven, AxlePlace.REAR).stream().map(one -> Examples.WORDS.text(one.message())))
                .anyMatch(text -> text.startsWith("The drive shaft stands still at 3.0° and 3.0°"));
    }

    /** By hand: a box 5 in over the flanges leaves half an inch over a housing of 4 1/2 in radius. */
    @Test
    void whatIsOverTheDifferentialIsHeldAgainstTheRule() {
        Differential hung = offset();
        double x = hung.middle().getX();
        double z = hung.middle().getZ() + inches(5);
        Part floor = new Part(
                "floor",
                BodyName.FRAME,
                Part.Kind.FIXED,
                new Part.BoxForm(new Box(x - 0.3, x + 0.3, -0.4, 0.4, z, z + 0.01)));
        assertThat(DifferentialRoom.of(hung(hung, around -> around.withParts(List.of(floor))), AxlePlace.REAR))
                .singleElement()
                .satisfies(one -> {
                    assertThat(Examples.WORDS.text(one.message())).contains("floor", "leaves", "1/2 in");
                    assertThat(one.good()).isTrue();
                });
        Part joined = new Part(
                "floor",
                BodyName.FRAME,
                Part.Kind.FIXED,
                floor.form(),
                Set.of("differential"),
                Optional.empty(),
                ServiceMoment.RIDE);
        assertThat(DifferentialRoom.of(hung(hung, around -> around.withParts(List.of(joined))), AxlePlace.REAR))
                .noneMatch(one -> Examples.WORDS.text(one.message()).contains("floor"));
    }
}
