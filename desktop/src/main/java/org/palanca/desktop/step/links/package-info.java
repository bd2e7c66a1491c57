/** The step links: the board with the selected mount above it. */
package org.palanca.desktop.step.links;
