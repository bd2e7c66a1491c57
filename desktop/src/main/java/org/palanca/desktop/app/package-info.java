/** Start, window, wiring, files. */
package org.palanca.desktop.app;
