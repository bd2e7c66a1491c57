package org.palanca.result;

/**
 * Names a pose: how far each wheel centre has risen against the chassis since ride.
 *
 * @param left [m], bump positive
 * @param right [m], bump positive
 */
public record WheelTravel(double left, double right) {
    /** Design ride height. */
    public static final WheelTravel RIDE = new WheelTravel(0, 0);

    /** Both wheels alike [m]. */
    public static WheelTravel both(double bump) {
        return new WheelTravel(bump, bump);
    }

    /**
     * This pose with an axle roll added.
     *
     * @param roll axle against chassis [rad], left wheel up positive
     * @param track between the wheel centres [m]
     */
    public WheelTravel plusRoll(double roll, double track) {
        double rise = track / 2 * Math.sin(roll);
        return new WheelTravel(left + rise, right - rise);
    }

    /** Roll of the axle against the chassis [rad], for wheel centres this far apart [m]. */
    public double roll(double track) {
        return Math.asin(Math.max(-1, Math.min(1, (left - right) / track)));
    }

    /** Mean travel [m]. */
    public double heave() {
        return (left + right) / 2;
    }
}
