/** Finds the pose that closes a mechanism, the motions free at it, and what is wrong when there is none. */
package org.palanca.mechanism.solve;
