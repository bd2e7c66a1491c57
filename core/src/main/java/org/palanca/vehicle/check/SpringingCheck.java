package org.palanca.vehicle.check;

import static org.palanca.base.words.Message.length;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Joint;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.springing.Air;
import org.palanca.vehicle.springing.BumpStop;
import org.palanca.vehicle.springing.Coil;
import org.palanca.vehicle.springing.Coils;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockSize;
import org.palanca.vehicle.springing.Strap;

/** Looks over what carries an axle: names that lead nowhere, shocks that don't fit their gap, springs that can't be. */
final class SpringingCheck {
    /** Preload over this is asked about [m]: 3 in, common practice, no source. */
    private static final double MUCH_PRELOAD = Lengths.inches(3);

    private final Axle axle;
    private final double wheelbase;
    private final String at;
    private final Set<String> broken;
    private final List<Finding> findings;

    private SpringingCheck(Axle axle, double wheelbase, String at, Set<String> broken, List<Finding> findings) {
        this.axle = axle;
        this.wheelbase = wheelbase;
        this.at = at;
        this.broken = broken;
        this.findings = findings;
    }

    /**
     * Adds what is found.
     *
     * @param broken mounts that have no place
     * @return the mounts it hangs on
     */
    static Set<String> of(Axle axle, double wheelbase, String at, Set<String> broken, List<Finding> findings) {
        SpringingCheck check = new SpringingCheck(axle, wheelbase, at, broken, findings);
        check.names();
        axle.springing().shocks().forEach(check::shock);
        axle.springing().stops().forEach(check::stop);
        axle.springing().straps().forEach(check::strap);
        axle.springing().torsionBars().forEach(bar -> {
            String place = at + "/torsion_bars/" + bar.name();
            check.hinge(place, bar.name(), bar.joint());
            check.rate(place, bar.name(), bar.rate());
        });
        axle.springing().swayBars().forEach(bar -> {
            String place = at + "/sway_bars/" + bar.name();
            check.hinge(place, bar.name(), bar.left());
            check.hinge(place, bar.name(), bar.right());
            check.rate(place, bar.name(), bar.rate());
        });
        return new HashSet<>(axle.springing().mounts());
    }

    /** Links, joints and springs share one set of names: messages name them. */
    private void names() {
        Set<String> seen = new HashSet<>();
        axle.links().forEach(link -> seen.add(link.name()));
        axle.joints().forEach(joint -> seen.add(joint.name()));
        axle.linkage().leaves().forEach(leaf -> seen.add(leaf.name()));
        for (String name : axle.springing().names()) {
            if (!seen.add(name)) {
                error("", "check.name_twice", name);
            }
        }
    }

    private void shock(Shock shock) {
        String place = "/shocks/" + shock.name();
        Optional<Double> gap = apart(place, shock.name(), shock.upper(), shock.lower());
        shock.size().ifPresent(size -> size(place + "/size", shock.name(), size, gap));
        shock.spring()
                .ifPresent(spring -> spring.visit(coils -> coils(place, shock, coils), air -> air(place, shock, air)));
    }

    private void air(String place, Shock shock, Air air) {
        if (shock.size().isEmpty()) {
            error(place, "check.air_size", shock.name());
        } else if (air.column() <= shock.size().get().stroke()) {
            error(
                    place + "/air/column_mm",
                    "check.air_column",
                    shock.name(),
                    length(air.column()),
                    length(shock.size().get().stroke()));
        }
    }

    private void size(String place, String name, ShockSize size, Optional<Double> gap) {
        if (!(size.collapsed() > 0) || size.collapsed() >= size.extended()) {
            error(place, "check.shock_sizes", name, length(size.collapsed()), length(size.extended()));
            return;
        }
        if (gap.isPresent() && gap.get() > size.extended()) {
            warning(
                    place,
                    "check.shock_short",
                    name,
                    length(gap.get()),
                    length(size.extended()),
                    length(gap.get() - size.extended()));
        } else if (gap.isPresent() && gap.get() < size.collapsed()) {
            warning(
                    place,
                    "check.shock_long",
                    name,
                    length(gap.get()),
                    length(size.collapsed()),
                    length(size.collapsed() - gap.get()));
        }
    }

