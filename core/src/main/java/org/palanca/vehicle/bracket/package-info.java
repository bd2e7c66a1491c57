/** What holds a bolt at a mount, as it is made of plate: its form, what it is welded on, its hole and its bolt. */
package org.palanca.vehicle.bracket;
