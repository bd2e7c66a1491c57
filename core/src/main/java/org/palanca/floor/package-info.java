/**
 * What is done at the vehicle with a tape, a level and a saw: where the readings put each mark and how sure that is,
 * scans, gauges that stream, sheets that put a mount in its place, what is cut. It uses vehicles, mechanism and
 * results, and no study.
 */
package org.palanca.floor;
