/** Instruments that stream their readings over a local socket, one line each, and stand-ins that do so with noise. */
package org.palanca.floor.instrument;
