package org.palanca.bench.fault;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import org.palanca.bench.fixture.Vehicles;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.sweep.BandMap;
import org.palanca.result.targets.Scorecard;
import org.palanca.result.targets.Targets;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Vehicle;

/** Everything the window works out of an axle, where it is blocked or loose, against the same axle when it is sound. */
public final class FaultTiming {
    private static final int ROUNDS = 21;
    private static final int SIZE = 41;

    private FaultTiming() {}

    /** Prints it, one core. */
    public static void print() {
        Vehicle roadster = Vehicles.example("plover.palanca.json");
        Link brace = new Link("brace left", LinkRole.UPPER, "lower front pivot left", "upper ball left");
        print("wishbones with one link too many", roadster, with(roadster, links -> links.add(brace)));
        print("wishbones without a tie rod", roadster, with(roadster, without("tie rod left")));
        Vehicle bushed = Vehicles.example("marram.palanca.json");
        print("radius arms without a drag link", bushed, with(bushed, without("drag link")));
    }

    private static Consumer<List<Link>> without(String name) {
        return links -> links.removeIf(link -> link.name().equals(name));
    }

    private static Vehicle with(Vehicle vehicle, Consumer<List<Link>> change) {
        Axle front = vehicle.axle(AxlePlace.FRONT).orElseThrow();
        List<Link> links = new ArrayList<>(front.links());
        change.accept(links);
        return vehicle.withAxle(front.withLinkage(front.linkage().withLinks(links)));
    }

    private static void print(String what, Vehicle sound, Vehicle faulty) {
        double[] ratios = new double[ROUNDS];
        double[] times = new double[ROUNDS];
        for (int round = -ROUNDS; round < ROUNDS; round++) {
            double plain = time(sound);
            double other = time(faulty);
            if (round >= 0) {
                ratios[round] = other / plain;
                times[round] = other;
            }
        }
        Arrays.sort(ratios);
        Arrays.sort(times);
        System.out.printf(
                "%s, everything worked out: %.1f ms, %.1f times the sound axle%n",
                what, times[ROUNDS / 2], ratios[ROUNDS / 2]);
    }

    private static double time(Vehicle vehicle) {
        long began = System.nanoTime();
        AxleModel model = new AxleModel(vehicle, AxlePlace.FRONT);
        Scorecard.of(model);
        Result first = model.results().get(0);
        BandMap.of(
                model,
                new AxleModel(vehicle, AxlePlace.FRONT),
                0,
                first,
                Targets.band(vehicle, model.axle(), first),
                SIZE,
                Runnable::run);
        model.toRide();
        boolean closed = model.moveTo(new WheelTravel(0.03, 0.02));
        model.results().forEach(model::outcome);
        (closed ? model.whyUnsound() : model.whyOpen()).ifPresent(message -> {});
        return (System.nanoTime() - began) / 1e6;
    }
}
