package org.palanca.study.driveline;

import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Differential;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.HousingBody;

/**
 * Where the shaft runs from the gearbox to the pinion at a pose, and how long it must be.
 *
 * @param pinion middle of the pinion's joint [m], vehicle frame
 * @param length between the middles of its joints [m]
 * @param atOutput angle in space between the gearbox's shaft and this one [rad]
 * @param atPinion angle in space between this one and the pinion [rad]
 * @param across how far sideways it runs, left positive from gearbox to pinion [m]
 * @param outputWay which way the gearbox's shaft points, out of the gearbox, of length 1
 * @param way which way this shaft runs, from the gearbox to the pinion, of length 1
 * @param pinionWay which way the pinion's shaft points, into the axle, of length 1
 */
public record ShaftRun(
        Vector3D pinion,
        double length,
        double atOutput,
        double atPinion,
        double across,
        Vector3D outputWay,
        Vector3D way,
        Vector3D pinionWay) {
    /** Where it runs at the model's present pose. A live axle's pinion moves with the housing; else it stands still. */
    public static ShaftRun at(AxleModel model, Driveline line) {
        Axle axle = model.axle();
        Optional<Differential> hung = axle.independent()
                ? model.vehicle().build().surroundings(axle.place()).differential()
                : Optional.empty();
        // The pinion points to the gearbox: forward from a rear axle, rearward from a front axle.
        double towards = -axle.place().outward();
        double nose = hung.map(Differential::pinion).orElse(axle.pinion());
        Vector3D along = turned(model, new Vector3D(towards * Math.cos(nose), 0, Math.sin(nose)));
        Vector3D pinion = hung.map(one -> one.pinionJoint(axle.place()))
                .orElseGet(() -> centre(model).add(turned(model, HousingBody.pinionJoint(axle, line))));
        Vector3D shaft = pinion.subtract(line.output());
        double rearward = Math.signum(shaft.getX());
        // Positive drops towards the rear, whichever way the shaft leaves the gearbox.
        Vector3D output =
                new Vector3D(rearward * Math.cos(line.outputAngle()), 0, rearward * Math.sin(line.outputAngle()));
        return new ShaftRun(
                pinion,
                shaft.getNorm(),
                Vector3D.angle(output, shaft),
                Vector3D.angle(along.negate(), shaft),
                shaft.getY(),
                output,
                shaft.normalize(),
                along.negate());
    }

    /** A direction of the design as it points now; what hangs in the chassis does not turn. */
    private static Vector3D turned(AxleModel model, Vector3D design) {
        if (model.axle().independent()) {
            return design;
        }
        return new Vector3D(component(model, 0, design), component(model, 1, design), component(model, 2, design));
    }

    private static double component(AxleModel model, int component, Vector3D design) {
        return model.motion().turned(component, design.getX(), design.getY(), design.getZ());
    }

    private static Vector3D centre(AxleModel model) {
        Axle axle = model.axle();
        if (axle.independent()) {
            Optional<HalfShafts> shafts =
                    model.vehicle().build().surroundings(axle.place()).halfShafts();
            if (shafts.isPresent()) {
                // The differential stands where its half-shafts come out of it.
                return new Vector3D(
                        shafts.get().inner().getX(), 0, shafts.get().inner().getZ());
            }
            return new Vector3D(
                    axle.lineX(model.vehicle().wheelbase()), 0, axle.tyre().loadedRadius());
        }
        return new Vector3D(
                model.motion().centreX(),
                model.motion().centreY(),
                model.motion().centreZ());
    }
}
