package org.palanca.floor.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;

/**
 * The bracket of a mount as its rules make it: its plates flat and where they stand, its bolt, and what is missing or wrong.
 *
 * @param mount where it is
 * @param bracket its rules
 * @param bolted what is bolted there; empty where nothing is
 * @param bolt that goes through; empty where its ears are not known
 * @param ears where they stand, the one that the bolt points to first; empty where they can't be made
 * @param back where the back stands; empty where there is none
 * @param boltRoom that has to be open for its bolt to come out; empty where nobody said which way
 * @param parts as they are cut; empty where something is missing
 * @param missing what has to be known for a plate to be cut
 * @param faults what is wrong with it
 * @param notes what whoever makes it has to know
 */
public record BracketPlan(
        MountRef mount,
        Bracket bracket,
        Optional<Bolted> bolted,
        Optional<BoltChoice> bolt,
        List<PlacedPlate> ears,
        Optional<PlacedPlate> back,
        Optional<BoltRoom> boltRoom,
        List<FlatPart> parts,
        List<Message> missing,
        List<Message> faults,
        List<Message> notes) {
    public BracketPlan {
        ears = List.copyOf(ears);
        parts = List.copyOf(parts);
        missing = List.copyOf(missing);
        faults = List.copyOf(faults);
        notes = List.copyOf(notes);
    }

    /** The brackets of an axle that are described, in the order of the file, mirrored ones among them. */
    public static List<BracketPlan> of(Vehicle vehicle, Axle axle) {
        List<BracketPlan> all = new ArrayList<>();
        axle.mounts().forEach(mount -> of(vehicle, axle, mount.name()).ifPresent(all::add));
        return List.copyOf(all);
    }

    /** That of a mount; empty where none is described. */
    public static Optional<BracketPlan> of(Vehicle vehicle, Axle axle, String mount) {
        return axle.bracket(mount).map(bracket -> new BracketMaker(vehicle, axle, mount, bracket).plan());
    }

    /** Whether its plates may be cut. */
    public boolean makeable() {
        return !parts.isEmpty() && missing.isEmpty() && faults.isEmpty();
    }

    /** Everything of it that stands somewhere. */
    public List<PlacedPlate> placed() {
        List<PlacedPlate> all = new ArrayList<>(ears);
        back.ifPresent(all::add);
        return all;
    }
}
