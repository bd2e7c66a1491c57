package org.palanca.clearance;

import java.util.Set;
import org.palanca.solid.Solid;
import org.palanca.vehicle.Part;
import org.palanca.words.Message;

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
public record Thing(
        String id,
        Message name,
        Part.Kind kind,
        Carrier carrier,
        Solid solid,
        Set<String> belongs,
        Set<String> joined,
        Part.Moment moment) {
    public Thing {
        belongs = Set.copyOf(belongs);
        joined = Set.copyOf(joined);
    }

    /** A thing that was measured and is joined to nothing. */
    public Thing(String id, Message name, Part.Kind kind, Carrier carrier, Solid solid, Set<String> belongs) {
        this(id, name, kind, carrier, solid, belongs, Set.of(), Part.Moment.RIDE);
    }

    Thing withBelongs(Set<String> other) {
        return new Thing(id, name, kind, carrier, solid, other, joined, moment);
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
    public String namedWith(Thing other) {
        return name + "|" + other.name;
    }

    /** Whether the user described its shape. */
    public boolean described() {
        return sort().equals("part") || sort().equals("obstacle");
    }

    /** Whether one of the two was said to be welded or bolted to the other. */
    boolean joinedTo(Thing other) {
        return joined.contains(other.subject()) || other.joined.contains(subject());
    }

    /** Whether the two could ever meet: they move against each other and are not bolted together. */
    boolean mayMeet(Thing other) {
        return !carrier.equals(other.carrier())
                && belongs.stream().noneMatch(other.belongs()::contains)
                && !joinedTo(other);
    }
}
