package org.palanca.ride;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.palanca.springing.Air;
import org.palanca.units.Lengths;
import org.palanca.units.Quantity;
import org.palanca.words.Message;
import org.palanca.words.Said;

/** Says how an axle stands on its springs, each thing in a sentence: what is good and what is not. */
public final class RideWords {
    /** Shaft that is left at full bump, the stop squeezed solid: 1 in, common practice, no source. */
    private static final double SHAFT_LEFT = Lengths.inches(1);

    /** A load that is off by no more is as wanted. */
    private static final double CLOSE = 0.02;

    private RideWords() {}

    /** Everything known of an axle on its springs; empty where it has no shocks. */
    public static List<Said> of(RideStudy study) {
        List<Said> said = new ArrayList<>();
        for (RideStudy.ShockAt at : study.shocks()) {
            // Left and right of a mirrored pair say the same.
            if (!at.shock().name().endsWith(" right")) {
                shock(at, said);
            }
        }
        if (!Double.isNaN(study.ride().left()) && study.ride().left() != 0) {
            load(study, said);
            rates(study, said);
        }
        return said;
    }

    private static void shock(RideStudy.ShockAt at, List<Said> said) {
        String name = at.shock().name();
        at.shock().size().ifPresent(size -> {
            double up = at.bump() - size.collapsed();
            double down = size.extended() - at.droop();
            said.add(new Said(
                    up >= SHAFT_LEFT - 1e-6,
                    Message.of(
                            up < 0 ? "ride.bottoms" : up < SHAFT_LEFT - 1e-6 ? "ride.shaft_short" : "ride.shaft_up",
                            name,
                            Message.length(Math.abs(up)),
                            Message.length(SHAFT_LEFT))));
            said.add(new Said(
                    down >= 0,
                    Message.of(down < 0 ? "ride.pulled" : "ride.shaft_down", name, Message.length(Math.abs(down)))));
            said.add(new Said(
                    true,
                    Message.of(
                            "ride.split",
                            name,
                            Message.length(at.ride() - size.collapsed()),
                            Message.length(size.extended() - at.ride()),
                            Message.percent(100 * at.upShare()))));
        });
        if (at.bound()) {
            said.add(new Said(false, Message.of("ride.bound", name)));
        }
        if (at.loose()) {
            said.add(new Said(false, Message.of("ride.loose", name)));
        }
        if (at.shock().spring().isPresent()) {
            said.add(new Said(
                    true,
                    Message.of(
                            "ride.forces",
                            name,
                            new Message.Measure(at.forceDroop(), Quantity.FORCE),
                            new Message.Measure(at.forceRide(), Quantity.FORCE),
                            new Message.Measure(at.forceBump(), Quantity.FORCE))));
        }
        if (at.shock().spring().orElse(null) instanceof Air air) {
            said.add(new Said(
                    true,
                    Message.of(
                            "ride.pressures",
                            name,
                            pressure(air, at.shock().travelFromExtended(at.droop())),
                            pressure(air, at.shock().travelFromExtended(at.ride())),
                            pressure(air, at.shock().travelFromExtended(at.bump())),
                            String.format(Locale.ROOT, "%.2f", air.exponent()))));
        }
    }

    private static Message.Measure pressure(Air air, double in) {
        return new Message.Measure(air.pressure(in), Quantity.PRESSURE);
    }

    private static void load(RideStudy study, List<Said> said) {
        double has = (study.ride().left() + study.ride().right()) / 2;
        double wants = (study.wanted(1) + study.wanted(-1)) / 2;
        boolean good = Math.abs(has - wants) <= CLOSE * wants;
        said.add(new Said(
                good,
                Message.of(
                        good ? "ride.load" : has > wants ? "ride.load_high" : "ride.load_low",
                        new Message.Measure(has, Quantity.FORCE),
                        new Message.Measure(wants, Quantity.FORCE))));
    }

    private static void rates(RideStudy study, List<Said> said) {
        said.add(new Said(
                study.ride().rate() > 0,
                Message.of(
                        study.ride().rate() > 0 ? "ride.rate" : "ride.rate_negative",
                        new Message.Measure(study.ride().rate(), Quantity.RATE),
                        new Message.Measure(study.frequency(), Quantity.FREQUENCY))));
        said.add(new Said(
                true, Message.of("ride.roll", new Message.Measure(study.rollStiffness(), Quantity.TWIST_RATE))));
    }
}
