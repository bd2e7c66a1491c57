package org.palanca.vehicle.hardware;

import java.util.ArrayList;
import java.util.List;

/**
 * Ends and tubes to choose from. An end's thread is right-hand here; whoever takes it says which hand it is to have.
 *
 * @param ends by their names
 * @param tubes by what they are called
 */
public record HardwareCatalogue(List<LinkEnd> ends, List<NamedTube> tubes) {
    public HardwareCatalogue {
        ends = List.copyOf(ends);
        tubes = List.copyOf(tubes);
    }

    /** A tube with what the catalogue calls it. */
    public record NamedTube(String name, LinkTube tube) {}

    /** This one with another's lines before its own; of two of one name and kind the other's counts. */
    public HardwareCatalogue with(HardwareCatalogue more) {
        List<LinkEnd> allEnds = new ArrayList<>(more.ends);
        ends.stream()
                .filter(end ->
                        more.ends.stream().noneMatch(own -> own.name().equals(end.name()) && own.kind() == end.kind()))
                .forEach(allEnds::add);
        List<NamedTube> allTubes = new ArrayList<>(more.tubes);
        tubes.stream()
                .filter(tube -> more.tubes.stream().noneMatch(own -> own.name().equals(tube.name())))
                .forEach(allTubes::add);
        return new HardwareCatalogue(allEnds, allTubes);
    }

    /** The ends of one kind. */
    public List<LinkEnd> ends(LinkEnd.Kind kind) {
        return ends.stream().filter(end -> end.kind() == kind).toList();
    }
}
