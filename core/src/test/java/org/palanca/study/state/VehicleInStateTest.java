package org.palanca.study.state;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.palanca.Examples;
import org.palanca.base.words.Verdict;
import org.palanca.mechanism.CompliantMember;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.shock.SpringWork;
import org.palanca.study.ride.LoadSink;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.RideState;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.Finding;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterVehicle;

/** A vehicle let down, lifted or on other tyres: the same parts, standing otherwise. */
class VehicleInStateTest {
    /** What is told against ride or from the chassis, and what hangs on how high the whole vehicle's weight is. */
    private static final List<String> FROM_RIDE = List.of(
            "patch_",
            "track_change",
            "wheelbase_change",
            "side_shift",
            "axle_steer",
            "roll_centre_height_chassis",
            "anti_",
            "wheel_anti_");

    /** Files keep a millionth of a millimetre; each end of a link is rounded to it. */
    private static final double ROUNDED = 5e-9;

    private static RideState state(double front, double rear) {
        return new RideState(
                "let down", "", RideState.Standing.PLAN.withLower(front), RideState.Standing.PLAN.withLower(rear));
    }

    private static Tyre tyre(Axle axle, double taller) {
        Tyre now = axle.tyre();
        return new Tyre(now.diameter() + 2 * taller, now.loadedRadius() + taller, now.width());
    }

    private static double length(Vehicle vehicle, Axle axle, Link link) {
        return Vector3D.distance(
                axle.position(link.from(), vehicle.wheelbase()), axle.position(link.to(), vehicle.wheelbase()));
    }

    /** Links are as long as they were, whatever pitches the chassis, and the description is sound. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "tarn-4.palanca.json",
                "plover.palanca.json",
                "sedge.palanca.json",
                "gorse.palanca.json",
                "marram.palanca.json",
                "wain.palanca.json"
            })
    void everyLinkKeepsItsLength(String example) throws Exception {
        Vehicle plan = Examples.vehicle(example);
        Axle rear = plan.axle(AxlePlace.REAR).orElse(plan.axles().get(0));
        RideState state = state(inches(0.5), inches(1.25))
                .with(AxlePlace.REAR, new RideState.Standing(inches(1.25), Optional.of(tyre(rear, inches(0.75)))));
        Vehicle stands = VehicleInState.of(plan, state);
        for (Axle axle : plan.axles()) {
            Axle now = stands.axle(axle.place()).orElseThrow();
            boolean gives = new AxleModel(plan, axle.place())
                    .mechanism().members().stream().anyMatch(CompliantMember.class::isInstance);
            for (Link link : axle.links()) {
                assertThat(length(stands, now, now.link(link.name()).orElseThrow()))
                        .as(link.name())
                        .isCloseTo(length(plan, axle, link), within(gives ? 1e-5 : ROUNDED));
            }
        }
        assertThat(VehicleCheck.findings(stands)).noneMatch(finding -> finding.severity() == Finding.Severity.ERROR);
    }

    /** Let down alike at both ends it stands as in the plan's bump: what does not hang on the other axle is the same. */
    @ParameterizedTest
    @EnumSource(
            value = SuspensionType.class,
            names = {
                "TRIANGULATED_UPPERS",
                "THREE_LINK_PANHARD",
                "DOUBLE_WISHBONE",
                "STRUT",
                "SEMI_TRAILING",
                "TORQUE_ARM"
            })
    void letDownItStandsAsInTheBumpOfThePlan(SuspensionType type) throws Exception {
        Vehicle plan = new StarterVehicle(
                        "state", Use.STREET, 2.7, 0.7, Optional.of(StarterLayout.of(type)), StarterLayout.of(type))
                .build();
        double lower = inches(1.5);
        Vehicle stands = VehicleInState.of(plan, state(lower, lower));
        AxleModel bump = new AxleModel(plan, AxlePlace.REAR);
        assertThat(bump.moveTo(WheelTravel.both(lower))).isTrue();
        AxleModel ride = new AxleModel(stands, AxlePlace.REAR);
        int compared = 0;
        for (int i = 0; i < ride.results().size(); i++) {
            String id = ride.results().get(i).id();
            if (FROM_RIDE.stream().noneMatch(id::startsWith)) {
                double was = bump.evaluate(bump.results().indexOf(bump.result(id)));
                double is = ride.evaluate(i);
                assertThat(is).as(id).isCloseTo(was, within(3e-5 * (1 + Math.abs(was))));
                compared++;
            }
        }
        assertThat(compared).isGreaterThan(5);
        assertThat(stands.rails().orElseThrow().bottom())
                .isCloseTo(plan.rails().orElseThrow().bottom() - lower, within(2e-4));
        double was = new TravelEnvelope(new AxleModel(plan, AxlePlace.REAR)).highest();
        assertThat(new TravelEnvelope(ride).highest()).isCloseTo(was - lower, within(1e-6));
    }

