/** The steps that cycle the axle: what stops it and where it touches, shocks and springs, shafts, and the vehicle on a slope. */
package org.palanca.desktop.cycle;
