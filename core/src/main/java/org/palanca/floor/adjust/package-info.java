/** Coordinates from readings by least squares, how far they can be trusted, and which reading is likely wrong. */
package org.palanca.floor.adjust;
