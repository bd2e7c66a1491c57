package org.palanca.desktop.analysis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.words.Message;
import org.palanca.desktop.control.SecondCore;
import org.palanca.mechanism.CompliantMember;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Outcome;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.sweep.ResultMap;
import org.palanca.result.sweep.Sweep;
import org.palanca.result.sweep.TravelPath;
import org.palanca.result.targets.Scorecard;
import org.palanca.result.targets.Targets;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Vehicle;

/**
 * One axle of a vehicle at one pose, with curves, map and verdicts: everything a frame draws. Made anew at each step of
 * a drag; it takes a few milliseconds at most.
 */
public final class Analysis {
    /** Poses of a curve; bands are held against the same ones. */
    public static final int CURVE_POSES = Scorecard.POSES;

    /** Poses along each edge of the travel map. */
    public static final int MAP_SIZE = 41;

    /** The same where bushings give: each pose takes several times as long, and a drag must not wait. */
    public static final int COARSE_MAP_SIZE = 21;

    private final AxleModel model;
    private final WheelTravel pose;
    private final Sweep heave;
    private final Scorecard scorecard;
    private final ResultMap map;
    private final List<StripValue> strips;
    private final List<Vector3D> centrePath;
    private final Optional<Message> trouble;

    /** Works everything out. */
    public Analysis(Vehicle vehicle, AxlePlace place, WheelTravel pose, Vehicle baseline) {
        this.pose = pose;
        model = new AxleModel(vehicle, place);
        Axle axle = model.axle();
        heave = Sweep.run(model, TravelPath.heave(axle, CURVE_POSES));
        scorecard = Scorecard.of(model, heave);
        boolean gives = model.mechanism().members().stream().anyMatch(CompliantMember.class::isInstance);
        map = new ResultMap(gives ? COARSE_MAP_SIZE : MAP_SIZE, model.results().size());
        map.fill(model, new AxleModel(vehicle, place), pose.steer(), SecondCore.now());
        model.toRide();
        centrePath = path(model, axle);
        boolean closed = model.moveTo(pose);
        trouble = closed ? model.whyUnsound() : model.whyOpen();
        strips = strips(baseline);
    }

    private static List<Vector3D> path(AxleModel model, Axle axle) {
        List<Vector3D> path = new ArrayList<>();
        TravelPath heave = TravelPath.heave(axle, 9);
        for (int i = 0; i < heave.poses(); i++) {
            if (model.moveTo(heave.at(i))) {
                path.add(new Vector3D(
                        model.motion().centreX(),
                        model.motion().centreY(),
                        model.motion().centreZ()));
            }
        }
        model.toRide();
        return List.copyOf(path);
    }

    private List<StripValue> strips(Vehicle baseline) {
        Optional<AxleModel> before = baseline.axle(model.axle().place()).map(axle -> {
            AxleModel old = new AxleModel(baseline, axle.place());
            old.moveTo(pose);
            return old;
        });
        List<StripValue> values = new ArrayList<>();
        for (int i = 0; i < model.results().size(); i++) {
            Result result = model.results().get(i);
            Optional<TargetBand> band = Targets.band(model.vehicle(), model.axle(), result);
            values.add(new StripValue(
                    result,
                    model.outcome(result),
                    band,
                    scorecard.mark(result.id()),
                    heave.curve(i),
                    heave.worst(i, band),
                    before.flatMap(old -> change(old, result))));
        }
        return List.copyOf(values);
    }

    /** How far a result has moved from the baseline's at the same pose. */
    private Optional<Double> change(AxleModel before, Result result) {
        boolean there = before.results().stream().anyMatch(old -> old.id().equals(result.id()));
        if (!there) {
            return Optional.empty();
        }
        double change = model.outcome(result).number()
                - before.outcome(before.result(result.id())).number();
        return Double.isFinite(change) ? Optional.of(change) : Optional.empty();
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

    public Sweep heave() {
        return heave;
    }

    public Scorecard scorecard() {
        return scorecard;
    }

    public ResultMap map() {
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

    /** Where the middle of the axle goes from droop to bump [m]. */
    public List<Vector3D> centrePath() {
        return centrePath;
    }

    /** Why the axle does not close at the pose, or moves wrongly there. */
    public Optional<Message> trouble() {
        return trouble;
    }
}
