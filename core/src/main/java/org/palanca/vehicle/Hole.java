package org.palanca.vehicle;

/**
 * Another hole of the same bracket.
 *
 * @param name unique within its mount
 * @param placement where it is at ride; never a mirror image, since mirrored mounts have the holes of their master
 */
public record Hole(String name, Placement placement) {}
