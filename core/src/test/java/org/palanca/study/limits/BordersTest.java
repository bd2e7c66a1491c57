package org.palanca.study.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.Sprung;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.assessment.TravelGain;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.driveline.ShaftRun;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.ClearanceRules;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.springing.BumpStop;
import org.palanca.vehicle.springing.Coil;
import org.palanca.vehicle.springing.Coils;
import org.palanca.vehicle.springing.ShockSize;
import org.palanca.vehicle.springing.Strap;

/**
 * Each sort of limit by itself, on an axle whose level links of 2 m let it rise and fall all but upright: where it has to end
 * the travel is worked out by hand.
 */
class BordersTest {
    /** Shocks stand upright, 500 mm long at ride. */
    private static final double RIDE = 0.5;

    private static final double HAIR = 0.0015;

    private static Vehicle shocked(double collapsed, double extended, Coils coils) {
        return Sprung.withShocks(
                Sprung.level(),
                new Vector3D(0, 0.45, 0.5 + RIDE),
                new Vector3D(0, 0.45, 0.5),
                Optional.of(new ShockSize("test", collapsed, extended, 0.05, 0.08, 0.03)),
                coils);
    }

    private static TravelEnd end(Vehicle vehicle, TravelEnd.Way way) {
        return TravelEnd.of(limits(vehicle), way, 0);
    }

    private static Limits limits(Vehicle vehicle) {
        return new Limits(new Clearances(new AxleModel(vehicle, AxlePlace.REAR)));
    }

    /** Ended by what it should be, where it should be, and what is said to help does. */
    private static void endsAt(Vehicle vehicle, TravelEnd.Way way, Limit.Kind kind, double travel) {
        TravelEnd end = end(vehicle, way);
        assertThat(end.border().orElseThrow().limit().kind()).isEqualTo(kind);
        assertThat(end.travel()).isCloseTo(travel, within(HAIR));
        helps(vehicle, way, end);
    }

    private static void helps(Vehicle vehicle, TravelEnd.Way way, TravelEnd end) {
        List<TravelGain> gains = TravelGain.of(vehicle, AxlePlace.REAR, end, () -> true);
        assertThat(gains).as("what helps against %s", end.border()).isNotEmpty();
        for (TravelGain gain : gains) {
            assertThat(end(gain.after(), way).travel())
                    .as("%s", Examples.WORDS.text(gain.what()))
                    .isGreaterThan(end.travel());
        }
    }

    @Test
    void aShockIsHomeOrPulledOut() {
        Coils soft = new Coils(List.of(new Coil(20_000, 0.6, 0.1, OptionalDouble.empty())), 0.1);
        endsAt(shocked(0.43, 0.7, soft), TravelEnd.Way.UP, Limit.Kind.SHOCK_COLLAPSED, 0.07);
        endsAt(shocked(0.2, 0.56, soft), TravelEnd.Way.DOWN, Limit.Kind.SHOCK_EXTENDED, 0.06);
    }

    /** 100 mm of room, 20 mm of preload and 30 mm in at ride leave 50 mm; loose by 10 mm at full extension, 30 mm are left. */
    @Test
    void coilsBindOrLeaveTheirSeat() {
        Coils tight = new Coils(List.of(new Coil(20_000, 0.3, 0.2, OptionalDouble.empty())), 0.02);
        endsAt(shocked(0.2, 0.53, tight), TravelEnd.Way.UP, Limit.Kind.COIL_BIND, 0.05);
        Coils loose = new Coils(List.of(new Coil(20_000, 0.6, 0.1, OptionalDouble.empty())), -0.01);
        endsAt(shocked(0.2, 0.54, loose), TravelEnd.Way.DOWN, Limit.Kind.SPRING_LOOSE, 0.03);
    }

    @Test
    void stopsAreSqueezedAndStrapsGoTight() {
        Coils soft = new Coils(List.of(new Coil(20_000, 0.6, 0.1, OptionalDouble.empty())), 0.1);
        Vehicle vehicle = shocked(0.2, 0.8, soft);
        Axle axle = vehicle.axle(AxlePlace.REAR).orElseThrow();
        BumpStop stop =
                new BumpStop("stop", "shock upper left", "shock lower left", 0.46, 0.42, List.of(500.0, 4000.0));
        Strap strap = new Strap("strap", "shock upper left", "shock lower left", 0.57);
        Vehicle held = vehicle.withAxle(
                axle.withSpringing(axle.springing().withStops(List.of(stop)).withStraps(List.of(strap))));
        endsAt(held, TravelEnd.Way.UP, Limit.Kind.STOP, 0.08);
        endsAt(held, TravelEnd.Way.DOWN, Limit.Kind.STRAP, 0.07);
    }

