package org.palanca.study.assessment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.BooleanSupplier;
import org.palanca.base.Recent;
import org.palanca.base.words.Message;
import org.palanca.base.words.Verdict;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.SurveyRemark;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.floor.placing.BoltFit;
import org.palanca.floor.placing.MountAsBuilt;
import org.palanca.floor.plate.Bolted;
import org.palanca.floor.plate.BracketPlan;
import org.palanca.floor.plate.PlateList;
import org.palanca.floor.plate.StalePlate;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Scorecard;
import org.palanca.study.fit.CutReady;
import org.palanca.study.fit.FitWords;
import org.palanca.study.load.LinkStrength;
import org.palanca.study.ride.RideStudy;
import org.palanca.study.ride.RideWords;
import org.palanca.study.steering.PickupAdvice;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.HousingCheck;
import org.palanca.vehicle.survey.Cut;

/**
 * Every fault that the studies find on both axles of a vehicle.
 *
 * @param faults the steps in the order of work, of one step the worst first
 * @param looked the steps that had something to look at
 */
public record Assessment(List<Fault> faults, Set<Fault.Job> looked) {
    /** Toe that moves more than this through the travel is felt [rad]: 1/2 degree, common practice, no source. */
    public static final double TOE_FELT = Math.toRadians(0.5);

    /** A fault is worse only by more than this [in, or in band widths]. */
    private static final double WORSE = 0.01;

    /** A change that makes everything together better by less is none [in, or band widths]. */
    private static final double BETTER = 0.02;

    public Assessment {
        faults = List.copyOf(faults);
        looked = Set.copyOf(looked);
    }

    private static final Recent<Vehicle, Assessment> RECENT = new Recent<>();

    /** Looks at everything. The vehicle's description must have no errors. */
    public static Assessment of(Vehicle vehicle) {
        return of(vehicle, () -> true).orElseThrow();
    }

    /**
     * Looks at everything. The vehicle's description must have no errors.
     *
     * @param goOn asked before each study and within the long ones; once it answers false there is nothing
     */
    public static Optional<Assessment> of(Vehicle vehicle, BooleanSupplier goOn) {
        Optional<Assessment> known = RECENT.of(vehicle);
        if (known.isPresent()) {
            return known;
        }
        Optional<Assessment> found =
                new Search(vehicle, Adjustment.of(vehicle.build().survey()), goOn).run();
        found.ifPresent(one -> RECENT.keep(vehicle, one));
        return found;
    }

    /** Whether nothing at all is wrong. */
    public boolean good() {
        return faults.isEmpty();
    }

    /** Faults of a step. */
    public List<Fault> of(Fault.Job step) {
        return faults.stream().filter(fault -> fault.step() == step).toList();
    }

    /** How bad everything is together. */
    public double badness() {
        return faults.stream().mapToDouble(Fault::amount).sum();
    }

    /** Whether everything together is better here than it was before, by more than nothing. */
    boolean betterThan(Assessment before) {
        return badness() < before.badness() - BETTER;
    }

    /** What is worse here than it was before: faults that are new, and those that have grown. */
    public List<Fault> worseThan(Assessment before) {
        return faults.stream()
                .filter(fault -> fault.amount() > before.amount(fault) + WORSE)
                .toList();
    }

    private double amount(Fault fault) {
        return faults.stream()
                .filter(fault::same)
                .mapToDouble(Fault::amount)
                .findFirst()
                .orElse(0);
    }

    private static final class Search {
        private final Vehicle vehicle;
        private final Adjustment adjustment;
        private final BooleanSupplier goOn;
        private boolean stopped;
        private final List<Fault> faults = new ArrayList<>();
        private final Set<Fault.Job> looked = EnumSet.noneOf(Fault.Job.class);

        Search(Vehicle vehicle, Adjustment adjustment, BooleanSupplier goOn) {
            this.vehicle = vehicle;
            this.adjustment = adjustment;
            this.goOn = goOn;
        }

