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
 * <h2>Reading order</h2>
 *
 * {@code units}, {@code words}, {@code geometry}, {@code solid} (shapes and their distance), {@code survey} (marks, readings, and where they put things),
 * {@code work} (steps and holds), {@code housing} (its lengths, angles and straightness), {@code springing} (what carries and
 * stops), {@code vehicle} (what the user
 * describes), {@code mechanism} (bodies and constraints made from it, and their solution), {@code working} (how a number
 * shows where it came from), {@code result} (one class a quantity), {@code travel} (what bounds an axle's travel, and its worst poses), {@code sweep}, {@code steering} (lock to lock),
 * {@code targets}, {@code driveline} (shafts and their joints), {@code clearance} (what may touch), {@code limits} (what ends
 * the travel), {@code ride} (loads and rates on springs), {@code terrain} (slopes and rocks), {@code fit} (tyre in its well, axle square, shaft), {@code assessment} (every study at once, and advice tried against it), {@code placing} (a mount where the board has it),
 * {@code belief} (what is often said, tried), {@code shop} (what is cut), {@code drawing}, {@code instrument} (gauges that
 * stream), {@code io} (files in and out). A package uses only those before it.
 */
package org.palanca;
