package org.palanca.mechanism.solve;

import java.util.List;
import org.palanca.base.geometry.RigidMotion;

/** What came of a move. */
public sealed interface Solution {
    /**
     * The mechanism closes.
     *
     * @param poses one a body, in the mechanism's order
     * @param iterations Newton steps taken
     * @param residual largest left-over of any equation [m]
     * @param quality scale-free nearness to singular: 1 is best, 0 is a dead point or a loose freedom
     * @param freedoms what is free, loose and blocked at the pose
     */
    record Closed(List<RigidMotion> poses, int iterations, double residual, double quality, Mobility freedoms)
            implements Solution {
        public Closed {
            poses = List.copyOf(poses);
        }
    }

    /**
     * The mechanism stands where its bushings store the least energy.
     *
     * @param poses one a body, in the mechanism's order
     * @param iterations Newton steps taken
     * @param residual largest left-over of any rigid equation [m]
     * @param quality scale-free nearness to singular: 1 is best, 0 is a loose freedom
     * @param freedoms what would be free, loose and blocked without bushings
     * @param strains one a member that gives
     */
    record Strained(
            List<RigidMotion> poses,
            int iterations,
            double residual,
            double quality,
            Mobility freedoms,
            List<Strain> strains)
            implements Solution {
        public Strained {
            poses = List.copyOf(poses);
            strains = List.copyOf(strains);
        }
    }

    /**
     * How far a member is pushed.
     *
     * @param member its name
     * @param off how far it is off what it would be if rigid [m]; a rod that is pulled longer is positive
     * @param force with which it holds against that [N]
     */
    record Strain(String member, double off, double force) {}

    /**
     * The mechanism does not close.
     *
     * @param iterations Newton steps taken before giving up
     * @param residual largest left-over at the nearest approach [m]
     * @param diagnosis which member is in the way, by how much
     */
    record Open(int iterations, double residual, ClosureDiagnosis diagnosis) implements Solution {}
}
