/** Numbered steps with hold points, and the record of what was done. */
package org.palanca.vehicle.work;
