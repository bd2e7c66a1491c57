package org.palanca.desktop.analysis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Outcome;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Scorecard;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Vehicle;

/**
 * One axle of a vehicle at one pose, with curves, map and verdicts: everything a frame draws. What stands at the pose is of
 * this moment always; curves and map may be those of one change before, until their own are here ({@link AnalysisWorker}).
 *
 * <p>Analyses of one vehicle share the axle that is moved, so only the newest is still at its pose.
 */
public final class Analysis {
    private final AxleModel model;
    private final WheelTravel pose;
    private final TravelCurves curves;
    private final PadMap map;
    private final List<StripValue> strips;
    private final Optional<Message> trouble;

    /**
     * Reads everything off an axle that was moved to a pose.
     *
     * @param before the baseline's axle at the same pose, if it has one
     * @param trouble why the axle does not close there, or moves wrongly
     */
    Analysis(
            AxleModel model,
            Optional<AxleModel> before,
            TravelCurves curves,
            PadMap map,
            WheelTravel pose,
            Optional<Message> trouble) {
        this.model = model;
        this.pose = pose;
        this.curves = curves;
        this.map = map;
        this.trouble = trouble;
        List<StripValue> values = new ArrayList<>();
        for (int i = 0; i < model.results().size(); i++) {
            Result result = model.results().get(i);
            TravelCurves.Curve curve = curves.curves().get(i);
            // Why a pose does not close is said once, at the foot, and not with every result.
            Outcome outcome = model.closed()
                    ? model.outcome(result)
                    : new Outcome.Unavailable(Message.of("outcome.out_of_reach"));
            values.add(new StripValue(
                    result,
                    outcome,
                    curve.band(),
                    curve.mark(),
                    curve.values(),
                    curve.worst(),
                    before.flatMap(old -> change(old, result, outcome))));
        }
        strips = List.copyOf(values);
    }

    /** Works everything out at once, on this thread and the second core. */
    public static Analysis of(
            Vehicle vehicle, AxlePlace place, WheelTravel pose, Vehicle baseline, @Nullable String shown) {
        AxleModel model = new AxleModel(vehicle, place);
        TravelCurves curves = new TravelCurves(model);
        PadMap map = PadMap.of(model, new AxleModel(vehicle, place), shown(model, shown), pose.steer());
        model.toRide();
        Optional<Message> trouble = model.moveTo(pose) ? model.whyUnsound() : model.whyOpen();
        Optional<AxleModel> before = baseline.axle(place).map(axle -> new AxleModel(baseline, place));
        before.ifPresent(old -> old.moveTo(pose));
        return new Analysis(model, before, curves, map, pose, trouble);
    }

    /** The result that the pad shows: the one whose working is open, else the first. */
    static String shown(AxleModel model, @Nullable String lit) {
        return lit != null && model.find(lit).isPresent()
                ? lit
                : model.results().get(0).id();
    }

    /** How far a result has moved from the baseline's at the same pose. */
    private static Optional<Double> change(AxleModel before, Result result, Outcome now) {
        return before.find(result.id())
                .map(old ->
                        now.number() - (before.closed() ? before.outcome(old).number() : Double.NaN))
                .filter(Double::isFinite);
    }

    /**
     * What a strip shows.
     *
     * @param outcome at the present pose
     * @param band what is wanted
     * @param mark verdict at the worst pose that counts
     * @param curve through the travel of both wheels, from droop to bump
     * @param worst place of the worst pose on the curve
     * @param change from the baseline at the same pose
     */
    public record StripValue(
            Result result,
            Outcome outcome,
            Optional<TargetBand> band,
            Optional<Scorecard.Mark> mark,
            double[] curve,
            Optional<Integer> worst,
            Optional<Double> change) {}

    /** The axle at the pose, or at the last pose that closed on the way to it. */
    public AxleModel model() {
        return model;
    }

    /** The pose that was asked for. */
    public WheelTravel pose() {
        return pose;
    }

    public Scorecard scorecard() {
        return curves.scorecard();
    }

    /** Where a result lies in its band over the travel; of which result, it says itself. */
    public PadMap map() {
        return map;
    }

    public List<StripValue> strips() {
        return strips;
    }

    /** The strip of a result, if this axle has it. */
    public Optional<StripValue> strip(String resultId) {
        return strips.stream()
                .filter(strip -> strip.result().id().equals(resultId))
                .findFirst();
    }

    /** The strip that the pad shows: the one whose working is open, else the first. */
    public StripValue shown(@Nullable String lit) {
        return strip(shown(model, lit)).orElseThrow();
    }

    /** Where the middle of the axle goes from droop to bump [m]. */
    public List<Vector3D> centrePath() {
        return curves.centrePath();
    }

    /** Why the axle does not close at the pose, or moves wrongly there. */
    public Optional<Message> trouble() {
        return trouble;
    }
}
