/**
 * What the user describes: a vehicle with its axles, mounts and links, all immutable. Lengths [m], angles [rad],
 * masses [kg] in the frame of {@link org.palanca}.
 */
package org.palanca.vehicle;
