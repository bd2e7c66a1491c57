package org.palanca.floor.scan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.vehicle.survey.Instrument;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;
import org.palanca.vehicle.survey.Survey;

/**
 * A scan as it is laid over the vehicle.
 *
 * @param points where they are now [m]: in the scan's own frame until it is fitted
 * @param misfit what is left between the fitted points and their marks [m]; empty while it lies as its file has it
 */
public record Scan(List<ScanPoint> points, Optional<Double> misfit) {
    public Scan {
        points = List.copyOf(points);
    }

    /** A scan as its file has it. */
    public static Scan raw(List<ScanPoint> points) {
        return new Scan(points, Optional.empty());
    }

    /** Fitted by the points that carry the names of placed marks; as it is where fewer than three do. */
    public Scan fitted(Adjustment adjustment) {
        List<Vector3D> from = new ArrayList<>();
        List<Vector3D> to = new ArrayList<>();
        for (Mark mark : adjustment.placed()) {
            points.stream()
                    .filter(point -> point.name().equals(mark.name()))
                    .findFirst()
                    .ifPresent(point -> {
                        from.add(point.place());
                        to.add(adjustment.place(mark.name()));
                    });
        }
        return RigidFit.of(from, to)
                .map(fit -> new Scan(fit.apply(points), Optional.of(fit.misfit())))
                .orElse(this);
    }

    /** With a point given the name of a mark. */
    public Scan named(ScanPoint point, String name) {
        List<ScanPoint> next = new ArrayList<>(points);
        next.replaceAll(other -> other == point ? new ScanPoint(name, point.place()) : other);
        return new Scan(next, misfit);
    }

    /** The point nearest to a place as seen along a direction, within a distance across it. */
    public Optional<ScanPoint> nearest(Vector3D place, Vector3D along, double within) {
        return points.stream()
                .filter(point -> across(point, place, along) <= within)
                .min(Comparator.comparingDouble(point -> across(point, place, along)));
    }

    private static double across(ScanPoint point, Vector3D place, Vector3D along) {
        Vector3D apart = point.place().subtract(place);
        return apart.subtract(apart.dotProduct(along), along).getNorm();
    }

    /** The survey with a point of this scan as a mark, measured by the scanner in all three directions. */
    public static Survey marked(Survey survey, String name, Vector3D place) {
        Survey next = survey.mark(name).isPresent() ? survey : survey.with(Mark.at(name, place));
        for (ReadingKind kind : List.of(ReadingKind.AHEAD, ReadingKind.OFFSET, ReadingKind.HEIGHT)) {
            Reading plain = Reading.of(kind, name, "", kind.value(0, place, place));
            next = next.with(new Reading(kind, name, "", plain.values(), Instrument.SCANNER, plain.spread()));
        }
        return next;
    }
}
