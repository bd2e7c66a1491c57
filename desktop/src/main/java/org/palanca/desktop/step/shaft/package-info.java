/** The step shaft: the driveshaft or the half-shafts. */
package org.palanca.desktop.step.shaft;
