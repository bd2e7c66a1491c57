/** Sheets for the shop floor. */
package org.palanca.io.pdf;
