/** The window: one board that a vehicle stays on while the job moves along. */
package org.palanca.desktop;
