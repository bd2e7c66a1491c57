package org.palanca.study.assessment;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.MountMoves;
import org.palanca.vehicle.hardware.BarBend;
import org.palanca.vehicle.hardware.BarShape;

/**
 * The other school of a bent bar: both brackets are stepped to the side that it bends to, so far as it stands off the line of its
 * pins, and the bar is straight between them. Length and slope stay; the pins are elsewhere, and every study is asked what that
 * does.
 *
 * @param link the bar
 * @param after the vehicle with it; where the other side mirrors the brackets, its bar is straight too
 * @param place the axle it is of
 * @param by how far both of its pins go [m], vehicle frame
 * @param shared what else is bolted to these brackets and goes with them
 * @param worse what gets worse by it; empty where nothing does
 */
public record StraightBarOffer(
        Link link, Vehicle after, AxlePlace place, Vector3D by, List<String> shared, List<Fault> worse) {
    public StraightBarOffer {
        shared = List.copyOf(shared);
        worse = List.copyOf(worse);
    }

    /**
     * Tries it against every study of both axles.
     *
     * @param grid that brackets are set on [m]
     * @param goOn asked on the way; answering false ends it
     * @return empty where no such bar is bent, or its steps would be less than the grid, or it was told to end
     */
    public static Optional<StraightBarOffer> of(
            Vehicle vehicle, AxlePlace place, String link, double grid, BooleanSupplier goOn) {
        Axle axle = vehicle.axle(place).orElseThrow(() -> new IllegalArgumentException("no " + place.id() + " axle"));
        Optional<Link> bar = axle.link(link);
        Optional<BarShape> shape = bar.flatMap(one -> one.make().shape())
                .filter(one -> !one.bends().isEmpty());
        if (shape.isEmpty()) {
            return Optional.empty();
        }
        Vector3D by = onGrid(step(axle, vehicle.wheelbase(), bar.get(), shape.get()), grid);
        if (by.getNorm() < grid / 2) {
            return Optional.empty();
        }
        Vehicle after = vehicle;
        for (String mount : List.of(bar.get().from(), bar.get().to())) {
            MountRef ref = new MountRef(place, mount);
            after = MountMoves.moveTo(
                    after, ref, axle.position(mount, vehicle.wheelbase()).add(by));
        }
        after = after.withAxle(straightened(after.axle(place).orElseThrow(), bar.get()));
        Optional<Assessment> before = Assessment.of(vehicle, goOn);
        Optional<Assessment> then = before.isEmpty() ? Optional.empty() : Assessment.of(after, goOn);
        if (then.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new StraightBarOffer(
                bar.get(), after, place, by, shared(axle, bar.get()), then.get().worseThan(before.get())));
    }

    /** From the line of the pins to where the bar stands off it most. */
    private static Vector3D step(Axle axle, double wheelbase, Link bar, BarShape shape) {
        Vector3D along = axle.position(bar.to(), wheelbase)
                .subtract(axle.position(bar.from(), wheelbase))
                .normalize();
        double most = 0;
        for (BarBend bend : shape.bends()) {
            most = Math.abs(bend.off()) > Math.abs(most) ? bend.off() : most;
        }
        double off = Math.copySign(axle.path(bar, wheelbase).offset(), most);
        return shape.out(along).scalarMultiply(off);
    }

    private static Vector3D onGrid(Vector3D by, double grid) {
        return new Vector3D(
                grid * Math.round(by.getX() / grid),
                grid * Math.round(by.getY() / grid),
                grid * Math.round(by.getZ() / grid));
    }

    /** The bar, and the one between brackets that mirror its own, without bends. */
    private static Axle straightened(Axle axle, Link bar) {
        Set<String> moved = new HashSet<>();
        for (String end : List.of(bar.from(), bar.to())) {
            moved.add(end);
            axle.mirrorImage(end).map(Mount::name).ifPresent(moved::add);
            if (axle.mount(end).orElseThrow().placement() instanceof Placement.MirrorOf mirror) {
                moved.add(mirror.mount());
            }
        }
        return axle.withLinkage(axle.linkage()
                .withLinks(axle.links().stream()
                        .map(link -> moved.contains(link.from()) && moved.contains(link.to())
                                ? link.withMake(link.make().withShape(Optional.empty()))
                                : link)
                        .toList()));
    }

    private static List<String> shared(Axle axle, Link bar) {
        List<String> all = new ArrayList<>();
        for (Link other : axle.links()) {
            boolean here = List.of(bar.from(), bar.to()).contains(other.from())
                    || List.of(bar.from(), bar.to()).contains(other.to());
            if (here && !other.equals(bar)) {
                all.add(other.name());
            }
        }
        return all;
    }

    /** What to step where, what goes with it, and what it makes worse. */
    public Message said(Vehicle before) {
        Message does = Message.of(
                "straight_bar.offer",
                link.name(),
                link.from(),
                step(before, link.from()),
                link.to(),
                step(before, link.to()));
        if (!shared.isEmpty()) {
            does = Message.of("straight_bar.shared", does, String.join(", ", shared));
        }
        return worse.isEmpty()
                ? Message.of("straight_bar.harmless", does)
                : Message.of("straight_bar.worse", does, worse.get(0).said());
    }

    private Message step(Vehicle before, String mount) {
        return MoveWords.of(before, new MountRef(place, mount), by);
    }
}
