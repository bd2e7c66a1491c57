package org.palanca.floor.placing;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.Recent;
import org.palanca.base.words.Message;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.SurveyRemark;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountReadings;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.Survey;

/**
 * A mount as the tape found it, after tacking.
 *
 * @param mount which
 * @param planned where it should be [m]
 * @param found where it is [m], adjusted with the whole survey
 * @param adjustment the survey with these readings in it
 * @param effects what that does to every banded result, hardest hit first
 */
public record MountAsBuilt(
        MountRef mount, Vector3D planned, Vector3D found, Adjustment adjustment, List<Effect> effects) {
    /** Works it out; empty while too little is read to place it in all three directions. */
    public static Optional<MountAsBuilt> of(Vehicle vehicle, MountReadings found) {
        Adjustment adjustment = adjust(vehicle, found);
        MountRef mount = found.mount();
        if (!adjustment.free(mount.mount()).isEmpty()) {
            return Optional.empty();
        }
        Vector3D at = adjustment.place(mount.mount());
        return Optional.of(new MountAsBuilt(
                mount, Effect.position(vehicle, mount), at, adjustment, Effect.of(vehicle, mount, at)));
    }

    /** How far off a mount was found [m]; empty while too little is read to place it. */
    public static OptionalDouble off(Vehicle vehicle, MountReadings found) {
        Adjustment adjustment = adjust(vehicle, found);
        String name = found.mount().mount();
        return adjustment.free(name).isEmpty()
                ? OptionalDouble.of(Vector3D.distance(adjustment.place(name), Effect.position(vehicle, found.mount())))
                : OptionalDouble.empty();
    }

    /**
     * A mount that was read back too far off.
     *
     * @param off how far [m]
     * @param allowed how far it may be, with its bolt in [m]
     */
    public record Astray(MountRef mount, double off, double allowed) {
        /** In words. */
        public Message said() {
            return Message.of("placing.astray", mount.mount(), Message.fine(off), Message.fine(allowed));
        }
    }

    /** Mounts of an axle that were found farther off than is allowed, but for those that are on record as good all the same. */
    public static List<Astray> astray(Vehicle vehicle, AxlePlace place) {
        return vehicle.build().found().stream()
                .filter(found -> found.mount().axle() == place && found.placed())
                .filter(found -> !PlacingOrder.accepted(vehicle, found.mount()))
                .map(found -> new Astray(
                        found.mount(),
                        off(vehicle, found).orElse(0),
                        vehicle.build().placing().left()))
                .filter(one -> one.off() > one.allowed())
                .toList();
    }

    /** The survey with a mount's readings in it; empty while they do not hold it in all three directions. */
    static Optional<Adjustment> placed(Vehicle vehicle, MountReadings found) {
        return Optional.of(adjust(vehicle, found))
                .filter(adjustment -> adjustment.free(found.mount().mount()).isEmpty());
    }

    /** What was adjusted lately: each takes a frame, and several studies ask for the same. */
    private static final Recent<Asked, Adjustment> RECENT = new Recent<>(64);

    /**
     * What an adjustment was asked for with.
     *
     * @param survey told apart by which it is: comparing all of its readings would take longer than it saves
     */
    private record Asked(Survey survey, MountReadings found, Vector3D planned) {
        @Override
        public boolean equals(Object other) {
            return other instanceof Asked asked
                    && asked.survey == survey
                    && asked.found.equals(found)
                    && asked.planned.equals(planned);
        }

        @Override
        public int hashCode() {
            return Objects.hash(System.identityHashCode(survey), found, planned);
        }
    }

    private static Adjustment adjust(Vehicle vehicle, MountReadings found) {
        Asked asked = new Asked(vehicle.build().survey(), found, Effect.position(vehicle, found.mount()));
        Optional<Adjustment> known = RECENT.of(asked);
        if (known.isPresent()) {
            return known.get();
        }
        Adjustment adjustment = adjustAnew(vehicle, found);
        RECENT.keep(asked, adjustment);
        return adjustment;
    }

    private static Adjustment adjustAnew(Vehicle vehicle, MountReadings found) {
        Survey survey = vehicle.build().survey();
        String name = found.mount().mount();
        Survey with = survey.with(Mark.at(name, Effect.position(vehicle, found.mount())));
        for (Reading reading : found.readings()) {
            with = with.with(reading);
        }
        return Adjustment.of(with);
    }

    /** From the plan to what was found [m]. */
    public Vector3D off() {
        return found.subtract(planned);
    }

    /** Standard deviation of one coordinate of what was found [m]. */
    public double deviation(Axis axis) {
        return adjustment.deviation(mount.mount(), axis);
    }

    /** Standard deviation along the way it is off [m]: how sure it is that it is off. */
    public double deviation() {
        Vector3D off = off();
        return off.getNorm() == 0
                ? adjustment.uncertainty(mount.mount())
                : adjustment.deviation(mount.mount(), off.normalize());
    }

    /** What the readings of this mount have against each other, most pressing first. */
    public List<SurveyRemark> remarks() {
        return SurveyRemark.of(adjustment).stream()
                .filter(remark -> remark.marks().contains(mount.mount()))
                .filter(remark -> remark.level() != SurveyRemark.Level.ADVICE)
                .toList();
    }
}
