/** Plates as they are cut and folded: outlines from rules, where they stand on the vehicle, their bolts, the list of them. */
package org.palanca.floor.plate;
