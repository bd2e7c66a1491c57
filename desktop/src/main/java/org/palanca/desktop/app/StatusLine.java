package org.palanca.desktop.app;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.beans.value.ObservableValue;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;
import org.palanca.base.geometry.SidedName;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.control.LatestTask;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.step.Step;
import org.palanca.desktop.step.VehicleReview;
import org.palanca.desktop.strips.Verdicts;
import org.palanca.result.ResultWords;
import org.palanca.result.targets.Scorecard;
import org.palanca.study.assessment.Assessment;
import org.palanca.study.assessment.Fault;
import org.palanca.study.assessment.Remedy;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/**
 * The one sentence at the foot, of the step that is open: what is wrong, by how much, and of the links one thing to try,
 * which a button does. The search for that thing runs beside the drawing and gives way to the next change.
 */
final class StatusLine extends HBox {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Document document;
    private final ObservableValue<Step> openStep;
    private final Supplier<Words> words;
    private final Label mark = new Label();
    private final Label sentence = new Label();
    private final Button attempt = new Button();
    private final Button stop = new Button();
    private final LatestTask search = LatestTask.patient("remedy", Duration.ONE);

    @SuppressWarnings("NullAway.Init") // Null until something is shown.
    private Analysis analysis;

    private @Nullable Remedy remedy;

    /** How far the search is, in tenths. */
    private int far;

    /** Whether the search was given up for the vehicle and axle that are shown. */
    private boolean stopped;

    /** The vehicle for which what is found is to be done at once: it was asked for before it was there. */
    private @Nullable Vehicle wantedFor;

    private @Nullable VehicleReview review;
    private boolean failed;
    private String complaint = "";

    /**
     * @param openStep the step that the sentence belongs to
     * @param afterwards what is done once the button was pressed
     */
    StatusLine(Document document, ObservableValue<Step> openStep, Supplier<Words> words, Runnable afterwards) {
        this.document = document;
        this.openStep = openStep;
        this.words = words;
        setId("trouble");
        getStyleClass().add("trouble");
        setAlignment(Pos.CENTER_LEFT);
        mark.getStyleClass().add("trouble-mark");
        mark.setMinWidth(USE_PREF_SIZE);
        sentence.setId("trouble-text");
        sentence.setWrapText(true);
        sentence.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(sentence, Priority.ALWAYS);
        attempt.setId("trouble-try");
        attempt.setMinWidth(USE_PREF_SIZE);
        attempt.getStyleClass().add("main-action");
        attempt.setOnAction(event -> {
            attempt();
            afterwards.run();
        });
        stop.setId("trouble-stop");
        stop.setMinWidth(USE_PREF_SIZE);
        stop.setOnAction(event -> {
            if (document.tryout().shown().isPresent()) {
                document.tryout().leave();
            } else {
                stopSearching();
            }
        });
        getChildren().addAll(mark, sentence, stop, attempt);
        // At the change itself and not when its results arrive: what is complained of may be said in between.
        // What was asked for of the vehicle before is not done either, should that one come back.
        document.vehicleProperty().addListener((o, before, now) -> {
            complaint = "";
            wantedFor = null;
        });
        document.tryout().shownProperty().addListener((o, before, now) -> write());
        openStep.addListener((o, before, now) -> {
            complaint = "";
            wantedFor = null;
            write();
        });
    }

    /** Says what is wrong with something typed, until the next change. */
    void complain(String text) {
        complaint = text;
        write();
    }

    /** Takes over what every step found on both axles of a vehicle, be its analysis here already or not. */
    void show(VehicleReview found) {
        review = found;
        failed = false;
        search();
        write();
    }

    /** Says that the other steps could not be looked at, in the place of what is still being looked at. */
    void failed() {
        failed = true;
        write();
    }

    /** Takes over what is now shown. */
    void show(Analysis next) {
        boolean sameVehicle =
                analysis != null && analysis.model().vehicle() == next.model().vehicle();
        boolean sameAxle = sameVehicle
                && analysis.model().axle().place() == next.model().axle().place();
        analysis = next;
        if (!sameVehicle) {
            failed = false;
        }
        if (sameVehicle && !sameAxle) {
            complaint = "";
            wantedFor = null;
        }
        if (!sameAxle) {
            remedy = null;
            stopped = false;
            search();
        }
        write();
    }

