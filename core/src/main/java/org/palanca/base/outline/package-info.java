/** Closed outlines of straight edges and arcs, as plate is cut along them. */
package org.palanca.base.outline;