        Optional<Assessment> run() {
            List<Runnable> studies = new ArrayList<>(List.of(this::survey, this::plates));
            for (Axle axle : vehicle.axles()) {
                studies.addAll(studies(axle));
            }
            for (Runnable study : studies) {
                if (!goesOn()) {
                    return Optional.empty();
                }
                study.run();
            }
            faults.sort(Comparator.comparing(Fault::step).thenComparingDouble(fault -> -fault.amount()));
            return goesOn() ? Optional.of(new Assessment(faults, looked)) : Optional.empty();
        }

        /** Stopped once it is stopped for good: what a study left out must not pass for looked at. */
        private boolean goesOn() {
            stopped = stopped || !goOn.getAsBoolean();
            return !stopped;
        }

        private List<Runnable> studies(Axle axle) {
            AxlePlace place = axle.place();
            return List.of(
                    () -> said(Fault.Job.AXLE, place, FitWords.of(vehicle, place, adjustment)),
                    () -> housing(axle),
                    () -> links(place),
                    () -> steer(axle),
                    () -> cycle(place),
                    () -> said(Fault.Job.SHOCKS, place, RideWords.of(RideStudy.of(vehicle, place))),
                    () -> said(Fault.Job.SHAFT, place, ShaftVerdicts.of(vehicle, place)),
                    () -> placed(place),
                    () -> cut(axle),
                    () -> brackets(axle));
        }

        /** What the marks and readings contradict; advice on what to read next is no fault. */
        private void survey() {
            if (vehicle.build().survey().marks().isEmpty()) {
                return;
            }
            looked.add(Fault.Job.MEASURE);
            for (SurveyRemark remark : SurveyRemark.of(adjustment)) {
                if (remark.level() != SurveyRemark.Level.ADVICE) {
                    faults.add(new Fault(
                            Fault.Job.MEASURE,
                            Optional.empty(),
                            remark.message().key() + remark.marks(),
                            1,
                            remark.message()));
                }
            }
            for (Cut cut : vehicle.build().survey().cuts()) {
                for (Message one : cut.done() ? List.<Message>of() : CutReady.axles(vehicle, adjustment, cut)) {
                    faults.add(new Fault(Fault.Job.MEASURE, Optional.empty(), Fault.about(one), 1, one));
                }
            }
        }

        /** Sizes that contradict one another or the plan, and parts that don't go together. */
        private void housing(Axle axle) {
            if (!HousingCheck.described(vehicle, axle)) {
                return;
            }
            looked.add(Fault.Job.HOUSING);
            for (Message one : HousingCheck.faults(vehicle, axle)) {
                faults.add(new Fault(Fault.Job.HOUSING, Optional.of(axle.place()), Fault.about(one), 1, one));
            }
        }

        /** Links that can't be made as they are described, and bolts that would have to be forced. */
        private void cut(Axle axle) {
            double paint = vehicle.build().rules().paint();
            List<LinkCut> cuts = LinkCut.list(vehicle).stream()
                    .filter(cut -> cut.axle().place() == axle.place())
                    .toList();
            for (LinkCut cut : cuts) {
                looked.add(Fault.Job.CUTLIST);
                cut.faults(paint).forEach(one -> cut(axle, cut, one));
            }
            for (LinkStrength strength : LinkStrength.of(vehicle, cuts)) {
                strength.faults().forEach(one -> cut(axle, strength.cut(), one));
            }
            for (BoltFit fit : BoltFit.of(vehicle, axle.place())) {
                if (fit.verdict() == BoltFit.Verdict.FORCED) {
                    faults.add(new Fault(
                            Fault.Job.CUTLIST, Optional.of(axle.place()), "bolt " + fit.link(), 1, fit.said()));
                }
            }
        }

        private void cut(Axle axle, LinkCut cut, Message one) {
            faults.add(new Fault(
                    Fault.Job.CUTLIST,
                    Optional.of(axle.place()),
                    cut.link().name() + one.key(),
                    1,
                    Message.of("cut.of_link", cut.link().name(), one)));
        }

