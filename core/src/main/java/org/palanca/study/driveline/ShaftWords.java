package org.palanca.study.driveline;

import java.util.ArrayList;
import java.util.List;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Verdict;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;
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
            vehicle.build()
                    .surroundings(place)
                    .halfShafts()
                    .ifPresent(
                            shafts -> HalfShaftStudy.of(vehicle, place).ifPresent(study -> half(study, shafts, said)));
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

    private static void half(HalfShaftStudy study, HalfShafts shafts, List<Verdict> said) {
        double most = Math.max(study.inner(), study.outer());
        said.add(Verdict.lacking(
                most <= shafts.limit(),
                Math.toDegrees(most - shafts.limit()),
                "joints",
                Message.of(
                        most <= shafts.limit() ? "shaft.half" : "shaft.half_binds",
                        Message.angle(study.inner()),
                        Message.angle(study.outer()),
                        Message.angle(shafts.limit()))));
        said.add(Verdict.lacking(
                study.plunge() <= shafts.plunge(),
                (study.plunge() - shafts.plunge()) / Lengths.INCH,
                "slip",
                Message.of(
                        study.plunge() <= shafts.plunge() ? "shaft.half_plunge" : "shaft.half_short",
                        Message.length(study.plunge()),
                        Message.length(shafts.plunge()))));
    }
}
