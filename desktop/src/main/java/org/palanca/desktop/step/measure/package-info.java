/** The step measure: readings with a tape, and where they put every mark. */
package org.palanca.desktop.step.measure;
