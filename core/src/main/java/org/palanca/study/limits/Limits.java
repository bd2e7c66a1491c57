package org.palanca.study.limits;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.AxleKinematics;
import org.palanca.mechanism.axle.JointBolts;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.ResultKind;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.links.JointMisalignment;
import org.palanca.result.shock.MountLine;
import org.palanca.result.working.Trace;
import org.palanca.study.clearance.Clearances;
import org.palanca.study.clearance.HoseRun;
import org.palanca.study.driveline.HalfShaftStudy;
import org.palanca.study.driveline.ShaftOrder;
import org.palanca.study.driveline.ShaftRun;
import org.palanca.study.driveline.ShaftStudy;
import org.palanca.study.travel.TravelEnvelope;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.Hose;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.Springing;

/**
 * All limits of an axle and how far each of them is away at a pose. A limit that is passed at ride already limits nothing: it
 * is listed apart. Belongs to one thread.
 */
public final class Limits {
    /** Halvings of a step that a border is found with: a thousandth of a step. */
    private static final int HALVINGS = 12;

    /** Less than this past a limit is at it [m or rad]. */
    private static final double AT_IT = 2e-5;

    private static final Limit OPEN = Limit.of(Limit.Kind.OPEN, "", Message.of("limit.open"));

    private final Clearances clearances;
    private final AxleModel model;
    private final List<Limit> limits = new ArrayList<>();
    private final List<ToDoubleFunction<AxleModel>> margins = new ArrayList<>();
    private final List<Limit> passedAtRide = new ArrayList<>();
    private @Nullable TravelEnvelope envelope;
    private final int simple;
    private final int[] pairs;

    /** Sets up an axle whose description has no errors. */
    public Limits(Clearances clearances) {
        this.clearances = clearances;
        model = clearances.model();
        springs();
        Surroundings around = model.vehicle().build().surroundings(model.axle().place());
        // The shaft to a differential that hangs in the frame does not move with the wheels.
        if (model.axle().independent()) {
            around.halfShafts().ifPresent(this::halfShafts);
        } else {
            around.driveline().ifPresent(this::shaft);
        }
        around.hoses().forEach(this::hose);
        joints();
        bushings();
        model.toRide();
        for (int i = limits.size() - 1; i >= 0; i--) {
            if (margins.get(i).applyAsDouble(model) < 0) {
                passedAtRide.add(0, limits.remove(i));
                margins.remove(i);
            }
        }
        simple = limits.size();
        List<Integer> touching = new ArrayList<>();
        for (int i = 0; i < clearances.pairs().size(); i++) {
            Clearances.Pair pair = clearances.pairs().get(i);
            Limit touch = Limit.touch(
                    clearances.things().get(pair.one()), clearances.things().get(pair.other()));
            if (clearances.atRide(i)) {
                passedAtRide.add(touch);
            } else {
                limits.add(touch);
                touching.add(i);
            }
        }
        pairs = touching.stream().mapToInt(Integer::intValue).toArray();
    }

    private void add(Limit.Kind kind, String name, ToDoubleFunction<AxleModel> margin) {
        limits.add(Limit.of(kind, name, Message.of("limit." + kind.id(), name)));
        margins.add(margin);
    }

    private void springs() {
        Axle axle = model.axle();
        Springing springing = axle.springing();
        for (Shock shock : springing.shocks()) {
            MountLine line = MountLine.of(axle, shock.upper(), shock.lower());
            shock.size().ifPresent(size -> {
                add(Limit.Kind.SHOCK_COLLAPSED, shock.name(), m -> line.length(m.motion()) - size.collapsed());
                add(Limit.Kind.SHOCK_EXTENDED, shock.name(), m -> size.extended() - line.length(m.motion()));
            });
            shock.coils().ifPresent(coils -> {
                add(
                        Limit.Kind.COIL_BIND,
                        shock.name(),
                        m -> coils.room() - coils.squeezed(shock.travelFromExtended(line.length(m.motion()))));
                add(
                        Limit.Kind.SPRING_LOOSE,
                        shock.name(),
                        m -> coils.squeezed(shock.travelFromExtended(line.length(m.motion()))));
            });
        }
        springing.stops().forEach(stop -> {
            MountLine line = MountLine.of(axle, stop.from(), stop.to());
            add(Limit.Kind.STOP, stop.name(), m -> line.length(m.motion()) - stop.collapsed());
        });
        springing.straps().forEach(strap -> {
            MountLine line = MountLine.of(axle, strap.from(), strap.to());
            add(Limit.Kind.STRAP, strap.name(), m -> strap.length() - line.length(m.motion()));
        });
    }

    private void hose(Hose hose) {
        add(Limit.Kind.HOSE_TIGHT, hose.name(), m -> hose.length() - Hose.SLACK - HoseRun.apart(m, hose));
        if (hose.bend() > 0) {
            add(
                    Limit.Kind.HOSE_KINKED,
                    hose.name(),
                    m -> HoseRun.gentlest(hose.length(), HoseRun.apart(m, hose)) - hose.bend());
        }
    }

    private void shaft(Driveline line) {
        add(
                Limit.Kind.U_JOINT,
                "drive",
                m -> ShaftStudy.at(m, WheelTravel.RIDE, line).left(line));
        ShaftOrder order = ShaftOrder.of(model, line, envelope());
        double home = order.ride().length() - order.outAtRide();
        add(Limit.Kind.SLIP, "drive", m -> {
            double out = ShaftRun.at(m, line).length() - home;
            return Math.min(out, line.slip() - out);
        });
    }

