/** Small reusable inputs and texts. */
package org.palanca.desktop.control;
