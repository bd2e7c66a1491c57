package org.palanca.bench.solve;

import org.palanca.bench.fixture.GeneralSolver;
import org.palanca.bench.fixture.Vehicles;
import org.palanca.mechanism.Mechanism;
import org.palanca.mechanism.axle.AxleMechanism;
import org.palanca.mechanism.solve.RigidPoseSolver;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** Double wishbones with a rack, by either solver on the same equations. */
final class CornerPoses {
    private final RigidPoseSolver ours = new RigidPoseSolver(mechanism());
    private final GeneralSolver general = new GeneralSolver(mechanism());

    private static Mechanism mechanism() {
        Vehicle vehicle = Vehicles.example("plover.palanca.json");
        return AxleMechanism.of(vehicle.axle(AxlePlace.FRONT).orElseThrow(), vehicle.wheelbase());
    }

    boolean ours(double left, double right) {
        return ours.moveTo(left, right, 0);
    }

    double general(double left, double right) {
        return general.moveTo(left, right);
    }
}
