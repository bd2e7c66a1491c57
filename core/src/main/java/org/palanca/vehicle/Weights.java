package org.palanca.vehicle;

/**
 * What the wheels of an axle carry, as weighed at ride.
 *
 * @param left on the left wheel's scale [kg]
 * @param right on the right wheel's scale [kg]
 * @param unsprung of the whole axle: wheels, housing, half of links and shocks [kg]
 */
public record Weights(double left, double right, double unsprung) {
    /**
     * Share of an axle's load that does not hang on its springs where nobody weighed it: a live axle with wheels, a pair of
     * independent ones. Common practice, no source.
     */
    private static final double LIVE_SHARE = 0.22;

    private static final double INDEPENDENT_SHARE = 0.14;

    /** What the plan's mass and centre of gravity put on an axle, half on each wheel; the unsprung part an ordinary one. */
    public static Weights planned(Vehicle vehicle, Axle axle) {
        double behind = vehicle.mass().centreBehindFront() / vehicle.wheelbase();
        boolean alone = vehicle.axles().size() == 1;
        double share = axle.place() == AxlePlace.FRONT ? 1 - behind : behind;
        double load = vehicle.mass().mass() * share;
        double unsprung = load * (axle.independent() ? INDEPENDENT_SHARE : LIVE_SHARE);
        return alone && share <= 0 ? new Weights(0, 0, 0) : new Weights(load / 2, load / 2, unsprung);
    }

    /** As weighed, else as planned. */
    public static Weights of(Vehicle vehicle, AxlePlace place) {
        Weights weighed = vehicle.build().weights().get(place);
        return weighed != null ? weighed : planned(vehicle, vehicle.axle(place).orElseThrow());
    }

    /** What both wheels carry [kg]. */
    public double both() {
        return left + right;
    }

    /** What hangs on the springs of one wheel [kg]; {@code side} +1 left, -1 right. */
    public double sprung(int side) {
        return (side > 0 ? left : right) - unsprung / 2;
    }
}
