package org.palanca.desktop.analysis;

import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Message;
import org.palanca.desktop.control.LatestTask;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/**
 * Keeps what is shown of the axle on the board. The one pose is worked out at once, on the window's thread, so that it is in
 * the next frame; curves, map, and what is in the way of a pose that does not close are worked out beside the window, the
 * newest asked for next, and taken over when they are here. Until then those of one change before stand in, if the axle has the
 * same results; of another vehicle or axle nothing is shown before it is all here. All methods are for the window's thread.
 */
public final class AnalysisWorker {
    private final ReadOnlyObjectWrapper<Analysis> analysis = new ReadOnlyObjectWrapper<>();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "analysis");
        thread.setDaemon(true);
        return thread;
    });
    private final AxleAtHand moved = new AxleAtHand();
    private final AxleAtHand baseline = new AxleAtHand();

    /** Touched by the worker alone. */
    private final AxleAtHand walked = new AxleAtHand();

    private final AxleAtHand alsoWalked = new AxleAtHand();

    private @Nullable Request request;
    private @Nullable Request failed;
    private @Nullable Found found;
    private boolean working;

    /** Counts vehicles, so that what was begun for another one is not taken over. */
    private int vehicles;

    private record Request(
            Vehicle vehicle,
            AxlePlace place,
            WheelTravel pose,
            Vehicle baseline,
            @Nullable String lit) {}

    /**
     * What was worked out beside the window.
     *
     * @param at for which pose of it the trouble is
     * @param trouble why it does not close there; empty where it does
     */
    private record Found(TravelCurves curves, PadMap map, Request at, Optional<Message> trouble) {
        boolean allOf(Request wanted, AxleModel model) {
            return of(wanted)
                    && map.of(
                            wanted.vehicle(),
                            wanted.place(),
                            Analysis.shown(model, wanted.lit()),
                            wanted.pose().steer())
                    && (model.closed() || at.pose().equals(wanted.pose()));
        }

        boolean of(Request wanted) {
            return curves.of(wanted.vehicle(), wanted.place());
        }
    }

    /** The last one worked out; null before the first. */
    public ReadOnlyObjectProperty<Analysis> analysis() {
        return analysis.getReadOnlyProperty();
    }

    /** Whether everything that is shown is of what was asked last. */
    public boolean upToDate() {
        return !working && !wanting();
    }

    /**
     * Asks for an analysis.
     *
     * @param lit id of the result whose working is open, which the pad shows; null where none is
     */
    public void ask(Vehicle vehicle, AxlePlace place, WheelTravel pose, Vehicle before, @Nullable String lit) {
        request = new Request(vehicle, place, pose, before, lit);
        show();
        begin();
    }

    /** Another vehicle comes: nothing of the one before stands in for anything of it. */
    public void forget() {
        found = null;
        vehicles++;
    }

    /** Moves the axle to the pose asked for last, and tells what stands there with the curves and the map at hand. */
    private void show() {
        if (request == null || found == null) {
            return;
        }
        AxleModel model = moved.of(request.vehicle(), request.place());
        if (!found.curves().standInFor(model)) {
            return;
        }
        boolean closed = model.moveTo(request.pose());
        boolean known = found.of(request) && found.at().pose().equals(request.pose());
        Optional<Message> trouble = closed
                ? model.whyUnsound()
                : known
                        ? found.trouble()
                        : Optional.of(Message.of(
                                "fault.looking",
                                Message.of("axle." + request.place().id())));
        analysis.set(new Analysis(model, before(request), found.curves(), found.map(), request.pose(), trouble));
    }

    private Optional<AxleModel> before(Request of) {
        return of.baseline().axle(of.place()).map(axle -> {
            AxleModel model = baseline.of(of.baseline(), of.place());
            model.moveTo(of.pose());
            return model;
        });
    }

    /** Whether something of what was asked last is still to be worked out beside the window. */
    private boolean wanting() {
        return request != null
                && request != failed
                && (found == null || !found.allOf(request, moved.of(request.vehicle(), request.place())));
    }

    private void begin() {
        if (working || request == null || !wanting() || worker.isShutdown()) {
            return;
        }
        Request next = request;
        @Nullable Found have = found;
        int of = vehicles;
        working = true;
        worker.execute(() -> {
            try {
                Found answer = work(next, have);
                Platform.runLater(() -> arrived(answer, of));
            } catch (RuntimeException | StackOverflowError e) {
                Platform.runLater(() -> failed(next, e));
            }
        });
    }

    /** What is at hand already is kept. */
    private Found work(Request wanted, @Nullable Found have) {
        AxleModel model = walked.of(wanted.vehicle(), wanted.place());
        TravelCurves curves = have != null && have.of(wanted) ? have.curves() : new TravelCurves(model);
        String shown = Analysis.shown(model, wanted.lit());
        double steer = wanted.pose().steer();
        PadMap map = have != null && have.map().of(wanted.vehicle(), wanted.place(), shown, steer)
                ? have.map()
                : PadMap.of(model, alsoWalked.of(wanted.vehicle(), wanted.place()), shown, steer);
        model.toRide();
        Optional<Message> trouble = model.moveTo(wanted.pose()) ? Optional.empty() : model.whyOpen();
        return new Found(curves, map, wanted, trouble);
    }

    private void arrived(Found answer, int of) {
        working = false;
        if (of == vehicles && !worker.isShutdown()) {
            found = answer;
            show();
        }
        begin();
    }

    /** Told on the window's thread, where its handler of what nobody foresaw hears it. */
    private void failed(Request of, Throwable failure) {
        working = false;
        failed = of;
        begin();
        throw new LatestTask.Failed("analysis", failure);
    }

    /** Ends for good. */
    public void dispose() {
        worker.shutdownNow();
    }
}
