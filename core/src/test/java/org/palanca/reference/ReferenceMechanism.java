package org.palanca.reference;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.RotationOrder;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.util.Pair;

/**
 * Any suspension worked out a second time, sharing no code with what it checks: the vehicle file as plain JSON, every body
 * as three coordinates and three Cardan angles, every joint in its plainest redundant form (a hinge is two pairs of points
 * that coincide), all of it one heap of residuals for Hipparchus' Levenberg-Marquardt optimiser on differences. What is
 * rigid weighs a few thousand times what gives. Millimetres throughout.
 */
final class ReferenceMechanism {
    private static final double RIGID = 3e3;
    private static final double EQUAL_RATE = 5000;

    private final JsonNode vehicle;
    private final JsonNode axle;
    private final String place;
    private final boolean independent;
    private final Map<String, Vector3D> origins = new LinkedHashMap<>();
    private final boolean gives;
    private double left;
    private double right;
    private double steer;
    private Placed last;

    ReferenceMechanism(JsonNode vehicle, String place) {
        this.vehicle = vehicle;
        this.place = place;
        axle = vehicle.path("axles").path(place);
        independent = List.of("double_wishbone", "semi_trailing", "strut", "five_link_corner")
                .contains(axle.path("type").asText());
        origins.put(carrier(1), wheel(1));
        origins.put(carrier(-1), wheel(-1));
        axle.path("mounts").properties().forEach(entry -> {
            String body = entry.getValue().path("body").asText();
            if (!body.equals("frame")) {
                origins.putIfAbsent(body, at(entry.getKey()));
            }
        });
        axle.path("joints").forEach(joint -> {
            String body = joint.path("body").asText("frame");
            if (!body.equals("frame")) {
                origins.putIfAbsent(body, wheel(1));
            }
        });
        gives = List.of("parallel_panhard", "five_link", "watts_on_axle", "watts_on_frame", "radius_arms")
                        .contains(axle.path("type").asText())
                || List.of("trailing_arms", "ladder_bars", "leaf_springs")
                        .contains(axle.path("type").asText());
    }

    private String carrier(int side) {
        return independent ? "knuckle " + (side > 0 ? "left" : "right") : "axle";
    }

    private String wheelBody(int side) {
        String knuckle = "knuckle " + (side > 0 ? "left" : "right");
        return origins.containsKey(knuckle) ? knuckle : carrier(side);
    }

    private double lineX() {
        return place.equals("front") ? 0 : -vehicle.path("wheelbase_mm").asDouble();
    }

    private Vector3D wheel(int side) {
        return new Vector3D(
                lineX(),
                side * axle.path("track_mm").asDouble() / 2,
                axle.path("tyre").path("loaded_radius_mm").asDouble());
    }

    private Vector3D at(String name) {
        JsonNode mount = axle.path("mounts").path(name);
        if (mount.has("mirror_of")) {
            Vector3D other = at(mount.path("mirror_of").asText());
            return new Vector3D(other.getX(), -other.getY(), other.getZ());
        }
        double ahead = mount.has("ahead_mm")
                ? mount.path("ahead_mm").asDouble()
                : -mount.path("behind_mm").asDouble();
        double out = mount.path("out_mm").asDouble();
        return new Vector3D(
                lineX() + ahead,
                mount.path("side").asText().equals("left") ? out : -out,
                mount.path("up_mm").asDouble());
    }

    private String body(String mount) {
        return axle.path("mounts").path(mount).path("body").asText();
    }

    /** Where bodies are: a placed body carries points from design to now. */
    private final class Placed {
        private final Map<String, Vector3D> move = new LinkedHashMap<>();
        private final Map<String, Rotation> turn = new LinkedHashMap<>();

        Placed(RealVector p) {
            int i = 0;
            for (String body : origins.keySet()) {
                move.put(body, new Vector3D(p.getEntry(i), p.getEntry(i + 1), p.getEntry(i + 2)));
                turn.put(
                        body,
                        new Rotation(
                                RotationOrder.XYZ,
                                RotationConvention.VECTOR_OPERATOR,
                                p.getEntry(i + 3) / 300,
                                p.getEntry(i + 4) / 300,
                                p.getEntry(i + 5) / 300));
                i += 6;
            }
        }

        Vector3D carry(String body, Vector3D point) {
            if (body.equals("frame")) {
                return point;
            }
            Vector3D origin = origins.get(body);
            return origin.add(move.get(body)).add(turn.get(body).applyTo(point.subtract(origin)));
        }

        Vector3D turned(String body, Vector3D direction) {
            return body.equals("frame") ? direction : turn.get(body).applyTo(direction);
        }

        Vector3D mount(String name) {
            return carry(body(name), at(name));
        }
    }

    private static void vector(List<Double> out, double weight, Vector3D v) {
        out.add(weight * v.getX());
        out.add(weight * v.getY());
        out.add(weight * v.getZ());
    }

