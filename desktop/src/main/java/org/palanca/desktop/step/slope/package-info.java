/** The step slope: the vehicle on real ground. */
package org.palanca.desktop.step.slope;
