package org.palanca.vehicle;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;

/**
 * What an axle has to fit into, and what moves with it.
 *
 * @param well where its tyres stand
 * @param obstacles what else is near, as boxes on the frame
 * @param parts things with shapes, on the frame and on what moves
 * @param hoses what hangs free between frame and axle
 * @param driveline what drives it
 * @param differential where it hangs in the frame, between independent wheels; empty: where the half-shafts say, in the middle
 * @param halfShafts what drives its wheels where they are independent
 * @param leftEnd name of the survey's mark at its left end; empty text where none is measured
 * @param rightEnd name of the mark at its right end
 */
public record Surroundings(
        Optional<WheelWell> well,
        List<Obstacle> obstacles,
        List<Part> parts,
        List<Hose> hoses,
        Optional<Driveline> driveline,
        Optional<Differential> differential,
        Optional<HalfShafts> halfShafts,
        String leftEnd,
        String rightEnd) {
    /** Nothing known. */
    public static final Surroundings NONE = new Surroundings(
            Optional.empty(),
            List.of(),
            List.of(),
            List.of(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            "",
            "");

    public Surroundings {
        obstacles = List.copyOf(obstacles);
        parts = List.copyOf(parts);
        hoses = List.copyOf(hoses);
    }

    public Surroundings withWell(WheelWell other) {
        return new Surroundings(
                Optional.of(other), obstacles, parts, hoses, driveline, differential, halfShafts, leftEnd, rightEnd);
    }

    public Surroundings withObstacles(List<Obstacle> other) {
        return new Surroundings(well, other, parts, hoses, driveline, differential, halfShafts, leftEnd, rightEnd);
    }

    /** With an obstacle in the place of the obstacle of that name. */
    public Surroundings withObstacle(Obstacle changed) {
        List<Obstacle> next = new ArrayList<>(obstacles);
        next.replaceAll(one -> one.name().equals(changed.name()) ? changed : one);
        return withObstacles(next);
    }

    public Surroundings withParts(List<Part> other) {
        return new Surroundings(well, obstacles, other, hoses, driveline, differential, halfShafts, leftEnd, rightEnd);
    }

    public Surroundings withHoses(List<Hose> other) {
        return new Surroundings(well, obstacles, parts, other, driveline, differential, halfShafts, leftEnd, rightEnd);
    }

    /**
     * The same round an axle that is held another way: parts and hoses on a body that it has not are on what carries the wheel
     * on their side there.
     */
    public Surroundings round(Axle axle) {
        return withParts(parts.stream()
                        .map(part -> part.withBody(
                                carrier(axle, part.body(), part.form().middle())))
                        .toList())
                .withHoses(hoses.stream()
                        .map(hose -> new Hose(
                                hose.name(),
                                round(axle, hose.from()),
                                round(axle, hose.to()),
                                hose.length(),
                                hose.bend()))
                        .toList());
    }

    private static Hose.End round(Axle axle, Hose.End end) {
        return new Hose.End(carrier(axle, end.body(), end.at()), end.at());
    }

    private static BodyName carrier(Axle axle, BodyName body, Vector3D at) {
        if (body.equals(BodyName.FRAME) || axle.bodies().contains(body)) {
            return body;
        }
        return axle.independent() ? BodyName.knuckle(at.getY() >= 0 ? Side.LEFT : Side.RIGHT) : BodyName.AXLE;
    }

    /** Middle of a half-shaft's inner joint [m], vehicle frame: at the differential, or in its absence where the shafts say. */
    public Vector3D inner(HalfShafts shafts, Side side) {
        return differential.map(hung -> hung.inner(side)).orElseGet(() -> shafts.inner(side));
    }

    /** The bodies that parts and hoses are fixed to. */
    public Set<BodyName> bodies() {
        Set<BodyName> bodies = EnumSet.noneOf(BodyName.class);
        parts.forEach(part -> bodies.add(part.body()));
        hoses.forEach(
                hose -> bodies.addAll(List.of(hose.from().body(), hose.to().body())));
        return bodies;
    }

    public Optional<Part> part(String name) {
        return parts.stream().filter(part -> part.name().equals(name)).findFirst();
    }

    /** With a part in the place of the part of that name. */
    public Surroundings withPart(Part changed) {
        List<Part> next = new ArrayList<>(parts);
        next.replaceAll(part -> part.name().equals(changed.name()) ? changed : part);
        return withParts(next);
    }

    public Surroundings withDriveline(Driveline other) {
        return new Surroundings(
                well, obstacles, parts, hoses, Optional.of(other), differential, halfShafts, leftEnd, rightEnd);
    }

    public Surroundings withDifferential(Differential other) {
        return new Surroundings(
                well, obstacles, parts, hoses, driveline, Optional.of(other), halfShafts, leftEnd, rightEnd);
    }

    public Surroundings withHalfShafts(HalfShafts other) {
        return new Surroundings(
                well, obstacles, parts, hoses, driveline, differential, Optional.of(other), leftEnd, rightEnd);
    }

    public Surroundings withEnds(String left, String right) {
        return new Surroundings(well, obstacles, parts, hoses, driveline, differential, halfShafts, left, right);
    }
}
