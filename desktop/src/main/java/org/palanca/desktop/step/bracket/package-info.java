/** The brackets of the mounts, as their plates are cut: described, drawn, written for whoever cuts them, and held against what went out. */
package org.palanca.desktop.step.bracket;
