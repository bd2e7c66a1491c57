package org.palanca.vehicle;

import java.util.List;
import java.util.Optional;
import org.palanca.vehicle.bracket.Bracket;

/**
 * A point fixed to one body, where a link end is bolted.
 *
 * @param name unique within its axle
 * @param body the body it is fixed to
 * @param placement where it is at ride
 * @param holes other places its bolt could go, in the order of the file
 * @param canMove whether it may be put somewhere else: false on what is bought, or welded for good
 * @param bracket how it is made of plate; of a mirrored mount always empty, since it has its master's
 */
public record Mount(
        String name, BodyName body, Placement placement, List<Hole> holes, boolean canMove, Optional<Bracket> bracket) {
    public Mount {
        holes = List.copyOf(holes);
    }

    /** A mount that may be put somewhere else. */
    public Mount(String name, BodyName body, Placement placement, List<Hole> holes) {
        this(name, body, placement, holes, true, Optional.empty());
    }

    /** A mount with a single hole. */
    public Mount(String name, BodyName body, Placement placement) {
        this(name, body, placement, List.of());
    }

    public Mount withPlacement(Placement other) {
        return new Mount(name, body, other, holes, canMove, bracket);
    }

    public Mount withHoles(List<Hole> other) {
        return new Mount(name, body, placement, other, canMove, bracket);
    }

    public Mount withBracket(Optional<Bracket> other) {
        return new Mount(name, body, placement, holes, canMove, other);
    }

    public Mount withCanMove(boolean other) {
        return new Mount(name, body, placement, holes, other, bracket);
    }

    public Mount withBody(BodyName other) {
        return new Mount(name, other, placement, holes, canMove, bracket);
    }

    public boolean onFrame() {
        return body == BodyName.FRAME;
    }

    public boolean mirrored() {
        return placement instanceof Placement.MirrorOf;
    }
}