    private void coils(String place, Shock shock, Coils coils) {
        if (coils.preload() > MUCH_PRELOAD) {
            warning(
                    place + "/preload_mm",
                    "check.preload_large",
                    shock.name(),
                    length(coils.preload()),
                    length(MUCH_PRELOAD));
        }
        List<Coil> all = coils.coils();
        for (int i = 0; i < all.size(); i++) {
            Coil coil = all.get(i);
            rate(at + place + "/coils/" + i, shock.name(), coil.rate());
            if (coil.solid() >= coil.free()) {
                error(
                        place + "/coils/" + i,
                        "check.coil_solid",
                        shock.name(),
                        length(coil.free()),
                        length(coil.solid()));
            }
        }
    }

    private void stop(BumpStop stop) {
        String place = "/bump_stops/" + stop.name();
        apart(place, stop.name(), stop.from(), stop.to());
        if (stop.collapsed() >= stop.free()) {
            error(place, "check.stop_sizes", stop.name(), length(stop.free()), length(stop.collapsed()));
        }
        List<Double> forces = new ArrayList<>(stop.forces());
        for (int i = 1; i < forces.size(); i++) {
            if (forces.get(i) < forces.get(i - 1)) {
                error(place + "/forces_n", "check.stop_forces", stop.name());
                return;
            }
        }
    }

    private void strap(Strap strap) {
        apart("/straps/" + strap.name(), strap.name(), strap.from(), strap.to())
                .filter(gap -> gap > strap.length())
                .ifPresent(gap -> warning(
                        "/straps/" + strap.name(),
                        "check.strap_short",
                        strap.name(),
                        length(gap),
                        length(strap.length())));
    }

    private void hinge(String place, String name, String joint) {
        if (axle.linkage().joint(joint).filter(Joint.Hinge.class::isInstance).isEmpty()) {
            List<String> hinges = axle.joints().stream()
                    .filter(Joint.Hinge.class::isInstance)
                    .map(Joint::name)
                    .toList();
            findings.add(Finding.error(
                    place, Message.of("check.hinge_missing", name, joint, NearestName.of(joint, hinges))));
        }
    }

    private void rate(String place, String name, double rate) {
        if (!(rate > 0)) {
            findings.add(Finding.error(place, Message.of("check.rate_positive", name)));
        }
    }

    /** How far apart two mounts are at ride; empty, and said, where one is missing or both are on one body. */
    private Optional<Double> apart(String place, String name, String from, String to) {
        for (String mount : List.of(from, to)) {
            if (axle.mount(mount).isEmpty()) {
                List<String> mounts = axle.mounts().stream().map(Mount::name).toList();
                error(place, "check.mount_missing", name, mount, axle.place().id(), NearestName.of(mount, mounts));
                return Optional.empty();
            }
        }
        if (broken.contains(from) || broken.contains(to)) {
            return Optional.empty();
        }
        BodyName body = axle.mount(from).orElseThrow().body();
        if (body.equals(axle.mount(to).orElseThrow().body())) {
            error(place, "check.link_one_body", name, body);
            return Optional.empty();
        }
        double apart = Vector3D.distance(axle.position(from, wheelbase), axle.position(to, wheelbase));
        if (apart < VehicleCheck.SHORTEST_LINK) {
            error(place, "check.link_short", name, length(apart), length(VehicleCheck.SHORTEST_LINK));
            return Optional.empty();
        }
        return Optional.of(apart);
    }

    private void error(String place, String key, Object... arguments) {
        findings.add(Finding.error(at + place, Message.of(key, arguments)));
    }

    private void warning(String place, String key, Object... arguments) {
        findings.add(Finding.warning(at + place, Message.of(key, arguments)));
    }
}
