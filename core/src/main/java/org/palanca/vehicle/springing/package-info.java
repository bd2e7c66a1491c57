/**
 * What carries an axle and stops it: shocks with their springs, torsion bars, sway bars, bump stops and straps. Described by
 * the mounts and joints they hang on; forces by their own length, compression or twist. Metres, newtons, pascals, radians.
 */
package org.palanca.vehicle.springing;
