package org.palanca.study.assessment;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.words.Message;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;

/** A move of a mount in words: forward or back, out or in, up or down. */
public final class MoveWords {
    private static final double NOTHING = 1e-6;

    private MoveWords() {}

    /**
     * Says a move.
     *
     * @param vehicle where the mount is before
     * @param by the move [m], vehicle frame
     */
    public static Message of(Vehicle vehicle, MountRef mount, Vector3D by) {
        double side = vehicle.axle(mount.axle())
                .orElseThrow()
                .position(mount.mount(), vehicle.wheelbase())
                .getY();
        List<Message> parts = new ArrayList<>();
        add(parts, by.getX(), "forward", "back");
        add(parts, side < 0 ? -by.getY() : by.getY(), "out", "in");
        add(parts, by.getZ(), "up", "down");
        if (parts.isEmpty()) {
            return Message.of("move.none");
        }
        Message all = parts.get(0);
        for (int i = 1; i < parts.size(); i++) {
            all = Message.of(i == parts.size() - 1 ? "move.and" : "list.and", all, parts.get(i));
        }
        return all;
    }

    private static void add(List<Message> parts, double distance, String plus, String minus) {
        if (Math.abs(distance) > NOTHING) {
            parts.add(Message.of("move." + (distance > 0 ? plus : minus), Message.length(Math.abs(distance))));
        }
    }
}
