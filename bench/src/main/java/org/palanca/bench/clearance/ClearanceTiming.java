package org.palanca.bench.clearance;

import com.bulletphysics.collision.narrowphase.DiscreteCollisionDetectorInterface.ClosestPointInput;
import com.bulletphysics.collision.narrowphase.GjkEpaPenetrationDepthSolver;
import com.bulletphysics.collision.narrowphase.GjkPairDetector;
import com.bulletphysics.collision.narrowphase.PointCollector;
import com.bulletphysics.collision.narrowphase.VoronoiSimplexSolver;
import com.bulletphysics.collision.shapes.BoxShape;
import com.bulletphysics.collision.shapes.ConvexShape;
import com.bulletphysics.linearmath.Transform;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import javax.vecmath.Vector3f;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.solid.BodyFrame;
import org.palanca.base.solid.Convex;
import org.palanca.base.solid.Solid;
import org.palanca.base.words.Message;
import org.palanca.bench.fixture.Vehicles;
import org.palanca.mechanism.axle.WheelTravel;
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

    private interface AtPose {
        void look(Clearances clearances);
    }

    private double sparse(AtPose look) {
        Clearances clearances = clearances();
        long spent = 0;
        int number = 0;
        for (int s = 0; s < ClearanceStudy.STEERS; s++) {
            clearances.model().toRide();
            for (int i = 0; i < ClearanceStudy.FINEST; i++) {
                for (int j = 0; j < ClearanceStudy.FINEST; j++) {
                    number++;
                    if (number % SPARSE == 0 && clearances.moveTo(pose(clearances.model(), i, j, s))) {
                        long began = System.nanoTime();
                        look.look(clearances);
                        spent += System.nanoTime() - began;
                    }
                }
            }
        }
        return spent;
    }

    private static WheelTravel pose(AxleModel model, int i, int j, int s) {
        double droop = model.axle().travel().droop();
        double whole = droop + model.axle().travel().bump();
        double steps = ClearanceStudy.FINEST - 1.0;
        return new WheelTravel(
                -droop + whole * j / steps, -droop + whole * i / steps, -1 + 2.0 * s / (ClearanceStudy.STEERS - 1));
    }

    private double brute() {
        AtPose look = clearances -> {
            for (int k = 0; k < clearances.pairs().size(); k++) {
                clearances.gap(k, Double.POSITIVE_INFINITY);
            }
        };
        sparse(look);
        return sparse(look);
    }

    private double library() {
        ConvexShape[] shapes =
                boxes.stream().map(box -> new BoxShape(vector(box.half()))).toArray(ConvexShape[]::new);
        AtPose look = clearances -> {
            ClosestPointInput input = new ClosestPointInput();
            GjkPairDetector detector = new GjkPairDetector();
            VoronoiSimplexSolver simplex = new VoronoiSimplexSolver();
            GjkEpaPenetrationDepthSolver depth = new GjkEpaPenetrationDepthSolver();
            for (Clearances.Pair pair : clearances.pairs()) {
                input.init();
                place(input.transformA, clearances.place(pair.one()), boxes.get(pair.one()));
                place(input.transformB, clearances.place(pair.other()), boxes.get(pair.other()));
                input.maximumDistanceSquared = 1e6f;
                detector.init(shapes[pair.one()], shapes[pair.other()], simplex, depth);
                detector.getClosestPoints(input, new PointCollector(), null);
            }
        };
        sparse(look);
        return sparse(look);
    }

    private static void place(Transform into, BodyFrame place, Box box) {
        Vector3D middle = place.at(box.middle());
        Vector3D origin = place.at(Vector3D.ZERO);
        into.origin.set(vector(middle));
        into.basis.setColumn(0, vector(place.at(Vector3D.PLUS_I).subtract(origin)));
        into.basis.setColumn(1, vector(place.at(Vector3D.PLUS_J).subtract(origin)));
        into.basis.setColumn(2, vector(place.at(Vector3D.PLUS_K).subtract(origin)));
    }

    private static Vector3f vector(Vector3D v) {
        return new Vector3f((float) v.getX(), (float) v.getY(), (float) v.getZ());
    }
}
