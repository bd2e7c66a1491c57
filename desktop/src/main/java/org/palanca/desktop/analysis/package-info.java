/** What the window shows, worked out without any window, and the worker that does it beside the window. */
package org.palanca.desktop.analysis;
