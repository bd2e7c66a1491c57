package org.palanca.vehicle.housing;

import org.palanca.base.geometry.Side;

/**
 * What one round of the dial says of one end: toe and camber in a live axle, which way the tube was pulled, and where a
 * bead would pull it back. Plane geometry: on a face of diameter D a tilt a gives a full reading of D sin a; a bar's end
 * off by e at the distance L is a tilt of atan(e / L). A dial that is four times read closes on itself: twelve and six
 * together are three and nine together; what they differ by is the dial's own error.
 *
 * @param side which end
 * @param camber top outward positive [rad]
 * @param toe front edge inward positive [rad]
 * @param closing what the four readings lack to close [m]: the reading's own doubt
 */
public record Straightness(Side side, double camber, double toe, double closing) {
    /** What some shops accept at the bearing [m]: 0.005 in, common practice, no source. Zero is the aim. */
    public static final double ACCEPTED = 0.005 * 0.0254;

    /** Nearer than this no dial is read [m]. */
    private static final double READ = 1e-6;

    /** Works out one round of the dial. */
    public static Straightness of(Side side, DialReading dial) {
        // Seen from outside, three o'clock is to the front on the right side and to the rear on the left.
        double front = side == Side.RIGHT ? dial.three() : dial.nine();
        double rear = side == Side.RIGHT ? dial.nine() : dial.three();
        double upDown = dial.twelve() - dial.six();
        double foreAft = front - rear;
        double closing = dial.twelve() + dial.six() - dial.three() - dial.nine();
        if (dial.way() == DialReading.Way.FACE) {
            // The plunger is pushed in where the face comes out: top out is camber, front out is toe-out.
            return new Straightness(side, tilt(upDown, dial.reach()), -tilt(foreAft, dial.reach()), closing);
        }
        // On a bar from the far bearing: the bore lies away from the bar where the plunger stays out. Twice the offset
        // shows across. A bore lifted by e is an end face turned with its top inward.
        double up = -upDown / 2;
        double forward = -foreAft / 2;
        return new Straightness(side, -Math.atan(up / dial.reach()), Math.atan(forward / dial.reach()), closing);
    }

    private static double tilt(double full, double diameter) {
        return Math.asin(Math.max(-1, Math.min(1, full / diameter)));
    }

    /** The whole tilt [rad]. */
    public double tilt() {
        return Math.hypot(camber, toe);
    }

    /** Where round the tube, as a clock seen from outside that end, the tube was pulled to: 0 to 12 hours. */
    public double pulledTo() {
        // An end whose top leans in has been pulled up; one that toes in has been pulled forward.
        double up = -camber;
        double forward = toe;
        double toThree = side == Side.RIGHT ? forward : -forward;
        double hours = Math.toDegrees(Math.atan2(toThree, up)) / 30;
        return hours < 0 ? hours + 12 : hours;
    }

    /** Where the next short bead goes to pull it back: opposite. Distortion goes towards the weld: common practice. */
    public double beadAt() {
        return (pulledTo() + 6) % 12;
    }

    /** What a round says of its end. */
    public enum Verdict {
        /** The tilt stays within what is accepted. */
        GOOD,
        /** It does not: a bead pulls it back. */
        BEAD,
        /** The readings disagree among themselves by more than what they should decide. */
        OPEN
    }

    /**
     * What this round decides.
     *
     * @param accepted at the bearing [m]
     * @param seat diameter of the bearing's seat [m]
     */
    public Verdict verdict(double accepted, double seat) {
        if (Math.abs(closing) > accepted + READ) {
            return Verdict.OPEN;
        }
        return within(accepted, seat) ? Verdict.GOOD : Verdict.BEAD;
    }

    /** Whether the tilt over a bearing seat of this diameter [m] stays within what is accepted there [m]. */
    public boolean within(double accepted, double seat) {
        return Math.sin(tilt()) * seat <= accepted;
    }
}