    private void halfShafts(HalfShafts shafts) {
        HalfShaftStudy study = HalfShaftStudy.onTheWay(model, shafts, envelope());
        for (Side side : Side.values()) {
            add(Limit.Kind.U_JOINT, side.id(), m -> {
                HalfShaftStudy.Shaft shaft = HalfShaftStudy.at(m, shafts, side);
                return shafts.limit() - Math.max(shaft.inner(), shaft.outer());
            });
            add(Limit.Kind.SLIP, side.id(), m -> {
                double slid = HalfShaftStudy.at(m, shafts, side).length()
                        - study.of(side).order();
                return shafts.plunge() / 2 - Math.abs(slid);
            });
        }
    }

    private void joints() {
        JointBolts bolts = JointBolts.of(model.axle(), model.vehicle().wheelbase());
        if (bolts.ends().isEmpty()) {
            return;
        }
        JointMisalignment tilts = new JointMisalignment(model.vehicle(), model.axle());
        for (int end = 0; end < bolts.ends().size(); end++) {
            int index = end;
            JointBolts.End joint = bolts.ends().get(end);
            double limit = joint.limit(model.vehicle(), model.axle());
            add(
                    Limit.Kind.JOINT,
                    model.axle().mounts().get(joint.mount()).name(),
                    m -> limit - tilts.tilt(m.motion(), index));
        }
    }

    private void bushings() {
        model.results().stream()
                .filter(result -> result.kind() == ResultKind.BUSHING_PUSH)
                .forEach(push -> add(
                        Limit.Kind.BUSHING,
                        model.axle().place().id(),
                        m -> AxleKinematics.MOST_PUSH - push.evaluate(m.motion(), Trace.NONE)));
    }

    /** Every limit that can end the travel. */
    public List<Limit> all() {
        return limits;
    }

    /** Limits that are passed at ride height already, so that something is not as described. */
    public List<Limit> passedAtRide() {
        return List.copyOf(passedAtRide);
    }

    /** Where the hardware lets the axle get to. The model is left at ride where this is asked first. */
    public TravelEnvelope envelope() {
        if (envelope == null) {
            envelope = new TravelEnvelope(model);
        }
        return envelope;
    }

    public AxleModel model() {
        return model;
    }

    /** What is passed at a pose; empty where nothing is. The model is moved there. */
    public Optional<Limit> passed(WheelTravel pose) {
        if (!clearances.moveTo(pose)) {
            return Optional.of(OPEN);
        }
        for (int i = 0; i < limits.size(); i++) {
            if (margin(i) < 0) {
                return Optional.of(limits.get(i));
            }
        }
        return Optional.empty();
    }

    /**
     * A limit that is passed at a pose.
     *
     * @param by how far [in for lengths and gaps, rad for angles]
     */
    public record Passed(Limit limit, double by) {}

    /** Everything that is passed at a pose, the links' not reaching it included; stops and straps just met are not passed. */
    public List<Passed> passedAt(WheelTravel pose) {
        model.toRide();
        if (!clearances.moveTo(pose)) {
            return List.of(new Passed(OPEN, 1));
        }
        List<Passed> all = new ArrayList<>();
        for (int i = 0; i < limits.size(); i++) {
            double margin = i < simple ? margin(i) : deepest(i);
            if (margin < -AT_IT) {
                all.add(new Passed(limits.get(i), -margin / Lengths.INCH));
            }
        }
        model.toRide();
        return all;
    }

    private double deepest(int limit) {
        return margin(limit) < 0 ? clearances.gap(pairs[limit - simple]) : 0;
    }

    private double margin(int limit) {
        return limit < simple
                ? margins.get(limit).applyAsDouble(model)
                : clearances.gap(pairs[limit - simple], Double.MIN_VALUE);
    }

    /**
     * Where a straight way from a pose where nothing is passed to one where something is first passes a limit. Empty where
     * nothing is passed there after all: an axle that was moved too far at once closes when it is led there from near by.
     *
     * @param from where nothing is passed
     */
    public Optional<Border> border(WheelTravel from, WheelTravel to) {
        double clear = 0;
        double blocked = 1;
        model.toRide();
        passed(from);
        Optional<Limit> end = passed(to);
        if (end.isEmpty()) {
            return Optional.empty();
        }
        Limit limit = end.get();
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (clear + blocked) / 2;
            if (!model.closed()) {
                // A pose that does not close leaves the model behind: it starts afresh from a clear one.
                model.toRide();
                model.placeAt(between(from, to, clear));
            }
            Optional<Limit> there = passed(between(from, to, middle));
            if (there.isPresent()) {
                limit = there.get();
                blocked = middle;
            } else {
                clear = middle;
            }
        }
        WheelTravel last = between(from, to, clear);
        Limit why = limit.kind() == Limit.Kind.OPEN ? open(to, between(from, to, blocked)) : limit;
        return Optional.of(new Border(last, why));
    }

    /** Which member does not reach: told where it lacks more than nothing, as it does at the border itself. */
    private Limit open(WheelTravel beyond, WheelTravel border) {
        for (WheelTravel pose : List.of(beyond, border)) {
            if (!model.placeAt(pose)) {
                return model.outOfReach()
                        .map(member -> Limit.of(Limit.Kind.OPEN, member, Message.of("limit.open_member", member)))
                        .orElse(OPEN);
            }
        }
        return OPEN;
    }

    /**
     * A place on the border of the envelope.
     *
     * @param pose the last one where nothing is passed
     * @param limit what is passed next
     */
    public record Border(WheelTravel pose, Limit limit) {}

    static WheelTravel between(WheelTravel from, WheelTravel to, double part) {
        return new WheelTravel(
                from.left() + part * (to.left() - from.left()),
                from.right() + part * (to.right() - from.right()),
                from.steer() + part * (to.steer() - from.steer()));
    }
}
