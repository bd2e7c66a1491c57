package org.palanca.desktop.step.cycle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.util.Duration;
import org.palanca.base.words.Message;
import org.palanca.desktop.control.LatestTask;
import org.palanca.desktop.control.SecondCore;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.assessment.ClearanceGain;
import org.palanca.study.assessment.TravelGain;
import org.palanca.study.clearance.ClearanceStudy;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.Overlap;
import org.palanca.study.limits.LimitMap;
import org.palanca.study.limits.Limits;
import org.palanca.study.limits.TravelEnd;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** Works out beside the window what ends the travel and where it is tight; each answer is handed over as soon as it is known. */
final class CycleWork {
    private static final Duration REST = Duration.millis(60);
    private static final int COARSE = 15;
    private static final int FINE = 31;

    private final LatestTask work = LatestTask.patient("cycling", REST);
    private final LatestTask looking = LatestTask.patient("clearances", REST);
    private volatile boolean stopped;

    /**
     * What is found at once.
     *
     * @param ends how far the axle goes each way
     * @param worst the worst poses
     * @param atRide what shares room at ride, or is passed there already
     */
    record Endings(List<TravelEnd> ends, List<WorstPose> worst, List<Message> atRide) {}

    /**
     * Who hears, on the window's own thread.
     *
     * @param ends how far the axle goes each way, and what else was found at once
     * @param map what ends the travel where; first coarse, then fine
     * @param clear where it is tight, sharper each time
     * @param gains what would help where the travel ends too soon
     * @param roomier what would give the tightest pair the room it lacks, once the whole travel was looked at
     * @param failed that something could not be worked out
     */
    record Hears(
            Consumer<Endings> ends,
            Consumer<LimitMap> map,
            Consumer<ClearanceStudy> clear,
            BiConsumer<TravelEnd, List<TravelGain>> gains,
            BiConsumer<ClearanceStudy.Tight, List<ClearanceGain>> roomier,
            Runnable failed) {}

    /** Begins anew for a vehicle; what was under way is dropped. */
    void begin(Vehicle vehicle, AxlePlace place, double steer, Hears hears) {
        stopped = false;
        work.ask(
                goOn -> {
                    run(vehicle, place, steer, hears, () -> goOn.getAsBoolean() && !stopped);
                    return true;
                },
                done -> {},
                hears.failed());
        looking.ask(
                goOn -> {
                    BooleanSupplier on = () -> goOn.getAsBoolean() && !stopped;
                    ClearanceStudy whole = ClearanceStudy.run(
                            vehicle,
                            place,
                            SecondCore.patient(),
                            on,
                            study -> tell(on, () -> hears.clear().accept(study)));
                    tightest(whole).ifPresent(tight -> {
                        List<ClearanceGain> gains = ClearanceGain.of(vehicle, place, tight, on);
                        tell(on, () -> hears.roomier().accept(tight, gains));
                    });
                    return whole;
                },
                done -> {},
                hears.failed());
    }

    private static void run(Vehicle vehicle, AxlePlace place, double steer, Hears hears, BooleanSupplier goOn) {
        Limits limits = new Limits(new Clearances(new AxleModel(vehicle, place)));
        List<TravelEnd> ends = TravelEnd.all(limits);
        List<Message> atRide = new ArrayList<>();
        Overlap.of(limits.model(), limits.envelope()).forEach(overlap -> atRide.add(overlap.said()));
        limits.passedAtRide().forEach(limit -> atRide.add(Message.of("cycle.passed_at_ride", limit.what())));
        Endings found = new Endings(ends, limits.envelope().worst(), List.copyOf(atRide));
        tell(goOn, () -> hears.ends().accept(found));
        map(limits, steer, COARSE, hears, goOn);
        Optional<TravelEnd> shortest = ends.stream()
                .filter(end -> !end.reached())
                .max((a, b) -> Double.compare(a.wanted() - a.travel(), b.wanted() - b.travel()));
        if (shortest.isPresent()) {
            List<TravelGain> gains = TravelGain.of(vehicle, place, shortest.get(), goOn);
            tell(goOn, () -> hears.gains().accept(shortest.get(), gains));
        }
        map(new Limits(new Clearances(new AxleModel(vehicle, place))), steer, FINE, hears, goOn);
    }

    /** The pair that lacks most room; one that ends the travel too soon has its own offers with that end. */
    private static Optional<ClearanceStudy.Tight> tightest(ClearanceStudy study) {
        return study.tight().stream()
                .filter(tight -> !tight.atRide() && tight.missing() > 0)
                .findFirst();
    }

    private static void map(Limits limits, double steer, int size, Hears hears, BooleanSupplier goOn) {
        LimitMap.of(limits, steer, size, goOn)
                .ifPresent(map -> tell(goOn, () -> hears.map().accept(map)));
    }

    private static void tell(BooleanSupplier goOn, Runnable what) {
        Platform.runLater(() -> {
            if (goOn.getAsBoolean()) {
                what.run();
            }
        });
    }

    /** Stops what is under way; what is known stays. */
    void stop() {
        stopped = true;
    }

    void dispose() {
        stopped = true;
        work.dispose();
        looking.dispose();
    }
}
