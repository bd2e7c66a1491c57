/**
 * Suspension geometry for people who weld it. This page holds what every number in the project assumes.
 *
 * <h2>Axes</h2>
 *
 * ISO 8855: x forward, y to the left, z up, right-handed. The origin lies on the ground, on the vehicle centreline,
 * below the front axle line at design ride height; the rear axle line is at x = -wheelbase. The chassis carries these
 * axes: the frame is the body that stands still and everything else moves against it.
 *
 * <h2>Units</h2>
 *
 * Inside: metres, radians, kilograms, newtons. Files: millimetres, degrees, kilograms, newtons, the unit in the key.
 * Percentages are stored as the number that is read (75 means 75 %).
 *
 * <h2>Signs</h2>
 *
 * <ul>
 *   <li>Bump is positive: the wheel centre rises against the chassis. Droop is negative.
 *   <li>Axle roll is positive when the left wheel is up against the chassis. Body roll is the chassis against the
 *       ground, left side up positive, so a body roll makes the opposite axle roll.
 *   <li>Steer is positive to the left. Caster is positive when the upper end of the steering axis leans rearward.
 *   <li>Pinion angle is positive nose up. Camber is positive top outward, toe positive front edge inward.
 * </ul>
 *
 * <h2>Rooms, in reading order</h2>
 *
 * <ol>
 *   <li>{@code base}: units, words, geometry, solid shapes. Knows no vehicle.
 *   <li>{@code vehicle}: what the user describes and has measured, all immutable; with {@code springing}, {@code survey},
 *       {@code housing} and {@code work} as its parts, {@code check} (is it sound), {@code edit} (changes), {@code layout}
 *       (vehicles to start from).
 *   <li>{@code mechanism}: bodies, members and drivers as data, {@code solve} closes them, {@code axle} makes them from a
 *       described axle and says where everything is at a pose.
 *   <li>{@code result}: one class a quantity by subject, {@code working} (how a number shows where it came from), {@code
 *       catalogue} (which an axle has), {@code sweep}, {@code targets}.
 *   <li>{@code floor}: readings adjusted, scans, gauges, mounts placed, what is cut.
 *   <li>{@code study}: questions about whole axles and vehicles, and the assessment of all of them at once.
 *   <li>{@code drawing}: the vehicle as plain lines in a plane.
 *   <li>{@code io}: files in and out, one package a format.
 * </ol>
 *
 * A room uses only those before it, and no two packages use one another. Each has a page that says what may live there.
 */
package org.palanca;
