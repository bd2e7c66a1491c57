/** Looks a description over and says what is wrong with it, where, by how much, and what to try. */
package org.palanca.vehicle.check;
