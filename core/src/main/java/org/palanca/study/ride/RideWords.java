package org.palanca.study.ride;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.palanca.base.geometry.Side;
import org.palanca.base.geometry.SidedName;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Verdict;
import org.palanca.study.travel.TravelBounds;
import org.palanca.study.travel.WorstPoseWords;
import org.palanca.vehicle.springing.Air;
import org.palanca.vehicle.springing.ShockSize;

/** Says how an axle stands on its springs, each thing in a sentence: what is good and what is not. */
public final class RideWords {
    /** Shaft that is left at full bump, the stop squeezed solid: 1 in, common practice, no source. */
    private static final double SHAFT_LEFT = Lengths.inches(1);

    /** Less than this past a limit is at it [m]. */
    private static final double AT_IT = 1e-5;

    /** Shocks that a tape can't tell apart [m]: 1/64 in. */
    private static final double ALIKE = Lengths.inches(1.0 / 64);

    /** A load that is off by no more is as wanted. */
    private static final double CLOSE = 0.02;

    private RideWords() {}

    /** Everything known of an axle on its springs; empty where it has no shocks. */
    public static List<Verdict> of(RideStudy study) {
        List<Verdict> said = new ArrayList<>();
        for (RideStudy.ShockAt at : study.shocks()) {
            if (!saysTheSame(at, study.shocks())) {
                shock(at, said);
            }
        }
        if (!Double.isNaN(study.ride().left()) && study.ride().left() != 0) {
            load(study, said);
            rates(study, said);
        }
        return said;
    }

    /** Whether the shock across says it already: a right one whose left one does the same. */
    private static boolean saysTheSame(RideStudy.ShockAt at, List<RideStudy.ShockAt> all) {
        SidedName name = SidedName.of(at.shock().name());
        if (!name.side().equals(Optional.of(Side.RIGHT))) {
            return false;
        }
        String across = name.mirrored();
        return all.stream()
                .filter(other -> other.shock().name().equals(across))
                .anyMatch(other -> Math.abs(other.bump() - at.bump()) < ALIKE
                        && Math.abs(other.droop() - at.droop()) < ALIKE
                        && Math.abs(other.ride() - at.ride()) < ALIKE
                        && other.bound() == at.bound()
                        && other.loose() == at.loose());
    }

    private static void shock(RideStudy.ShockAt at, List<Verdict> said) {
        String name = at.shock().name();
        at.shock().size().ifPresent(size -> {
            shaftLeftUp(at, size, said);
            shaftLeftDown(at, size, said);
            said.add(new Verdict(
                    true,
                    Message.of(
                            "ride.split",
                            name,
                            Message.length(at.ride() - size.collapsed()),
                            Message.length(size.extended() - at.ride()),
                            Message.percent(100 * at.upShare()))));
        });
        if (at.bound()) {
            said.add(Verdict.lacking(false, 1, name + " binds", Message.of("ride.bound", name)));
        }
        if (at.loose()) {
            said.add(Verdict.lacking(false, 1, name + " loose", Message.of("ride.loose", name)));
        }
        forces(at, said);
    }

    private static void forces(RideStudy.ShockAt at, List<Verdict> said) {
        String name = at.shock().name();
        if (at.shock().spring().isPresent()) {
            said.add(new Verdict(
                    true,
                    Message.of(
                            "ride.forces",
                            name,
                            new Message.Measure(at.forceDroop(), Quantity.FORCE),
                            new Message.Measure(at.forceRide(), Quantity.FORCE),
                            new Message.Measure(at.forceBump(), Quantity.FORCE))));
        }
        at.shock()
                .air()
                .ifPresent(air -> said.add(new Verdict(
                        true,
                        Message.of(
                                "ride.pressures",
                                name,
                                pressure(air, at.shock().travelFromExtended(at.droop())),
                                pressure(air, at.shock().travelFromExtended(at.ride())),
                                pressure(air, at.shock().travelFromExtended(at.bump())),
                                String.format(Locale.ROOT, "%.2f", air.exponent())))));
    }

