/**
 * An axle housing as it is built or narrowed: the sums of its lengths in whichever direction they are asked, angles of
 * what is welded to it, straightness by dial, and parts that must fit one another.
 */
package org.palanca.vehicle.housing;
