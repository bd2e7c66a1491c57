package org.palanca.vehicle.edit;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Differential;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.Hose;
import org.palanca.vehicle.MassProperties;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.WheelWell;

/**
 * Lets the chassis down over one axle, or lifts it: everything on the frame comes along, as much lower as it is near that axle,
 * and nothing at the other one. The vehicle's own axes stay on the ground. Shapes keep their attitude: at an inch in a hundred
 * they are out by half a degree.
 */
public final class RideHeight {
    private final Vehicle vehicle;
    private final AxlePlace place;
    private final double by;

    private RideHeight(Vehicle vehicle, AxlePlace place, double by) {
        this.vehicle = vehicle;
        this.place = place;
        this.by = by;
    }

    /**
     * The vehicle let down over an axle.
     *
     * @param by how far at that axle [m]; negative lifts it
     */
    public static Vehicle lowered(Vehicle vehicle, AxlePlace place, double by) {
        return new RideHeight(vehicle, place, by).run();
    }

    /** How much lower the chassis is at a place along the vehicle [m]. */
    private double at(double x) {
        double back = -x / vehicle.wheelbase();
        return by * (place == AxlePlace.REAR ? back : 1 - back);
    }

    private Vehicle run() {
        Vehicle next = vehicle;
        for (Axle axle : vehicle.axles()) {
            for (Mount mount : axle.mounts()) {
                if (mount.onFrame() && !mount.mirrored()) {
                    Vector3D old = axle.position(mount.name(), vehicle.wheelbase());
                    next = MountMoves.moveTo(next, new MountRef(axle.place(), mount.name()), down(old));
                }
            }
        }
        Build build = next.build();
        for (AxlePlace one : build.surroundings().keySet()) {
            build = build.with(one, around(one, build.surroundings(one)));
        }
        MassProperties mass = vehicle.mass();
        MassProperties lower = new MassProperties(
                mass.mass(),
                mass.centreBehindFront(),
                Quantity.LENGTH.onGrid(mass.centreHeight() - at(-mass.centreBehindFront())));
        return next.withBuild(build)
                .withMass(lower)
                .withRails(vehicle.rails()
                        .map(rails -> rails.lowered(at(0), at(-vehicle.wheelbase()), vehicle.wheelbase())));
    }

    private Vector3D down(Vector3D old) {
        return new Vector3D(old.getX(), old.getY(), Quantity.LENGTH.onGrid(old.getZ() - at(old.getX())));
    }

    private Surroundings around(AxlePlace one, Surroundings old) {
        double line = one == AxlePlace.FRONT ? 0 : -vehicle.wheelbase();
        List<Obstacle> obstacles = new ArrayList<>();
        for (Obstacle obstacle : old.obstacles()) {
            Vector3D fall = fall(obstacle.room().middle().getX());
            obstacles.add(new Obstacle(obstacle.name(), obstacle.room().moved(fall)));
        }
        List<Part> parts = old.parts().stream()
                .map(part -> part.onFrame()
                        ? part.withForm(
                                part.form().moved(fall(part.form().middle().getX())))
                        : part)
                .toList();
        List<Hose> hoses = old.hoses().stream()
                .map(hose -> hose.withEnds(down(hose.from()), down(hose.to())))
                .toList();
        Surroundings next = old.withObstacles(obstacles).withParts(parts).withHoses(hoses);
        if (old.well().isPresent()) {
            WheelWell well = old.well().get();
            next = next.withWell(new WheelWell(
                    well.rearEdge(),
                    well.frontEdge(),
                    Quantity.LENGTH.onGrid(well.top() - at(line)),
                    well.inner(),
                    well.outer(),
                    well.wanted()));
        }
        if (old.driveline().isPresent()) {
            Driveline shaft = old.driveline().get();
            next = next.withDriveline(shaft.withOutput(down(shaft.output())));
        }
        if (old.halfShafts().isPresent()) {
            HalfShafts shafts = old.halfShafts().get();
            next = next.withHalfShafts(shafts.withInner(down(shafts.inner())));
        }
        if (old.differential().isPresent()) {
            Differential hung = old.differential().get();
            next = next.withDifferential(hung.withMiddle(down(hung.middle())));
        }
        return next;
    }

    private Hose.End down(Hose.End end) {
        return end.body().equals(BodyName.FRAME) ? new Hose.End(end.body(), down(end.at())) : end;
    }

    private Vector3D fall(double x) {
        return new Vector3D(0, 0, -Quantity.LENGTH.onGrid(at(x)));
    }
}
