/** The vehicle as plain lines in a plane, to scale, for whatever draws them: screen or sheet. */
package org.palanca.drawing;
