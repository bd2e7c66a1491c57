package org.palanca.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.outline.Outline;
import org.palanca.base.solid.BodyFrame;
import org.palanca.drawing.Shape.Role;
import org.palanca.floor.plate.BracketPlan;
import org.palanca.floor.plate.PlacedPlate;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;

/** The plates of an axle's brackets, where they stand at the model's present pose. */
final class BracketDrawing {
    /** Round edges are drawn with chords that stray so far from them [m]. */
    private static final double STRAY = 4e-4;

    private final AxleModel model;
    private final Scriber scriber;

    private BracketDrawing(AxleModel model, Scriber scriber) {
        this.model = model;
        this.scriber = scriber;
    }

    static void draw(AxleModel model, Scriber scriber) {
        BracketDrawing drawing = new BracketDrawing(model, scriber);
        BracketPlan.of(model.vehicle(), model.axle()).forEach(drawing::bracket);
    }

    private void bracket(BracketPlan plan) {
        Axle axle = model.axle();
        int body = model.bodyIndex(
                        axle.mount(plan.mount().mount()).orElseThrow().body())
                .orElseThrow();
        BodyFrame place = new BodyFrame();
        if (body >= 0) {
            model.locate(body, place);
        }
        Vector3D origin = model.originAtRide(body);
        for (PlacedPlate plate : plan.placed()) {
            List<Outline> lines = new ArrayList<>(List.of(plate.outline()));
            lines.addAll(plate.openings());
            for (Outline line : lines) {
                for (int face = -1; face <= 1; face += 2) {
                    double off = face * plate.thickness() / 2;
                    scriber.path(
                            Role.PLATE,
                            line.points(STRAY).stream()
                                    .map(at -> place.at(plate.place(at, off).subtract(origin)))
                                    .toList(),
                            true);
                }
            }
            for (Vector2D at : utmost(plate.outline())) {
                double half = plate.thickness() / 2;
                scriber.line(
                        Role.PLATE,
                        place.at(plate.place(at, -half).subtract(origin)),
                        place.at(plate.place(at, half).subtract(origin)));
            }
        }
    }

    /** Where it reaches farthest: seen from its edge it ends there. */
    private static List<Vector2D> utmost(Outline outline) {
        List<Vector2D> points = outline.points(STRAY);
        List<Vector2D> all = new ArrayList<>();
        for (ToDoubleFunction<Vector2D> way : List.<ToDoubleFunction<Vector2D>>of(Vector2D::getX, Vector2D::getY)) {
            all.add(points.stream().min(Comparator.comparingDouble(way)).orElseThrow());
            all.add(points.stream().max(Comparator.comparingDouble(way)).orElseThrow());
        }
        return all;
    }
}
