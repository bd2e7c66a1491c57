package org.palanca.vehicle.check;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.LinkTube;
import org.palanca.vehicle.hardware.Thread;
import org.palanca.vehicle.hardware.ThreadedShank;

/** Looks over what a link is made of for what can't be: sizes that contradict one another within one piece. */
final class LinkMakeCheck {
    /** Sizes are rounded when they are written [m]. */
    private static final double ROUNDED = 1e-6;

    private static final double LENGTH_OF_A_WAY = 0.01;

    private LinkMakeCheck() {}

    /**
     * What is wrong with a link's make.
     *
     * @param at where the link stands in the file, as a JSON pointer
     */
    static List<Finding> of(Link link, String at) {
        List<Finding> found = new ArrayList<>();
        link.make()
                .tube()
                .filter(LinkMakeCheck::tooThick)
                .ifPresent(tube -> found.add(Finding.error(
                        at + "/made/tube/wall_mm",
                        Message.of(
                                "check.made_wall",
                                link.name(),
                                Message.fine(tube.wall()),
                                Message.fine(tube.outside())))));
        link.make().bolts().ifPresent(bolts -> {
            bolt(link, bolts.from(), at + "/made/bolts/from_way_mm", found);
            bolt(link, bolts.to(), at + "/made/bolts/to_way_mm", found);
        });
        link.make().from().ifPresent(end -> end(end, link.from(), at + "/made/from", found));
        link.make().to().ifPresent(end -> end(end, link.to(), at + "/made/to", found));
        return found;
    }

    /** A direction is of length 1; what was rounded may be a hair off it. */
    private static void bolt(Link link, Vector3D way, String at, List<Finding> found) {
        if (Math.abs(way.getNorm() - 1) > LENGTH_OF_A_WAY) {
            found.add(Finding.error(at, Message.of("check.made_bolt", link.name())));
        }
    }

    private static boolean tooThick(LinkTube tube) {
        return tube.wall() > tube.outside() / 2 + ROUNDED;
    }

    private static void end(LinkEnd end, String mount, String at, List<Finding> found) {
        end.shank().ifPresent(shank -> shank(shank, mount, at + "/shank", found));
    }

    private static void shank(ThreadedShank shank, String mount, String at, List<Finding> found) {
        shank.thread()
                .filter(thread -> !thread.cuttable())
                .map(Thread::text)
                .ifPresent(thread ->
                        found.add(Finding.error(at + "/thread", Message.of("check.made_thread", mount, thread))));
        if (shank.jamNut() > shank.length() + ROUNDED) {
            found.add(Finding.error(
                    at + "/jam_nut_mm",
                    Message.of(
                            "check.made_nut", mount, Message.length(shank.jamNut()), Message.length(shank.length()))));
        }
        if (shank.set().isPresent()
                && (shank.exposed() > shank.length() + ROUNDED || shank.exposed() < shank.jamNut() - ROUNDED)) {
            found.add(Finding.error(
                    at + "/exposed_mm",
                    Message.of(
                            "check.made_set",
                            mount,
                            Message.length(shank.exposed()),
                            Message.length(shank.jamNut()),
                            Message.length(shank.length()))));
        }
    }
}
