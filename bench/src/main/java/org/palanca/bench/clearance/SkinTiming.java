package org.palanca.bench.clearance;

import com.bulletphysics.collision.shapes.BoxShape;
import com.bulletphysics.collision.shapes.BvhTriangleMeshShape;
import com.bulletphysics.collision.shapes.TriangleCallback;
import com.bulletphysics.collision.shapes.TriangleIndexVertexArray;
import com.bulletphysics.collision.shapes.TriangleShape;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.Executor;
import javax.vecmath.Vector3f;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.solid.BodyFrame;
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
 * Least room of boxes that move with a knuckle against a skin of 8,464 triangles on the frame: the study, one core, against a
 * collision library's tree of the same triangles with its distance of a triangle and a box, on a part of the poses.
 */
public final class SkinTiming {
    private static final int RINGS = 46;
    private static final int BOXES = 20;

    /** One pose in so many is looked at by the library. */
    private static final int SPARSE = 31;

    /** Room larger than this is not asked for, by either [m]. */
    private static final float FAR = 0.3f;

    /** The library's rounding of a box's edges [m]. */
    private static final float MARGIN = 1e-3f;

    /** What single precision and the library's margins leave open [m]. */
    private static final double SINGLE = 0.002;

    private static final Executor HERE = Runnable::run;

    private final Vehicle vehicle = Vehicles.example("plover.palanca.json");
    private final List<Vector3D[]> skin = new ArrayList<>();
    private final List<Vector3D> middles = new ArrayList<>();
    private final List<Vector3D> halves = new ArrayList<>();
    private final List<CollisionBody> things = new ArrayList<>();

    private SkinTiming() {
        AxleModel model = new AxleModel(vehicle, AxlePlace.FRONT);
        Vector3D at = model.originAtRide(model.bodyIndex(BodyName.KNUCKLE_LEFT).orElseThrow())
                .subtract(new Vector3D(0, 0.35, 0));
        lump(at);
        things.add(thing(0, new Carrier.Frame(), Solid.openMesh(skin, 0)));
        int knuckle = model.bodyIndex(BodyName.KNUCKLE_LEFT).orElseThrow();
        Random random = new Random(5);
        for (int i = 1; i <= BOXES; i++) {
            Vector3D half = new Vector3D(0.03 * random.nextDouble(), 0.03 * random.nextDouble(), 0.03)
                    .add(Vector3D.PLUS_I.scalarMultiply(0.01));
            Vector3D middle = new Vector3D(
                    0.4 * (random.nextDouble() - 0.5),
                    -0.13 + 0.1 * random.nextDouble(),
                    0.4 * (random.nextDouble() - 0.5));
            middles.add(middle);
            halves.add(half);
            things.add(thing(
                    i,
                    new Carrier.Moving(knuckle),
                    Solid.of(List.of(Convex.box(middle.subtract(half), middle.add(half))))));
        }
    }

    private static CollisionBody thing(int number, Carrier carrier, Solid solid) {
        return new CollisionBody(
                CollisionId.Sort.PART.of("thing " + number),
                Message.of("thing.part", Integer.toString(number)),
                Part.Kind.FIXED,
                carrier,
                solid,
                Set.of(number == 0 ? "fixed" : "moving"));
    }

    /** A ball with dents, by rings and sectors. */
    private void lump(Vector3D middle) {
        for (int i = 0; i < RINGS; i++) {
            for (int j = 0; j < 2 * RINGS; j++) {
                Vector3D[] corner = new Vector3D[4];
                for (int k = 0; k < 4; k++) {
                    double down = Math.PI * (i + (k >> 1)) / RINGS;
                    double round = Math.PI * (j + (k & 1)) / RINGS;
                    double radius = 0.15 * (1 + 0.05 * Math.sin(6 * down) * Math.cos(5 * round));
                    corner[k] = middle.add(new Vector3D(
                            radius * Math.sin(down) * Math.cos(round),
                            radius * Math.sin(down) * Math.sin(round),
                            radius * Math.cos(down)));
                }
                skin.add(new Vector3D[] {corner[0], corner[1], corner[3]});
                skin.add(new Vector3D[] {corner[0], corner[3], corner[2]});
            }
        }
    }

