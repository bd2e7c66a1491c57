package org.palanca.desktop.board;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;
import org.palanca.drawing.AxleDrawing;
import org.palanca.drawing.Elevation;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Placement;

/**
 * What can be grabbed in an elevation: a mount, or as a whole a wishbone by its legs (its inner pivots move together), any other
 * link, a rack with its housing, a bellcrank, relay or pitman arm with its pin.
 */
final class BoardParts {
    private static final double REACH = 7;
    private static final double MOUNT_REACH = 16;
    private static final List<BodyName> WHOLE_BODIES =
            List.of(BodyName.RACK, BodyName.BELLCRANK, BodyName.PITMAN, BodyName.RELAY);

    private final AxleModel model;
    private final BoardLayout layout;
    private final Elevation elevation;

    BoardParts(AxleModel model, BoardLayout layout, Elevation elevation) {
        this.model = model;
        this.layout = layout;
        this.elevation = elevation;
    }

    /** The mount under a pixel, the measured side before its mirror image, what is selected before all. */
    Optional<MountRef> mount(double px, double py, @Nullable MountRef selected) {
        Axle axle = model.axle();
        MountRef best = null;
        double least = MOUNT_REACH;
        for (Mount mount : axle.mounts()) {
            Vector3D at = AxleDrawing.mount(model, mount.name());
            double away = Math.hypot(
                    layout.x(elevation, elevation.across(at)) - px, layout.y(elevation, elevation.up(at)) - py);
            MountRef ref = new MountRef(axle.place(), mount.name());
            double rank = away + (mount.mirrored() ? 0.5 : 0) - (ref.equals(selected) ? 1 : 0);
            if (rank < least) {
                least = rank;
                best = ref;
            }
        }
        return Optional.ofNullable(best);
    }

    /** The mounts that move together when the part under a pixel is dragged; empty where there is no part. */
    Optional<List<String>> at(double px, double py) {
        Axle axle = model.axle();
        for (BodyName body : WHOLE_BODIES) {
            List<String> own = axle.mounts().stream()
                    .filter(mount -> mount.body().equals(body))
                    .map(Mount::name)
                    .toList();
            for (int i = 1; i < own.size(); i++) {
                if (near(own.get(i - 1), own.get(i), px, py)) {
                    return Optional.of(masters(withPin(body, own)));
                }
            }
        }
        return axle.links().stream()
                .filter(link -> near(link.from(), link.to(), px, py))
                .findFirst()
                .map(link -> masters(pivots(link)));
    }

    private List<String> withPin(BodyName body, List<String> own) {
        List<String> all = new ArrayList<>(own);
        for (Joint joint : model.axle().joints()) {
            if (joint.body().equals(body)) {
                all.addAll(joint.mounts());
            }
        }
        return all;
    }

    /** Of a wishbone the inner ends of all its legs; of a single bar both its ends. */
    private List<String> pivots(Link link) {
        List<String> inner = model.axle().links(link.role()).stream()
                .filter(other -> other.to().equals(link.to()))
                .map(Link::from)
                .toList();
        return inner.size() > 1 ? inner : List.of(link.from(), link.to());
    }

    /** Mirror images follow their masters and are not moved a second time. */
    private List<String> masters(List<String> names) {
        Set<String> masters = new LinkedHashSet<>();
        for (String name : names) {
            Mount mount = model.axle().mount(name).orElseThrow();
            boolean follows = mount.placement() instanceof Placement.MirrorOf mirror && names.contains(mirror.mount());
            if (!follows) {
                masters.add(name);
            }
        }
        return List.copyOf(masters);
    }

    private boolean near(String from, String to, double px, double py) {
        return Reach.fromStroke(px, py, x(from), y(from), x(to), y(to)) < REACH;
    }

    private double x(String mount) {
        Vector3D at = AxleDrawing.mount(model, mount);
        return layout.x(elevation, elevation.across(at));
    }

    private double y(String mount) {
        Vector3D at = AxleDrawing.mount(model, mount);
        return layout.y(elevation, elevation.up(at));
    }
}
