/** The step cycle: how far the axle goes, what stops it, where it is tight. */
package org.palanca.desktop.step.cycle;