    /** What every step found on both axles of the vehicle that is shown; empty while that is being worked out. */
    private Optional<Assessment> assessment() {
        return review != null && review.vehicle() == analysis.model().vehicle()
                ? review.assessment()
                : Optional.empty();
    }

    /** Waits for the assessment of the vehicle, which what is tried is held against, and which began when the hand rested. */
    private void search() {
        if (analysis == null || assessment().isEmpty() || stopped) {
            search.drop();
            return;
        }
        Vehicle vehicle = analysis.model().vehicle();
        AxlePlace place = analysis.model().axle().place();
        Optional<Scorecard.Mark> worst = analysis.scorecard().worst();
        if (worst.isEmpty()) {
            search.drop();
            return;
        }
        String id = worst.get().result().id();
        far = 0;
        search.ask(
                goOn -> Remedy.find(vehicle, place, id, goOn, part -> heard(vehicle, part)),
                found -> {
                    remedy = found.orElse(null);
                    write();
                    if (wantedFor == vehicle) {
                        wantedFor = null;
                        attempt();
                    }
                },
                this::stopSearching);
    }

    /** How far the search for a vehicle is, told beside the window; every tenth of it is said. */
    private void heard(Vehicle vehicle, double part) {
        int tenths = (int) (10 * part);
        Platform.runLater(() -> {
            if (document.vehicle() == vehicle && tenths > far) {
                far = tenths;
                write();
            }
        });
    }

    private void stopSearching() {
        search.drop();
        stopped = true;
        wantedFor = null;
        write();
    }

    /** Whether a move may still be found for what is shown. */
    private boolean searching() {
        return remedy == null && !stopped && !failed && (assessment().isEmpty() || search.busy());
    }

    /** Whether the sentence says all that it will say of what is shown. */
    boolean settled() {
        return !search.busy();
    }

    /**
     * Does what the sentence proposes, if it proposes something, as one step that can be undone: what is tried is taken and
     * nothing beyond it, so that the next move is seen before it is done. Asked for before it is found, it is done as soon
     * as it is.
     */
    void attempt() {
        if (!attempt.isVisible()) {
            return;
        }
        if (document.tryout().shown().isPresent()) {
            document.tryout().take();
            return;
        }
        // What was found for the vehicle before the last change would take that change back.
        if (remedy == null || analysis.model().vehicle() != document.vehicle()) {
            wantedFor = document.vehicle();
            if (stopped) {
                stopped = false;
                search();
            }
            write();
        } else {
            begin(remedy);
        }
    }

    /** Shows a move with the vehicle as it was laid under it; it can be taken or left. */
    private void begin(Remedy move) {
        String said = analysis.scorecard()
                .worst()
                .map(worst -> offered(move, worst, words.get()))
                .orElse("");
        document.tryout()
                .begin(move.after(), Message.of("change.tried", move.mount().mount()), said);
    }

    private void write() {
        if (analysis == null) {
            return;
        }
        Words w = words.get();
        show(attempt, false);
        show(stop, false);
        boolean wrong = true;
        if (!complaint.isEmpty()) {
            mark.setText(w.text("trouble.typed"));
            sentence.setText(complaint);
        } else if (document.tryout().shown().isPresent()) {
            wrong = false;
            mark.setText(w.text("trouble.tried"));
            sentence.setText(w.text(
                    "trouble.tried_shown", document.tryout().shown().get().said()));
            attempt.setText(w.text("trouble.take"));
            stop.setText(w.text("trouble.leave"));
            show(attempt, true);
            show(stop, true);
        } else if (analysis.trouble().isPresent()) {
            mark.setText(w.text("trouble.stuck"));
            sentence.setText(w.text(analysis.trouble().get()));
        } else if (JobSentence.job(openStep.getValue()).isPresent()) {
            JobSentence here = here(JobSentence.job(openStep.getValue()).get(), w);
            wrong = here.wrong();
            mark.setText(here.mark());
            sentence.setText(here.text());
        } else if (analysis.scorecard().worst().isPresent()) {
            mark.setText(w.text("trouble.out"));
            sentence.setText(outOfBand(analysis.scorecard().worst().get(), w));
        } else if (assessment().isEmpty() && failed) {
            mark.setText(w.text("trouble.in_band"));
            sentence.setText(w.text("trouble.not_looked"));
        } else if (assessment().isEmpty()) {
            wrong = false;
            mark.setText(w.text("trouble.in_band"));
            sentence.setText(w.text("trouble.looking"));
        } else if (!assessment().get().good()) {
            mark.setText(w.text("trouble.elsewhere"));
            sentence.setText(elsewhere(assessment().get(), w));
        } else {
            wrong = false;
            mark.setText(w.text("trouble.none"));
            sentence.setText(w.text("trouble.all_good"));
        }
        pseudoClassStateChanged(WRONG, wrong);
    }

