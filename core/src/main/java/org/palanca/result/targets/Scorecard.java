package org.palanca.result.targets;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.sweep.Sweep;
import org.palanca.result.sweep.TravelPath;
import org.palanca.vehicle.TargetBand;

/** How an axle stands against every band it has: at ride, and through the travel where the band asks for that. */
public final class Scorecard {
    /** Poses of the heave sweep that bands are held against. */
    public static final int POSES = 25;

    /**
     * One result against its band.
     *
     * @param result which
     * @param band what is wanted
     * @param travel the worst pose that counts
     * @param value there [inside unit]; NaN where there is no answer
     * @param distance outside the band: negative under it, positive over it, 0 within
     */
    public record Mark(Result result, TargetBand band, WheelTravel travel, double value, double distance) {
        /** Distance in widths of the band, so that percents and inches compare. */
        public double severity() {
            double width = band.high() - band.low();
            double scale = Double.isInfinite(width) ? Math.max(Math.abs(band.low()), Math.abs(edge())) / 2 : width;
            return Double.isNaN(value) ? 1 : Math.abs(distance) / Math.max(scale, 1e-9);
        }

        /** What is wrong, in words: the result, its value and where, and the edge of the band. */
        public Message said() {
            double wanted = distance > 0 ? band.high() : band.low();
            Message where = travel.left() == 0 && travel.right() == 0
                    ? Message.of("mark.at_ride")
                    : Message.of(
                            travel.left() > 0 ? "mark.at_bump" : "mark.at_droop",
                            Message.length(Math.abs(travel.left())));
            return Message.of(
                    Double.isNaN(value) ? "mark.none" : distance > 0 ? "mark.high" : "mark.low",
                    result.subject().isEmpty()
                            ? Message.of("result." + result.id())
                            : Message.of("result." + result.kind().id(), result.subject()),
                    Message.judged(value, wanted, result.quantity()),
                    where,
                    new Message.Measure(wanted, result.quantity()));
        }

        private double edge() {
            return Double.isInfinite(band.high()) ? band.low() : band.high();
        }
    }

    private final List<Mark> marks;

    private Scorecard(List<Mark> marks) {
        this.marks = List.copyOf(marks);
    }

    /** Judges an axle. Leaves the model at ride. */
    public static Scorecard of(AxleModel model) {
        return of(model, Sweep.run(model, TravelPath.heave(model.axle(), POSES)));
    }

    /** Judges an axle by a heave sweep that was made already. The model must be at ride. */
    public static Scorecard of(AxleModel model, Sweep heave) {
        double[] ride = new double[model.results().size()];
        model.evaluate(ride);
        List<Mark> marks = new ArrayList<>();
        for (int i = 0; i < ride.length; i++) {
            Result result = model.results().get(i);
            Optional<TargetBand> band = Targets.band(model.vehicle(), model.axle(), result);
            if (band.isPresent()) {
                marks.add(mark(result, band.get(), ride[i], heave, i));
            }
        }
        return new Scorecard(marks);
    }

    private static Mark mark(Result result, TargetBand band, double ride, Sweep heave, int index) {
        Mark worst = new Mark(result, band, WheelTravel.RIDE, ride, band.distance(ride));
        if (band.scope() == TargetBand.Scope.TRAVEL) {
            for (int pose = 0; pose < heave.poses(); pose++) {
                double value = heave.value(pose, index);
                Mark there = new Mark(result, band, heave.path().at(pose), value, band.distance(value));
                if (there.severity() > worst.severity()) {
                    worst = there;
                }
            }
        }
        return worst;
    }

    /** One mark for every result that has a band. */
    public List<Mark> marks() {
        return marks;
    }

    /** The mark of a result. */
    public Optional<Mark> mark(String resultId) {
        return marks.stream()
                .filter(mark -> mark.result().id().equals(resultId))
                .findFirst();
    }

    /** The mark that is farthest outside its band; empty when all are within. */
    public Optional<Mark> worst() {
        return marks.stream().filter(mark -> mark.severity() > 0).max(Comparator.comparingDouble(Mark::severity));
    }

    /** Sum over all marks of their distances in band widths: 0 when everything is in band. */
    public double badness() {
        return marks.stream().mapToDouble(Mark::severity).sum();
    }
}
