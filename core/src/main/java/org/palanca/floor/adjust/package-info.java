/** Coordinates from readings by least squares, how far they can be trusted, and which reading to doubt. */
package org.palanca.floor.adjust;
