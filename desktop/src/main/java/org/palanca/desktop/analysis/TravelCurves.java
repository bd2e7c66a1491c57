package org.palanca.desktop.analysis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.sweep.Sweep;
import org.palanca.result.sweep.TravelPath;
import org.palanca.result.targets.Scorecard;
import org.palanca.result.targets.Targets;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Vehicle;

/** What of an axle does not hang on where it stands: every result through the travel of both wheels, and the verdicts. */
public final class TravelCurves {
    /** Poses of a curve; bands are held against the same ones. */
    public static final int POSES = Scorecard.POSES;

    private static final int PATH_POSES = 9;

    private final Vehicle vehicle;
    private final AxlePlace place;
    private final Scorecard scorecard;
    private final List<Curve> curves;
    private final List<Vector3D> centrePath;

    /**
     * One result through the travel.
     *
     * @param band what is wanted
     * @param mark verdict at the worst pose that counts
     * @param values from droop to bump [inside unit]
     * @param worst place of the worst pose among them
     */
    record Curve(
            Result result,
            Optional<TargetBand> band,
            Optional<Scorecard.Mark> mark,
            double[] values,
            Optional<Integer> worst) {}

    /** Works them out; leaves the axle at ride. */
    TravelCurves(AxleModel model) {
        vehicle = model.vehicle();
        Axle axle = model.axle();
        place = axle.place();
        Sweep heave = Sweep.run(model, TravelPath.heave(axle, POSES));
        scorecard = Scorecard.of(model, heave);
        List<Curve> all = new ArrayList<>();
        for (int i = 0; i < model.results().size(); i++) {
            Result result = model.results().get(i);
            Optional<TargetBand> band = Targets.band(vehicle, axle, result);
            all.add(new Curve(result, band, scorecard.mark(result.id()), heave.curve(i), heave.worst(i, band)));
        }
        curves = List.copyOf(all);
        centrePath = path(model, axle);
    }

    private static List<Vector3D> path(AxleModel model, Axle axle) {
        List<Vector3D> path = new ArrayList<>();
        TravelPath heave = TravelPath.heave(axle, PATH_POSES);
        for (int i = 0; i < heave.poses(); i++) {
            if (model.placeAt(heave.at(i))) {
                path.add(new Vector3D(
                        model.motion().centreX(),
                        model.motion().centreY(),
                        model.motion().centreZ()));
            }
        }
        model.toRide();
        return List.copyOf(path);
    }

    /** Whether they are those of an axle of a vehicle as it is now. */
    boolean of(Vehicle other, AxlePlace axle) {
        return vehicle == other && place == axle;
    }

    /** Whether they are of an axle that has the same results, one change of it before, so that they may stand in for its own. */
    boolean standInFor(AxleModel model) {
        return place == model.axle().place()
                && curves.stream()
                        .map(curve -> curve.result().id())
                        .toList()
                        .equals(model.results().stream().map(Result::id).toList());
    }

    List<Curve> curves() {
        return curves;
    }

    Scorecard scorecard() {
        return scorecard;
    }

    List<Vector3D> centrePath() {
        return centrePath;
    }
}
