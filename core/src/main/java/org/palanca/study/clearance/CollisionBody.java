package org.palanca.study.clearance;

import java.util.Set;
import org.palanca.base.solid.Solid;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Part;

/**
 * Something that may touch something else.
 *
 * @param id tells it from the others and what sort it is, such as {@code link:upper left} or {@code part:tank}
 * @param name in words
 * @param kind decides how much room it wants
 * @param carrier what it moves with
 * @param solid its shape in the carrier's frame
 * @param belongs what it is bolted to by name: two things that share one belong together and are not compared
 * @param joined names of things that it was said to be welded or bolted to
 * @param moment of service room: when it must be open
 */
public record CollisionBody(
        String id,
        Message name,
        Part.Kind kind,
        Carrier carrier,
        Solid solid,
        Set<String> belongs,
        Set<String> joined,
        Part.Moment moment) {
    public CollisionBody {
        belongs = Set.copyOf(belongs);
        joined = Set.copyOf(joined);
    }

    /** A thing that was measured and is joined to nothing. */
    public CollisionBody(String id, Message name, Part.Kind kind, Carrier carrier, Solid solid, Set<String> belongs) {
        this(id, name, kind, carrier, solid, belongs, Set.of(), Part.Moment.RIDE);
    }

    CollisionBody withBelongs(Set<String> other) {
        return new CollisionBody(id, name, kind, carrier, solid, other, joined, moment);
    }

    /** What comes before the colon of its id: {@code link}, {@code part} and so on. */
    public String sort() {
        return id.substring(0, id.indexOf(':'));
    }

    /** What comes after the colon of its id. */
    public String subject() {
        return id.substring(id.indexOf(':') + 1);
    }

    /** What a reader takes it and another for: a coilover's body and its shaft have one name. */
    public String namedWith(CollisionBody other) {
        return name + "|" + other.name;
    }

    /** Whether the user described its shape. */
    public boolean described() {
        return sort().equals("part") || sort().equals("obstacle");
    }

    /** Whether one of the two was said to be welded or bolted to the other. */
    boolean joinedTo(CollisionBody other) {
        return joined.contains(other.subject()) || other.joined.contains(subject());
    }

    /** Whether the two could ever meet: they move against each other and are not bolted together. */
    boolean mayMeet(CollisionBody other) {
        return !carrier.equals(other.carrier())
                && belongs.stream().noneMatch(other.belongs()::contains)
                && !joinedTo(other);
    }
}
