/** The step cutlist: every link as it is cut. */
package org.palanca.desktop.step.cutlist;
