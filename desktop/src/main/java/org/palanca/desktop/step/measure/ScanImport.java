package org.palanca.desktop.step.measure;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.util.Duration;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.LatestTask;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.scan.Scan;
import org.palanca.floor.scan.ScanPoint;
import org.palanca.io.FileFormatException;
import org.palanca.io.points.PointFile;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Survey;

/** Points of a scan that lie over the board until they are named or dropped. */
final class ScanImport {
    private final MeasurePane pane;
    private final SurveyBoard board;
    private final LatestTask reading = LatestTask.live("points", Duration.ONE);
    private Optional<ScanPoint> picked = Optional.empty();
    private Scan scan = Scan.raw(List.of());
    private List<String> scanned = List.of();

    ScanImport(MeasurePane pane, SurveyBoard board) {
        this.pane = pane;
        this.board = board;
    }

    /** Whether a point is selected, to be named. */
    boolean isPicked() {
        return picked.isPresent();
    }

    /** Points belong to the vehicle they were laid over: another one has other marks, and they go. */
    void keepFor(List<String> marks) {
        if (!scanned.isEmpty() && marks.stream().noneMatch(scanned::contains)) {
            drop();
        }
    }

    /** Asks for a file of points and lays them over the board. */
    void read() {
        pane.context()
                .files()
                .toOpen(pane.words().text("measure.import_window"))
                .ifPresent(this::read);
    }

    /** A million points take seconds to read, so that is done beside the window. */
    private void read(Path file) {
        boolean inches = pane.words().units().length().inches();
        Survey survey = pane.build().survey();
        pane.complain(pane.words().text("measure.importing", file.getFileName()));
        reading.ask(goOn -> Points.of(file, inches, survey), this::lay);
    }

    /**
     * What came of reading a file.
     *
     * @param inches whether its numbers were taken for inches
     * @param wrong why there are no points; empty where there are
     */
    private record Points(Scan scan, boolean inches, Optional<Message> wrong) {
        static Points of(Path file, boolean inches, Survey survey) {
            try {
                List<ScanPoint> points = PointFile.read(file, inches ? Lengths.INCH : Lengths.MILLIMETRE);
                return new Points(Scan.raw(points).fitted(Adjustment.of(survey)), inches, Optional.empty());
            } catch (FileFormatException e) {
                return new Points(Scan.raw(List.of()), inches, Optional.of(e.told()));
            } catch (IOException e) {
                return new Points(
                        Scan.raw(List.of()), inches, Optional.of(Message.of("measure.unreadable", file.toString())));
            }
        }
    }

    private void lay(Points points) {
        Words w = pane.words();
        if (points.wrong().isPresent()) {
            pane.complain(w.text(points.wrong().get()));
            return;
        }
        scan = points.scan();
        scanned = pane.build().survey().marks().stream().map(Mark::name).toList();
        picked = Optional.empty();
        board.show(scan, picked);
        String count = Integer.toString(scan.points().size());
        String unit = w.text(points.inches() ? "measure.inches" : "measure.millimetres");
        pane.complain(scan.misfit()
                .map(misfit ->
                        w.text("measure.imported_fitted", count, unit, w.units().fine(misfit)))
                .orElseGet(() -> w.text("measure.imported", count, unit)));
    }

    /** Ends the work beside the window. */
    void dispose() {
        reading.dispose();
    }

    private void drop() {
        scanned = List.of();
        scan = Scan.raw(List.of());
        picked = Optional.empty();
        board.show(scan, picked);
    }

    /** Selects a point, to be named. */
    void pick(ScanPoint point) {
        picked = Optional.of(point);
        pane.nameMark(point.name());
        board.show(scan, picked);
        pane.complain(pane.words().text("measure.name_point"));
    }

    /** A point with the name of a mark helps to lay the scan over the vehicle; with a new name it becomes a mark. */
    void name(String name) {
        ScanPoint point = picked.orElseThrow();
        picked = Optional.empty();
        boolean known = pane.build().survey().mark(name).isPresent();
        if (known && scan.misfit().isEmpty()) {
            scan = scan.named(point, name).fitted(pane.adjustment());
            pane.complain(
                    scan.misfit().isPresent()
                            ? pane.words()
                                    .text(
                                            "measure.fitted",
                                            pane.words()
                                                    .units()
                                                    .fine(scan.misfit().get()))
                            : pane.words().text("measure.pairs"));
        } else {
            pane.change(build -> build.withSurvey(Scan.marked(build.survey(), name, point.place())), "mark", name);
            pane.complain("");
        }
        board.show(scan, picked);
    }
}
