package org.palanca.vehicle;

import org.palanca.base.units.Lengths;

/**
 * What carries a wheel where it moves or turns by itself, in a few sizes: the upright of an independent wheel, the knuckle of a
 * steered live axle, with its hub and brake. Both sides alike.
 *
 * @param thickness across its arms, which run from the hub to each of its mounts [m]
 * @param hubDiameter outside of the hub, bearing and all [m]
 * @param hubWidth from the wheel's mounting face inward [m]
 * @param brakeDiameter outside of disc or drum with what reaches past it [m]; 0: none described
 * @param brakeWidth from the wheel's mounting face inward [m]; 0: none described
 */
public record Upright(double thickness, double hubDiameter, double hubWidth, double brakeDiameter, double brakeWidth) {
    /** An ordinary one without its brake: common practice, no source. */
    public static final Upright ORDINARY = new Upright(Lengths.inches(1), Lengths.inches(4), Lengths.inches(3), 0, 0);

    /** Whether its brake is described. */
    public boolean braked() {
        return brakeDiameter > 0 && brakeWidth > 0;
    }

    public Upright withThickness(double other) {
        return new Upright(other, hubDiameter, hubWidth, brakeDiameter, brakeWidth);
    }

    public Upright withHubDiameter(double other) {
        return new Upright(thickness, other, hubWidth, brakeDiameter, brakeWidth);
    }

    public Upright withHubWidth(double other) {
        return new Upright(thickness, hubDiameter, other, brakeDiameter, brakeWidth);
    }

    public Upright withBrakeDiameter(double other) {
        return new Upright(thickness, hubDiameter, hubWidth, other, brakeWidth);
    }

    public Upright withBrakeWidth(double other) {
        return new Upright(thickness, hubDiameter, hubWidth, brakeDiameter, other);
    }
}
