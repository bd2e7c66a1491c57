package org.palanca.result.catalogue;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.palanca.base.geometry.InstantCentre;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.AxleKinematics;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Outcome;
import org.palanca.result.Result;
import org.palanca.result.working.Trace;
import org.palanca.result.working.Working;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/**
 * An axle that can be moved, with the results that are read off it at each pose. Evaluating allocates nothing. Not for two
 * threads at once.
 */
public final class AxleModel extends AxleKinematics {
    private final List<Result> catalogue;
    private final Map<String, Result> byId;
    private final Result[] results;
    private final Result.Motion[] needs;

    /**
     * Sets up an axle whose description has no errors.
     *
     * @throws IllegalArgumentException when the vehicle has no such axle, or a link's mount is missing
     */
    public AxleModel(Vehicle vehicle, AxlePlace place) {
        super(vehicle, place);
        catalogue = ResultCatalogue.of(vehicle, axle(), mechanism());
        byId = catalogue.stream().collect(Collectors.toMap(Result::id, Function.identity(), (one, other) -> one));
        results = catalogue.toArray(Result[]::new);
        needs = catalogue.stream().map(Result::motion).toArray(Result.Motion[]::new);
    }

    /** All results of this axle, in reading order; their places are the indices used elsewhere. */
    public List<Result> results() {
        return catalogue;
    }

    /**
     * A result by its id.
     *
     * @throws IllegalArgumentException naming the results there are
     */
    public Result result(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("no result \"" + id + "\"; there are "
                + catalogue.stream().map(Result::id).toList()));
    }

    /** A result by its id, if this axle has it. */
    public Optional<Result> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** Every result at the present pose as plain numbers: NaN where unavailable, infinite where at infinity. */
    public void evaluate(double[] out) {
        for (int i = 0; i < results.length; i++) {
            out[i] = available(needs[i]) ? results[i].evaluate(motion(), Trace.NONE) : Double.NaN;
        }
    }

    /** One result by its place among them: NaN where unavailable, infinite where at infinity. */
    public double evaluate(int index) {
        return available(needs[index]) ? results[index].evaluate(motion(), Trace.NONE) : Double.NaN;
    }

    /**
     * Moves to a pose for the sake of one result: its motions are found only where that result is read from one.
     *
     * @param index the result's place among them
     */
    public boolean moveFor(int index, WheelTravel travel) {
        return needs[index] == Result.Motion.NONE ? placeAt(travel) : moveTo(travel);
    }

    private boolean available(Result result) {
        return available(result.motion());
    }

    private boolean available(Result.Motion needed) {
        return closed()
                && switch (needed) {
                    case NONE -> true;
                    case HEAVE -> motion().heaveExists();
                    case ROLL -> motion().rollExists();
                    case STEER -> motion().steerExists();
                };
    }

    /** A result at the present pose. */
    public Outcome outcome(Result result) {
        if (!closed()) {
            return new Outcome.Unavailable(whyOpen().orElseThrow());
        }
        if (!available(result)) {
            return new Outcome.Unavailable(whyNoMotion(result.motion()));
        }
        double value = result.evaluate(motion(), Trace.NONE);
        if (Double.isNaN(value)) {
            return new Outcome.Unavailable(result.whyNone());
        }
        if (!Double.isInfinite(value)) {
            return new Outcome.Value(value);
        }
        if (!result.seenFromTheSide()) {
            return new Outcome.AtInfinity(0, value);
        }
        InstantCentre centre = motion().instantCentre();
        return centre instanceof InstantCentre.AtInfinity far
                ? new Outcome.AtInfinity(far.slope(), far.signedDistance())
                : new Outcome.AtInfinity(0, value);
    }

    /** How a result comes about at the present pose; empty where it has no answer. */
    public Optional<Working> working(Result result) {
        if (!available(result)) {
            return Optional.empty();
        }
        Working.Recorder recorder = new Working.Recorder();
        result.evaluate(motion(), recorder);
        return Optional.of(recorder.working(result.source()));
    }

    private Message whyNoMotion(Result.Motion wanted) {
        return whyUnsound().orElse(Message.of("fault.no_motion", wanted.name().toLowerCase(Locale.ROOT)));
    }
}
