/** Results of one independent wheel: its instant centres in front and side view. */
package org.palanca.result.corner;