    private RealVector residuals(RealVector p) {
        Placed placed = new Placed(p);
        List<Double> out = new ArrayList<>();
        axle.path("links").properties().forEach(entry -> link(out, placed, entry.getValue()));
        axle.path("joints").properties().forEach(entry -> joint(out, placed, entry.getValue()));
        axle.path("leaves").properties().forEach(entry -> leaf(out, placed, entry.getValue()));
        origins.keySet().stream().filter(body -> body.contains(" arm ")).forEach(body -> arm(out, placed, body));
        for (int side : new int[] {1, -1}) {
            double rise = placed.carry(carrier(side), wheel(side)).getZ()
                    - wheel(side).getZ();
            out.add(RIGID * (rise - (side > 0 ? left : right)));
        }
        drive(out, placed);
        return new ArrayRealVector(out.stream().mapToDouble(Double::doubleValue).toArray());
    }

    private boolean locates(String one, String other) {
        return List.of(one, other).stream()
                .allMatch(body -> List.of("frame", "axle", "bellcrank").contains(body));
    }

    private void link(List<Double> out, Placed placed, JsonNode link) {
        String from = link.path("from").asText();
        String to = link.path("to").asText();
        double off = placed.mount(from).distance(placed.mount(to)) - at(from).distance(at(to));
        out.add((gives && locates(body(from), body(to)) ? 1 : RIGID) * off);
    }

    /** What a wishbone carries is on a body that coincides with the ends of its two legs; these stay as they are. */
    private void arm(List<Double> out, Placed placed, String arm) {
        String role = arm.substring(0, arm.indexOf(' '));
        String knuckle = "knuckle " + arm.substring(arm.lastIndexOf(' ') + 1);
        axle.path("links").forEach(leg -> {
            String ball = leg.path("to").asText();
            if (leg.path("role").asText().equals(role) && body(ball).equals(knuckle)) {
                coincide(out, placed, leg.path("from").asText(), arm, RIGID);
                coincide(out, placed, ball, arm, RIGID);
            }
        });
    }

    private void joint(List<Double> out, Placed placed, JsonNode joint) {
        String other = joint.path("body").asText();
        switch (joint.path("kind").asText()) {
            case "ball" -> coincide(out, placed, joint.path("mount").asText(), other, 1);
            case "hinge" -> {
                coincide(out, placed, joint.path("from").asText(), other, RIGID);
                coincide(out, placed, joint.path("to").asText(), other, RIGID);
            }
            case "guide" -> {
                // Without turning, the offset between both bodies' ideas of a point lies along the line.
                Vector3D from = at(joint.path("from").asText());
                Vector3D along = at(joint.path("to").asText()).subtract(from).normalize();
                String own = body(joint.path("from").asText());
                for (Vector3D point :
                        List.of(from, from.add(new Vector3D(0, 0, 200)), from.add(new Vector3D(0, 200, 0)))) {
                    Vector3D gap = placed.carry(other, point).subtract(placed.carry(own, point));
                    vector(out, RIGID, gap.crossProduct(placed.turned(own, along)));
                }
                Vector3D up = placed.turned(own, Vector3D.PLUS_K);
                vector(out, 300 * RIGID, placed.turned(other, Vector3D.PLUS_K).subtract(up));
            }
            case "strut" -> {
                String foot = joint.path("foot").asText();
                String top = joint.path("top").asText();
                Vector3D along = at(top).subtract(at(foot)).normalize();
                Vector3D reach = placed.mount(top).subtract(placed.mount(foot));
                vector(out, RIGID, reach.crossProduct(placed.turned(body(foot), along)));
            }
            case "clamp" -> {
                String front = joint.path("front").asText();
                String rear = joint.path("rear").asText();
                coincide(out, placed, front, other, 1);
                coincide(out, placed, rear, other, 1);
                Vector3D line = at(rear).subtract(at(front)).normalize();
                Vector3D beside = line.orthogonal();
                Vector3D point = at(front).add(beside.scalarMultiply(76.2));
                Vector3D gap = placed.carry(other, point).subtract(placed.carry("axle", point));
                out.add(gap.dotProduct(placed.turned("axle", Vector3D.crossProduct(line, beside))));
            }
            default -> throw new IllegalStateException(joint.toString());
        }
    }

    private void coincide(List<Double> out, Placed placed, String mount, String other, double weight) {
        vector(out, weight, placed.carry(other, at(mount)).subtract(placed.mount(mount)));
    }

