/** The bill of materials: what a vehicle's links, brackets, shocks and housing take of what is bought. */
package org.palanca.floor.bill;
