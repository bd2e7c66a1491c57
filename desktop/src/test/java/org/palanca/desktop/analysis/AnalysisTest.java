package org.palanca.desktop.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.desktop.Sample;
import org.palanca.desktop.strips.Verdicts;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Outcome;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.sweep.BandMap;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.MountMoves;

class AnalysisTest {
    private final Vehicle tarn = Sample.tarn();

    private Analysis at(double left, double right) {
        return Analysis.of(tarn, AxlePlace.REAR, new WheelTravel(left, right), tarn, null);
    }

    @Test
    void everyStripShowsWhatTheModelSaysAtThatPose() {
        Analysis analysis = at(0.06, -0.04);
        AxleModel model = new AxleModel(tarn, AxlePlace.REAR);
        assertThat(model.moveTo(0.06, -0.04)).isTrue();
        for (Analysis.StripValue strip : analysis.strips()) {
            double expected = model.outcome(model.result(strip.result().id())).number();
            assertThat(strip.outcome().number())
                    .as(strip.result().id())
                    .isCloseTo(expected, within(1e-7 * Math.max(1, Math.abs(expected))));
            assertThat(strip.curve()).hasSize(TravelCurves.POSES);
            assertThat(strip.change()).contains(0.0);
        }
        assertThat(analysis.centrePath()).hasSize(9);
        assertThat(analysis.trouble()).isEmpty();
    }

    @Test
    void theMapIsOfTheResultWhoseWorkingIsOpenAndOnItsDiagonalSaysWhatTheCurveSays() {
        Analysis analysis = Analysis.of(tarn, AxlePlace.REAR, WheelTravel.RIDE, tarn, "anti_squat");
        assertThat(analysis.map().result()).isEqualTo("anti_squat");
        Analysis.StripValue strip = analysis.strip("anti_squat").orElseThrow();
        TargetBand band = strip.band().orElseThrow();
        int every = (PadMap.SIZE - 1) / 8;
        for (int i = 0; i < PadMap.SIZE; i += every) {
            double value = strip.curve()[i * (TravelCurves.POSES - 1) / (PadMap.SIZE - 1)];
            assertThat(analysis.map().map().at(i, i).name())
                    .isEqualTo(band.verdict(value).name());
        }
        assertThat(Analysis.of(tarn, AxlePlace.REAR, WheelTravel.RIDE, tarn, "gone")
                        .map()
                        .result())
                .isEqualTo(analysis.strips().get(0).result().id());
    }

    @Test
    void changesAreAgainstTheBaselineAtTheSamePose() {
        MountRef upper = new MountRef(AxlePlace.REAR, "upper frame left");
        Vector3D from = tarn.axle(AxlePlace.REAR).orElseThrow().position(upper.mount(), tarn.wheelbase());
        Vehicle raised = MountMoves.moveTo(tarn, upper, from.add(new Vector3D(0, 0, 0.0254)));
        WheelTravel droop = WheelTravel.both(-0.1);
        Analysis analysis = Analysis.of(raised, AxlePlace.REAR, droop, tarn, null);
        Analysis before = Analysis.of(tarn, AxlePlace.REAR, droop, tarn, null);
        double change = analysis.strip("anti_squat").orElseThrow().change().orElseThrow();
        assertThat(change)
                .isNegative()
                .isCloseTo(
                        analysis.strip("anti_squat").orElseThrow().outcome().number()
                                - before.strip("anti_squat")
                                        .orElseThrow()
                                        .outcome()
                                        .number(),
                        within(1e-9));
        assertThat(Verdicts.change(analysis.strip("anti_squat").orElseThrow(), Sample.WORDS))
                .startsWith("−")
                .endsWith("on baseline");
    }

    @Test
    void verdictsNameAmountAndPose() {
        Analysis analysis = at(0, 0);
        assertThat(Verdicts.sentence(analysis.strip("anti_squat").orElseThrow(), Sample.WORDS))
                .isEqualTo("29 % over at 6 1/2 in droop: 129 %");
        assertThat(Verdicts.sentence(analysis.strip("upper_plan_angle").orElseThrow(), Sample.WORDS))
                .isEqualTo("3.7° under at ride");
        assertThat(Verdicts.sentence(analysis.strip("roll_centre_height").orElseThrow(), Sample.WORDS))
                .isEqualTo("Within target through the travel");
        assertThat(Verdicts.sentence(analysis.strip("lower_plan_angle").orElseThrow(), Sample.WORDS))
                .isEqualTo("No target range set");
    }

    @Test
    void aPoseOutOfReachIsToldAndNothingIsShownAsIfItWereThere() {
        Vehicle far = tarn.withAxle(tarn.axle(AxlePlace.REAR).orElseThrow().withTravel(new Travel(2, 0.1)));
        Analysis analysis = Analysis.of(far, AxlePlace.REAR, WheelTravel.both(1.9), tarn, null);
        assertThat(analysis.trouble()).isPresent();
        assertThat(Sample.WORDS.text(analysis.trouble().orElseThrow())).startsWith("Rear axle");
        assertThat(analysis.strips())
                .allSatisfy(strip -> assertThat(strip.outcome()).isInstanceOf(Outcome.Unavailable.class));
        int last = PadMap.SIZE - 1;
        assertThat(analysis.map().map().at(last, last)).isEqualTo(BandMap.Place.OUT_OF_REACH);
    }
}
