package org.palanca.vehicle;

import java.util.List;

/**
 * A point fixed to one body, where a link end is bolted.
 *
 * @param name unique within its axle
 * @param body the body it is fixed to
 * @param placement where it is at ride
 * @param holes other places its bolt could go, in the order of the file
 * @param canMove whether it may be put somewhere else: false on what is bought, or welded for good
 */
public record Mount(String name, BodyName body, Placement placement, List<Hole> holes, boolean canMove) {
    public Mount {
        holes = List.copyOf(holes);
    }

    /** A mount that may be put somewhere else. */
    public Mount(String name, BodyName body, Placement placement, List<Hole> holes) {
        this(name, body, placement, holes, true);
    }

    /** A mount with a single hole. */
    public Mount(String name, BodyName body, Placement placement) {
        this(name, body, placement, List.of());
    }

    public Mount withPlacement(Placement other) {
        return new Mount(name, body, other, holes, canMove);
    }

    public Mount withCanMove(boolean other) {
        return new Mount(name, body, placement, holes, other);
    }

    public Mount withBody(BodyName other) {
        return new Mount(name, other, placement, holes, canMove);
    }

    public boolean onFrame() {
        return body == BodyName.FRAME;
    }

    public boolean mirrored() {
        return placement instanceof Placement.MirrorOf;
    }
}
