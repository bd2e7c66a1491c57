/**
 * Rigid bodies, the members that tie them, and the drivers that set the pose, all as data. No suspension type has a
 * class here: a four-link, a three-link with panhard or a layout nobody has named is a different list of members.
 */
package org.palanca.mechanism;
