package org.palanca.mechanism;

/**
 * A member that gives: what it is off by stores energy instead of being forbidden.
 *
 * @param rigid the member as it would be without a bushing
 * @param rate force per unit it is off by, for each of its equations [N/m]
 */
public record CompliantMember(Member rigid, double rate) implements Member {
    /** @throws IllegalArgumentException when the rate is not positive */
    public CompliantMember {
        if (!(rate > 0)) {
            throw new IllegalArgumentException("the bushing of \"" + rigid.name() + "\" has a rate of " + rate);
        }
    }

    @Override
    public String name() {
        return rigid.name();
    }

    @Override
    public Constraint bind(Mechanism mechanism) {
        return rigid.bind(mechanism);
    }
}
