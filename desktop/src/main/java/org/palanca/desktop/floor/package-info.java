/** The steps done on the floor: measure, place the axle, build its housing, place the mounts. */
package org.palanca.desktop.floor;
