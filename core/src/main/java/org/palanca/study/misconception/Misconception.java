package org.palanca.study.misconception;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.base.words.Message;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Outcome;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.VehicleCheck;
import org.palanca.vehicle.edit.MountMoves;

/**
 * Looks at what is often said beside a result, by trying it on this very vehicle. Nothing here is a matter of opinion:
 * every number is a result of the vehicle with one thing moved.
 */
public final class Misconception {
    private static final double ONE_INCH = Lengths.INCH;

    private final Vehicle vehicle;
    private final AxlePlace place;
    private final Axle axle;

    private Misconception(Vehicle vehicle, AxlePlace place) {
        this.vehicle = vehicle;
        this.place = place;
        axle = vehicle.axle(place).orElseThrow();
    }

    /** What is worth saying beside a result; empty where nothing is commonly believed, or it can't be tried here. */
    public static Optional<Message> about(Vehicle vehicle, AxlePlace place, String resultId) {
        Misconception held = new Misconception(vehicle, place);
        return switch (resultId) {
            case "roll_centre_height" -> held.wideUppers();
            case "anti_squat", "separation_frame" -> held.separation();
            case "caster", "pinion_angle" -> held.shorterUpper();
            default -> Optional.empty();
        };
    }

    /** "Wide upper mounts give roll stiffness": they move the roll centre; ball-jointed links resist no roll. */
    private Optional<Message> wideUppers() {
        List<Mount> uppers = frameMounts(LinkRole.UPPER);
        if (axle.independent() || uppers.size() < 2) {
            return Optional.empty();
        }
        Vehicle wider = vehicle;
        for (Mount mount : uppers) {
            double out = Math.signum(position(mount).getY());
            wider = moved(wider, mount, new Vector3D(0, out * 2 * ONE_INCH, 0));
        }
        OptionalDouble now = at(vehicle, "roll_centre_height", WheelTravel.RIDE);
        OptionalDouble then = at(wider, "roll_centre_height", WheelTravel.RIDE);
        return both(
                now,
                then,
                (a, b) -> Message.of(
                        "misconception.wide_uppers",
                        Message.length(4 * ONE_INCH),
                        Message.length(a),
                        Message.length(b)));
    }

    /** "Separation sets anti-squat": two ways to the same separation, two anti-squats. */
    private Optional<Message> separation() {
        List<Mount> uppers = frameMounts(LinkRole.UPPER);
        List<Mount> lowers = frameMounts(LinkRole.LOWER);
        if (axle.independent() || uppers.isEmpty() || lowers.isEmpty()) {
            return Optional.empty();
        }
        Vehicle uppersUp = vehicle;
        Vehicle lowersDown = vehicle;
        for (Mount mount : uppers) {
            uppersUp = moved(uppersUp, mount, new Vector3D(0, 0, ONE_INCH));
        }
        for (Mount mount : lowers) {
            lowersDown = moved(lowersDown, mount, new Vector3D(0, 0, -ONE_INCH));
        }
        String id = place == AxlePlace.REAR ? "anti_squat" : "anti_lift_drive";
        OptionalDouble one = at(uppersUp, id, WheelTravel.RIDE);
        OptionalDouble other = at(lowersDown, id, WheelTravel.RIDE);
        OptionalDouble now = at(vehicle, id, WheelTravel.RIDE);
        if (now.isEmpty()) {
            return Optional.empty();
        }
        return both(
                one,
                other,
                (a, b) -> Message.of(
                        "misconception.separation",
                        Message.length(ONE_INCH),
                        percent(a),
                        percent(b),
                        percent(now.getAsDouble())));
    }

    /** "A shorter upper always holds caster": it turns the axle the same way in bump and in droop. */
    private Optional<Message> shorterUpper() {
        List<Mount> uppers = frameMounts(LinkRole.UPPER);
        String id = axle.caster().isPresent() ? "caster" : "pinion_angle";
        if (axle.independent() || uppers.isEmpty()) {
            return Optional.empty();
        }
        Vehicle shorter = vehicle;
        for (Mount mount : uppers) {
            double inward = -place.outward();
            shorter = moved(shorter, mount, new Vector3D(-inward * 4 * ONE_INCH, 0, 0));
        }
        WheelTravel up = WheelTravel.both(axle.travel().bump());
        WheelTravel down = WheelTravel.both(-axle.travel().droop());
        OptionalDouble[] numbers = {
            at(vehicle, id, up), at(vehicle, id, down), at(shorter, id, up), at(shorter, id, down)
        };
        for (OptionalDouble number : numbers) {
            if (number.isEmpty()) {
                return Optional.empty();
            }
        }
        return Optional.of(Message.of(
                id.equals("caster") ? "misconception.shorter_upper_caster" : "misconception.shorter_upper_pinion",
                Message.length(4 * ONE_INCH),
                Message.angle(numbers[0].getAsDouble()),
                Message.angle(numbers[1].getAsDouble()),
                Message.angle(numbers[2].getAsDouble()),
                Message.angle(numbers[3].getAsDouble())));
    }

    /** Frame mounts of a role's links, mirror images left out. */
    private List<Mount> frameMounts(LinkRole role) {
        return axle.links(role).stream()
                .map(Link::from)
                .map(name -> axle.mount(name).orElseThrow())
                .filter(mount -> mount.onFrame())
                .distinct()
                .toList();
    }

    private Vector3D position(Mount mount) {
        return axle.position(mount.name(), vehicle.wheelbase());
    }

    /** A mirrored mount follows its master, which is moved itself. */
    private Vehicle moved(Vehicle from, Mount mount, Vector3D by) {
        return mount.mirrored()
                ? from
                : MountMoves.moveTo(
                        from, new MountRef(place, mount.name()), position(mount).add(by));
    }

    private OptionalDouble at(Vehicle tried, String id, WheelTravel pose) {
        if (VehicleCheck.hasErrors(VehicleCheck.findings(tried))) {
            return OptionalDouble.empty();
        }
        AxleModel model = new AxleModel(tried, place);
        boolean known = model.results().stream().anyMatch(result -> result.id().equals(id));
        if (!known || !model.moveTo(pose)) {
            return OptionalDouble.empty();
        }
        Outcome outcome = model.outcome(model.result(id));
        return outcome instanceof Outcome.Value value ? OptionalDouble.of(value.value()) : OptionalDouble.empty();
    }

    private interface Two {
        Message of(double one, double other);
    }

    private static Optional<Message> both(OptionalDouble one, OptionalDouble other, Two say) {
        return one.isPresent() && other.isPresent()
                ? Optional.of(say.of(one.getAsDouble(), other.getAsDouble()))
                : Optional.empty();
    }

    private static String percent(double value) {
        return Math.round(value) + " %";
    }
}
