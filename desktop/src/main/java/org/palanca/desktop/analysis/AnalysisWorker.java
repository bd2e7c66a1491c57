package org.palanca.desktop.analysis;

import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.palanca.desktop.control.LatestTask;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/**
 * Analyses the axle on the board beside the window, so that its thread only draws. What is asked while another is worked
 * out replaces what was asked before, so the newest is next; each answer arrives whole. All methods are for the window's
 * thread.
 */
public final class AnalysisWorker {
    private final ReadOnlyObjectWrapper<Analysis> analysis = new ReadOnlyObjectWrapper<>();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "analysis");
        thread.setDaemon(true);
        return thread;
    });
    private Optional<Request> next = Optional.empty();
    private boolean working;

    private record Request(Vehicle vehicle, AxlePlace place, WheelTravel pose, Vehicle baseline) {}

    /** The last one worked out; null before the first. */
    public ReadOnlyObjectProperty<Analysis> analysis() {
        return analysis.getReadOnlyProperty();
    }

    /** Whether what is shown is what was asked last. */
    public boolean upToDate() {
        return !working && next.isEmpty();
    }

    /** Asks for an analysis. */
    public void ask(Vehicle vehicle, AxlePlace place, WheelTravel pose, Vehicle baseline) {
        next = Optional.of(new Request(vehicle, place, pose, baseline));
        begin();
    }

    private void begin() {
        if (working || next.isEmpty() || worker.isShutdown()) {
            return;
        }
        Request request = next.get();
        next = Optional.empty();
        working = true;
        worker.execute(() -> {
            try {
                Analysis found = new Analysis(request.vehicle(), request.place(), request.pose(), request.baseline());
                Platform.runLater(() -> arrived(found));
            } catch (RuntimeException | StackOverflowError e) {
                Platform.runLater(() -> failed(e));
            }
        });
    }

    private void arrived(Analysis found) {
        working = false;
        if (!worker.isShutdown()) {
            analysis.set(found);
            begin();
        }
    }

    /** Told on the window's thread, where its handler of what nobody foresaw hears it. */
    private void failed(Throwable failure) {
        working = false;
        begin();
        throw new LatestTask.Failed("analysis", failure);
    }

    /** Ends for good. */
    public void dispose() {
        worker.shutdownNow();
    }
}
