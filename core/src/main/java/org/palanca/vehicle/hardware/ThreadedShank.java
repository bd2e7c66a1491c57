package org.palanca.vehicle.hardware;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The thread of a joint, what it is screwed into, and how far.
 *
 * @param length of its thread [m]
 * @param thread its size; empty where that is not known yet
 * @param hand which way it is cut
 * @param insertThread threaded length of the insert, or of the tapped bar, from its outer face [m]
 * @param insertShoulder thickness of the insert's shoulder that stays outside the tube [m]
 * @param jamNut thickness of the jam nut [m]
 * @param set thread exposed as it is set, jam nut included [m]; empty: half-way between the jam nut against the insert and
 *     the thread's end
 */
public record ThreadedShank(
        double length,
        Optional<Thread> thread,
        Hand hand,
        double insertThread,
        double insertShoulder,
        double jamNut,
        OptionalDouble set) {
    /** Part of the insert's thread that must stay engaged: one shop's rule, common practice, no source. */
    public static final double WANTED_SHARE = 0.75;

    /** Thread exposed as it is set, jam nut included [m]. */
    public double exposed() {
        return set.orElse((jamNut + length) / 2);
    }

    /** Thread exposed with the rule just kept [m]: it must not be turned out further. */
    public double mostExposed() {
        return length - WANTED_SHARE * insertThread;
    }

    /** Thread exposed in the middle of what keeps the rule [m]: from there it goes as far out as in. */
    public double middleExposed() {
        return (jamNut + mostExposed()) / 2;
    }

    public ThreadedShank withHand(Hand other) {
        return new ThreadedShank(length, thread, other, insertThread, insertShoulder, jamNut, set);
    }

    public ThreadedShank withSet(OptionalDouble other) {
        return new ThreadedShank(length, thread, hand, insertThread, insertShoulder, jamNut, other);
    }

    public ThreadedShank withThread(Optional<Thread> other) {
        return new ThreadedShank(length, other, hand, insertThread, insertShoulder, jamNut, set);
    }

    public ThreadedShank withLength(double other) {
        return new ThreadedShank(other, thread, hand, insertThread, insertShoulder, jamNut, set);
    }

    public ThreadedShank withInsertThread(double other) {
        return new ThreadedShank(length, thread, hand, other, insertShoulder, jamNut, set);
    }

    public ThreadedShank withInsertShoulder(double other) {
        return new ThreadedShank(length, thread, hand, insertThread, other, jamNut, set);
    }

    public ThreadedShank withJamNut(double other) {
        return new ThreadedShank(length, thread, hand, insertThread, insertShoulder, other, set);
    }
}
