package org.palanca.bench.clearance;

import org.palanca.bench.fixture.Vehicles;
import org.palanca.study.terrain.Ground;
import org.palanca.study.terrain.StandingVehicle;

/** How long the vehicle takes to come to rest while a slope is dragged. */
public final class SlopeTiming {
    private static final double FRAME = 1e9 / 60;
    private static final int STEPS = 400;

    private SlopeTiming() {}

    /** Times it and prints what is claimed. */
    public static void print() {
        for (String file : new String[] {"tarn-4.palanca.json", "plover.palanca.json", "marram.palanca.json"}) {
            StandingVehicle vehicle = StandingVehicle.of(Vehicles.example(file)).orElseThrow();
            drag(vehicle);
            vehicle.reset();
            double nanos = drag(vehicle);
            System.out.printf(
                    "slope dragged half a degree, %s: comes to rest in %.2f ms, %.2f of a display frame%n",
                    file, nanos / 1e6, nanos / FRAME);
        }
    }

    private static double drag(StandingVehicle vehicle) {
        long began = System.nanoTime();
        for (int i = 0; i < STEPS; i++) {
            double degrees = 25 * Math.sin(i * 0.02);
            vehicle.rest(Ground.LEVEL.withAcross(Math.toRadians(degrees)).withClimb(Math.toRadians(degrees / 2)));
        }
        return (System.nanoTime() - began) / (double) STEPS;
    }
}
