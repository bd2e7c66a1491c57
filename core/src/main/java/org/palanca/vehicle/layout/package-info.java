/** Starting points: vehicles with sensible mounts for a wheelbase and a tyre, to be dragged from there. */
package org.palanca.vehicle.layout;
