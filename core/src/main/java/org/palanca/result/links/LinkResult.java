package org.palanca.result.links;

import org.palanca.result.DefinedResult;
import org.palanca.units.Quantity;

/** Something read off one link by the places of its two mounts; its id ends in the link's name. */
abstract class LinkResult extends DefinedResult {
    private final String link;
    private final LinkEnds ends;

    /** @param name the part of the id before the link's name */
    LinkResult(String name, String link, LinkEnds ends, Quantity quantity) {
        super(name + "." + link, quantity, Motion.NONE, "source.definition");
        this.link = link;
        this.ends = ends;
    }

    @Override
    public final String subject() {
        return link;
    }

    final LinkEnds ends() {
        return ends;
    }
}
