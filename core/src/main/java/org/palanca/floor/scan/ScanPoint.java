package org.palanca.floor.scan;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * One point of a scan or drawing.
 *
 * @param name as its file has it; empty text for a bare point
 * @param place [m], in the frame of the scan, or of the vehicle once it is laid over the marks
 */
public record ScanPoint(String name, Vector3D place) {}
