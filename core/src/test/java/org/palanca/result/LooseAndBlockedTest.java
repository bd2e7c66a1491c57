package org.palanca.result;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.Examples;
import org.palanca.Examples.RearAxle;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.LinkRole;

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