    /** What coils that bind leave of the shaft is no verdict on the stop: that is said of the coils. */
    private static void shaftLeftUp(RideStudy.ShockAt at, ShockSize size, List<Verdict> said) {
        Optional<TravelBounds.Kind> stopped = at.shortestAt().up().map(TravelBounds.Bound::kind);
        if (stopped.equals(Optional.of(TravelBounds.Kind.COIL_BIND))) {
            return;
        }
        String name = at.shock().name();
        double up = at.bump() - size.collapsed();
        Message pose = WorstPoseWords.of(at.shortestAt());
        String step = name + " up";
        if (!stopped.equals(Optional.of(TravelBounds.Kind.STOP))) {
            String key = stopped.isPresent() ? "ride.ends_bump" : "ride.no_stop";
            double amount = stopped.isPresent() ? 1 : 0.5;
            said.add(Verdict.lacking(false, amount, step, Message.of(key, name, Message.length(up), pose)));
            return;
        }
        String key = up < -AT_IT ? "ride.bottoms" : up < SHAFT_LEFT - AT_IT ? "ride.shaft_short" : "ride.shaft_up";
        said.add(Verdict.lacking(
                up >= SHAFT_LEFT - AT_IT,
                (SHAFT_LEFT - up) / Lengths.INCH,
                step,
                Message.of(
                        key,
                        name,
                        Message.length(Math.abs(up), up < 0 ? 0 : SHAFT_LEFT),
                        Message.length(SHAFT_LEFT),
                        pose)));
    }

    private static void shaftLeftDown(RideStudy.ShockAt at, ShockSize size, List<Verdict> said) {
        Optional<TravelBounds.Kind> stopped = at.longestAt().down().map(TravelBounds.Bound::kind);
        String name = at.shock().name();
        double down = size.extended() - at.droop();
        Message pose = WorstPoseWords.of(at.longestAt());
        String step = name + " down";
        if (!stopped.equals(Optional.of(TravelBounds.Kind.STRAP))) {
            String key = stopped.isPresent() ? "ride.ends_droop" : "ride.no_strap";
            double amount = stopped.isPresent() ? 1 : 0.5;
            said.add(Verdict.lacking(false, amount, step, Message.of(key, name, Message.length(down), pose)));
            return;
        }
        said.add(Verdict.lacking(
                down >= -AT_IT,
                down / Lengths.INCH,
                step,
                Message.of(
                        down < -AT_IT ? "ride.pulled" : "ride.shaft_down",
                        name,
                        Message.length(Math.abs(down), 0),
                        pose)));
    }

    private static Message.Measure pressure(Air air, double in) {
        return new Message.Measure(air.pressure(in), Quantity.PRESSURE);
    }

    /** By what means the height is set: rings on coils, pressure in air, else the arch of leaves or the keys of torsion bars. */
    private static String means(RideStudy study) {
        if (study.shocks().stream().anyMatch(at -> at.shock().coils().isPresent())) {
            return "";
        }
        return study.shocks().stream().anyMatch(at -> at.shock().air().isPresent()) ? ".air" : ".other";
    }

    private static void load(RideStudy study, List<Verdict> said) {
        double has = (study.ride().left() + study.ride().right()) / 2;
        double wants = (study.wanted(1) + study.wanted(-1)) / 2;
        boolean good = Math.abs(has - wants) <= CLOSE * wants;
        said.add(Verdict.lacking(
                good,
                (has - wants) / wants,
                "load",
                Message.of(
                        good ? "ride.load" : (has > wants ? "ride.load_high" : "ride.load_low") + means(study),
                        new Message.Measure(has, Quantity.FORCE),
                        new Message.Measure(wants, Quantity.FORCE))));
    }

    private static void rates(RideStudy study, List<Verdict> said) {
        if (Double.isNaN(study.ride().rate()) || Double.isNaN(study.rollStiffness())) {
            said.add(new Verdict(false, Message.of("ride.no_rate")));
            return;
        }
        said.add(new Verdict(
                study.ride().rate() > 0,
                Message.of(
                        study.ride().rate() > 0 ? "ride.rate" : "ride.rate_negative",
                        new Message.Measure(study.ride().rate(), Quantity.RATE),
                        new Message.Measure(study.frequency(), Quantity.FREQUENCY))));
        said.add(new Verdict(
                true, Message.of("ride.roll", new Message.Measure(study.rollStiffness(), Quantity.TWIST_RATE))));
    }
}
