package org.palanca.vehicle.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.palanca.Examples;
import org.palanca.Sprung;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.limits.Limits;
import org.palanca.study.ride.RideHeight;
import org.palanca.study.ride.RideStudy;
import org.palanca.study.ride.RideWords;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.ShockLayout;
import org.palanca.vehicle.edit.SpringingMoves;
import org.palanca.vehicle.springing.Air;
import org.palanca.vehicle.springing.BumpStop;
import org.palanca.vehicle.springing.Coil;
import org.palanca.vehicle.springing.Coils;
import org.palanca.vehicle.springing.ShockCatalogue;
import org.palanca.vehicle.springing.ShockSize;
import org.palanca.vehicle.springing.Springing;
import org.palanca.vehicle.springing.Strap;
import org.palanca.vehicle.springing.SwayBar;

/** Shocks and springs that can't be: each said with its name, by how much, and what to do. */
class SpringingCheckTest {
    private static Vehicle with(UnaryOperator<Springing> how) {
        Vehicle tarn = Examples.tarn();
        Axle axle = tarn.axle(AxlePlace.REAR).orElseThrow();
        return tarn.withAxle(axle.withSpringing(how.apply(axle.springing())));
    }

    private static List<String> said(Vehicle vehicle) {
        return VehicleCheck.findings(vehicle).stream()
                .map(finding -> finding.place() + " " + Examples.WORDS.text(finding.message()))
                .toList();
    }

    private static void says(UnaryOperator<Springing> how, String expected) {
        assertThat(said(with(how))).anyMatch(text -> text.contains(expected));
    }

    private static UnaryOperator<Springing> size(double collapsed, double extended) {
        return s -> s.mapShocks(shock -> shock.withSize(
                Optional.of(new ShockSize("odd", inches(collapsed), inches(extended), 0.06, 0.09, 0.04))));
    }

    private static UnaryOperator<Springing> coil(double rate, double free, double solid) {
        return s -> s.mapShocks(shock -> shock.withSpring(
                Optional.of(new Coils(List.of(new Coil(rate, free, solid, OptionalDouble.empty())), 0))));
    }

    @Test
    void shocksThatDontFitTheirGapAreNamedWithTheAmount() {
        says(size(12, 20), "Shock “coilover left”: its mounts are 24 3/8 in apart at ride, but it is only 20 in long");
        says(size(12, 20), "4 3/8 in too short. Choose a longer one or lower its upper mount.");
        says(size(26, 40), "collapsed it is still 26 in: 1 5/8 in too long");
        says(
                size(30, 20),
                "/springing/shocks/coilover left/size Shock “coilover left” is 30 in collapsed and 20 in extended");
    }

    @Test
    void springsThatCantBeAreRefused() {
        says(coil(-1000, 0.4, 0.1), "The rate of “coilover left” must be more than 0");
        says(coil(20_000, 0.1, 0.2), "A coil of “coilover left” is 3 15/16 in free and 7 7/8 in solid");
        says(
                s -> s.mapShocks(shock -> shock.withSpring(Optional.of(new Air(0.06, 0.2, 1e6, 1.3)))),
                "7 7/8 in of air can’t take 14 1/2 in of stroke");
        says(
                s -> s.withStops(List.of(new BumpStop("soft", "stop left", "stop pad left", 0.02, 0.05, List.of(1.0)))),
                "Bump stop “soft” is");
        says(
                s -> s.mapShocks(shock ->
                        shock.withSpring(shock.spring().map(spring -> ((Coils) spring).withPreload(inches(5))))),
                "squeezed 5 in with the shock at full extension");
        says(
                s -> s.withStops(
                        List.of(new BumpStop("wavy", "stop left", "stop pad left", 0.07, 0.02, List.of(9.0, 3.0)))),
                "The forces of bump stop “wavy” must rise");
        says(
                s -> s.withStraps(List.of(new Strap("short", "strap upper left", "strap lower left", 0.1))),
                "Strap “short” is tight before ride");
        says(
                s -> s.withSwayBars(List.of(new SwayBar("bar", "no pin", "none", 100))),
                "“bar” hangs on hinge “no pin”, which this axle does not have");
        says(
                s -> s.withStraps(List.of(new Strap("lost", "strap uper left", "strap lower left", 0.5))),
                "“lost” goes to mount “strap uper left”");
        says(
                s -> s.withStraps(List.of(new Strap("upper left", "strap upper left", "strap lower left", 0.5))),
                "“upper left” is the name of");
    }

    /** A spring too soft for the weight, one that binds, one that falls off its seat: each is said. */
    @Test
    void whatSpringsCantDoIsSaid() {
        assertThat(ride(coil(5_000, 0.5, 0.1))).anyMatch(text -> text.contains("it will sit low"));
        assertThat(ride(coil(90_000, 0.5, 0.1))).anyMatch(text -> text.contains("it will stand high"));
        assertThat(ride(coil(30_000, 0.35, 0.15))).anyMatch(text -> text.contains("bind before its shortest"));
        assertThat(ride(s -> s.mapShocks(shock -> shock.withSpring(Optional.of(new Air(0.05, 0.5, 1e5, 1.3))))))
                .as("air has pressure, not coils")
                .anyMatch(text -> text.contains("it will sit low. Give it more pressure"))
                .noneMatch(text -> text.contains("preload"));
        UnaryOperator<Springing> loose = s -> coil(60_000, 0.5, 0.1)
                .apply(s)
                .mapShocks(shock -> shock.withSpring(shock.spring().map(spring -> ((Coils) spring).withPreload(-0.1))));
        assertThat(ride(loose)).anyMatch(text -> text.contains("leaves its seat before its longest"));
        assertThat(ride(size(21, 31.5))).anyMatch(text -> text.contains("it takes the blow"));
        assertThat(ride(size(17.5, 28))).anyMatch(text -> text.contains("the axle hangs on it"));
    }

