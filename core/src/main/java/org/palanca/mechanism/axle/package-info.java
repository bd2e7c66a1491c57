/**
 * The kinematics of one axle: its description as bodies, members and drivers, the pose they close at, and where wheels
 * and mounts are there and how they move. Every suspension type goes through here alike. Of the mechanism this is the
 * only package that knows of vehicles; what is read off a pose as a number is a result, and has its place there.
 */
package org.palanca.mechanism.axle;