    /** What is said of the step that is open, where it judges something. */
    private JobSentence here(Fault.Job job, Words w) {
        Step step = openStep.getValue();
        return assessment()
                .map(found -> JobSentence.of(step, job, analysis.model().axle().place(), found, w))
                .orElseGet(() -> failed ? JobSentence.failed(w) : JobSentence.looking(step, w));
    }

    private String outOfBand(Scorecard.Mark worst, Words w) {
        Axle axle = analysis.model().axle();
        Quantity quantity = worst.result().quantity();
        double edge = worst.distance() > 0 ? worst.band().high() : worst.band().low();
        String problem = w.text(
                worst.distance() > 0 ? "trouble.high" : "trouble.low",
                w.text("axle." + axle.place().id()),
                ResultWords.name(worst.result(), w).toLowerCase(Locale.ROOT),
                w.units().textBeside(worst.value(), edge, quantity).replace("-", "−"),
                Verdicts.where(worst, w),
                w.units().text(edge, quantity).replace("-", "−"));
        attempt.setText(w.text("trouble.try"));
        stop.setText(w.text("trouble.stop"));
        show(attempt, remedy != null || searching() || stopped);
        show(stop, searching());
        if (remedy != null) {
            return problem + " " + offered(remedy, worst, w);
        }
        if (searching()) {
            String soFar = far == 0 ? "" : " " + w.text("trouble.searched", Integer.toString(10 * far));
            return problem + " " + w.text(wantedFor == null ? "trouble.searching" : "trouble.searching_wanted") + soFar;
        }
        return stopped || failed ? problem : problem + " " + w.text("trouble.no_move");
    }

    private static void show(Button button, boolean shown) {
        button.setVisible(shown);
        button.setManaged(shown);
    }

    /** The move that was found, and what it spoils. */
    private String offered(Remedy remedy, Scorecard.Mark worst, Words w) {
        Axle axle = analysis.model().axle();
        Quantity quantity = worst.result().quantity();
        double edge = worst.distance() > 0 ? worst.band().high() : worst.band().low();
        String move = w.text(
                remedy.cures() ? "trouble.move" : "trouble.move_better",
                mountName(remedy, axle),
                w.text(remedy.move(analysis.model().vehicle())),
                w.units().textBeside(remedy.there(), edge, quantity).replace("-", "−") + " "
                        + Verdicts.where(worst, w));
        String spoils = remedy.worse().isEmpty()
                ? ""
                : " " + w.text("trouble.worse", remedy.worse().get(0).said());
        return move + spoils;
    }

    private String mountName(Remedy remedy, Axle axle) {
        String name = remedy.mount().mount();
        boolean pair = axle.mirrorImage(name).isPresent();
        return pair ? words.get().text("trouble.both", SidedName.of(name).stem()) : name;
    }

    /** This axle's results are in band; what other steps find, on either axle, the step that is first in the work first. */
    private static String elsewhere(Assessment found, Words w) {
        Fault first = found.first().orElseThrow();
        int more = found.faults().size() - 1;
        String step = w.text("step." + Assessment.id(first.step()));
        String said = first.axle()
                .map(axle -> w.text("trouble.at_step", step, w.text("trouble.axle." + axle.id()), w.text(first.said())))
                .orElseGet(() -> w.text("trouble.at_survey", step, w.text(first.said())));
        return more == 0 ? said : said + " " + w.text("trouble.more", Integer.toString(more));
    }

    void dispose() {
        search.dispose();
    }
}
