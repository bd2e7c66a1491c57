package org.palanca.mechanism.solve;

import java.util.List;
import org.palanca.mechanism.CompliantMember;
import org.palanca.mechanism.Configuration;
import org.palanca.mechanism.Mechanism;

/**
 * Moves one mechanism from pose to pose. Holds the last pose as a warm start, so it is not for two threads at once.
 *
 * <p>Rigid members are solved by {@link RigidPoseSolver}. Where bushings give, {@link CompliantPoseSolver} finds the pose
 * of least strain energy: it closes where rigid members cannot, and has the strain to report.
 */
public interface PoseSolver {
    /** The solver that a mechanism needs. */
    static PoseSolver of(Mechanism mechanism) {
        boolean gives = mechanism.members().stream().anyMatch(CompliantMember.class::isInstance);
        return gives ? new CompliantPoseSolver(mechanism) : new RigidPoseSolver(mechanism);
    }

    Mechanism mechanism();

    /**
     * Moves to the pose that the drivers ask for, starting at the present one. On failure the present pose stays.
     *
     * @param drivers one value a driver, from the design pose [m or rad]
     * @return whether the mechanism closes there
     */
    boolean moveTo(double... drivers);

    /** Back to the design pose as a start. */
    void reset();

    /** The present pose. */
    Configuration configuration();

    /**
     * The instantaneous motion at the present pose when the drivers change at given rates.
     *
     * @param rates one a driver
     * @param twist filled with six a body: velocity of its origin and rotation, per unit of the rates
     * @return whether such a motion exists (it does not when members block it) and is the only one (it is not when a
     *     freedom is left loose)
     */
    boolean motion(double[] rates, double[] twist);

    /**
     * How far a member is off what it would be if it were rigid, at the present pose: a rod longer than it was made is
     * positive [m]. Zero for a rigid member.
     *
     * @param member its place in the mechanism's list
     */
    double strain(int member);

    /**
     * How far each member that gives is pushed at the last pose that closed, in the mechanism's order; empty where all are
     * rigid.
     */
    List<Solution.Strain> strains();

    /**
     * Whether the last pose that closed is held beyond doubt: every driver can move and nothing else can, as the pivots of
     * the elimination tell at no cost. False says nothing: {@link Mobility} then has to be asked.
     */
    boolean surelyHeld();

    /** The last move as a value with its convergence report, diagnosed when it failed. */
    Solution solution();
}
