package org.palanca.mechanism.axle;

/**
 * Names a pose: how far each wheel centre has risen against the chassis since ride, and how far the steering is turned.
 *
 * @param left [m], bump positive
 * @param right [m], bump positive
 * @param steer part of the way to lock, from -1 full right to 1 full left; 0 where nothing steers
 */
public record WheelTravel(double left, double right, double steer) {
    /** A pose with the steering straight ahead. */
    public WheelTravel(double left, double right) {
        this(left, right, 0);
    }

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
        return new WheelTravel(left + rise, right - rise, steer);
    }

    /** Roll of the axle against the chassis [rad], for wheel centres this far apart [m]. */
    public double roll(double track) {
        return Math.asin(Math.max(-1, Math.min(1, (left - right) / track)));
    }

    /** The same wheel travel with the steering turned. */
    public WheelTravel withSteer(double other) {
        return new WheelTravel(left, right, other);
    }

    /** Mean travel [m]. */
    public double heave() {
        return (left + right) / 2;
    }
}
