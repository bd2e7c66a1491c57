/** The step place: each mount put in its place and found again. */
package org.palanca.desktop.step.place;
