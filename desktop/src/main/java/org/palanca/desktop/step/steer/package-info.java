/** The step steer: bump steer, alignment and lock. */
package org.palanca.desktop.step.steer;