    private Clearances clearances() {
        return new Clearances(new AxleModel(vehicle, AxlePlace.FRONT), things);
    }

    /** Times it and prints what is claimed. */
    public static void print() {
        new SkinTiming().run();
    }

    private void run() {
        double ours = Double.POSITIVE_INFINITY;
        List<ClearanceStudy.Tight> tight = List.of();
        for (int i = 0; i < 3; i++) {
            Clearances one = clearances();
            Clearances other = clearances();
            long began = System.nanoTime();
            tight = ClearanceStudy.run(one, other, HERE, () -> true, soFar -> {})
                    .tight();
            ours = Math.min(ours, System.nanoTime() - began);
        }
        float[] least = new float[BOXES + 1];
        library(least);
        double theirs = library(least) * SPARSE;
        // The study looks at more poses, and the library rounds edges: only more than both is a fault of one of them.
        for (ClearanceStudy.Tight one : tight) {
            if (Math.abs(least[number(one)] - one.room()) > SINGLE) {
                throw new IllegalStateException("the study and the collision library do not agree on "
                        + one.other().subject());
            }
        }
        System.out.printf(
                "%d boxes against a skin of %d triangles, one core: the study %.2f s; the collision library's tree of"
                        + " triangles / the study: %.0f times (every %dth pose looked at)%n",
                BOXES, skin.size(), ours / 1e9, theirs / ours, SPARSE);
    }

    private static int number(ClearanceStudy.Tight tight) {
        return Integer.parseInt(tight.other().subject().replaceAll("\\D", ""));
    }

    /** What the library takes; leaves the least room it found of each box. */
    private double library(float[] least) {
        BvhTriangleMeshShape mesh = new BvhTriangleMeshShape(triangles(), true);
        BoxShape[] shapes = new BoxShape[BOXES + 1];
        for (int i = 1; i <= BOXES; i++) {
            shapes[i] = new BoxShape(LibraryDistance.vector(halves.get(i - 1)));
            // Its margin is taken off a box's half sizes, which are smaller here than the one it begins with.
            shapes[i].setMargin(MARGIN);
        }
        Arrays.fill(least, FAR);
        LibraryDistance distance = new LibraryDistance();
        BodyFrame fixed = new BodyFrame();
        return PartOfPoses.timed(clearances(), SPARSE, clearances -> {
            for (int i = 1; i <= BOXES; i++) {
                int box = i;
                BodyFrame place = clearances.place(i);
                distance.placeFirst(fixed, Vector3D.ZERO);
                distance.placeSecond(place, middles.get(i - 1));
                // What a box reaches in any direction, and as much as would be nearer than what was found so far.
                float reach = (float) halves.get(i - 1).getNorm() + Math.max(0, least[i]);
                Vector3f low = LibraryDistance.vector(place.at(middles.get(i - 1)));
                Vector3f high = new Vector3f(low);
                low.sub(new Vector3f(reach, reach, reach));
                high.add(new Vector3f(reach, reach, reach));
                mesh.processAllTriangles(
                        new TriangleCallback() {
                            @Override
                            public void processTriangle(Vector3f[] corners, int part, int index) {
                                TriangleShape triangle = new TriangleShape(corners[0], corners[1], corners[2]);
                                triangle.setMargin(0);
                                float found = distance.of(triangle, shapes[box], Math.max(0, least[box]));
                                least[box] = Math.min(least[box], found);
                            }
                        },
                        low,
                        high);
            }
        });
    }

    private TriangleIndexVertexArray triangles() {
        ByteBuffer corners = ByteBuffer.allocateDirect(skin.size() * 3 * 3 * 4).order(ByteOrder.nativeOrder());
        ByteBuffer order = ByteBuffer.allocateDirect(skin.size() * 3 * 4).order(ByteOrder.nativeOrder());
        for (int i = 0; i < skin.size(); i++) {
            for (int k = 0; k < 3; k++) {
                for (double at : skin.get(i)[k].toArray()) {
                    corners.putFloat((float) at);
                }
                order.putInt(3 * i + k);
            }
        }
        order.flip();
        corners.flip();
        return new TriangleIndexVertexArray(skin.size(), order, 12, 3 * skin.size(), corners, 12);
    }
}
