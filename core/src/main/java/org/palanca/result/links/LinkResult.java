package org.palanca.result.links;

import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;

/** Something read off one link by the places of its two mounts; its id ends in the link's name. */
abstract class LinkResult extends DefinedResult {
    private final LinkEnds ends;

    LinkResult(ResultKind kind, String link, LinkEnds ends) {
        super(kind, link, Motion.NONE, "source.definition");
        this.ends = ends;
    }

    final LinkEnds ends() {
        return ends;
    }
}
