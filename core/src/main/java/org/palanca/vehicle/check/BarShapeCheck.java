package org.palanca.vehicle.check;

import java.util.ArrayList;
import java.util.List;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.hardware.BarBend;
import org.palanca.vehicle.hardware.BarPath;
import org.palanca.vehicle.hardware.LinkTube;

/** Looks over the bends of a bar for what no bender makes: corners out of order, and bends too wide or too tight for the bar. */
final class BarShapeCheck {
    /** Sizes are rounded when they are written [m]. */
    private static final double ROUNDED = 1e-6;

    private final Link link;
    private final BarPath path;
    private final String at;
    private final List<Finding> found = new ArrayList<>();

    private BarShapeCheck(Link link, BarPath path, String at) {
        this.link = link;
        this.path = path;
        this.at = at;
    }

    /**
     * What is wrong with the bends of a link whose mounts are there.
     *
     * @param path its middle line
     * @param at where the link stands in the file, as a JSON pointer
     */
    static List<Finding> of(Link link, BarPath path, LinkTube tube, String at) {
        BarShapeCheck check = new BarShapeCheck(link, path, at + "/made/shape/bends/");
        if (check.inOrder()) {
            check.bends(tube);
        }
        return check.found;
    }

    private boolean inOrder() {
        double before = 0;
        for (int i = 0; i < path.bends(); i++) {
            double along = path.bend(i).along();
            if (!(along > before + ROUNDED && along < path.pinToPin() - ROUNDED)) {
                error(
                        i,
                        "along_mm",
                        Message.of(
                                i == 0 ? "check.bar_bend_first" : "check.bar_bend_order",
                                link.name(),
                                Integer.toString(i + 1),
                                Message.length(along),
                                Message.length(before),
                                Message.length(path.pinToPin())));
                return false;
            }
            before = along;
        }
        return true;
    }

    private void bends(LinkTube tube) {
        for (int i = 0; i < path.bends(); i++) {
            BarBend bend = path.bend(i);
            if (!(bend.radius() > tube.outside() / 2 + ROUNDED)) {
                error(
                        i,
                        "radius_mm",
                        Message.of(
                                "check.bar_bend_tight",
                                link.name(),
                                Integer.toString(i + 1),
                                Message.length(bend.radius()),
                                Message.length(tube.outside() / 2)));
            }
        }
        for (int piece = 0; piece <= path.bends(); piece++) {
            if (path.straight(piece) < -ROUNDED) {
                tooWide(piece);
            }
        }
    }

    /** The bends at a piece's ends need more of it than it is long: says by how much, and with which radius they would not. */
    private void tooWide(int piece) {
        boolean before = piece > 0;
        boolean behind = piece < path.bends();
        double needed = (before ? path.setback(piece - 1) : 0) + (behind ? path.setback(piece) : 0);
        double there = path.straight(piece) + needed;
        int bend = behind ? piece : piece - 1;
        double radius = path.bend(bend).radius() * there / needed;
        error(
                bend,
                "radius_mm",
                Message.of(
                        before && behind ? "check.bar_bends_wide" : "check.bar_bend_wide",
                        link.name(),
                        Integer.toString(bend + 1),
                        Message.length(needed),
                        Message.length(there),
                        Message.length(radius),
                        Integer.toString(piece)));
    }

    private void error(int bend, String key, Message message) {
        found.add(Finding.error(at + bend + "/" + key, message));
    }
}