        /** Brackets that can't be made as they are described; what their links' ends contradict is said with these. */
        private void brackets(Axle axle) {
            for (BracketPlan plan : BracketPlan.of(vehicle, axle)) {
                looked.add(Fault.Job.BRACKETS);
                String mount = plan.mount().mount();
                // What is not known of a pair is not known once.
                if (!plan.missing().isEmpty()
                        && axle.mount(mount).filter(Mount::mirrored).isEmpty()) {
                    faults.add(new Fault(
                            Fault.Job.BRACKETS,
                            Optional.of(axle.place()),
                            "unknown " + mount,
                            plan.missing().size(),
                            Message.of("bracket.unknown", mount, plan.missing().get(0))));
                }
                boolean link = plan.bolted().filter(Bolted::link).isPresent();
                for (Message one : plan.faults()) {
                    if (!link || !one.key().startsWith("cut.")) {
                        faults.add(new Fault(Fault.Job.BRACKETS, Optional.of(axle.place()), Fault.about(one), 1, one));
                    }
                }
            }
        }

        /** Plates that went out to be cut and no longer hold. */
        private void plates() {
            if (vehicle.build().issued().isEmpty()) {
                return;
            }
            looked.add(Fault.Job.BRACKETS);
            for (StalePlate stale : StalePlate.of(vehicle, PlateList.of(vehicle).plates())) {
                faults.add(new Fault(
                        Fault.Job.BRACKETS,
                        Optional.empty(),
                        "stale " + stale.issued().part() + stale.issued().hand(),
                        1,
                        stale.said()));
            }
        }

        /** Mounts that were read back where they do not belong. */
        private void placed(AxlePlace place) {
            if (vehicle.build().found().stream().anyMatch(found -> found.mount().axle() == place && found.placed())) {
                looked.add(Fault.Job.PLACE);
            }
            for (MountAsBuilt.Astray one : MountAsBuilt.astray(vehicle, place)) {
                faults.add(new Fault(
                        Fault.Job.PLACE,
                        Optional.of(place),
                        one.mount().mount(),
                        one.off() / vehicle.build().placing().tolerance() - 1,
                        one.said()));
            }
        }

        private void cycle(AxlePlace place) {
            looked.add(Fault.Job.CYCLE);
            faults.addAll(CycleFaults.of(vehicle, place, this::goesOn));
        }

        private void said(Fault.Job step, AxlePlace place, List<Verdict> all) {
            if (!all.isEmpty()) {
                looked.add(step);
            }
            for (Verdict one : all) {
                if (!one.good()) {
                    faults.add(new Fault(step, Optional.of(place), one.about(), one.lacks(), one.message()));
                }
            }
        }

        private void links(AxlePlace place) {
            looked.add(Fault.Job.LINKS);
            AxleModel model = new AxleModel(vehicle, place);
            for (Scorecard.Mark mark : Scorecard.of(model).marks()) {
                if (mark.severity() > 0) {
                    faults.add(new Fault(
                            Fault.Job.LINKS, Optional.of(place), mark.result().id(), mark.severity(), mark.said()));
                }
            }
        }

        private void steer(Axle axle) {
            if (axle.steering().isEmpty()) {
                return;
            }
            looked.add(Fault.Job.STEER);
            OptionalDouble change = PickupAdvice.toeChange(vehicle, axle.place());
            if (change.isEmpty()) {
                steerFault(axle, 1, Message.of("assessment.toe_untold"));
                return;
            }
            double toe = change.getAsDouble();
            if (toe > TOE_FELT) {
                steerFault(
                        axle,
                        toe / TOE_FELT - 1,
                        Message.of("assessment.toe", Message.angle(toe), Message.angle(TOE_FELT)));
            }
        }

        private void steerFault(Axle axle, double severity, Message said) {
            faults.add(new Fault(Fault.Job.STEER, Optional.of(axle.place()), "toe", severity, said));
        }
    }

    /** The fault to say first: of the step that is first in the order of work, the worst. */
    public Optional<Fault> first() {
        return faults.stream().findFirst();
    }

    /** Faults of an axle. */
    public List<Fault> of(AxlePlace place) {
        return faults.stream()
                .filter(fault -> fault.axle().equals(Optional.of(place)))
                .toList();
    }

    /** A step's name in word keys. */
    public static String id(Fault.Job step) {
        return step.name().toLowerCase(Locale.ROOT);
    }
}