    private static List<String> ride(UnaryOperator<Springing> how) {
        return RideWords.of(RideStudy.of(with(how), AxlePlace.REAR)).stream()
                .map(one -> Examples.WORDS.text(one.message()))
                .toList();
    }

    /** Starting from nothing: shocks of any layout, stops and straps hung on any example are sound and limit nothing at ride. */
    @ParameterizedTest
    @EnumSource(ShockLayout.class)
    void whatIsHungOnAnAxleToBeginWithIsSound(ShockLayout layout) {
        for (String file : Examples.FILES) {
            Vehicle vehicle = Examples.vehicle(file);
            for (Axle axle : vehicle.axles()) {
                AxlePlace place = axle.place();
                ShockSize size = ShockCatalogue.generic().get(2);
                Vehicle bare = SpringingMoves.dropShocks(vehicle, place);
                Vehicle shocked = SpringingMoves.addShocks(bare, place, size, layout);
                Vehicle hung = SpringingMoves.addStraps(SpringingMoves.addStops(shocked, place), place);
                assertThat(VehicleCheck.hasErrors(VehicleCheck.findings(hung)))
                        .as("%s %s", file, place)
                        .isFalse();
                Limits limits = new Limits(new Clearances(new AxleModel(hung, place)));
                assertThat(limits.passedAtRide())
                        .as("%s %s", file, place)
                        .noneMatch(limit -> limit.kind().name().startsWith("SHOCK"));
                assertThat(SpringingMoves.dropShocks(shocked, place))
                        .as("%s %s: taken off again nothing is left", file, place)
                        .isEqualTo(bare);
                if (layout == ShockLayout.SHOCK) {
                    continue;
                }
                Optional<Vehicle> set = RideHeight.set(shocked, place);
                assertThat(set).as("%s %s carries its weight", file, place).isPresent();
                RideStudy study = RideStudy.of(set.get(), place);
                double wanted = study.wanted(1) + study.wanted(-1);
                double leaves = axle.linkage().leaves().isEmpty() ? 0 : wanted;
                assertThat(study.ride().left() + study.ride().right() - leaves)
                        .as("%s %s", file, place)
                        .isCloseTo(wanted, within(1.0));
            }
        }
    }

    /** On level links that rise upright: a lever's rate at the wheel is k / lever^2, a rocker's ratio that of its arms. */
    @Test
    void leversAndRockersWorkAsTheirArmsSay() {
        Vehicle level = Sprung.level();
        ShockSize size = ShockCatalogue.generic().get(2);
        Vehicle levered = SpringingMoves.addShocks(level, AxlePlace.REAR, size, ShockLayout.TORSION_BAR);
        assertThat(RideStudy.of(levered, AxlePlace.REAR).ride().rate()).isCloseTo(30_000, within(300.0));
        Vehicle pushed = SpringingMoves.addShocks(level, AxlePlace.REAR, size, ShockLayout.PUSHROD);
        AxleModel model = new AxleModel(pushed, AxlePlace.REAR);
        Axle axle = model.axle();
        double travel = axle.travel().bump() + axle.travel().droop();
        double ratio = 0.9 * size.stroke() / travel;
        for (String side : List.of("left", "right")) {
            assertThat(model.outcome(model.result("motion_ratio.coilover " + side))
                            .number())
                    .isCloseTo(ratio, within(0.02 * ratio));
        }
    }

    /** A sway bar hung on any live axle adds nothing in bump and what its twist gives in roll: K = k (arms' turn a roll)^2. */
    @Test
    void aSwayBarIsHungOnAnAxleAndWorksInRoll() {
        for (String file : Examples.LIVE_AXLES_ON_LINKS) {
            Vehicle plain = Examples.vehicle(file);
            Vehicle barred = SpringingMoves.addSwayBar(plain, AxlePlace.REAR);
            assertThat(VehicleCheck.hasErrors(VehicleCheck.findings(barred)))
                    .as(file)
                    .isFalse();
            RideStudy before = RideStudy.of(plain, AxlePlace.REAR);
            RideStudy after = RideStudy.of(barred, AxlePlace.REAR);
            assertThat(after.ride().rate()).as(file).isCloseTo(before.ride().rate(), within(20.0));
            double added = after.rollStiffness() - before.rollStiffness();
            // An arm of 10 in turns by the drop link's rise over its length; both arms go opposite ways.
            Axle axle = barred.axle(AxlePlace.REAR).orElseThrow();
            double out = axle.track() * 0.26;
            double turn = 2 * out / inches(10);
            double expected = axle.springing().swayBars().get(0).rate() * turn * turn;
            assertThat(added).as(file).isCloseTo(expected, within(0.1 * expected));
        }
    }
}
