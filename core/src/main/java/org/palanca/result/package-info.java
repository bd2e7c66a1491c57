/**
 * Results of a live axle at any pose, one class a quantity, each computed from the instantaneous motion and never by
 * finite differences. Definitions: Gillespie, Fundamentals of Vehicle Dynamics (1992), ch. 7; Milliken and Milliken,
 * Race Car Vehicle Dynamics (1995), ch. 17; the signs are those of {@link org.palanca}.
 */
package org.palanca.result;
