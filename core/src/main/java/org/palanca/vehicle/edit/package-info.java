/** Changes to a vehicle as values: they describe themselves, can be taken back, and merge while a drag goes on. */
package org.palanca.vehicle.edit;
