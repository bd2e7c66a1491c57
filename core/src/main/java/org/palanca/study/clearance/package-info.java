/**
 * What may touch: the shapes of an axle and of what is around it, where each of them is at a pose, and the least room between
 * every two of them over bump, droop, twist and steer.
 */
package org.palanca.study.clearance;