    /** A level shaft of 1.2 m bends by what it drops over its length; a slip with nothing to spare ends it on its way. */
    @Test
    void aShaftBindsOrRunsOutOfSlip() {
        Vehicle level = Sprung.level();
        Axle axle = level.axle(AxlePlace.REAR).orElseThrow();
        double pinion = axle.lineX(level.wheelbase()) + 0.3;
        Vector3D output = new Vector3D(pinion + 1.2, 0, axle.tyre().loadedRadius() + 0.3 * Math.sin(axle.pinion()));
        Driveline line = new Driveline(output, 0, 0.3, 0, 0, 0.1).withLimit(Math.atan(0.08 / 1.2));
        TravelEnd bound = end(with(level, Surroundings.NONE.withDriveline(line)), TravelEnd.Way.DOWN);
        assertThat(bound.border().orElseThrow().limit().kind()).isEqualTo(Limit.Kind.U_JOINT);
        AxleModel there = new AxleModel(level, AxlePlace.REAR);
        there.moveTo(bound.border().get().pose());
        ShaftRun run = ShaftRun.at(there, line);
        assertThat(Math.max(run.atOutput(), run.atPinion())).isCloseTo(line.limit(), within(1e-5));
        Vehicle steep =
                with(level, Surroundings.NONE.withDriveline(line.withLimit(1).withSlip(0.002)));
        TravelEnd spent = end(steep, TravelEnd.Way.DOWN);
        assertThat(spent.border().orElseThrow().limit().kind()).isEqualTo(Limit.Kind.SLIP);
        helps(steep, TravelEnd.Way.DOWN, spent);
    }

    private static Vehicle with(Vehicle vehicle, Surroundings around) {
        return vehicle.withBuild(Build.NONE.with(AxlePlace.REAR, around));
    }

    /** Half-shafts of 300 mm, level at ride, that bend no more than 10 degrees end the travel at 300 sin 10 or sooner. */
    @Test
    void aHalfShaftBinds() {
        Vehicle plover = Examples.vehicle("plover.palanca.json");
        Axle axle = plover.axle(AxlePlace.REAR).orElseThrow();
        double out = axle.track() / 2 - 0.12;
        HalfShafts shafts = new HalfShafts(
                new Vector3D(
                        axle.lineX(plover.wheelbase()), out - 0.3, axle.tyre().loadedRadius()),
                0.12,
                Math.toRadians(10),
                0.2);
        TravelEnd down = end(with(plover, Surroundings.NONE.withHalfShafts(shafts)), TravelEnd.Way.DOWN);
        assertThat(down.border().orElseThrow().limit().kind()).isEqualTo(Limit.Kind.U_JOINT);
        assertThat(down.travel()).isBetween(0.03, 0.3 * Math.sin(Math.toRadians(11)));
    }

    /** In a twist the links' joints tilt; one link with joints of its own is limited, and helped, by itself. */
    @Test
    void aJointOfOneLinkTiltsTooFar() {
        ClearanceRules rules = ClearanceRules.COMMON.withJoint("lower left", OptionalDouble.of(Math.toRadians(0.3)));
        Vehicle vehicle = Sprung.level().withBuild(Build.NONE.withRules(rules));
        TravelEnd twist = end(vehicle, TravelEnd.Way.LEFT_UP);
        assertThat(twist.border().orElseThrow().limit().kind()).isEqualTo(Limit.Kind.JOINT);
        assertThat(twist.border().get().limit().id()).contains("lower left");
        List<TravelGain> gains = TravelGain.of(vehicle, AxlePlace.REAR, twist, () -> true);
        assertThat(gains)
                .anySatisfy(gain -> assertThat(gain.after().build().rules().joints())
                        .hasEntrySatisfying(
                                "lower left", limit -> assertThat(limit).isCloseTo(Math.toRadians(5.3), within(1e-9))));
        assertThat(rules.withJoint("lower left", OptionalDouble.empty())).isEqualTo(ClearanceRules.COMMON);
    }

    /** A track bar of 180 mm reaches 180 mm up at most: past that nothing closes, and the words say which member lacks what. */
    @Test
    void aMemberThatCantCloseEndsTheTravel() {
        Vehicle barred = new Examples.RearAxle()
                .pair("lower", LinkRole.LOWER, new Vector3D(2, 0.4, 0.4), new Vector3D(0, 0.4, 0.4))
                .link("upper", LinkRole.UPPER, new Vector3D(2, 0, 0.6), new Vector3D(0, 0, 0.6))
                .link("panhard", LinkRole.PANHARD, new Vector3D(0, -0.28, 0.4), new Vector3D(0, -0.1, 0.4))
                .build();
        Axle axle = barred.axle(AxlePlace.REAR).orElseThrow();
        Vehicle far = barred.withAxle(axle.withTravel(new Travel(0.25, 0.1)));
        TravelEnd up = end(far, TravelEnd.Way.UP);
        assertThat(up.border().orElseThrow().limit().kind()).isEqualTo(Limit.Kind.OPEN);
        assertThat(up.travel()).isBetween(0.15, 0.181);
        assertThat(Examples.WORDS.text(up.border().get().limit().what())).isEqualTo("the panhard can’t reach");
        helps(far, TravelEnd.Way.UP, up);
    }
}
