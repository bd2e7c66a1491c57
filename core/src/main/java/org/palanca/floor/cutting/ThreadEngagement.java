package org.palanca.floor.cutting;

import org.palanca.vehicle.LinkHardware;

/**
 * How far a joint's shank sits in its insert at one setting.
 *
 * @param exposed shank between eye and insert, jam nut included [m]
 * @param engaged thread of the insert that holds shank [m]
 * @param share engaged part of the insert's thread, 0 to 1
 */
public record ThreadEngagement(double exposed, double engaged, double share) {
    /** Part of the insert's thread that must stay engaged: one shop's rule, common practice, no source. */
    public static final double WANTED_SHARE = 0.75;

    /** Rounding slack when a share is held against the rule. */
    private static final double SLACK = 1e-9;

    /**
     * The joint turned out from its mid setting.
     *
     * @param out further out [m], negative further in; stopped where the jam nut meets the insert or the thread ends
     */
    public static ThreadEngagement at(LinkHardware hardware, double out) {
        double exposed = Math.max(hardware.jamNut(), Math.min(hardware.shank(), midExposed(hardware) + out));
        double engaged = Math.min(hardware.insertThread(), hardware.shank() - exposed);
        return new ThreadEngagement(exposed, engaged, engaged / hardware.insertThread());
    }

    /** Exposed shank at the mid setting: half-way between the jam nut against the insert and the thread's end [m]. */
    public static double midExposed(LinkHardware hardware) {
        return (hardware.jamNut() + hardware.shank()) / 2;
    }

    /** How far out a joint may go from mid before the rule is broken [m]; negative when mid already breaks it. */
    public static double outwardRoom(LinkHardware hardware) {
        return hardware.shank() - WANTED_SHARE * hardware.insertThread() - midExposed(hardware);
    }

    public boolean meetsRule() {
        return share >= WANTED_SHARE - SLACK;
    }
}