    /** By hand: a front tyre 1 in taller lifts the rails by 1 in there and turns the whole vehicle by asin(1/106 in). */
    @Test
    void aTallerFrontTyrePitchesTheVehicle() throws Exception {
        Vehicle plan = Examples.tarn();
        Axle front = plan.axle(AxlePlace.FRONT).orElseThrow();
        RideState taller =
                state(0, 0).with(AxlePlace.FRONT, new RideState.Standing(0, Optional.of(tyre(front, inches(1)))));
        Vehicle stands = VehicleInState.of(plan, taller);
        double pitch = Math.asin(inches(1) / plan.wheelbase());
        Axle rear = stands.axle(AxlePlace.REAR).orElseThrow();
        assertThat(rear.pinion() - plan.axle(AxlePlace.REAR).orElseThrow().pinion())
                .isCloseTo(pitch, within(1e-7));
        assertThat(stands.wheelbase()).isCloseTo(plan.wheelbase() * Math.cos(pitch), within(1e-6));
        double wasCaster = front.caster().orElseThrow();
        assertThat(stands.axle(AxlePlace.FRONT).orElseThrow().caster().orElseThrow() - wasCaster)
                .as("the front end up leans the top rearward")
                .isCloseTo(pitch, within(1e-7));
        // The rail's underside at the front axle's line, and at the rear one's.
        double rise = stands.rails().orElseThrow().bottom()
                - plan.rails().orElseThrow().bottom();
        assertThat(rise).isCloseTo(inches(1), within(2e-3));
        assertThat(stands.rails().orElseThrow().rearDrop()
                        - plan.rails().orElseThrow().rearDrop())
                .isCloseTo(inches(1), within(2e-3));
    }

    @Test
    void whatAnAxleCanNotDoIsSaid() {
        assertThatThrownBy(() -> VehicleInState.of(Examples.tarn(), state(0, inches(60))))
                .isInstanceOf(StateOutOfReachException.class)
                .satisfies(thrown -> assertThat(Examples.WORDS.text(((StateOutOfReachException) thrown).said()))
                        .contains("let down", "Rear axle", "60 in nearer"));
    }

    /** By hand: of the demo's 5 1/2 in up to its stops 2 in are used up by a load that lets it down by 2 in. */
    @Test
    void aLoadTakesUpTravel() {
        List<String> said = StateWords.of(Examples.tarn(), state(0, inches(2))).stream()
                .map(one -> Examples.WORDS.text(one.message()))
                .toList();
        assertThat(said)
                .anyMatch(text -> text.startsWith(
                        "Rear axle: 3 1/2 in up and 8 11/16 in down of travel, 5 1/2 in and 6 11/16 in"))
                .anyMatch(text -> text.startsWith("Rails over the ground: 22 in at the front axle, 20 in at the rear"));
        assertThat(StateWords.of(Examples.tarn(), state(0, inches(60))))
                .singleElement()
                .satisfies(one -> assertThat(one.good()).isFalse());
    }

    /** By hand: what a load adds is the springs' rate at the wheels, both sides, times how far they let it down, to their slope's change. */
    @Test
    void aLoadLetsDownAsFarAsTheSpringsGive() {
        Vehicle tarn = Examples.tarn();
        double sink = LoadSink.of(tarn, AxlePlace.REAR, 100).orElseThrow();
        AxleModel model = new AxleModel(tarn, AxlePlace.REAR);
        SpringWork springs = new SpringWork(model.axle());
        double rate = (heave(springs, model, sink) - heave(springs, model, 0)) / sink;
        assertThat(sink).isCloseTo(100 * 9.80665 / rate, within(1e-6));
        assertThat(sink).isBetween(inches(0.25), inches(2.5));
        assertThat(LoadSink.of(tarn, AxlePlace.REAR, 1e6)).as("on its stops").isEmpty();
        assertThat(LoadSink.of(Examples.vehicle("sedge.palanca.json"), AxlePlace.REAR, 100))
                .as("nothing springs it")
                .isEmpty();
    }

    private static double heave(SpringWork springs, AxleModel model, double travel) {
        assertThat(model.moveTo(WheelTravel.both(travel))).isTrue();
        return springs.heave(model.motion());
    }

    /** Tyres 8 in taller do not go into the demo's wells, which its own do: that is said of the state, and not what was so before. */
    @Test
    void aTyreThatNoLongerFitsItsWellIsSaid() {
        Axle rear = Examples.tarn().axle(AxlePlace.REAR).orElseThrow();
        RideState tall =
                state(0, 0).with(AxlePlace.REAR, new RideState.Standing(0, Optional.of(tyre(rear, inches(4)))));
        Vehicle tarn = Examples.vehicle("tarn-4.palanca.json");
        List<String> said = StateWords.of(tarn, tall).stream()
                .filter(one -> !one.good())
                .map(one -> Examples.WORDS.text(one.message()))
                .toList();
        assertThat(said).anyMatch(text -> text.contains("tyre"));
        assertThat(StateWords.of(tarn, state(0, 0))).allMatch(Verdict::good);
    }

    /** What was too tight in the plan and is tighter as it stands is said again; the plan's own faults alone are not. */
    @Test
    void aTyreThatFitsItsWellEvenWorseIsSaid() {
        Vehicle tight = onTyres(Examples.vehicle("tarn-4.palanca.json"), inches(4));
        Axle rear = tight.axle(AxlePlace.REAR).orElseThrow();
        RideState taller =
                state(0, 0).with(AxlePlace.REAR, new RideState.Standing(0, Optional.of(tyre(rear, inches(1)))));
        assertThat(aboutTyres(tight, state(0, 0))).isEmpty();
        assertThat(aboutTyres(tight, taller)).isNotEmpty();
    }

    private static Vehicle onTyres(Vehicle vehicle, double taller) {
        Axle rear = vehicle.axle(AxlePlace.REAR).orElseThrow();
        RideState state = state(0, 0).with(AxlePlace.REAR, new RideState.Standing(0, Optional.of(tyre(rear, taller))));
        try {
            return VehicleInState.of(vehicle, state);
        } catch (StateOutOfReachException e) {
            throw new AssertionError(e);
        }
    }

    private static List<String> aboutTyres(Vehicle plan, RideState state) {
        return StateWords.of(plan, state).stream()
                .filter(one -> !one.good() && one.about().startsWith("tyre "))
                .map(Verdict::about)
                .toList();
    }
}
