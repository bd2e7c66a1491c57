/**
 * What is measured on the vehicle as it stands: marks, readings with the spread of their instrument, what may be cut,
 * what will be cut, and what holds things up meanwhile. The readings' adjustment is in {@code adjust}.
 */
package org.palanca.vehicle.survey;
