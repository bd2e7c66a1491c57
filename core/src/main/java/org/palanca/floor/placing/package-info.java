/** From the plan to the tacked mount: what to measure, in which order, and what was found. */
package org.palanca.floor.placing;