    /** The three-link equivalent, written down anew: rates against the equal rate of a bushing. */
    private void leaf(List<Double> out, Placed placed, JsonNode leaf) {
        String seat = leaf.path("seat").asText();
        Vector3D middle = at(seat);
        String[] eyes = {
            leaf.path("fixed_eye").asText(), leaf.path("shackle_eye").asText()
        };
        double clamp = leaf.path("clamp_mm").asDouble();
        double a = at(eyes[0]).distance(middle) - clamp / 2;
        double b = at(eyes[1]).distance(middle) - clamp / 2;
        // Stiffness of halves as c / length^3, c so that both together give the stated rate with the seat free to wind.
        double together = (a + b) * (a + b) / (a * a * a * b * b * b) / (1 / a + 1 / b);
        double c = leaf.path("rate_n_per_mm").asDouble() / together;
        for (int i = 0; i < 2; i++) {
            double half = i == 0 ? a : b;
            Vector3D along = at(eyes[i]).subtract(middle).normalize();
            Vector3D inner = at(eyes[i]).subtract(along.scalarMultiply(0.75 * half));
            Vector3D eye = placed.mount(eyes[i]);
            out.add(RIGID * (eye.distance(placed.carry("axle", inner)) - 0.75 * half));
            Vector3D off = eye.subtract(placed.carry("axle", at(eyes[i])));
            Vector3D bend = Vector3D.crossProduct(along, Vector3D.PLUS_J).normalize();
            out.add(Math.sqrt(c / (half * half * half) / EQUAL_RATE) * off.dotProduct(placed.turned("axle", bend)));
            double side = leaf.path("side_rate_n_per_mm").asDouble() / EQUAL_RATE;
            out.add(Math.sqrt(side) * off.dotProduct(placed.turned("axle", Vector3D.PLUS_J)));
        }
        Vector3D pivot = at(leaf.path("shackle_pivot").asText());
        String shackle = body(eyes[1]);
        vector(out, RIGID, placed.carry(shackle, pivot).subtract(pivot));
        Vector3D across = new Vector3D(0, 100, 0);
        vector(out, RIGID, placed.carry(shackle, pivot.add(across)).subtract(pivot.add(across)));
    }

    private void drive(List<Double> out, Placed placed) {
        JsonNode steering = axle.path("steering");
        if (steering.isMissingNode()) {
            return;
        }
        JsonNode joint = axle.path("joints").path(steering.path("joint").asText());
        String from = joint.path("from").asText();
        Vector3D along = at(joint.path("to").asText()).subtract(at(from)).normalize();
        if (joint.path("kind").asText().equals("guide")) {
            Vector3D gap = placed.carry(joint.path("body").asText(), at(from)).subtract(placed.mount(from));
            double asked = steer * steering.path("lock_mm").asDouble();
            out.add(RIGID * (gap.dotProduct(placed.turned(body(from), along)) - asked));
        } else {
            Rotation asked = new Rotation(
                    along,
                    Math.toRadians(steer * steering.path("lock_deg").asDouble()),
                    RotationConvention.VECTOR_OPERATOR);
            Vector3D arm = along.orthogonal();
            vector(
                    out,
                    300 * RIGID,
                    placed.turned(joint.path("body").asText(), arm)
                            .subtract(placed.turned(body(from), asked.applyTo(arm))));
        }
    }

    /** Wheel centre and the axis of a wheel, pointing left. */
    record Wheel(Vector3D centre, Vector3D axis) {}

    /** Solves a pose in steps from ride, each from the last: millimetres, part of the lock in the joint's own sense. */
    List<Wheel> solve(double askedLeft, double askedRight, double askedSteer) {
        RealVector at = new ArrayRealVector(6 * origins.size());
        int steps = 8;
        for (int i = 1; i <= steps; i++) {
            left = askedLeft * i / steps;
            right = askedRight * i / steps;
            steer = askedSteer * i / steps;
            at = optimum(at);
        }
        Placed placed = new Placed(at);
        last = placed;
        List<Wheel> wheels = new ArrayList<>();
        for (int side : new int[] {1, -1}) {
            wheels.add(new Wheel(
                    placed.carry(wheelBody(side), wheel(side)), placed.turned(wheelBody(side), Vector3D.PLUS_J)));
        }
        return wheels;
    }

    /** Where a mount was at the pose that was solved last. */
    Vector3D mount(String name) {
        return last.mount(name);
    }

    private RealVector optimum(RealVector start) {
        return new LevenbergMarquardtOptimizer()
                .withCostRelativeTolerance(1e-14)
                .withParameterRelativeTolerance(1e-13)
                .withOrthoTolerance(1e-14)
                .optimize(new LeastSquaresBuilder()
                        .start(start)
                        .target(new double[residuals(start).getDimension()])
                        .model(p -> new Pair<>(residuals(p), jacobian(p)))
                        .maxEvaluations(4000)
                        .maxIterations(4000)
                        .build())
                .getPoint();
    }

    private RealMatrix jacobian(RealVector p) {
        double step = 1e-3;
        RealMatrix jacobian = new Array2DRowRealMatrix(residuals(p).getDimension(), p.getDimension());
        for (int j = 0; j < p.getDimension(); j++) {
            RealVector above = p.copy();
            RealVector below = p.copy();
            above.addToEntry(j, step);
            below.addToEntry(j, -step);
            jacobian.setColumnVector(
                    j, residuals(above).subtract(residuals(below)).mapDivide(2 * step));
        }
        return jacobian;
    }
}
