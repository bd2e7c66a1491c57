package org.palanca.study.clearance;

import java.util.List;
import java.util.Set;
import org.palanca.base.solid.Solid;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.work.ServiceMoment;

/**
 * Something that may touch something else.
 *
 * @param id tells it from the others and what sort it is
 * @param name in words
 * @param kind decides how much room it wants
 * @param carrier what it moves with
 * @param solid its shape in the carrier's frame
 * @param belongs what it is bolted to by name: two things that share one belong together and are not compared
 * @param joined names of things that it was said to be welded or bolted to
 * @param moment of service room: when it must be open
 */
public record CollisionBody(
        CollisionId id,
        Message name,
        Part.Kind kind,
        Carrier carrier,
        Solid solid,
        Set<String> belongs,
        Set<String> joined,
        ServiceMoment moment) {
    public CollisionBody {
        belongs = Set.copyOf(belongs);
        joined = Set.copyOf(joined);
    }

    /** A thing that was measured and is joined to nothing. */
    public CollisionBody(
            CollisionId id, Message name, Part.Kind kind, Carrier carrier, Solid solid, Set<String> belongs) {
        this(id, name, kind, carrier, solid, belongs, Set.of(), ServiceMoment.RIDE);
    }

    CollisionBody withBelongs(Set<String> other) {
        return new CollisionBody(id, name, kind, carrier, solid, other, joined, moment);
    }

    /** What sort of thing it is. */
    public CollisionId.Sort sort() {
        return id.sort();
    }

    /** Which of its sort. */
    public String subject() {
        return id.subject();
    }

    /** What a reader takes it and another for: a coilover's body and its shaft have one name. */
    public List<Message> namedWith(CollisionBody other) {
        return List.of(name, other.name);
    }

    /** Whether the user described its shape. */
    public boolean described() {
        return id.part().isPresent();
    }

    /** Whether one of the two was said to be welded or bolted to the other. */
    boolean joinedTo(CollisionBody other) {
        return joined.contains(other.subject()) || other.joined.contains(subject());
    }

    /** Whether the two could ever meet: they move against each other and are not bolted together. */
    boolean mayMeet(CollisionBody other) {
        return !carrier.equals(other.carrier()) && !belongsWith(other) && !joinedTo(other);
    }

    /** Whether both are bolted to one thing. */
    boolean belongsWith(CollisionBody other) {
        return belongs.stream().anyMatch(other.belongs()::contains);
    }
}
