package org.palanca.drawing;

import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.drawing.Shape.Role;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.study.driveline.HalfShaftStudy;
import org.palanca.study.driveline.ShaftRun;
import org.palanca.vehicle.Differential;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.Surroundings;

/** Lines of what turns an axle's wheels, at the axle's present pose. */
public final class ShaftDrawing {
    /** Half of what a drawn joint is across [m]: an ordinary one is about 3 in over its caps, common practice, no source. */
    private static final double JOINT_RADIUS = Lengths.inches(1.5);

    /** So much of the gearbox's shaft is drawn, and so far its line is carried on past the joint [m]. */
    public static final double STUB = Lengths.inches(7);

    private final Scriber scriber;

    private ShaftDrawing(Scriber scriber) {
        this.scriber = scriber;
    }

    /** The drive shaft and the half-shafts of an independent axle, as far as they are described. */
    public static List<Shape> of(AxleModel model, Elevation elevation) {
        return Projected.seen(elevation, scriber -> draw(model, scriber));
    }

    /** Draws what turns the wheels, as far as it is described. */
    static void draw(AxleModel model, Scriber scriber) {
        Surroundings around = model.vehicle().build().surroundings(model.axle().place());
        around.driveline().ifPresent(line -> shaft(model, line, scriber));
        if (model.axle().independent()) {
            around.halfShafts().ifPresent(shafts -> halfShafts(model, shafts, scriber));
            differential(model, scriber);
        }
    }

    /** The housing of a differential that hangs in the frame. */
    private static void differential(AxleModel model, Scriber scriber) {
        hung(model).ifPresent(hung -> scriber.ball(Role.HOUSING, hung.middle(), hung.radius()));
    }

    private static Optional<Differential> hung(AxleModel model) {
        return model.axle().independent()
                ? model.vehicle().build().surroundings(model.axle().place()).differential()
                : Optional.empty();
    }

    /** Gearbox's shaft, shaft, and pinion; both shafts' lines are carried on past the joints, so that the angles show. */
    public static List<Shape> shaft(AxleModel model, Driveline line, Elevation elevation) {
        return Projected.seen(elevation, scriber -> {
            differential(model, scriber);
            shaft(model, line, scriber);
        });
    }

    private static void shaft(AxleModel model, Driveline line, Scriber scriber) {
        ShaftDrawing drawing = new ShaftDrawing(scriber);
        ShaftRun run = ShaftRun.at(model, line);
        drawing.bar("gearbox", line.output().subtract(STUB, run.outputWay()), line.output());
        drawing.bar("shaft", line.output(), run.pinion());
        double nose = hung(model).map(Differential::nose).orElse(line.reach());
        drawing.bar("pinion", run.pinion(), run.pinion().add(nose, run.pinionWay()));
        drawing.line(line.output(), line.output().add(STUB, run.outputWay()));
        if (line.joints() == Driveline.Joints.DOUBLE_AT_GEARBOX) {
            drawing.joint(line.output().subtract(JOINT_RADIUS, run.outputWay()));
            drawing.joint(line.output().add(JOINT_RADIUS, run.way()));
        } else {
            drawing.joint(line.output());
        }
        if (line.joints() != Driveline.Joints.ONE) {
            drawing.line(run.pinion(), run.pinion().add(STUB, run.way()));
            drawing.joint(run.pinion());
        }
    }

    /** Both half-shafts, and the lines of what they join: straight across at the inner joint, the wheel's at the outer. */
    public static List<Shape> halfShafts(AxleModel model, HalfShafts shafts, Elevation elevation) {
        return Projected.seen(elevation, scriber -> {
            differential(model, scriber);
            halfShafts(model, shafts, scriber);
        });
    }

    private static void halfShafts(AxleModel model, HalfShafts shafts, Scriber scriber) {
        ShaftDrawing drawing = new ShaftDrawing(scriber);
        for (Side side : Side.values()) {
            HalfShaftStudy.Shaft shaft = HalfShaftStudy.at(model, shafts, side);
            Vector3D outward = new Vector3D(0, side.sign(), 0);
            drawing.bar("half shaft " + side.id(), shaft.from(), shaft.to());
            drawing.line(shaft.from().subtract(STUB / 2, outward), shaft.from().add(STUB, outward));
            drawing.line(shaft.to(), shaft.to().add(STUB, shaft.wheelWay()));
            drawing.joint(shaft.from());
            drawing.joint(shaft.to());
        }
    }

    private void bar(String name, Vector3D from, Vector3D to) {
        scriber.bar(Role.SHAFT, name, from, to);
    }

    private void joint(Vector3D at) {
        scriber.ball(Role.SHAFT, at, JOINT_RADIUS);
    }

    private void line(Vector3D from, Vector3D to) {
        scriber.line(Role.EXTENSION, from, to);
    }
}
