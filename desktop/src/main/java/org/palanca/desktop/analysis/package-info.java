/** What the window shows, worked out without any window: testable on its own. */
package org.palanca.desktop.analysis;
