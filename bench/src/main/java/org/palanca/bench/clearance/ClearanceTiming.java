package org.palanca.bench.clearance;

import com.bulletphysics.collision.shapes.BoxShape;
import com.bulletphysics.collision.shapes.ConvexShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.solid.Convex;
import org.palanca.base.solid.Solid;
import org.palanca.base.words.Message;
import org.palanca.bench.fixture.Vehicles;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.clearance.Carrier;
import org.palanca.study.clearance.ClearanceStudy;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.CollisionBody;
import org.palanca.study.clearance.CollisionId;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Vehicle;

/**
 * Least room of 60 moving shapes against 60 fixed ones over 41 x 41 x 9 poses of a steered axle: the study against looking at
 * every pair at every pose with our own distance, and with a collision library's, both on a part of the poses.
 */
public final class ClearanceTiming {
    private static final int SHAPES = 60;

    /** One pose in so many is looked at in full, for the slow ways. */
    private static final int SPARSE = 257;

    private static final int AGAIN = 12;

    /** Any distance is asked of the library [m]. */
    private static final float ANY = 1e3f;

    private final Vehicle vehicle = Vehicles.example("plover.palanca.json");
    private final Random random = new Random(3);
    private final List<Box> boxes = new ArrayList<>();
    private final List<CollisionBody> things = new ArrayList<>();
    private final ExecutorService second = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task);
        thread.setDaemon(true);
        return thread;
    });

    /** A box with its body, for the library. */
    private record Box(int body, Vector3D middle, Vector3D half) {}

    private ClearanceTiming() {
        AxleModel model = new AxleModel(vehicle, AxlePlace.FRONT);
        int[] bodies = {
            model.bodyIndex(BodyName.RACK).orElseThrow(),
            model.bodyIndex(BodyName.KNUCKLE_LEFT).orElseThrow(),
            model.bodyIndex(BodyName.KNUCKLE_RIGHT).orElseThrow()
        };
        double z = vehicle.axle(AxlePlace.FRONT).orElseThrow().tyre().loadedRadius();
        for (int i = 0; i < 2 * SHAPES; i++) {
            int body = i < SHAPES ? bodies[i % 3] : -1;
            double side = i < SHAPES && i % 3 > 0 ? (i % 3 == 1 ? 0.55 : -0.55) : 1.6 * (random.nextDouble() - 0.5);
            double up = body < 0 ? z + 0.3 + 0.25 * random.nextDouble() : z + 0.2 * (random.nextDouble() - 0.5);
            Vector3D at = new Vector3D(1.2 * (random.nextDouble() - 0.5), side, up);
            Vector3D half = new Vector3D(size(), size(), size());
            Vector3D origin = model.originAtRide(body);
            boxes.add(new Box(body, at.subtract(origin), half));
            Solid solid = Solid.of(List.of(
                    Convex.box(at.subtract(half).subtract(origin), at.add(half).subtract(origin))));
            things.add(new CollisionBody(
                    CollisionId.Sort.PART.of("box " + i),
                    Message.of("thing.part", Integer.toString(i)),
                    Part.Kind.FIXED,
                    body < 0 ? new Carrier.Frame() : new Carrier.Moving(body),
                    solid,
                    Set.of(body < 0 ? "fixed" : "moving")));
        }
    }

    private double size() {
        return 0.02 + 0.06 * random.nextDouble();
    }

    private Clearances clearances() {
        return new Clearances(new AxleModel(vehicle, AxlePlace.FRONT), things);
    }

    /** Times it and prints what is claimed. */
    public static void print() {
        new ClearanceTiming().run();
    }

    private void run() {
        for (int i = 0; i < 3; i++) {
            study(new AtomicLong());
        }
        AtomicLong first = new AtomicLong();
        double whole = study(first);
        int poses = ClearanceStudy.FINEST * ClearanceStudy.FINEST * ClearanceStudy.STEERS;
        System.out.printf(
                "60 shapes against 60 over 41 x 41 x 9 poses, two cores: first answer %.1f ms, whole answer %.2f s%n",
                first.get() / 1e6, whole / 1e9);
        double brute = brute() * SPARSE;
        double library = library() * SPARSE;
        // The slow ways run on one core: half of their time is what two cores would take.
        System.out.printf(
                "every pair at every pose by our own distance / the study: %.0f times; by the collision library: %.0f times"
                        + " (of %d poses every %dth looked at)%n",
                brute / 2 / whole, library / 2 / whole, poses, SPARSE);
        memory();
        second.shutdownNow();
    }

    private double study(AtomicLong first) {
        Clearances one = clearances();
        Clearances other = clearances();
        long began = System.nanoTime();
        ClearanceStudy.run(one, other, second, () -> true, soFar -> {
            if (first.get() == 0) {
                first.set(System.nanoTime() - began);
            }
        });
        return System.nanoTime() - began;
    }

    /** The heap after each of many studies: it must not grow. */
    private void memory() {
        long before = used();
        for (int i = 0; i < AGAIN; i++) {
            study(new AtomicLong());
        }
        System.out.printf(
                "heap after %d more whole studies: %.1f MB, %.1f MB before%n", AGAIN, used() / 1e6, before / 1e6);
    }

    private static long used() {
        for (int i = 0; i < 3; i++) {
            System.gc();
        }
        return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
    }

    private double brute() {
        PartOfPoses.Look look = clearances -> {
            for (int k = 0; k < clearances.pairs().size(); k++) {
                clearances.gap(k, Double.POSITIVE_INFINITY);
            }
        };
        PartOfPoses.timed(clearances(), SPARSE, look);
        return PartOfPoses.timed(clearances(), SPARSE, look);
    }

    private double library() {
        ConvexShape[] shapes = boxes.stream()
                .map(box -> new BoxShape(LibraryDistance.vector(box.half())))
                .toArray(ConvexShape[]::new);
        PartOfPoses.Look look = clearances -> {
            LibraryDistance distance = new LibraryDistance();
            for (Clearances.Pair pair : clearances.pairs()) {
                distance.placeFirst(
                        clearances.place(pair.one()), boxes.get(pair.one()).middle());
                distance.placeSecond(
                        clearances.place(pair.other()), boxes.get(pair.other()).middle());
                distance.of(shapes[pair.one()], shapes[pair.other()], ANY);
            }
        };
        PartOfPoses.timed(clearances(), SPARSE, look);
        return PartOfPoses.timed(clearances(), SPARSE, look);
    }
}
