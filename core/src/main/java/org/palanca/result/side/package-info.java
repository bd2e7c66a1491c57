/** Results of the side view: instant centre, reaction line and the anti percentages. */
package org.palanca.result.side;
