package org.palanca.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.Examples.RearAxle;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Vehicle;

/** Axles that lack a link, or have one too many, are told so in the trade's words. */
class LooseAndBlockedTest {
    private static Vector3D at(double ahead, double out, double up) {
        return new Vector3D(ahead, out, up);
    }

    private static RearAxle lowers(RearAxle axle) {
        return axle.pair("lower", LinkRole.LOWER, at(0.9, 0.45, 0.45), at(0, 0.45, 0.35));
    }

    private static String trouble(RearAxle axle) {
        AxleModel model = new AxleModel(axle.build(), AxlePlace.REAR);
        return Examples.WORDS.text(
                model.closed()
                        ? model.whyUnsound().orElseThrow()
                        : model.whyOpen().orElseThrow());
    }

    @Test
    void withoutAnyPanhardItIsLooseSideways() {
        RearAxle axle = lowers(new RearAxle()).pair("upper", LinkRole.UPPER, at(0.9, 0.4, 0.75), at(0, 0.4, 0.65));
        assertThat(trouble(axle)).contains("Rear axle: nothing holds it sideways", "Add a panhard");
    }

    @Test
    void withoutAnUpperLinkThePinionWindsUp() {
        RearAxle axle = lowers(new RearAxle()).link("panhard", LinkRole.PANHARD, at(0, 0.5, 0.4), at(0, -0.5, 0.4));
        assertThat(trouble(axle)).contains("nothing keeps the pinion from winding up");
    }

    @Test
    void fiveLinksWithUnequalSlopesRollByStretchingBushingsAndSayHowMuch() {
        RearAxle axle = lowers(new RearAxle())
                .pair("upper", LinkRole.UPPER, at(0.9, 0.4, 0.66), at(0, 0.4, 0.65))
                .link("panhard", LinkRole.PANHARD, at(0, 0.5, 0.4), at(0, -0.5, 0.4));
        AxleModel model = new AxleModel(axle.build(), AxlePlace.REAR);
        assertThat(model.closed()).isTrue();
        assertThat(model.outcome(model.result("bushing_push")).number()).isCloseTo(0, within(1e-9));
        // Bushings or not, the links' first-order motion has a roll centre: at the panhard, which is level.
        assertThat(model.outcome(model.result("roll_centre_height"))).isInstanceOf(Outcome.Value.class);
        assertThat(model.moveTo(0.06, -0.06)).isTrue();
        double push = model.outcome(model.result("bushing_push")).number();
        assertThat(push).isGreaterThan(0.0005);
        assertThat(Math.abs(model.strains().get(0).off())).isEqualTo(push);
        String why = Examples.WORDS.text(model.bindNote().orElseThrow());
        assertThat(why).contains("can’t roll without stretching a bushing", "upper left", "lower right", " in at 4.6°");
        assertThat(model.moveTo(0.06, 0.06)).as("heave goes freely").isTrue();
        assertThat(model.outcome(model.result("bushing_push")).number()).isLessThan(1e-4);
    }

    @Test
    void equalSlopesRollFreelyWithTheSamePanhard() {
        RearAxle axle = lowers(new RearAxle())
                .pair("upper", LinkRole.UPPER, at(0.9, 0.4, 0.75), at(0, 0.4, 0.65))
                .link("panhard", LinkRole.PANHARD, at(0, 0.5, 0.4), at(0, -0.5, 0.4));
        AxleModel model = new AxleModel(axle.build(), AxlePlace.REAR);
        assertThat(model.whyUnsound()).isEmpty();
        // Redundant links, yet the roll centre is there: at the panhard's height, level and in the axle's plane.
        assertThat(model.outcome(model.result("roll_centre_height")).number()).isCloseTo(0.4, within(1e-6));
        assertThat(model.moveTo(0.05, 0.05)).isTrue();
    }

    /** The roadster's front, double wishbones with a rack, with other links. */
    private static AxleModel corner(UnaryOperator<List<Link>> links) {
        Vehicle roadster = Examples.vehicle("plover.palanca.json");
        Axle front = roadster.axle(AxlePlace.FRONT).orElseThrow();
        List<Link> changed = links.apply(new ArrayList<>(front.links()));
        return new AxleModel(roadster.withAxle(front.withLinkage(front.linkage().withLinks(changed))), AxlePlace.FRONT);
    }

    private static UnaryOperator<List<Link>> with(Link link) {
        return links -> {
            links.add(link);
            return links;
        };
    }

    private static UnaryOperator<List<Link>> without(String name) {
        return links -> {
            links.removeIf(link -> link.name().equals(name));
            return links;
        };
    }

