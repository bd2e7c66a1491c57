/** The strips: one a result, and the working behind it. */
package org.palanca.desktop.strips;
