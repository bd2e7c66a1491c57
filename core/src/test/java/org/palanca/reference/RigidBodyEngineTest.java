package org.palanca.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.ode4j.math.DVector3;
import org.ode4j.math.DVector3C;
import org.ode4j.ode.DBody;
import org.ode4j.ode.DDoubleBallJoint;
import org.ode4j.ode.DMass;
import org.ode4j.ode.DWorld;
import org.ode4j.ode.OdeHelper;
import org.palanca.Examples;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Vehicle;

/**
 * The axle held by the same links in a general rigid-body engine (ode4j): each link a double-ball joint, and two more
 * bars pulled at the wheels to bring it to some pose. Where the engine comes to rest, our pose at the same wheel travel
 * must be the engine's.
 */
class RigidBodyEngineTest {
    private static final double TEST_SAME_PLACE = 1e-6;
    private static final double TIME_STEP = 0.005;
    private static final int SETTLING_STEPS = 20_000;

    @BeforeAll
    static void start() {
        OdeHelper.initODE2(0);
    }

    @AfterAll
    static void stop() {
        OdeHelper.closeODE();
    }

    @ParameterizedTest
    @CsvSource({
        "tarn-4.palanca.json, REAR, 0.08, 0.05",
        "tarn-4.palanca.json, REAR, -0.09, 0.06",
        "tarn-4.palanca.json, FRONT, 0.07, -0.06",
        "gorse.palanca.json, FRONT, -0.1, -0.05",
        "sedge.palanca.json, REAR, 0.03, -0.04"
    })
    void engineComesToRestWhereWeSay(String file, AxlePlace place, double left, double right) {
        Vehicle vehicle = Examples.vehicle(file);
        Axle axle = vehicle.axle(place).orElseThrow();
        Vector3D centre =
                new Vector3D(axle.lineX(vehicle.wheelbase()), 0, axle.tyre().loadedRadius());
        DWorld world = OdeHelper.createWorld();
        world.setGravity(0, 0, 0);
        world.setERP(0.4);
        world.setCFM(1e-12);
        DBody housing = OdeHelper.createBody(world);
        DMass mass = OdeHelper.createMass();
        mass.setSphereTotal(100, 0.5);
        housing.setMass(mass);
        housing.setPosition(centre.getX(), centre.getY(), centre.getZ());
        housing.setLinearDamping(0.05);
        housing.setAngularDamping(0.05);
        for (Link link : axle.links()) {
            Vector3D frame = axle.position(link.from(), vehicle.wheelbase());
            Vector3D onAxle = axle.position(link.to(), vehicle.wheelbase());
            bar(world, housing, frame, onAxle, Vector3D.distance(frame, onAxle));
        }
        double half = axle.track() / 2;
        for (int side : List.of(1, -1)) {
            Vector3D wheel = centre.add(new Vector3D(0, side * half, 0));
            Vector3D hung = wheel.add(new Vector3D(0.02, 0, 0.6));
            double rise = side == 1 ? left : right;
            bar(world, housing, hung, wheel, Vector3D.distance(hung, wheel) - rise);
        }
        for (int i = 0; i < SETTLING_STEPS; i++) {
            world.step(TIME_STEP);
        }

        double foundLeft = relative(housing, 0, half, 0).getZ() - centre.getZ();
        double foundRight = relative(housing, 0, -half, 0).getZ() - centre.getZ();
        AxleModel model = new AxleModel(vehicle, place);
        assertThat(model.moveTo(foundLeft, foundRight)).isTrue();
        assertThat(Math.abs(foundLeft)).isGreaterThan(0.02);

        Vector3D[] probes = {Vector3D.ZERO, new Vector3D(0, half, 0), new Vector3D(0.3, 0, 0), new Vector3D(0, 0, 0.5)};
        for (Vector3D probe : probes) {
            Vector3D ours = model.pose(0).apply(centre.add(probe));
            Vector3D engines = relative(housing, probe.getX(), probe.getY(), probe.getZ());
            assertThat(Vector3D.distance(ours, engines)).isCloseTo(0, within(TEST_SAME_PLACE));
        }
        world.destroy();
    }

    private static void bar(DWorld world, DBody housing, Vector3D frame, Vector3D onAxle, double length) {
        DDoubleBallJoint joint = OdeHelper.createDBallJoint(world);
        joint.attach(housing, null);
        joint.setAnchor1(new DVector3(onAxle.getX(), onAxle.getY(), onAxle.getZ()));
        joint.setAnchor2(new DVector3(frame.getX(), frame.getY(), frame.getZ()));
        joint.setDistance(length);
    }

    private static Vector3D relative(DBody body, double x, double y, double z) {
        DVector3 out = new DVector3();
        body.getRelPointPos(x, y, z, out);
        DVector3C p = out;
        return new Vector3D(p.get0(), p.get1(), p.get2());
    }
}
