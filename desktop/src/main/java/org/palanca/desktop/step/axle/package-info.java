/** The step axle: the tyre in its well, the axle square under the frame. */
package org.palanca.desktop.step.axle;
