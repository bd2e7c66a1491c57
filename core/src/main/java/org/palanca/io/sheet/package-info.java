/** Sheets for the floor: drawn once in points from the upper left corner, written as PDF or as SVG. */
package org.palanca.io.sheet;