    private static final Link ONE_TOO_MANY =
            new Link("brace left", LinkRole.UPPER, "lower front pivot left", "upper ball left");

    @Test
    void aCornerWithOneLinkTooManyIsBlockedWhereverItsWheelIsAskedToMoveAndNowhereElse() {
        AxleModel model = corner(with(ONE_TOO_MANY));
        assertThat(model.closed()).as("it fits as it stands").isTrue();
        for (WheelTravel asked : List.of(
                new WheelTravel(0.02, 0.02, 0), new WheelTravel(0.02, -0.02, 0), new WheelTravel(-0.001, 0.03, 0.5))) {
            assertThat(model.moveTo(asked)).isFalse();
            assertThat(Examples.WORDS.text(model.whyOpen().orElseThrow()))
                    .contains("Front axle: a wheel can’t rise", "brace left", "lower rear leg left", "Take one")
                    .doesNotContain("right");
        }
        assertThat(model.moveTo(0, 0.03)).as("the other wheel").isTrue();
        assertThat(model.outcome(model.result("camber.right"))).isInstanceOf(Outcome.Value.class);
    }

    @Test
    void oneLinkTooManyOfTheWrongLengthIsBlockedAndNotMerelyTooShort() {
        AxleModel model = corner(with(ONE_TOO_MANY.withLength(OptionalDouble.of(0.2))));
        assertThat(model.closed()).isFalse();
        assertThat(Examples.WORDS.text(model.whyOpen().orElseThrow())).contains("brace left", "lower rear leg left");
        assertThat(model.moveTo(0.01, 0.02)).isFalse();
        assertThat(Examples.WORDS.text(model.whyOpen().orElseThrow())).contains("brace left");
    }

    @Test
    void aLinkThatIsThereTwiceChangesNothing() {
        AxleModel once = corner(UnaryOperator.identity());
        AxleModel twice = corner(with(new Link("twin", LinkRole.UPPER, "upper front pivot left", "upper ball left")));
        for (WheelTravel pose : List.of(WheelTravel.RIDE, new WheelTravel(0.05, -0.03, 0.4))) {
            assertThat(once.moveTo(pose)).isTrue();
            assertThat(twice.moveTo(pose)).isTrue();
            for (Result result : once.results()) {
                double expected = once.outcome(result).number();
                if (!Double.isFinite(expected)) {
                    continue;
                }
                assertThat(twice.outcome(twice.result(result.id())).number())
                        .as(result.id())
                        .isCloseTo(expected, within(1e-9 * Math.max(1, Math.abs(expected))));
            }
        }
    }

    @Test
    void withoutATieRodAWheelIsLooseAndWhatDoesNotHangOnItIsStillTold() {
        AxleModel model = corner(without("tie rod left"));
        for (WheelTravel pose : List.of(WheelTravel.RIDE, new WheelTravel(0.05, -0.03, 0.4))) {
            assertThat(model.moveTo(pose)).isTrue();
            assertThat(Examples.WORDS.text(model.whyUnsound().orElseThrow()))
                    .contains("Front axle: nothing steers the left knuckle", "tie rod");
            assertThat(model.outcome(model.result("roll_centre_height"))).isInstanceOf(Outcome.Unavailable.class);
        }
    }

    @Test
    void aSteeredAxleOnBushingsWithoutItsDragLinkIsLooseAtEveryPose() {
        Vehicle vehicle = Examples.vehicle("marram.palanca.json");
        Axle front = vehicle.axle(AxlePlace.FRONT).orElseThrow();
        List<Link> links = without("drag link").apply(new ArrayList<>(front.links()));
        AxleModel model =
                new AxleModel(vehicle.withAxle(front.withLinkage(front.linkage().withLinks(links))), AxlePlace.FRONT);
        for (WheelTravel pose : List.of(WheelTravel.RIDE, new WheelTravel(0.05, -0.03, 0))) {
            assertThat(model.moveTo(pose)).isTrue();
            assertThat(Examples.WORDS.text(model.whyUnsound().orElseThrow()))
                    .contains("Front axle: nothing steers the left knuckle", "drag link");
            assertThat(model.outcome(model.result("roll_centre_height"))).isInstanceOf(Outcome.Unavailable.class);
        }
    }

    @Test
    void aVehicleWithoutThatAxleIsRefused() {
        org.assertj.core.api.Assertions.assertThatThrownBy(
                        () -> new AxleModel(Examples.vehicle("sedge.palanca.json"), AxlePlace.FRONT))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("no front axle");
        AxleModel model = new AxleModel(Examples.tarn(), AxlePlace.REAR);
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> model.result("camber"))
                .hasMessageContaining("no result \"camber\"")
                .hasMessageContaining("anti_squat");
    }
}
