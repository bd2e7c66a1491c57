package org.palanca.floor.cutting;

import org.palanca.vehicle.hardware.ThreadedShank;

/**
 * How far a joint's shank sits in its insert at one setting.
 *
 * @param exposed shank between eye and insert, jam nut included [m]
 * @param engaged thread of the insert that holds shank [m]
 * @param share engaged part of the insert's thread, 0 to 1
 */
public record ThreadEngagement(double exposed, double engaged, double share) {
    /** Rounding slack when a share is held against the rule. */
    private static final double SLACK = 1e-9;

    /**
     * The joint turned out from where it is set.
     *
     * @param out further out [m], negative further in; stopped where the jam nut meets the insert or the thread ends
     */
    public static ThreadEngagement at(ThreadedShank shank, double out) {
        double exposed = Math.max(shank.jamNut(), Math.min(shank.length(), shank.exposed() + out));
        double engaged = Math.min(shank.insertThread(), shank.length() - exposed);
        return new ThreadEngagement(exposed, engaged, engaged / shank.insertThread());
    }

    /** How far out a joint may go from its setting before the rule is broken [m]; negative when that already breaks it. */
    public static double outwardRoom(ThreadedShank shank) {
        return shank.mostExposed() - shank.exposed();
    }

    /** How far in a joint may go from its setting before the jam nut meets the insert [m]. */
    public static double inwardRoom(ThreadedShank shank) {
        return shank.exposed() - shank.jamNut();
    }

    public boolean meetsRule() {
        return share >= ThreadedShank.WANTED_SHARE - SLACK;
    }
}
