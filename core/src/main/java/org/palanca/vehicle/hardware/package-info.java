/** What links are made of: their ends, threads, ears and tubes. Lengths in metres, angles in radians. */
package org.palanca.vehicle.hardware;
