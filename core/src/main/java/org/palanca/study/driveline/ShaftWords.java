package org.palanca.study.driveline;

import java.util.ArrayList;
import java.util.List;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Verdict;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Differential;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;

/** Says how an axle's shafts run, each thing in a sentence: what is good and what is not. */
public final class ShaftWords {
    /** A train that turns as unevenly as one joint at more than this is felt [rad]: 3 degrees, common practice, no source. */
    private static final double FELT = Math.toRadians(3);

    /** A pinion within this of its school's angle is where it should be [rad]. */
    private static final double CLOSE = Math.toRadians(1);

    private ShaftWords() {}

    /** Everything known of an axle's shafts, what is worst first among its kind; empty where none are described. */
    public static List<Verdict> of(Vehicle vehicle, AxlePlace place) {
        List<Verdict> said = new ArrayList<>();
        if (vehicle.axle(place).orElseThrow().independent()) {
            Surroundings around = vehicle.build().surroundings(place);
            around.halfShafts()
                    .ifPresent(shafts ->
                            HalfShaftStudy.of(vehicle, place).ifPresent(study -> halves(study, shafts, said)));
            around.differential().ifPresent(hung -> hung(hung, said));
            ShaftStudy.of(vehicle, place).ifPresent(study -> hungShaft(study, said));
            return said;
        }
        ShaftStudy.of(vehicle, place).ifPresent(study -> shaft(vehicle, place, study, said));
        return said;
    }

    private static void shaft(Vehicle vehicle, AxlePlace place, ShaftStudy study, List<Verdict> said) {
        joints(study, said);
        slip(study, said);
        turning(study, said);
        pinion(PinionAdvice.of(vehicle, place, study.line()), study.line(), said);
        poses(study, said);
    }

    /** How far the joints bend where they bend most. */
    private static void joints(ShaftStudy study, List<Verdict> said) {
        Driveline line = study.line();
        double left = study.worst().left(line);
        said.add(Verdict.lacking(
                left >= 0,
                Math.toDegrees(left),
                "joints",
                Message.of(
                        left >= 0 ? "shaft.joints" : "shaft.binds",
                        Message.angle(study.worst().run().atOutput()),
                        Message.angle(study.worst().run().atPinion()),
                        Message.length(study.worst().pose().left()),
                        Message.length(study.worst().pose().right()),
                        Message.angle(line.limit()))));
    }

    /** Whether the slip joint is long enough for the travel. */
    private static void slip(ShaftStudy study, List<Verdict> said) {
        Driveline line = study.line();
        double spare = study.order().spare();
        said.add(Verdict.lacking(
                spare >= 0,
                spare / Lengths.INCH,
                "slip",
                Message.of(
                        spare >= 0 ? "shaft.slip" : "shaft.slip_short",
                        Message.length(study.order().plunge()),
                        Message.length(line.slip()),
                        Message.length(study.order().outAtRide()))));
    }

    /** How evenly the shaft turns the pinion. */
    private static void turning(ShaftStudy study, List<Verdict> said) {
        double uneven = study.ride().turning().residual();
        said.add(Verdict.lacking(
                uneven <= FELT,
                Math.toDegrees(uneven - FELT),
                "uneven",
                Message.of(
                        uneven <= FELT ? "shaft.even" : "shaft.uneven",
                        Message.percent(100 * study.ride().turning().fluctuation()),
                        Message.angle(uneven))));
    }

    private static void pinion(PinionAdvice advice, Driveline line, List<Verdict> said) {
        advice.wanted()
                .ifPresent(wanted -> said.add(Verdict.lacking(
                        line.joints() == Driveline.Joints.ONE || Math.abs(wanted - advice.now()) <= CLOSE,
                        Math.toDegrees(Math.abs(wanted - advice.now()) - CLOSE),
                        "pinion",
                        Message.of(
                                "shaft.advice." + line.joints().id(),
                                Message.angle(advice.now()),
                                Message.angle(wanted)))));
    }

    private static void poses(ShaftStudy study, List<Verdict> said) {
        String[] poses = {"ride", "bump", "droop", "left_up", "right_up"};
        for (int i = 0; i < study.at().size() && study.at().size() == poses.length; i++) {
            ShaftStudy.At at = study.at().get(i);
            said.add(new Verdict(
                    true,
                    Message.of(
                            "shaft.at",
                            Message.of("shaft.pose." + poses[i]),
                            Message.angle(at.run().atOutput()),
                            Message.angle(at.run().atPinion()),
                            Message.percent(100 * at.turning().fluctuation()),
                            new Message.Measure(at.run().length(), Quantity.LENGTH))));
        }
    }

    /** The shaft to a differential that hangs in the frame stands still: it neither slides nor bends with the wheels. */
    private static void hungShaft(ShaftStudy study, List<Verdict> said) {
        double left = study.ride().left(study.line());
        said.add(Verdict.lacking(
                left >= 0,
                Math.toDegrees(left),
                "hung_joints",
                Message.of(
                        left >= 0 ? "shaft.hung_joints" : "shaft.hung_binds",
                        Message.angle(study.ride().run().atOutput()),
                        Message.angle(study.ride().run().atPinion()),
                        Message.angle(study.line().limit()),
                        new Message.Measure(study.ride().run().length(), Quantity.LENGTH))));
        turning(study, said);
    }

    /** What its subframe must be. */
    private static void hung(Differential hung, List<Verdict> said) {
        hung.overPlates()
                .ifPresent(over -> said.add(new Verdict(
                        true,
                        Message.of(
                                "shaft.over_plates",
                                Message.length(hung.ears().orElseThrow()),
                                Message.length(hung.plate()),
                                Message.length(over)))));
    }

    private static void halves(HalfShaftStudy study, HalfShafts shafts, List<Verdict> said) {
        if (study.alike()) {
            half(study.left(), "each", shafts, said);
            return;
        }
        for (Side side : Side.values()) {
            half(study.of(side), side.id(), shafts, said);
        }
    }

    private static void half(HalfShaftStudy.Travelled shaft, String which, HalfShafts shafts, List<Verdict> said) {
        Message name = Message.of("shaft.which." + which);
        boolean bends = shaft.most() <= shafts.limit();
        said.add(Verdict.lacking(
                bends,
                Math.toDegrees(shaft.most() - shafts.limit()),
                "joints_" + which,
                Message.of(
                        bends ? "shaft.half" : "shaft.half_binds",
                        name,
                        Message.angle(shaft.inner()),
                        Message.angle(shaft.outer()),
                        Message.angle(shafts.limit()))));
        boolean slides = shaft.plunge() <= shafts.plunge();
        said.add(Verdict.lacking(
                slides,
                (shaft.plunge() - shafts.plunge()) / Lengths.INCH,
                "slip_" + which,
                Message.of(
                        slides ? "shaft.half_plunge" : "shaft.half_short",
                        name,
                        Message.length(shaft.plunge()),
                        Message.length(shafts.plunge()))));
        said.add(new Verdict(
                true,
                Message.of(
                        "shaft.half_order",
                        name,
                        Message.length(shaft.ride()),
                        Message.length(shaft.shortest()),
                        Message.length(shaft.longest()),
                        Message.length(shaft.order()))));
    }
}
